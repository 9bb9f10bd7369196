package cufflink.core;

import cufflink.core.words.Language;
import cufflink.core.words.Speaker;

/** Words messages in tests as somebody who reads English and has no ruler at hand. */
public final class Spoken {
  /** The speaker. */
  public static final Speaker ENGLISH = new Speaker(Language.ENGLISH);

  private Spoken() {}
}
