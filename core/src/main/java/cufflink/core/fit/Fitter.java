package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.design.Finding;
import cufflink.core.design.PaperKind;
import cufflink.core.design.Piece;
import cufflink.core.design.Sentence;
import cufflink.core.design.Values;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds the values of a construction for a goal.
 *
 * <p>For a sheet or an envelope every finished size on the marks is tried from the largest possible
 * down, so that the size found is the largest by trial and not by assumption; the reason names what
 * fails one mark further.
 */
public final class Fitter {
  private final Pattern pattern;
  private final Marks marks;
  private final boolean keepsProportions;
  private final Scaler scaler;

  /**
   * How to scale.
   *
   * @param marks the marks on which sizes must fall
   * @param keepsProportions whether the finished width and height keep their ratio, to the nearest
   *     mark; a finished size that is asked for is taken as it is
   * @param pinned the parameters that must stay as they are; the finished size cannot be pinned
   */
  public record Manner(Marks marks, boolean keepsProportions, Set<String> pinned) {
    /** Copies the set. */
    public Manner {
      pinned = Set.copyOf(pinned);
    }
  }

  private Fitter(Pattern pattern, Values values, Manner manner) {
    this.pattern = pattern;
    this.marks = manner.marks();
    this.keepsProportions = manner.keepsProportions() || pattern.isSquare();
    this.scaler = new Scaler(pattern, values, manner.marks(), manner.pinned());
  }

  /**
   * Scales a construction.
   *
   * @param pattern the construction
   * @param values the maker's values before
   * @param goal what to scale to
   * @param manner on which marks, and what must stay
   * @return the new values and why
   */
  public static Fit fit(Pattern pattern, Values values, Goal goal, Manner manner) {
    return new Fitter(pattern, values, manner).fit(goal);
  }

  /**
   * Scales a construction to other values of its two roles, whatever comes of it.
   *
   * @param pattern the construction
   * @param values the maker's values before
   * @param width the value of the finished width
   * @param height the value of the finished height
   * @param manner on which marks, and what must stay
   * @return the new values
   */
  public static Values scaled(
      Pattern pattern, Values values, Length width, Length height, Manner manner) {
    Scaler scaler = new Scaler(pattern, values, manner.marks(), manner.pinned());
    return scaler.at(width, height).without(Bench.NAMES);
  }

  private Fit fit(Goal goal) {
    if (goal instanceof Goal.Finished finished) {
      return finished(finished.width(), finished.height());
    }
    if (goal instanceof Goal.FromSheet from) {
      Sheet sheet = from.sheet();
      return largest(
          size -> tooLarge(size, sheet), sheet.width().max(sheet.height()), sheet.label());
    }
    if (goal instanceof Goal.ForEnvelope wanted) {
      Length longest = wanted.envelope().width().max(wanted.envelope().height());
      return largest(size -> tooLarge(size, wanted), longest, wanted.envelope().label());
    }
    return new Fit(Optional.of(values().without(Bench.NAMES)), List.of(), Sentence.of("fit.free"));
  }

  private Values values() {
    return scaler.at(scaler.width(), scaler.height());
  }

