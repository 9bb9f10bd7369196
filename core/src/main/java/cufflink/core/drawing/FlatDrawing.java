package cufflink.core.drawing;

import cufflink.core.design.Face;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.PaperLeft;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.run.Hand;
import cufflink.core.run.Lie;
import cufflink.core.run.ScoringHabit;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Box;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Draws a piece flat on the table with rulers, stops and dimensions around it. */
public final class FlatDrawing {
  /** Where along the head its name may stand, as shares of the width. */
  private static final List<Double> HEAD_PLACES =
      List.of(0.5, 0.4, 0.6, 0.3, 0.7, 0.25, 0.75, 0.15, 0.85);

  private static final double GAP = 10;
  private static final double SMALLEST = 13;

  /** How many times as large as a word the paper must be for it to lie in a corner. */
  private static final double CLEAR = 5;

  /** How long a placing mark is and how far inside it lies, millimetres, to be covered for sure. */
  private static final double MARK = 4;

  private static final double COVERED = 1;

  private final Lying lie;
  private final Surface surface;
  private final Options options;

  /**
   * What a drawing shows beside the piece.
   *
   * @param patches what lies on the piece; only what is on the face that is up is drawn
   * @param sheet the sheet the piece is cut from, if it is to be shown behind it
   * @param stops which scores are numbered on the rulers
   * @param showsPanels whether the panels between folds are dimensioned
   * @param namesLayers whether each layer carries its name and size
   * @param board the scoring board, if the piece lies on one
   */
  public record Options(
      List<Patch> patches,
      Optional<Sheet> sheet,
      Predicate<Score> stops,
      boolean showsPanels,
      boolean namesLayers,
      Optional<ScoringHabit> board) {
    /** Copies the list. */
    public Options {
      patches = List.copyOf(patches);
    }

    /** Returns the hand of whoever reads the numbers: they begin at the fence. */
    Hand hand() {
      return board.map(ScoringHabit::hand).orElse(Hand.RIGHT);
    }

    /**
     * Makes options for a piece that lies on the bare table.
     *
     * @param patches what lies on the piece
     * @param sheet the sheet the piece is cut from, if it is to be shown behind it
     * @param stops which scores are numbered on the rulers
     * @param showsPanels whether the panels between folds are dimensioned
     * @param namesLayers whether each layer carries its name and size
     */
    public Options(
        List<Patch> patches,
        Optional<Sheet> sheet,
        Predicate<Score> stops,
        boolean showsPanels,
        boolean namesLayers) {
      this(patches, sheet, stops, showsPanels, namesLayers, Optional.empty());
    }
  }

  private FlatDrawing(Lying lie, Surface surface, Options options) {
    this.lie = lie;
    this.surface = surface;
    this.options = options;
  }

  /**
   * Draws a piece.
   *
   * @param lie the piece and how it lies
   * @param surface what the drawing is made for
   * @param options what it shows
   * @return the drawing, filling the surface
   */
  public static Drawing of(Lying lie, Surface surface, Options options) {
    return new FlatDrawing(lie, surface, options).draw();
  }

  private Drawing draw() {
    Stops stops = new Stops(lie, surface, options);
    Spot extent = extent();
    Box hang = hang();
    double wide = extent.x() + hang.left() + hang.right();
    double high = extent.y() + hang.top() + hang.bottom();
    double across = surface.width() - stops.left() - stops.right();
    double down = surface.height() - stops.top() - stops.bottom();
    double scale = Math.max(Math.min(across / wide, down / high), Double.MIN_NORMAL);
    double left = stops.left() + (across - wide * scale) / 2 + hang.left() * scale;
    double top = stops.top() + (down - high * scale) / 2 + hang.top() * scale;
    Pen pen = new Pen(scale, left, top);
    drawSheet(pen);
    options.board().ifPresent(habit -> new Board(pen, habit).draw(lie));
    drawPaper(pen);
    RulerBand ruler = new RulerBand(pen, surface.marks());
    ruler.above(lie.width(), options.hand());
    ruler.beside(lie.height());
    stops.draw(pen, extent);
    return pen.drawing(surface);
  }

