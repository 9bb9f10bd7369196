package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How parts are brought to their places; common practice, no source. */
class MethodTest {
  private static Design shipped(String id) {
    var pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues())).made().orElseThrow().design();
  }

  private static String walk(Design card, String joint) {
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    int step =
        IntStream.range(0, order.steps().size())
            .filter(
                i ->
                    order
                        .steps()
                        .get(i)
                        .act()
                        .joint()
                        .filter(each -> each.id().equals(joint))
                        .isPresent())
            .findFirst()
            .orElseThrow();
    return String.join(
        " ",
        order.walk(step, card, false, Optional.empty()).stream()
            .map(line -> line.say(Spoken.ENGLISH))
            .toList());
  }

  /** The card is closed on to the fold-out; a leaf is tried; a sleeve is set beside the score. */
  @ParameterizedTest
  @CsvSource({
    "diagonal-fold-out, foldout, close the card onto it and press",
    "stacked-pocket-folio, leaf-0, Offer the leaf up without glue first",
    "stacked-pocket-folio, sleeve-1, Of the sleeve its left side grips first"
  })
  void method_isToldAtItsStep(String id, String joint, String says) {
    String told = walk(shipped(id), joint);
    assertTrue(told.contains(says), told);
  }

  private static String badge(String face, String word) {
    return """
        format: cufflink-pattern/1
        id: trial
        name: Trial
        parameters:
          width: {label: Width, default: 100 mm, role: finished-width}
          height: {label: Height, default: 60 mm, role: finished-height}
        pieces:
          base: {label: card base, size: [width, height]}
          badge: {label: badge, size: [20 mm, 20 mm]}
        joins:
          badge: {label: badge, piece: badge, on: base, face: %s, %s, area: [10 mm, 10 mm, 20 mm, 20 mm]}
        """
        .formatted(face, word);
  }

  /** Turned over like a page, what was the left side lies at the right. */
  @ParameterizedTest
  @CsvSource({
    "inside, left, left side",
    "outside, left, right side",
    "outside, top, top",
    "outside, bottom, lower edge",
    "inside, right, right side"
  })
  void side_isNamedAsTheFaceLies(String face, String side, String says) {
    Pattern pattern =
        PatternFile.read("trial", badge(face, "grips: " + side)).pattern().orElseThrow();
    Derivation derivation = Derivation.of(pattern, Jobs.job("trial", pattern.normalValues()));
    String told = walk(derivation.made().orElseThrow().design(), "badge");
    assertTrue(told.contains("Of the badge its " + says + " grips first"), told);
  }

  /**
   * However leaf and sleeve lie in the picture, the side that is named is the one that was the left
   * one of the place when its corners were written down, from the upper left clockwise.
   */
  @Test
  void side_isNamedAsItLiesInThePicture() {
    Design card = shipped("stacked-pocket-folio");
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    Set<String> named = new HashSet<>();
    for (int i = 0; i < order.steps().size(); i++) {
      String joint = order.steps().get(i).act().joint().map(Joint::id).orElse("");
      if (!joint.startsWith("sleeve-")) {
        continue;
      }
      List<Drawing.Stroke> strokes =
          WalkTest.strokes(GlueDrawing.of(order, card, i, WalkTest.SURFACE).orElseThrow());
      List<Spot> place = strokes.get(WalkTest.last(strokes, Ink.PLACE)).path();
      double right = place.get(0).x() + place.get(3).x() - place.get(1).x() - place.get(2).x();
      double down = place.get(0).y() + place.get(3).y() - place.get(1).y() - place.get(2).y();
      String side =
          Math.abs(right) > Math.abs(down)
              ? right < 0 ? "left side" : "right side"
              : down < 0 ? "top" : "lower edge";
      String told =
          String.join(
              " ",
              order
                  .walk(i, card, false, Optional.empty(), GlueDrawing.lies(order, card, i))
                  .stream()
                  .map(line -> line.say(Spoken.ENGLISH))
                  .toList());
      assertTrue(told.contains("Of the sleeve its " + side + " grips first"), joint + ": " + told);
      named.add(side);
    }
    assertTrue(named.size() > 1, "they lie turned against each other: " + named);
  }

  @ParameterizedTest
  @CsvSource({"offered: wet", "grips: middle"})
  void method_thatIsNone_isAMistakeWithItsPlace(String word) {
    List<?> mistakes = PatternFile.read("own.yaml", badge("inside", word)).mistakes();
    assertEquals(1, mistakes.size(), mistakes.toString());
    assertTrue(
        mistakes.toString().contains("joins.badge." + word.split(": ")[0]), mistakes.toString());
  }
}
