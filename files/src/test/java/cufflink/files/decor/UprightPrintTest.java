package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Prints that are found to lie wrong are those whose picture is seen to lie wrong by who looks
 * straight down at the closed card; and the cure turns just them.
 */
class UprightPrintTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Length SIDE = Length.ofMillimetres(600);
  private static final Picture SHEET =
      new Picture("0123456789abcdef.jpg", "sheet", SIDE, SIDE, 0x808080);
  private static final Surface SURFACE =
      new Surface(
          700,
          500,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN),
          TextMeasure.GUESS,
          14);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Job pictured(String id, Random random) {
    Job job = Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
    Derivation plain = Jobs.derive(job);
    Design design = plain.made().orElseThrow().design();
    for (PaperRole role : design.roles()) {
      if (role.kind() == PaperKind.PATTERNED) {
        Sheet sheet = new Sheet("a", "a", SIDE, SIDE);
        job = PaperPlan.looking(job, role, plain.look().colours(role).as(SHEET), sheet);
        Paper upright = job.papers().of(role).withPrint(Paper.Print.UPRIGHT);
        job = job.withPapers(job.papers().with(role, upright));
      }
    }
    Papers papers = job.papers();
    for (Cutout each : Cutout.all(design, papers).values()) {
      papers = papers.cutting(each.part(), Optional.of(each.turned(random.nextInt(4))));
    }
    return job.withPapers(papers);
  }

  /** Where the top of its picture points on the closed card, seen from straight above. */
  private static Optional<Side> seen(Derivation derivation, String part) {
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    return Portrait.of(
            model,
            made.design(),
            derivation.look().from(0, 0, 0),
            model.shown(model.closing()),
            SURFACE)
        .marks()
        .stream()
        .filter(mark -> mark instanceof Printed)
        .map(Printed.class::cast)
        .filter(mark -> part.equals(mark.ref().piece() + "." + mark.ref().line()))
        .flatMap(mark -> mark.imprints().stream())
        .map(UprightPrintTest::top)
        // What was painted last lies uppermost.
        .reduce((first, second) -> second)
        .orElse(Optional.empty());
  }

  private static Optional<Side> top(Imprint imprint) {
    Spot top = imprint.corners().get(0);
    Spot foot = imprint.corners().get(2);
    double right = top.x() - foot.x();
    double up = foot.y() - top.y();
    if (Math.min(Math.abs(right), Math.abs(up)) > 0.1 * Math.hypot(right, up)) {
      return Optional.empty();
    }
    if (Math.abs(up) > Math.abs(right)) {
      return Optional.of(up > 0 ? Side.TOP : Side.BOTTOM);
    }
    return Optional.of(right > 0 ? Side.RIGHT : Side.LEFT);
  }

  private static List<Finding> wrong(Derivation derivation) {
    return derivation.folded(() -> false).findings().stream()
        .filter(each -> each.kind() == FindingKind.PRINT_DIRECTION)
        .toList();
  }

  private static Set<String> parts(List<Finding> findings) {
    Set<String> parts = new HashSet<>();
    for (Finding each : findings) {
      each.place().lines().forEach(line -> parts.add(each.place().piece() + "." + line));
    }
    return parts;
  }

  /** Of two that bear one name only the first is told of. */
  private static Set<String> labels(Set<String> parts, Derivation.Made made) {
    Set<String> labels = new HashSet<>();
    made.design().layers().stream()
        .filter(each -> parts.contains(each.on() + "." + each.id()))
        .forEach(each -> labels.add(each.label()));
    made.design().joints().stream()
        .filter(each -> parts.contains(each.on() + "." + each.id()))
        .forEach(each -> labels.add(each.label()));
    return labels;
  }

  @ParameterizedTest
  @MethodSource("ids")
  void whatIsFound_isWhatIsSeenWrong_andIsCured(String id) {
    Random random = new Random(id.hashCode());
    for (int trial = 0; trial < 3; trial++) {
      Derivation derivation = Jobs.derive(pictured(id, random));
      Derivation.Made made = derivation.made().orElseThrow();
      FoldModel model = made.card().whole();
      model.prepare(() -> false);
      if (!model.layering().lies(model.closing())) {
        return;
      }
      Set<String> found =
          parts(
              wrong(derivation).stream()
                  .filter(each -> !each.sentence().key().equals("fold.print-open"))
                  .toList());
      for (Sight.Shown shown : Sight.of(model, model.closing(), made.design(), true).shown()) {
        Optional<String> part = shown.layer().map(layer -> layer.on() + "." + layer.id());
        Optional<Side> top = part.flatMap(each -> seen(derivation, each));
        if (top.isPresent()) {
          String label = shown.layer().orElseThrow().label();
          boolean isTold =
              top.get() == Side.TOP
                  ? found.contains(part.get())
                  : labels(found, made).contains(label);
          assertEquals(
              top.get() != Side.TOP,
              isTold,
              id + ": " + part.get() + " is seen with its top at the " + top.get());
        }
      }
      Job cured = derivation.job();
      for (int i = 0; i < 4 && !wrong(Jobs.derive(cured)).isEmpty(); i++) {
        for (Finding each : wrong(Jobs.derive(cured))) {
          if (each.fix().isPresent()) {
            cured = Jobs.derive(cured).cured(each.fix().get(), "panel");
          }
        }
      }
      Derivation now = Jobs.derive(cured);
      for (Finding each : wrong(now)) {
        assertTrue(each.fix().isEmpty(), id + ": " + each.sentence() + " stays after its cure");
      }
    }
  }
}
