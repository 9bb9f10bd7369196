package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.design.Design;
import cufflink.core.fit.Relayer;
import cufflink.core.fit.Snap;
import cufflink.core.fit.Snapper;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.export.CutJson;
import cufflink.files.project.ProjectFormat;
import cufflink.files.words.Words;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cards on one ruler, layers on another: each size falls on the marks it is cut on. */
class LayerMarksTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Rulers BOTH = new Rulers(Marks.FIVE_MILLIMETRES, Marks.SIXTEENTHS);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Design design(Pattern pattern, Values values) {
    return PatternEvaluator.evaluate(pattern, values.and(Bench.of(Marks.FIVE_MILLIMETRES)))
        .design()
        .orElseThrow();
  }

  /** The values that only layers depend on are moved, and nothing of the card is. */
  @ParameterizedTest
  @MethodSource("ids")
  void relaying_layersAlone_leavesTheCard(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Values one =
        Relayer.relay(
            pattern, pattern.normalValues(), Rulers.one(Marks.FIVE_MILLIMETRES), Set.of());
    Values two = Relayer.relay(pattern, one, BOTH, Set.of());
    Design before = design(pattern, one);
    Design after = design(pattern, two);
    assertEquals(before.finishedWidth(), after.finishedWidth(), id);
    for (int i = 0; i < before.pieces().size(); i++) {
      if (before.pieces().get(i).paper() != cufflink.core.paper.PaperKind.PATTERNED) {
        assertEquals(before.pieces().get(i).width(), after.pieces().get(i).width(), id);
        assertEquals(before.pieces().get(i).height(), after.pieces().get(i).height(), id);
        assertEquals(before.pieces().get(i).scores(), after.pieces().get(i).scores(), id);
      }
    }
  }

  /** Common practice, no source: borders of 1/8 in and 1/4 in on cards in whole centimetres. */
  @Test
  void borders_goOntoTheirOwnMarks() {
    Pattern gate = LIBRARY.pattern("off-centre-gate").orElseThrow();
    Values metric =
        Relayer.relay(gate, gate.normalValues(), Rulers.one(Marks.FIVE_MILLIMETRES), Set.of());
    Values both = Relayer.relay(gate, metric, BOTH, Set.of());
    double border = both.length("border").orElseThrow().toMillimetres();
    assertEquals(0, border / 25.4 * 16 % 1, 1e-9);
    assertEquals(0, both.length("width").orElseThrow().toMillimetres() % 5, 1e-9);
  }

  /** The snapper weighs each number by the marks it is cut on. */
  @Test
  void snapping_judgesLayersByTheirMarks() {
    Pattern gate = LIBRARY.pattern("off-centre-gate").orElseThrow();
    Snap snap = Snapper.snap(gate, gate.normalValues(), BOTH, Set.of(), () -> false);
    snap.left()
        .forEach(
            number -> {
              double step = number.isLayer() ? 25.4 / 16 : 5;
              double steps = number.length().toMillimetres() / step;
              assertTrue(Math.abs(steps - Math.rint(steps)) > 1e-9, number.toString());
            });
  }

  @Test
  void sizesOfLayers_areSaidOnTheirMarks() throws Exception {
    Job job = Jobs.gate().withRulers(new Rulers(Marks.MILLIMETRES, Marks.SIXTEENTHS));
    Derivation derivation = Jobs.derive(job);
    LengthFormat format = Words.on(job.marks(), Fractions.PLAIN);
    JsonNode plans =
        new ObjectMapper()
            .readTree(
                new CutJson(format, job.rulers(), job.habit().hand())
                    .write(Jobs.plans(derivation)));
    for (JsonNode plan : plans) {
      boolean inches = plan.path("paper").asText().equals("patterned");
      for (JsonNode cut : plan.path("cuts")) {
        String words = cut.path("moves").get(0).path("words").asText();
        assertEquals(inches, words.contains(" inch"), words);
        assertEquals(
            inches, cut.path("display").path("fence").asText().endsWith(" inch"), cut.toString());
      }
    }
  }

  @Test
  void project_keepsBoth() throws Exception {
    Job job = Jobs.gate().withRulers(BOTH);
    Job read = ProjectFormat.read("both", ProjectFormat.write(job)).orElseThrow();
    assertEquals(BOTH, read.rulers());
    assertTrue(!ProjectFormat.write(Jobs.gate()).contains("layerMarks"));
  }
}
