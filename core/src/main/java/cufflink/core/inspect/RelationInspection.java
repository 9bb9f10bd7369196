package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.measure.Length;
import cufflink.core.measure.Tolerance;
import cufflink.core.measure.Written;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What goes into something must go in, and what slots into each other must slot. */
final class RelationInspection {
  private final Design design;
  private final Tolerance tolerance;
  private final List<Finding> findings = new ArrayList<>();

  private RelationInspection(Design design, Tolerance tolerance) {
    this.design = design;
    this.tolerance = tolerance;
  }

  static List<Finding> inspect(Design design, Tolerance tolerance) {
    RelationInspection inspection = new RelationInspection(design, tolerance);
    design.relations(Relation.Into.class).forEach(inspection::check);
    design.relations(Relation.Mates.class).forEach(inspection::check);
    design
        .relations(Relation.Serves.class)
        .forEach(each -> inspection.check(each, Length.ZERO).ifPresent(inspection.findings::add));
    design.joints().stream()
        .filter(joint -> joint.movement().slide().isPresent())
        .forEach(inspection::checkSliding);
    return inspection.findings;
  }

  /** Looks whether the closed card goes into its bags and envelopes with its thickness as well. */
  static List<Finding> thick(Design design, Length thickness, Tolerance tolerance) {
    RelationInspection inspection = new RelationInspection(design, tolerance);
    return design.relations(Relation.Serves.class).stream()
        .filter(each -> inspection.check(each, Length.ZERO).isEmpty())
        .flatMap(each -> inspection.check(each, thickness).stream())
        .toList();
  }

  private void check(Relation.Into into) {
    Optional<Piece> piece = design.piece(into.piece());
    Optional<Pocket> pocket =
        design.pockets().stream().filter(each -> each.id().equals(into.pocket())).findFirst();
    if (piece.isPresent() && pocket.isPresent()) {
      checkRoom(piece.get(), sides(piece.get()), pocket.get());
    }
  }

  /** What slides in a pocket that a joint makes must go into it too. */
  private void checkSliding(Joint sliding) {
    Optional<Joint> made =
        design.glued().stream()
            .filter(joint -> joint.piece().equals(sliding.on()) && joint.mouth() != Side.NONE)
            .findFirst();
    Optional<Piece> piece = design.piece(sliding.piece());
    if (made.isPresent() && piece.isPresent()) {
      boolean level = made.get().mouth() == Side.TOP || made.get().mouth() == Side.BOTTOM;
      Area area = made.get().area();
      Length mouth = level ? area.width() : area.height();
      Length across = sliding.area().width().min(sliding.area().height());
      if (across.compareTo(mouth) >= 0) {
        add(
            FindingKind.ITEM_TOO_LARGE,
            Place.on(piece.get().id(), made.get().id()),
            Message.of("inspect.into", piece.get().label(), across, made.get().label(), mouth));
      }
    }
  }

  /** It must go through the mouth, and stay inside the card. */
  private void checkRoom(Piece piece, List<Length> sides, Pocket pocket) {
    Length across = sides.get(0).min(sides.get(1));
    Length tall = sides.get(0).max(sides.get(1));
    if (across.minus(pocket.width()).toMillimetres() > tolerance.length()) {
      add(
          FindingKind.ITEM_TOO_LARGE,
          Place.on(piece.id(), pocket.id()),
          Message.of("inspect.into", piece.label(), across, pocket.label(), pocket.width()));
    } else if (tall.minus(pocket.room()).toMillimetres() > tolerance.length()) {
      add(
          FindingKind.ITEM_TOO_LARGE,
          Place.on(piece.id(), pocket.id()),
          Message.of("inspect.into-long", piece.label(), tall, pocket.label(), pocket.room()));
    }
  }

  /** The sides of a piece as it goes in: folded in two if it has one fold. */
  private static List<Length> sides(Piece piece) {
    List<Score> folds = piece.scores().stream().filter(Score::folds).toList();
    Length width = piece.width();
    Length height = piece.height();
    if (folds.size() == 1 && folds.get(0).line().isLevel()) {
      Length at = folds.get(0).line().from().y();
      height = at.max(height.minus(at));
    } else if (folds.size() == 1 && folds.get(0).line().isVertical()) {
      Length at = folds.get(0).line().from().x();
      width = at.max(width.minus(at));
    }
    return List.of(width, height);
  }

  /**
   * Each slit must have one at the same place along the fold, begin at the other edge and be so
   * long that the two together are at least as long as the sheet is high. One sheet may be turned
   * over.
   */
  private void check(Relation.Mates mates) {
    Optional<Piece> one = design.piece(mates.piece());
    Optional<Piece> other = design.piece(mates.other());
    if (one.isEmpty() || other.isEmpty()) {
      return;
    }
    for (Slit slit : one.get().slits()) {
      boolean meets =
          other.get().slits().stream().anyMatch(each -> slots(slit, one.get(), each, other.get()));
      if (!meets) {
        add(
            FindingKind.NOT_MATED,
            Place.on(one.get().id(), slit.id()),
            Message.of("inspect.not-mated", slit.label(), one.get().label(), other.get().label()));
      }
    }
  }

  private boolean slots(Slit slit, Piece piece, Slit into, Piece other) {
    if (!slit.line().isVertical() || !into.line().isVertical()) {
      return false;
    }
    Length x = slit.line().from().x();
    Length there = into.line().from().x();
    boolean inLine = near(x, there) || near(x, other.width().minus(there));
    boolean down = near(top(slit), Length.ZERO) && near(bottom(into), other.height());
    boolean up = near(bottom(slit), piece.height()) && near(top(into), Length.ZERO);
    Length both = bottom(slit).minus(top(slit)).plus(bottom(into)).minus(top(into));
    Length over = both.minus(piece.height().max(other.height()));
    return inLine && (down || up) && over.toMillimetres() > -tolerance.length();
  }

  private static Length top(Slit slit) {
    return slit.line().from().y().min(slit.line().to().y());
  }

  private static Length bottom(Slit slit) {
    return slit.line().from().y().max(slit.line().to().y());
  }

  private boolean near(Length one, Length other) {
    return one.minus(other).abs().toMillimetres() <= tolerance.length();
  }

  private Optional<Finding> check(Relation.Serves serves, Length thickness) {
    Length more = serves.depth().isPositive() ? Length.ZERO : thickness;
    Length width = design.finishedWidth().plus(more);
    Length height = design.finishedHeight().plus(more);
    boolean deep = !serves.depth().isPositive() || thickness.compareTo(serves.depth()) <= 0;
    boolean goesIn =
        width.compareTo(serves.width()) < 0 && height.compareTo(serves.height()) < 0
            || height.compareTo(serves.width()) < 0 && width.compareTo(serves.height()) < 0;
    if (goesIn && deep) {
      return Optional.empty();
    }
    String label = design.piece(serves.piece()).map(Piece::label).orElse(serves.piece());
    Message sentence =
        deep
            ? Message.of(
                "inspect.serves",
                label,
                Written.rough(serves.width()),
                Written.rough(serves.height()),
                Written.rough(width),
                Written.rough(height))
            : Message.of(
                "inspect.serves-deep",
                label,
                Written.rough(serves.depth()),
                Written.rough(thickness));
    return Optional.of(
        new Finding(
            FindingKind.ROOM_TOO_SMALL,
            Severity.ERROR,
            Place.on(serves.piece()),
            sentence,
            Optional.empty()));
  }

  private void add(FindingKind kind, Place place, Message sentence) {
    findings.add(new Finding(kind, Severity.ERROR, place, sentence, Optional.empty()));
  }
}
