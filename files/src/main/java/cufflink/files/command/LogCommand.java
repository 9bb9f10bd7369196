package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;
import static cufflink.files.command.OwnLog.with;

import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.pattern.Pattern;
import cufflink.files.log.LogFormat;
import cufflink.files.log.WholeLog;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.ProjectStore;
import cufflink.files.text.TextFile;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/** Remembers the cards that were made. */
@Command(
    name = "log",
    mixinStandardHelpOptions = true,
    subcommands = {
      LogCommand.AddCommand.class,
      LogCommand.ListCommand.class,
      LogCommand.FindCommand.class,
      LogCommand.ExportCommand.class,
      LogCommand.ImportCommand.class
    })
final class LogCommand implements Callable<Integer> {
  private static final long LARGEST = 200_000_000;

  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    return print("");
  }

  private int print(String words) {
    List<CardMade> cards = with(store -> orBad(store.find(words, Integer.MAX_VALUE)));
    PrintWriter out = spec.commandLine().getOut();
    cards.forEach(card -> out.println(line(card)));
    if (cards.isEmpty()) {
      out.println(Words.say(words.isBlank() ? "log.empty" : "log.none", words));
    }
    out.flush();
    return Cufflink.GOOD;
  }

  private static String line(CardMade card) {
    Memory memory = card.memory();
    List<String> parts = new ArrayList<>();
    parts.add(Words.say("log.line", card.on(), memory.copies(), card.job().title()));
    if (!card.construction().equals(card.job().title())) {
      parts.add(card.construction());
    }
    add(parts, "log.for", memory.forWhom());
    add(parts, "log.occasion", memory.occasion());
    add(parts, "log.minutes", memory.minutes() == 0 ? "" : memory.minutes() + "");
    add(parts, "log.stars", memory.stars() == 0 ? "" : memory.stars() + "");
    add(parts, "log.changed", memory.changed());
    add(parts, "log.next-time", memory.nextTime());
    return String.join("; ", parts);
  }

  private static void add(List<String> parts, String key, String text) {
    if (!text.isEmpty()) {
      parts.add(Words.say(key, text));
    }
  }

  private static String text(Path file) {
    try {
      if (Files.size(file) > LARGEST) {
        throw BadInputException.of("log.huge", file);
      }
      return TextFile.read(file);
    } catch (IOException | SecurityException unreadable) {
      throw BadInputException.of("library.file", file);
    }
  }

  /** Adds the cards of a project. */
  @Command(name = "add", mixinStandardHelpOptions = true)
  static final class AddCommand implements Callable<Integer> {
    @ParentCommand private LogCommand log;
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "FILE", descriptionKey = "parameter.project")
    private Path project;

    @Option(names = "--for", paramLabel = "NAME")
    private String forWhom = "";

    @Option(names = "--occasion", paramLabel = "TEXT")
    private String occasion = "";

    @Option(names = "--minutes", paramLabel = "NUMBER")
    private String minutes = "0";

    @Option(names = "--stars", paramLabel = "NUMBER")
    private String stars = "0";

    @Option(names = "--changed", paramLabel = "TEXT")
    private String changed = "";

    @Option(names = "--next-time", paramLabel = "TEXT")
    private String nextTime = "";

    @Option(names = "--made", paramLabel = "DAY")
    private Optional<String> made = Optional.empty();

    @Option(names = "--copies", paramLabel = "NUMBER")
    private Optional<String> copies = Optional.empty();

    @Override
    public Integer call() {
      Job job = orBad(new ProjectStore(new AtomicFile(AtomicFile.Disk.REAL)).open(project));
      int count =
          copies
              .map(each -> orBad("--copies", Order.parseCopies(each)))
              .orElse(job.order().copies());
      Memory memory =
          new Memory(
              count,
              forWhom,
              occasion,
              number("--minutes", minutes, CardMade.MOST_MINUTES),
              number("--stars", stars, CardMade.MOST_STARS),
              changed,
              nextTime);
      String construction =
          log.parent.library().pattern(job.patternId()).map(Pattern::name).orElse(job.patternId());
      String id = UUID.randomUUID().toString();
      CardMade card = new CardMade(id, day(), job, construction, memory);
      with(store -> orBad(store.put(card)));
      PrintWriter out = spec.commandLine().getOut();
      out.println(line(card));
      out.flush();
      return Cufflink.GOOD;
    }

    private LocalDate day() {
      try {
        return made.map(LocalDate::parse).orElseGet(LocalDate::now);
      } catch (DateTimeException noDay) {
        throw BadInputException.of("log.day", made.orElse(""));
      }
    }

    private static int number(String option, String text, int most) {
      int number = text.matches("\\d{1,6}") ? Integer.parseInt(text) : -1;
      if (number < 0 || number > most) {
        throw BadInputException.of("log.number", option, text, most);
      }
      return number;
    }
  }

  /** Prints all cards. */
  @Command(name = "list", mixinStandardHelpOptions = true)
  static final class ListCommand implements Callable<Integer> {
    @ParentCommand private LogCommand log;

    @Override
    public Integer call() {
      return log.print("");
    }
  }

  /** Prints the cards in which some words are. */
  @Command(name = "find", mixinStandardHelpOptions = true)
  static final class FindCommand implements Callable<Integer> {
    @ParentCommand private LogCommand log;

    @Parameters(paramLabel = "WORD", arity = "1..*", descriptionKey = "parameter.words")
    private List<String> words = new ArrayList<>();

    @Override
    public Integer call() {
      return log.print(String.join(" ", words));
    }
  }

  /** Writes the whole log. */
  @Command(name = "export", mixinStandardHelpOptions = true)
  static final class ExportCommand implements Callable<Integer> {
    @ParentCommand private LogCommand log;

    @Option(names = "--format", paramLabel = "FORMAT", defaultValue = "json")
    private String format;

    @Option(
        names = {"-o", "--output"},
        paramLabel = "FILE",
        defaultValue = "-")
    private String output;

    @Override
    public Integer call() throws IOException {
      if (!List.of("json", "csv").contains(format)) {
        throw BadInputException.of("command.format", format, "json, csv");
      }
      WholeLog whole = with(store -> orBad(store.whole()));
      String text = format.equals("csv") ? LogFormat.csv(whole.cards()) : LogFormat.json(whole);
      byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
      if (output.equals("-")) {
        log.parent.write(bytes);
      } else {
        AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
        orBad(writer.replaceKeepingPrevious(Path.of(output), bytes));
      }
      return Cufflink.GOOD;
    }
  }

  /** Takes cards in that were written as JSON. */
  @Command(name = "import", mixinStandardHelpOptions = true)
  static final class ImportCommand implements Callable<Integer> {
    @Spec private CommandSpec spec;

    @Parameters(paramLabel = "FILE", descriptionKey = "parameter.log")
    private Path file;

    @Override
    public Integer call() {
      WholeLog whole = orBad(LogFormat.read(file.getFileName().toString(), text(file)));
      with(store -> orBad(store.putAll(whole)));
      PrintWriter out = spec.commandLine().getOut();
      out.println(Words.say("log.taken-in", whole.cards().size()));
      int ahead = whole.yearly().size() + whole.planned().size() + whole.given().size();
      if (ahead > 0) {
        out.println(Words.say("log.taken-ahead", ahead));
      }
      out.flush();
      return Cufflink.GOOD;
    }
  }
}
