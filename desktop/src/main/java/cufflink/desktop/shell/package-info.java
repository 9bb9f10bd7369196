/** The window around the paper: stations, sentences, menus and help. */
package cufflink.desktop.shell;
