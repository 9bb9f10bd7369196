package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Language;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Slits, trimmed edges and holes, said in the order of the piece. */
class SecondCutTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  @Test
  void of_everyKind_saysWhereItStartsAndStops() {
    Piece piece =
        piece(
            List.of(
                Strips.point(0, 0),
                Strips.point(80, 0),
                Strips.point(60, 50),
                Strips.point(0, 50)));
    assertEquals(
        List.of(
            "Cut from 80 across and 0 down to 60 across and 50 down; what is cut off is spare.",
            "Slit: 20 from the left edge, from 5 to 30 below the top. Stop exactly there.",
            "Corner to corner: from 0 across and 0 down to 60 across and 50 down. Both parts are"
                + " used.",
            "Notch: half a circle 24 across, its middle 40 from the left and 0 below the top.",
            "Slot: 30 wide and 8 high, 10 from the left and 40 below the top."),
        directions(piece));
  }

  @Test
  void of_roundEdge_isCutByTheTemplate() {
    List<Point> round =
        IntStream.rangeClosed(0, 20)
            .mapToObj(
                i ->
                    Strips.point(
                        40 - 40 * Math.cos(Math.PI * i / 20), 40 * Math.sin(Math.PI * i / 20)))
            .toList();
    assertEquals("Cut along the round edge of the template.", directions(piece(round)).get(0));
  }

  private static List<String> directions(Piece piece) {
    Design design = Strips.design(piece, List.of(), Strips.point(1, 1));
    return SecondCut.of(design).stream().map(cut -> cut.direction().say(FORMAT)).toList();
  }

  private static Piece piece(List<Point> outline) {
    Opening.Round half = new Opening.Round(Strips.point(40, 0), Length.ofMillimetres(12));
    return new Piece(
        "base",
        "card",
        PaperKind.CARDSTOCK,
        1,
        Length.ofMillimetres(80),
        Length.ofMillimetres(50),
        outline,
        List.of(),
        List.of(new Slit("slit", "Slit", new Segment(Strips.point(20, 30), Strips.point(20, 5)))),
        List.of(
            new Slit(
                "half", "Corner to corner", new Segment(Strips.point(0, 0), Strips.point(60, 50)))),
        List.of(
            Opening.round("notch", "Notch", Opening.Kind.NOTCH, half),
            new Opening(
                "slot",
                "Slot",
                Opening.Kind.SLOT,
                List.of(
                    Strips.point(10, 40),
                    Strips.point(40, 40),
                    Strips.point(40, 48),
                    Strips.point(10, 48)),
                java.util.Optional.empty())));
  }
}
