package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Fold;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Segment;
import cufflink.core.words.Language;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** With which tool and from where. Source: common practice, no source. */
class MannerTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final Piece PIECE = Strips.piece(100, 60, List.of(), List.of());

  private static Segment line(double fromX, double fromY, double toX, double toY) {
    return new Segment(Strips.point(fromX, fromY), Strips.point(toX, toY));
  }

  @ParameterizedTest
  @CsvSource({
    "10, 10, 10, 50, Pencil both ends",
    "0, 10, 30, 10, Begin at the edge",
    "30, 10, 100, 10, Begin at the edge",
    "30, 60, 30, 20, Begin at the edge",
    "30, 0, 30, 20, Begin at the edge",
    "0, 10, 100, 10, Cut from edge to edge",
    "30, 0, 30, 60, Cut from edge to edge"
  })
  void slit_isBegunAtAnEdgeIfItReachesOne(
      double fromX, double fromY, double toX, double toY, String begin) {
    Slit slit = new Slit("s", "slit", line(fromX, fromY, toX, toY));
    String said = Manner.of(PIECE, slit, false).say(FORMAT);
    assertEquals(begin, said.substring(0, begin.length()));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0, 100, 60, top left corner to the bottom right",
    "100, 60, 0, 0, top left corner to the bottom right",
    "100, 0, 0, 60, top right corner to the bottom left",
    "0, 60, 100, 0, top right corner to the bottom left",
    "0, 0, 50, 60, Stop the knife in the corner",
    "30, 0, 100, 60, Stop the knife in the corner",
    "0, 20, 100, 40, Mark both ends in pencil",
    "30, 0, 50, 60, Mark both ends in pencil"
  })
  void cut_fromCornerToCorner_saysWhichPointsStayWhole(
      double fromX, double fromY, double toX, double toY, String part) {
    String said = Manner.edgeToEdge(PIECE, line(fromX, fromY, toX, toY)).say(FORMAT);
    assertEquals(true, said.contains(part), said);
  }

  @Test
  void opening_isPunchedOrCutAsItsKindAsks() {
    Opening.Round round = new Opening.Round(Strips.point(30, 0), Length.ofMillimetres(9));
    assertEquals(
        List.of(
            "Pencil its outline on this face round a compass or a die, and cut along it with the"
                + " knife, turning the paper and not the knife.",
            "Push the punch in from the edge; the notch is then 9 deep.",
            "Punch both ends, then cut between them along a metal rule.",
            "Set the punch on the pencil mark, on a cutting mat."),
        List.of(Opening.Kind.WINDOW, Opening.Kind.NOTCH, Opening.Kind.SLOT, Opening.Kind.HOLE)
            .stream()
            .map(kind -> Manner.of(PIECE, Opening.round("o", "o", kind, round)).say(FORMAT))
            .toList());
  }

  @Test
  void openingAcrossAFold_isPunchedWithThePieceFolded() {
    Score ridge = new Score("ridge", "Ridge", Fold.MOUNTAIN, line(0, 30, 100, 30));
    Piece piece = Strips.piece(100, 60, List.of(ridge), List.of());
    Opening.Round round = new Opening.Round(Strips.point(50, 30), Length.ofMillimetres(9));
    Opening thumb = Opening.round("o", "o", Opening.Kind.HOLE, round).across(List.of("ridge"));
    assertEquals(
        "Fold it along “Ridge” and punch half the circle out of the fold, 9 deep, through both"
            + " plies.",
        Manner.of(piece, thumb).say(FORMAT));
    Opening.Round aside = new Opening.Round(Strips.point(50, 31), Length.ofMillimetres(9));
    assertEquals(
        "Set the punch on the pencil mark, on a cutting mat.",
        Manner.of(piece, Opening.round("o", "o", Opening.Kind.HOLE, aside).across(List.of("ridge")))
            .say(FORMAT));
  }
}
