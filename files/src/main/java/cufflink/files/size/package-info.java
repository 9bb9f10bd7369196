/** The sizes of sheets and envelopes, from data files that name their sources. */
package cufflink.files.size;
