package cufflink.core.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Vertex;
import cufflink.core.fold.FlatFoldability.Fault;
import cufflink.core.fold.FlatFoldability.Kind;
import cufflink.core.measure.Tolerances;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class FlatFoldabilityTest {
  private static final Point CENTRE = Strips.point(50, 50);

  /** Creases from the centre of a square to places on its edge; a minus sign makes a mountain. */
  private static FlatPattern star(double[]... ends) {
    List<Score> scores = new ArrayList<>();
    for (double[] end : ends) {
      Fold fold = end[2] < 0 ? Fold.MOUNTAIN : Fold.VALLEY;
      String id = "c" + scores.size();
      scores.add(new Score(id, id, fold, new Segment(CENTRE, Strips.point(end[0], end[1]))));
    }
    Piece piece = Strips.piece(100, 100, scores, List.of());
    return FlatPattern.of(piece, Tolerances.USUAL);
  }

  private static List<Fault> faults(FlatPattern flat) {
    double[] radians =
        flat.creases().stream()
            .mapToDouble(crease -> Math.PI * crease.score().fold().sign())
            .toArray();
    return FlatFoldability.faults(flat, radians);
  }

  /** Angles 45 45 90 45 45 90 with four valleys on the diagonals: common practice, no source. */
  @Test
  void squashVertex_foldsFlat() {
    FlatPattern flat =
        star(
            new double[] {0, 0, 1},
            new double[] {100, 0, 1},
            new double[] {100, 100, 1},
            new double[] {0, 100, 1},
            new double[] {50, 0, -1},
            new double[] {50, 100, -1});
    Vertex vertex = Vertex.of(flat).get(0);
    assertEquals(6, vertex.spokes().size());
    assertEquals(
        List.of(45L, 45L, 90L, 45L, 45L, 90L),
        vertex.sectors().stream().map(each -> Math.round(Math.toDegrees(each))).toList());
    assertTrue(faults(flat).isEmpty());
  }

  /** Four valleys and no mountain about one place: Maekawa, Justin. */
  @Test
  void crossOfValleys_hasTheWrongCount() {
    Fault fault =
        faults(
                star(
                    new double[] {0, 50, 1},
                    new double[] {100, 50, 1},
                    new double[] {50, 0, 1},
                    new double[] {50, 100, 1}))
            .get(0);
    assertEquals(Kind.COUNT, fault.kind());
    assertEquals(-4, fault.amount());
  }

  /** A crease askew breaks the sum of angles by just its own turn: Kawasaki, Justin. */
  @Test
  void creaseAskew_isFoundWithItsAngle_andMended() {
    double askew = Math.toRadians(7);
    double x = 50 + 50 * Math.tan(askew);
    FlatPattern flat =
        star(
            new double[] {0, 50, 1},
            new double[] {100, 50, 1},
            new double[] {x, 0, 1},
            new double[] {50, 100, -1});
    Fault fault = faults(flat).get(0);
    assertEquals(Kind.ANGLES, fault.kind());
    assertEquals(askew, Math.abs(fault.amount()), 1e-5);
    FlatFoldability.Repair repair = fault.repair().orElseThrow();
    List<Double> sectors = new ArrayList<>(fault.vertex().sectors());
    int index =
        fault.vertex().spokes().stream()
            .map(Vertex.Spoke::crease)
            .toList()
            .indexOf(repair.crease());
    int before = (index + 3) % 4;
    sectors.set(index, sectors.get(index) - repair.radians());
    sectors.set(before, sectors.get(before) + repair.radians());
    assertEquals(0, FlatFoldability.excess(sectors), 1e-9);
  }

  @Test
  void threeCreases_areOdd() {
    Fault fault =
        faults(star(new double[] {0, 50, 1}, new double[] {100, 50, 1}, new double[] {50, 0, 1}))
            .get(0);
    assertEquals(Kind.ODD, fault.kind());
  }

  @Test
  void slitToTheMiddle_leavesNoVertex() {
    Piece piece =
        Strips.piece(
            100,
            100,
            List.of(
                new Score("a", "a", Fold.VALLEY, new Segment(CENTRE, Strips.point(0, 50))),
                new Score("b", "b", Fold.VALLEY, new Segment(CENTRE, Strips.point(100, 50)))),
            List.of(
                new cufflink.core.design.Slit("s", "s", new Segment(CENTRE, Strips.point(50, 0)))));
    assertTrue(Vertex.of(FlatPattern.of(piece, Tolerances.USUAL)).isEmpty());
  }
}
