package cufflink.core.pattern;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Mover;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.design.Stage;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Ratio;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.pattern.Parts.LayerTemplate;
import cufflink.core.pattern.Parts.LineTemplate;
import cufflink.core.pattern.Parts.OpeningTemplate;
import cufflink.core.pattern.Parts.PieceTemplate;
import cufflink.core.pattern.Parts.PlaceTemplate;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.pattern.Parts.StageTemplate;
import cufflink.core.pattern.Repeats.Turn;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Puts numbers into the parts of a pattern. */
final class DesignBuilder {
  private static final int MOST_PIECES = 1_000;

  /** Lines, corners, layers and the like in all, many more than any card has. */
  private static final int MOST_PARTS = 20_000;

  private final Pattern pattern;
  private final Scope scope;
  private int parts;

  DesignBuilder(Pattern pattern, Scope scope) {
    this.pattern = pattern;
    this.scope = scope;
  }

  Design build() {
    Parts parts = pattern.parts();
    List<Piece> pieces = new ArrayList<>();
    for (PieceTemplate template : parts.pieces()) {
      forEach(template.presence(), turn -> pieces.add(piece(template, turn)));
    }
    List<Layer> layers = new ArrayList<>();
    for (LayerTemplate template : parts.layers()) {
      forEach(template.presence(), turn -> layers.add(layer(template, turn)));
    }
    if (pieces.isEmpty()) {
      throw new NoDesignException(
          parts.pieces().get(0).presence().place(), Message.of("pattern.no-piece"));
    }
    List<Stage> stages = new ArrayList<>();
    for (StageTemplate template : parts.stages()) {
      forEach(
          template.presence(),
          turn ->
              pieces.stream()
                  .filter(piece -> piece.name().name().equals(template.piece()))
                  .forEach(piece -> stages.add(stage(template, piece, pieces))));
    }
    List<Design.Relation> relations = new ArrayList<>();
    parts
        .bonds()
        .forEach(
            bond -> forEach(bond.presence(), turn -> relations.add(bond.in(scope, turn.id()))));
    List<Joint> joints = parts.assembly().joints(scope, pieces);
    relations.stream()
        .filter(Design.Relation.Flush.class::isInstance)
        .map(Design.Relation.Flush.class::cast)
        .forEach(flush -> trim(flush, pieces, layers, joints));
    Point finished =
        parts.finished().isEmpty()
            ? new Point(
                length(pattern.parameter(Parameter.Role.FINISHED_WIDTH)),
                length(pattern.parameter(Parameter.Role.FINISHED_HEIGHT)))
            : scope.point(parts.finished());
    Design design =
        new Design(
            pattern.id(),
            pieces,
            layers,
            stages,
            scope.point(parts.rest()),
            finished.x(),
            finished.y(),
            joints,
            parts.assembly().zones(scope),
            parts.assembly().pockets(scope, pieces),
            parts.notes().stream()
                .filter(note -> scope.holds(note.when()))
                .map(note -> note.phrase().say(scope))
                .toList(),
            relations);
    return Companions.all(design, parts.assembly().companions(scope, pieces));
  }

  /** Cuts what is glued onto a paper, and trimmed with it, to that paper's edge. */
  private void trim(
      Design.Relation.Flush flush, List<Piece> pieces, List<Layer> layers, List<Joint> joints) {
    Optional<Joint> joint =
        joints.stream().filter(each -> each.id().equals(flush.joint())).findFirst();
    for (int i = 0; i < pieces.size(); i++) {
      Piece piece = pieces.get(i);
      if (joint.filter(each -> each.piece().equals(piece.id())).isPresent()) {
        List<Point> outline =
            Flush.trimmed(piece, flush, layers, joints).orElseThrow(() -> nothingLeft(piece));
        pieces.set(i, piece.withOutline(outline));
      }
    }
  }

  private NoDesignException nothingLeft(Piece piece) {
    return pattern.parts().pieces().stream()
        .filter(each -> each.presence().id().equals(piece.name().name()))
        .findFirst()
        .map(
            each ->
                new NoDesignException(
                    each.presence().place(), Message.of("design.flush", piece.label())))
        .orElseThrow();
  }

  private Length length(Parameter parameter) {
    return Length.ofUnits(((Ratio) scope.apply(parameter.id())).round());
  }

