/** What papers line up with while they are pulled to where they are to lie. */
package cufflink.core.guide;
