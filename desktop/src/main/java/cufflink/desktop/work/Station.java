package cufflink.desktop.work;

import cufflink.files.words.Words;
import java.util.Locale;

/** The stations in working order. Those still to come take their places between these. */
public enum Station {
  /** Which construction? */
  CHOOSE,
  /** How large? */
  SIZE,
  /** What to cut? */
  CUT,
  /** Where to score? */
  SCORE,
  /** How does it fold? */
  FOLD,
  /** In what order is it put together? */
  ASSEMBLE,
  /** What is glued where? */
  LAYER,
  /** Is it right? */
  INSPECT,
  /** What comes next? */
  MAKE,
  /** What was made? */
  LOG;

  /**
   * Returns the station's name.
   *
   * @return one word
   */
  public String title() {
    return Words.say("station." + name().toLowerCase(Locale.ROOT));
  }
}
