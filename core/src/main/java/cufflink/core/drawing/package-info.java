/** Drawings of paper as lists of shapes, lines and captions, the same for screen, SVG and PDF. */
package cufflink.core.drawing;
