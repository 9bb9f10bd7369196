package cufflink.core.inspect;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Led;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.plane.Point;
import cufflink.core.space.Vec;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/** Ribbons must reach as far as they are led, and each part must go on where the last one ended. */
final class RibbonInspection {
  /** Round the edges of card and past its thickness a ribbon may be led so far, in millimetres. */
  private static final double ROUND = 2;

  /** A ribbon is cut so much longer than it must be at the most, in millimetres; our decision. */
  private static final double SPARE = 30;

  private RibbonInspection() {}

  /** Finds ribbons that are too short. */
  static List<Finding> lengths(Design design, Tolerance tolerance) {
    List<Finding> findings = new ArrayList<>();
    for (Joint joint : design.joints()) {
      Optional<Led> led = joint.movement().led();
      Optional<Piece> ribbon = design.piece(joint.piece()).filter(each -> led.isPresent());
      if (ribbon.isEmpty()) {
        continue;
      }
      Length length = ribbon.get().width().max(ribbon.get().height());
      double spare = length.toMillimetres() - led.get().needs();
      if (spare < -tolerance.length()) {
        Length needs = Length.fromMillimetres(led.get().needs());
        Message words = Message.of("inspect.ribbon-short", joint.label(), length, needs);
        findings.add(finding(FindingKind.RIBBON_SHORT, Severity.ERROR, joint.piece(), words));
      } else if (spare > SPARE) {
        Message words =
            Message.of("inspect.ribbon-long", joint.label(), Length.fromMillimetres(spare));
        findings.add(finding(FindingKind.RIBBON_LONG, Severity.WARNING, joint.piece(), words));
      }
    }
    return findings;
  }

  /** Finds ribbons whose parts do not meet. */
  static List<Finding> ways(Design design, FoldModel model) {
    List<Finding> findings = new ArrayList<>();
    for (Joint joint : design.joints()) {
      joint
          .movement()
          .led()
          .flatMap(led -> way(joint, led, design, model))
          .ifPresent(findings::add);
    }
    return findings;
  }

  private static Optional<Finding> way(Joint joint, Led led, Design design, FoldModel model) {
    Pose pose = model.pose(moment(led, model));
    List<Leg> legs = led.taken();
    for (int i = 0; i + 1 < legs.size(); i++) {
      Optional<Vec> end = place(legs.get(i), legs.get(i).middle().to(), pose);
      Optional<Vec> next = place(legs.get(i + 1), legs.get(i + 1).middle().from(), pose);
      double gap = end.isPresent() && next.isPresent() ? end.get().minus(next.get()).length() : 0;
      String host = design.piece(legs.get(i).on()).map(Piece::label).orElse(legs.get(i).on());
      if (gap <= ROUND && isThrough(legs.get(i), legs.get(i + 1), design)) {
        return Optional.of(finding(joint, "inspect.ribbon-face", joint.label(), host));
      }
      if (gap <= ROUND && runsOn(led, legs.get(i), legs.get(i + 1))) {
        return Optional.of(finding(joint, "inspect.ribbon-joint", joint.label(), host));
      }
      if (gap > ROUND) {
        Length apart = Length.fromMillimetres(gap);
        return Optional.of(finding(joint, "inspect.ribbon-apart", joint.label(), host, apart));
      }
    }
    return Optional.empty();
  }

  private static Finding finding(Joint joint, String key, Object... details) {
    Message words = Message.of(key, details);
    return finding(FindingKind.RIBBON_APART, Severity.ERROR, joint.on(), words);
  }

  private static Finding finding(FindingKind kind, Severity severity, String on, Message words) {
    return new Finding(kind, severity, Place.on(on), words, Optional.empty());
  }

  /** From one panel to another a ribbon is led through the joint, or it does not hold them. */
  private static boolean runsOn(Led led, Leg leg, Leg next) {
    return led.open().isPresent() && !leg.by().equals(next.by()) && leg.face() == next.face();
  }

  /** On one piece a ribbon changes its face round an edge or through a hole, and nowhere else. */
  private static boolean isThrough(Leg leg, Leg next, Design design) {
    Optional<Piece> host = design.piece(leg.on());
    if (!leg.on().equals(next.on()) || !leg.by().equals(next.by()) || host.isEmpty()) {
      return false;
    }
    Spot place = Spot.from(leg.middle().to());
    Polygon paper = Facet.polygon(host.get().outline().stream().map(Spot::from).toList());
    boolean isAtEdge =
        paper
            .getExteriorRing()
            .isWithinDistance(
                paper.getFactory().createPoint(new Coordinate(place.x(), place.y())), ROUND / 2);
    boolean isAtHole =
        host.get().openings().stream()
            .map(opening -> Facet.polygon(opening.outline().stream().map(Spot::from).toList()))
            .anyMatch(hole -> Facet.holds(hole, place));
    // At a hole a brad may hold it on the face where it lies.
    return leg.face() == next.face() ? isAtEdge : !isAtEdge && !isAtHole;
  }

  /** Returns when a ribbon is led: while the card lies open in its way, or is closed. */
  private static double moment(Led led, FoldModel model) {
    Optional<Mover.Hinge> open = led.open();
    for (int done = 0; open.isPresent() && done < model.stages().size(); done++) {
      Double angle = model.stages().get(done).moves().get(open.get());
      if (angle != null && angle != 0) {
        return done + 1.0;
      }
    }
    return model.closing();
  }

  private static Optional<Vec> place(Leg leg, Point point, Pose pose) {
    Spot from = Spot.from(leg.middle().from());
    Spot to = Spot.from(leg.middle().to());
    Spot middle = new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    return pose.assembly()
        .copy(leg.on(), leg.by())
        .flatMap(
            member ->
                member.flat().facets().stream()
                    .filter(facet -> Facet.holds(facet.polygon(), middle))
                    .findFirst()
                    .map(facet -> member.firstFacet() + facet.index()))
        .map(facet -> pose.place(facet, Spot.from(point)));
  }
}
