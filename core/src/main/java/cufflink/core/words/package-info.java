/** Messages, and the languages they are put into words in. */
package cufflink.core.words;
