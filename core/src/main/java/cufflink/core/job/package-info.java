/** A maker's job: one construction with its values and tools, and all that is derived from it. */
package cufflink.core.job;
