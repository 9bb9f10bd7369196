/** Which paper lies on which, and how much of it. */
package cufflink.core.layers;
