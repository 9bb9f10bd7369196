/** The command line: plan, check, export and list without a window. */
package cufflink.files.command;
