package cufflink.core.finding;

import cufflink.core.words.Message;
import java.util.Locale;

/**
 * What a mistake costs at the table if nobody sees it before, the dearest first; common practice,
 * no source.
 */
public enum Cost {
  /** What all else is made on is spoilt. */
  START("cost.start"),
  /** What is glued has to be taken apart. */
  APART("cost.apart"),
  /** A piece has to be cut again. */
  CUT("cost.cut"),
  /** Something can be trimmed where it is. */
  TRIM("cost.trim"),
  /** The card works; it wants a second look. */
  LOOK("cost.look");

  private final String key;

  Cost(String key) {
    this.key = key;
  }

  /** Says it in a few words. */
  public Message label() {
    return Message.of(key);
  }

  /** Returns its name as it is written in JSON. */
  public String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
