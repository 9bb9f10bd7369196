package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.drawing.Influence;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What holds for every shipped construction at any values that its rules allow. */
class InvariantsTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final int CASES = 150;

  /** What is glued on or put in has sizes of its own, which random values need not respect. */
  private static final Set<String> GLUED_ON =
      Set.of(
          "hangs-over",
          "glue-off-paper",
          "glue-in-the-way",
          "glue-on-score",
          "item-too-large",
          "room-too-small");

  /** Those whose base alone makes the closed card, and whose layers all fill their panels. */
  private static final Set<String> STRIPS =
      Set.of("banded-half-fold", "off-centre-gate", "stepped-accordion");

  @Test
  void allowedValues_closeFlatToThePromisedSizeWithoutAFinding() {
    Random random = new Random(11);
    int allowed = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (int i = 0; i < CASES; i++) {
        Values values = anyNear(pattern, random);
        if (PatternEvaluator.evaluate(pattern, values).works()) {
          allowed++;
          assertWorks(pattern, values);
        }
      }
    }
    assertTrue(allowed > 5 * CASES, "too few allowed cases to mean anything: " + allowed);
  }

  private static void assertWorks(Pattern pattern, Values values) {
    Derivation derivation = Derivation.of(pattern, job(pattern, values));
    assertTrue(
        derivation.findings().stream()
            .filter(each -> !GLUED_ON.contains(each.kind().id()))
            .noneMatch(each -> each.isError()),
        () -> pattern.id() + values + derivation.findings());
    Derivation.Made made = derivation.made().orElseThrow();
    assertTrue(made.closed().isPresent(), () -> pattern.id() + " does not close");
    if (STRIPS.contains(pattern.id())) {
      assertEquals(made.design().finishedWidth(), made.closed().orElseThrow().width());
      assertEquals(made.design().finishedHeight(), made.closed().orElseThrow().height());
    }
    for (Layer layer : made.design().layers()) {
      // What runs from edge to edge, or is smaller than such a one, is placed by itself.
      boolean placed = pattern.id().equals("banded-half-fold") && layer.face() == Face.OUTSIDE;
      if (!STRIPS.contains(pattern.id()) || placed || layer.border().equals(Length.ZERO)) {
        continue;
      }
      assertEquals(
          Math.floorDiv(layer.border().units(), 2), inset(made.design(), layer), layer.toString());
    }
  }

  /** The layer's distance from the nearest fold or edge above it, in units. */
  private static long inset(Design design, Layer layer) {
    return design.base().scores().stream()
        .filter(score -> score.line().isLevel())
        .map(score -> score.line().from().y())
        .filter(y -> y.compareTo(layer.at().y()) <= 0)
        .map(y -> layer.at().y().minus(y).units())
        .min(Long::compare)
        .orElse(layer.at().y().units());
  }

  private static Values anyNear(Pattern pattern, Random random) {
    Values values = pattern.normalValues();
    for (Parameter parameter : pattern.parameters()) {
      Setting normal = parameter.normal();
      if (normal instanceof Setting.OfLength length) {
        double factor = 0.6 + 0.9 * random.nextDouble();
        values =
            values.and(
                parameter.id(), Length.fromMillimetres(length.length().toMillimetres() * factor));
      } else if (normal instanceof Setting.OfCount count) {
        long changed = Math.max(1, count.count() + random.nextInt(4) - 1);
        values = values.and(parameter.id(), new Setting.OfCount(changed));
      } else {
        var choices = parameter.choices();
        String choice = choices.get(random.nextInt(choices.size())).id();
        values = values.and(parameter.id(), new Setting.OfChoice(choice));
      }
    }
    return values;
  }

  @Test
  void influence_ofAValue_isWhatItMoves() {
    assertEquals(Set.of(new Ref("base", "panel-across-2")), influence("off-centre-gate", "width"));
    assertEquals(Set.of(new Ref("base", "panel-across-1")), influence("off-centre-gate", "left"));
    assertEquals(Set.of(new Ref("base", "panel-down-1")), influence("off-centre-gate", "height"));
    assertEquals(
        Set.of(
            new Ref("base", "left-front"),
            new Ref("base", "right-front"),
            new Ref("base", "middle")),
        influence("off-centre-gate", "border"));
    assertEquals(
        Set.of(new Ref("base", "panel-across-2"), new Ref("base", "panel-across-3")),
        influence("stepped-accordion", "middle"));
    assertEquals(7, influence("banded-half-fold", "pitch").size());
    assertEquals(Set.of(), influence("off-centre-gate", "top"));
  }

  private static Set<Ref> influence(String id, String parameter) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Values values = pattern.normalValues();
    Design design = PatternEvaluator.evaluate(pattern, values).design().orElseThrow();
    return Influence.of(pattern, values, design, pattern.parameter(parameter).orElseThrow());
  }

  private static Job job(Pattern pattern, Values values) {
    return Job.begun("trial", Edition.atHand(pattern.id()), values, Tools.usual(Marks.MILLIMETRES));
  }
}
