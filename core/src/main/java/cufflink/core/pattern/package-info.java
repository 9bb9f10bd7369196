/**
 * Constructions as data: patterns compiled from their files and evaluated with a maker's values
 * into designs.
 */
package cufflink.core.pattern;
