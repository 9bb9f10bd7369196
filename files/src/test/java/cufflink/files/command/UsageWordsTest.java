package cufflink.files.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.words.Language;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import cufflink.files.words.Words;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import picocli.CommandLine.Command;

/** The command line says of itself what it can do, in any language. */
class UsageWordsTest {
  private static final Pattern OPTION = Pattern.compile("^ {2,6}-.*", Pattern.MULTILINE);
  private static final Pattern DRESSED = Pattern.compile("⟦[^⟧]*⟧");

  @AfterEach
  void speakEnglish() {
    Words.speak(Language.ENGLISH);
  }

  private static String help(String... command) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    List<String> arguments = new ArrayList<>(List.of(command));
    arguments.add("--help");
    int code =
        Cufflink.run(
            PatternLibrary.shipped(),
            new Cufflink.Streams(out, out),
            new FaultLog(UserFolders.current()),
            arguments.toArray(String[]::new));
    assertEquals(Cufflink.GOOD, code);
    return out.toString(StandardCharsets.UTF_8);
  }

  private static List<String[]> commands() {
    List<String[]> commands = new ArrayList<>();
    commands.add(new String[0]);
    Cufflink.names().forEach(name -> commands.add(new String[] {name}));
    for (Class<?> group : List.of(LogCommand.class, AheadCommand.class, OwnCommand.class)) {
      Command above = group.getAnnotation(Command.class);
      for (Class<?> below : above.subcommands()) {
        commands.add(new String[] {above.name(), below.getAnnotation(Command.class).name()});
      }
    }
    return commands;
  }

  /** Outside the brackets of the language that is none stand names only, and no English. */
  @Test
  void help_ofEveryCommand_isInTheLanguageThatIsSpoken() {
    Words.speak(Language.PSEUDO);
    for (String[] command : commands()) {
      String help = help(command);
      String path = "cufflink " + String.join(" ", command);
      String names = DRESSED.matcher(help).replaceAll("").replace(path, "");
      assertFalse(Pattern.compile("[A-Za-z]{2,} [a-z]{2,} [a-z]{2,}").matcher(names).find(), names);
      assertTrue(DRESSED.matcher(help).results().count() >= 3, help);
    }
  }

  /** No option is without a description, and no sentence describes what is not there. */
  @Test
  void help_describesEveryOption() {
    StringBuilder all = new StringBuilder();
    for (String[] command : commands()) {
      String help = help(command);
      all.append(help);
      Matcher options = OPTION.matcher(help);
      while (options.find()) {
        String line = options.group();
        boolean isBelow = help.startsWith("\n" + " ".repeat(20), options.end());
        assertTrue(isBelow || line.strip().matches(".*--\\S+ +\\S.*"), line);
      }
    }
    String said = all.toString().replaceAll("\\s+", " ");
    for (String key : Language.ENGLISH.keys()) {
      if (key.startsWith("usage.")) {
        String sentence = Language.ENGLISH.say(key, "");
        assertTrue(said.contains(sentence.replaceAll("[:.] ?[.]?$", "")), key);
      }
    }
  }
}
