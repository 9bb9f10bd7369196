package cufflink.core.flat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Segment;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class FlatPatternTest {
  private static final double NEAR = 1e-6;

  @Test
  void facets_ofAStrip_stand_fromLeftToRight() {
    FlatPattern flat = flat(Strips.strip(50, Fold.VALLEY, 10, 20, 30).base());
    assertEquals(3, flat.facets().size());
    assertEquals(2, flat.creases().size());
    assertEquals(500, flat.facets().get(0).polygon().getArea(), NEAR);
    assertEquals(1_500, flat.facets().get(2).polygon().getArea(), NEAR);
    assertEquals(1, flat.creases().get(0).across(0));
    assertTrue(flat.creases().get(1).joins(2));
  }

  @Test
  void facets_coverThePieceExactly() {
    Random random = new Random(6);
    for (int i = 0; i < 50; i++) {
      double a = 1 + random.nextInt(800) / 8.0;
      double b = 1 + random.nextInt(800) / 8.0;
      double c = 1 + random.nextInt(800) / 8.0;
      FlatPattern flat = flat(Strips.strip(70, Fold.MOUNTAIN, a, b, c).base());
      double area = flat.facets().stream().mapToDouble(each -> each.polygon().getArea()).sum();
      assertEquals((a + b + c) * 70, area, 1e-3);
    }
  }

  @Test
  void decorativeScores_divideNothing() {
    Piece piece =
        Strips.piece(40, 60, List.of(Strips.level("band", Fold.DECORATIVE, 10, 40)), List.of());
    assertEquals(1, flat(piece).facets().size());
  }

  @Test
  void crossingScores_makeFourFacetsAndFourCreases() {
    Piece piece =
        Strips.piece(
            40,
            60,
            List.of(
                Strips.level("across", Fold.VALLEY, 30, 40),
                Strips.upright("down", Fold.VALLEY, 20, 60)),
            List.of());
    FlatPattern flat = flat(piece);
    assertEquals(4, flat.facets().size());
    assertEquals(4, flat.creases().size());
  }

  @Test
  void slit_separatesWithoutJoining() {
    Slit slit = new Slit("cut", "cut", new Segment(Strips.point(20, 0), Strips.point(20, 60)));
    FlatPattern flat = flat(Strips.piece(40, 60, List.of(), List.of(slit)));
    assertEquals(2, flat.facets().size());
    assertEquals(List.of(), flat.creases());
  }

  @Test
  void scoreThatStopsInside_dividesNothing() {
    Score score =
        new Score(
            "short", "s", Fold.VALLEY, new Segment(Strips.point(20, 0), Strips.point(20, 30)));
    assertEquals(1, flat(Strips.piece(40, 60, List.of(score), List.of())).facets().size());
  }

  @Test
  void inside_liesInTheFacet() {
    FlatPattern flat = flat(Strips.strip(50, Fold.VALLEY, 10, 20).base());
    for (Facet facet : flat.facets()) {
      Spot inside = facet.inside();
      assertTrue(inside.x() > facet.corners().stream().mapToDouble(Spot::x).min().orElseThrow());
      assertTrue(inside.x() < facet.corners().stream().mapToDouble(Spot::x).max().orElseThrow());
    }
  }

  private static FlatPattern flat(Piece piece) {
    return FlatPattern.of(piece, Tolerances.USUAL);
  }
}
