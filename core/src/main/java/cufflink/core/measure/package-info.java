/** Exact lengths, the forms makers type them in, and the marks of the rulers they read them on. */
package cufflink.core.measure;
