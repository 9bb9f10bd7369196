package cufflink.core.cut;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Layer.Shape;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.CutAway;
import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What must be cut for some copies of a card. */
public final class CutWork {
  private final Design design;
  private final Collection<PaperRole> roles;
  private final Paper paper;
  private final Piece.Lot lot;
  private final Set<String> besides;
  private final Map<String, Part.At> placed;

  private CutWork(
      Design design,
      Collection<PaperRole> roles,
      Paper paper,
      Piece.Lot lot,
      Set<String> besides,
      Map<String, Part.At> placed) {
    this.design = design;
    this.placed = placed;
    this.roles = roles;
    this.paper = paper;
    this.lot = lot;
    this.besides = besides;
  }

  /**
   * Lists the rectangles to cut from one paper.
   *
   * <p>Two layers of which only half is used come from one rectangle where its diagonal serves
   * both: a half turned round half a turn is the other half, unless the print must stand upright.
   * On the outside a layer is seen from behind, so that its diagonal there runs the other way.
   *
   * @param design the card
   * @param roles all that the paper is for; ribbon is no rectangle
   * @param paper the paper, whose print decides which halves may share a rectangle
   * @param copies how many cards, above zero
   * @return the parts, pieces before layers
   */
  public static List<Part> parts(
      Design design, Collection<PaperRole> roles, Paper paper, int copies) {
    return parts(design, roles, paper, Piece.Lot.all(copies), Set.of(), Map.of());
  }

  /**
   * Lists the rectangles to cut from one paper, with pieces that otherwise come from what another
   * piece leaves.
   *
   * @param design the card
   * @param roles all that the paper is for; ribbon is no rectangle
   * @param paper the paper, whose print decides which halves may share a rectangle
   * @param lot for which cards
   * @param besides the pieces to cut on their own all the same, by their ids
   * @param placed where on the sheet parts are cut that are not cut wherever there is room, by
   *     their ids; a half of those shares no rectangle
   * @return the parts, pieces before layers
   */
  public static List<Part> parts(
      Design design,
      Collection<PaperRole> roles,
      Paper paper,
      Piece.Lot lot,
      Set<String> besides,
      Map<String, Part.At> placed) {
    return new CutWork(design, roles, paper, lot, besides, placed)
        .parts().stream()
            .map(part -> part.withAt(Optional.ofNullable(placed.get(part.id()))))
            .toList();
  }

  private List<Part> parts() {
    List<Part> parts = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      boolean isLeft = CutAway.serves(design, piece) && !besides.contains(piece.id());
      if (roles.contains(piece.role()) && !isLeft) {
        int count = piece.of(lot);
        if (count > 0) {
          parts.add(
              new Part(
                  piece.id(), piece.label(), piece.width(), piece.height(), count, folds(piece)));
        }
      }
    }
    Map<Half, List<Layer>> halves = new LinkedHashMap<>();
    for (Layer layer : design.layers()) {
      boolean isShared =
          layer.shape().isHalf() && !placed.containsKey(layer.on() + "." + layer.id());
      if (roles.contains(layer.role()) && isShared) {
        halves
            .computeIfAbsent(half(layer), each -> new ArrayList<>())
            .addAll(Collections.nCopies(design.count(layer), layer));
      } else if (roles.contains(layer.role())) {
        parts.add(part(layer, Math.multiplyExact(design.count(layer), lot.cards())));
      }
    }
    halves.values().forEach(each -> addHalves(parts, each));
    return parts;
  }

  private static Part part(Layer layer, int count) {
    return new Part(
        layer.on() + "." + layer.id(),
        layer.label(),
        layer.width(),
        layer.height(),
        count,
        Part.Folds.EITHER);
  }

  /** Rectangles that are cut along the same diagonal. */
  private record Half(Length width, Length height, boolean rising) {}

  private static Half half(Layer layer) {
    Shape shape = printedShape(layer).straight();
    boolean rising = shape == Shape.TOP_LEFT || shape == Shape.BOTTOM_RIGHT;
    return new Half(layer.width(), layer.height(), rising);
  }

  /** Returns a layer's half as it is seen on its printed face. */
  static Shape printedShape(Layer layer) {
    if (layer.face() == Face.INSIDE) {
      return layer.shape();
    }
    return switch (layer.shape()) {
      case TOP_LEFT -> Shape.BOTTOM_LEFT;
      case BOTTOM_LEFT -> Shape.TOP_LEFT;
      case TOP_RIGHT -> Shape.BOTTOM_RIGHT;
      case BOTTOM_RIGHT -> Shape.TOP_RIGHT;
      case WHOLE, ON_POINT, POINT_LEFT, POINT_RIGHT -> layer.shape();
    };
  }

  private void addHalves(List<Part> parts, List<Layer> layers) {
    int rectangles = (int) (((long) layers.size() * lot.cards() + 1) / 2);
    if (paper.print() != Paper.Print.NONE) {
      long upper = layers.stream().filter(each -> isUpper(printedShape(each))).count();
      rectangles = (int) (Math.max(upper, layers.size() - upper) * lot.cards());
    }
    Layer first = layers.get(0);
    String labels =
        layers.stream().map(Layer::label).distinct().reduce((a, b) -> a + " + " + b).orElse("");
    parts.add(
        new Part(
            first.on() + "." + first.id(),
            labels,
            first.width(),
            first.height(),
            rectangles,
            Part.Folds.EITHER));
  }

  private static boolean isUpper(Shape shape) {
    return shape.straight() == Shape.TOP_LEFT || shape.straight() == Shape.TOP_RIGHT;
  }

  /** Returns how most of a piece's folds run, by their length. */
  private static Part.Folds folds(Piece piece) {
    double level = 0;
    double upright = 0;
    for (Score score : piece.scores()) {
      if (score.folds() && score.line().isLevel()) {
        level += score.line().millimetres();
      } else if (score.folds() && score.line().isVertical()) {
        upright += score.line().millimetres();
      }
    }
    if (level == upright) {
      return Part.Folds.EITHER;
    }
    return level > upright ? Part.Folds.LEVEL : Part.Folds.UPRIGHT;
  }

  /**
   * Lists the ribbons to cut to length.
   *
   * @param design the card
   * @param copies how many cards, above zero
   * @return length by label, for all copies together
   */
  public static Map<String, Length> ribbons(Design design, int copies) {
    Map<String, Length> ribbons = new LinkedHashMap<>();
    for (Piece piece : design.pieces()) {
      if (piece.paper() == PaperKind.RIBBON) {
        int count = piece.total(copies);
        ribbons.merge(piece.label(), piece.width().max(piece.height()).times(count), Length::plus);
      }
    }
    return ribbons;
  }
}
