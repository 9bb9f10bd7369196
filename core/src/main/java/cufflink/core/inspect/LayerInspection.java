package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Finding;
import cufflink.core.design.Finding.Place;
import cufflink.core.design.Finding.Severity;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Point;
import cufflink.core.design.Score;
import cufflink.core.design.Segment;
import cufflink.core.design.Sentence;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Layers stay on their paper and off its scores. */
final class LayerInspection {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final List<Finding> findings = new ArrayList<>();

  private LayerInspection() {}

  static List<Finding> inspect(Design design) {
    LayerInspection inspection = new LayerInspection();
    for (Layer layer : design.layers()) {
      design.piece(layer.on()).ifPresent(piece -> inspection.check(layer, piece));
    }
    return inspection.findings;
  }

  private void check(Layer layer, Piece piece) {
    for (Score score : piece.scores()) {
      if (crosses(layer, score.line())) {
        String key = score.folds() ? "inspect.layer-fold" : "inspect.layer-band";
        add(
            "layer-over-score",
            Place.on(piece.id(), layer.id(), score.id()),
            Sentence.of(key, layer.label(), score.label()));
      }
    }
    Length over = over(layer, piece);
    if (over.isPositive()) {
      add(
          "layer-over-edge",
          Place.on(piece.id(), layer.id()),
          Sentence.of("inspect.layer-edge", layer.label(), over, piece.label()));
    }
  }

  /** Says whether a line runs through the inside of a layer. */
  private static boolean crosses(Layer layer, Segment line) {
    boolean near =
        overlaps(line.from().x(), line.to().x(), layer.at().x(), layer.right())
            && overlaps(line.from().y(), line.to().y(), layer.at().y(), layer.bottom());
    boolean straight = line.isLevel() || line.isVertical();
    if (layer.shape() == Layer.Shape.WHOLE && (straight || !near)) {
      return near;
    }
    return polygon(layer.outline())
            .intersection(
                GEOMETRY.createLineString(
                    new Coordinate[] {coordinate(line.from()), coordinate(line.to())}))
            .getLength()
        > Tolerance.FOLDED.length();
  }

  private static boolean overlaps(Length from, Length to, Length start, Length end) {
    return from.min(to).compareTo(end) < 0 && from.max(to).compareTo(start) > 0;
  }

  /** Returns how far the worst corner of a layer lies outside its piece. */
  private static Length over(Layer layer, Piece piece) {
    boolean plain = piece.outline().equals(Piece.rectangle(piece.width(), piece.height()));
    if (plain) {
      Length over = Length.ZERO;
      for (Point corner : layer.outline()) {
        over =
            over.max(corner.x().minus(piece.width()))
                .max(corner.y().minus(piece.height()))
                .max(Length.ZERO.minus(corner.x()))
                .max(Length.ZERO.minus(corner.y()));
      }
      return over.toMillimetres() > Tolerance.FOLDED.length() ? over : Length.ZERO;
    }
    Polygon paper = polygon(piece.outline());
    double worst = 0;
    for (Point corner : layer.outline()) {
      worst = Math.max(worst, paper.distance(GEOMETRY.createPoint(coordinate(corner))));
    }
    return worst > Tolerance.FOLDED.length() ? Length.fromMillimetres(worst) : Length.ZERO;
  }

  private static Polygon polygon(List<Point> corners) {
    return Facet.polygon(corners.stream().map(Spot::from).toList());
  }

  private static Coordinate coordinate(Point point) {
    return new Coordinate(point.x().toMillimetres(), point.y().toMillimetres());
  }

  private void add(String kind, Place place, Sentence sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
