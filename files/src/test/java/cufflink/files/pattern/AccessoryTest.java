package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.fit.Goal;
import cufflink.core.inspect.Inspection;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Spoken;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * Accessories, allowances, openings and glue in pattern files: what they come to and what goes
 * wrong.
 */
class AccessoryTest {
  private static final String GOOD =
      """
      format: cufflink-pattern/1
      id: trial
      name: Trial
      parameters:
        width: {label: Width, default: 100 mm, role: finished-width, scales: across}
        height: {label: Height, default: 60 mm, role: finished-height, scales: along}
        roll: {label: Roll-in, default: 3 mm, allowance: 4 * card_caliper}
        tied: {label: Ribbon, default: with, choices: {with: with one, without: without}}
      pieces:
        base:
          size: [2 * width - roll, height]
          scores:
            fold: {label: Fold, x: width, fold: valley}
        sleeve: {label: sleeve, size: [40 mm, 40 mm]}
      joins:
        sleeve: {label: sleeve, piece: sleeve, on: base, area: [10 mm, 10 mm, 40 mm, 40 mm], mouth: top, glue: [[10 mm, 15 mm, 4 mm, 30 mm]]}
      keep-clear:
        slide: {label: "the tab slides here", on: base, area: [60 mm, 0 mm, 20 mm, 60 mm]}
      includes:
        first: {part: belly-band, with: {around: height, thick: 2 mm}}
        tie: {part: ribbon-tie, when: tied = "with", with: {around: width, thick: 2 mm}}
      folding:
        - {stage: Fold, drive: {fold: 180}}
      """;

  @Test
  void include_band_isAsLongAsTheWayRoundAndItsOverlap() {
    Values values =
        Values.NONE
            .and("first_overlap", Length.ofMillimetres(10))
            .and("first_stack", Length.ofMillimetres(3));
    Piece band = piece(design(values), "first").orElseThrow();
    assertEquals(Length.ofMillimetres(2 * 60 + 2 * 3 + 10), band.width());
    assertEquals("belly band", band.label());
  }

  @Test
  void include_condition_leavesItOut() {
    assertTrue(piece(design(Values.NONE), "tie").isPresent());
    Values without = Values.NONE.and("tied", new Setting.OfChoice("without"));
    assertTrue(piece(design(without), "tie").isEmpty());
  }

  @Test
  void include_twice_keepsTheTwoApart() {
    String twice =
        GOOD.replace(
            "includes:\n",
            "includes:\n  second: {part: belly-band, with: {around: width, thick: 1 mm}}\n");
    Design design = design(twice, Values.NONE.and("second_width", Length.ofMillimetres(9)));
    assertEquals(Length.ofMillimetres(9), piece(design, "second").orElseThrow().height());
    assertEquals(Length.ofMillimetres(28), piece(design, "first").orElseThrow().height());
  }

  @Test
  void allowance_goesUpToTheNextMarkAndFollowsThePaper() {
    // Four times 0.3 mm, up to a whole millimetre, or to an eighth of an inch.
    assertEquals("2 mm", roll(Bench.of(Marks.MILLIMETRES, Papers.USUAL, false)).toString());
    assertEquals(Length.ofInches(1, 8), roll(Bench.of(Marks.EIGHTHS, Papers.USUAL, false)));
    Paper thick = Paper.CARD.ofCaliper(Length.fromMillimetres(0.6));
    assertEquals(
        Length.ofMillimetres(3),
        roll(Bench.of(Marks.MILLIMETRES, new Papers(thick, thick), false)));
    assertEquals(Length.ofMillimetres(5), roll(Values.NONE.and("roll", Length.ofMillimetres(5))));
  }

  /**
   * Weight over area times bulk is thickness, ISO 534; a bulk of 1.2 is common practice, no source.
   */
  @Test
  void paper_weightAndThickness_giveEachOther() {
    assertEquals("0.3 mm", Paper.CARD.caliper().toString());
    assertEquals(300, Paper.CARD.ofCaliper(Length.fromMillimetres(0.36)).grammage());
  }

  private static Length roll(Values values) {
    return PatternEvaluator.evaluate(pattern(GOOD), values).settled().length("roll").orElseThrow();
  }

  @Test
  void joint_asItShouldBe_hasNoFinding() {
    assertEquals(List.of(), kinds(GOOD));
  }

