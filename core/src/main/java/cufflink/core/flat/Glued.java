package cufflink.core.flat;

import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.plane.Area;
import java.util.List;
import java.util.Optional;

/** Where a piece that is glued on lies on its host. */
public final class Glued {
  private Glued() {}

  /**
   * Returns the outline of what is glued on. What is folded lies there with a part of it only; what
   * is flat and lies at an angle is turned about its place.
   *
   * @param joint the joint
   * @param piece the piece that is glued on
   * @return its corners in order, in the frame of the host
   */
  public static List<Spot> outline(Joint joint, Piece piece) {
    return joint
        .askew()
        .filter(each -> piece.scores().isEmpty())
        .map(
            askew ->
                piece.outline().stream().map(corner -> turned(Spot.from(corner), askew)).toList())
        .orElseGet(() -> joint.outline().stream().map(Spot::from).toList());
  }

  /**
   * Returns where a place of something flat that is glued on comes to lie.
   *
   * @param joint the joint
   * @param place a place on the piece, in its own frame
   * @return the place in the frame of the host; without an angle the piece lies as it does by
   *     itself
   */
  public static Spot place(Joint joint, Spot place) {
    return joint
        .askew()
        .map(askew -> turned(place, askew))
        .orElseGet(
            () ->
                new Spot(
                    place.x() + joint.area().at().x().toMillimetres(),
                    place.y() + joint.area().at().y().toMillimetres()));
  }

  /**
   * Returns where the glue of a joint goes; all over its area if nothing is said.
   *
   * @param joint the joint
   * @return the corners of each place in order, in the frame of the host
   */
  public static List<List<Spot>> glue(Joint joint) {
    List<Area> areas = joint.glue().isEmpty() ? List.of(joint.area()) : joint.glue();
    Optional<Joint.Askew> turned = joint.askew().filter(Joint.Askew::withGlue);
    return areas.stream()
        .map(
            area ->
                area.corners().stream()
                    .map(Spot::from)
                    .map(at -> turned.map(askew -> turnedAbout(at, askew)).orElse(at))
                    .toList())
        .toList();
  }

  private static Spot turnedAbout(Spot corner, Joint.Askew askew) {
    return turned(corner, Spot.from(askew.at()), askew);
  }

  private static Spot turned(Spot corner, Joint.Askew askew) {
    return turned(corner, Spot.from(askew.place()), askew);
  }

  private static Spot turned(Spot corner, Spot place, Joint.Askew askew) {
    Spot at = Spot.from(askew.at());
    double turn = Math.toRadians(askew.degrees());
    double right = corner.x() - place.x();
    double down = corner.y() - place.y();
    return new Spot(
        at.x() + right * Math.cos(turn) - down * Math.sin(turn),
        at.y() + right * Math.sin(turn) + down * Math.cos(turn));
  }
}
