package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Flaps and what they carry, weighed by hand: area times grammage (ISO 536). The right flap of the
 * gate is 82 by 150 mm of card with a paper 76 by 144 on it; each plate is 60 by 100 mm of white
 * card.
 */
class FlapTest {
  private static final double SQUARE_METRE = 1e6;

  private static Job job(int plates, Face face, double left) {
    List<Topper> toppers = new ArrayList<>();
    for (int i = 1; i <= plates; i++) {
      toppers.add(
          new Topper(
              "own" + i,
              "plate " + i,
              "",
              Topper.Shape.RECTANGLE,
              Topper.Stock.WHITE,
              "base",
              face,
              Topper.Fixing.FLAT,
              new Topper.Start(
                  Length.ofMillimetres(60),
                  Length.ofMillimetres(100),
                  Length.fromMillimetres(left),
                  Length.ofMillimetres(20))));
    }
    Job job = Jobs.gate();
    return job.withOrder(job.order().withToppers(toppers));
  }

  private static List<Finding> heavy(Job job) {
    Pattern pattern =
        PatternLibrary.shipped()
            .pattern(job.patternId(), Set.of(), job.order().toppers())
            .orElseThrow();
    Derivation derivation = Derivation.of(pattern, job).completed(() -> false).folded(() -> false);
    return derivation.findings().stream()
        .filter(each -> each.kind() == FindingKind.FLAP_HEAVY)
        .toList();
  }

  /** On the flap's outside, seen from there its left edge is that of the sheet's right flap. */
  @ParameterizedTest
  @CsvSource({"0", "1", "2", "3", "4"})
  void flap_isHeavy_whenTheScalesSaySo(int plates) {
    Job job = job(plates, Face.OUTSIDE, 10);
    double card = job.papers().card().grammage();
    double paper = job.papers().patterned().grammage();
    double own = (82 * 150 * card + 76 * 144 * paper) / SQUARE_METRE;
    double load = plates * 60 * 100 * card / SQUARE_METRE;
    List<Finding> found = heavy(job);
    boolean isHeavy = load > own && load >= 4;
    assertEquals(isHeavy ? 1 : 0, found.size(), own + " g carry " + load + " g");
    if (isHeavy) {
      String told = found.get(0).sentence().say(Spoken.ENGLISH);
      assertTrue(
          told.contains("weighs " + Math.round(own) + " g and carries " + Math.round(load) + " g"),
          told);
    }
  }

  /** The middle panel stays on the table: whatever lies on it hangs on no fold. */
  @ParameterizedTest
  @CsvSource({"4", "8"})
  void middlePanel_carriesAnything(int plates) {
    assertEquals(List.of(), heavy(job(plates, Face.INSIDE, 90)));
  }
}
