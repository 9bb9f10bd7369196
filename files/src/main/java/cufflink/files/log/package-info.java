/** The maker's log in one SQLite file, and its way out and back in as CSV and JSON. */
package cufflink.files.log;