  /** How far what is glued on reaches past each edge of the piece as it lies, in millimetres. */
  private Box hang() {
    double[] hang = new double[4];
    for (Patch patch : options.patches()) {
      if (patch.ref().piece().equals(lie.piece().id()) && patch.face() == lie.faceUp()) {
        for (Spot corner : patch.corners().stream().map(lie::apply).toList()) {
          hang[0] = Math.max(hang[0], -corner.x());
          hang[1] = Math.max(hang[1], -corner.y());
          hang[2] = Math.max(hang[2], corner.x() - lie.width().toMillimetres());
          hang[3] = Math.max(hang[3], corner.y() - lie.height().toMillimetres());
        }
      }
    }
    return new Box(hang[0], hang[1], hang[2], hang[3]);
  }

  /** Returns how much paper has to find room: the piece, or the sheet turned the way it lies. */
  private Spot extent() {
    double width = lie.width().toMillimetres();
    double height = lie.height().toMillimetres();
    Spot sheet = sheetSize();
    return new Spot(Math.max(width, sheet.x()), Math.max(height, sheet.y()));
  }

  private Spot sheetSize() {
    if (options.sheet().isEmpty()) {
      return new Spot(0, 0);
    }
    Sheet sheet = options.sheet().get();
    Length width = sheet.width();
    Length height = sheet.height();
    boolean upright = lie.width().compareTo(width) <= 0 && lie.height().compareTo(height) <= 0;
    return upright
        ? new Spot(width.toMillimetres(), height.toMillimetres())
        : new Spot(height.toMillimetres(), width.toMillimetres());
  }

  private void drawSheet(Pen pen) {
    options
        .sheet()
        .ifPresent(
            sheet -> {
              Spot size = sheetSize();
              List<Spot> corners = rectangle(pen, new Spot(0, 0), size);
              pen.shape(corners, Fill.SHEET, 1, Ref.NONE);
              pen.outline(corners, Ink.SHEET_EDGE, Ref.NONE);
              boolean roomRight = (size.x() - lie.width().toMillimetres()) * pen.scale() > 90;
              boolean roomBelow = (size.y() - lie.height().toMillimetres()) * pen.scale() > 70;
              if (roomRight || roomBelow) {
                pen.caption(
                    new Spot(pen.x(size.x()) - GAP, pen.y(size.y()) - GAP - 4),
                    surface.say(Message.of("drawing.sheet", sheet.label())),
                    14,
                    Anchor.END,
                    Tone.QUIET,
                    Ref.NONE);
              }
            });
  }

  private void drawPaper(Pen pen) {
    PaperLeft paper = PaperLeft.of(lie.piece());
    List<List<Spot>> outlines =
        paper.outlines().stream().map(outline -> seen(pen, outline)).toList();
    outlines.forEach(outline -> pen.shape(outline, Fill.of(lie.faceUp()), 1, Ref.NONE));
    String piece = lie.piece().id();
    for (Patch patch : options.patches()) {
      boolean isOnAnother = patch.leg().filter(leg -> leg.by().isPresent()).isPresent();
      if (patch.ref().piece().equals(piece) && patch.face() == lie.faceUp() && !isOnAnother) {
        List<Spot> corners = patch.corners().stream().map(lie::apply).map(pen::place).toList();
        pen.shape(corners, patch.fill(), 1, patch.ref());
        pen.outline(corners, patch.edge(), patch.ref());
        for (List<Spot> glue : patch.glue()) {
          pen.shape(
              glue.stream().map(lie::apply).map(pen::place).toList(), Fill.GLUE, 1, patch.ref());
        }
        if (options.namesLayers()) {
          patch.corners().forEach(corner -> mark(pen, patch, corner));
          new PatchNames(surface, lie).write(pen, patch, corners, options.patches());
        }
      }
    }
    outlines.forEach(outline -> pen.outline(outline, Ink.CUT, Ref.NONE));
    for (Opening opening : lie.piece().openings()) {
      Ref ref = new Ref(piece, opening.id());
      List<Spot> corners = seen(pen, opening.outline());
      if (paper.holes().contains(opening)) {
        pen.shape(corners, Fill.HOLE, 1, ref);
        pen.outline(corners, Ink.CUT, ref);
      } else {
        bite(pen, opening, ref);
      }
    }
    lie.piece().cuts().forEach(cut -> line(pen, cut.line(), Ink.CUT, cut.id()));
    lie.piece().slits().forEach(slit -> line(pen, slit.line(), Ink.SLIT, slit.id()));
    lie.piece()
        .scores()
        .forEach(score -> line(pen, score.line(), Ink.of(score.fold()), score.id()));
    face(pen);
  }

