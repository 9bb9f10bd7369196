package cufflink.core.finding;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/**
 * Something to be said, by the name of its sentence and what goes into it. It is put into words
 * only when somebody reads it, on the marks of whoever that is.
 *
 * @param key the sentence's name; empty for a sentence that was written in a pattern file, whose
 *     parts follow each other as they are
 * @param details what goes into its places: names, lengths, counts and other sentences
 */
public record Sentence(String key, List<Object> details) {
  private static final String WRITTEN = "";

  /**
   * A length that is no size to cut, and is said on the nearest mark.
   *
   * @param length the length
   */
  public record Rough(Length length) {}

  /** Checks the kinds of what goes into it, and copies the list. */
  public Sentence {
    details = List.copyOf(details);
    for (Object detail : details) {
      boolean known =
          detail instanceof String
              || detail instanceof Length
              || detail instanceof Rough
              || detail instanceof Number
              || detail instanceof Sentence;
      if (!known) {
        throw new IllegalArgumentException(
            "a sentence is made of names, lengths, counts and sentences, not " + detail);
      }
    }
  }

  /**
   * Makes a sentence.
   *
   * @param key the sentence's name
   * @param details what goes into its places {0}, {1} and so on
   * @return the sentence
   */
  public static Sentence of(String key, Object... details) {
    return new Sentence(key, List.of(details));
  }

  /**
   * Makes a sentence that was written in a pattern file.
   *
   * @param parts texts and what stands in braces between them, in order
   * @return the sentence
   */
  public static Sentence written(List<Object> parts) {
    return new Sentence(WRITTEN, parts);
  }

  /**
   * Joins another sentence to this one.
   *
   * @param next the sentence that follows after a space
   * @return both
   */
  public Sentence followedBy(Sentence next) {
    return written(List.of(this, " ", next));
  }

  /**
   * Puts the sentence into words.
   *
   * @param format how lengths are written
   * @return the text
   */
  public String say(LengthFormat format) {
    List<Object> said = new ArrayList<>();
    for (Object detail : details) {
      said.add(said(detail, format));
    }
    if (!key.equals(WRITTEN)) {
      return Words.say(key, said.toArray());
    }
    StringBuilder text = new StringBuilder();
    said.forEach(text::append);
    return text.toString();
  }

  private static Object said(Object detail, LengthFormat format) {
    if (detail instanceof Sentence inner) {
      return inner.say(format);
    }
    if (detail instanceof Rough rough) {
      return format.rough(rough.length());
    }
    return detail instanceof Length length ? format.format(length) : detail;
  }
}
