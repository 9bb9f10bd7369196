package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Start;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.drawing.Patch;
import cufflink.core.finding.Finding;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;

/**
 * A label that was put on anywhere, over folds and past edges: a hand that knows nothing of the
 * card presses the cures, and then the label lies on paper and nothing is wrong with it.
 */
class AstrayTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final int MOST_PRESSES = 3;

  static Stream<Arguments> astray() {
    Random random = new Random(171);
    List<Arguments> all = new ArrayList<>();
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Face face : Face.values()) {
        all.add(
            Arguments.of(pattern.id(), face, random.nextInt(260) - 20, random.nextInt(180) - 20));
      }
    }
    return all.stream();
  }

  @ParameterizedTest
  @MethodSource("astray")
  void labelThatWentAstray_isBroughtBackByPresses(String id, Face face, int left, int top) {
    Topper label =
        new Topper(
            "own1",
            "label",
            "",
            Shape.RECTANGLE,
            Stock.WHITE,
            "base",
            face,
            new Fixing(Adhesive.LIQUID, false, false),
            new Start(mm(24), mm(16), mm(left), mm(top)));
    Pattern pattern = LIBRARY.pattern(id, Set.of(), List.of(label)).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues()).withOrder(Order.ONE.withToppers(List.of(label)));
    for (int press = 0; press <= MOST_PRESSES; press++) {
      Derivation derived = Jobs.derive(job).folded(() -> false).cured(() -> false);
      List<Finding> wrong = derived.findings().stream().filter(AstrayTest::isOfLabel).toList();
      if (wrong.isEmpty()) {
        liesOnPaper(derived.made().orElseThrow().design());
        return;
      }
      assertTrue(
          wrong.stream().allMatch(each -> each.fix().isPresent()),
          () -> "no cure: " + wrong.stream().map(Finding::kind).toList());
      job = derived.cured(wrong.get(0).fix().orElseThrow(), "");
    }
    assertEquals(List.of(), Jobs.derive(job).folded(() -> false).findings());
  }

  private static boolean isOfLabel(Finding finding) {
    return finding.place().piece().equals("own1") || finding.place().lines().contains("own1");
  }

  private static void liesOnPaper(Design design) {
    List<Spot> corners =
        Patch.of(design).stream()
            .filter(each -> each.ref().line().equals("own1"))
            .findFirst()
            .orElseThrow()
            .corners();
    Geometry base = Facet.polygon(design.base().outline().stream().map(Spot::from).toList());
    assertTrue(base.buffer(0.001).covers(Facet.polygon(corners)), corners::toString);
  }

  private static Length mm(int millimetres) {
    return Length.ofMillimetres(millimetres);
  }
}