  private List<Spot> seen(Pen pen, List<Point> corners) {
    return corners.stream().map(Spot::from).map(lie::apply).map(pen::place).toList();
  }

  /** Draws the part of an opening's edge that is cut: not what lies beside the paper. */
  private void bite(Pen pen, Opening opening, Ref ref) {
    List<Point> corners = opening.outline();
    double wide = lie.piece().width().toMillimetres();
    double high = lie.piece().height().toMillimetres();
    for (int i = 0; i < corners.size(); i++) {
      Spot from = Spot.from(corners.get(i));
      Spot to = Spot.from(corners.get((i + 1) % corners.size()));
      double x = (from.x() + to.x()) / 2;
      double y = (from.y() + to.y()) / 2;
      if (x > 0 && x < wide && y > 0 && y < high) {
        pen.stroke(Ink.CUT, ref, pen.place(lie.apply(from)), pen.place(lie.apply(to)));
      }
    }
  }

  /** Says on the paper which face it is, where it can be read in the lower left corner. */
  private void face(Pen pen) {
    String word = surface.say(Message.of(faceUp()));
    double wide = lie.width().toMillimetres() * pen.scale();
    double high = lie.height().toMillimetres() * pen.scale();
    if (CLEAR * surface.measure().width(word, SMALLEST) < wide && high > CLEAR * SMALLEST) {
      double y = pen.y(lie.height().toMillimetres()) - GAP - SMALLEST / 2;
      List<Spot> outline =
          lie.piece().outline().stream().map(each -> onPaper(pen, Spot.from(each))).toList();
      double x =
          besideScores(
              pen,
              PatchNames.room(outline, y, SMALLEST).left() + GAP,
              surface.measure().width(word, SMALLEST));
      pen.caption(new Spot(x, y), word, SMALLEST, Anchor.START, Tone.PRINTED, Ref.NONE);
    }
    if (lie.lie().top() != Side.TOP) {
      head(pen, wide, high);
    }
  }

  /** Returns the first place at which a word of some width crosses no score from top to foot. */
  private double besideScores(Pen pen, double first, double wide) {
    List<Double> lines =
        lie.piece().scores().stream()
            .map(score -> lie.lie().apply(lie.piece(), score.line()))
            .filter(Segment::isVertical)
            .map(line -> pen.x(line.from().x().toMillimetres()))
            .sorted()
            .toList();
    double last = pen.x(lie.width().toMillimetres());
    return Stream.concat(Stream.of(first), lines.stream().map(x -> x + GAP))
        .filter(x -> x >= first && x + wide < last)
        .filter(x -> lines.stream().noneMatch(line -> line > x - 1 && line < x + wide + 1))
        .findFirst()
        .orElse(first);
  }

  /** One-sided patterned paper has its pattern on the outside. */
  private String faceUp() {
    boolean inside = lie.faceUp() == Face.INSIDE;
    if (lie.piece().paper() == PaperKind.PATTERNED) {
      return inside ? "drawing.inside-pattern" : "drawing.outside-pattern";
    }
    return inside ? "drawing.inside" : "drawing.outside";
  }

