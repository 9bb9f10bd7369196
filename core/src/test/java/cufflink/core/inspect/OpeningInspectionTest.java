package cufflink.core.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Openings that leave what must hold them; on a piece 100 × 60 with a fold at 50. */
class OpeningInspectionTest {
  private static Opening circle(String id, Opening.Kind kind, double x, double y, int radius) {
    return Opening.round(
        id, id, kind, new Opening.Round(Strips.point(x, y), Length.ofMillimetres(radius)));
  }

  private static Opening slot(String id, double x, double y, double wide, double high) {
    List<Point> corners =
        List.of(
            Strips.point(x, y),
            Strips.point(x + wide, y),
            Strips.point(x + wide, y + high),
            Strips.point(x, y + high));
    return new Opening(id, id, Opening.Kind.SLOT, corners, Optional.empty());
  }

  private static List<FindingKind> kinds(Opening... openings) {
    Piece piece =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            Length.ofMillimetres(100),
            Length.ofMillimetres(60),
            Piece.rectangle(Length.ofMillimetres(100), Length.ofMillimetres(60)),
            List.of(Strips.upright("fold", Fold.VALLEY, 50, 60)),
            List.of(),
            List.of(),
            List.of(openings));
    Design design =
        new Design(
            "trial",
            List.of(piece),
            List.of(),
            List.of(),
            Strips.point(1, 1),
            Length.ofMillimetres(50),
            Length.ofMillimetres(60));
    return OpeningInspection.inspect(design, Tolerance.FOLDED).stream().map(Finding::kind).toList();
  }

  @Test
  void windowInAPanel_isInOrder() {
    assertEquals(List.of(), kinds(circle("w", Opening.Kind.WINDOW, 25, 30, 20)));
    // It touches the fold and no more.
    assertEquals(List.of(), kinds(slot("s", 30, 20, 20, 10)));
  }

  @Test
  void windowAcrossAFold_isFoundUnlessItIsMeant() {
    Opening window = circle("w", Opening.Kind.WINDOW, 45, 30, 10);
    assertEquals(List.of(FindingKind.OPENING_ON_FOLD), kinds(window));
    assertEquals(List.of(), kinds(window.across(List.of("fold"))));
    assertEquals(List.of(FindingKind.OPENING_ON_FOLD), kinds(window.across(List.of("another"))));
  }

  @Test
  void notch_isTakenOutOfOneEdge() {
    assertEquals(List.of(), kinds(circle("n", Opening.Kind.NOTCH, 25, 0, 20)));
    assertEquals(
        List.of(FindingKind.OPENING_OVER_EDGE), kinds(circle("n", Opening.Kind.NOTCH, 20, 0, 20)));
    // As high as the piece: it reaches the foot.
    assertEquals(
        List.of(FindingKind.OPENING_OVER_EDGE), kinds(circle("n", Opening.Kind.NOTCH, 0, 30, 30)));
  }

  @Test
  void slotPastAnEdge_isFound() {
    assertEquals(List.of(FindingKind.OPENING_OVER_EDGE), kinds(slot("s", 60, -2, 20, 10)));
    assertEquals(List.of(FindingKind.OPENING_OVER_EDGE), kinds(slot("s", 60, 50, 20, 10)));
  }

  @Test
  void openingsThatMeet_areFound() {
    assertEquals(
        List.of(FindingKind.OPENINGS_MEET),
        kinds(slot("a", 60, 10, 20, 10), slot("b", 70, 15, 20, 10)));
    assertEquals(List.of(), kinds(slot("a", 60, 10, 20, 10), slot("b", 60, 25, 20, 10)));
  }
}
