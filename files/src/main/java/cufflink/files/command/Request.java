package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.decor.Topper;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Relayer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.files.pattern.Extras;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What a command is asked to make: a construction, its values, and what to scale it to. */
final class Request {
  @Parameters(paramLabel = "ID", descriptionKey = "parameter.id")
  private String id = "";

  @Option(names = "--set", paramLabel = "NAME=VALUE")
  private List<String> sets = new ArrayList<>();

  @ArgGroup private GoalOptions goal = new GoalOptions();

  @Mixin private RulerOption marks = new RulerOption();

  @Option(names = "--layer-marks", paramLabel = "MARKS")
  private Optional<String> layerMarks = Optional.empty();

  @Option(names = "--free")
  private boolean free;

  @Option(names = "--turned")
  private boolean turns;

  @Option(names = "--holds", paramLabel = "ITEM")
  private Optional<String> holds = Optional.empty();

  @Option(names = "--clearance", paramLabel = "LENGTH")
  private Optional<String> clearance = Optional.empty();

  @Option(names = "--with", paramLabel = "EXTRA", split = ",")
  private List<String> extras = new ArrayList<>();

  @Option(names = "--topper", paramLabel = "TOPPER")
  private List<String> toppers = new ArrayList<>();

  @Option(names = "--copies", paramLabel = "NUMBER")
  private String copies = "1";

  @Option(names = "--raised")
  private boolean raised;

  @Option(names = "--sheets", paramLabel = "NUMBER")
  private Optional<String> sheets = Optional.empty();

  @Mixin private HabitOptions habits = new HabitOptions();

  @Mixin private PictureOptions pictures = new PictureOptions();

  @Mixin private TreatOptions treatments = new TreatOptions();

  /** At most one of these may be given. */
  static final class GoalOptions {
    @Option(names = "--sheet", paramLabel = "NAME")
    private Optional<String> sheet = Optional.empty();

    @Option(names = "--envelope", paramLabel = "NAME")
    private Optional<String> envelope = Optional.empty();

    @Option(names = "--finished", paramLabel = "WxH")
    private Optional<String> finished = Optional.empty();
  }

  /** What came of a request. */
  record Answer(Derivation derivation, String reason, LengthFormat format) {
    /** Returns the same with what goes wrong when the card is folded, and what would mend it. */
    Answer folded() {
      return new Answer(derivation.folded(() -> false).cured(() -> false), reason, format);
    }
  }

  /** Scales the construction to what is asked, and derives all that follows. */
  Answer answer(PatternLibrary library) {
    return answer(library, true);
  }

  /** Takes the values as they are given: what does not fit is for the findings to say. */
  Answer judged(PatternLibrary library) {
    return answer(library, false);
  }

  private Answer answer(PatternLibrary library, boolean fits) {
    Marks ruler = marks.ruler();
    List<TopperText> written = TopperText.read(toppers, ruler);
    Order order = order().withToppers(TopperText.toppers(written));
    Pattern pattern =
        library.pattern(id, order.extras(), order.toppers()).orElseThrow(() -> unknown(library));
    Rulers rulers =
        layerMarks
            .map(each -> new Rulers(ruler, orBad("--layer-marks", Marks.parse(each))))
            .orElse(Rulers.one(ruler));
    Set<String> pinned = new LinkedHashSet<>();
    Values given = given(pattern, ruler, pinned);
    Values values =
        Relayer.relay(
            pattern, TopperText.tilted(written, pattern.normalValues()).and(given), rulers, pinned);
    if (turns) {
      values = turned(pattern, values, rulers);
    }
    Goal wanted = goal(ruler);
    LengthFormat format = Words.on(ruler, Fractions.PLAIN);
    String reason = "";
    // A finished size is as it is given; a sheet or an envelope is what that is held against.
    boolean scales = fits ? !(wanted instanceof Goal.Free) : wanted instanceof Goal.Finished;
    if (scales) {
      Fit fit = Fitter.fit(pattern, values, wanted, new Fitter.Manner(rulers, !free, pinned));
      values = fit.values().orElseThrow(() -> BadInputException.saying(fit.reason().say(format)));
      reason = fit.told().say(format);
    }
    Job job =
        Job.begun(pattern.name(), Edition.atHand(pattern.id()), values, habits.tools(rulers))
            .withGoal(wanted)
            .withProportionsKept(!free)
            .withOrder(order);
    Derivation plain = Derivation.of(pattern, job.withItem(item(ruler)));
    Derivation derivation =
        plain
            .made()
            .map(
                made ->
                    pictures
                        .apply(plain.job(), made.design(), plain.look())
                        .withOrder(
                            plain.job().order().withTreatments(treatments.read(made.design()))))
            .filter(pictured -> !pictured.equals(plain.job()))
            .map(pictured -> Derivation.of(pattern, pictured))
            .orElse(plain);
    return new Answer(derivation.completed(() -> false), reason, format);
  }

  private static Values turned(Pattern pattern, Values values, Rulers rulers) {
    if (!pattern.isTurned()) {
      throw BadInputException.of("command.turned", "--turned", pattern.name());
    }
    return Fitter.turned(pattern, values, rulers);
  }

