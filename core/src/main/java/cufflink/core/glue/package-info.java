/** In which order the parts of a card are put together, with what, and why. */
package cufflink.core.glue;
