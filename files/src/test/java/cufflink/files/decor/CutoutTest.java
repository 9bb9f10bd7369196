package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.cut.Layout;
import cufflink.core.cut.Trimmer;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Side;
import cufflink.core.run.Lie;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What the drawings show of a picture is what comes to lie there when the sheet is cut as planned:
 * a hand takes the rectangle out of the sheet, gives it its quarter turns and lays it down with its
 * face up. It knows the cut plan and the turns, and nothing of how pictures are drawn.
 */
class CutoutTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Picture SHEET =
      new Picture(
          "0123456789abcdef.jpg",
          "sheet",
          Length.ofMillimetres(620),
          Length.ofMillimetres(640),
          0x808080);
  private static final Surface SURFACE =
      new Surface(
          700,
          500,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN),
          TextMeasure.GUESS,
          14);

  /** Millimetres. */
  private static final double NEAR = 0.05;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Job pictured(String id, long seed) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues());
    Derivation derivation = Jobs.derive(job);
    Design design = derivation.made().orElseThrow().design();
    for (PaperRole role : design.roles()) {
      if (role.kind() != PaperKind.RIBBON) {
        job =
            PaperPlan.looking(
                job,
                role,
                derivation.look().colours(role).as(SHEET),
                new Sheet("a", "a", SHEET.wide(), SHEET.wide()));
      }
    }
    Random random = new Random(seed);
    Papers papers = job.papers();
    for (Cutout each : Cutout.all(design, papers).values()) {
      Picture.Spot anywhere =
          new Picture.Spot(
              Length.ofMillimetres(random.nextInt(640)),
              Length.ofMillimetres(random.nextInt(640)),
              random.nextInt(4));
      papers = papers.cutting(each.part(), Optional.of(each.within(anywhere)));
    }
    Trimmer guillotine = new Trimmer(Length.ofMillimetres(700), Length.ZERO, Length.ZERO);
    return job.withPapers(papers).withCutting(job.cutting().withTrimmer(guillotine));
  }

  /** Where the parts lie on their sheets, by the cut plan alone. */
  private static Map<String, Layout.Placed> placed(Derivation derivation) {
    Map<String, Layout.Placed> placed = new HashMap<>();
    for (PaperPlan plan : Jobs.plans(derivation)) {
      assertEquals(List.of(), plan.plan().problems());
      plan.plan().sheets().stream()
          .flatMap(sheet -> sheet.layout().leaves().stream())
          .filter(leaf -> leaf.what() instanceof Layout.Cut)
          .forEach(leaf -> placed.put(((Layout.Cut) leaf.what()).part().id(), leaf));
    }
    return placed;
  }

  /** Where on the sheet the hand finds what lies at a corner, from 0, the upper left, clockwise. */
  private static Spot found(Layout.Placed leaf, int quarters, int corner) {
    double left = leaf.x().toMillimetres();
    double top = leaf.y().toMillimetres();
    double right = left + leaf.what().width().toMillimetres();
    double bottom = top + leaf.what().height().toMillimetres();
    List<Spot> onSheet =
        List.of(
            new Spot(left, top),
            new Spot(right, top),
            new Spot(right, bottom),
            new Spot(left, bottom));
    // Each quarter turn brings what was the last corner to where the first was.
    return onSheet.get(Math.floorMod(corner - quarters, 4));
  }

  /** Takes a place of a drawing back to the sheet, by the transforms of Java 2D. */
  private static Spot onSheet(Imprint imprint, Spot at) {
    Spot corner = imprint.corners().get(0);
    Spot across = imprint.corners().get(1);
    Spot down = imprint.corners().get(2);
    AffineTransform onto =
        new AffineTransform(
            across.x() - corner.x(),
            across.y() - corner.y(),
            down.x() - corner.x(),
            down.y() - corner.y(),
            corner.x(),
            corner.y());
    try {
      Point2D back = onto.inverseTransform(new Point2D.Double(at.x(), at.y()), null);
      return new Spot(
          back.getX() * SHEET.wide().toMillimetres(), back.getY() * SHEET.high().toMillimetres());
    } catch (NoninvertibleTransformException flat) {
      throw new AssertionError(flat);
    }
  }

  @ParameterizedTest
  @MethodSource("ids")
  void layers_showWhatIsCutForThem_onBothFaces(String id) {
    for (long seed = 1; seed <= 4; seed++) {
      Derivation derivation = Jobs.derive(pictured(id, seed));
      Design design = derivation.made().orElseThrow().design();
      Map<String, Layout.Placed> placed = placed(derivation);
      for (Layer layer : design.layers()) {
        if (layer.shape().isTurned()) {
          continue;
        }
        String part = layer.on() + "." + layer.id();
        Printed seen = seen(derivation, design, layer);
        if (seen.rings().get(0).size() <= 4) {
          isAsCut(seen, placed.get(part), quarters(derivation, part), id + " " + part);
        }
      }
    }
  }

  /** A piece that is cut from the sheet shows that on its printed face, and white on the other. */
  @ParameterizedTest
  @MethodSource("ids")
  void pieces_showWhatIsCutForThem_onTheirPrintedFace(String id) {
    Derivation derivation = Jobs.derive(pictured(id, 5));
    Design design = derivation.made().orElseThrow().design();
    Map<String, Layout.Placed> placed = placed(derivation);
    for (Piece piece : design.pieces()) {
      boolean isPlain = piece.isTrimmed() || !piece.openings().isEmpty();
      if (piece.paper() == PaperKind.RIBBON || isPlain || !placed.containsKey(piece.id())) {
        continue;
      }
      List<Printed> printed = printed(derivation, design, piece, Face.OUTSIDE);
      String what = id + " " + piece.id();
      assertEquals(1, printed.size(), what);
      isAsCut(printed.get(0), placed.get(piece.id()), quarters(derivation, piece.id()), what);
      assertEquals(List.of(), printed(derivation, design, piece, Face.INSIDE), what);
    }
  }

  private static List<Printed> printed(
      Derivation derivation, Design design, Piece piece, Face face) {
    return marks(derivation, design, new Lying(piece, new Lie(face, Side.TOP)))
        .filter(mark -> mark.ref().equals(Ref.NONE) && !mark.imprints().isEmpty())
        .toList();
  }

  private static int quarters(Derivation derivation, String part) {
    return derivation.job().papers().spots().get(part).quarters();
  }

  /** Each corner of a rectangle shows what the hand finds there on what was cut. */
  private static void isAsCut(Printed seen, Layout.Placed cut, int quarters, String what) {
    List<Spot> ring = seen.rings().get(0);
    double left = ring.stream().mapToDouble(Spot::x).min().orElseThrow();
    double right = ring.stream().mapToDouble(Spot::x).max().orElseThrow();
    double top = ring.stream().mapToDouble(Spot::y).min().orElseThrow();
    double bottom = ring.stream().mapToDouble(Spot::y).max().orElseThrow();
    double[][] corners = {{left, top}, {right, top}, {right, bottom}, {left, bottom}};
    for (int i = 0; i < 4; i++) {
      Spot shown = onSheet(seen.imprints().get(0), new Spot(corners[i][0], corners[i][1]));
      Spot there = found(cut, quarters, i);
      assertTrue(shown.distance(there) < NEAR, what + " " + i + ": " + shown + " for " + there);
    }
  }

  /**
   * A square on its point was turned by an eighth against the clock, on either face: what was its
   * upper left corner is then at the left, as one looks at it. Squares that are glued on as well.
   */
  @Test
  void squaresOnTheirPoints_showWhatIsCutForThem() {
    Derivation squash = Jobs.derive(pictured("squash-card", 3));
    Design design = squash.made().orElseThrow().design();
    int seen = 0;
    for (Layer layer : design.layers()) {
      for (Face face : Face.values()) {
        if (layer.shape() == Layer.Shape.ON_POINT) {
          Layer facing = layer.facing(face);
          List<Spot> corners = facing.outline().stream().map(Spot::from).toList();
          Papers papers = squash.job().papers();
          turned(Cutout.of(facing, design, papers).orElseThrow(), corners, face);
          seen++;
        }
      }
    }
    Derivation stack = Jobs.derive(pictured("diamond-stack", 3));
    for (Joint joint : stack.made().orElseThrow().design().joints()) {
      Piece piece = stack.made().orElseThrow().design().piece(joint.piece()).orElseThrow();
      if (joint.shape() == Layer.Shape.ON_POINT) {
        List<Spot> corners = joint.outline().stream().map(Spot::from).toList();
        Papers papers = stack.job().papers();
        turned(Cutout.of(joint, piece, papers).orElseThrow(), corners, joint.face());
        seen++;
      }
    }
    assertTrue(seen > 8, "looked at " + seen);
  }

  private static void turned(Cutout cutout, List<Spot> corners, Face face) {
    Comparator<Spot> across = Comparator.comparingDouble(Spot::x);
    Spot left =
        face == Face.INSIDE ? Collections.min(corners, across) : Collections.max(corners, across);
    Spot top = Collections.min(corners, Comparator.comparingDouble(Spot::y));
    Spot foot = Collections.max(corners, Comparator.comparingDouble(Spot::y));
    double side = cutout.frame().width().toMillimetres();
    Spot from = new Spot(cutout.spot().left().toMillimetres(), cutout.spot().top().toMillimetres());
    List<Spot> square =
        List.of(
            from,
            new Spot(from.x() + side, from.y()),
            new Spot(from.x() + side, from.y() + side),
            new Spot(from.x(), from.y() + side));
    Imprint whole = new Imprint("sheet", cutout.sheets().get(0), 0);
    int quarters = cutout.spot().quarters();
    List<Spot> seen = List.of(left, top);
    for (int i = 0; i < seen.size(); i++) {
      Spot shown = onSheet(whole, seen.get(i));
      Spot cut = square.get(Math.floorMod(i - quarters, 4));
      assertTrue(shown.distance(cut) < 0.2, cutout.part() + ": " + shown + " for " + cut);
    }
    Spot cut = square.get(Math.floorMod(3 - quarters, 4));
    assertTrue(onSheet(whole, foot).distance(cut) < 0.2, cutout.part() + " at its foot");
  }

  /** Draws a layer on its piece as it lies with the layer's face up. */
  private static Printed seen(Derivation derivation, Design design, Layer layer) {
    Piece host = design.piece(layer.on()).orElseThrow();
    return marks(derivation, design, new Lying(host, new Lie(layer.face(), Side.TOP)))
        .filter(mark -> mark.ref().line().equals(layer.id()))
        .findFirst()
        .orElseThrow();
  }

  private static Stream<Printed> marks(Derivation derivation, Design design, Lying lying) {
    FlatDrawing.Options options =
        new FlatDrawing.Options(Patch.of(design), Optional.empty(), score -> false, true, true);
    Drawing drawing =
        Portrait.dressed(
            FlatDrawing.of(lying, SURFACE, options), design, derivation.look(), Optional.of(lying));
    return drawing.marks().stream()
        .filter(mark -> mark instanceof Printed)
        .map(Printed.class::cast);
  }

  /** No paper shows its print as in a mirror, however it is folded and from wherever it is seen. */
  @ParameterizedTest
  @MethodSource("ids")
  void prints_areNeverMirrored_andNeverLarger(String id) {
    Derivation derivation = Jobs.derive(pictured(id, 7));
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    model.prepare(() -> false);
    int seen = 0;
    for (double moment = 0; moment <= model.stages().size(); moment += 0.5) {
      for (double turn : new double[] {-20, 70, 200}) {
        Drawing drawing =
            Portrait.of(model, made.design(), derivation.look().from(turn, 40, 0), moment, SURFACE);
        for (Imprint imprint : imprints(drawing)) {
          Spot corner = imprint.corners().get(0);
          Spot across = imprint.corners().get(1);
          Spot down = imprint.corners().get(2);
          double turned =
              (across.x() - corner.x()) * (down.y() - corner.y())
                  - (across.y() - corner.y()) * (down.x() - corner.x());
          assertTrue(turned > -NEAR, id + " at " + moment + " from " + turn);
          double most = SHEET.wide().toMillimetres() * drawing.scale() + NEAR;
          assertTrue(corner.distance(across) <= most, id + " at " + moment);
          seen++;
        }
      }
    }
    assertTrue(seen > 0, id + " shows no picture at all");
  }

  private static List<Imprint> imprints(Drawing drawing) {
    return drawing.marks().stream()
        .filter(mark -> mark instanceof Printed)
        .flatMap(mark -> ((Printed) mark).imprints().stream())
        .toList();
  }

  /** Paper that is printed on one face shows white on the other. */
  @Test
  void backOfThePaper_isWhite_unlessItIsPrintedToo() {
    Job job = pictured("slim-tent", 2);
    for (boolean isTwoSided : new boolean[] {false, true}) {
      Papers papers = job.papers();
      Paper card = papers.of(PaperRole.CARDSTOCK).withTwoSided(isTwoSided);
      Derivation derivation = Jobs.derive(job.withPapers(papers.with(PaperRole.CARDSTOCK, card)));
      Derivation.Made made = derivation.made().orElseThrow();
      FoldModel model = made.card().whole();
      // Flat and from straight above the inside lies up.
      Drawing drawing =
          Portrait.of(model, made.design(), derivation.look().from(0, 0, 0), 0, SURFACE);
      List<Printed> base =
          drawing.marks().stream()
              .filter(mark -> mark instanceof Printed && mark.ref().line().isEmpty())
              .map(Printed.class::cast)
              .filter(mark -> mark.ref().piece().equals("base"))
              .toList();
      assertFalse(base.isEmpty());
      base.forEach(each -> assertEquals(isTwoSided, !each.imprints().isEmpty()));
    }
  }

  /** What nobody has placed runs on from panel to panel, on the face that is looked at. */
  @ParameterizedTest
  @MethodSource("ids")
  void notPlaced_itRunsOn(String id) {
    Derivation derivation = Jobs.derive(pictured(id, 1));
    Papers papers =
        new Papers(derivation.job().papers().byRole(), derivation.job().papers().colours());
    Derivation plain = Jobs.derive(derivation.job().withPapers(papers));
    Design design = plain.made().orElseThrow().design();
    Map<String, Imprint> first = new HashMap<>();
    for (Layer layer : design.layers()) {
      Imprint imprint = seen(plain, design, layer).imprints().get(0);
      boolean isStraight = !layer.shape().isTurned();
      Imprint before = first.putIfAbsent(layer.on() + layer.face(), imprint);
      if (before != null && isStraight) {
        assertEquals(before.corners().get(0).x(), imprint.corners().get(0).x(), 1, id);
        assertEquals(before.corners().get(0).y(), imprint.corners().get(0).y(), 1, id);
      }
      assertFalse(Cutout.all(design, papers).get(layer.on() + "." + layer.id()).isPlaced());
    }
    assertTrue(design.layers().isEmpty() || !first.isEmpty(), id);
  }
}
