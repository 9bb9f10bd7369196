package cufflink.files.pattern;

import cufflink.core.decor.Topper;
import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternCompiler;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A pattern file that was read.
 *
 * @param name the file's name, for sentences
 * @param pattern the pattern, unless there is a mistake
 * @param mistakes what is wrong in the file
 * @param text what is in the file
 * @param root what was read, before accessories are put in
 */
public record PatternFile(
    String name, Optional<Pattern> pattern, List<Mistake> mistakes, String text, Entry root) {
  /** Copies the list. */
  public PatternFile {
    mistakes = List.copyOf(mistakes);
  }

  /**
   * Reads a pattern file that somebody wrote: shape first, then meaning.
   *
   * @param name the file's name
   * @param text what is in it
   * @return the pattern or its mistakes
   */
  public static PatternFile read(String name, String text) {
    return read(name, text, true, "");
  }

  /** Reads a file of our own, whose shape the tests have checked. */
  static PatternFile readShipped(String name, String text, String translation) {
    return read(name, text, false, translation);
  }

  /** Reads a file with what is beside it for the language that is spoken. */
  static PatternFile read(String name, String text, String translation) {
    return read(name, text, true, translation);
  }

  private static PatternFile read(
      String name, String text, boolean checkShape, String translation) {
    List<Mistake> mistakes = new ArrayList<>();
    Entry written = YamlReader.read(text, mistakes);
    Entry root = Translation.read(translation, mistakes).of(written);
    if (mistakes.isEmpty() && checkShape) {
      mistakes.addAll(SchemaCheck.check(root));
    }
    if (!mistakes.isEmpty()) {
      return new PatternFile(name, Optional.empty(), mistakes, text, root);
    }
    PatternCompiler.Result result = PatternCompiler.compile(root, Accessories.all());
    return new PatternFile(name, result.pattern(), result.mistakes(), text, root);
  }

  /** Returns the pattern with accessories and toppers that its file does not include. */
  Optional<Pattern> with(Set<String> extras, List<Topper> toppers) {
    if (extras.isEmpty() && toppers.isEmpty() || pattern.isEmpty()) {
      return pattern;
    }
    Entry extended = Extras.add(root, pattern.get(), extras);
    return compiled(extended, toppers)
        .or(() -> compiled(extended, usable(extended, toppers)))
        .or(() -> pattern);
  }

  /** Returns the toppers with which the pattern can be used; an absurd one spoils no other. */
  private static List<Topper> usable(Entry extended, List<Topper> toppers) {
    List<Topper> usable = new ArrayList<>();
    for (Topper each : toppers) {
      usable.add(each);
      if (compiled(extended, usable).isEmpty()) {
        usable.remove(each);
      }
    }
    return usable;
  }

  private static Optional<Pattern> compiled(Entry extended, List<Topper> toppers) {
    return PatternCompiler.compile(Toppers.add(extended, toppers), Accessories.all()).pattern();
  }

  /**
   * Returns the first mistake with the file's name before it.
   *
   * @return one sentence, empty if there is no mistake
   */
  public Message problem() {
    return mistakes.stream()
        .findFirst()
        .map(mistake -> Message.of("pattern.in-file", name, mistake.told()))
        .orElse(Message.NONE);
  }
}
