package cufflink.core.card;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer.Shape;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.flat.FlatPattern;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes small cards of several pieces for tests. */
public final class Cards {
  private Cards() {}

  public static Piece piece(String id, double width, double height, Score... scores) {
    return new Piece(
        id,
        id,
        PaperKind.CARDSTOCK,
        1,
        Length.fromMillimetres(width),
        Length.fromMillimetres(height),
        Piece.rectangle(Length.fromMillimetres(width), Length.fromMillimetres(height)),
        List.of(scores),
        List.of());
  }

  public static Area area(double x, double y, double width, double height) {
    return new Area(
        Strips.point(x, y), Length.fromMillimetres(width), Length.fromMillimetres(height));
  }

  public static Joint glued(String piece, String on, Face face, Area area, Area... glue) {
    return new Joint(piece, piece, piece, on, face, area, Shape.WHOLE, List.of(glue), Side.NONE);
  }

  public static Joint turning(String piece, String on, Area area, boolean either, Segment... at) {
    return joint("turn", piece, on, area, Movement.turning(List.of(at), either));
  }

  public static Joint moving(String piece, String on, Area area, Movement movement) {
    return joint(piece, piece, on, area, movement);
  }

  private static Joint joint(String id, String piece, String on, Area area, Movement movement) {
    return new Joint(
        id,
        id,
        piece,
        on,
        Face.INSIDE,
        area,
        Shape.WHOLE,
        List.of(),
        Side.NONE,
        movement,
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty());
  }

  public static Design design(List<Piece> pieces, List<Joint> joints, Stage... stages) {
    Piece base = pieces.get(0);
    return new Design(
        "trial",
        pieces,
        List.of(),
        List.of(stages),
        Strips.point(5, 5),
        base.width(),
        base.height(),
        joints,
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  public static FoldModel model(Design design) {
    return FoldModel.assembled(design, FlatPattern.of(design.base(), Tolerances.USUAL));
  }

  public static Piece halfFold() {
    return piece("base", 120, 80, Strips.upright("fold", Fold.VALLEY, 60, 80));
  }

  public static Stage close() {
    return new Stage("Close", "base", Map.of("fold", 180.0));
  }
}
