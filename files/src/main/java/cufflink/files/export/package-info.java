/** What leaves the application: job sheets in PDF, SVG for cutters, and plans in JSON. */
package cufflink.files.export;
