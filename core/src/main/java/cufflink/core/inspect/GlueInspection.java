package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Score;
import cufflink.core.design.Zone;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Glue keeps off folds, pocket mouths and moving parts, and what is glued on stays on its paper.
 */
final class GlueInspection {
  /** What nobody sees, in millimetres. */
  private static final double HAIR = 0.01;

  private final Design design;
  private final List<Finding> findings = new ArrayList<>();

  private GlueInspection(Design design) {
    this.design = design;
  }

  static List<Finding> inspect(Design design) {
    GlueInspection inspection = new GlueInspection(design);
    for (Joint joint : design.glued()) {
      design.piece(joint.on()).ifPresent(piece -> inspection.check(joint, piece));
    }
    design.pockets().forEach(inspection::check);
    return inspection.findings;
  }

  /**
   * What must come before itself cannot be put together. It is looked at when the card is folded:
   * it takes longer than a keystroke has.
   */
  static List<Finding> order(Design design) {
    GlueInspection inspection = new GlueInspection(design);
    inspection.checkOrder();
    return inspection.findings;
  }

  private void checkOrder() {
    List<Act> ring = GluingOrder.ring(design);
    if (!ring.isEmpty()) {
      List<Message> names = ring.stream().map(act -> act.name(design)).toList();
      String[] lines =
          ring.stream().flatMap(act -> act.joint().stream()).map(Joint::id).toArray(String[]::new);
      add(
          FindingKind.NO_ORDER,
          Place.on(ring.get(0).host(), lines),
          Message.of("inspect.no-order", Message.list("list.comma", names)));
    }
  }

  /** Glue from both sides may leave nothing between. */
  private void check(Pocket pocket) {
    if (!pocket.width().isPositive() || !pocket.depth().isPositive()) {
      add(
          FindingKind.POCKET_GLUED_AWAY,
          Place.on(pocket.on(), pocket.id()),
          Message.of("inspect.no-pocket", pocket.label()));
    }
  }

  private void check(Joint joint, Piece piece) {
    Length over = joint.area().over(piece.width(), piece.height());
    if (over.isPositive() && !design.overhangs(joint.id())) {
      // It is an error only if it leaves the closed card, which is found by folding, or sticks.
      findings.add(
          new Finding(
              FindingKind.HANGS_OVER,
              Severity.WARNING,
              Place.on(piece.id(), joint.id()),
              Message.of("inspect.hangs-over", joint.label(), over, piece.label()),
              Optional.empty()));
    }
    boolean isTurned =
        joint.askew().filter(each -> each.withGlue() && each.degrees() != 0).isPresent();
    if (isTurned) {
      Glued.glue(joint).forEach(corners -> check(joint, Facet.polygon(corners), piece));
    }
    for (Area glue : isTurned ? List.<Area>of() : joint.glue()) {
      checkPaper(joint, glue, piece);
      checkFolds(joint, glue, piece);
      checkZones(joint, glue, piece);
    }
    if (sealed(joint)) {
      add(
          FindingKind.GLUED_SHUT,
          Place.on(piece.id(), joint.id()),
          Message.of("inspect.glued-shut", joint.label()));
    }
  }

  /** What is turned with its part lies askew on its host. */
  private void check(Joint joint, Polygon glue, Piece piece) {
    if (!Facet.polygon(corners(piece.outline())).buffer(HAIR).covers(glue)) {
      add(
          FindingKind.GLUE_OFF_PAPER,
          Place.on(piece.id(), joint.id()),
          Message.of("inspect.glue-off", joint.label(), piece.label()));
    }
    for (Score score : piece.scores()) {
      Geometry line = line(score);
      if (score.folds() && glue.intersection(line).getLength() > HAIR) {
        add(
            FindingKind.GLUE_ON_SCORE,
            Place.on(piece.id(), joint.id(), score.id()),
            Message.of("inspect.glue-score", joint.label(), score.label()));
      }
    }
    for (Zone zone : design.zones()) {
      boolean same = zone.on().equals(piece.id()) && zone.face() == joint.face();
      Polygon clear = Facet.polygon(corners(zone.area().corners()));
      if (same && glue.intersection(clear).getArea() > HAIR) {
        add(
            FindingKind.GLUE_IN_THE_WAY,
            Place.on(piece.id(), joint.id(), zone.id()),
            Message.of("inspect.glue-zone", joint.label(), zone.label()));
      }
    }
  }

