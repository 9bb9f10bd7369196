package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;

/** The numbers of a design that a maker sets on a tool, and those of them between the marks. */
public final class OffMarks {
  private OffMarks() {}

  /**
   * A number to set.
   *
   * @param piece the piece or layer it belongs to
   * @param label what it is, such as "Fold"
   * @param length the length
   * @param isLayer whether it is of a paper that is glued on as a layer
   */
  public record Number(String piece, String label, Length length, boolean isLayer) {
    /**
     * Returns how far it is from its nearest mark.
     *
     * @param rulers the marks
     * @return zero to half a step
     */
    public Length deviation(Rulers rulers) {
      return rulers.of(isLayer).nearest(length).minus(length).abs();
    }
  }

  /**
   * Lists every number to set: the sides of pieces and layers, the stops of straight scores, the
   * ends of slits. The ends of slanted lines follow from these and are not set.
   *
   * @param design the design
   * @return the numbers in the order of the slip
   */
  public static List<Number> numbers(Design design) {
    List<Number> numbers = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      if (piece.paper() == PaperKind.RIBBON) {
        continue;
      }
      numbers.add(number(piece, piece.label(), piece.width()));
      numbers.add(number(piece, piece.label(), piece.height()));
      for (Score score : piece.scores()) {
        add(numbers, piece, score.label(), score.line(), score.folds());
      }
      for (Slit slit : piece.slits()) {
        add(numbers, piece, slit.label(), slit.line(), true);
      }
    }
    for (Layer layer : design.layers()) {
      numbers.add(new Number(layer.label(), layer.label(), layer.width(), true));
      numbers.add(new Number(layer.label(), layer.label(), layer.height(), true));
    }
    return numbers;
  }

  private static Number number(Piece piece, String label, Length length) {
    return new Number(piece.label(), label, length, piece.paper() == PaperKind.PATTERNED);
  }

  private static void add(
      List<Number> numbers, Piece piece, String label, Segment line, boolean withEnds) {
    if (!line.isVertical() && !line.isLevel()) {
      return;
    }
    boolean upright = line.isVertical();
    numbers.add(number(piece, label, upright ? line.from().x() : line.from().y()));
    if (withEnds) {
      numbers.add(number(piece, label, upright ? line.from().y() : line.from().x()));
      numbers.add(number(piece, label, upright ? line.to().y() : line.to().x()));
    }
  }

  /**
   * Lists the numbers that fall between the marks, each once.
   *
   * @param design the design
   * @param rulers the marks
   * @return the numbers off the marks
   */
  public static List<Number> of(Design design, Rulers rulers) {
    return numbers(design).stream()
        .filter(number -> !rulers.of(number.isLayer()).holds(number.length()))
        .distinct()
        .toList();
  }
}
