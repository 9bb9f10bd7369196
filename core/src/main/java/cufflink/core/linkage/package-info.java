/** How what is joined moves: loops that stay closed from one stage to the next. */
package cufflink.core.linkage;
