/** What a drawing is made of: strokes, fills and texts, on a surface of some size. */
package cufflink.core.scene;
