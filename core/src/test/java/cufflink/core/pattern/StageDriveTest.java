package cufflink.core.pattern;

import static cufflink.core.pattern.Entries.map;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Spoken;
import cufflink.core.Stages;
import cufflink.core.design.Stage;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Which scores the stages of a pattern file drive, and how far. */
class StageDriveTest {
  private final Map<String, Object> scores =
      map(
          "side", map("y", "height / 3", "fold", "valley"),
          "side-flap", map("y", "height / 2", "fold", "valley"),
          "row", map("for", "k in 1..folds", "x", "k * 10 mm", "fold", "mountain"));
  private final Map<String, Object> file =
      map(
          "format", "cufflink-pattern/1",
          "id", "rows",
          "name", "Rows",
          "about", "Rows of folds.",
          "family", "strip",
          "level", "1",
          "minutes", "5",
          "parameters",
              map(
                  "width", map("label", "Width", "default", "120 mm", "role", "finished-width"),
                  "height", map("label", "Height", "default", "90 mm", "role", "finished-height"),
                  "folds", map("label", "Folds", "default", "2")),
          "pieces",
              map(
                  "base",
                      map("label", "base", "size", List.of("width", "height"), "scores", scores),
                  "strip",
                      map(
                          "label",
                          "strip",
                          "size",
                          List.of("width", "height"),
                          "scores",
                          map(
                              "turn",
                              map(
                                  "for",
                                  "k in 0..folds",
                                  "x",
                                  "10 mm + k * 10 mm",
                                  "fold",
                                  "mountain")))));

  private PatternCompiler.Result compiled(Map<String, Object> stage) {
    file.put("folding", List.of(stage));
    return PatternCompiler.compile(Entries.of(file));
  }

  private List<Stage> stages(Map<String, Object> stage, Values values) {
    PatternCompiler.Result result = compiled(stage);
    assertEquals(List.of(), result.mistakes());
    return PatternEvaluator.evaluate(result.pattern().orElseThrow(), values)
        .design()
        .orElseThrow()
        .stages();
  }

  private Stage stage(String drives, Object... amounts) {
    return stages(map("stage", "Fold", drives, map(amounts)), Values.NONE).get(0);
  }

  /** A score whose name only begins like another's is not driven with it. */
  @Test
  void drive_namesAScoreOrAllThatAreRepeated() {
    assertEquals(Map.of("side", 180.0), Stages.drive(stage("drive", "side", "180")));
    assertEquals(
        Map.of("row-1", -180.0, "row-2", -180.0), Stages.drive(stage("drive", "row", "180")));
    assertEquals(Map.of("row-2", -90.0), Stages.drive(stage("drive", "row-2", "90")));
  }

  @Test
  void drive_byNumberInBrackets_isOneOfThem_overAllOfThem() {
    assertEquals(Map.of("row-2", -90.0), Stages.drive(stage("drive", "row[folds]", "90")));
    assertEquals(
        Map.of("row-1", -0.0, "row-2", -90.0),
        Stages.drive(stage("drive", "row", "0", "row[folds]", "90")));
  }

  @Test
  void with_namesTheScoresOfOtherPieces_allOrOneByItsNumber() {
    assertEquals(
        Map.of("strip.turn-0", 0.0, "strip.turn-1", -180.0, "strip.turn-2", 0.0),
        Stages.with(stage("with", "strip.turn", "0", "strip.turn[folds - 1]", "-180")));
    assertEquals(Map.of("strip.turn-2", 5.0), Stages.with(stage("with", "strip.turn-2", "5")));
  }

  /** The number may depend on the turn of a repeated stage. */
  @Test
  void with_inARepeatedStage_isAnotherEachTime() {
    List<Stage> stages =
        stages(
            map("stage", "Roll", "for", "k in 1..folds", "with", map("strip.turn[k - 1]", "180")),
            Values.NONE.and("folds", new Setting.OfCount(3)));
    assertEquals(
        List.of(
            Map.of("strip.turn-0", 180.0),
            Map.of("strip.turn-1", 180.0),
            Map.of("strip.turn-2", 180.0)),
        stages.stream().map(Stages::with).toList());
  }

  @Test
  void drive_ofWhatIsNotThere_isLocated() {
    assertMistake("edge", "180", "“edge” is not a name known here");
    assertMistake("side[1]", "180", "“side[1]” is not a name known here");
    assertMistake("row[width]", "180", "“width” is a length, but here belongs a plain number");
  }

  private void assertMistake(String name, String amount, String part) {
    List<Mistake> mistakes = compiled(map("stage", "Fold", "drive", map(name, amount))).mistakes();
    assertTrue(
        mistakes.stream()
            .anyMatch(
                each ->
                    each.place().path().startsWith("folding.1.drive")
                        && each.sentence().say(Spoken.ENGLISH).contains(part)),
        () -> "no such mistake in " + mistakes);
  }
}
