package cufflink.files.pattern;

import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.words.Language;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Puts what a pattern file says to people into the language that is spoken. The translation of
 * {@code gate.yaml} stands beside it in {@code gate.de.yaml}: each text as it was written, and
 * behind it the same in the other language, with the same formulas in braces. What has no
 * translation stays as it was written.
 */
final class Translation {
  private static final Set<String> SAID_OF_PARTS = Set.of("label", "else", "stage");
  private static final Set<String> SAID_OF_ALL = Set.of("name", "about");

  private final Language language;
  private final Map<String, String> texts;

  private Translation(Language language, Map<String, String> texts) {
    this.language = language;
    this.texts = texts;
  }

  /**
   * Reads a translation into the language of this process.
   *
   * @param text the text of the file beside a pattern's, empty if there is none
   * @param mistakes takes what is wrong with it
   * @return the translation
   */
  static Translation read(String text, List<Mistake> mistakes) {
    Map<String, String> texts = new LinkedHashMap<>();
    if (!text.isEmpty() && YamlReader.read(text, mistakes) instanceof Entry.Group group) {
      group
          .parts()
          .forEach(
              (written, other) -> {
                if (other instanceof Entry.Text leaf) {
                  texts.put(written, leaf.text());
                }
              });
    }
    return new Translation(Words.language(), texts);
  }

  /** Returns the name of the file beside another in the language of this process. */
  static String beside(String name) {
    int dot = name.lastIndexOf('.');
    return name.substring(0, dot) + "." + Words.language().name() + name.substring(dot);
  }

  /** Says whether a file is such a file, and no pattern. */
  static boolean isOne(String name) {
    return name.matches("(?i).+\\.[a-z]{2}\\.ya?ml");
  }

  Entry of(Entry entry) {
    return of(entry, false);
  }

  private Entry of(Entry entry, boolean isProse) {
    if (entry instanceof Entry.Text leaf) {
      return isProse ? new Entry.Text(leaf.place(), said(leaf.text())) : leaf;
    }
    if (entry instanceof Entry.Items items) {
      List<Entry> parts = new ArrayList<>();
      items.parts().forEach(part -> parts.add(of(part, isProse)));
      return new Entry.Items(items.place(), parts);
    }
    Entry.Group group = (Entry.Group) entry;
    Map<String, Entry> parts = new LinkedHashMap<>();
    group
        .parts()
        .forEach(
            (key, part) -> {
              boolean isSaid = isProse && !key.equals("when");
              parts.put(key, of(part, isSaid || isProse(key, part)));
            });
    return new Entry.Group(group.place(), parts);
  }

  /** Pieces and values may be named as texts are, so it matters where and what a part is. */
  private static boolean isProse(String key, Entry part) {
    String path = part.place().path();
    if (part instanceof Entry.Text) {
      boolean isValue = path.endsWith(".set." + key);
      return SAID_OF_PARTS.contains(key) && !isValue
          || SAID_OF_ALL.contains(key) && path.equals(key);
    }
    return part instanceof Entry.Items ? path.equals("notes") : key.equals("choices");
  }

  /** Returns a text in the language of this process. */
  String said(String written) {
    return language.dressed(texts.getOrDefault(written, written));
  }
}
