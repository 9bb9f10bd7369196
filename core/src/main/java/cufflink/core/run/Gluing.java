package cufflink.core.run;

import cufflink.core.card.Card;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/** Says what is glued where. */
public final class Gluing {
  /** A place is near another one within one part in so many of the side. */
  private static final int SHARE = 5;

  /** Glue that is no larger is a dot. */
  private static final Length DOT = Length.ofMillimetres(5);

  private Gluing() {}

  /**
   * Says where a piece is glued on, and which side of it stays open.
   *
   * @param joint the joint
   * @param design the design it is part of
   * @return the direction
   */
  public static Message of(Joint joint, Design design) {
    Message words = onAny(joint, design);
    int cards = design.piece(joint.piece()).map(Piece::cards).orElse(0);
    return cards == 0 ? words : words.followedBy(Message.of("sheet.joint-cards", cards));
  }

  private static Message onAny(Joint joint, Design design) {
    String host = design.piece(joint.on()).map(Piece::label).orElse(joint.on());
    List<String> under = joint.movement().slide().map(Movement.Slide::under).orElse(List.of());
    if (!under.isEmpty() && !joint.movement().about().isEmpty()) {
      List<String> bands =
          under.stream().map(id -> design.piece(id).map(Piece::label).orElse(id)).toList();
      Message band = Message.list("list.comma", bands);
      return Message.of("sheet.joint-anchored", joint.label(), host, band);
    }
    if (joint.movement().led().isPresent()) {
      return LedWords.of(joint, design);
    }
    if (joint.movement().either() && LedWords.isJoined(joint, design)) {
      return Message.of("led.joint", joint.label(), host);
    }
    if (!joint.movement().isFast()) {
      return Message.of(loose(joint.movement()), joint.label(), host);
    }
    Message face = Message.of(joint.face() == Face.INSIDE ? "layer.inside" : "layer.outside");
    if (design.isSeam(joint) && joint.mouth() == Side.NONE) {
      Piece piece = design.piece(joint.on()).orElseThrow();
      Point corner = new Point(Length.ZERO, Length.ZERO);
      Area whole = new Area(corner, piece.width(), piece.height());
      return Message.of("sheet.seam", joint.label(), face, host, glue(joint, whole));
    }
    Message words =
        joint.mouth() == Side.NONE
            ? Message.of("sheet.joint", joint.label(), face, host)
            : Message.of(
                "sheet.joint-mouth", joint.label(), face, host, side(joint.mouth(), joint.face()));
    return design
        .piece(joint.on())
        .map(
            each -> {
              Message lies =
                  tilted(joint, each, design)
                      .orElseGet(() -> turned(place(joint, each), joint, design));
              Message place = over(lies, joint);
              if (!joint.isStuck()) {
                return Message.of("sheet.joint-slip", words, place, ribbons(joint, design));
              }
              return joint.glue().isEmpty()
                  ? Message.of("sheet.joint-where", words, place)
                  : Message.of("sheet.joint-place", words, place, glue(joint, joint.area()));
            })
        .orElse(words);
  }

  private static Message ribbons(Joint joint, Design design) {
    List<Joint> over = design.joints().stream().filter(each -> each.isLedOver(joint)).toList();
    return over.isEmpty()
        ? Message.of("sheet.joint-any-ribbon")
        : Message.list("list.comma", over.stream().map(Joint::label).distinct().toList());
  }

  /**
   * Says whether {@link #of(Joint, Design)} says all that is to be done, in a sentence of its own.
   *
   * @param joint the joint
   * @param design the design it is part of
   * @return true of ribbons, and of what they join
   */
  public static boolean isSentence(Joint joint, Design design) {
    return joint.movement().led().isPresent()
        || joint.movement().either() && LedWords.isJoined(joint, design);
  }

  /** What lies at an angle has no corner to begin from: its middle is told, and the angle. */
  private static Optional<Message> tilted(Joint joint, Piece host, Design design) {
    boolean isFlat =
        design.piece(joint.piece()).filter(each -> each.scores().isEmpty()).isPresent();
    return joint
        .askew()
        .filter(each -> isFlat && each.degrees() != 0)
        .map(
            askew -> {
              boolean inside = joint.face() == Face.INSIDE;
              Length left = inside ? askew.at().x() : host.width().minus(askew.at().x());
              long degrees = Math.round(inside ? askew.degrees() : -askew.degrees());
              return Message.of(
                  degrees > 0 ? "sheet.tilted-right" : "sheet.tilted-left",
                  left,
                  askew.at().y(),
                  Long.toString(Math.abs(degrees)));
            });
  }

  /** Where a piece goes, measured as its host lies with that face up, turned over like a page. */
  private static Message place(Joint joint, Piece host) {
    Area area = joint.area();
    boolean inside = joint.face() == Face.INSIDE;
    boolean whole =
        near(area.width(), host.width(), host.width())
            && near(area.height(), host.height(), host.height());
    if (whole) {
      return Message.of("sheet.edges");
    }
    Length left = inside ? area.at().x() : host.width().minus(area.right());
    Point corner = new Point(left, area.at().y());
    return switch (joint.shape()) {
      case WHOLE -> corner(corner);
      case ON_POINT -> {
        Length middle = Length.ofUnits(area.width().units() / 2);
        yield Message.of("layer.point", left.plus(middle), corner.y());
      }
      case TOP_LEFT -> square(area, left, inside, true);
      case TOP_RIGHT -> square(area, left, !inside, true);
      case BOTTOM_RIGHT -> square(area, left, !inside, false);
      case BOTTOM_LEFT -> square(area, left, inside, false);
      case POINT_LEFT, POINT_RIGHT ->
          throw new IllegalStateException("only layers are halves on their point");
    };
  }

