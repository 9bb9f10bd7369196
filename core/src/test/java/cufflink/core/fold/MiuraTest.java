package cufflink.core.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.card.Cards;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.finding.Finding;
import cufflink.core.inspect.FoldReport;
import cufflink.core.linkage.Stuck;
import cufflink.core.measure.Length;
import cufflink.core.paper.Materials;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.space.Viewpoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * A sheet of equal parallelograms that folds as one (K. Miura 1985, from memory): at every vertex
 * the folds along the straight lines turn by ρ and those along the zigzags by σ with tan(ρ/2) = cos
 * α tan(σ/2), α the sharp angle (D. Huffman 1976, from memory).
 */
class MiuraTest {
  private static final double SIDE = 20;
  private static final double SHARP = Math.toRadians(75);

  private static Point corner(int column, int row) {
    double shift = row % 2 == 0 ? 0 : SIDE / Math.tan(SHARP);
    return Strips.point(column * SIDE + shift, row * SIDE);
  }

  private static FoldModel miura(int columns, int rows) {
    List<Score> scores = new ArrayList<>();
    Map<String, Double> drive = new HashMap<>();
    for (int row = 0; row <= rows; row++) {
      for (int column = 0; column <= columns; column++) {
        if (row > 0 && row < rows && column < columns) {
          Fold fold = (column + row) % 2 == 0 ? Fold.MOUNTAIN : Fold.VALLEY;
          add(scores, "straight", fold, corner(column, row), corner(column + 1, row));
        }
        if (column > 0 && column < columns && row < rows) {
          Fold fold = column % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN;
          add(scores, "zigzag", fold, corner(column, row), corner(column, row + 1));
        }
      }
    }
    scores.forEach(score -> drive.put(score.id(), 180.0 * score.fold().sign()));
    List<Point> outline = new ArrayList<>();
    for (int row = 0; row <= rows; row++) {
      outline.add(corner(columns, row));
    }
    for (int row = rows; row >= 0; row--) {
      outline.add(corner(0, row));
    }
    Length width = corner(columns, 1).x();
    Piece piece =
        new Piece(
            "base",
            "base",
            PaperKind.CARDSTOCK,
            1,
            width,
            Length.fromMillimetres(rows * SIDE),
            outline,
            scores,
            List.of());
    Stage stage = new Stage("Fold", "base", drive);
    Design design = Strips.design(piece, List.of(stage), Strips.point(SIDE, SIDE / 2));
    return Cards.model(design);
  }

  private static void add(List<Score> scores, String kind, Fold fold, Point from, Point to) {
    scores.add(new Score(kind + scores.size(), kind, fold, new Segment(from, to)));
  }

  @Test
  void sheetOfParallelograms_foldsAsOne() {
    FoldModel model = miura(4, 4);
    model.prepare(() -> false);
    assertEquals(16, model.assembly().facets().size());
    assertEquals(Optional.empty(), model.stuck());
    for (double moment : new double[] {0.2, 0.5, 0.8}) {
      double[] turns = model.turns(moment);
      double straight = 0;
      double zigzag = 0;
      for (int i = 0; i < turns.length; i++) {
        boolean isStraight = model.assembly().creases().get(i).score().label().equals("straight");
        double before = isStraight ? straight : zigzag;
        double now = Math.abs(turns[i]);
        assertTrue(before == 0 || Math.abs(before - now) < 1e-6, "all turn alike");
        straight = isStraight ? now : straight;
        zigzag = isStraight ? zigzag : now;
      }
      double ratio = Math.tan(straight / 2) / Math.tan(zigzag / 2);
      assertEquals(Math.cos(SHARP), Math.min(ratio, 1 / ratio), 1e-6);
    }
    assertTrue(model.layering().stack(1).isPresent(), "its layers have an order");
  }

  /** Five by five vertices are not walked before they have been prepared, beside the window. */
  @Test
  void manyLoops_areShownBeforeAndAfterUntilPrepared() {
    FoldModel model = miura(6, 6);
    assertFalse(model.isReady());
    assertEquals(0, model.shown(0.3));
    assertEquals(1, model.shown(0.7));
    model.prepare(() -> true);
    assertTrue(model.isReady());
  }

  /** What was prepared for one question serves on when the next one is asked. */
  @Test
  void prepared_outlivesTheQuestionItWasMadeFor() {
    FoldModel model = miura(4, 4);
    boolean[] isOver = {false};
    model.prepare(() -> isOver[0]);
    isOver[0] = true;
    assertEquals(Optional.empty(), model.stuck());
    assertTrue(model.apart(0.43) < 1e-6);
    assertTrue(model.turns(0.43)[0] != 0);
  }

  @Test
  void tooManyLoops_areTold() {
    FoldModel model = miura(10, 10);
    model.prepare(() -> false);
    Stuck stuck = model.stuck().orElseThrow();
    assertEquals(81, stuck.crowd());
    assertEquals(1, model.shown(0.7));
  }

  @Test
  void tooManyFacets_areDrawnAndTold() {
    FoldModel model = miura(14, 14);
    assertTrue(model.isTooLarge());
    assertEquals(196, FoldedView.of(model, 1, Viewpoint.ABOVE).plies().size());
    Design design =
        Strips.design(model.flat().piece(), model.stages(), Strips.point(SIDE, SIDE / 2));
    List<Finding> findings = FoldReport.of(design, model, Materials.USUAL, () -> false).findings();
    assertEquals(
        List.of("too-many-facets"), findings.stream().map(each -> each.kind().id()).toList());
  }
}
