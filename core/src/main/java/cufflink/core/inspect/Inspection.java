package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Finding;
import cufflink.core.design.Finding.Place;
import cufflink.core.design.Finding.Severity;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Segment;
import cufflink.core.design.Sentence;
import cufflink.core.fit.Goal;
import cufflink.core.fold.ClosedState;
import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The checks that hold for every construction, whatever its own rules say. */
public final class Inspection {
  private final Design design;
  private final List<Finding> findings = new ArrayList<>();

  private Inspection(Design design) {
    this.design = design;
  }

  /**
   * Inspects a design.
   *
   * @param design the design
   * @param closed the closed card, unless the design cannot be folded as a tree
   * @param goal the sheet or envelope it is for
   * @return what would go wrong, worst first within each piece's order
   */
  public static List<Finding> inspect(Design design, Optional<ClosedState> closed, Goal goal) {
    Inspection inspection = new Inspection(design);
    design.layers().forEach(inspection::checkLayer);
    design.pieces().forEach(inspection::checkScores);
    closed.ifPresentOrElse(inspection::checkClosed, inspection::noteLoop);
    inspection.checkGoal(goal);
    return List.copyOf(inspection.findings);
  }

  private void checkLayer(Layer layer) {
    Piece piece = design.piece(layer.on()).orElseThrow();
    for (Score score : piece.scores()) {
      if (crosses(layer, score.line())) {
        String key = score.folds() ? "inspect.layer-fold" : "inspect.layer-band";
        add(
            "layer-over-score",
            Place.on(piece.id(), layer.id(), score.id()),
            Sentence.of(key, layer.label(), score.label()));
      }
    }
    Length over =
        layer
            .right()
            .minus(piece.width())
            .max(layer.bottom().minus(piece.height()))
            .max(Length.ZERO.minus(layer.at().x()))
            .max(Length.ZERO.minus(layer.at().y()));
    if (over.isPositive()) {
      add(
          "layer-over-edge",
          Place.on(piece.id(), layer.id()),
          Sentence.of("inspect.layer-edge", layer.label(), over, piece.label()));
    }
  }

  /** Says whether a level or upright line runs through the inside of a layer. */
  private static boolean crosses(Layer layer, Segment line) {
    return overlaps(line.from().x(), line.to().x(), layer.at().x(), layer.right())
        && overlaps(line.from().y(), line.to().y(), layer.at().y(), layer.bottom());
  }

  private static boolean overlaps(Length from, Length to, Length start, Length end) {
    return from.min(to).compareTo(end) < 0 && from.max(to).compareTo(start) > 0;
  }

  private void checkScores(Piece piece) {
    for (Score band : piece.scores()) {
      if (!band.folds()) {
        piece.scores().stream()
            .filter(score -> score.folds() && score.line().equals(band.line()))
            .forEach(
                score ->
                    add(
                        "band-on-fold",
                        Place.on(piece.id(), band.id(), score.id()),
                        Sentence.of("inspect.band-fold", band.label(), score.label())));
      }
    }
  }

  private void checkClosed(ClosedState closed) {
    if (!closed.isFlat()) {
      return;
    }
    Length over =
        closed
            .width()
            .minus(design.finishedWidth())
            .max(closed.height().minus(design.finishedHeight()));
    if (over.isPositive()) {
      add(
          "sticks-out",
          Place.on(design.base().id()),
          Sentence.of(
              "inspect.sticks-out",
              over,
              closed.width(),
              closed.height(),
              design.finishedWidth(),
              design.finishedHeight()));
    }
  }

  private void noteLoop() {
    findings.add(
        new Finding(
            "fold-loop",
            Severity.WARNING,
            Place.on(design.base().id()),
            Sentence.of("inspect.loop"),
            Optional.empty()));
  }

  private void checkGoal(Goal goal) {
    if (goal instanceof Goal.FromSheet from) {
      for (Piece piece : design.pieces()) {
        if (!from.sheet().holds(piece.width(), piece.height())) {
          add(
              "off-the-sheet",
              Place.on(piece.id()),
              Sentence.of(
                  "inspect.sheet",
                  piece.label(),
                  piece.width(),
                  piece.height(),
                  from.sheet().label(),
                  from.sheet().width(),
                  from.sheet().height()));
        }
      }
    }
    if (goal instanceof Goal.ForEnvelope wanted
        && !wanted
            .envelope()
            .takes(design.finishedWidth(), design.finishedHeight(), wanted.clearance())) {
      add(
          "envelope-too-small",
          Place.on(design.base().id()),
          Sentence.of(
              "inspect.envelope",
              design.finishedWidth(),
              design.finishedHeight(),
              wanted.envelope().label(),
              wanted.envelope().width(),
              wanted.envelope().height(),
              wanted.clearance()));
    }
  }

  private void add(String kind, Place place, Sentence sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
