/** Checks over a design that find what would go wrong at the table. */
package cufflink.core.inspect;
