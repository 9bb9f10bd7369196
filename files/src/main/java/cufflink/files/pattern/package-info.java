/** Pattern files: read, checked against their schema, and gathered into a library. */
package cufflink.files.pattern;
