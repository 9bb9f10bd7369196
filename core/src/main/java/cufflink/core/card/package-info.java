/** The card put together, folded stage by stage. */
package cufflink.core.card;
