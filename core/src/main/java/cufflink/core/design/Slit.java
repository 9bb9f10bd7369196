package cufflink.core.design;

/**
 * A cut inside a piece.
 *
 * @param id unique within the piece
 * @param label the maker's name for it
 * @param line from where it starts to where it stops
 */
public record Slit(String id, String label, Segment line) {}
