package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.finding.Finding;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldedView;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.layers.LayerOrder;
import cufflink.core.measure.Length;
import cufflink.core.paper.Materials;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every construction, at its own values and at ten others, folds and closes without a fault. */
class FoldEngineTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final int OTHERS = 10;
  private static final int MOST_TRIES = 4_000;
  private static final double RIGID = 1e-9;
  private static final double CLOSED = 1e-6;

  /** What rounding places to an eighth of a micrometre leaves once folds are closed all the way. */
  private static final double ROUNDED = 0.01;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void everyConstruction_foldsAndCloses(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    List<Derivation> cards = new ArrayList<>();
    cards.add(Jobs.derive(Jobs.job(id, pattern.normalValues())));
    Random random = new Random(id.hashCode());
    for (int i = 0; i < MOST_TRIES && cards.size() <= OTHERS; i++) {
      Derivation other = Jobs.derive(Jobs.job(id, varied(pattern, random)));
      if (other.made().isPresent() && other.findings().isEmpty()) {
        cards.add(other);
      }
    }
    assertEquals(1 + OTHERS, cards.size(), "too few valid values were found");
    for (Derivation card : cards) {
      assertFolds(card, random);
    }
  }

  /** Moves about every third length by up to a seventh. */
  private static Values varied(Pattern pattern, Random random) {
    Values values = pattern.normalValues();
    for (Parameter parameter : pattern.parameters()) {
      Setting setting = values.get(parameter.id()).orElse(parameter.normal());
      boolean moves = parameter.allowance().isEmpty() && random.nextInt(3) == 0;
      if (moves && setting instanceof Setting.OfLength length) {
        double share = 0.86 + 0.28 * random.nextDouble();
        long tenths = Math.round(length.length().toMillimetres() * share * 2);
        values = values.and(parameter.id(), Length.ofUnits(tenths * 4_000));
      }
    }
    return values;
  }

  private static void assertFolds(Derivation card, Random random) {
    Derivation.Made made = card.made().orElseThrow();
    FoldModel model = made.card().whole();
    String what = card.pattern().id() + " " + card.job().values();
    assertTrue(model.movesThroughout(), what);
    FoldReport report =
        FoldReport.of(
            made.design(),
            model,
            new Materials(card.job().papers(), false, Optional.empty()),
            () -> false);
    assertEquals(List.of(), report.findings().stream().map(Finding::sentence).toList(), what);
    // Two strips of tape keep the quarter-fold closed; what it holds goes in past the slanted
    // edges.
    boolean isTaped = card.pattern().id().equals("diagonal-pocket-quarter-fold");
    assertEquals(!isTaped, model.stages().size() > model.closing(), what);
    assertClosesAgain(model, what);
    assertPaintedAsItLies(model, what);
    for (int i = 0; i < 12; i++) {
      double moment = random.nextDouble() * model.stages().size();
      assertRigid(model, model.pose(moment), what);
      assertTrue(
          model.apart(moment) <= CLOSED, what + " at " + moment + ": " + model.apart(moment));
      assertTrue(model.askew(moment) <= RIGID, what + " at " + moment);
    }
    for (int done = 0; done <= model.stages().size(); done++) {
      assertTrue(model.apart(done) <= ROUNDED, what + " after " + done);
    }
  }

  /** What is painted later lies above, in the order that the layers were found to have. */
  private static void assertPaintedAsItLies(FoldModel model, String what) {
    int closed = model.closing();
    if (!model.layering().lies(closed)) {
      return;
    }
    LayerOrder.Stack stack = model.layering().stack(closed).orElseThrow();
    List<Integer> painted =
        FoldedView.of(model, closed, Viewpoint.ABOVE).plies().stream()
            .map(FoldedView.Ply::facet)
            .toList();
    for (int i = 0; i < painted.size(); i++) {
      for (int j = i + 1; j < painted.size(); j++) {
        int side = stack.side(painted.get(j), painted.get(i));
        assertTrue(side >= 0, what + ": " + painted.get(j) + " is painted over what it lies under");
      }
    }
  }

  /** Opened, worked and closed, the card lies as it did. */
  private static void assertClosesAgain(FoldModel model, String what) {
    Pose closed = model.pose(model.closing());
    Pose again = model.pose(model.stages().size());
    for (Facet facet : model.assembly().facets()) {
      for (int i = 0; i < facet.corners().size(); i++) {
        Vec before = closed.corners(facet.index()).get(i);
        Vec after = again.corners(facet.index()).get(i);
        assertEquals(0, after.minus(before).length(), ROUNDED, what);
      }
    }
  }

  private static void assertRigid(FoldModel model, Pose pose, String what) {
    for (Facet facet : model.assembly().facets()) {
      List<Vec> corners = pose.corners(facet.index());
      for (int i = 0; i < corners.size(); i++) {
        int next = (i + 1) % corners.size();
        Spot from = facet.corners().get(i);
        double now = corners.get(next).minus(corners.get(i)).length();
        assertEquals(from.distance(facet.corners().get(next)), now, RIGID, what);
      }
    }
  }
}