  private Fit finished(Length width, Length height) {
    Values scaled = scaler.at(width, height);
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, scaled);
    Optional<Design> first = evaluation.design();
    if (first.isPresent() && !first.get().finishedWidth().equals(width) && hasSize(first.get())) {
      // The values of the roles are not the finished size itself: scale them by what they missed.
      scaled =
          scaler.at(
              marks.nearest(width.scaled(width, first.get().finishedWidth())),
              marks.nearest(height.scaled(height, first.get().finishedHeight())));
      evaluation = PatternEvaluator.evaluate(pattern, scaled);
    }
    Optional<Design> result = evaluation.design();
    Sentence reason =
        evaluation.findings().stream()
            .filter(Finding::isError)
            .map(Finding::sentence)
            .findFirst()
            .orElseGet(() -> came(result, width, height));
    return new Fit(Optional.of(scaled.without(Bench.NAMES)), changes(scaled), reason);
  }

  private static Sentence came(Optional<Design> design, Length width, Length height) {
    boolean exact =
        design
            .filter(each -> each.finishedWidth().equals(width))
            .filter(each -> each.finishedHeight().equals(height))
            .isPresent();
    return exact || design.isEmpty()
        ? Sentence.of("fit.finished", width, height)
        : Sentence.of(
            "fit.nearest",
            width,
            height,
            design.get().finishedWidth(),
            design.get().finishedHeight());
  }

  /** Says whether the closed card has a size to scale by. */
  private static boolean hasSize(Design design) {
    return design.finishedWidth().isPositive() && design.finishedHeight().isPositive();
  }

  /** Why a finished size will not do, or nothing if it will. */
  private interface Limit {
    Optional<Sentence> reason(Design design);
  }

  /** A finished size that was tried. */
  private record Trial(Length width, Length height, Values values, Optional<Sentence> reason) {
    boolean serves() {
      return reason.isEmpty();
    }

    double area() {
      return width.toMillimetres() * height.toMillimetres();
    }
  }

  private Trial trial(Length width, Length height, Limit limit) {
    Values scaled = scaler.at(width, height);
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, scaled);
    Optional<Sentence> reason =
        evaluation.findings().stream()
            .filter(Finding::isError)
            .map(Finding::sentence)
            .findFirst()
            .or(() -> evaluation.design().flatMap(limit::reason));
    return new Trial(width, height, scaled, reason);
  }

  private Fit largest(Limit limit, Length longest, String label) {
    Optional<Trial> best =
        keepsProportions ? largestInProportion(limit, longest) : largestFree(limit, longest);
    if (best.isEmpty()) {
      Sentence fails =
          trial(scaler.width(), scaler.height(), limit).reason().orElse(Sentence.of("fit.free"));
      return new Fit(Optional.empty(), List.of(), Sentence.of("fit.none", label).followedBy(fails));
    }
    Trial found = best.get();
    return new Fit(
        Optional.of(found.values().without(Bench.NAMES)),
        changes(found.values()),
        why(found, limit, label));
  }

  private Optional<Trial> largestInProportion(Limit limit, Length longest) {
    for (Length width = marks.floor(longest);
        width.isPositive();
        width = width.minus(marks.step())) {
      Length height = scaler.heightFor(width);
      Trial trial = trial(width, height, limit);
      if (trial.serves()) {
        return Optional.of(trial);
      }
    }
    return Optional.empty();
  }

  private Optional<Trial> largestFree(Limit limit, Length longest) {
    Optional<Trial> best = Optional.empty();
    for (Length width = marks.floor(longest);
        width.isPositive();
        width = width.minus(marks.step())) {
      Optional<Trial> tallest = tallest(width, limit, longest, best.map(Trial::area).orElse(0.0));
      if (tallest.isPresent() && isBetter(tallest.get(), best)) {
        best = tallest;
      }
    }
    return best;
  }

  /** Of two sizes of the same area the one nearer to the proportions before is the better. */
  private boolean isBetter(Trial trial, Optional<Trial> best) {
    return best.isEmpty()
        || trial.area() > best.get().area()
        || distortion(trial) < distortion(best.get());
  }

  private double distortion(Trial trial) {
    double before = scaler.width().toMillimetres() / scaler.height().toMillimetres();
    double now = trial.width().toMillimetres() / trial.height().toMillimetres();
    return Math.abs(Math.log(now / before));
  }

  /**
   * Returns the tallest size of a width, if it is as large in area as the best so far.
   *
   * <p>Pieces only grow with the card, so the tallest that passes the limit is found by halving;
   * from there down each mark is tried until the pattern's rules hold as well.
   */
  private Optional<Trial> tallest(Length width, Limit limit, Length longest, double area) {
    long steps = longest.units() / marks.step().units();
    long low = 0;
    while (low < steps) {
      long middle = (low + steps + 1) / 2;
      if (passes(width, marks.step().times(middle), limit)) {
        low = middle;
      } else {
        steps = middle - 1;
      }
    }
    for (Length height = marks.step().times(low);
        height.isPositive() && width.toMillimetres() * height.toMillimetres() >= area;
        height = height.minus(marks.step())) {
      Trial trial = trial(width, height, limit);
      if (trial.serves()) {
        return Optional.of(trial);
      }
    }
    return Optional.empty();
  }

  private boolean passes(Length width, Length height, Limit limit) {
    return PatternEvaluator.evaluate(pattern, scaler.at(width, height))
        .design()
        .flatMap(limit::reason)
        .isEmpty();
  }

  private Sentence why(Trial found, Limit limit, String label) {
    Length wider = found.width().plus(marks.step());
    Length taller = keepsProportions ? scaler.heightFor(wider) : found.height();
    Trial next = trial(wider, taller, limit);
    if (next.serves()) {
      next = trial(found.width(), found.height().plus(marks.step()), limit);
    }
    Sentence fails = next.reason().orElse(Sentence.of("fit.nothing-fails"));
    return Sentence.of("fit.largest", label, next.width(), next.height()).followedBy(fails);
  }

  private static Optional<Sentence> tooLarge(Design design, Sheet sheet) {
    return design.pieces().stream()
        .filter(piece -> piece.paper() != PaperKind.RIBBON)
        .filter(piece -> !sheet.holds(piece.width(), piece.height()))
        .findFirst()
        .map(piece -> tooLarge(piece, sheet));
  }

  private static Sentence tooLarge(Piece piece, Sheet sheet) {
    return Sentence.of(
        "fit.piece", piece.label(), piece.width(), piece.height(), sheet.width(), sheet.height());
  }

  private static Optional<Sentence> tooLarge(Design design, Goal.ForEnvelope wanted) {
    Length width = design.finishedWidth();
    Length height = design.finishedHeight();
    if (wanted.envelope().takes(width, height, wanted.clearance())) {
      return Optional.empty();
    }
    return Optional.of(
        Sentence.of(
            "fit.envelope",
            width,
            height,
            wanted.envelope().width(),
            wanted.envelope().height(),
            wanted.clearance()));
  }

  private List<Fit.Change> changes(Values after) {
    List<Fit.Change> changes = new ArrayList<>();
    for (Parameter parameter : pattern.parameters()) {
      if (after.length(parameter.id()).isPresent()) {
        Length old = scaler.length(parameter);
        Length now = after.length(parameter.id()).get();
        if (!old.equals(now)) {
          changes.add(new Fit.Change(parameter.id(), parameter.label(), old, now));
        }
      }
    }
    return changes;
  }
}
