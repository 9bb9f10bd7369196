/** The whole job as one run: what the hands do, one thing after another, and how long it takes. */
package cufflink.core.make;
