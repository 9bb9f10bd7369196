package cufflink.core.pattern;

import cufflink.core.words.Words;

/**
 * Something wrong in a pattern file.
 *
 * @param place where
 * @param sentence what is wrong and what to do
 */
public record Mistake(Entry.Place place, String sentence) {

  /**
   * Makes a mistake from the resource bundle.
   *
   * @param place where
   * @param key the sentence's name
   * @param details what fills its places
   * @return the mistake
   */
  static Mistake of(Entry.Place place, String key, Object... details) {
    return new Mistake(place, Words.say(key, details));
  }

  /** Returns "line 12, pieces.base: …". */
  @Override
  public String toString() {
    return place.path().isEmpty()
        ? Words.say("pattern.at-line", place.line(), sentence)
        : Words.say("pattern.at", place.line(), place.path(), sentence);
  }
}
