package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.flat.CutAway;
import cufflink.core.flat.FlatPattern;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.PaperKind;
import cufflink.core.plane.Point;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The checks that hold for every construction, whatever its own rules say. */
public final class Inspection {
  /** What nobody cuts, in millimetres. */
  private static final double NOTICEABLE = 0.4;

  private final Design design;
  private final Tolerance tolerance;
  private final List<Finding> findings = new ArrayList<>();

  private Inspection(Design design, Tolerance tolerance) {
    this.design = design;
    this.tolerance = tolerance;
  }

  /**
   * Inspects a design.
   *
   * @param design the design
   * @param closed the closed card, unless the paper would have to tear to close
   * @param goal the sheet or envelope it is for
   * @param item what it is to hold, if anything
   * @param raised whether layers stand on foam pads
   * @param tolerance how near is equal, of what has been folded
   * @return what would go wrong
   */
  public static List<Finding> inspect(
      Design design,
      Optional<ClosedState> closed,
      Goal goal,
      Optional<HeldItem> item,
      boolean raised,
      Tolerance tolerance) {
    Inspection inspection = new Inspection(design, tolerance);
    inspection.findings.addAll(LayerInspection.inspect(design, tolerance));
    design.pieces().forEach(inspection::checkScores);
    design.pieces().forEach(inspection::checkMirror);
    design.pieces().forEach(inspection::checkOutline);
    design.pieces().forEach(inspection::checkCutAway);
    inspection.findings.addAll(GlueInspection.inspect(design));
    inspection.findings.addAll(RelationInspection.inspect(design, tolerance));
    inspection.findings.addAll(OpeningInspection.inspect(design, tolerance));
    inspection.findings.addAll(SlitInspection.inspect(design));
    inspection.findings.addAll(RibbonInspection.lengths(design, tolerance));
    closed.ifPresentOrElse(inspection::checkClosed, inspection::noteTear);
    item.ifPresent(inspection::checkItem);
    inspection.checkGoal(goal);
    if (raised && !design.layers().isEmpty() && goal instanceof Goal.ForEnvelope wanted) {
      inspection.noteFoam(wanted);
    }
    return List.copyOf(inspection.findings);
  }

  /**
   * Looks whether a piece is still one piece once all its cuts are made.
   *
   * @param flat the piece, divided into facets
   * @return what would go wrong, if anything
   */
  public static Optional<Finding> inspect(FlatPattern flat) {
    return PaperInspection.inspect(flat);
  }

  /**
   * Raised layers are for cards handed over; in an envelope they may not go in, or not be posted.
   */
  private void noteFoam(Goal.ForEnvelope wanted) {
    findings.add(
        new Finding(
            FindingKind.RAISED_IN_ENVELOPE,
            Severity.WARNING,
            Place.on(design.layers().get(0).on(), design.layers().get(0).id()),
            Message.of("inspect.foam", wanted.envelope().label()),
            Optional.of(Finding.Fix.lowering(Message.of("inspect.layers-flat"), List.of()))));
  }

  private void checkScores(Piece piece) {
    for (Score band : piece.scores()) {
      if (!band.folds()) {
        piece.scores().stream()
            .filter(score -> score.folds() && score.line().equals(band.line()))
            .forEach(
                score ->
                    add(
                        FindingKind.BAND_ON_FOLD,
                        Place.on(piece.id(), band.id(), score.id()),
                        Message.of("inspect.band-fold", band.label(), score.label())));
      }
    }
  }

  /** What is trimmed along a paper is cut larger on purpose. */
  private void checkOutline(Piece piece) {
    boolean flush =
        design.joints().stream()
            .filter(joint -> joint.piece().equals(piece.id()))
            .anyMatch(
                joint ->
                    design.relations(Relation.Flush.class).stream()
                        .anyMatch(each -> each.joint().equals(joint.id())));
    Length right = Length.ZERO;
    Length foot = Length.ZERO;
    Length left = piece.width();
    Length top = piece.height();
    for (Point corner : piece.outline()) {
      right = right.max(corner.x());
      foot = foot.max(corner.y());
      left = left.min(corner.x());
      top = top.min(corner.y());
    }
    Length wide = right.minus(left);
    Length high = foot.minus(top);
    double spare =
        Math.max(
            piece.width().minus(wide).toMillimetres(), piece.height().minus(high).toMillimetres());
    if (!flush && spare > NOTICEABLE) {
      findings.add(
          new Finding(
              FindingKind.UNUSED_EDGE,
              Severity.WARNING,
              Place.on(piece.id()),
              Message.of(
                  "inspect.unused-edge", piece.label(), piece.width(), piece.height(), wide, high),
              Optional.empty()));
    }
  }

