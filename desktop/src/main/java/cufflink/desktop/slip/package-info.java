/** The slip of sizes beside the paper. */
package cufflink.desktop.slip;
