package cufflink.core.words;

import java.text.ChoiceFormat;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The sentences of the application, by name, from the bundle {@code words.properties}. */
public final class Words {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("cufflink.core.words.words", Locale.ROOT);

  /** A place with words to choose from, such as "{0, choice, 1#one|1<{0} of them}". */
  private static final Pattern CHOICE =
      Pattern.compile("\\{(\\d), choice, ([^{}]*(?:\\{\\d\\}[^{}]*)*)\\}");

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
      plain[i] = String.valueOf(details[i]);
    }
    text = CHOICE.matcher(text).replaceAll(match -> chosen(match, details));
    return new MessageFormat(text, Locale.ROOT).format(plain);
  }

  /** Puts the words in that a number asks for; what is left are plain places. */
  private static String chosen(MatchResult match, Object[] details) {
    double number = ((Number) details[Integer.parseInt(match.group(1))]).doubleValue();
    return Matcher.quoteReplacement(new ChoiceFormat(match.group(2)).format(number));
  }
}
