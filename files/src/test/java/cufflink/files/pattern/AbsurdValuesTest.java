package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.fold.Thickness;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is typed past all sense is found by its shape, and what a card weighs is all of it. */
class AbsurdValuesTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private static Derivation derive(String id, String name, String value) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Setting setting =
        new Setting.OfLength(LengthParser.parse(value, Unit.MILLIMETRE).orElseThrow());
    return Derivation.of(pattern, Jobs.job(id, pattern.normalValues().and(name, setting)));
  }

  @ParameterizedTest
  @CsvSource({
    "turn-back-pocket, notch, 116 mm, opening-over-edge",
    "ridge-pocket-holder, thumb, 100 mm, rule",
    "ridge-pocket-holder, bite, 70 mm, opening-on-fold",
    "concertina-album, notch, 93 mm, opening-over-edge",
    "concertina-album, glue, 50 mm, pocket-glued-away",
    "criss-cross-pocket, glue, 70 mm, pocket-glued-away",
    "turn-back-pocket, dot, 2 in, glued-shut",
    "slim-tent, foot, 15 mm, rule",
    "handled-purse, handle, 600 mm, rule"
  })
  void absurdValue_isFound(String id, String name, String value, String kind) {
    List<String> kinds =
        derive(id, name, value).findings().stream().map(each -> each.kind().id()).toList();
    assertTrue(kinds.contains(kind), kinds::toString);
  }

  static List<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id).toList();
  }

  /** Twice the area by the formula of Gauss; circles are counted by their own. */
  private static double area(List<Point> outline) {
    double twice = 0;
    for (int i = 0; i < outline.size(); i++) {
      Point a = outline.get(i);
      Point b = outline.get((i + 1) % outline.size());
      twice +=
          a.x().toMillimetres() * b.y().toMillimetres()
              - b.x().toMillimetres() * a.y().toMillimetres();
    }
    return Math.abs(twice) / 2;
  }

  /** What two openings take away both, by the areas of the Java library. */
  private static double shared(List<Opening> openings) {
    double shared = 0;
    for (int i = 0; i < openings.size(); i++) {
      for (Opening other : openings.subList(i + 1, openings.size())) {
        Area both = new Area(path(openings.get(i).outline()));
        both.intersect(new Area(path(other.outline())));
        double twice = 0;
        double[] at = new double[6];
        double[] from = new double[2];
        double[] start = new double[2];
        for (PathIterator way = both.getPathIterator(null); !way.isDone(); way.next()) {
          int kind = way.currentSegment(at);
          double[] to = kind == PathIterator.SEG_CLOSE ? start : new double[] {at[0], at[1]};
          if (kind == PathIterator.SEG_MOVETO) {
            start = to;
          } else {
            twice += from[0] * to[1] - to[0] * from[1];
          }
          from = to;
        }
        shared += Math.abs(twice) / 2;
      }
    }
    return shared;
  }

  private static Path2D path(List<Point> corners) {
    Path2D path = new Path2D.Double();
    for (Point corner : corners) {
      double x = corner.x().toMillimetres();
      double y = corner.y().toMillimetres();
      if (path.getCurrentPoint() == null) {
        path.moveTo(x, y);
      } else {
        path.lineTo(x, y);
      }
    }
    path.closePath();
    return path;
  }

  /** Area times grammage (ISO 536), of every piece in its count and every layer. */
  @ParameterizedTest
  @MethodSource("ids")
  void weight_isThatOfEveryPiece(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Derivation derivation = Derivation.of(pattern, Jobs.job(id, pattern.normalValues()));
    Derivation.Made made = derivation.made().orElseThrow();
    double grams = 0;
    for (Piece piece : made.design().pieces()) {
      double area = area(piece.outline());
      for (Opening opening : piece.openings()) {
        // Half of a notch lies beside the paper.
        double share = opening.kind() == Opening.Kind.NOTCH ? 0.5 : 1;
        area -= share * area(opening.outline());
      }
      area += shared(piece.openings());
      grams += piece.count() * area * grammage(piece.paper());
    }
    for (Layer layer : made.design().layers()) {
      // Each copy of a piece has its own paper.
      int copies = made.design().piece(layer.on()).orElseThrow().count();
      grams += copies * area(layer.outline()) * grammage(layer.paper());
    }
    double said =
        Thickness.of(made.card().whole(), 0, made.design(), derivation.job().materials()).grams();
    assertEquals(grams / 1e6, said, 1e-3 * said);
  }

  private static int grammage(PaperKind kind) {
    return switch (kind) {
      case CARDSTOCK -> Papers.USUAL.card().grammage();
      case PATTERNED -> Papers.USUAL.patterned().grammage();
      case RIBBON -> 0;
    };
  }

  /** The notch takes all of the pocket's paper: nothing is left that could be glued to itself. */
  @Test
  void pieceThatIsCutAway_isNotFolded() {
    Pattern pattern = LIBRARY.pattern("turn-back-pocket").orElseThrow();
    Values values = pattern.normalValues();
    for (String name : List.of("width", "height", "border")) {
      values = values.and(name, Length.ofMillimetres(name.equals("height") ? 7 : 4));
    }
    values = values.and("border", Length.ofMillimetres(3)).and("pocket", Length.ofMillimetres(3));
    Derivation derivation = Derivation.of(pattern, Jobs.job("turn-back-pocket", values));
    assertTrue(derivation.folded(() -> false).findings().stream().anyMatch(Finding::isError));
  }

  @Test
  void normalValues_haveNoFindings() {
    for (String id : ids()) {
      Pattern pattern = LIBRARY.pattern(id).orElseThrow();
      List<Finding> findings =
          Derivation.of(pattern, Jobs.job(id, pattern.normalValues())).findings();
      assertEquals(List.of(), findings, id);
    }
  }
}
