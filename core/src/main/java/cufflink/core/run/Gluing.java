package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.plane.Side;
import cufflink.core.words.Words;

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
  public static String of(Joint joint, Design design) {
    String host = design.piece(joint.on()).map(Piece::label).orElse(joint.on());
    if (!joint.movement().isFast()) {
      return Words.say(loose(joint.movement()), joint.label(), host);
    }
    String face = Words.say(joint.face() == Face.INSIDE ? "layer.inside" : "layer.outside");
    return joint.mouth() == Side.NONE
        ? Words.say("sheet.joint", joint.label(), face, host)
        : Words.say("sheet.joint-mouth", joint.label(), face, host, side(joint.mouth()));
  }

  private static String loose(Movement movement) {
    if (!movement.through().isEmpty()) {
      return "sheet.joint-woven";
    }
    return movement.about().isEmpty() ? "sheet.joint-slides" : "sheet.joint-free";
  }

  /**
   * Says where a layer is glued, measured as its piece lies with that face up and its left edge
   * left.
   *
   * @param layer the layer
   * @param design the design it is part of
   * @param format how lengths are written
   * @param raised whether it stands on foam pads
   * @return the direction
   */
  public static String of(Layer layer, Design design, LengthFormat format, boolean raised) {
    Piece host = design.piece(layer.on()).orElseThrow();
    boolean inside = layer.face() == Face.INSIDE;
    Length left = layer.at().x();
    Length top = inside ? layer.at().y() : host.height().minus(layer.bottom());
    return Words.say(
        raised ? "sheet.layer-raised" : "sheet.layer",
        layer.label(),
        Words.say(inside ? "layer.inside" : "layer.outside"),
        host.label(),
        format.format(left),
        format.format(top));
  }

  private static String side(Side side) {
    return switch (side) {
      case TOP -> Words.say("side.top");
      case RIGHT -> Words.say("side.right");
      case LEFT -> Words.say("side.left");
      case BOTTOM, NONE -> Words.say("side.bottom");
    };
  }
}
