package cufflink.core.words;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** The sentences of the application, by name, from the bundle {@code words.properties}. */
public final class Words {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("cufflink.core.words.words", Locale.ROOT);

  private Words() {}

  /**
   * Returns a sentence with its places filled.
   *
   * @param key the sentence's name
   * @param details what goes into the places {0}, {1} and so on; numbers are written as they are,
   *     or choose between words where the sentence says so
   * @return the sentence
   * @throws java.util.MissingResourceException if there is no such sentence, which is our bug
   */
  public static String say(String key, Object... details) {
    String text = BUNDLE.getString(key);
    if (details.length == 0) {
      return text;
    }
    Object[] plain = new Object[details.length];
    for (int i = 0; i < details.length; i++) {
      boolean chooses = details[i] instanceof Number && text.contains("{" + i + ", choice");
      plain[i] = chooses ? details[i] : String.valueOf(details[i]);
    }
    return new MessageFormat(text, Locale.ROOT).format(plain);
  }
}
