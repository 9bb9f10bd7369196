/** Crease patterns and folded cards in the FOLD format. */
package cufflink.files.fold;
