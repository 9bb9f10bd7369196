package cufflink.core.plane;

/** One side of something that lies on a piece, seen with the piece inside up. */
public enum Side {
  /** The side away from the maker. */
  TOP,
  /** The side at the right. */
  RIGHT,
  /** The side nearest to the maker. */
  BOTTOM,
  /** The side at the left. */
  LEFT,
  /** No side at all. */
  NONE
}