  private void checkMirror(Piece piece) {
    design
        .mirrored(piece)
        .filter(other -> !piece.isMirrorOf(other))
        .ifPresent(
            other ->
                add(
                    FindingKind.NOT_MIRRORED,
                    Place.on(piece.id()),
                    Message.of("inspect.not-mirrored", piece.label(), other.label())));
  }

  private void checkCutAway(Piece piece) {
    design
        .source(piece)
        .filter(host -> !CutAway.serves(design, piece))
        .ifPresent(
            host ->
                findings.add(
                    new Finding(
                        FindingKind.NOT_IN_CUT_AWAY,
                        Severity.WARNING,
                        Place.on(piece.id()),
                        Message.of(
                            "inspect.cut-away",
                            piece.label(),
                            host.label(),
                            CutAway.count(host, piece) * host.count(),
                            piece.count()),
                        Optional.empty())));
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
    if (over.toMillimetres() > tolerance.length()) {
      add(
          FindingKind.STICKS_OUT,
          Place.on(design.base().id()),
          Message.of(
              "inspect.sticks-out",
              over,
              closed.width(),
              closed.height(),
              design.finishedWidth(),
              design.finishedHeight()));
    }
  }

  private void noteTear() {
    add(
        FindingKind.DOES_NOT_CLOSE,
        Place.on(design.base().id()),
        Message.of("inspect.tear", design.base().label()));
  }

  /** What the card is to hold must fit at least one of its pockets. */
  private void checkItem(HeldItem item) {
    Optional<Pocket> found = Pocket.best(design.pockets(), item);
    if (found.isEmpty()) {
      add(
          FindingKind.NO_POCKET,
          Place.on(design.base().id()),
          Message.of("inspect.pocket", item.label()));
      return;
    }
    Pocket best = found.get();
    Length clearance = best.clearance(item);
    if (clearance.compareTo(Length.ZERO) < 0) {
      add(
          FindingKind.ITEM_TOO_LARGE,
          Place.on(best.on(), best.id()),
          Message.of(
              "inspect.item",
              item.label(),
              item.width(),
              item.height(),
              best.label(),
              best.width(),
              best.depth(),
              clearance.abs()));
    }
  }

  private void checkGoal(Goal goal) {
    if (goal instanceof Goal.Finished asked
        && !(design.finishedWidth().equals(asked.width())
            && design.finishedHeight().equals(asked.height()))) {
      findings.add(
          new Finding(
              FindingKind.OTHER_SIZE,
              Severity.WARNING,
              Place.on(design.base().id()),
              Message.of(
                  "inspect.other-size",
                  design.finishedWidth(),
                  design.finishedHeight(),
                  asked.width(),
                  asked.height()),
              Optional.empty()));
    }
    if (goal instanceof Goal.FromSheet from) {
      from.reason(design)
          .ifPresent(
              reason -> add(FindingKind.OFF_THE_SHEET, Place.on(design.base().id()), reason));
      for (Piece piece : design.pieces()) {
        if (piece.paper() != PaperKind.RIBBON
            && from.sizes().stream().noneMatch(each -> each.holds(piece.width(), piece.height()))) {
          add(
              FindingKind.OFF_THE_SHEET,
              Place.on(piece.id()),
              Message.of(
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
          FindingKind.ENVELOPE_TOO_SMALL,
          Place.on(design.base().id()),
          Message.of(
              "inspect.envelope",
              design.finishedWidth(),
              design.finishedHeight(),
              wanted.envelope().label(),
              wanted.envelope().width(),
              wanted.envelope().height(),
              wanted.clearance()));
    }
  }

  private void add(FindingKind kind, Place place, Message sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
