package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.LayerOrder;
import cufflink.core.plane.Area;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

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
        .filter(joint -> joint.piece().equals(joint.on()) && joint.movement().isFast())
        .filter(joint -> design.piece(joint.piece()).filter(each -> each.count() == 1).isPresent())
        .flatMap(joint -> inspection.check(joint).stream())
        .toList();
  }

  private Optional<Finding> check(Joint joint) {
    for (Assembly.Member member : model.assembly().members()) {
      if (member.flat().piece().id().equals(joint.piece())) {
        return joint.glue().stream().allMatch(glue -> meets(joint.face(), glue, member))
            ? Optional.empty()
            : Optional.of(
                new Finding(
                    FindingKind.NOT_MET,
                    Severity.ERROR,
                    Place.on(joint.on(), joint.id()),
                    Message.of(
                        "inspect.not-met",
                        joint.label(),
                        Message.of(joint.face() == Face.INSIDE ? "layer.inside" : "layer.outside")),
                    Optional.empty()));
      }
    }
    return Optional.empty();
  }

  private boolean meets(Face face, Area glue, Assembly.Member member) {
    Spot place =
        new Spot(
            glue.at().x().toMillimetres() + glue.width().toMillimetres() / 2,
            glue.at().y().toMillimetres() + glue.height().toMillimetres() / 2);
    for (Facet facet : member.flat().facets()) {
      if (Facet.holds(facet.polygon(), place)) {
        int index = member.firstFacet() + facet.index();
        OptionalInt other = nearest(face, place, index, member);
        return other.isPresent() && staysWith(other.getAsInt(), index, place);
      }
    }
    // Glue beside the paper is told of elsewhere.
    return true;
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
