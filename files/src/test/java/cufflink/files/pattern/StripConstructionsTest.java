package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Goal;
import cufflink.core.flat.FlatPattern;
import cufflink.core.inspect.Inspection;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Tolerances;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The strip constructions at sizes known from the trade.
 *
 * <p>Source of all sizes: common practice, no source.
 */
class StripConstructionsTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  @Test
  void everyShippedPattern_isInTheIndexAndReadWithoutMistakes() throws IOException {
    Path folder = Path.of("src/main/resources/cufflink/files/patterns");
    try (Stream<Path> files = Files.list(folder)) {
      Set<String> written =
          files
              .map(file -> file.getFileName().toString())
              .filter(name -> name.matches("[a-z0-9-]+\\.yaml"))
              .map(name -> name.replace(".yaml", ""))
              .collect(Collectors.toSet());
      Set<String> read = LIBRARY.patterns().stream().map(Pattern::id).collect(Collectors.toSet());
      assertEquals(written, read);
    }
    assertEquals(List.of(), LIBRARY.problems());
  }

  @Test
  void bandedHalfFold_atTradeSizes_hasFoldAndBandsOfCommonPractice() {
    Values values =
        lengths("width", "5 1/2", "height", "4 1/4", "pitch", "1/4", "border", "1/4")
            .and("upper", new Setting.OfCount(2))
            .and("bands", new Setting.OfCount(3));
    Design design = design("banded-half-fold", values);
    assertSize("5 1/2", "8 1/2", design.base());
    assertEquals(inches("4 1/4"), design.base().score("fold").orElseThrow().line().from().y());
    assertEquals(
        inches("4", "3 3/4", "1/4", "1/2", "3/4"),
        scores(design, Fold.DECORATIVE).map(score -> score.line().from().y()).toList());
    assertClosed("5 1/2", "4 1/4", 2, design);
  }

  @Test
  void bandedHalfFold_bandsOnBothEdges_areMeasuredFromEachFarEdge() {
    Values values =
        lengths("width", "5 1/2", "height", "4 1/4", "pitch", "1/4", "border", "1/4")
            .and("upper", new Setting.OfCount(2))
            .and("bands", new Setting.OfCount(3))
            .and("lined", new Setting.OfChoice("both"));
    assertEquals(
        inches("4", "3 3/4", "1/4", "1/2", "3/4", "8 1/4", "8", "7 3/4"),
        scores(design("banded-half-fold", values), Fold.DECORATIVE)
            .map(score -> score.line().from().y())
            .toList());
  }

  @Test
  void bandedHalfFold_bandsReachingTheFold_areFoundWithACure() {
    Values values =
        lengths("height", "4", "pitch", "1")
            .and("upper", new Setting.OfCount(0))
            .and("bands", new Setting.OfCount(4));
    Evaluation evaluation = evaluate("banded-half-fold", values);
    Finding finding = evaluation.findings().get(0);
    assertTrue(finding.isError());
    Values cured = values.and(finding.fix().orElseThrow().values());
    assertEquals(new Setting.OfCount(3), cured.get("bands").orElseThrow());
  }

  @Test
  void offCentreGate_atTradeSizes_hasScoresAndOverlapOfCommonPractice() {
    Design design = design("off-centre-gate", gate());
    assertSize("11", "5 1/2", design.base());
    assertEquals(inches("3", "7 1/4"), stops(design));
    assertTrue(scores(design, Fold.VALLEY).count() == 2, "both flaps fold over the middle");
    assertClosed("4 1/4", "5 1/2", 3, design);
  }

  @Test
  void offCentreGate_flapAsWideAsTheMiddle_isFound() {
    Evaluation evaluation = evaluate("off-centre-gate", gate().and(lengths("left", "4 1/4")));
    assertEquals(List.of("left"), evaluation.findings().get(0).place().parameters());
    assertTrue(evaluation.findings().get(0).isError());
  }

  @Test
  void offCentreGate_flapWiderThanTheMiddle_sticksOutWhenClosed() {
    Values values = gate().and(lengths("right", "4 1/2"));
    Evaluation evaluation = evaluate("off-centre-gate", values);
    Design design = evaluation.design().orElseThrow();
    List<Finding> findings =
        Inspection.inspect(
            design,
            Optional.of(closed(design)),
            new Goal.Free(),
            Optional.empty(),
            false,
            Tolerance.FOLDED);
    assertEquals("sticks-out", findings.get(0).kind().id());
  }

  @Test
  void steppedAccordion_atTradeSizes_hasStopsAndLayersOfCommonPractice() {
    Design design = design("stepped-accordion", accordion());
    assertSize("12", "5 1/2", design.base());
    assertEquals(inches("1 3/4", "4 3/4", "7 3/4"), stops(design));
    assertEquals(
        List.of(Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY),
        design.base().scores().stream().map(Score::fold).toList());
    assertEquals(
        inches("1 1/2", "1 1/2", "2 3/4", "1 1/4"),
        design.layers().stream().map(Layer::width).toList());
    assertTrue(design.layers().stream().allMatch(layer -> layer.height().equals(inches("5 1/4"))));
    assertClosed("4 1/4", "5 1/2", 4, design);
  }

  private static Values gate() {
    return lengths("width", "4 1/4", "height", "5 1/2", "left", "3", "right", "3 3/4");
  }

  private static Values accordion() {
    return lengths(
        "width", "4 1/4", "height", "5 1/2", "first", "1 3/4", "middle", "3", "border", "1/4");
  }

  private static Values lengths(String... namesAndInches) {
    Values values = Values.NONE;
    for (int i = 0; i < namesAndInches.length; i += 2) {
      values = values.and(namesAndInches[i], inches(namesAndInches[i + 1]));
    }
    return values;
  }

  private static Length inches(String text) {
    return LengthParser.parse(text, Unit.INCH).orElseThrow();
  }

  private static List<Length> inches(String first, String... more) {
    return Stream.concat(Stream.of(first), Stream.of(more))
        .map(StripConstructionsTest::inches)
        .toList();
  }

  private static Evaluation evaluate(String id, Values values) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return PatternEvaluator.evaluate(pattern, values);
  }

  private static Design design(String id, Values values) {
    Evaluation evaluation = evaluate(id, values);
    assertTrue(evaluation.works(), () -> evaluation.findings().toString());
    Design design = evaluation.design().orElseThrow();
    assertEquals(
        List.of(),
        Inspection.inspect(
            design,
            Optional.of(closed(design)),
            new Goal.Free(),
            Optional.empty(),
            false,
            Tolerance.FOLDED));
    return design;
  }

  private static Stream<Score> scores(Design design, Fold fold) {
    return design.base().scores().stream().filter(score -> score.fold() == fold);
  }

  private static List<Length> stops(Design design) {
    return design.base().scores().stream().map(score -> score.line().from().x()).toList();
  }

  private static ClosedState closed(Design design) {
    FlatPattern flat = FlatPattern.of(design.base(), Tolerances.USUAL);
    return FoldModel.of(design, flat).closed().orElseThrow();
  }

  private static void assertSize(String width, String height, Piece piece) {
    assertEquals(inches(width), piece.width());
    assertEquals(inches(height), piece.height());
  }

  private static void assertClosed(String width, String height, int plies, Design design) {
    ClosedState closed = closed(design);
    assertTrue(closed.isFlat());
    assertEquals(inches(width), closed.width());
    assertEquals(inches(height), closed.height());
    assertEquals(plies, closed.mostPlies());
  }
}