  private void forEach(Presence presence, Consumer<Turn> use) {
    Repeats.forEach(
        presence,
        scope,
        turn -> {
          parts++;
          if (parts > MOST_PARTS) {
            throw new NoDesignException(presence.place(), Message.of("design.lines", MOST_PARTS));
          }
          use.accept(turn);
        });
  }

  private Piece piece(PieceTemplate template, Turn turn) {
    Length width = side(template.width(), template.presence());
    Length height = side(template.height(), template.presence());
    List<Point> outline = new ArrayList<>();
    for (PlaceTemplate corner : template.outline()) {
      forEach(corner.presence(), each -> outline.add(scope.point(corner.at())));
    }
    List<Score> scores = new ArrayList<>();
    for (LineTemplate line : template.scores()) {
      forEach(line.presence(), each -> scores.add(score(line, each, width, height)));
    }
    List<Slit> slits = new ArrayList<>();
    for (LineTemplate line : template.slits()) {
      forEach(line.presence(), each -> slits.add(slit(line, each, width, height)));
      if (!line.folded().isEmpty()
          && scores.stream().noneMatch(score -> score.id().equals(line.folded()))) {
        throw new NoDesignException(
            line.presence().place(),
            Message.of("design.no-score", line.presence().label(), line.folded()));
      }
    }
    List<Slit> cuts = new ArrayList<>();
    for (LineTemplate line : template.cuts()) {
      forEach(line.presence(), each -> cuts.add(slit(line, each, width, height)));
    }
    List<Opening> openings = new ArrayList<>();
    for (OpeningTemplate opening : template.openings()) {
      forEach(opening.presence(), each -> openings.add(opening(opening, each)));
    }
    if (outline.stream().anyMatch(corner -> !inside(corner, width, height))) {
      throw new NoDesignException(
          template.presence().place(), Message.of("design.corner", template.presence().label()));
    }
    if (!outline.isEmpty() && !Outline.isSimple(outline)) {
      throw new NoDesignException(
          template.presence().place(), Message.of("design.crossing", template.presence().label()));
    }
    return new Piece(
        turn.name(),
        template.presence().label(),
        template.role(),
        template.count().map(formula -> count(formula, template.presence())).orElse(1),
        width,
        height,
        outline.isEmpty() ? Piece.rectangle(width, height) : outline,
        scores,
        slits,
        cuts,
        openings,
        template.mirrors(),
        template.from(),
        template.cards().map(formula -> count(formula, template.presence())).orElse(0));
  }

  private int count(Formula formula, Presence presence) {
    long count = scope.whole(formula);
    if (count < 1 || count > MOST_PIECES) {
      throw new NoDesignException(
          presence.place(), Message.of("design.count", presence.label(), count, MOST_PIECES));
    }
    return (int) count;
  }

  private Opening opening(OpeningTemplate template, Turn turn) {
    String label = template.presence().label();
    if (!template.corners().isEmpty()) {
      return new Opening(
          turn.id(),
          label,
          template.kind(),
          corners(template),
          Optional.empty(),
          template.across());
    }
    Point at = scope.point(template.shape());
    Length third = scope.length(template.shape().get(2));
    Length fourth = template.round() ? third : scope.length(template.shape().get(3));
    if (!third.isPositive() || !fourth.isPositive() || isTooLong(third) || isTooLong(fourth)) {
      throw new NoDesignException(template.presence().place(), Message.of("design.opening", label));
    }
    if (template.round()) {
      Length radius = Length.ofUnits(third.units() / 2);
      return Opening.round(turn.id(), label, template.kind(), new Opening.Round(at, radius))
          .across(template.across());
    }
    Area area = new Area(at, third, fourth);
    return new Opening(
        turn.id(), label, template.kind(), area.corners(), Optional.empty(), template.across());
  }

  private List<Point> corners(OpeningTemplate template) {
    List<Point> corners = new ArrayList<>();
    for (PlaceTemplate corner : template.corners()) {
      forEach(corner.presence(), each -> corners.add(scope.point(corner.at())));
    }
    if (!Outline.isSimple(corners)) {
      throw new NoDesignException(
          template.presence().place(), Message.of("design.crossing", template.presence().label()));
    }
    return corners;
  }

