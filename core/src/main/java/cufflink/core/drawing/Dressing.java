package cufflink.core.drawing;

import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.AffineTransformationBuilder;

/**
 * Shows the papers of a working drawing as they look, but so pale that all that is written on them
 * is read.
 */
final class Dressing {
  /** How much white is mixed to each colour. */
  private static final double WHITE = 0.72;

  private static final int CHANNEL = 0xFF;

  /** One figure of a print takes so many millimetres. */
  private static final double PITCH = 7;

  private final Design design;
  private final Look look;

  /** What lies on the card, found when it is first asked for. */
  private List<Patch> patches;

  Dressing(Design design, Look look) {
    this.design = design;
    this.look = look;
  }

  static Drawing dress(Drawing drawing, Design design, Look look, Optional<Lying> lying) {
    return new Dressing(design, look).dress(drawing, lying);
  }

  Drawing dress(Drawing drawing, Optional<Lying> lying) {
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < drawing.marks().size(); i++) {
      Mark mark = drawing.marks().get(i);
      List<Mark> later = drawing.marks().subList(i + 1, drawing.marks().size());
      Optional<Lying> paper = lying.filter(it -> isPaper(mark, it));
      if (paper.isPresent()) {
        marks.add(paper((Shape) mark, paper.get(), drawing.scale()));
      } else {
        marks.add(mark instanceof Shape shape ? dress(shape, later, drawing.scale()) : mark);
      }
    }
    return new Drawing(drawing.width(), drawing.height(), drawing.scale(), marks);
  }

  private static boolean isPaper(Mark mark, Lying lying) {
    return mark instanceof Shape shape
        && shape.ref().equals(Ref.NONE)
        && shape.fill() == Fill.of(lying.faceUp());
  }

  /** What is cut from printed paper shows its print; where it is bare, it stays as it is drawn. */
  private Mark paper(Shape shape, Lying lying, double scale) {
    List<Spot> laid = lying.piece().outline().stream().map(Spot::from).map(lying::apply).toList();
    Spot from = corner(laid);
    Spot to = corner(shape.corners());
    UnaryOperator<Spot> seen =
        spot -> {
          Spot at = lying.apply(spot);
          return new Spot(
              to.x() + (at.x() - from.x()) * scale, to.y() + (at.y() - from.y()) * scale);
        };
    return paper(lying.piece(), lying.faceUp(), shape, seen, scale)
        .<Mark>map(it -> it)
        .orElse(shape);
  }

  /**
   * Dresses a piece, or a part of it.
   *
   * @param piece the piece
   * @param face the face that is seen
   * @param shape what is seen of it, as it is drawn
   * @param seen where a place of the piece is drawn
   * @param scale pixels for a millimetre
   * @return its print, or the white of its back; empty for plain card
   */
  Optional<Printed> paper(
      Piece piece, Face face, Shape shape, UnaryOperator<Spot> seen, double scale) {
    Prints.Print print = new Prints(design, look, List.of()).own(piece, face);
    List<List<Spot>> rings = List.of(shape.corners());
    if (print.cutout().isPresent()) {
      Cutout cutout = print.cutout().get();
      List<Imprint> imprints =
          cutout.sheets().stream()
              .map(sheet -> sheet.stream().map(seen).toList())
              .map(sheet -> new Imprint(cutout.picture().name(), sheet, WHITE))
              .toList();
      int ground = cutout.picture().mean();
      return Optional.of(
          new Printed(rings, ground, List.of(), ground, shape.light(), imprints, shape.ref()));
    }
    boolean isPlain = print.motif() == Motif.PLAIN;
    if (isPlain && piece.role().equals(PaperRole.CARDSTOCK)) {
      // Its faces are told apart by how they are drawn.
      return Optional.empty();
    }
    List<List<Spot>> figures = isPlain ? List.of() : Motifs.of(print.motif(), rings, PITCH * scale);
    return Optional.of(
        new Printed(
            rings, pale(print.ground()), figures, pale(print.ink()), shape.light(), shape.ref()));
  }

  private static Spot corner(List<Spot> corners) {
    double left = corners.stream().mapToDouble(Spot::x).min().orElse(0);
    double top = corners.stream().mapToDouble(Spot::y).min().orElse(0);
    return new Spot(left, top);
  }

  private Mark dress(Shape shape, List<Mark> later, double scale) {
    Optional<PaperRole> paper =
        design.layers().stream()
            .filter(layer -> layer.id().equals(shape.ref().line()))
            .filter(layer -> layer.on().equals(shape.ref().piece()))
            .map(Layer::role)
            .findFirst()
            .or(() -> glued(shape.ref()));
    return paper.<Mark>map(role -> printed(shape, role, later, scale)).orElse(shape);
  }

  /** Returns what the paper of something flat is for that is glued on. */
  private Optional<PaperRole> glued(Ref ref) {
    return design.glued().stream()
        .filter(joint -> joint.id().equals(ref.line()) && joint.on().equals(ref.piece()))
        .flatMap(joint -> design.piece(joint.piece()).stream())
        .filter(piece -> piece.scores().isEmpty())
        .map(Piece::role)
        .findFirst();
  }

  private Mark printed(Shape shape, PaperRole role, List<Mark> later, double scale) {
    Papers.Colours colours = look.colours(role);
    Optional<Cutout> cutout = Prints.cutout(design, look.own(), shape.ref());
    Optional<Printed> pictured = cutout.flatMap(it -> pictured(shape, it));
    if (pictured.isPresent()) {
      return pictured.get();
    }
    boolean isMat = role.isUsual() && later.stream().anyMatch(mark -> liesOn(mark, shape));
    int ground = pale(isMat ? colours.ink().rgb() : colours.ground().rgb());
    List<List<Spot>> figures =
        isMat || colours.motif() == Motif.PLAIN
            ? List.of()
            : Motifs.of(colours.motif(), List.of(shape.corners()), PITCH * scale);
    return new Printed(
        List.of(shape.corners()), ground, figures, pale(colours.ink().rgb()), 1, shape.ref());
  }

  private List<Patch> patches() {
    if (patches == null) {
      patches = Patch.of(design);
    }
    return patches;
  }

  /** Only what was seen of a part is dressed, wherever it was drawn. */
  private Optional<Printed> pictured(Shape shape, Cutout cutout) {
    return patches().stream()
        .filter(patch -> patch.ref().equals(shape.ref()))
        .flatMap(patch -> onto(patch.corners(), shape.corners()).stream())
        .findFirst()
        .map(
            onto -> {
              List<Imprint> imprints =
                  cutout.sheets().stream()
                      .map(
                          at ->
                              new Imprint(
                                  cutout.picture().name(),
                                  at.stream().map(spot -> moved(onto, spot)).toList(),
                                  WHITE))
                      .toList();
              // What is laid over the picture makes this pale as well, where it is not found.
              int ground = cutout.picture().mean();
              List<List<Spot>> rings = List.of(shape.corners());
              return new Printed(rings, ground, List.of(), ground, 1, imprints, shape.ref());
            });
  }

  /** Finds how a part was drawn, from three of its corners that do not lie in a row. */
  private static Optional<AffineTransformation> onto(List<Spot> part, List<Spot> drawn) {
    if (part.size() != drawn.size()) {
      return Optional.empty();
    }
    return Optional.ofNullable(
        new AffineTransformationBuilder(
                at(part, 0), at(part, 1), at(part, 2), at(drawn, 0), at(drawn, 1), at(drawn, 2))
            .getTransformation());
  }

  private static Coordinate at(List<Spot> corners, int index) {
    return new Coordinate(corners.get(index).x(), corners.get(index).y());
  }

  private static Spot moved(AffineTransformation onto, Spot spot) {
    Coordinate to = onto.transform(new Coordinate(spot.x(), spot.y()), new Coordinate());
    return new Spot(to.x, to.y);
  }

  private boolean liesOn(Mark mark, Shape under) {
    boolean isLayer =
        mark instanceof Shape
            && design.layers().stream().anyMatch(layer -> layer.id().equals(mark.ref().line()));
    if (!isLayer || mark.ref().equals(under.ref())) {
      return false;
    }
    Geometry below = Facet.polygon(under.corners()).buffer(1);
    return below.covers(Facet.polygon(((Shape) mark).corners()));
  }

  private static int pale(int rgb) {
    int pale = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int channel = rgb >> shift & CHANNEL;
      pale |= (int) Math.round(channel + (CHANNEL - channel) * WHITE) << shift;
    }
    return pale;
  }
}
