package cufflink.core.paper;

import cufflink.core.words.Message;

/** What something is glued with; what each is good for is common practice, no source. */
public enum Adhesive {
  /** It can be slid straight while it is wet, holds strongly, and needs time to dry. */
  LIQUID("adhesive.liquid", 600),
  /** It holds at once, and stays where it was put. */
  TAPE("adhesive.tape", 0),
  /** A dot in a place. */
  DOTS("adhesive.dots", 0),
  /** It holds what it carries a little above. */
  FOAM("adhesive.foam", 0),
  /** It goes through all plies, holds at once, and its points are covered. */
  STAPLE("adhesive.staple", 0),
  /** It goes through a hole, and what it holds can turn. */
  BRAD("adhesive.brad", 0),
  /** Nothing is glued. */
  NONE("adhesive.none", 0);

  private final String key;
  private final int seconds;

  Adhesive(String key, int seconds) {
    this.key = key;
    this.seconds = seconds;
  }

  /** Returns what it is called. */
  public Message label() {
    return Message.of(key);
  }

  /** Says whether it goes through the paper instead of sticking to it. */
  public boolean goesThrough() {
    return this == STAPLE || this == BRAD;
  }

  /** Returns how long it dries before anything may pull at it, in seconds. */
  public int drying() {
    return seconds;
  }
}
