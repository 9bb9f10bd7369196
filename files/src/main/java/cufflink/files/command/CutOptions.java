package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Trimmer;
import cufflink.core.cut.Watch;
import cufflink.core.finding.Finding;
import cufflink.core.job.Cutting;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.Shares;
import cufflink.files.project.UserFolders;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Option;

/** From which sheets it is cut, and with what. */
final class CutOptions {
  @Option(names = "--card-sheet", paramLabel = "NAME|WxH")
  private Optional<String> card = Optional.empty();

  @Option(names = "--layer-sheet", paramLabel = "NAME|WxH")
  private Optional<String> layers = Optional.empty();

  @Option(names = "--paper-sheet", paramLabel = "PAPER=NAME|WxH")
  private List<String> papers = new ArrayList<>();

  @Option(names = "--longest-cut", paramLabel = "LENGTH")
  private Optional<String> longest = Optional.empty();

  @Option(names = "--rough-edge", paramLabel = "LENGTH")
  private Optional<String> edge = Optional.empty();

  @Option(names = "--kits", paramLabel = "NUMBER")
  private Optional<String> kits = Optional.empty();

  @Option(names = "--trial")
  private boolean trial;

  @Option(names = "--together", paramLabel = "FILE")
  private List<Path> together = new ArrayList<>();

  @Option(names = "--from-drawer")
  private boolean fromDrawer;

  List<PaperPlan> plans(Request.Answer answer, PatternLibrary library) {
    Job asked = asked(answer);
    return answer
        .derivation()
        .made()
        .map(made -> PaperPlan.Question.of(made.design(), asked, supplies(asked)))
        .map(question -> question.with(others(library)))
        .map(question -> PaperPlan.of(question, Watch.NOBODY))
        .orElseThrow(() -> nothing(answer));
  }

  /** Opens the projects that are cut together with this one. */
  private List<PaperPlan.Share> others(PatternLibrary library) {
    return together.stream().map(file -> orBad("--together", Shares.open(file, library))).toList();
  }

  /** Returns the job as it is to be cut. */
  Job asked(Request.Answer answer) {
    Job job = answer.derivation().job();
    Unit unit = job.marks().unit();
    Cutting cutting = job.cutting().withTrimmer(trimmer(unit));
    if (card.isPresent()) {
      cutting = cutting.withSheet(PaperRole.CARDSTOCK, sheet("--card-sheet", card.get(), unit));
    }
    if (layers.isPresent()) {
      cutting = cutting.withSheet(PaperRole.PATTERNED, sheet("--layer-sheet", layers.get(), unit));
    }
    for (String paper : papers) {
      int equals = paper.indexOf('=');
      List<PaperRole> known =
          answer.derivation().made().map(made -> made.design().roles()).orElse(List.of());
      PaperRole role = role(known, paper, paper.substring(0, Math.max(0, equals)).strip());
      String text = paper.substring(equals + 1).strip();
      cutting = cutting.withSheet(role, sheet("--paper-sheet", text, unit));
    }
    Order order = job.order().withTrialFirst(trial);
    if (kits.isPresent()) {
      order = order.withKits(orBad(order.parseKits(Request.given("--kits", kits.get()))));
    }
    return job.withCutting(cutting).withOrder(order);
  }

  /** Finds one of the papers that the construction has for itself. */
  static PaperRole role(List<PaperRole> known, String given, String id) {
    List<PaperRole> roles = known.stream().filter(role -> role.kind() != PaperKind.RIBBON).toList();
    return roles.stream()
        .filter(role -> role.id().equals(id))
        .findFirst()
        .orElseThrow(
            () ->
                BadInputException.of(
                    "command.paper",
                    given,
                    String.join(", ", roles.stream().map(PaperRole::id).toList())));
  }

  private static BadInputException nothing(Request.Answer answer) {
    return BadInputException.of(
        "command.nothing-to-export",
        answer.derivation().findings().stream()
            .findFirst()
            .map(Finding::sentence)
            .map(each -> each.say(answer.format()))
            .orElse(""));
  }

  private Trimmer trimmer(Unit unit) {
    Trimmer usual = Trimmer.USUAL;
    return new Trimmer(
        longest.map(each -> positive("--longest-cut", each, unit)).orElse(usual.longestCut()),
        usual.smallestHeld(),
        edge.map(each -> orBad("--rough-edge", LengthParser.parse(each, unit)))
            .orElse(usual.roughEdge()));
  }

  private static Length positive(String option, String text, Unit unit) {
    Length length = orBad(option, LengthParser.parse(text, unit));
    if (!length.isPositive()) {
      throw BadInputException.of("command.zero", option, text);
    }
    return length;
  }

  /** Finds a sheet by its name, or takes a size for one of the maker's own. */
  static Sheet sheet(String option, String text, Unit unit) {
    return StandardSizes.sheet(Request.given(option, text))
        .orElseGet(
            () -> {
              if (!text.matches(".*\\d.*[x×].*\\d.*")) {
                return OwnLog.sheet(text);
              }
              StandardSizes.Size size = orBad(StandardSizes.parse(text, unit));
              String label = Words.say("size.own-sheet-name");
              return new Sheet("own", label, size.width(), size.height());
            });
  }

  private PaperPlan.Supplies supplies(Job job) {
    Drawer drawer = Drawer.EMPTY;
    if (fromDrawer) {
      AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
      drawer = orBad(new DrawerStore(UserFolders.current().drawer(), writer).read());
    }
    return new PaperPlan.Supplies(
        drawer, StandardSizes.usualSheet(job.marks()), StandardSizes.sheets());
  }
}
