/** Starts the application, with a window or without. */
package cufflink.desktop;
