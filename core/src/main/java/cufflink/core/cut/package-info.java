/** Plans the cutting: pieces onto sheets by guillotine cuts, and the run at the trimmer. */
package cufflink.core.cut;
