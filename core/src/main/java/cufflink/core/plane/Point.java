package cufflink.core.plane;

import cufflink.core.measure.Length;

/**
 * A place on a piece that lies inside face up, measured from its top left corner.
 *
 * @param x to the right
 * @param y down
 */
public record Point(Length x, Length y) {}
