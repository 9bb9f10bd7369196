/** Folding a piece rigidly, facet by facet, and what the closed card is like. */
package cufflink.core.fold;
