package cufflink.core.design;

import cufflink.core.plane.Segment;

/**
 * A cut inside a piece.
 *
 * @param id unique within the piece
 * @param label the maker's name for it
 * @param line from where it starts to where it stops
 */
public record Slit(String id, String label, Segment line) {}
