package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.finding.Finding;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words for what must hold between parts: overhangs, into, mates, serves. */
class RelationsTest {
  private static final String CARD =
      """
      format: cufflink-pattern/1
      id: trial
      name: Trial
      parameters:
        width: {label: Width, default: 100 mm, role: finished-width, scales: across}
        height: {label: Height, default: 60 mm, role: finished-height, scales: along}
      pieces:
        base:
          size: [2 * width, height]
          scores:
            fold: {label: Fold, x: width, fold: valley}
          slits:
            slot: {label: Slit, x: 40 mm, span: [0 mm, 31 mm]}
        other:
          size: [2 * width, height]
          slits:
            slot: {label: Slit, x: 40 mm, span: [29 mm, 60 mm]}
          mates: base
        bag: {label: bag, size: [300 mm, 200 mm], serves: [101 mm, 62 mm, 5 mm]}
        tag: {label: tag, size: [38 mm, 50 mm], into: sleeve}
        sleeve: {label: sleeve, size: [40 mm, 40 mm]}
      layers:
        mat: {label: mat, on: base, panel: [width, 0 mm, width, height], border: 6 mm}
      joins:
        sleeve: {label: sleeve, piece: sleeve, on: base, area: [150 mm, 10 mm, 40 mm, 40 mm], mouth: top, glue: [[150 mm, 46 mm, 40 mm, 4 mm]]}
      pockets:
        sleeve: {label: sleeve, on: base, width: 38 mm, depth: 36 mm, room: 50 mm}
      rests-on: [10 mm, 10 mm]
      folding:
        - {stage: Fold, drive: {fold: 180}}
      """;

  private static List<String> found(String text) {
    PatternFile file = PatternFile.read("trial.yaml", text);
    assertEquals(List.of(), file.mistakes());
    Pattern pattern = file.pattern().orElseThrow();
    Job job =
        Job.begun(
            "Trial",
            Edition.atHand("trial"),
            pattern.normalValues(),
            Tools.usual(Marks.MILLIMETRES));
    return Derivation.of(pattern, job).folded(() -> false).findings().stream()
        .map(RelationsTest::told)
        .filter(each -> !each.contains("print"))
        .toList();
  }

  private static String told(Finding finding) {
    return finding.kind().id() + (finding.isError() ? "!" : "");
  }

  @Test
  void cardAsItShouldBe_hasNoFinding() {
    assertEquals(List.of(), found(CARD));
  }

  /** Sideways over the edge of the closed card is an error, inside it a warning, or meant. */
  @ParameterizedTest
  @CsvSource({
    "'panel: [width, 0 mm, width, height]', 'panel: [140 mm, 0 mm, 70 mm, 60 mm]', "
        + "'layer-over-edge sticks-out!'",
    "'mat, on: base', 'mat, overhangs: true, on: base', ''"
  })
  void layerThatHangsOver_isGraded(String text, String instead, String kinds) {
    assertEquals(kinds, String.join(" ", found(CARD.replace(text, instead))));
    String meant =
        CARD.replace(text, instead).replace("mat, on: base", "mat, overhangs: true, on: base");
    assertEquals(List.of(), found(meant));
  }

  /** A step that stays behind a wider panel hangs over its own piece and not out of the card. */
  @Test
  void layerInsideTheClosedCard_isAWarningOnly() {
    String narrow =
        CARD.replace("size: [2 * width, height]\n    scores", "size: [180 mm, height]\n    scores")
            .replace("panel: [width, 0 mm, width, height]", "panel: [width, 0 mm, 80 mm, height]")
            .replace("area: [150 mm,", "area: [130 mm,")
            .replace("glue: [[150 mm,", "glue: [[130 mm,");
    assertEquals(List.of(), found(narrow));
    String over = narrow.replace("[width, 0 mm, 80 mm, height]", "[130 mm, 0 mm, 60 mm, height]");
    assertEquals(List.of("layer-over-edge"), found(over));
  }

  @ParameterizedTest
  @CsvSource({
    "38 mm, 50 mm, ''",
    "50 mm, 38 mm, ''",
    "39 mm, 50 mm, item-too-large!",
    "38 mm, 51 mm, item-too-large!"
  })
  void tag_mustGoThroughTheMouthAndStayInTheCard(String wide, String tall, String kinds) {
    String tag = "[" + wide + ", " + tall + "]";
    assertEquals(kinds, String.join(" ", found(CARD.replace("[38 mm, 50 mm]", tag))));
  }

  @ParameterizedTest
  @CsvSource({
    "'101 mm, 62 mm, 5 mm', ''",
    "'62 mm, 101 mm, 5 mm', ''",
    "'100 mm, 62 mm, 5 mm', room-too-small!",
    "'101 mm, 60 mm, 5 mm', room-too-small!",
    "'101 mm, 62 mm, 0.5 mm', room-too-small!",
    "'100.5 mm, 62 mm', room-too-small!",
    "'102 mm, 62 mm', ''"
  })
  void bag_mustTakeTheClosedCardWithItsThickness(String room, String kinds) {
    assertEquals(kinds, String.join(" ", found(CARD.replace("101 mm, 62 mm, 5 mm", room))));
  }

  /**
   * Brute force: two sheets H high slide into each other at a place if at every height at least one
   * of them is cut, and the cut of each is open towards the other.
   */
  @Test
  void slits_slotAsPaperDoes() {
    Random random = new Random(5);
    int slotted = 0;
    for (int i = 0; i < 60; i++) {
      int[] upper = {random.nextInt(3) == 0 ? 5 : 0, 25 + random.nextInt(10)};
      int[] lower = {25 + random.nextInt(10), random.nextInt(3) == 0 ? 55 : 60};
      int place = random.nextInt(4) == 0 ? 42 : random.nextBoolean() ? 160 : 40;
      boolean slots = upper[0] == 0 && lower[1] == 60 && place != 42;
      for (double height = 0.5; height < 60; height++) {
        boolean cut = height < upper[1] && height > upper[0];
        slots &= cut || height > lower[0] && height < lower[1];
      }
      String text =
          CARD.replace("[0 mm, 31 mm]", "[" + upper[0] + " mm, " + upper[1] + " mm]")
              .replace(
                  "x: 40 mm, span: [29 mm, 60 mm]",
                  "x: " + place + " mm, span: [" + lower[0] + " mm, " + lower[1] + " mm]");
      assertEquals(slots ? "" : "not-mated!", String.join(" ", found(text)), text);
      slotted += slots ? 1 : 0;
    }
    assertEquals(true, slotted > 5 && slotted < 55, "too few of one kind: " + slotted);
  }
}
