package cufflink.core.pattern;

import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import cufflink.core.expression.Place;
import cufflink.core.finding.Finding;
import cufflink.core.measure.Length;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Turns a pattern file's entries into a pattern, or into the list of its mistakes. */
public final class PatternCompiler {
  /** The word every pattern file begins with. */
  public static final String FORMAT = "cufflink-pattern/1";

  private final List<Mistake> mistakes = new ArrayList<>();

  private PatternCompiler() {}

  /**
   * What came of compiling.
   *
   * @param pattern the pattern, unless there is a mistake
   * @param mistakes all mistakes, in the order they were met
   */
  public record Result(Optional<Pattern> pattern, List<Mistake> mistakes) {
    /** Copies the list. */
    public Result {
      mistakes = List.copyOf(mistakes);
    }
  }

  /**
   * Compiles a pattern file.
   *
   * @param root the whole file
   * @return the pattern, or its mistakes with their places
   */
  public static Result compile(Entry root) {
    return compile(root, Map.of());
  }

  /**
   * Compiles a pattern file that may include accessories.
   *
   * @param written the whole file
   * @param accessories the files of the accessories, by their ids
   * @return the pattern, or its mistakes with their places
   */
  public static Result compile(Entry written, Map<String, Entry> accessories) {
    PatternCompiler compiler = new PatternCompiler();
    Pattern pattern = compiler.pattern(written, accessories);
    if (compiler.mistakes.isEmpty()) {
      compiler.tryNormalValues(pattern, written.place());
    }
    boolean good = compiler.mistakes.isEmpty();
    return new Result(good ? Optional.of(pattern) : Optional.empty(), compiler.mistakes);
  }

  private Pattern pattern(Entry root, Map<String, Entry> accessories) {
    Section file = new Section(root, Names.of(Map.of()), Home.PATTERN, mistakes);
    if (!file.text("format").equals(FORMAT)) {
      file.note(
          file.entry("format").map(Entry::place).orElse(root.place()), "pattern.format", FORMAT);
    }
    List<Includes.Included> included = Includes.of(file, accessories);
    ValuesCompiler values = new ValuesCompiler(file, included);
    values.compile();
    Section known = file.at(Home.PATTERN, Home.PATTERN.names(values.kinds()));
    List<Section> files = new ArrayList<>(List.of(known));
    files.addAll(Includes.settled(included, known, values.kinds()));
    Parts parts = new PartsCompiler(files).compile();
    List<Rule> rules = new ArrayList<>();
    for (Section each : files) {
      each.sections("rules").forEach(section -> rules.add(rule(section, values)));
    }
    return new Pattern(
        file.text("id"),
        file.text("name"),
        file.text("about", ""),
        file.text("family", ""),
        file.items("does").stream().map(file::plain).toList(),
        file.items("suits").stream().map(file::plain).toList(),
        new Pattern.Effort(file.whole("level", 1), file.whole("minutes", 20)),
        file.oneOf("proportions", Pattern.Proportions.class, Pattern.Proportions.FREE),
        values.parameters(),
        values.lets(),
        rules,
        parts,
        file.entry("look").map(file::within).map(PatternCompiler::look).orElse(Look.USUAL),
        Bench.waitsForFolding(root));
  }

  private static Look look(Section section) {
    OptionalDouble at =
        section.has("at") ? OptionalDouble.of(number(section, "at")) : OptionalDouble.empty();
    return new Look(
        section.oneOf("card", Tint.class, Look.USUAL.card()),
        section.text("printed", "false").equals("true"),
        section.oneOf("ground", Tint.class, Look.USUAL.ground()),
        section.oneOf("ink", Tint.class, Look.USUAL.ink()),
        section.oneOf("motif", Motif.class, Look.USUAL.motif()),
        at,
        section.has("turn") ? number(section, "turn") : Look.USUAL.turn(),
        section.has("tilt") ? number(section, "tilt") : Look.USUAL.tilt(),
        section.has("pitch") ? number(section, "pitch") : Look.USUAL.pitch(),
        Optional.empty(),
        Look.PEEPS,
        Papers.USUAL);
  }

  private static double number(Section section, String key) {
    try {
      return Double.parseDouble(section.text(key));
    } catch (NumberFormatException notOne) {
      section.note(section.place(), "pattern.number", key, section.text(key));
      return 0;
    }
  }

  private static Rule rule(Section section, ValuesCompiler values) {
    Home home = section.home();
    String piece = section.text("piece", "");
    return new Rule(
        home.when(),
        section.required("that", Kind.TRUTH),
        section.phrase("else"),
        section.oneOf("severity", Finding.Severity.class, Finding.Severity.ERROR),
        new Finding.Place(
            piece.isEmpty() ? piece : home.piece(piece),
            texts(section, "lines"),
            texts(section, "values").stream().map(home::value).toList()),
        section.entry("fix").map(entry -> cure(section, values)));
  }

  private static Rule.Cure cure(Section section, ValuesCompiler values) {
    Section fix = section.inside("fix");
    Map<String, Kind> expected = new LinkedHashMap<>();
    values.parameters().stream()
        .filter(parameter -> parameter.kind() != Kind.WORD)
        .forEach(parameter -> expected.put(parameter.id(), parameter.kind()));
    return new Rule.Cure(fix.phrase("label"), fix.formulas("set", expected));
  }

  private static List<String> texts(Section section, String key) {
    return section.items(key).stream().map(section::plain).toList();
  }

  /** The values as delivered, once the card has been folded. */
  private static Values folded(Pattern pattern) {
    Values values = pattern.normalValues();
    return pattern.waits() ? values.and(Bench.folded(Length.ofMillimetres(2))) : values;
  }

  /** Evaluates the pattern as it is delivered: what fails there is a mistake in the file. */
  private void tryNormalValues(Pattern pattern, Place file) {
    Optional<Mistake> reason =
        PatternEvaluator.reason(pattern, pattern.normalValues(), file)
            .or(() -> PatternEvaluator.reason(pattern, folded(pattern), file));
    if (reason.isPresent()) {
      mistakes.add(reason.get());
      return;
    }
    PatternEvaluator.evaluate(pattern, pattern.normalValues()).findings().stream()
        .filter(Finding::isError)
        .map(Finding::sentence)
        .forEach(told -> mistakes.add(Mistake.of(file, "pattern.normal", told)));
  }
}
