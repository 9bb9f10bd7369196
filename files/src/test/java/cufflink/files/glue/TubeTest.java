package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternFile;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What can still be reached in a piece that is glued to itself. */
class TubeTest {
  /** A finger goes 70 mm deep into a tube and no deeper; common practice, no source. */
  @ParameterizedTest
  @CsvSource({"130, true", "160, true", "124, true", "60, false", "122, false"})
  void paperInATube_comesFirst_ifItIsTooDeepForAFinger(int high, boolean isFirst) {
    String text =
        """
        format: cufflink-pattern/1
        id: tube
        name: Tube
        parameters:
          width: {label: Width, default: 60 mm, role: finished-width}
          height: {label: Height, default: %d mm, role: finished-height}
        pieces:
          base: {label: card base, size: [width, height]}
          sleeve:
            label: sleeve
            size: [130 mm, height]
            scores:
              left: {label: Left, x: 60 mm, fold: valley}
              right: {label: Right, x: 120 mm, fold: valley}
        layers:
          lining: {label: lining, on: sleeve, face: inside, panel: [0 mm, height / 2 - 10 mm, 60 mm, 20 mm], border: 2 mm}
        joins:
          seam: {label: seam of the sleeve, piece: sleeve, on: sleeve, face: outside, area: [0 mm, 0 mm, 10 mm, height]}
        folding:
          - {stage: Fold the sleeve, piece: sleeve, drive: {all: 180}}
        """
            .formatted(high);
    Pattern pattern = PatternFile.read("tube", text).pattern().orElseThrow();
    Derivation derivation = Derivation.of(pattern, Jobs.job("tube", pattern.normalValues()));
    GluingOrder order = GluingOrder.of(derivation.made().orElseThrow().design(), Wish.NONE);
    boolean found = order.musts().stream().anyMatch(must -> must.why().key().equals("act.tube"));
    assertEquals(isFirst, found);
  }

  /**
   * A tube that is 5, 10 or 20 mm wide: a finger goes in where it is 16, a brush with liquid glue
   * where it is 6; common practice, no source.
   */
  @ParameterizedTest
  @CsvSource({
    "20, tape, false",
    "20, liquid, false",
    "10, tape, true",
    "10, liquid, false",
    "5, tape, true",
    "5, liquid, true"
  })
  void partInANarrowTube_comesFirst_ifNothingGetsIn(int wide, String with, boolean isFirst) {
    String text =
        """
        format: cufflink-pattern/1
        id: tube
        name: Tube
        parameters:
          width: {label: Width, default: 60 mm, role: finished-width}
          height: {label: Height, default: 40 mm, role: finished-height}
        pieces:
          base: {label: card base, size: [width, height]}
          sleeve:
            label: sleeve
            size: [2 * %1$d mm + 3 mm, height]
            scores:
              left: {label: Left, x: %1$d mm, fold: valley}
              right: {label: Right, x: 2 * %1$d mm, fold: valley}
          badge: {label: badge, size: [4 mm, 30 mm]}
        joins:
          badge: {label: badge, with: %2$s, piece: badge, on: sleeve, area: [%1$d mm + 0.5 mm, 5 mm, 4 mm, 30 mm]}
          seam: {label: seam of the sleeve, piece: sleeve, on: sleeve, face: outside, area: [0 mm, 0 mm, 3 mm, height]}
        folding:
          - {stage: Fold the sleeve, piece: sleeve, drive: {all: 180}}
        """
            .formatted(wide, with);
    Pattern pattern = PatternFile.read("tube", text).pattern().orElseThrow();
    Derivation derivation = Derivation.of(pattern, Jobs.job("tube", pattern.normalValues()));
    GluingOrder order = GluingOrder.of(derivation.made().orElseThrow().design(), Wish.NONE);
    boolean found =
        order.musts().stream()
            .anyMatch(
                must -> must.why().key().equals("act.tube") && must.before().id().equals("badge"));
    assertEquals(isFirst, found);
  }
}