  /** Returns a place along the head at which no score runs within reach, if there is one. */
  private double clear(double reach) {
    double wide = lie.piece().width().toMillimetres();
    return HEAD_PLACES.stream()
        .mapToDouble(share -> share * wide)
        .filter(
            at ->
                lie.piece().scores().stream()
                    .map(Score::line)
                    .flatMap(line -> Stream.of(line.from(), line.to()))
                    .noneMatch(end -> Math.abs(end.x().toMillimetres() - at) < reach + 2))
        .findFirst()
        .orElse(wide / 2);
  }

  /** Says where the head of a piece is that does not lie at the top. */
  private void head(Pen pen, double wide, double high) {
    String word = surface.say(Message.of("drawing.head"));
    double half = surface.measure().width(word, SMALLEST) / 2;
    if (CLEAR * half > wide || high < CLEAR * SMALLEST) {
      return;
    }
    Spot edge = pen.place(lie.apply(new Spot(clear(half / pen.scale()), 0)));
    Spot centre =
        pen.place(new Spot(lie.width().toMillimetres() / 2, lie.height().toMillimetres() / 2));
    double right = Math.signum(Math.round(centre.x() - edge.x())) * (GAP + half);
    double down = Math.signum(Math.round(centre.y() - edge.y())) * (GAP + SMALLEST / 2);
    pen.caption(
        new Spot(edge.x() + right, edge.y() + down),
        word,
        SMALLEST,
        Anchor.MIDDLE,
        Tone.PRINTED,
        Ref.NONE);
  }

  /** Draws the pencil marks for one corner of a layer, just inside it, where it will cover them. */
  private void mark(Pen pen, Patch patch, Spot corner) {
    int index = patch.corners().indexOf(corner);
    int count = patch.corners().size();
    Spot before = patch.corners().get((index + count - 1) % count);
    Spot after = patch.corners().get((index + 1) % count);
    Spot back = towards(corner, before);
    Spot on = towards(corner, after);
    Spot inside =
        new Spot(
            corner.x() + COVERED * (back.x() + on.x()), corner.y() + COVERED * (back.y() + on.y()));
    pen.stroke(
        Ink.PENCIL,
        patch.ref(),
        onPaper(pen, new Spot(inside.x() + MARK * back.x(), inside.y() + MARK * back.y())),
        onPaper(pen, inside),
        onPaper(pen, new Spot(inside.x() + MARK * on.x(), inside.y() + MARK * on.y())));
  }

  private Spot onPaper(Pen pen, Spot spot) {
    return pen.place(lie.apply(spot));
  }

  private static Spot towards(Spot from, Spot to) {
    double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
    return length == 0
        ? new Spot(0, 0)
        : new Spot((to.x() - from.x()) / length, (to.y() - from.y()) / length);
  }

  private void line(Pen pen, Segment line, Ink ink, String id) {
    Ref ref = new Ref(lie.piece().id(), id);
    Spot from = pen.place(lie.apply(Spot.from(line.from())));
    Spot to = pen.place(lie.apply(Spot.from(line.to())));
    pen.stroke(ink, ref, from, to);
  }

  private static List<Spot> rectangle(Pen pen, Spot at, Spot size) {
    double right = at.x() + size.x();
    double bottom = at.y() + size.y();
    return List.of(
        pen.place(at),
        pen.place(new Spot(right, at.y())),
        pen.place(new Spot(right, bottom)),
        pen.place(new Spot(at.x(), bottom)));
  }

  /**
   * Returns the usual way for a piece to lie while it is sized.
   *
   * @param piece the piece
   * @return inside up, its width along the top
   */
  public static Lying asDescribed(Piece piece) {
    return new Lying(piece, Lie.DESCRIBED);
  }
}
