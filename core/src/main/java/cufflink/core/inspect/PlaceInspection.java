package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.plane.Area;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What is glued or woven onto a place is as large as that, whole or with one of its panels. */
final class PlaceInspection {
  private PlaceInspection() {}

  static List<Finding> inspect(Design design, FoldModel model) {
    List<Assembly.Member> members = model.assembly().members();
    Set<Joint> placed =
        members.stream().flatMap(member -> member.joint().stream()).collect(Collectors.toSet());
    Set<String> hosts =
        members.stream().map(member -> member.flat().piece().id()).collect(Collectors.toSet());
    return design.joints().stream()
        .filter(joint -> joint.movement().isFast() || !joint.movement().through().isEmpty())
        .filter(joint -> !joint.piece().equals(joint.on()) && hosts.contains(joint.on()))
        .filter(joint -> joint.askew().isEmpty() && joint.shape() != Layer.Shape.ON_POINT)
        .filter(joint -> !design.relations().contains(new Relation.Arched(joint.id())))
        .flatMap(joint -> check(design, joint, placed.contains(joint)).stream())
        .toList();
  }

  private static Optional<Finding> check(Design design, Joint joint, boolean isPlaced) {
    return design
        .piece(joint.piece())
        .filter(piece -> joint.shape().isHalf() ? !isLike(piece, joint.area()) : !isPlaced)
        .map(
            piece ->
                new Finding(
                    FindingKind.NOT_IN_PLACE,
                    Severity.ERROR,
                    Place.on(joint.on(), joint.id()),
                    Message.of(
                        "inspect.not-in-place",
                        joint.label(),
                        piece.width(),
                        piece.height(),
                        joint.area().width(),
                        joint.area().height()),
                    Optional.empty()));
  }

  private static boolean isLike(Piece piece, Area area) {
    return area.width().equals(piece.width()) && area.height().equals(piece.height())
        || area.width().equals(piece.height()) && area.height().equals(piece.width());
  }
}
