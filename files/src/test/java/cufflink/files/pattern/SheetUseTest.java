package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.fit.SheetUse;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;
import org.junit.jupiter.api.Test;

/** The estimate of sheets, held against a constraint solver that packs without guillotine cuts. */
class SheetUseTest {
  private static final Sheet SHEET =
      new Sheet("own", "your sheet", Length.ofMillimetres(12), Length.ofMillimetres(9));

  /**
   * Sixty random sets of up to five pieces. The solver (Choco) says whether all fit one sheet in
   * any way at all; a guillotine layout on one sheet can only be claimed where that is so.
   */
  @Test
  void of_randomPieces_neverClaimsASheetThatCannotBe() {
    Random random = new Random(5);
    int single = 0;
    int agreed = 0;
    for (int trial = 0; trial < 60; trial++) {
      List<int[]> pieces = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(4); i++) {
        pieces.add(new int[] {2 + random.nextInt(6), 2 + random.nextInt(5)});
      }
      boolean possible = fitsOne(pieces);
      int sheets =
          SheetUse.of(design(pieces), PaperKind.CARDSTOCK, 1, SHEET).orElseThrow().sheets();
      assertTrue(possible || sheets > 1, "one sheet claimed for " + text(pieces));
      single += possible ? 1 : 0;
      agreed += possible && sheets == 1 ? 1 : 0;
    }
    assertTrue(single > 20, "too few sets fit one sheet to mean anything: " + single);
    assertTrue(agreed >= single * 9 / 10, agreed + " of " + single + " found");
  }

  private static boolean fitsOne(List<int[]> pieces) {
    Model model = new Model();
    int count = pieces.size();
    IntVar[] x = new IntVar[count];
    IntVar[] y = new IntVar[count];
    IntVar[] width = new IntVar[count];
    IntVar[] height = new IntVar[count];
    for (int i = 0; i < count; i++) {
      int[] piece = pieces.get(i);
      BoolVar turned = model.boolVar();
      x[i] = model.intVar(0, 12);
      y[i] = model.intVar(0, 9);
      width[i] = model.intVar(0, 12);
      height[i] = model.intVar(0, 12);
      model.arithm(width[i], "-", turned.mul(piece[1] - piece[0]).intVar(), "=", piece[0]).post();
      model.arithm(height[i], "-", turned.mul(piece[0] - piece[1]).intVar(), "=", piece[1]).post();
      model.arithm(x[i], "+", width[i], "<=", 12).post();
      model.arithm(y[i], "+", height[i], "<=", 9).post();
    }
    model.diffN(x, y, width, height, true).post();
    return model.getSolver().solve();
  }

  @Test
  void of_moreThanFourHundredPieces_isNotGuessed() {
    List<int[]> many = new ArrayList<>();
    for (int i = 0; i < 401; i++) {
      many.add(new int[] {1, 1});
    }
    assertTrue(SheetUse.of(design(many), PaperKind.CARDSTOCK, 1, SHEET).isEmpty());
    assertTrue(SheetUse.of(design(many), PaperKind.PATTERNED, 1, SHEET).isEmpty());
  }

  @Test
  void of_pieceLargerThanTheSheet_isNothing() {
    assertTrue(
        SheetUse.of(design(List.of(new int[] {13, 2})), PaperKind.CARDSTOCK, 1, SHEET).isEmpty());
    assertEquals(0, SheetUse.yield(design(List.of(new int[] {13, 2})), SHEET));
  }

  @Test
  void of_exactlyFilledSheet_wastesNothing() {
    List<int[]> four = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      four.add(new int[] {3, 9});
    }
    SheetUse use = SheetUse.of(design(four), PaperKind.CARDSTOCK, 1, SHEET).orElseThrow();
    assertEquals(1, use.sheets());
    assertEquals(0, use.waste(), 1e-12);
    assertEquals(
        3, SheetUse.of(design(four), PaperKind.CARDSTOCK, 3, SHEET).orElseThrow().sheets());
  }

  private static String text(List<int[]> pieces) {
    return pieces.stream().map(java.util.Arrays::toString).toList().toString();
  }

  private static Design design(List<int[]> sizes) {
    List<Piece> pieces = new ArrayList<>();
    for (int[] size : sizes) {
      Length width = Length.ofMillimetres(size[0]);
      Length height = Length.ofMillimetres(size[1]);
      pieces.add(
          new Piece(
              "p" + pieces.size(),
              "piece",
              PaperKind.CARDSTOCK,
              1,
              width,
              height,
              Piece.rectangle(width, height),
              List.of(),
              List.of()));
    }
    Length side = Length.ofMillimetres(1);
    return new Design("trial", pieces, List.of(), List.of(), new Point(side, side), side, side);
  }
}
