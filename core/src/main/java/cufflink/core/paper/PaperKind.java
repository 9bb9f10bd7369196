package cufflink.core.paper;

/** What a piece is cut from. */
public enum PaperKind {
  /** Stiff plain card that carries the folds. */
  CARDSTOCK,
  /** Thin decorative paper for layers. */
  PATTERNED,
  /** Ribbon, cut to length only. */
  RIBBON
}
