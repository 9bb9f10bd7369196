package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Both schools of the belly band: scored beforehand, or pinched round the filled card. */
class BandTest {
  private static final String FOLIO = "stacked-pocket-folio";

  private static Derivation folio(Map<String, Setting> own) {
    Values values = PatternLibrary.shipped().pattern(FOLIO).orElseThrow().normalValues();
    for (Map.Entry<String, Setting> each : own.entrySet()) {
      values = values.and(each.getKey(), each.getValue());
    }
    return Jobs.derive(Jobs.job(FOLIO, values));
  }

  private static Map<String, Setting> scored(double stack) {
    return Map.of(
        "band_folds", new Setting.OfChoice("score"),
        "band_stack", new Setting.OfLength(Length.fromMillimetres(stack)));
  }

  /** A strip laid round a box by hand: back, side, front, side and back again; by arithmetic. */
  @ParameterizedTest
  @ValueSource(doubles = {9, 10, 11})
  void scoredBand_goesRoundTheBox(double stack) {
    Design card = folio(scored(stack)).made().orElseThrow().design();
    Piece band = card.piece("band").orElseThrow();
    List<Double> at = new ArrayList<>();
    band.scores().stream().filter(Score::folds).forEach(each -> at.add(x(each)));
    Collections.sort(at);
    assertEquals(4, at.size());
    double high = card.finishedHeight().toMillimetres();
    assertEquals(stack, at.get(1) - at.get(0), 0.01);
    assertEquals(high, at.get(2) - at.get(1), 0.01);
    assertEquals(stack, at.get(3) - at.get(2), 0.01);
    double ends = at.get(0) + band.width().toMillimetres() - at.get(3);
    assertEquals(high + 14, ends, 0.01, "both ends lie over the back, and overlap");
  }

  @Test
  void scoredBand_isFoundTooTightOrTooLoose() {
    assertEquals(List.of(), said(folio(scored(9))));
    assertTrue(said(folio(scored(8))).contains("rule"), "too tight");
    assertTrue(said(folio(scored(14))).contains("rule"), "too loose");
  }

  /** Under a quarter of an inch of overlap is a finding; common practice, no source. */
  @Test
  void pinchedBand_isFoundTooShort() {
    Setting twelve = new Setting.OfLength(Length.ofMillimetres(7));
    // 14 - 2 * (9 - stack) is left of the overlap.
    assertEquals(
        List.of(),
        said(folio(Map.of("band_stack", new Setting.OfLength(Length.ofMillimetres(6))))));
    assertFalse(
        said(folio(Map.of("band_stack", new Setting.OfLength(Length.ofMillimetres(5))))).isEmpty());
    assertFalse(
        said(folio(Map.of("band_stack", twelve, "band_overlap", twelve))).isEmpty(), "3 left");
  }

  /** Whichever school: it goes round all of the card, and so comes last. */
  @ParameterizedTest
  @ValueSource(strings = {"score", "pinch"})
  void band_comesLast(String school) {
    Design card =
        folio(Map.of("band_folds", new Setting.OfChoice(school))).made().orElseThrow().design();
    GluingOrder order = GluingOrder.of(card, GluingOrder.Wish.NONE);
    String last = order.steps().get(order.steps().size() - 1).act().joint().orElseThrow().piece();
    assertEquals("band", last);
    boolean pinched =
        card.notes().stream().anyMatch(note -> note.toString().contains("pinch its folds"));
    assertEquals(school.equals("pinch"), pinched);
  }

  private static double x(Score score) {
    return score.line().from().x().toMillimetres();
  }

  private static List<String> said(Derivation derivation) {
    return derivation.findings().stream().map(each -> each.kind().name().toLowerCase()).toList();
  }
}
