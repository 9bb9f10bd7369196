/** Projects on disk: read, written so that nothing is ever lost, kept as drafts, remembered. */
package cufflink.files.project;
