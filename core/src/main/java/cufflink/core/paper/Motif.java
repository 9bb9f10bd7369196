package cufflink.core.paper;

/** What is printed on the patterned paper of a pictured card. */
public enum Motif {
  /** Nothing. */
  PLAIN,
  /** Upright stripes. */
  STRIPES,
  /** Dots in rows, each row half a step aside. */
  DOTS,
  /** Squares that take turns. */
  CHECKS,
  /** Small sprigs of three leaves. */
  SPRIGS,
  /** Waves from side to side. */
  WAVES
}
