package cufflink.core.words;

import com.ibm.icu.util.ULocale;
import java.text.MessageFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * The sentences of the application in one language, by name.
 *
 * <p>Most have plain places such as {0}. Where a number asks for other words, the sentence says
 * "{n0, plural, one {# sheet} other {# sheets}}" after the rules of Unicode's plurals; {0} is then
 * still the number as it is written.
 */
public final class Language {
  /** British English, in which all is written first. */
  public static final Language ENGLISH =
      new Language("en", "en", bundle("words"), UnaryOperator.identity());

  /**
   * No language at all, to find what cannot be translated: longer, in brackets, letters changed.
   */
  public static final Language PSEUDO = new Language("zz", "pl", bundle("words"), Pseudo::dress);

  private static final String FOLDER = "cufflink/core/words/";

  private final String name;
  private final String rules;
  private final ResourceBundle sentences;
  private final UnaryOperator<String> dress;

  private Language(
      String name, String rules, ResourceBundle sentences, UnaryOperator<String> dress) {
    this.name = name;
    this.rules = rules;
    this.sentences = sentences;
    this.dress = dress;
  }

  /** Each language has a file of its own without a parent: what is missing there is missed. */
  private static ResourceBundle bundle(String file) {
    return ResourceBundle.getBundle(FOLDER.replace('/', '.') + file, Locale.ROOT);
  }

  /**
   * Finds a language.
   *
   * @param name such as "en"; "zz" is the one that is none
   * @return the language, if there is one of that name
   */
  public static Optional<Language> of(String name) {
    if (List.of(ENGLISH.name, PSEUDO.name).contains(name)) {
      return Optional.of(name.equals(ENGLISH.name) ? ENGLISH : PSEUDO);
    }
    String file = "words-" + name;
    boolean isHere =
        name.matches("[a-z]{2}")
            && Language.class.getClassLoader().getResource(FOLDER + file + ".properties") != null;
    return isHere
        ? Optional.of(new Language(name, name, bundle(file), UnaryOperator.identity()))
        : Optional.empty();
  }

  /**
   * Returns the name.
   *
   * @return such as "en"
   */
  public String name() {
    return name;
  }

  /**
   * Returns a text that is in no bundle the way this language shows all texts.
   *
   * @param text a text of a pattern file, in this language
   * @return the same, unless the language is none
   */
  public String dressed(String text) {
    return text.isBlank() ? text : dress.apply(text);
  }

  /**
   * Returns the names of the languages that are always there.
   *
   * @return some of the names that {@link #of} knows
   */
  public static List<String> names() {
    return List.of(ENGLISH.name, PSEUDO.name);
  }

  /**
   * Returns the names of all sentences.
   *
   * @return the names
   */
  public Set<String> keys() {
    return sentences.keySet();
  }

  /**
   * Returns a sentence with its places filled.
   *
   * @param key the sentence's name
   * @param details what goes into the places {0}, {1} and so on; numbers are written as they are
   * @return the sentence
   * @throws MissingResourceException if there is no such sentence, which is our bug
   */
  public String say(String key, Object... details) {
    String text = dress.apply(sentences.getString(key));
    if (details.length == 0) {
      return text;
    }
    if (text.contains(", plural,")) {
      return chosen(text, details);
    }
    Object[] plain = new Object[details.length];
    for (int i = 0; i < details.length; i++) {
      plain[i] = String.valueOf(details[i]);
    }
    return new MessageFormat(text, Locale.ROOT).format(plain);
  }

  /** The library is loaded only when a number first asks for other words. */
  private String chosen(String text, Object... details) {
    Map<String, Object> places = new HashMap<>();
    for (int i = 0; i < details.length; i++) {
      places.put(Integer.toString(i), String.valueOf(details[i]));
      if (details[i] instanceof Number number) {
        places.put("n" + i, number);
      }
    }
    return new com.ibm.icu.text.MessageFormat(text, new ULocale(rules)).format(places);
  }
}
