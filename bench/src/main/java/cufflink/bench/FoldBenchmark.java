package cufflink.bench;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Stage;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.Catches;
import cufflink.core.fold.Thickness;
import cufflink.core.layers.LayerOrder;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.Materials;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Language;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The folding of a card of about sixty facets: a squash card with its three vertices, two bars
 * glued across its folds as rings, and two long pleated strips glued onto it.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 4)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class FoldBenchmark {
  private static final int PANELS = 22;
  private static final double PANEL = 9;

  private static final Surface SURFACE =
      new Surface(
          924,
          600,
          Marks.MILLIMETRES,
          LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET, Language.ENGLISH),
          TextMeasure.GUESS,
          22);

  private final Design design = card();
  private final FlatPattern flat = FlatPattern.of(design.base(), Tolerances.USUAL);
  private final FoldModel model = FoldModel.assembled(design, flat);
  private final int last = model.stages().size() - 1;
  private final Pose closed = model.pose(model.stages().size());
  private final double[] turns = model.turns(model.stages().size());
  private double share;

  private static Point point(double x, double y) {
    return new Point(Length.fromMillimetres(x), Length.fromMillimetres(y));
  }

  /** Three squash vertices in a strip, and two pleated strips glued onto it. */
  private static Design card() {
    Design squash = Cards.squash().made().orElseThrow().design();
    List<Piece> pieces = new ArrayList<>(List.of(squash.base()));
    List<Joint> joints = new ArrayList<>();
    List<Stage> stages = new ArrayList<>();
    for (int strip = 0; strip < 2; strip++) {
      Piece piece = pleated("strip" + strip);
      pieces.add(piece);
      stages.add(new Stage("Pleat", piece.id(), drive(piece)));
      joints.add(joint(piece, strip == 0 ? 36 : 212));
    }
    for (double fold : new double[] {64, 192}) {
      Piece bar = bar("bar" + fold, fold);
      pieces.add(bar);
      joints.add(across(bar, fold));
    }
    stages.addAll(
        squash.stages().stream()
            .filter(Stage::isFolding)
            .filter(stage -> stage.piece().equals(squash.base().id()))
            .toList());
    return new Design(
        "bench",
        pieces,
        List.of(),
        stages,
        squash.rest(),
        squash.finishedWidth(),
        squash.finishedHeight(),
        joints,
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  private static Piece pleated(String id) {
    List<Score> scores = new ArrayList<>();
    for (int i = 1; i < PANELS; i++) {
      Fold fold = i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN;
      Segment line = new Segment(point(i * PANEL, 0), point(i * PANEL, PANEL));
      scores.add(new Score("f" + i, "fold", fold, line));
    }
    Length width = Length.fromMillimetres(PANELS * PANEL);
    Length height = Length.fromMillimetres(PANEL);
    return new Piece(
        id,
        id,
        PaperKind.PATTERNED,
        1,
        width,
        height,
        Piece.rectangle(width, height),
        scores,
        List.of());
  }

  /** A bar to be glued across a short fold: it closes a ring with it. */
  private static Piece bar(String id, double fold) {
    Segment line = new Segment(point(8, 0), point(8, 6));
    Length width = Length.ofMillimetres(16);
    Length height = Length.ofMillimetres(6);
    return new Piece(
        id,
        id,
        PaperKind.CARDSTOCK,
        1,
        width,
        height,
        Piece.rectangle(width, height),
        List.of(new Score("f", "fold", Fold.MOUNTAIN, line)),
        List.of());
  }

  private static Joint across(Piece bar, double fold) {
    return new Joint(
        bar.id(),
        bar.id(),
        bar.id(),
        "base",
        Face.INSIDE,
        area(fold - 8, 37, 16, 6),
        Layer.Shape.WHOLE,
        List.of(area(fold - 6, 38, 4, 4), area(fold + 2, 38, 4, 4)),
        Side.NONE);
  }

  private static Area area(double x, double y, double width, double height) {
    return new Area(point(x, y), Length.fromMillimetres(width), Length.fromMillimetres(height));
  }

  private static Map<String, Double> drive(Piece piece) {
    Map<String, Double> drive = new HashMap<>();
    piece.scores().forEach(each -> drive.put(each.id(), 180.0 * each.fold().sign()));
    return drive;
  }

  private static Joint joint(Piece piece, double at) {
    Area area = area(at, 60, PANEL, PANEL);
    return new Joint(
        piece.id(),
        piece.id(),
        piece.id(),
        "base",
        Face.INSIDE,
        area,
        Layer.Shape.WHOLE,
        List.of(),
        Side.NONE);
  }

  /** Poses one moment after another of the stage in which the vertices fold. */
  @Benchmark
  public Pose pose() {
    share = (share + 0.0137) % 1;
    return model.pose(last + share);
  }

  /** Finds which facet lies on which when all is closed. */
  @Benchmark
  public Optional<LayerOrder.Stack> layerOrder() {
    return LayerOrder.of(closed, turns, true).find((facet, other) -> 0);
  }

  /** Adds up the papers over each part of the closed card. */
  @Benchmark
  public Thickness thickness() {
    return Thickness.of(model, model.closing(), design, Materials.USUAL);
  }

  /** Draws one moment after another, as the window does sixty times a second. */
  @Benchmark
  public Drawing frame() {
    share = (share + 0.0137) % 1;
    return FoldDrawing.of(model, List.of(), last + share, new Viewpoint(-16, 42), SURFACE);
  }

  /** Looks for facets that pass through each other on the whole way. */
  @Benchmark
  public List<Catches.Catch> catches() {
    return Catches.of(model, () -> false);
  }

  /** Returns the card that is measured here. */
  FoldModel model() {
    return model;
  }

  /** Tells how large the card is that is measured here. */
  public int facets() {
    return model.assembly().facets().size();
  }
}
