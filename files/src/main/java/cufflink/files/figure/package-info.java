/** Outlines that makers bring as files. */
package cufflink.files.figure;
