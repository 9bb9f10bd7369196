package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A bar across a fold, its tabs turned under: when the card is folded to half it stands off from
 * either panel by as much as its arm is long. What lies under it is reached then, if a finger goes
 * in (16 mm) and not too deep (70 mm); common practice, no source.
 */
class CoveredTest {
  private static Design card(boolean folds, int arm, int wide) {
    String fold = "scores:\n      fold: {label: Fold, x: width / 2, fold: mountain}";
    String stage =
        "folding:\n  - {stage: Fold it to half, drive: {fold: 90}, with: {bar.middle: -90,"
            + " bar.left-tab: -90, bar.right-tab: -90}}";
    String text =
        """
        format: cufflink-pattern/1
        id: bridge
        name: Bridge
        parameters:
          width: {label: Width, default: 160 mm, role: finished-width}
          height: {label: Height, default: 260 mm, role: finished-height}
        pieces:
          base:
            label: card base
            size: [width, height]
            %s
        layers:
          picture: {label: picture, on: base, face: outside, panel: [width / 2 + 1 mm, 20 mm + %d mm / 2, 7 mm, 6 mm], border: 2 mm}
        joins:
          bar: {label: bar, piece: bar, on: base, face: outside, over: true, area: [width / 2 - %2$d mm, 23 mm, 4 mm, %1$d mm], askew: [4 mm + %2$d mm / 2, %1$d mm / 2, width / 2 + %2$d mm / 2, 23 mm + %1$d mm / 2], degrees: 0, glue: [[width / 2 - %2$d mm, 23 mm, 4 mm, %1$d mm], [width / 2 + %2$d mm - 4 mm, 23 mm, 4 mm, %1$d mm]]}
        includes:
          bar: {part: bar, with: {arm: %2$d mm, tab: 4 mm, wide: %1$d mm}}
        %s
        """
            .replace("%s", "%%s")
            .formatted(wide, arm)
            .replaceFirst("%s", folds ? fold : "")
            .replace("%s", folds ? stage : "");
    Pattern pattern = PatternFile.read("bridge", text).pattern().orElseThrow();
    return Derivation.of(pattern, Jobs.job("bridge", pattern.normalValues()))
        .made()
        .orElseThrow()
        .design();
  }

  @ParameterizedTest
  @CsvSource({
    "true, 50, 20, false",
    "true, 18, 20, false",
    "true, 14, 20, true",
    "true, 50, 150, true",
    "true, 50, 130, false",
    "false, 50, 20, true"
  })
  void underTheBar_comesFirst_ifItIsNotReachedAfterwards(
      boolean folds, int arm, int wide, boolean isFirst) {
    GluingOrder order = GluingOrder.of(card(folds, arm, wide), Wish.NONE);
    long covered =
        order.musts().stream()
            .filter(must -> must.why().key().equals("act.covered"))
            .filter(must -> must.after().id().equals("bar"))
            .filter(must -> must.before().id().equals("base outside"))
            .count();
    assertEquals(isFirst ? 1 : 0, covered);
    if (isFirst) {
      String told =
          order.musts().stream()
              .filter(must -> must.why().key().equals("act.covered"))
              .findFirst()
              .orElseThrow()
              .why()
              .say(Spoken.ENGLISH);
      assertTrue(told.startsWith("However the card is opened, the bar then lies"), told);
    }
  }

  /** Nothing of the shipped cards is out of reach that their makers do not do first anyway. */
  @Test
  void shippedCards_needNoOtherOrder() {
    for (Pattern pattern : PatternLibrary.shipped().patterns()) {
      Design design =
          Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues())).made().orElseThrow().design();
      GluingOrder order = GluingOrder.of(design, Wish.NONE);
      assertTrue(order.ring().isEmpty(), pattern.id());
      assertTrue(
          order.musts().stream().noneMatch(must -> must.why().key().equals("act.covered")),
          pattern.id());
    }
  }
}
