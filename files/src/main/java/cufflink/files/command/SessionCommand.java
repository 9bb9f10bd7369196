package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.make.School;
import cufflink.core.make.Session;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.pattern.Pattern;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.ProjectStore;
import cufflink.files.project.UserFolders;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;

/**
 * Prints several jobs as one session: what is set serves all, and one goes on while another dries.
 */
@Command(name = "session", mixinStandardHelpOptions = true)
final class SessionCommand implements Callable<Integer> {
  private static final int MINUTE = 60;

  @ParentCommand private Cufflink parent;
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "FILE", arity = "1..*", descriptionKey = "parameter.projects")
  private List<Path> files = new ArrayList<>();

  @Option(names = "--ready-by", paramLabel = "TIME")
  private Optional<String> readyBy = Optional.empty();

  /** A job with its run. */
  private record Run(Job job, Work work, LengthFormat format) {}

  @Override
  public Integer call() {
    Optional<LocalTime> ready = readyBy.map(SessionCommand::time);
    List<Run> runs = runs();
    Session session = Session.ofWorks(runs.stream().map(Run::work).toList());
    PrintWriter out = spec.commandLine().getOut();
    int number = 0;
    String last = "";
    for (Session.Turn turn : session.turns()) {
      Run run = runs.get(turn.run());
      Task task = run.work().tasks().get(turn.task());
      if (turn.idle() >= MINUTE) {
        out.println(Words.say("session.wait", (int) Math.ceil(turn.idle() / MINUTE)));
      }
      String phase = Words.say(task.phase().heading());
      String heading = Words.say("session.of", run.job().title(), phase);
      if (!heading.equals(last)) {
        out.println(heading);
      }
      last = heading;
      number++;
      String words = task.words().say(run.format());
      String often = task.count() > 1 ? Words.say("share.times", words, task.count()) : words;
      out.println("  " + number + ". " + often);
    }
    out.println(Words.say("session.minutes", session.minutes(), session.waitingMinutes()));
    ready.ifPresent(
        by -> {
          LocalTime begin = by.minus(session.minutes(), ChronoUnit.MINUTES);
          out.println(Words.say("session.begin", by.toString(), begin.toString()));
        });
    out.flush();
    return Cufflink.GOOD;
  }

  private static LocalTime time(String text) {
    try {
      return LocalTime.parse(text);
    } catch (DateTimeException noTime) {
      throw BadInputException.of("session.time", text);
    }
  }

  /** The jobs are cut one after another, each from what the ones before it left. */
  private List<Run> runs() {
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    Drawer drawer = orBad(new DrawerStore(UserFolders.current().drawer(), writer).read());
    List<Run> runs = new ArrayList<>();
    for (Path file : files) {
      Job job = orBad(new ProjectStore(writer).open(file));
      Optional<Pattern> pattern = parent.library().pattern(job);
      Design design =
          pattern
              .flatMap(each -> Derivation.of(each, job).made())
              .map(Derivation.Made::design)
              .orElseThrow(() -> BadInputException.of("session.none", file));
      var supplies =
          new PaperPlan.Supplies(
              drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
      List<PaperPlan> plans =
          PaperPlan.of(PaperPlan.Question.of(design, job, supplies), Watch.NOBODY);
      for (PaperPlan plan : plans) {
        drawer = drawer.take(job.title(), plan.plan(), plan.run());
      }
      School school = job.order().copies() > 1 ? School.BY_TOOL : School.BY_PIECE;
      Work work = Work.of(Work.Asked.of(design, job, plans, school));
      runs.add(new Run(job, work, Words.on(job.marks(), Fractions.TYPESET)));
    }
    return runs;
  }
}
