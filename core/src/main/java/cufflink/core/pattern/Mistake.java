package cufflink.core.pattern;

import cufflink.core.expression.Place;
import cufflink.core.words.Message;

/**
 * Something wrong in a pattern file.
 *
 * @param place where
 * @param sentence what is wrong and what to do
 */
public record Mistake(Place place, Message sentence) {

  /**
   * Makes a mistake from the resource bundle.
   *
   * @param place where
   * @param key the sentence's name
   * @param details what fills its places
   * @return the mistake
   */
  static Mistake of(Place place, String key, Object... details) {
    return new Mistake(place, Message.of(key, details));
  }

  /**
   * Returns the mistake with its place.
   *
   * @return such as "line 12, pieces.base: …"
   */
  public Message told() {
    return place.path().isEmpty()
        ? Message.of("pattern.at-line", place.line(), sentence)
        : Message.of("pattern.at", place.line(), place.path(), sentence);
  }
}
