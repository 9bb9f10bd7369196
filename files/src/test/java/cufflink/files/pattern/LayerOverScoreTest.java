package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.fit.Goal;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.inspect.Inspection;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Whether a layer covers a score, held against a geometry library for layers of every shape. */
class LayerOverScoreTest {
  private static final Length SIDE = Length.ofMillimetres(100);

  @Test
  void inspect_randomLinesAndShapes_agreesWithTheGeometryLibrary() {
    Random random = new Random(23);
    int covered = 0;
    for (int i = 0; i < 2_000; i++) {
      Layer.Shape shape = Layer.Shape.values()[random.nextInt(Layer.Shape.values().length)];
      Layer layer = layer(shape, random);
      Segment line = new Segment(place(random), place(random));
      double length =
          Facet.polygon(layer.outline().stream().map(Spot::from).toList())
              .intersection(
                  new GeometryFactory()
                      .createLineString(
                          new Coordinate[] {coordinate(line.from()), coordinate(line.to())}))
              .getLength();
      // A line that only brushes a corner or runs along an edge is told apart by rounding alone.
      if (length > 0 && length < 0.5) {
        continue;
      }
      boolean expected = length > 0;
      assertEquals(expected, isFound(layer, line), shape + " " + layer.outline() + " " + line);
      covered += expected ? 1 : 0;
    }
    assertTrue(covered > 300, "too few lines cross a layer to mean anything: " + covered);
  }

  private static boolean isFound(Layer layer, Segment line) {
    Piece piece =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            SIDE,
            SIDE,
            Piece.rectangle(SIDE, SIDE),
            List.of(new Score("score", "score", Fold.VALLEY, line)),
            List.of());
    Point middle = new Point(Length.ofMillimetres(50), Length.ofMillimetres(50));
    Design design =
        new Design("trial", List.of(piece), List.of(layer), List.of(), middle, SIDE, SIDE);
    return Inspection.inspect(
            design, Optional.empty(), new Goal.Free(), Optional.empty(), false, Tolerance.FOLDED)
        .stream()
        .anyMatch(finding -> finding.kind().id().equals("layer-over-score"));
  }

  private static Layer layer(Layer.Shape shape, Random random) {
    Length width = Length.ofMillimetres(10 + random.nextInt(30));
    Length height =
        shape == Layer.Shape.ON_POINT ? width : Length.ofMillimetres(10 + random.nextInt(30));
    Point at =
        new Point(
            Length.ofMillimetres(15 + random.nextInt(35)),
            Length.ofMillimetres(15 + random.nextInt(35)));
    return new Layer(
        "layer",
        "layer",
        PaperRole.PATTERNED,
        "base",
        Face.INSIDE,
        at,
        width,
        height,
        Length.ZERO,
        shape);
  }

  private static Point place(Random random) {
    return new Point(
        Length.fromMillimetres(random.nextDouble() * 100),
        Length.fromMillimetres(random.nextDouble() * 100));
  }

  private static Coordinate coordinate(Point point) {
    return new Coordinate(point.x().toMillimetres(), point.y().toMillimetres());
  }
}
