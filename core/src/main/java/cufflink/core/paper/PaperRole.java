package cufflink.core.paper;

import java.util.Objects;

/**
 * What a paper is for in a card: pieces and layers of one role are cut from one paper.
 *
 * @param id its name in pattern files and projects
 * @param label the maker's name for it; empty for the three that every card may have
 * @param kind what kind of paper it is
 */
public record PaperRole(String id, String label, PaperKind kind) {
  /** The card that carries the folds. */
  public static final PaperRole CARDSTOCK = new PaperRole("cardstock", "", PaperKind.CARDSTOCK);

  /** The paper of the layers. */
  public static final PaperRole PATTERNED = new PaperRole("patterned", "", PaperKind.PATTERNED);

  /** What is cut to length only. */
  public static final PaperRole RIBBON = new PaperRole("ribbon", "", PaperKind.RIBBON);

  /** Checks that nothing is missing. */
  public PaperRole {
    Objects.requireNonNull(id);
    Objects.requireNonNull(label);
    Objects.requireNonNull(kind);
  }

  /**
   * Returns the role that every card may have.
   *
   * @param kind a kind of paper
   * @return what paper of this kind is for if nothing else is said
   */
  public static PaperRole of(PaperKind kind) {
    return switch (kind) {
      case CARDSTOCK -> CARDSTOCK;
      case PATTERNED -> PATTERNED;
      case RIBBON -> RIBBON;
    };
  }

  /**
   * Says whether every card may have it.
   *
   * @return false if a pattern has named it
   */
  public boolean isUsual() {
    return equals(of(kind));
  }
}
