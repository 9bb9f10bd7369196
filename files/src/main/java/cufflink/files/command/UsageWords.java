package cufflink.files.command;

import cufflink.files.words.Words;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;

/**
 * What the command line says of itself, in the language that is spoken: “usage.plan” describes a
 * command, “usage.option.sheet” an option of all that have it, “usage.find.option.sheet” that of
 * one command.
 */
final class UsageWords extends ResourceBundle {
  private static final String PREFIX = "usage.";
  private static final String OPTION = "option.";
  private static final String PROGRAM = "cufflink";

  /** What picocli puts in place of this in a description. */
  private static final String CANDIDATES = "${COMPLETION-CANDIDATES}";

  private final Map<String, Object> texts = new LinkedHashMap<>();

  UsageWords() {
    for (String key : Words.language().keys()) {
      if (key.startsWith(PREFIX)) {
        texts.put(picocli(key.substring(PREFIX.length())), Words.say(key, CANDIDATES));
      }
    }
    // Headings stand above lines of their own or before the first of them.
    texts.merge("usage.synopsisHeading", " ", (heading, space) -> heading.toString() + space);
    texts.merge("usage.commandListHeading", "%n", (heading, end) -> heading.toString() + end);
  }

  private static String picocli(String key) {
    if (key.equals("synopsis")) {
      return "usage.synopsisHeading";
    }
    if (key.equals("commands")) {
      return "usage.commandListHeading";
    }
    if (key.equals("option.help") || key.equals("option.version")) {
      return "mixinStandardHelpOptions." + key.substring(OPTION.length());
    }
    if (key.startsWith(OPTION)) {
      return key.substring(OPTION.length());
    }
    if (key.startsWith("parameter.")) {
      return key;
    }
    int option = key.indexOf("." + OPTION);
    if (option > 0) {
      return PROGRAM
          + "."
          + key.substring(0, option)
          + "."
          + key.substring(option + OPTION.length() + 1);
    }
    return (key.equals(PROGRAM) ? PROGRAM : PROGRAM + "." + key) + ".usage.description";
  }

  @Override
  protected Object handleGetObject(String key) {
    return texts.get(key);
  }

  @Override
  protected Set<String> handleKeySet() {
    return Collections.unmodifiableSet(texts.keySet());
  }

  @Override
  public Enumeration<String> getKeys() {
    return Collections.enumeration(texts.keySet());
  }
}
