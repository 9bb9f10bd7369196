/** What a maker sets: lengths, counts and choices by name. */
package cufflink.core.value;
