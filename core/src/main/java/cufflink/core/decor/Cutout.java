package cufflink.core.decor;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A part that is cut out of paper which a picture shows, and what of the picture is on it.
 *
 * <p>What the maker has not placed shows what it would if all parts of a piece were cut from one
 * sheet just as they lie on the piece, so that stripes run on from panel to panel.
 *
 * @param part its name in cut plans
 * @param label the maker's name for it
 * @param picture what its paper looks like
 * @param frame how it lies on its host
 * @param spot where on the sheet it is cut, never past the sheet's edge if the sheet can hold it
 * @param isPlaced whether the maker has said so, and it is to be cut just there
 */
public record Cutout(
    String part, String label, Picture picture, Frame frame, Picture.Spot spot, boolean isPlaced) {
  /** What is larger than its sheet shows the picture again, at most so many times. */
  private static final int MOST = 60;

  private static final double EIGHTH = Math.sqrt(0.5);

  /**
   * How paper lies, in the frame of the piece that it lies on.
   *
   * @param corner its upper left corner as one looks at it
   * @param across one millimetre to the right along its upper edge
   * @param down one millimetre down along its left edge
   * @param width how wide it is
   * @param height how high
   */
  public record Frame(Spot corner, Spot across, Spot down, Length width, Length height) {
    private Spot at(double right, double below) {
      return new Spot(
          corner.x() + right * across.x() + below * down.x(),
          corner.y() + right * across.y() + below * down.y());
    }

    private static Frame upright(Face face, double left, double top, Length width, Length height) {
      return face == Face.INSIDE
          ? new Frame(new Spot(left, top), new Spot(1, 0), new Spot(0, 1), width, height)
          : new Frame(
              new Spot(left + width.toMillimetres(), top),
              new Spot(-1, 0),
              new Spot(0, 1),
              width,
              height);
    }
  }

  /**
   * Finds all parts of a card whose paper a picture shows.
   *
   * @param design the card
   * @param papers what it is made from
   * @return the parts by their names in cut plans
   */
  public static Map<String, Cutout> all(Design design, Papers papers) {
    Map<String, Cutout> all = new LinkedHashMap<>();
    design
        .pieces()
        .forEach(
            piece -> of(piece, Face.OUTSIDE, papers).ifPresent(each -> all.put(each.part, each)));
    design
        .layers()
        .forEach(layer -> of(layer, design, papers).ifPresent(each -> all.put(each.part, each)));
    return all;
  }

  /**
   * Returns what of a picture is on a layer.
   *
   * @param layer the layer
   * @param design its card
   * @param papers what the card is made from
   * @return empty if its paper is in no picture
   */
  public static Optional<Cutout> of(Layer layer, Design design, Papers papers) {
    Length host = design.piece(layer.on()).map(Piece::width).orElse(Length.ZERO);
    Length seen =
        layer.face() == Face.INSIDE ? layer.at().x() : host.minus(layer.right()).max(Length.ZERO);
    Picture.Spot lies = new Picture.Spot(seen, layer.at().y().max(Length.ZERO), 0);
    return picture(papers, layer.role().id())
        .map(
            picture ->
                of(
                    layer.on() + "." + layer.id(),
                    layer.label(),
                    picture,
                    frame(layer),
                    papers,
                    upright(lies, papers.of(layer.role()), picture, layer.width())));
  }

  /** What has its top at the left edge of its sheet is turned so that it stands on the piece. */
  private static Picture.Spot upright(
      Picture.Spot lies, Paper paper, Picture picture, Length width) {
    return paper.print() == Paper.Print.SIDEWAYS
        ? new Picture.Spot(
            lies.top(), picture.high().minus(lies.left()).minus(width).max(Length.ZERO), 1)
        : lies;
  }

  private static Frame frame(Layer layer) {
    Spot at = Spot.from(layer.at());
    if (!layer.shape().isTurned()) {
      return Frame.upright(layer.face(), at.x(), at.y(), layer.width(), layer.height());
    }
    double half = layer.width().toMillimetres() / 2;
    return onPoint(layer.face(), new Spot(at.x() + half, at.y() + half), layer.width());
  }

  /** A square on its point has been turned so that its upper left corner is at the left. */
  private static Frame onPoint(Face face, Spot middle, Length side) {
    double way = face == Face.INSIDE ? 1 : -1;
    return new Frame(
        new Spot(middle.x() - way * side.toMillimetres() * EIGHTH, middle.y()),
        new Spot(way * EIGHTH, -EIGHTH),
        new Spot(way * EIGHTH, EIGHTH),
        side,
        side);
  }

  /**
   * Returns what of a picture is on a piece, in its own frame.
   *
   * @param piece the piece
   * @param face the face that is looked at
   * @param papers what the card is made from
   * @return empty if its paper is in no picture
   */
  public static Optional<Cutout> of(Piece piece, Face face, Papers papers) {
    Picture.Spot corner = new Picture.Spot(Length.ZERO, Length.ZERO, 0);
    Frame frame = Frame.upright(face, 0, 0, piece.width(), piece.height());
    return picture(papers, piece.role().id())
        .map(
            picture ->
                of(
                    piece.id(),
                    piece.label(),
                    picture,
                    frame,
                    papers,
                    upright(corner, papers.of(piece.role()), picture, piece.width())));
  }

  /**
   * Returns what of a picture is on a flat piece, where it is glued on.
   *
   * @param joint where it is glued
   * @param piece the piece
   * @param papers what the card is made from
   * @return empty if its paper is in no picture
   */
  public static Optional<Cutout> of(Joint joint, Piece piece, Papers papers) {
    return of(piece, joint.face(), papers)
        .map(
            each -> {
              if (joint.shape() == Layer.Shape.ON_POINT) {
                Spot at = Spot.from(joint.area().at());
                double half = joint.area().width().toMillimetres() / 2;
                Spot middle = new Spot(at.x() + half, at.y() + half);
                return each.lying(onPoint(joint.face(), middle, piece.width()));
              }
              Spot corner = Glued.place(joint, each.frame.corner());
              Function<Spot, Spot> run =
                  way -> {
                    Spot to =
                        new Spot(
                            each.frame.corner().x() + way.x(), each.frame.corner().y() + way.y());
                    Spot there = Glued.place(joint, to);
                    return new Spot(there.x() - corner.x(), there.y() - corner.y());
                  };
              Frame lying =
                  new Frame(
                      corner,
                      run.apply(each.frame.across()),
                      run.apply(each.frame.down()),
                      piece.width(),
                      piece.height());
              return each.lying(lying);
            });
  }

  private Cutout lying(Frame now) {
    return new Cutout(part, label, picture, now, spot, isPlaced);
  }

  private static Optional<Picture> picture(Papers papers, String role) {
    return Optional.ofNullable(papers.colours().get(role)).flatMap(Papers.Colours::picture);
  }

  private static Cutout of(
      String part,
      String label,
      Picture picture,
      Frame frame,
      Papers papers,
      Picture.Spot otherwise) {
    Picture.Spot chosen = papers.spots().get(part);
    Picture.Spot spot = chosen == null ? otherwise : chosen;
    return new Cutout(
        part,
        label,
        picture,
        frame,
        picture.within(spot, frame.width, frame.height),
        chosen != null);
  }

  /**
   * Returns the same part cut from elsewhere.
   *
   * @param now where; past the sheet's edge it goes back to that
   * @return where it is cut then
   */
  public Picture.Spot within(Picture.Spot now) {
    return picture.within(now, frame.width, frame.height);
  }

  /**
   * Returns the nearest place that can be measured.
   *
   * @param now where
   * @param marks the ruler of the part
   * @return a place on its marks that the sheet holds, if it holds any
   */
  public Picture.Spot within(Picture.Spot now, Marks marks) {
    Picture.Spot near = within(now.at(marks.nearest(now.left()), marks.nearest(now.top())));
    return near.at(marks.floor(near.left()), marks.floor(near.top()));
  }

  /**
   * Returns where the middle of the picture is in the middle of the part.
   *
   * @return the place to cut it from, turned as it is
   */
  public Picture.Spot centred() {
    Length across = spot.isAcross() ? frame.height : frame.width;
    Length down = spot.isAcross() ? frame.width : frame.height;
    return within(spot.at(half(picture.wide().minus(across)), half(picture.high().minus(down))));
  }

  private static Length half(Length length) {
    return Length.fromMillimetres(length.toMillimetres() / 2);
  }

  /**
   * Returns the same part turned on the sheet.
   *
   * @param quarters how many quarter turns clockwise it is given before it is put on
   * @return where it is cut then: about the same middle, as far as the sheet holds it
   */
  public Picture.Spot turned(int quarters) {
    int turned = Math.floorMod(quarters, 4);
    boolean swaps = spot.isAcross() != (turned % 2 == 1);
    Length more = half(frame.width.minus(frame.height));
    Length shift = !swaps ? Length.ZERO : spot.isAcross() ? Length.ZERO.minus(more) : more;
    return within(new Picture.Spot(spot.left().plus(shift), spot.top().minus(shift), turned));
  }

  /**
   * Returns where the whole picture lies, in the frame of the host.
   *
   * @return its upper left, upper right and lower left corners; again for each time that the
   *     picture is shown beside itself, on paper that is larger than the sheet
   */
  public List<List<Spot>> sheets() {
    double wide = picture.wide().toMillimetres();
    double high = picture.high().toMillimetres();
    double left = spot.left().toMillimetres();
    double top = spot.top().toMillimetres();
    double across = (spot.isAcross() ? frame.height : frame.width).toMillimetres();
    double down = (spot.isAcross() ? frame.width : frame.height).toMillimetres();
    List<List<Spot>> sheets = new ArrayList<>();
    for (double y = 0; y < top + down && sheets.size() < MOST; y += high) {
      for (double x = 0; x < left + across && sheets.size() < MOST; x += wide) {
        sheets.add(List.of(onPart(x, y), onPart(x + wide, y), onPart(x, y + high)));
      }
    }
    return sheets;
  }

  /** Returns where a place of the sheet comes to lie. */
  private Spot onPart(double x, double y) {
    double right = x - spot.left().toMillimetres();
    double below = y - spot.top().toMillimetres();
    double wide = frame.width.toMillimetres();
    double high = frame.height.toMillimetres();
    return switch (spot.quarters()) {
      case 1 -> frame.at(wide - below, right);
      case 2 -> frame.at(wide - right, high - below);
      case 3 -> frame.at(below, high - right);
      default -> frame.at(right, below);
    };
  }
}
