package cufflink.core.finding;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.words.Words;
import java.util.ArrayList;
import java.util.List;

/**
 * A sentence with lengths in it, which are written on the marks of whoever reads it.
 *
 * @param parts texts and lengths in order
 */
public record Sentence(List<Object> parts) {
  /**
   * A length that is no size to cut, and is said on the nearest mark.
   *
   * @param length the length
   */
  public record Rough(Length length) {}

  /** Copies the parts. */
  public Sentence {
    parts = List.copyOf(parts);
    for (Object part : parts) {
      boolean known = part instanceof String || part instanceof Length || part instanceof Rough;
      if (!known) {
        throw new IllegalArgumentException("a sentence is made of texts and lengths, not " + part);
      }
    }
  }

  /**
   * Makes a sentence from the resource bundle.
   *
   * @param key the sentence's name
   * @param details texts and lengths for its places {0}, {1} and so on
   * @return the sentence
   */
  public static Sentence of(String key, Object... details) {
    // Each place is filled with a private character first, so that lengths stay lengths.
    Object[] places = new Object[details.length];
    for (int i = 0; i < details.length; i++) {
      places[i] = String.valueOf((char) ('\uE000' + i));
    }
    List<Object> parts = new ArrayList<>();
    StringBuilder text = new StringBuilder();
    for (char c : Words.say(key, places).toCharArray()) {
      int place = c - '\uE000';
      if (place >= 0 && place < details.length) {
        parts.add(text.toString());
        if (details[place] instanceof Sentence inner) {
          parts.addAll(inner.parts());
        } else {
          parts.add(details[place]);
        }
        text.setLength(0);
      } else {
        text.append(c);
      }
    }
    parts.add(text.toString());
    return new Sentence(parts);
  }

  /**
   * Joins another sentence to this one.
   *
   * @param next the sentence that follows after a space
   * @return both
   */
  public Sentence followedBy(Sentence next) {
    List<Object> joined = new ArrayList<>(parts);
    joined.add(" ");
    joined.addAll(next.parts);
    return new Sentence(joined);
  }

  /**
   * Writes the sentence.
   *
   * @param format how lengths are written
   * @return the text
   */
  public String say(LengthFormat format) {
    StringBuilder text = new StringBuilder();
    for (Object part : parts) {
      text.append(said(part, format));
    }
    return text.toString();
  }

  private static Object said(Object part, LengthFormat format) {
    if (part instanceof Rough rough) {
      return format.rough(rough.length());
    }
    return part instanceof Length length ? format.format(length) : part;
  }
}
