package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.drawing.Pull;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.plane.Point;
import cufflink.core.scene.Ref;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is pulled along the paper lies where the hand has put it, to the next mark. */
class PullTest {
  /** Half a mark; what goes twice as far as its value lies so near as that allows. */
  private static final double NEAR = 1.01;

  private static Pattern pattern(String id) {
    return PatternLibrary.shipped().pattern(id).orElseThrow();
  }

  private static Values values(Pattern pattern) {
    return Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues())).settled();
  }

  private static Design design(Pattern pattern, Values values) {
    return PatternEvaluator.evaluate(pattern, values).design().orElseThrow();
  }

  /** Where papers and parts lie, by their upper left corners. */
  private static Map<Ref, Point> places(Design design) {
    Map<Ref, Point> places = new HashMap<>();
    design.layers().forEach(it -> places.put(new Ref(it.on(), it.id()), it.at()));
    design.joints().forEach(it -> places.put(new Ref(it.on(), it.id()), it.area().at()));
    return places;
  }

  private static Values pulled(Pattern pattern, Values values, Pull pull, double x, double y) {
    Values now = values;
    for (Map.Entry<String, Length> each : pull.to(x, y, any -> Marks.MILLIMETRES).entrySet()) {
      now = now.and(each.getKey(), each.getValue());
    }
    return now;
  }

  /** Whatever can be pulled on any construction follows the hand; what cannot, says so. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "two-way-flap",
        "criss-cross-pocket",
        "waterfall",
        "diagonal-fold-out",
        "turn-back-pocket",
        "stacked-pocket-folio",
        "centre-step",
        "handled-purse",
        "ribbon-hinge-wallet",
        "off-centre-gate"
      })
  void pulled_liesWhereTheHandIs(String id) {
    Pattern pattern = pattern(id);
    Values values = values(pattern);
    Design before = design(pattern, values);
    for (Map.Entry<Ref, Point> place : places(before).entrySet()) {
      Pull pull = Pull.of(pattern, values, before, place.getKey());
      Design after = design(pattern, pulled(pattern, values, pull, 3, -2));
      Point now = places(after).get(place.getKey());
      double right = now.x().minus(place.getValue().x()).toMillimetres();
      double down = now.y().minus(place.getValue().y()).toMillimetres();
      Map<String, Length> to = pull.to(3, -2, any -> Marks.MILLIMETRES);
      if (to.containsValue(Length.ZERO)) {
        continue;
      }
      assertEquals(pull.isFree(), !pull.by().isEmpty());
      assertTrue(right == 0 || Math.abs(right - 3) <= NEAR, place.getKey() + " " + right);
      assertTrue(down == 0 || Math.abs(down + 2) <= NEAR, place.getKey() + " " + down);
    }
  }

  /** The places that the trade leaves to the maker. */
  @ParameterizedTest
  @CsvSource({
    "two-way-flap, base, strap, up",
    "criss-cross-pocket, base, label, label_from label_down",
    "waterfall, base, band, anchor"
  })
  void place_isAValue(String id, String piece, String part, String by) {
    Pattern pattern = pattern(id);
    Values values = values(pattern);
    Pull pull = Pull.of(pattern, values, design(pattern, values), new Ref(piece, part));
    assertEquals(by, String.join(" ", pull.by()));
  }

  @Test
  void nothing_isHeldFast() {
    Pattern pattern = pattern("slim-tent");
    Values values = values(pattern);
    Pull pull = Pull.of(pattern, values, design(pattern, values), new Ref("base", "nowhere"));
    assertFalse(pull.isFree());
    assertEquals(Map.of(), pull.to(20, 20, any -> Marks.EIGHTHS));
  }

  /** Off the sheet at the left is where a hand may go, and no place. */
  @Test
  void place_doesNotGoBelowNought() {
    Pattern pattern = pattern("criss-cross-pocket");
    Values values = values(pattern);
    Pull pull = Pull.of(pattern, values, design(pattern, values), new Ref("base", "label"));
    Map<String, Length> far = pull.to(-2000, -2000, any -> Marks.MILLIMETRES);
    assertEquals(Length.ZERO, far.get("label_from"));
    assertEquals(Length.ZERO, far.get("label_down"));
  }
}
