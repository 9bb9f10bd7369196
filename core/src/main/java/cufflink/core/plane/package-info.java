/** Points, lines and areas of a flat piece, in exact lengths. */
package cufflink.core.plane;
