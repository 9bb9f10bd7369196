package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;
import static cufflink.files.command.OwnLog.print;
import static cufflink.files.command.OwnLog.with;

import cufflink.core.ahead.Ahead;
import cufflink.core.ahead.AheadWords;
import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Ready;
import cufflink.core.ahead.Shopping;
import cufflink.core.ahead.Yearly;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Message;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.ProjectStore;
import cufflink.files.project.UserFolders;
import cufflink.files.size.StandardSizes;
import cufflink.files.size.SundryText;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Looks at the days to come, at what lies ready for them and at what is to be bought. */
@Command(
    name = "ahead",
    mixinStandardHelpOptions = true,
    subcommands = {
      AheadCommand.DayCommand.class,
      AheadCommand.PlanCommand.class,
      AheadCommand.GiveCommand.class,
      AheadCommand.ForgetCommand.class,
      AheadCommand.BuyCommand.class,
      AheadCommand.HaveCommand.class
    })
final class AheadCommand implements Callable<Integer> {
  /** So much of an id is shown; more is asked for where that is not enough. */
  private static final int SHOWN = 8;

  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Ahead.Known known = with(store -> orBad(store.ahead()));
    Ahead ahead = Ahead.of(known, LocalDate.now());
    List<String> lines = new ArrayList<>();
    for (Ahead.Month month : ahead.months()) {
      lines.add(said(AheadWords.month(month)));
      for (Ahead.Entry entry : month.entries()) {
        String id =
            entry.planned().map(Planned::id).or(() -> entry.yearly().map(Yearly::id)).orElse("");
        lines.add("  " + said(AheadWords.entry(entry)) + mark(id));
        Message had = AheadWords.had(entry);
        if (!had.isEmpty()) {
          lines.add("    " + said(had));
        }
      }
    }
    if (lines.isEmpty()) {
      lines.add(Words.say("ahead.nothing"));
    }
    List<Ready> ready = Ready.of(known.made(), known.given());
    if (!ready.isEmpty()) {
      lines.add(Words.say("ahead.shelf"));
      ready.forEach(
          each -> lines.add("  " + said(AheadWords.ready(each)) + mark(each.card().id())));
    }
    return print(spec, lines);
  }

  private static String mark(String id) {
    return " [" + id.substring(0, Math.min(SHOWN, id.length())) + "]";
  }

  /** The maker's own ruler is not known here; a width stands with its unit. */
  private static String said(Message message) {
    return message.say(Words.on(Marks.MILLIMETRES, Fractions.TYPESET));
  }

  private static String fresh() {
    return UUID.randomUUID().toString();
  }

  private static LocalDate day(String text) {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeException noDay) {
      throw BadInputException.of("ahead.bad-day", text, "2027-06-09");
    }
  }

  /** Finds the one id that begins so. */
  private static String known(String beginning, List<String> ids) {
    List<String> found = ids.stream().filter(each -> each.startsWith(beginning)).toList();
    if (found.isEmpty() || beginning.isEmpty()) {
      throw BadInputException.of("ahead.unknown", beginning);
    }
    if (found.size() > 1) {
      throw BadInputException.of("ahead.several", beginning);
    }
    return found.get(0);
  }

  /** Notes a day that comes every year. */
  @Command(name = "day", mixinStandardHelpOptions = true)
  static final class DayCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "NAME", descriptionKey = "parameter.ahead-name")
    private String who;

    @Option(names = "--on", paramLabel = "DAY", required = true)
    private String on;

    @Option(names = "--what", paramLabel = "TEXT")
    private String what = "";

    @Override
    public Integer call() {
      if (who.isBlank()) {
        throw BadInputException.of("ahead.no-name");
      }
      MonthDay day;
      try {
        day = MonthDay.parse("--" + on);
      } catch (DateTimeException noDay) {
        throw BadInputException.of("ahead.bad-day", on, "06-09");
      }
      Yearly yearly = new Yearly(fresh(), who.strip(), what.strip(), day);
      with(store -> orBad(store.put(yearly)));
      Ahead ahead =
          Ahead.of(
              new Ahead.Known(List.of(yearly), List.of(), List.of(), List.of()), LocalDate.now());
      return print(
          spec,
          List.of(
              said(AheadWords.entry(ahead.months().get(0).entries().get(0))) + mark(yearly.id())));
    }
  }

  /** Plans a project. */
  @Command(name = "plan", mixinStandardHelpOptions = true)
  static final class PlanCommand implements Callable<Integer> {
    @ParentCommand private AheadCommand ahead;
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "FILE", descriptionKey = "parameter.project")
    private Path project;

    @Option(names = "--due", paramLabel = "DAY", required = true)
    private String due;

    @Option(names = "--for", paramLabel = "NAME")
    private String forWhom = "";

    @Option(names = "--occasion", paramLabel = "TEXT")
    private String occasion = "";

    @Override
    public Integer call() {
      Job job = orBad(new ProjectStore(new AtomicFile(AtomicFile.Disk.REAL)).open(project));
      String construction =
          ahead.parent.library().pattern(job.patternId()).map(Pattern::name).orElse(job.title());
      Planned planned =
          new Planned(fresh(), day(due), job, construction, forWhom.strip(), occasion.strip());
      with(store -> orBad(store.put(planned)));
      Ahead now =
          Ahead.of(
              new Ahead.Known(List.of(), List.of(planned), List.of(), List.of()), LocalDate.now());
      return print(
          spec,
          List.of(
              said(AheadWords.entry(now.months().get(0).entries().get(0))) + mark(planned.id())));
    }
  }

  /** Notes that cards left the shelf. */
  @Command(name = "give", mixinStandardHelpOptions = true)
  static final class GiveCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "ID", descriptionKey = "parameter.ahead-id")
    private String id;

    @Option(names = "--to", paramLabel = "NAME")
    private String who = "";

    @Option(names = "--copies", paramLabel = "NUMBER")
    private String copies = "1";

    @Override
    public Integer call() {
      return with(
          store -> {
            Ahead.Known known = orBad(store.ahead());
            List<Ready> ready = Ready.of(known.made(), known.given());
            String card = known(id, ready.stream().map(each -> each.card().id()).toList());
            int there =
                ready.stream()
                    .filter(each -> each.card().id().equals(card))
                    .mapToInt(Ready::cards)
                    .sum();
            int count = orBad("--copies", Order.parseCopies(copies));
            if (count > there) {
              throw BadInputException.of("ahead.too-many", there);
            }
            orBad(store.put(new Given(fresh(), card, LocalDate.now(), count, who.strip())));
            Ahead.Known now = orBad(store.ahead());
            return print(
                spec,
                Ready.of(now.made(), now.given()).stream()
                    .map(each -> said(AheadWords.ready(each)) + mark(each.card().id()))
                    .toList());
          });
    }
  }

  /** Takes something out again. */
  @Command(name = "forget", mixinStandardHelpOptions = true)
  static final class ForgetCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "ID", descriptionKey = "parameter.ahead-id")
    private String id;

    @Override
    public Integer call() {
      with(
          store -> {
            Ahead.Known known = orBad(store.ahead());
            List<String> ids =
                Stream.of(
                        known.yearly().stream().map(Yearly::id),
                        known.planned().stream().map(Planned::id),
                        known.given().stream().map(Given::id))
                    .flatMap(each -> each)
                    .toList();
            return orBad(store.forget(known(id, ids)));
          });
      return print(spec, List.of(Words.say("ahead.forgotten")));
    }
  }

  /** Prints what is to be bought. */
  @Command(name = "buy", mixinStandardHelpOptions = true)
  static final class BuyCommand implements Callable<Integer> {
    @ParentCommand private AheadCommand ahead;
    @Spec private CommandSpec spec;

    @Override
    public Integer call() {
      Ahead.Known known = with(store -> orBad(store.ahead()));
      if (known.planned().isEmpty()) {
        return print(spec, List.of(Words.say("ahead.no-plans")));
      }
      Marks marks = known.planned().get(0).job().marks();
      List<Derivation> jobs = new ArrayList<>();
      for (Planned each : known.planned()) {
        ahead
            .parent
            .library()
            .pattern(each.job())
            .ifPresent(pattern -> jobs.add(Derivation.of(pattern, each.job())));
      }
      AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
      var drawer = orBad(new DrawerStore(UserFolders.current().drawer(), writer).read());
      Shopping.There there =
          new Shopping.There(
              drawer,
              StandardSizes.usualSheet(marks),
              StandardSizes.sheets(),
              with(store -> orBad(store.sundries())));
      Shopping shopping = Shopping.of(jobs, there, Watch.NOBODY);
      var format = Words.on(marks, Fractions.TYPESET);
      List<String> lines =
          AheadWords.shopping(shopping, marks.inInches()).stream()
              .map(each -> each.say(format))
              .toList();
      return print(spec, lines.isEmpty() ? List.of(Words.say("ahead.all-there")) : lines);
    }
  }

  /** Notes how much of something there is. */
  @Command(name = "have", mixinStandardHelpOptions = true)
  static final class HaveCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(
        index = "0",
        arity = "0..1",
        paramLabel = "MATERIAL",
        descriptionKey = "parameter.ahead-material")
    private String material = "";

    @Parameters(
        index = "1",
        arity = "0..1",
        paramLabel = "AMOUNT",
        descriptionKey = "parameter.ahead-amount")
    private String amount = "";

    @Override
    public Integer call() {
      Sundries now =
          with(
              store -> {
                Sundries there = orBad(store.sundries());
                if (material.isEmpty()) {
                  return there;
                }
                Kind kind = orBad(SundryText.kind(material));
                return orBad(store.put(there.with(kind, orBad(SundryText.amount(kind, amount)))));
              });
      List<String> lines = new ArrayList<>();
      for (Map.Entry<Kind, Long> each : now.amounts().entrySet()) {
        Message told = AheadWords.sundry(each.getKey(), each.getValue(), false);
        lines.add(Words.say("ahead.there", said(told)));
      }
      return print(spec, lines.isEmpty() ? List.of(Words.say("ahead.have-nothing")) : lines);
    }
  }
}
