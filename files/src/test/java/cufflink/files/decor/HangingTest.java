package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperRole;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Surface;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Handles and the ends of ribbons, measured in the picture with a tape and counted by eye. */
class HangingTest {
  private static Drawing picture(String id, String value, long millimetres, double done) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Derivation derivation =
        Jobs.derive(
            Jobs.job(id, pattern.normalValues().and(value, Length.ofMillimetres(millimetres))));
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    Look above = derivation.look().from(0, 0, 0);
    Surface surface = Pictures.square(900);
    return Portrait.of(model, derivation.made().orElseThrow().design(), above, done, surface);
  }

  private static double around(List<Spot> ring) {
    return Facet.polygon(ring).getExteriorRing().getLength();
  }

  /**
   * Lying flat, an arch is as long as its handle: half way round a band is its length and width.
   */
  @ParameterizedTest
  @ValueSource(longs = {150, 216, 300})
  void handle_isAsLongAsItIsCut(long handle) {
    Drawing drawing = picture("handled-purse", "handle", handle, 0);
    List<Double> lengths =
        drawing.marks().stream()
            .filter(Printed.class::isInstance)
            .map(mark -> ((Printed) mark).rings().get(0))
            .filter(ring -> ring.size() > 40)
            .map(ring -> around(ring) / drawing.scale() / 2)
            .toList();
    assertEquals(2, lengths.size());
    // The strap is 18 wide and folded lengthwise.
    lengths.forEach(each -> assertEquals(handle + 9, each, handle * 0.02));
  }

  /**
   * A bow is two loops, two ends and a knot; it takes 50 mm at each end (common practice, no
   * source). Shorter ends are left to hang.
   */
  @ParameterizedTest
  @CsvSource({"130, 5", "60, 2"})
  void endsThatMeet_areTied_ifTheyAreLongEnough(long tails, int shapes) {
    Pattern pattern = PatternLibrary.shipped().pattern("banded-half-fold").orElseThrow();
    int ribbon = pattern.look().colours(PaperRole.RIBBON).ground().rgb();
    assertEquals(
        shapes,
        count(picture("banded-half-fold", "tails", tails, 1), ribbon)
            - count(picture("banded-half-fold", "tails", 0, 1), ribbon));
  }

  /** Closed, the two ends of the album's ribbon meet at its open side; opened they do not. */
  @Test
  void endsThatPart_areNotTied() {
    Pattern pattern = PatternLibrary.shipped().pattern("concertina-album").orElseThrow();
    int ribbon = pattern.look().colours(PaperRole.RIBBON).ground().rgb();
    long closed = count(picture("concertina-album", "tail", 140, 1), ribbon);
    long opened = count(picture("concertina-album", "tail", 140, 2), ribbon);
    assertTrue(closed > opened, closed + " " + opened);
  }

  private static long count(Drawing drawing, int colour) {
    return drawing.marks().stream()
        .filter(mark -> mark instanceof Printed printed && printed.ground() == colour)
        .filter(mark -> ((Printed) mark).figures().isEmpty())
        .count();
  }
}
