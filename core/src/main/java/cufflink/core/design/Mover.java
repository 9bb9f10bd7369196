package cufflink.core.design;

/** Something of a card that stages move: a score, a hinge or what slides. */
public sealed interface Mover {

  /**
   * A score that folds, moved by degrees: above nought towards the inside of its piece.
   *
   * @param piece the id of the piece
   * @param score the score
   */
  record Crease(String piece, PartName score) implements Mover {}

  /**
   * A line about which a piece turns on its host, moved by degrees: above nought towards the inside
   * of the host.
   *
   * @param joint the id of the joint
   * @param line which of its lines, from 0; 0 if it turns about all at once
   */
  record Hinge(String joint, int line) implements Mover {}

  /**
   * A piece that slides on its host, moved by millimetres.
   *
   * @param joint the id of the joint
   */
  record Slide(String joint) implements Mover {}
}
