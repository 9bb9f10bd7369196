package cufflink.files.fuzz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.make.School;
import cufflink.core.make.Work;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.export.PlanJson;
import cufflink.files.pattern.Extras;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import cufflink.files.words.Words;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/**
 * Whatever is put on a card, stamped and tucked, sensible or not, the card is derived, folded,
 * drawn and told; nothing is lost, and every cure of it can be pressed.
 */
class DecorProperties {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Duration NEVER = Duration.ofMinutes(2);
  private static final LengthFormat FORMAT =
      Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET);
  private static final Surface SURFACE =
      new Surface(700, 500, Marks.MILLIMETRES, FORMAT, TextMeasure.GUESS, 18);

  /** A frame with a hole that is not in its middle. */
  private static final Outline FRAME =
      new Outline(
          ring(0, 0, 1, 1), List.of(ring(0.2, 0.1, 0.5, 0.4), ring(0.6, 0.6, 0.9, 0.9)), false);

  private static List<Outline.Corner> ring(double left, double top, double right, double bottom) {
    return List.of(
        new Outline.Corner(left, top),
        new Outline.Corner(right, top),
        new Outline.Corner(right, bottom),
        new Outline.Corner(left, bottom));
  }

  @Property(seed = "1127", tries = 12)
  void anyDecoration_isAnswered(@ForAll long seed) {
    assertTimeoutPreemptively(NEVER, () -> check(new Random(seed)), () -> "seed " + seed);
  }

  @Property(seed = "990011", tries = 12)
  void anyDecoration_isAnsweredAgain(@ForAll long seed) {
    assertTimeoutPreemptively(NEVER, () -> check(new Random(seed)), () -> "seed " + seed);
  }

  private static <T> T any(Random random, List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  /** Most sizes and places are sensible, and some are as far out as can be written. */
  private static Length length(Random random, int least, int most, List<Integer> absurd) {
    return random.nextInt(8) == 0
        ? Length.ofMillimetres(any(random, absurd))
        : Length.ofMillimetres(least + random.nextInt(most - least))
            .plus(Length.ofUnits(random.nextInt(3)));
  }

  private static Topper topper(Random random, int number, List<String> hosts) {
    Topper.Shape shape = any(random, List.of(Topper.Shape.values()));
    Adhesive with =
        any(
            random,
            List.of(Adhesive.LIQUID, Adhesive.TAPE, Adhesive.DOTS, Adhesive.FOAM, Adhesive.NONE));
    return new Topper(
        "own" + number,
        "piece " + number,
        any(random, List.of("", "", "Ahoy", "With / thanks", "//", "Ω — ½")),
        shape,
        any(random, List.of(Topper.Stock.values())),
        any(random, hosts),
        any(random, List.of(Face.values())),
        new Topper.Fixing(with, random.nextBoolean(), random.nextBoolean(), random.nextBoolean()),
        new Topper.Start(
            length(random, 8, 60, List.of(1, 1_200)),
            length(random, 8, 60, List.of(1, 1_200)),
            length(random, -10, 80, List.of(-300, 1_200)),
            length(random, -10, 80, List.of(-300, 1_200))),
        shape == Topper.Shape.OUTLINE ? Optional.of(FRAME) : Optional.empty(),
        any(random, List.of("", "", "a")),
        new Topper.Which(
            any(random, List.of(0, 0, 1, 2, 3, 7, 999)), any(random, List.of(0, 0, 1, 2, 9_999))));
  }

  private static Job job(Random random) {
    Pattern pattern = any(random, List.copyOf(LIBRARY.patterns()));
    Design bare =
        Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues())).made().orElseThrow().design();
    List<String> hosts = new ArrayList<>(List.of("base", "nowhere", "extra-belly-band", "own1"));
    bare.pieces().forEach(each -> hosts.add(each.name().name()));
    List<Topper> toppers = new ArrayList<>();
    Values tilts = pattern.normalValues();
    for (int number = 1; number <= 1 + random.nextInt(4); number++) {
      Topper topper = topper(random, number, hosts);
      toppers.add(topper);
      tilts =
          tilts.and(
              topper.value(Topper.Measure.TILT),
              new Setting.OfCount(any(random, List.of(0L, 0L, 7L, -30L, 180L))));
    }
    List<Treatment> treatments = new ArrayList<>();
    for (int i = 0; i < random.nextInt(3); i++) {
      treatments.add(
          new Treatment(
              any(random, List.of(Treatment.Kind.values())),
              any(random, hosts),
              any(random, List.of(Face.values()))));
    }
    Order order =
        new Order(
                1 + random.nextInt(6),
                random.nextBoolean(),
                random.nextBoolean() ? Set.of(Extras.BAND) : Set.of(),
                random.nextBoolean(),
                random.nextInt(2))
            .withToppers(toppers)
            .withTreatments(treatments.stream().distinct().toList());
    return Jobs.job(pattern.id(), tilts).withOrder(order);
  }

  private static void check(Random random) {
    Job job = job(random);
    Parsed<Job> back = ProjectFormat.read("card", ProjectFormat.write(job));
    assertEquals(
        job.order(),
        back.value().orElseThrow(() -> new AssertionError(back.problem().say(FORMAT))).order());
    Derivation derivation = Jobs.derive(job).folded(() -> false);
    derivation.findings().forEach(each -> each.sentence().say(FORMAT));
    new PlanJson(FORMAT).plan(derivation, "");
    if (derivation.made().isEmpty()) {
      assertTrue(derivation.findings().stream().anyMatch(Finding::isError));
      return;
    }
    Derivation.Made made = derivation.made().get();
    for (Topper each : job.order().toppers()) {
      boolean isThere = made.design().piece(each.id()).isPresent();
      boolean isTold =
          derivation.findings().stream()
              .anyMatch(finding -> finding.kind() == FindingKind.TOPPER_LEFT_OUT);
      assertTrue(isThere || isTold, each.label() + " is lost");
    }
    told(made.design(), job, derivation);
    drawn(derivation, made, random);
    for (Finding each : derivation.findings()) {
      // Whatever is offered leaves a job that is derived as well.
      each.fix().ifPresent(fix -> Jobs.derive(derivation.cured(fix, "panel")));
    }
  }

  private static void told(Design design, Job job, Derivation derivation) {
    Work.of(Work.Asked.of(design, job, Jobs.plans(derivation), School.BY_TOOL))
        .tasks()
        .forEach(task -> task.words().say(FORMAT));
    GluingOrder order = GluingOrder.of(design, job.order().wish());
    for (int i = 0; i < order.steps().size(); i++) {
      order
          .walk(i, design, job.order().raised(), GlueDrawing.place(order, design, i))
          .forEach(each -> each.say(FORMAT));
      GlueDrawing.of(order, design, i, SURFACE, Optional.of(derivation.look()))
          .ifPresent(DecorProperties::isOnPaper);
    }
  }

  private static void drawn(Derivation derivation, Derivation.Made made, Random random) {
    FoldModel model = made.card().whole();
    model.prepare(() -> false);
    double moment = model.isReady() ? random.nextDouble() * model.stages().size() : 0;
    isOnPaper(Portrait.of(model, made.design(), derivation.look(), moment, SURFACE));
  }

  /** Nothing is drawn at no place at all. */
  private static void isOnPaper(Drawing drawing) {
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed printed) {
        for (List<Spot> ring : printed.rings()) {
          ring.forEach(at -> assertTrue(Double.isFinite(at.x()) && Double.isFinite(at.y())));
        }
      }
    }
  }
}
