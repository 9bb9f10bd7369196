package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.fit.Finder;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Question;
import cufflink.core.fit.Question.Extent;
import cufflink.core.fit.Question.Priority;
import cufflink.core.fit.SheetUse;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.files.export.OfferJson;
import cufflink.files.size.StandardSizes;
import cufflink.files.text.Printable;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Finds what can be made from what is at hand. */
@Command(name = "find", mixinStandardHelpOptions = true)
final class FindCommand implements Callable<Integer> {
  private static final int MOST = 1_000;

  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;

  @Option(names = "--sheet", paramLabel = "NAME")
  private List<String> sheets = new ArrayList<>();

  @Option(names = "--envelope", paramLabel = "NAME")
  private List<String> envelopes = new ArrayList<>();

  @Option(names = "--holds", paramLabel = "ITEM")
  private Optional<String> holds = Optional.empty();

  @Option(names = "--least", paramLabel = "WxH")
  private Optional<String> least = Optional.empty();

  @Option(names = "--most", paramLabel = "WxH")
  private Optional<String> most = Optional.empty();

  @Option(names = "--copies", paramLabel = "N")
  private int copies = 1;

  @Mixin private RulerOption marks = new RulerOption();

  @Option(names = "--by", paramLabel = "WHAT")
  private String by = "least-paper";

  @Option(names = "--top", paramLabel = "N")
  private int top = 12;

  @Option(names = "--json")
  private boolean json;

  @Override
  public Integer call() {
    Marks ruler = marks.ruler();
    if (top < 1 || top > MOST) {
      throw BadInputException.of("command.top", top);
    }
    if (copies < 1 || copies > MOST) {
      throw BadInputException.of("command.copies", copies);
    }
    Question question =
        new Question(
            sheets.isEmpty() ? every() : sheets.stream().map(OwnLog::sheet).toList(),
            envelopes.stream().map(OwnLog::envelope).toList(),
            Envelope.usualClearance(ruler),
            item(ruler),
            extent("--least", least, ruler),
            extent("--most", most, ruler),
            copies,
            ruler,
            priority());
    List<Offer> offers = Finder.offers(question, parent.library().patterns());
    List<Offer> best = offers.subList(0, Math.min(top, offers.size()));
    LengthFormat format = Words.on(ruler, Fractions.PLAIN);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(new OfferJson(format).write(best));
    } else if (best.isEmpty()) {
      out.println(Words.say("command.nothing-found"));
    } else {
      best.forEach(offer -> out.println(line(offer, format)));
    }
    out.flush();
    return Cufflink.GOOD;
  }

  private static String line(Offer offer, LengthFormat format) {
    String size = format.size(offer.design().finishedWidth(), offer.design().finishedHeight());
    return Words.say(
        "command.offer",
        offer.pattern().id(),
        size,
        offer.use().sheets(),
        offer.sheet().label(),
        SheetUse.yield(offer.design(), offer.sheet()),
        offer.envelope().map(Envelope::label).orElse("–"));
  }

  private static List<Sheet> every() {
    List<Sheet> every = new ArrayList<>(StandardSizes.sheets());
    every.addAll(OwnLog.chartIfAny().sheets());
    return every;
  }

  private Optional<HeldItem> item(Marks ruler) {
    return holds.map(each -> held(Request.given("--holds", each), ruler));
  }

  /** Reads what is to be held: a known item, or a size. */
  static HeldItem held(String text, Marks ruler) {
    String ids = StandardSizes.items().stream().map(HeldItem::id).collect(Collectors.joining(", "));
    return StandardSizes.item(text)
        .or(
            () ->
                StandardSizes.parse(text, ruler.unit())
                    .value()
                    .map(
                        size ->
                            new HeldItem("own", Printable.line(text), size.width(), size.height())))
        .orElseThrow(() -> BadInputException.of("command.item", text, ids));
  }

  private static Optional<Extent> extent(String option, Optional<String> given, Marks ruler) {
    return given
        .map(text -> orBad(option, StandardSizes.parse(Request.given(option, text), ruler.unit())))
        .map(size -> new Extent(size.width(), size.height()));
  }

  private Priority priority() {
    List<String> known =
        Arrays.stream(Priority.values())
            .map(each -> each.name().toLowerCase(Locale.ROOT).replace('_', '-'))
            .toList();
    int index = known.indexOf(by);
    if (index < 0) {
      throw BadInputException.of("command.by", by, String.join(", ", known));
    }
    return Priority.values()[index];
  }
}