  @Test
  void joint_overTheEdge_isFound() {
    assertEquals(
        List.of("hangs-over"), kinds(GOOD.replace("area: [10 mm, 10 mm,", "area: [10 mm, 24 mm,")));
  }

  @Test
  void glue_onAFoldInTheWayOrOverTheMouth_isFound() {
    String glue = "glue: [[10 mm, 15 mm, 4 mm, 30 mm]]";
    assertEquals(
        List.of("glue-on-score"), kinds(GOOD.replace(glue, "glue: [[95 mm, 15 mm, 10 mm, 9 mm]]")));
    assertEquals(
        List.of("glue-in-the-way"),
        kinds(GOOD.replace(glue, "glue: [[55 mm, 15 mm, 10 mm, 9 mm]]")));
    assertEquals(
        List.of("glued-shut"), kinds(GOOD.replace(glue, "glue: [[10 mm, 10 mm, 30 mm, 4 mm]]")));
    assertEquals(
        List.of("glue-off-paper"),
        kinds(GOOD.replace(glue, "glue: [[10 mm, 50 mm, 10 mm, 14 mm]]")));
  }

  @Test
  void mistakes_areOneSentenceEach() {
    assertProblem(
        GOOD.replace("part: belly-band", "part: belt"),
        "trial.yaml, line 20, includes.first: there is no accessory “belt”; include one of"
            + " bar, belly-band, corner-pocket, envelope, handle, insert, popper, ribbon-tie, sleeve.");
    assertProblem(
        GOOD.replace("{around: height, thick: 2 mm}", "{around: height}"),
        "trial.yaml, line 20, includes.first: “thick” is missing here; add it.");
    assertProblem(
        GOOD.replace("{around: height, thick: 2 mm}", "{around: 7, thick: 2 mm}"),
        "trial.yaml, line 20, includes.first.with.around: “7” is a plain number, but here belongs a"
            + " length; give it the right unit.");
    assertProblem(
        GOOD.replace("allowance: 4 * card_caliper", "allowance: 4"),
        "trial.yaml, line 7, parameters.roll.allowance: “roll” is a plain number, but here belongs a"
            + " length; give it the right unit.");
    assertProblem(
        GOOD.replace("name: Trial", "name: Trial\nminutes: soon"),
        "trial.yaml, line 4, minutes: “soon” is not a whole number; write one such as 20.");
    assertProblem(
        GOOD.replace("piece: sleeve,", "piece: slave,"),
        "trial.yaml, line 16, joins.sleeve: there is no piece “slave”; name one of the pieces above.");
    assertProblem(
        GOOD.replace("[40 mm, 40 mm]}", "[40 mm, 40 mm], openings: {eye: {label: eye}}}"),
        "trial.yaml, line 14, pieces.sleeve.openings.eye: an opening has either a “circle: [x, y,"
            + " diameter]”, an “area: [x, y, width, height]” or an “outline: [[x, y], …]”; write one"
            + " of these.");
  }

  private static void assertProblem(String text, String sentence) {
    assertEquals(sentence, PatternFile.read("trial.yaml", text).problem().say(Spoken.ENGLISH));
  }

  private static Pattern pattern(String text) {
    PatternFile file = PatternFile.read("trial.yaml", text);
    assertEquals(List.of(), file.mistakes());
    return file.pattern().orElseThrow();
  }

  private static Design design(Values values) {
    return design(GOOD, values);
  }

  private static Design design(String text, Values values) {
    Evaluation evaluation = PatternEvaluator.evaluate(pattern(text), values);
    return evaluation.design().orElseThrow();
  }

  private static Optional<Piece> piece(Design design, String id) {
    return design.piece(id);
  }

  private static List<String> kinds(String text) {
    Design design = design(text, Values.NONE);
    return Inspection.inspect(
            design, closed(design), new Goal.Free(), Optional.empty(), false, Tolerance.FOLDED)
        .stream()
        .map(each -> each.kind().id())
        .toList();
  }

  private static Optional<cufflink.core.layers.ClosedState> closed(Design design) {
    var flat =
        cufflink.core.flat.FlatPattern.of(design.base(), cufflink.core.measure.Tolerances.USUAL);
    return cufflink.core.card.FoldModel.of(design, flat).closed();
  }
}
