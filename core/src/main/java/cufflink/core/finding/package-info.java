/** What goes wrong at the table, with its place, its sentence and its cure. */
package cufflink.core.finding;
