/** Scaling a construction to a finished size, a sheet or an envelope, on marks the tools have. */
package cufflink.core.fit;
