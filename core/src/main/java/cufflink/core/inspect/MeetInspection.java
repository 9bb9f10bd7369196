package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.paper.Adhesive;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BooleanSupplier;

/**
 * What a piece is glued to itself with meets another part of it on the face that is said, once the
 * card is closed, and both stay together when it is opened.
 */
final class MeetInspection {
  /** How far what is glued together may part, in millimetres. */
  private static final double NEAR = 0.5;

  private final FoldModel model;
  private final LayerOrder.Stack stack;

  private MeetInspection(FoldModel model, LayerOrder.Stack stack) {
    this.model = model;
    this.stack = stack;
  }

  static List<Finding> inspect(Design design, FoldModel model, LayerOrder.Stack stack) {
    MeetInspection inspection = new MeetInspection(model, stack);
    return design.joints().stream()
        .filter(design::isSeam)
        .flatMap(joint -> inspection.check(joint).stream())
        .toList();
  }

  /**
   * Inspects what is glued to itself while it is on nothing else: a bag, or a handle.
   *
   * @param design the card
   * @param model the card as it is folded
   * @param stops asked now and then; true ends it
   * @return what does not come to lie where its glue is
   */
  static List<Finding> loose(Design design, FoldModel model, BooleanSupplier stops) {
    return design.joints().stream()
        .filter(design::isSeam)
        .flatMap(
            joint ->
                design
                    .piece(joint.piece())
                    .filter(piece -> !isMember(piece, model))
                    .flatMap(piece -> loose(joint, piece, design, model, stops))
                    .stream())
        .toList();
  }

  private static Optional<Finding> loose(
      Joint joint, Piece piece, Design design, FoldModel model, BooleanSupplier stops) {
    if (!isFolded(piece, design)) {
      return isCreasedTheOtherWay(joint, piece) ? Optional.of(notMet(joint)) : Optional.empty();
    }
    FlatPattern flat = FlatPattern.of(piece, model.assembly().tolerances());
    if (flat.facets().isEmpty()) {
      // Its cuts leave nothing of it, which is told elsewhere.
      return Optional.empty();
    }
    FoldModel own = FoldModel.of(design, flat);
    own.prepare(stops);
    // By itself it need not be folded to its end: only what would meet on the other face is wrong.
    return own.isReady() && own.movesThroughout()
        ? own.layering()
            .stack(own.closing())
            .map(stack -> new MeetInspection(own, stack))
            .filter(meeting -> meeting.check(joint.facing(joint.face().other())).isEmpty())
            .flatMap(meeting -> meeting.check(joint))
        : Optional.empty();
  }

  /** What is folded once, towards a face, is glued to itself on that face. */
  private static boolean isCreasedTheOtherWay(Joint joint, Piece piece) {
    List<Score> folds = piece.scores().stream().filter(Score::folds).toList();
    return folds.size() == 1
        && (folds.get(0).fold() == Fold.VALLEY) != (joint.face() == Face.INSIDE);
  }

  private static boolean isMember(Piece piece, FoldModel model) {
    return model.assembly().members().stream()
        .anyMatch(member -> member.flat().piece().id().equals(piece.id()));
  }

  private static boolean isFolded(Piece piece, Design design) {
    return design.stages().stream().anyMatch(stage -> stage.piece().equals(piece.id()));
  }

  private Optional<Finding> check(Joint joint) {
    for (Assembly.Member member : model.assembly().members()) {
      if (member.flat().piece().id().equals(joint.piece())) {
        return joint.glue().stream().allMatch(glue -> meets(joint, glue, member))
            ? Optional.empty()
            : Optional.of(notMet(joint));
      }
    }
    return Optional.empty();
  }

  private static Finding notMet(Joint joint) {
    return new Finding(
        FindingKind.NOT_MET,
        Severity.ERROR,
        Place.on(joint.on(), joint.id()),
        Message.of(
            "inspect.not-met",
            joint.label(),
            Message.of(joint.face() == Face.INSIDE ? "layer.inside" : "layer.outside")),
        Optional.empty());
  }

  private boolean meets(Joint joint, Area glue, Assembly.Member member) {
    Spot place =
        new Spot(
            glue.at().x().toMillimetres() + glue.width().toMillimetres() / 2,
            glue.at().y().toMillimetres() + glue.height().toMillimetres() / 2);
    for (Facet facet : member.flat().facets()) {
      if (Facet.holds(facet.polygon(), place)) {
        int index = member.firstFacet() + facet.index();
        OptionalInt other = nearest(joint.face(), place, index, member);
        return other.isPresent()
            && (!isRing(joint, member) || !isNextTo(other.getAsInt(), index))
            && staysWith(other.getAsInt(), index, place);
      }
    }
    // Glue beside the paper is told of elsewhere.
    return true;
  }

  /**
   * A seam that leaves no mouth closes its piece to a ring, and so joins parts that are no
   * neighbours; a piece folded once has no others, and a dot only keeps a fold shut.
   */
  private static boolean isRing(Joint joint, Assembly.Member member) {
    return joint.mouth() == Side.NONE
        && !joint.with().equals(Optional.of(Adhesive.DOTS))
        && member.flat().facets().size() > 2;
  }

  private boolean isNextTo(int one, int other) {
    return model.assembly().creases().stream()
        .anyMatch(
            crease ->
                crease.first() == one && crease.second() == other
                    || crease.first() == other && crease.second() == one);
  }

  /** Finds the part of the same piece that lies next on one face of a facet. */
  private OptionalInt nearest(Face face, Spot place, int index, Assembly.Member member) {
    Pose pose = model.pose(model.closing());
    Vec at = pose.place(index, place);
    boolean above = pose.motions().get(index).up().z() > 0 == (face == Face.INSIDE);
    OptionalInt nearest = OptionalInt.empty();
    for (Facet each : member.flat().facets()) {
      int other = member.firstFacet() + each.index();
      Motion motion = pose.motions().get(other);
      Vec there = motion.back(at);
      boolean covers = Facet.holds(each.polygon(), new Spot(there.x(), there.y()));
      if (covers && stack.side(other, index) == (above ? 1 : -1)) {
        boolean nearer =
            nearest.isEmpty() || stack.side(nearest.getAsInt(), other) == (above ? 1 : -1);
        nearest = nearer ? OptionalInt.of(other) : nearest;
      }
    }
    return nearest;
  }

  private boolean staysWith(int other, int index, Spot place) {
    Pose closed = model.pose(model.closing());
    Vec on = closed.motions().get(other).back(closed.place(index, place));
    for (int done = model.closing() + 1; done <= model.stages().size(); done++) {
      Pose pose = model.pose(done);
      Vec apart = pose.place(index, place).minus(pose.motions().get(other).apply(on));
      if (apart.length() > NEAR) {
        return false;
      }
    }
    return true;
  }
}
