package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import java.util.List;
import java.util.Optional;

/**
 * A piece glued onto another one.
 *
 * @param id unique within the design
 * @param label what the maker glues, such as "sleeve"
 * @param piece the piece that is glued on
 * @param on the piece it is glued to
 * @param face the face it is glued to
 * @param area where it lies, with all its corners
 * @param shape what its paper looks like inside the area
 * @param glue where the glue goes
 * @param mouth the side left open as the mouth of a pocket, if it makes one
 * @param movement how it moves, if it is not glued fast
 * @param turned how it is turned on its host, if the pattern says so; if not it is turned so that
 *     what does not lie on the area is near the glue
 * @param askew how it lies if that is at an angle; the area is then only where it is found
 * @param over whether it is turned over, so that the face of its own that would lie away from the
 *     host meets it
 * @param with what it is glued with, if the pattern says so
 */
public record Joint(
    String id,
    String label,
    String piece,
    String on,
    Face face,
    Area area,
    Layer.Shape shape,
    List<Area> glue,
    Side mouth,
    Movement movement,
    Optional<Turned> turned,
    Optional<Askew> askew,
    boolean over,
    Optional<Adhesive> with) {
  /**
   * A piece that lies at an angle.
   *
   * @param place a place on the piece, on the facet that keeps its place when the piece is folded
   * @param at where on the host that place comes to lie
   * @param degrees how far the piece is turned about it, clockwise above nought
   * @param withGlue whether its glue is told as it would lie unturned, and is turned with it
   */
  public record Askew(Point place, Point at, double degrees, boolean withGlue) {}

  /** How a piece is turned on its host. */
  public enum Turned {
    /** It lies as it does by itself. */
    NONE,
    /** Its right edge goes to the top. */
    LEFT,
    /** Its left edge goes to the top. */
    RIGHT,
    /** Its bottom edge goes to the top. */
    HALF
  }

  /** Copies the list. */
  public Joint {
    glue = List.copyOf(glue);
  }

  /**
   * Makes a joint that is glued fast.
   *
   * @param id unique within the design
   * @param label what the maker glues
   * @param piece the piece that is glued on
   * @param on the piece it is glued to
   * @param face the face it is glued to
   * @param area where it lies
   * @param shape what its paper looks like inside the area
   * @param glue where the glue goes
   * @param mouth the side left open, if it makes a pocket
   */
  public Joint(
      String id,
      String label,
      String piece,
      String on,
      Face face,
      Area area,
      Layer.Shape shape,
      List<Area> glue,
      Side mouth) {
    this(
        id,
        label,
        piece,
        on,
        face,
        area,
        shape,
        glue,
        mouth,
        Movement.NONE,
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty());
  }

  /** Says whether anything of it is glued, and not only slid, slotted or slipped in. */
  public boolean isStuck() {
    return movement.isGlued() && with.filter(Adhesive.NONE::equals).isEmpty();
  }

  /**
   * Says whether it is a ribbon that is led over something.
   *
   * @param other what lies on a piece
   */
  public boolean isLedOver(Joint other) {
    return movement.led().stream()
        .flatMap(led -> led.legs().stream())
        .anyMatch(leg -> leg.crosses(other));
  }

  /**
   * Returns the parts of a ribbon that are led over something, on the copy on which that lies.
   *
   * @param other what lies on a piece
   * @param design the card they belong to
   */
  public List<Movement.Leg> legsOver(Joint other, Design design) {
    Optional<String> host = design.host(other).map(Joint::id);
    Optional<String> first =
        design.joints().stream()
            .filter(each -> each.piece.equals(other.on) && !design.base().id().equals(other.on))
            .filter(design::isJoining)
            .map(Joint::id)
            .findFirst();
    return movement.led().stream()
        .flatMap(led -> led.legs().stream())
        .filter(leg -> leg.crosses(other) && leg.by().or(() -> first).equals(host))
        .toList();
  }

  /**
   * Says whether it is a ribbon that lies over something at times, and at others elsewhere.
   *
   * @param other what lies on a piece, on whichever copy
   */
  public boolean isLeaving(Joint other) {
    return movement.led().stream()
        .flatMap(led -> led.legs().stream())
        .anyMatch(leg -> leg.during().isPresent() && leg.crosses(other));
  }

  /**
   * Returns the same ribbon with something that lies over it, on the first copy of its host.
   *
   * @param other what lies on a piece
   * @return the joint
   */
  public Joint under(Joint other) {
    Movement now =
        movement.leading(
            leg ->
                leg.by().isEmpty() && leg.during().isEmpty() && leg.crosses(other)
                    ? leg.under(other.id)
                    : leg);
    return new Joint(
        id, label, piece, on, face, area, shape, glue, mouth, now, turned, askew, over, with);
  }

  /**
   * Returns the same joint on a face of its host.
   *
   * @param now the face
   * @return the joint in the same place of it
   */
  public Joint facing(Face now) {
    return new Joint(
        id, label, piece, on, now, area, shape, glue, mouth, movement, turned, askew, over, with);
  }

  /**
   * Returns the same joint under another name.
   *
   * @param now its id
   * @return the joint
   */
  public Joint named(String now) {
    return new Joint(
        now, label, piece, on, face, area, shape, glue, mouth, movement, turned, askew, over, with);
  }

  /**
   * Returns the same joint elsewhere on its host.
   *
   * @param now where it lies
   * @param nowGlue where the glue goes
   * @param nowAskew how it lies if that is at an angle
   * @return the joint
   */
  public Joint lying(Area now, List<Area> nowGlue, Optional<Askew> nowAskew) {
    return new Joint(
        id, label, piece, on, face, now, shape, nowGlue, mouth, movement, turned, nowAskew, over,
        with);
  }

  /**
   * Returns which of its own faces meets the host.
   *
   * @return the outside of what lies on an inside, unless it is turned over
   */
  public Face touching() {
    return over ? face : face.other();
  }

  /**
   * Returns one of the lines about which the piece turns, as stages move it.
   *
   * @param line which line, from 0
   * @return the hinge: one for each line if each turns for itself, else the same for all
   */
  public Mover.Hinge hinge(int line) {
    return new Mover.Hinge(id, movement.either() ? line : 0);
  }

  /**
   * Returns the sliding of the piece, as stages move it.
   *
   * @return the slide
   */
  public Mover.Slide sliding() {
    return new Mover.Slide(id);
  }

  /**
   * Returns the corners of what is glued on.
   *
   * @return three or four corners in order
   */
  public List<Point> outline() {
    List<Point> corners = area.corners();
    return switch (shape) {
      case WHOLE -> corners;
      case TOP_LEFT -> List.of(corners.get(0), corners.get(1), corners.get(3));
      case TOP_RIGHT -> List.of(corners.get(0), corners.get(1), corners.get(2));
      case BOTTOM_RIGHT -> List.of(corners.get(1), corners.get(2), corners.get(3));
      case BOTTOM_LEFT -> List.of(corners.get(0), corners.get(2), corners.get(3));
      case ON_POINT -> onPoint();
      case POINT_LEFT -> List.of(onPoint().get(0), onPoint().get(2), onPoint().get(3));
      case POINT_RIGHT -> onPoint().subList(0, 3);
    };
  }

  private List<Point> onPoint() {
    Length x = area.at().x().plus(Length.ofUnits(area.width().units() / 2));
    Length y = area.at().y().plus(Length.ofUnits(area.height().units() / 2));
    return List.of(
        new Point(x, area.at().y()),
        new Point(area.right(), y),
        new Point(x, area.bottom()),
        new Point(area.at().x(), y));
  }
}
