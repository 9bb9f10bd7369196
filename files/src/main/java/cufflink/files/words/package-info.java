/** The language in which this process speaks. */
package cufflink.files.words;
