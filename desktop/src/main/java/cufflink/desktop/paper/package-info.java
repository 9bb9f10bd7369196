/** Paper on the screen: drawings painted, pointed at and flagged. */
package cufflink.desktop.paper;
