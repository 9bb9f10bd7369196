package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Point;
import cufflink.core.design.Segment;
import cufflink.core.design.Sentence;
import cufflink.core.design.Slit;
import java.util.ArrayList;
import java.util.List;

/**
 * A cut made after the pieces are cut out: a slit, a trimmed edge, a cut from corner to corner, a
 * hole.
 *
 * @param piece the piece
 * @param id the id of the slit, cut or opening; empty for a trimmed edge
 * @param direction what to do, measured with the piece inside up from its top left corner
 */
public record SecondCut(Piece piece, String id, Sentence direction) {
  /** A round edge has many corners, which nobody marks one by one. */
  private static final int MOST_TRIMS = 16;

  /**
   * Lists the second cuts of a design.
   *
   * @param design the design
   * @return the cuts, piece by piece
   */
  public static List<SecondCut> of(Design design) {
    List<SecondCut> cuts = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      addTrims(cuts, piece);
      for (Slit slit : piece.slits()) {
        cuts.add(new SecondCut(piece, slit.id(), slit(slit)));
      }
      for (Slit cut : piece.cuts()) {
        cuts.add(new SecondCut(piece, cut.id(), line("cut.through", cut.line(), cut.label())));
      }
      for (Opening opening : piece.openings()) {
        cuts.add(new SecondCut(piece, opening.id(), opening(opening)));
      }
    }
    return cuts;
  }

  private static void addTrims(List<SecondCut> cuts, Piece piece) {
    List<Segment> trims = piece.trims();
    if (trims.size() > MOST_TRIMS) {
      cuts.add(new SecondCut(piece, "", Sentence.of("cut.outline")));
      return;
    }
    for (Segment trim : trims) {
      cuts.add(new SecondCut(piece, "", line("cut.trim", trim, "")));
    }
  }

  private static Sentence slit(Slit slit) {
    Segment line = slit.line();
    if (line.isVertical()) {
      return Sentence.of(
          "cut.slit-down",
          slit.label(),
          line.from().x(),
          line.from().y().min(line.to().y()),
          line.from().y().max(line.to().y()));
    }
    if (line.isLevel()) {
      return Sentence.of(
          "cut.slit-across",
          slit.label(),
          line.from().y(),
          line.from().x().min(line.to().x()),
          line.from().x().max(line.to().x()));
    }
    return line("cut.slit", line, slit.label());
  }

  private static Sentence line(String key, Segment line, String label) {
    Point from = line.from();
    Point to = line.to();
    return Sentence.of(key, label, from.x(), from.y(), to.x(), to.y());
  }

  private static Sentence opening(Opening opening) {
    if (opening.round().isPresent()) {
      Opening.Round round = opening.round().get();
      String key = opening.kind() == Opening.Kind.NOTCH ? "cut.notch" : "cut.circle";
      return Sentence.of(
          key, opening.label(), round.radius().times(2), round.centre().x(), round.centre().y());
    }
    Point first = opening.outline().get(0);
    Point last = opening.outline().get(2);
    return Sentence.of(
        "cut.slot",
        opening.label(),
        last.x().minus(first.x()),
        last.y().minus(first.y()),
        first.x(),
        first.y());
  }
}
