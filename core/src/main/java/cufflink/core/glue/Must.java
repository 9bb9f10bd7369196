package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.words.Message;

/**
 * One thing that must be done before another.
 *
 * @param before what comes first
 * @param after what comes later
 * @param why what would happen at the table otherwise, in a sentence
 */
public record Must(Act before, Act after, Message why) {
  private static final String UNDER = "act.under";
  private static final String LAST = "act.round-last";

  /** Says that something lies under another. */
  static Message under(Message what) {
    return Message.of(UNDER, what);
  }

  /** Says that something goes round all the rest. */
  static Message last(Message what) {
    return Message.of(LAST, what);
  }

  /** Says whether it comes first as all does: the other goes round it. */
  boolean isLast() {
    return why.key().equals(LAST);
  }

  /** Says whether it comes first because it lies under the other. */
  boolean isUnder() {
    return why.key().equals(UNDER);
  }

  /**
   * Says what would happen at the table if it were done the other way round.
   *
   * @param design the card
   * @return a sentence
   */
  public Message told(Design design) {
    return Message.of("act.first", before.name(design), why);
  }
}
