package cufflink.desktop.slip;

/** What a line of the slip stands for; it stays the same while numbers change. */
public sealed interface Subject {
  /**
   * A value that the maker may choose.
   *
   * @param parameter its parameter's id
   */
  record Value(String parameter) implements Subject {}

  /**
   * A piece or a layer that is cut to size.
   *
   * @param piece the piece, or the piece that the layer lies on
   * @param layer the layer, empty for the piece itself
   */
  record CutPart(String piece, String layer) implements Subject {}

  /**
   * A place to score at.
   *
   * @param piece the piece
   * @param score the score
   */
  record Stop(String piece, String score) implements Subject {}

  /**
   * A cut made after the pieces are cut out.
   *
   * @param piece the piece
   * @param index its number among all of them, from 0
   */
  record LaterCut(String piece, int index) implements Subject {}

  /**
   * A stage of folding.
   *
   * @param number its number, from 1
   */
  record Fold(int number) implements Subject {}

  /**
   * A setting of the trimmer's fence.
   *
   * @param plan the number of the plan, from 0
   * @param index the number of the setting in it, from 0
   */
  record Fence(int plan, int index) implements Subject {}

  /**
   * A place for glue, or one to be kept free of it.
   *
   * @param piece the piece it is on
   * @param part the joint or zone
   */
  record Glued(String piece, String part) implements Subject {}

  /**
   * A pocket.
   *
   * @param id its id
   */
  record Holder(String id) implements Subject {}

  /**
   * Something that goes wrong.
   *
   * @param number its number, from 1
   */
  record Wrong(int number) implements Subject {}

  /**
   * A step of putting the card together.
   *
   * @param number its number, from 1
   */
  record Step(int number) implements Subject {}

  /** The closed card. */
  record Closed() implements Subject {}
}
