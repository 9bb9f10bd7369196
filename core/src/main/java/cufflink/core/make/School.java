package cufflink.core.make;

/** In which order a maker works. */
public enum School {
  /** All that one tool does, over all pieces, before the next tool is taken up. */
  BY_TOOL,
  /** One piece is made ready before the next is begun. */
  BY_PIECE
}