  private Length side(Formula formula, Presence presence) {
    Length side = scope.length(formula);
    if (!side.isPositive() || isTooLong(side)) {
      throw new NoDesignException(
          presence.place(), Message.of("design.side", presence.label(), formula));
    }
    return side;
  }

  private static boolean isTooLong(Length length) {
    return length.compareTo(LengthParser.LONGEST) > 0;
  }

  private Score score(LineTemplate template, Turn turn, Length width, Length height) {
    Fold fold = template.crease().at(turn.index(), turn.count());
    Segment line = line(template, turn, width, height);
    return new Score(turn.name(), template.presence().label(), fold, line);
  }

  private Slit slit(LineTemplate template, Turn turn, Length width, Length height) {
    return new Slit(
        turn.id(),
        template.presence().label(),
        line(template, turn, width, height),
        template.folded(),
        template.wide());
  }

  private Segment line(LineTemplate template, Turn turn, Length width, Length height) {
    Point from = scope.point(template.ends().subList(0, 2));
    Point to = scope.point(template.ends().subList(2, 4));
    if (from.equals(to) || !inside(from, width, height) || !inside(to, width, height)) {
      throw new NoDesignException(
          template.presence().place(),
          Message.of(
              from.equals(to) ? "design.point" : "design.outside",
              template.presence().label(),
              turn.id()));
    }
    return new Segment(from, to);
  }

  private static boolean inside(Point point, Length width, Length height) {
    return between(point.x(), width) && between(point.y(), height);
  }

  private static boolean between(Length place, Length most) {
    return place.compareTo(Length.ZERO) >= 0 && place.compareTo(most) <= 0;
  }

  private Layer layer(LayerTemplate template, Turn turn) {
    Length border = scope.length(template.border());
    Point corner = scope.point(template.panel());
    Point size = scope.point(template.panel().subList(2, 4));
    Length width = size.x().minus(border);
    Length height = size.y().minus(border);
    if (!width.isPositive() || !height.isPositive()) {
      throw new NoDesignException(
          template.presence().place(), Message.of("design.layer", template.presence().label()));
    }
    Length half =
        template.shape().isHalf() ? inset(border, size) : Length.ofUnits(border.units() / 2);
    boolean fromRight =
        template.shape() == Layer.Shape.TOP_RIGHT || template.shape() == Layer.Shape.BOTTOM_RIGHT;
    boolean fromBottom =
        template.shape() == Layer.Shape.BOTTOM_LEFT || template.shape() == Layer.Shape.BOTTOM_RIGHT;
    Length right = fromRight ? border.minus(half) : half;
    Length down = fromBottom ? border.minus(half) : half;
    if (template.shape().isTurned()) {
      // It keeps to the middle, but clear of the line along which its square is cut in half.
      Length middle = Length.ofUnits(border.units() / 2);
      down = middle;
      right =
          switch (template.shape()) {
            case POINT_LEFT -> middle.minus(half);
            case POINT_RIGHT -> middle.plus(half);
            default -> middle;
          };
    }
    return new Layer(
        turn.id(),
        template.presence().label(),
        template.role(),
        template.on(),
        template.face(),
        new Point(corner.x().plus(right), corner.y().plus(down)),
        width,
        height,
        border,
        template.shape());
  }

  private Stage stage(StageTemplate template, Piece folded, List<Piece> pieces) {
    Map<Mover, Double> moves = new LinkedHashMap<>();
    for (Parts.Drive drive : template.drives()) {
      moves.putAll(drive.moves(scope, drive.own() ? List.of(folded) : pieces));
    }
    return new Stage(template.title(), folded.id(), moves, template.phase());
  }

  /**
   * Half a rectangle is set in equally from all three sides of its host. With sides w and h and the
   * border b, its point nearest the slant has the distance b min(w, h) / l - t (w + h) / l from it,
   * l being the slant, where it is set in by t from both legs; both are alike at b min(w, h) / (w +
   * h + l).
   */
  private static Length inset(Length border, Point size) {
    double wide = size.x().toMillimetres();
    double high = size.y().toMillimetres();
    double sides = wide + high + Math.hypot(wide, high);
    return Length.fromMillimetres(border.toMillimetres() * Math.min(wide, high) / sides);
  }
}