  /** A corner may lie beyond the left edge of the host or above its top. */
  private static Message corner(Point corner) {
    boolean beyond = corner.x().compareTo(Length.ZERO) < 0;
    boolean above = corner.y().compareTo(Length.ZERO) < 0;
    String key =
        beyond
            ? above ? "sheet.beyond-above" : "sheet.beyond"
            : above ? "sheet.above" : "layer.corner";
    return Message.of(key, corner.x().abs(), corner.y().abs());
  }

  /** The corner between the legs of a triangle. */
  private static Message square(Area area, Length left, boolean atLeft, boolean atTop) {
    return Message.of(
        "layer.square-corner",
        atLeft ? left : left.plus(area.width()),
        atTop ? area.at().y() : area.bottom());
  }

  /** Which of its edges is on top, if that is another one than when it lies by itself. */
  private static Message turned(Message place, Joint joint, Design design) {
    Optional<Piece> piece =
        design.piece(joint.piece()).filter(each -> !joint.piece().equals(joint.on()));
    Optional<Side> top = piece.filter(Gluing::hasSides).flatMap(each -> Card.top(joint, each));
    return top.filter(side -> side != Side.TOP)
        .map(side -> Message.of("sheet.turned", place, side(side, joint.face())))
        .orElse(place);
  }

  /** Which of its own faces is seen, if it is not the one that would lie so by itself. */
  private static Message over(Message place, Joint joint) {
    boolean insideUp = joint.touching() == Face.OUTSIDE;
    return joint.over()
        ? Message.of("sheet.over", place, Message.of(insideUp ? "layer.inside" : "layer.outside"))
        : place;
  }

  /** A blank is the same whichever of its edges is on top. */
  private static boolean hasSides(Piece piece) {
    return !piece.scores().isEmpty()
        || !piece.slits().isEmpty()
        || !piece.openings().isEmpty()
        || piece.isTrimmed();
  }

  /** Where its glue goes, told from the edges of what it lies on. */
  private static Message glue(Joint joint, Area area) {
    List<Message> parts =
        joint.glue().stream()
            .map(glue -> part(glue, area, joint.face() == Face.INSIDE))
            .distinct()
            .toList();
    return Message.list("list.comma", parts);
  }

  private static Message part(Area glue, Area area, boolean inside) {
    boolean wide = near(glue.width(), area.width(), area.width());
    boolean high = near(glue.height(), area.height(), area.height());
    if (wide && high) {
      return Message.of("sheet.glue-all");
    }
    Length before = glue.at().x().minus(area.at().x());
    Length after = area.right().minus(glue.right());
    Length left = inside ? before : after;
    Length right = inside ? after : before;
    Length top = glue.at().y().minus(area.at().y());
    Length foot = area.bottom().minus(glue.bottom());
    if (high) {
      return near(left, Length.ZERO, area.width())
          ? Message.of("sheet.glue-left", glue.width())
          : near(right, Length.ZERO, area.width())
              ? Message.of("sheet.glue-right", glue.width())
              : Message.of("sheet.glue-down", glue.width(), left);
    }
    if (wide) {
      return near(top, Length.ZERO, area.height())
          ? Message.of("sheet.glue-top", glue.height())
          : near(foot, Length.ZERO, area.height())
              ? Message.of("sheet.glue-foot", glue.height())
              : Message.of("sheet.glue-across", glue.height(), top);
    }
    if (glue.width().max(glue.height()).compareTo(DOT) <= 0) {
      return Message.of("sheet.glue-dot", middle(left, glue.width()), middle(top, glue.height()));
    }
    return Message.of("sheet.glue-part", glue.width(), glue.height(), left, top);
  }

  private static Length middle(Length from, Length side) {
    return from.plus(Length.ofUnits(side.units() / 2));
  }

  /** Glue keeps a little clear of edges; a share of the side is not worth a number. */
  private static boolean near(Length one, Length other, Length side) {
    return one.minus(other).abs().times(SHARE).compareTo(side) <= 0;
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
    return of(layer, design, raised, Message.of(corner(layer.shape(), inside), left, mark.y()));
  }

  /**
   * Says where a layer is glued, its place told in other words.
   *
   * @param layer the layer
   * @param design the design it is part of
   * @param raised whether it stands on foam pads
   * @param place where it goes
   * @return the direction
   */
  public static Message of(Layer layer, Design design, boolean raised, Message place) {
    return Message.of(
        raised ? "sheet.layer-raised" : "sheet.layer",
        layer.label(),
        Message.of(layer.face() == Face.INSIDE ? "layer.inside" : "layer.outside"),
        design.piece(layer.on()).orElseThrow().label(),
        place);
  }

  /** Names the corner of a layer that a pencil mark is made for: one that its paper has. */
  private static String corner(Layer.Shape shape, boolean inside) {
    return switch (shape) {
      case WHOLE -> "layer.corner";
      case ON_POINT -> "layer.point";
      case POINT_LEFT -> inside ? "layer.points-left" : "layer.points-right";
      case POINT_RIGHT -> inside ? "layer.points-right" : "layer.points-left";
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
      case POINT_LEFT -> layer.outline().get(2);
      case POINT_RIGHT -> layer.outline().get(1);
    };
  }

  /**
   * Names a side as a piece lies: turned over like a page, what was its left lies at the right.
   *
   * @param side a side, as the piece lies inside up
   * @param up the face that lies up
   * @return a few words
   */
  public static Message side(Side side, Face up) {
    boolean inside = up == Face.INSIDE;
    return switch (side) {
      case TOP -> Message.of("side.top");
      case RIGHT -> Message.of(inside ? "side.right" : "side.left");
      case LEFT -> Message.of(inside ? "side.left" : "side.right");
      case BOTTOM, NONE -> Message.of("side.bottom");
    };
  }
}
