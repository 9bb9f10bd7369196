package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;

/** Says what is glued where. */
public final class Gluing {
  private Gluing() {}

  /**
   * Says where a piece is glued on, and which side of it stays open.
   *
   * @param joint the joint
   * @param design the design it is part of
   * @return the direction
   */
  public static Message of(Joint joint, Design design) {
    String host = design.piece(joint.on()).map(Piece::label).orElse(joint.on());
    if (!joint.movement().isFast()) {
      return Message.of(loose(joint.movement()), joint.label(), host);
    }
    Message face = Message.of(joint.face() == Face.INSIDE ? "layer.inside" : "layer.outside");
    return joint.mouth() == Side.NONE
        ? Message.of("sheet.joint", joint.label(), face, host)
        : Message.of("sheet.joint-mouth", joint.label(), face, host, side(joint.mouth()));
  }

  private static String loose(Movement movement) {
    if (!movement.through().isEmpty()) {
      return "sheet.joint-woven";
    }
    return movement.about().isEmpty() ? "sheet.joint-slides" : "sheet.joint-free";
  }

  /**
   * Says where a layer is glued, measured as its piece lies with that face up, turned over like a
   * page.
   *
   * @param layer the layer
   * @param design the design it is part of
   * @param raised whether it stands on foam pads
   * @return the direction
   */
  public static Message of(Layer layer, Design design, boolean raised) {
    Piece host = design.piece(layer.on()).orElseThrow();
    boolean inside = layer.face() == Face.INSIDE;
    Point mark = mark(layer, inside);
    Length left = inside ? mark.x() : host.width().minus(mark.x());
    Message corner = Message.of(corner(layer.shape()), left, mark.y());
    return Message.of(
        raised ? "sheet.layer-raised" : "sheet.layer",
        layer.label(),
        Message.of(inside ? "layer.inside" : "layer.outside"),
        host.label(),
        corner);
  }

  /** Names the corner of a layer that a pencil mark is made for: one that its paper has. */
  private static String corner(Layer.Shape shape) {
    return switch (shape) {
      case WHOLE -> "layer.corner";
      case ON_POINT -> "layer.point";
      default -> "layer.square-corner";
    };
  }

  /**
   * Returns where that corner lies: the upper left one as the face lies up, the upper point, or the
   * corner between the legs of a triangle.
   */
  private static Point mark(Layer layer, boolean inside) {
    return switch (layer.shape()) {
      case WHOLE -> inside ? layer.at() : new Point(layer.right(), layer.at().y());
      case TOP_LEFT -> layer.at();
      case TOP_RIGHT -> new Point(layer.right(), layer.at().y());
      case BOTTOM_RIGHT -> new Point(layer.right(), layer.bottom());
      case BOTTOM_LEFT -> new Point(layer.at().x(), layer.bottom());
      case ON_POINT -> layer.outline().get(0);
    };
  }

  private static Message side(Side side) {
    return switch (side) {
      case TOP -> Message.of("side.top");
      case RIGHT -> Message.of("side.right");
      case LEFT -> Message.of("side.left");
      case BOTTOM, NONE -> Message.of("side.bottom");
    };
  }
}
