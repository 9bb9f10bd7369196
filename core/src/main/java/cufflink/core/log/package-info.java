/** What was made and what was done: what a maker's log remembers, as values. */
package cufflink.core.log;
