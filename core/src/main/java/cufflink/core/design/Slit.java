package cufflink.core.design;

import cufflink.core.plane.Segment;

/**
 * A cut inside a piece.
 *
 * @param id unique within the piece
 * @param label the maker's name for it
 * @param line from where it starts to where it stops
 * @param folded the id of the score along which the piece is folded while it is cut, so that one
 *     cut goes through both plies; empty if it lies flat
 * @param wide whether a sliver is cut out, close along both sides of the line, for another slit to
 *     slide in
 */
public record Slit(String id, String label, Segment line, String folded, boolean wide) {

  /**
   * Makes a cut by one stroke of the knife through the flat piece.
   *
   * @param id unique within the piece
   * @param label the maker's name for it
   * @param line from where it starts to where it stops
   */
  public Slit(String id, String label, Segment line) {
    this(id, label, line, "", false);
  }
}