  private Order order() {
    for (String extra : extras) {
      if (!Extras.ALL.contains(extra)) {
        throw BadInputException.of("command.extra", extra, String.join(", ", Extras.ALL));
      }
    }
    int count = orBad("--copies", Order.parseCopies(copies));
    return new Order(count, false, Set.copyOf(new LinkedHashSet<>(extras)), raised, 0);
  }

  private Optional<HeldItem> item(Marks ruler) {
    return holds.map(each -> FindCommand.held(given("--holds", each), ruler));
  }

  /** What is asked for may be in a file of the maker's own that could not be used. */
  private BadInputException unknown(PatternLibrary library) {
    String sentence = Words.say("command.pattern", id, known(library));
    for (Message problem : library.problems()) {
      sentence = sentence + "\n" + Words.say(problem);
    }
    return BadInputException.saying(sentence);
  }

  private static String known(PatternLibrary library) {
    return library.patterns().stream().map(Pattern::id).collect(Collectors.joining(", "));
  }

  private Values given(Pattern pattern, Marks ruler, Set<String> pinned) {
    Values values = Values.NONE;
    for (String set : sets) {
      int equals = set.indexOf('=');
      if (equals < 1) {
        throw BadInputException.of("command.set", set);
      }
      String name = set.substring(0, equals).strip();
      Parameter parameter =
          pattern
              .parameter(name)
              .orElseThrow(() -> BadInputException.of("command.value", name, names(pattern)));
      values = values.and(name, setting(parameter, set.substring(equals + 1).strip(), ruler));
      if (!pinned.add(name)) {
        throw BadInputException.of("command.twice", name);
      }
    }
    return values;
  }

  private static String names(Pattern pattern) {
    return pattern.parameters().stream().map(Parameter::id).collect(Collectors.joining(", "));
  }

  private static Setting setting(Parameter parameter, String text, Marks ruler) {
    String place = "--set " + parameter.id();
    return switch (parameter.kind()) {
      case LENGTH -> {
        if (text.matches(".*\\p{L}{3}.*")) {
          Optional<Length> named = OwnLog.chartIfAny().length(text, parameter.isDown());
          if (named.isPresent()) {
            yield new Setting.OfLength(named.get());
          }
        }
        Length least = Topper.least(parameter.id());
        yield new Setting.OfLength(
            orBad(
                place,
                least.compareTo(Length.ZERO) < 0
                    ? LengthParser.signed(text, ruler.unit())
                    : LengthParser.parse(text, ruler.unit())));
      }
      case NUMBER -> {
        if (!text.matches("\\d{1,6}")) {
          throw BadInputException.of("command.count", parameter.id(), text);
        }
        yield new Setting.OfCount(Long.parseLong(text));
      }
      default -> {
        if (parameter.choices().stream().noneMatch(choice -> choice.id().equals(text))) {
          String choices =
              parameter.choices().stream()
                  .map(Parameter.Choice::id)
                  .collect(Collectors.joining(", "));
          throw BadInputException.of("command.choice", parameter.id(), text, choices);
        }
        yield new Setting.OfChoice(text);
      }
    };
  }

  /** Returns what stands behind an option, which must be something. */
  static String given(String option, String text) {
    if (text.isBlank()) {
      throw BadInputException.of("command.empty", option);
    }
    return text;
  }

  private static int sheets(String text) {
    if (!text.matches("[1-9]\\d?|100")) {
      throw BadInputException.of("command.sheets", text, Goal.FromSheet.MOST_SHEETS);
    }
    return Integer.parseInt(text);
  }

  private Goal goal(Marks ruler) {
    Length spare =
        clearance
            .map(each -> orBad("--clearance", LengthParser.parse(each, ruler.unit())))
            .orElseGet(() -> Envelope.usualClearance(ruler));
    if (clearance.isPresent() && goal.envelope.isEmpty()) {
      throw BadInputException.of("command.only-envelope");
    }
    if (sheets.isPresent() && goal.sheet.isEmpty()) {
      throw BadInputException.of("command.only-sheet");
    }
    if (goal.sheet.isPresent()) {
      List<Sheet> all = new ArrayList<>();
      for (String name : given("--sheet", goal.sheet.get()).split("\\+", -1)) {
        all.add(OwnLog.sheet(name));
      }
      // Several sheets together are for the whole job.
      int number = sheets.map(Request::sheets).orElse(all.size() > 1 ? 1 : 0);
      int cards = number == 0 ? 1 : order().copies();
      return new Goal.FromSheet(all.get(0), number, cards, all.subList(1, all.size()));
    }
    if (goal.envelope.isPresent()) {
      String name = given("--envelope", goal.envelope.get());
      return new Goal.ForEnvelope(OwnLog.envelope(name), spare);
    }
    if (goal.finished.isPresent()) {
      String text = given("--finished", goal.finished.get());
      StandardSizes.Size size = orBad("--finished", StandardSizes.parse(text, ruler.unit()));
      return new Goal.Finished(size.width(), size.height());
    }
    return new Goal.Free();
  }
}
