package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.space.Vec;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import org.junit.jupiter.api.Test;

/**
 * The woven panel at trade sizes: 12 by 5 1/2 in scored at 3, 6 and 9. Its second opening shows two
 * panels, 6 by 5 1/2; the strip over the outer bands goes with the middle band and the first panel,
 * the other with the outer bands and the last panel; common practice, no source.
 */
class WovenPanelTest {
  private static final double INCH = 25.4;
  private static final double NEAR = 0.02;

  private final FoldModel model = woven();

  private static FoldModel woven() {
    Values values =
        PatternLibrary.shipped()
            .pattern("woven-panel")
            .orElseThrow()
            .normalValues()
            .and("width", Length.ofInches(17, 4))
            .and("height", Length.ofInches(11, 2))
            .and("panel", Length.ofInches(3, 1))
            .and("band", Length.ofInches(15, 8))
            .and("play", Length.ofInches(1, 8));
    Derivation.Made made = Jobs.derive(Jobs.job("woven-panel", values)).made().orElseThrow();
    return made.card().whole();
  }

  /** Where a place on the flat base, in inches, lies at a moment. */
  private Vec base(double moment, double x, double y) {
    Spot place = new Spot(x * INCH, y * INCH);
    Assembly assembly = model.assembly();
    int facets = assembly.members().get(0).flat().facets().size();
    for (int i = 0; i < facets; i++) {
      if (cufflink.core.flat.Facet.holds(assembly.facets().get(i).polygon(), place)) {
        return model.pose(moment).place(i, place);
      }
    }
    throw new AssertionError("no paper at " + x + ", " + y);
  }

  /** The middle of a strip, the first or the second. */
  private Vec strip(double moment, int which) {
    Assembly assembly = model.assembly();
    Pose pose = model.pose(moment);
    int seen = 0;
    for (int i = 0; i < assembly.facets().size(); i++) {
      if (assembly.pieceOf(i).id().equals("weave") && seen++ == which) {
        double x = pose.corners(i).stream().mapToDouble(Vec::x).average().orElseThrow();
        double y = pose.corners(i).stream().mapToDouble(Vec::y).average().orElseThrow();
        return new Vec(x, y, 0);
      }
    }
    throw new AssertionError("no strip " + which);
  }

  private static void assertSame(Vec expected, Vec found, String what) {
    assertEquals(expected.x(), found.x(), NEAR, what);
    assertEquals(expected.y(), found.y(), NEAR, what);
  }

  private double wide(double moment) {
    Pose pose = model.pose(moment);
    int facets = model.assembly().members().get(0).flat().facets().size();
    double least = Double.MAX_VALUE;
    double most = -Double.MAX_VALUE;
    for (int i = 0; i < facets; i++) {
      for (Vec corner : pose.corners(i)) {
        least = Math.min(least, corner.x());
        most = Math.max(most, corner.x());
      }
    }
    return most - least;
  }

  @Test
  void eachOpening_isTwoPanelsWide() {
    assertEquals(1, model.closing());
    assertEquals(3 * INCH, wide(1), NEAR);
    assertEquals(6 * INCH, wide(2), NEAR);
    assertEquals(3 * INCH, wide(3), NEAR);
    assertEquals(6 * INCH, wide(4), NEAR);
  }

  @Test
  void secondOpening_eachStripGoesWithItsBands() {
    double middle = 5.5 / 2;
    // Both halves of the middle band lie on the first panel, those of the outer ones on the last.
    assertSame(base(4, 1.5, middle), base(4, 4.5, middle), "middle band");
    assertSame(base(4, 1.5, middle), base(4, 7.5, middle), "middle band beyond its ridge");
    assertSame(base(4, 10.5, 1), base(4, 4.5, 1), "upper band");
    assertSame(base(4, 10.5, 1), base(4, 7.5, 1), "upper band beyond its ridge");
    assertSame(base(4, 10.5, 5), base(4, 7.5, 5), "lower band");
    assertSame(base(4, 1.5, middle), strip(4, 0), "first strip");
    assertSame(base(4, 10.5, middle), strip(4, 1), "second strip");
  }

  /**
   * Half way the bands stand apart and no paper is torn: every fold keeps its two sides together.
   */
  @Test
  void whileItOpens_foldsHold() {
    for (double moment = 3.1; moment < 4; moment += 0.2) {
      for (double y : new double[] {1, 5.5 / 2, 5}) {
        for (double x : new double[] {3, 6, 9}) {
          Vec before = base(moment, x - 1e-4, y);
          Vec after = base(moment, x + 1e-4, y);
          assertTrue(before.minus(after).length() < NEAR, moment + ": " + x + ", " + y);
        }
      }
    }
  }
}
