package cufflink.core.drawing;

import cufflink.core.decor.Cutout;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ref;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** What the papers of a card show: their colour, their print, or nothing where one writes. */
final class Prints {
  private final Design design;
  private final Look look;
  private final List<Patch> patches;

  Prints(Design design, Look look, List<Patch> patches) {
    this.design = design;
    this.look = look;
    this.patches = patches;
  }

  /**
   * Card is coloured on its outside, paler on its inside; what is cut from printed paper shows its
   * print, also where the pattern has a name of its own for it, and is white on its back unless it
   * is printed on both faces.
   */
  Print own(Piece piece, Face face) {
    boolean isLikeOthers = piece.paper() == PaperKind.PATTERNED && !look.isChosen(piece.role());
    Papers.Colours colours = look.colours(isLikeOthers ? PaperRole.PATTERNED : piece.role());
    boolean isCard = piece.role().equals(PaperRole.CARDSTOCK);
    Optional<Cutout> cutout = Cutout.of(piece, face, look.own());
    if (cutout.isPresent()) {
      return pictured(piece.role(), face == Face.OUTSIDE, cutout.get());
    }
    boolean isOther = face == Face.INSIDE && !look.own().of(piece.role()).twoSided();
    if (!isCard && isOther && colours.motif() != Motif.PLAIN) {
      return new Print(Tint.WHITE.rgb(), colours.ink().rgb(), Motif.PLAIN);
    }
    return isCard && face == Face.INSIDE
        ? new Print(colours.ground().pale(), colours.ink().rgb(), Motif.PLAIN)
        : Print.of(colours);
  }

  /** Paper in a picture is white on its back, unless it is printed on both faces. */
  private Print pictured(PaperRole role, boolean isFront, Cutout cutout) {
    int ground = cutout.picture().mean();
    return isFront || look.own().of(role).twoSided()
        ? new Print(ground, ground, Motif.PLAIN, Optional.of(cutout))
        : new Print(Tint.WHITE.rgb(), ground, Motif.PLAIN);
  }

  /** What a paper shows. */
  record Print(int ground, int ink, Motif motif, Optional<Cutout> cutout) {
    Print(int ground, int ink, Motif motif) {
      this(ground, ink, motif, Optional.empty());
    }

    static Print of(Papers.Colours colours) {
      return new Print(colours.ground().rgb(), colours.ink().rgb(), colours.motif());
    }

    /** A mat is of the colour that is printed on what lies on it. */
    static Print mat(Papers.Colours colours) {
      return new Print(colours.ink().rgb(), colours.ink().rgb(), Motif.PLAIN);
    }

    /** What lies on a mat is plain, so that it can be written on. */
    static Print panel(Papers.Colours colours) {
      return new Print(colours.ground().rgb(), colours.ink().rgb(), Motif.PLAIN);
    }
  }

  Print of(Patch patch, Polygon shape, Face face, boolean onMat) {
    PaperRole role = role(patch);
    Papers.Colours colours = look.colours(role);
    Optional<Cutout> cutout = cutout(patch.ref());
    if (cutout.isPresent()) {
      return pictured(role, true, cutout.get());
    }
    boolean isLayered = role.isUsual() && patch.fill() == Fill.LAYER;
    if (isLayered && hasMore(patch, shape, face)) {
      return Print.mat(colours);
    }
    return isLayered && onMat ? Print.panel(colours) : Print.of(colours);
  }

  /** Returns what of a picture is on a layer, or on a flat piece that is glued on. */
  private Optional<Cutout> cutout(Ref ref) {
    return cutout(design, look.own(), ref);
  }

  /**
   * Returns what of a picture is on what lies on a piece.
   *
   * @param design the card
   * @param papers what it is made from
   * @param ref a layer, or a joint of a flat piece
   * @return empty if its paper is in no picture
   */
  static Optional<Cutout> cutout(Design design, Papers papers, Ref ref) {
    Optional<Layer> layer =
        design.layers().stream()
            .filter(each -> each.id().equals(ref.line()) && each.on().equals(ref.piece()))
            .findFirst();
    if (layer.isPresent()) {
      return Cutout.of(layer.get(), design, papers);
    }
    return design.joints().stream()
        .filter(joint -> joint.id().equals(ref.line()) && joint.on().equals(ref.piece()))
        .findFirst()
        .flatMap(
            joint ->
                design
                    .piece(joint.piece())
                    .filter(piece -> piece.scores().isEmpty())
                    .flatMap(piece -> Cutout.of(joint, piece, papers)));
  }

  /** Returns what the paper of a patch is for: of a layer, or of a piece that is glued on. */
  private PaperRole role(Patch patch) {
    return design.layers().stream()
        .filter(layer -> layer.id().equals(patch.ref().line()))
        .map(Layer::role)
        .findFirst()
        .orElseGet(
            () ->
                design.joints().stream()
                    .filter(joint -> joint.id().equals(patch.ref().line()))
                    .flatMap(joint -> design.piece(joint.piece()).stream())
                    .map(Piece::role)
                    .findFirst()
                    .orElse(PaperRole.PATTERNED));
  }

  /** What its maker puts on a layer besides makes no mat of it. */
  private boolean isOwn(Patch patch) {
    return design.joints().stream()
        .filter(joint -> joint.id().equals(patch.ref().line()))
        .anyMatch(joint -> Topper.isId(joint.piece()));
  }

  /** A layer with another on it is a mat. */
  private boolean hasMore(Patch mat, Polygon shape, Face face) {
    Geometry area = Facet.polygon(mat.corners()).buffer(1);
    return patches.subList(patches.indexOf(mat) + 1, patches.size()).stream()
        .filter(each -> each.ref().piece().equals(mat.ref().piece()) && each.face() == face)
        .filter(each -> each.leg().isEmpty() && !isOwn(each))
        .filter(each -> each.fill() == Fill.LAYER && FoldDrawing.holds(shape, each.corners()))
        .anyMatch(each -> area.covers(Facet.polygon(each.corners())));
  }
}
