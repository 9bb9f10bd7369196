/** Plain text on its way in and out: read strictly, written without what would confuse a reader. */
package cufflink.files.text;
