/** The work at the table in the order it is done: scoring runs. */
package cufflink.core.run;
