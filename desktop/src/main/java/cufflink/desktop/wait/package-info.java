/** Waiting: questions of which the newest counts, and work for the disk of which none is lost. */
package cufflink.desktop.wait;
