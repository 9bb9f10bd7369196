package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Looks from the shapes alone whether openings leave what must hold them: folds, edges, each other.
 * A notch is taken out of the one edge its middle lies on.
 */
final class OpeningInspection {
  private static final GeometryFactory SHAPES = new GeometryFactory();

  private final Piece piece;
  private final double near;
  private final List<Finding> findings = new ArrayList<>();

  private OpeningInspection(Piece piece, Tolerance tolerance) {
    this.piece = piece;
    this.near = tolerance.length();
  }

  static List<Finding> inspect(Design design, Tolerance tolerance) {
    return design.pieces().stream()
        .flatMap(piece -> new OpeningInspection(piece, tolerance).inspect().stream())
        .toList();
  }

  private List<Finding> inspect() {
    List<Opening> openings = piece.openings();
    for (int i = 0; i < openings.size(); i++) {
      checkFolds(openings.get(i));
      checkEdges(openings.get(i));
      for (Opening other : openings.subList(i + 1, openings.size())) {
        checkEachOther(openings.get(i), other);
      }
    }
    return findings;
  }

  private static Polygon shape(Opening opening) {
    return Facet.polygon(opening.outline().stream().map(Spot::from).toList());
  }

  private static LineString line(Segment segment) {
    Spot from = Spot.from(segment.from());
    Spot to = Spot.from(segment.to());
    return SHAPES.createLineString(
        new Coordinate[] {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())});
  }

  private void checkFolds(Opening opening) {
    Geometry hole = shape(opening).buffer(-near);
    for (Score score : piece.scores()) {
      boolean crosses =
          score.folds() && !opening.isAcross(score.name()) && hole.intersects(line(score.line()));
      if (crosses) {
        add(
            FindingKind.OPENING_ON_FOLD,
            Place.on(piece.id(), opening.id(), score.id()),
            Message.of("inspect.opening-fold", opening.label(), score.label()));
        return;
      }
    }
  }

  private void checkEdges(Opening opening) {
    Polygon hole = shape(opening);
    List<Segment> edges = edges();
    boolean isNotch = opening.kind() == Opening.Kind.NOTCH && opening.round().isPresent();
    int own = isNotch ? own(opening.round().get(), edges) : -1;
    for (int i = 0; i < edges.size(); i++) {
      if (i != own && hole.distance(line(edges.get(i))) <= near) {
        add(
            FindingKind.OPENING_OVER_EDGE,
            Place.on(piece.id(), opening.id()),
            Message.of("inspect.opening-edge", opening.label(), piece.label()));
        return;
      }
    }
  }

  private List<Segment> edges() {
    List<Segment> edges = new ArrayList<>();
    for (int i = 0; i < piece.outline().size(); i++) {
      edges.add(
          new Segment(
              piece.outline().get(i), piece.outline().get((i + 1) % piece.outline().size())));
    }
    return edges;
  }

  /** Returns the edge that the middle of a notch lies nearest to. */
  private static int own(Opening.Round round, List<Segment> edges) {
    Spot middle = Spot.from(round.centre());
    var point = SHAPES.createPoint(new Coordinate(middle.x(), middle.y()));
    int nearest = 0;
    for (int i = 1; i < edges.size(); i++) {
      if (line(edges.get(i)).distance(point) < line(edges.get(nearest)).distance(point)) {
        nearest = i;
      }
    }
    return nearest;
  }

  private void checkEachOther(Opening opening, Opening other) {
    // What is punched out of the same fold on purpose is one mouth.
    boolean united = opening.across().stream().anyMatch(other.across()::contains);
    if (!united && shape(opening).buffer(-near).intersects(shape(other).buffer(-near))) {
      add(
          FindingKind.OPENINGS_MEET,
          Place.on(piece.id(), opening.id(), other.id()),
          Message.of("inspect.openings-meet", opening.label(), other.label()));
    }
  }

  private void add(FindingKind kind, Place place, Message sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
