package cufflink.core.pattern;

import static cufflink.core.pattern.Entries.map;
import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Spoken;
import cufflink.core.Stages;
import cufflink.core.design.Design;
import cufflink.core.finding.Finding;
import cufflink.core.measure.Length;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** An accessory knows its own names only, whatever the pattern calls its own. */
class IncludesTest {
  /** Its value “width”, its counter “k” and its score “fold” are all names of the pattern too. */
  private final Map<String, Object> strip =
      map(
          "needs", map("long", "length", "host", "piece"),
          "parameters",
              map("width", map("label", "Strip width", "default", "15 mm", "max", "long / 2")),
          "let", map("area", "long * width"),
          "pieces",
              map(
                  "piece",
                  map(
                      "label",
                      "strip",
                      "size",
                      List.of("long", "width"),
                      "scores",
                      map("fold", map("for", "k in 1..2", "x", "k * 10 mm", "fold", "mountain")))),
          "joins",
              map(
                  "held",
                  map(
                      "piece",
                      "piece",
                      "on",
                      "host",
                      "area",
                      List.of("0 mm", "0 mm", "10 mm", "width"),
                      "slides",
                      "top")),
          "rules",
              List.of(
                  map(
                      "that",
                      "width < 20 mm",
                      "else",
                      "The strip is {width} wide",
                      "piece",
                      "piece",
                      "values",
                      List.of("width"),
                      "fix",
                      map("label", "Make it {long / 4}", "set", map("width", "long / 4")))),
          "notes", List.of("The strip is {long} long."),
          "folding",
              List.of(
                  map(
                      "stage",
                      "Fold the strip",
                      "piece",
                      "piece",
                      "drive",
                      map("fold", "90"),
                      "with",
                      map("host.fold", "180", "held-slide", "5 mm"))));

  private final Map<String, Object> file =
      map(
          "format",
          "cufflink-pattern/1",
          "id",
          "trial",
          "name",
          "Trial",
          "parameters",
          map(
              "width", map("label", "Width", "default", "120 mm", "role", "finished-width"),
              "height", map("label", "Height", "default", "90 mm", "role", "finished-height"),
              "k", map("label", "How many", "default", "7")),
          "pieces",
          map(
              "base",
              map(
                  "label",
                  "base",
                  "size",
                  List.of("width", "height"),
                  "scores",
                  map("fold", map("y", "height / k", "fold", "valley")))),
          "includes",
          map("first", include("width / 2"), "second", include("height")));

  private static Map<String, Object> include(String length) {
    return map("part", "strip", "when", "k < 9", "with", map("long", length, "host", "base"));
  }

  private Evaluation evaluate(Values values) {
    PatternCompiler.Result result =
        PatternCompiler.compile(Entries.of(file), Map.of("strip", Entries.of(strip)));
    assertEquals(List.of(), result.mistakes());
    return PatternEvaluator.evaluate(result.pattern().orElseThrow(), values);
  }

  @Test
  void names_thatBothUse_standForDifferentValues() {
    Design design = evaluate(Values.NONE).design().orElseThrow();
    assertEquals(Length.ofMillimetres(60), design.piece("first").orElseThrow().width());
    assertEquals(Length.ofMillimetres(15), design.piece("first").orElseThrow().height());
    assertEquals(Length.ofMillimetres(90), design.piece("second").orElseThrow().width());
    // The counter of a repeated score is no value of the pattern: its own k is still 7.
    assertEquals(90.0 / 7, design.base().scores().get(0).line().from().y().toMillimetres(), 0.001);
  }

  @Test
  void stage_ofAnAccessory_drivesItsOwnPieceAndTheOneItIsGiven() {
    Design design = evaluate(Values.NONE).design().orElseThrow();
    assertEquals(
        List.of("first", "second"), design.joints().stream().map(each -> each.piece()).toList());
    assertEquals(Map.of("fold-1", -90.0, "fold-2", -90.0), Stages.drive(design.stages().get(1)));
    assertEquals(
        Map.of("base.fold", 180.0, "second-held-slide", 5.0), Stages.with(design.stages().get(1)));
  }

  @Test
  void condition_thatDoesNotHold_leavesOutPiecesRulesAndNotes() {
    Values wide = Values.NONE.and("first_width", new Setting.OfLength(Length.ofMillimetres(25)));
    Finding broken = evaluate(wide).findings().get(0);
    assertEquals("The strip is 25 mm wide", broken.sentence().say(Spoken.ENGLISH));
    assertEquals(List.of("first_width"), broken.place().parameters());
    assertEquals("first", broken.place().piece());
    assertEquals(
        new Setting.OfLength(Length.ofMillimetres(15)),
        broken.fix().orElseThrow().values().get("first_width").orElseThrow());
    Evaluation without = evaluate(wide.and("k", new Setting.OfCount(9)));
    assertEquals(List.of(), without.findings());
    assertEquals(1, without.design().orElseThrow().pieces().size());
    assertEquals(List.of(), without.design().orElseThrow().notes());
    assertEquals(2, evaluate(wide).design().orElseThrow().notes().size());
  }

  @Test
  void limit_mayDependOnOtherValues() {
    Values values = Values.NONE.and("second_width", new Setting.OfLength(Length.ofMillimetres(46)));
    Finding limit = evaluate(values).findings().get(0);
    assertEquals(
        new Setting.OfLength(Length.ofMillimetres(45)),
        limit.fix().orElseThrow().values().get("second_width").orElseThrow());
  }
}
