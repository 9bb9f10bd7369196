package cufflink.files.words;

import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Language;
import cufflink.core.words.Message;
import cufflink.core.words.Speaker;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;

/**
 * The voice of this process: the language that it was started in. What is computed knows none; only
 * the window, the exports and the commands speak.
 */
public final class Words {
  private static final AtomicReference<Language> SPOKEN = new AtomicReference<>(Language.ENGLISH);

  private static final String OPTION = "--lang";

  private Words() {}

  /**
   * Chooses the language, once, when the process begins.
   *
   * @param language the language
   */
  public static void speak(Language language) {
    SPOKEN.set(language);
  }

  /**
   * Returns the language of this process.
   *
   * @return the language
   */
  public static Language language() {
    return SPOKEN.get();
  }

  /**
   * Chooses the language that is named among the arguments of a process.
   *
   * @param arguments as given to the program
   * @return the others, or one sentence about a language that is not here
   */
  public static Parsed<List<String>> choose(List<String> arguments) {
    List<String> rest = new ArrayList<>(arguments);
    int place = rest.indexOf(OPTION);
    if (place < 0) {
      return Parsed.good(rest);
    }
    rest.remove(place);
    String name = place < rest.size() ? rest.remove(place) : "";
    Optional<Language> language = Language.of(name);
    language.ifPresent(Words::speak);
    return language.isPresent()
        ? Parsed.good(rest)
        : Parsed.bad("command.language", name, String.join(", ", Language.names()));
  }

  /**
   * Returns a sentence with its places filled, in which lengths do not matter.
   *
   * @param key the sentence's name
   * @param details what goes into the places {0}, {1} and so on: names, counts, other messages
   * @return the sentence
   * @throws java.util.MissingResourceException if there is no such sentence, which is our bug
   */
  public static String say(String key, Object... details) {
    return say(Message.of(key, details));
  }

  /**
   * Puts a message into words in which lengths do not matter.
   *
   * @param message the message
   * @return the text
   */
  public static String say(Message message) {
    return message.say(new Speaker(SPOKEN.get()));
  }

  /**
   * Prepares to speak of lengths.
   *
   * @param marks the reader's marks
   * @param fractions how fractions are set
   * @return the speaker
   */
  public static LengthFormat on(Marks marks, Fractions fractions) {
    return LengthFormat.of(marks, fractions, SPOKEN.get());
  }
}
