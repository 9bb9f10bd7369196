/**
 * What is to come: days, jobs that are planned, what lies ready for them and what is to be bought.
 */
package cufflink.core.ahead;