  private static Geometry line(Score score) {
    Spot from = Spot.from(score.line().from());
    Spot to = Spot.from(score.line().to());
    Coordinate[] ends = {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())};
    return new GeometryFactory().createLineString(ends);
  }

  private static List<Spot> corners(List<Point> points) {
    return points.stream().map(Spot::from).toList();
  }

  /** Glue beside the paper seals what lies behind it. */
  private void checkPaper(Joint joint, Area glue, Piece piece) {
    if (glue.over(piece.width(), piece.height()).isPositive() || !lies(glue, piece)) {
      add(
          FindingKind.GLUE_OFF_PAPER,
          Place.on(piece.id(), joint.id()),
          Message.of("inspect.glue-off", joint.label(), piece.label()));
    }
  }

  private static boolean lies(Area glue, Piece piece) {
    if (!piece.isTrimmed()) {
      return true;
    }
    Polygon paper = Facet.polygon(piece.outline().stream().map(Spot::from).toList());
    return glue.corners().stream().map(Spot::from).allMatch(each -> Facet.holds(paper, each));
  }

  private void checkFolds(Joint joint, Area glue, Piece piece) {
    for (Score score : piece.scores()) {
      if (score.folds() && runsThrough(score, glue)) {
        add(
            FindingKind.GLUE_ON_SCORE,
            Place.on(piece.id(), joint.id(), score.id()),
            Message.of("inspect.glue-score", joint.label(), score.label()));
      }
    }
  }

  private static boolean runsThrough(Score score, Area glue) {
    var from = score.line().from();
    var to = score.line().to();
    return from.x().min(to.x()).compareTo(glue.right()) < 0
        && from.x().max(to.x()).compareTo(glue.at().x()) > 0
        && from.y().min(to.y()).compareTo(glue.bottom()) < 0
        && from.y().max(to.y()).compareTo(glue.at().y()) > 0
        && (score.line().isLevel() || score.line().isVertical());
  }

  private void checkZones(Joint joint, Area glue, Piece piece) {
    for (Zone zone : design.zones()) {
      boolean same = zone.on().equals(piece.id()) && zone.face() == joint.face();
      if (same && zone.area().overlaps(glue)) {
        add(
            FindingKind.GLUE_IN_THE_WAY,
            Place.on(piece.id(), joint.id(), zone.id()),
            Message.of("inspect.glue-zone", joint.label(), zone.label()));
      }
    }
  }

  /** Says whether all glue together runs along more than half of a pocket's mouth. */
  private boolean sealed(Joint joint) {
    if (joint.mouth() == Side.NONE) {
      return false;
    }
    boolean level = joint.mouth() == Side.TOP || joint.mouth() == Side.BOTTOM;
    Area area = joint.area();
    Length from = level ? area.at().x() : area.at().y();
    Length to = level ? area.right() : area.bottom();
    List<Length[]> glued = new ArrayList<>();
    design.glued().stream()
        .filter(other -> other.on().equals(joint.on()) && other.face() == joint.face())
        .flatMap(other -> other.glue().stream())
        .filter(glue -> touches(glue, joint))
        .forEach(
            glue ->
                glued.add(
                    new Length[] {
                      (level ? glue.at().x() : glue.at().y()).max(from),
                      (level ? glue.right() : glue.bottom()).min(to)
                    }));
    return covered(glued).times(2).compareTo(to.minus(from)) > 0;
  }

  /** Returns how much of a line stretches cover that may lie over each other. */
  private static Length covered(List<Length[]> stretches) {
    stretches.sort(Comparator.comparing(stretch -> stretch[0]));
    Length covered = Length.ZERO;
    Optional<Length> reached = Optional.empty();
    for (Length[] stretch : stretches) {
      Length begin = reached.map(stretch[0]::max).orElse(stretch[0]);
      if (stretch[1].compareTo(begin) > 0) {
        covered = covered.plus(stretch[1].minus(begin));
        reached = Optional.of(stretch[1]);
      }
    }
    return covered;
  }

  private static boolean touches(Area glue, Joint joint) {
    Area area = joint.area();
    if (!glue.overlaps(area)) {
      return false;
    }
    return switch (joint.mouth()) {
      case TOP -> glue.at().y().compareTo(area.at().y()) <= 0;
      case BOTTOM -> glue.bottom().compareTo(area.bottom()) >= 0;
      case LEFT -> glue.at().x().compareTo(area.at().x()) <= 0;
      case RIGHT -> glue.right().compareTo(area.right()) >= 0;
      case NONE -> false;
    };
  }

  private void add(FindingKind kind, Place place, Message sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
