/**
 * The design that everything is derived from: pieces, scores, slits, layers and fold stages in
 * exact lengths.
 */
package cufflink.core.design;
