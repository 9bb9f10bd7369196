package cufflink.core.fold;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight.Shown;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Side;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.function.ToDoubleFunction;

/** Which way up the prints on a card are to whoever looks at it. */
public final class PrintWay {
  private static final List<Side> CLOCKWISE = List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT);
  private static final int QUARTERS = 4;

  /** A way that rises nearly as steeply as the steepest is as good, as on a square on its point. */
  private static final double ALIKE = 0.9;

  /** Of a card that stands, what faces up as much as this is read from above. */
  private static final double LEVEL = 0.85;

  /** What faces down as much as this is not looked at while the card stands. */
  private static final double DOWN = -0.1;

  private final FoldModel model;
  private final Design design;
  private final Papers papers;

  /**
   * Looks at the prints of a card.
   *
   * @param model the card, put together
   * @param design its design
   * @param papers what it is made from
   */
  public PrintWay(FoldModel model, Design design, Papers papers) {
    this.model = model;
    this.design = design;
    this.papers = papers;
  }

  /**
   * How a print is seen.
   *
   * @param part the part it is on, by its name in cut plans
   * @param top where its top is
   * @param quarters by how many quarter turns clockwise its part would have to be cut turned on its
   *     sheet, in all, so that it is upright
   */
  public record Seen(String part, Side top, int quarters) {
    /** Says whether it is upright. */
    public boolean isUpright() {
      return top == Side.TOP;
    }
  }

  /**
   * Finds how a print is seen on a card that lies.
   *
   * @param shown what shows
   * @param moment any moment, as for {@link FoldModel#pose(double)}
   * @return empty if no print with a top shows
   */
  public Optional<Seen> lying(Shown shown, double moment) {
    return seen(shown, moment, way -> -way.y());
  }

  /**
   * Finds how a print is seen on a card that stands: its top is to be up.
   *
   * @param shown what shows
   * @param moment any moment, as for {@link FoldModel#pose(double)}
   * @param pitch how far the card is set up, as for {@link Viewpoint}
   * @return empty if no print with a top shows, or it lies level, or faces down
   */
  public Optional<Seen> standing(Shown shown, double moment, double pitch) {
    Viewpoint table = new Viewpoint(0, 0, pitch);
    double up = table.stood(model.pose(moment).motions().get(shown.facet()).up()).z();
    double faces = shown.face() == Face.INSIDE ? up : -up;
    return faces < DOWN || faces > LEVEL
        ? Optional.empty()
        : seen(shown, moment, way -> table.stood(way).z());
  }

  /**
   * Finds how the print of a band is seen that is wrapped round the closed card.
   *
   * @param band its outside
   * @param round whether it is wrapped round the height of the card, and stands on its side there
   * @return empty if its print has no top
   */
  public Optional<Seen> wrapped(Shown band, boolean round) {
    return seen(band, print -> round ? QUARTERS - 1 : 0);
  }

  private Optional<Seen> seen(Shown shown, double moment, ToDoubleFunction<Vec> rises) {
    return seen(
        shown, print -> best(print, ways(shown.face(), cutout(shown)), moment, shown, rises));
  }

  private Optional<Seen> seen(Shown shown, IntUnaryOperator up) {
    Paper paper = papers.of(role(shown));
    boolean shows = shown.layer().isPresent() || paper.twoSided() || shown.face() == Face.OUTSIDE;
    if (paper.print() == Paper.Print.NONE || !shows) {
      return Optional.empty();
    }
    Optional<Cutout> cutout = cutout(shown);
    int quarters = cutout.map(each -> each.spot().quarters()).orElse(0);
    boolean isSideways = cutout.isPresent() && paper.print() == Paper.Print.SIDEWAYS;
    int print = Math.floorMod(isSideways ? quarters - 1 : quarters, QUARTERS);
    int best = up.applyAsInt(print);
    Side top = CLOCKWISE.get(Math.floorMod(print - best, QUARTERS));
    int turned = Math.floorMod(quarters + best - print, QUARTERS);
    return Optional.of(new Seen(part(shown), top, turned));
  }

  /** Returns what the paper is for that shows. */
  public PaperRole role(Shown shown) {
    return shown
        .layer()
        .map(Layer::role)
        .or(() -> design.piece(shown.piece()).map(Piece::role))
        .orElse(PaperRole.CARDSTOCK);
  }

  /** Returns which quarter turn leads the top of a print uppermost. */
  private int best(
      int print, List<Spot> ways, double moment, Shown shown, ToDoubleFunction<Vec> rises) {
    Pose pose = model.pose(moment);
    Motion motion = pose.motions().get(shown.facet());
    List<Double> high =
        ways.stream()
            .map(way -> rises.applyAsDouble(motion.turn(new Vec(way.x(), way.y(), 0))))
            .toList();
    int best = print;
    for (int i = 0; i < QUARTERS; i++) {
      best = high.get(i) * ALIKE > high.get(best) ? i : best;
    }
    return best;
  }

  /** Returns where the top of a print leads that is turned by no, one, two and three quarters. */
  private static List<Spot> ways(Face face, Optional<Cutout> cutout) {
    Spot across =
        cutout.map(it -> it.frame().across()).orElse(new Spot(face == Face.INSIDE ? 1 : -1, 0));
    Spot down = cutout.map(it -> it.frame().down()).orElse(new Spot(0, 1));
    return List.of(
        new Spot(-down.x(), -down.y()), across, down, new Spot(-across.x(), -across.y()));
  }

  /** Something flat that is glued on is seen as a layer is, and goes by the name of its piece. */
  private String part(Shown shown) {
    return shown
        .layer()
        .map(layer -> glued(layer).map(Joint::piece).orElseGet(() -> layer.on() + "." + layer.id()))
        .orElse(shown.piece());
  }

  private Optional<Joint> glued(Layer layer) {
    return design.joints().stream()
        .filter(joint -> joint.id().equals(layer.id()) && joint.on().equals(layer.on()))
        .findFirst();
  }

  private Optional<Cutout> cutout(Shown shown) {
    if (shown.layer().isEmpty()) {
      return design.piece(shown.piece()).flatMap(piece -> Cutout.of(piece, shown.face(), papers));
    }
    Layer layer = shown.layer().get();
    Optional<Joint> glued = glued(layer);
    return glued.isPresent()
        ? design.piece(glued.get().piece()).flatMap(each -> Cutout.of(glued.get(), each, papers))
        : Cutout.of(layer, design, papers);
  }
}
