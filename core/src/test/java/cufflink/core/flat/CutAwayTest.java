package cufflink.core.flat;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What comes out of two strips cut off beside a tongue, counted on squared paper by hand. */
class CutAwayTest {
  private static Piece host() {
    // 90 wide; of its upper 90 only a tongue from 30 to 60 is left.
    return new Piece(
        "host",
        "host",
        PaperKind.CARDSTOCK,
        1,
        Length.ofMillimetres(90),
        Length.ofMillimetres(180),
        List.of(
            Strips.point(30, 0),
            Strips.point(60, 0),
            Strips.point(60, 90),
            Strips.point(90, 90),
            Strips.point(90, 180),
            Strips.point(0, 180),
            Strips.point(0, 90),
            Strips.point(30, 90)),
        List.of(),
        List.of());
  }

  @ParameterizedTest
  @CsvSource({
    "30, 30, 6",
    "31, 31, 0",
    "31, 30, 4",
    "30, 45, 4",
    "45, 30, 4",
    "15, 20, 16",
    "100, 10, 0"
  })
  void count_isWhatGoesIntoTheTwoStrips(int wide, int high, long count) {
    Piece piece = Strips.piece(wide, high, List.of(), List.of());
    assertEquals(count, CutAway.count(host(), piece));
  }

  @Test
  void count_ofAWholeRectangle_isNought() {
    Piece whole = Strips.piece(90, 60, List.of(), List.of());
    assertEquals(0, CutAway.count(whole, Strips.piece(10, 10, List.of(), List.of())));
  }

  /** A third is no whole number of units: three of them still come out of the whole. */
  @Test
  void count_ofThirds_isThree() {
    for (double side = 100; side < 101; side += 0.013) {
      Length wide = Length.fromMillimetres(side);
      Length third = Length.fromMillimetres(wide.toMillimetres() / 3);
      Piece host =
          new Piece(
              "host",
              "host",
              PaperKind.CARDSTOCK,
              1,
              wide,
              wide,
              List.of(
                  new Point(third, Length.ZERO),
                  new Point(wide, Length.ZERO),
                  new Point(wide, wide),
                  new Point(third, wide)),
              List.of(),
              List.of());
      Piece square =
          new Piece(
              "square",
              "square",
              PaperKind.CARDSTOCK,
              3,
              third,
              third,
              Piece.rectangle(third, third),
              List.of(),
              List.of());
      assertEquals(3, CutAway.count(host, square), "side " + side);
    }
  }
}
