package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Layers stay on their paper and off its scores. */
final class LayerInspection {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  private final List<Finding> findings = new ArrayList<>();

  private final double near;

  private LayerInspection(Tolerance tolerance) {
    this.near = tolerance.length();
  }

  static List<Finding> inspect(Design design, Tolerance tolerance) {
    LayerInspection inspection = new LayerInspection(tolerance);
    for (Layer layer : design.layers()) {
      boolean overhangs = design.overhangs(layer.id());
      design.piece(layer.on()).ifPresent(piece -> inspection.check(layer, piece, overhangs));
    }
    inspection.checkBorders(design);
    return inspection.findings;
  }

  /** A layer lies on another one or beside it; across its edge it hides one border unevenly. */
  private void checkBorders(Design design) {
    List<Layer> layers = design.layers();
    for (int i = 0; i < layers.size(); i++) {
      for (int k = i + 1; k < layers.size(); k++) {
        Layer under = layers.get(i);
        Layer over = layers.get(k);
        if (!under.on().equals(over.on()) || under.face() != over.face()) {
          continue;
        }
        if (buries(under, over) && !isNeverSeen(under, design)) {
          add(
              FindingKind.NOT_SEEN,
              Place.on(over.on(), over.id(), under.id()),
              Message.of("inspect.buried", under.label(), over.label()));
        } else if (straddles(under, over)) {
          findings.add(
              new Finding(
                  FindingKind.LAYER_OVER_BORDER,
                  Severity.WARNING,
                  Place.on(over.on(), over.id(), under.id()),
                  Message.of("inspect.layer-border", over.label(), under.label()),
                  Optional.empty()));
        }
      }
    }
  }

  private static boolean isNeverSeen(Layer layer, Design design) {
    return design.relations(Design.Relation.Seen.class).stream()
        .filter(each -> each.part().equals(layer.id()))
        .anyMatch(each -> each.when() == Design.Relation.Seen.When.NEVER);
  }

  /** A paper of which nothing is left to see was meant for another place. */
  private boolean buries(Layer under, Layer over) {
    Polygon below = polygon(under.outline());
    Polygon above = polygon(over.outline());
    // Most papers lie elsewhere, and widening one is dear.
    Envelope reach = new Envelope(above.getEnvelopeInternal());
    reach.expandBy(near);
    return reach.covers(below.getEnvelopeInternal()) && above.buffer(near).covers(below);
  }

  private boolean straddles(Layer under, Layer over) {
    Polygon below = polygon(under.outline());
    Polygon above = polygon(over.outline());
    if (!below.getEnvelopeInternal().intersects(above.getEnvelopeInternal())) {
      return false;
    }
    double shared = below.intersection(above).getArea();
    double least = near * Math.sqrt(above.getArea());
    return shared > least && above.getArea() - shared > least;
  }

  private void check(Layer layer, Piece piece, boolean overhangs) {
    Polygon shape = polygon(layer.outline());
    for (Score score : piece.scores()) {
      if (crosses(shape, score.line())) {
        String key = score.folds() ? "inspect.layer-fold" : "inspect.layer-band";
        add(
            FindingKind.LAYER_OVER_SCORE,
            Place.on(piece.id(), layer.id(), score.id()),
            Message.of(key, layer.label(), score.label()));
      }
    }
    Length over = over(layer, piece);
    if (over.isPositive() && !overhangs) {
      // It is an error only if it leaves the closed card, which is found by folding.
      findings.add(
          new Finding(
              FindingKind.LAYER_OVER_EDGE,
              Severity.WARNING,
              Place.on(piece.id(), layer.id()),
              Message.of("inspect.layer-edge", layer.label(), over, piece.label()),
              Optional.empty()));
    }
  }

  /** Says whether a line runs through the inside of a layer. */
  private boolean crosses(Polygon shape, Segment line) {
    Coordinate from = coordinate(line.from());
    Coordinate to = coordinate(line.to());
    Envelope room = new Envelope(shape.getEnvelopeInternal());
    room.expandBy(-near);
    if (!room.intersects(new Envelope(from, to))) {
      return false;
    }
    if (shape.isRectangle() && (line.isLevel() || line.isVertical())) {
      return true;
    }
    return insideLength(shape, from, to) > near;
  }

  /**
   * Returns how much of a line runs inside a shape without inward corners, as all layers are: each
   * edge cuts off the part of the line that lies beyond it (Cyrus and Beck 1978).
   */
  private double insideLength(Polygon shape, Coordinate from, Coordinate to) {
    Coordinate[] ring = shape.getExteriorRing().getCoordinates();
    double turn = Orientation.isCCW(ring) ? 1 : -1;
    double first = 0;
    double last = 1;
    for (int i = 1; i < ring.length; i++) {
      double alongX = ring[i].x - ring[i - 1].x;
      double alongY = ring[i].y - ring[i - 1].y;
      double start = turn * (alongX * (from.y - ring[i - 1].y) - alongY * (from.x - ring[i - 1].x));
      double gain = turn * (alongX * (to.y - from.y) - alongY * (to.x - from.x));
      if (gain > 0) {
        first = Math.max(first, -start / gain);
      } else if (gain < 0) {
        last = Math.min(last, -start / gain);
      } else if (start <= 0) {
        return 0;
      }
    }
    return Math.max(0, last - first) * from.distance(to);
  }

  /** Returns how far the worst corner of a layer lies outside its piece. */
  private Length over(Layer layer, Piece piece) {
    if (!piece.isTrimmed()) {
      Length over = Length.ZERO;
      for (Point corner : layer.outline()) {
        over =
            over.max(corner.x().minus(piece.width()))
                .max(corner.y().minus(piece.height()))
                .max(Length.ZERO.minus(corner.x()))
                .max(Length.ZERO.minus(corner.y()));
      }
      return over.toMillimetres() > near ? over : Length.ZERO;
    }
    Polygon paper = polygon(piece.outline());
    if (layer.outline().stream().map(Spot::from).allMatch(each -> Facet.holds(paper, each))) {
      return Length.ZERO;
    }
    double worst = 0;
    for (Point corner : layer.outline()) {
      worst = Math.max(worst, paper.distance(GEOMETRY.createPoint(coordinate(corner))));
    }
    return worst > near ? Length.fromMillimetres(worst) : Length.ZERO;
  }

  private static Polygon polygon(List<Point> corners) {
    return Facet.polygon(corners.stream().map(Spot::from).toList());
  }

  private static Coordinate coordinate(Point point) {
    return new Coordinate(point.x().toMillimetres(), point.y().toMillimetres());
  }

  private void add(FindingKind kind, Place place, Message sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
