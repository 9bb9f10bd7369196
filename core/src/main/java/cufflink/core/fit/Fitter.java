package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * Finds the values of a construction for a goal.
 *
 * <p>For a sheet or an envelope finished sizes on the marks are tried from the largest possible
 * down, so that the size found is the largest by trial and not by assumption; the reason names what
 * fails one mark further. A width or height that is pinned limits what is tried.
 */
public final class Fitter {
  private final Pattern pattern;
  private final Marks marks;
  private final Manner manner;
  private final boolean keepsProportions;
  private final Scaler scaler;
  private final BooleanSupplier stops;

  /**
   * How to scale.
   *
   * @param rulers the marks on which sizes must fall
   * @param keepsProportions whether the finished width and height keep their ratio, to the nearest
   *     mark; a finished size that is asked for is taken as it is, and beside a side that is pinned
   *     the other one is free
   * @param pinned the parameters that must stay as they are
   */
  public record Manner(Rulers rulers, boolean keepsProportions, Set<String> pinned) {
    /** Copies the set. */
    public Manner {
      pinned = Set.copyOf(pinned);
    }

    /** Scales cards and layers on the same marks. */
    public Manner(Marks marks, boolean keepsProportions, Set<String> pinned) {
      this(Rulers.one(marks), keepsProportions, pinned);
    }
  }

  private Fitter(Pattern pattern, Values values, Manner manner, BooleanSupplier stops) {
    this.pattern = pattern;
    this.marks = manner.rulers().card();
    this.manner = manner;
    this.stops = stops;
    this.scaler = new Scaler(pattern, values, manner.rulers(), manner.pinned());
    this.keepsProportions =
        pattern.isSquare()
            || manner.keepsProportions()
                && !isPinned(Role.FINISHED_WIDTH)
                && !isPinned(Role.FINISHED_HEIGHT);
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
    return fit(pattern, values, goal, manner, () -> false);
  }

  /**
   * Scales a construction, which may take seconds where each side is on its own.
   *
   * @param pattern the construction
   * @param values the maker's values before
   * @param goal what to scale to
   * @param manner on which marks, and what must stay
   * @param stops asked now and then; true ends the search with the best so far
   * @return the new values and why
   */
  public static Fit fit(
      Pattern pattern, Values values, Goal goal, Manner manner, BooleanSupplier stops) {
    return new Fitter(pattern, values, manner, stops).fit(goal);
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
    Scaler scaler = new Scaler(pattern, values, manner.rulers(), manner.pinned());
    return scaler.at(width, height).without(Bench.NAMES);
  }

  /**
   * Lays a construction across that was upright, or the other way round: what grows with the width
   * grows to what was the height, and what grows with the height to what was the width.
   *
   * @param pattern the construction
   * @param values the maker's values before, with a finished width and height
   * @param rulers on which marks
   * @return the new values; nothing is pinned
   */
  public static Values turned(Pattern pattern, Values values, Rulers rulers) {
    Length width = values.length(pattern.parameter(Role.FINISHED_WIDTH).id()).orElseThrow();
    Length height = values.length(pattern.parameter(Role.FINISHED_HEIGHT).id()).orElseThrow();
    return scaled(pattern, values, height, width, new Manner(rulers, false, Set.of()));
  }

  private boolean isPinned(Role role) {
    return manner.pinned().contains(pattern.parameter(role).id())
        || pattern.isSquare()
            && (manner.pinned().contains(pattern.parameter(Role.FINISHED_WIDTH).id())
                || manner.pinned().contains(pattern.parameter(Role.FINISHED_HEIGHT).id()));
  }

  private Fit fit(Goal goal) {
    if (goal instanceof Goal.Finished finished) {
      return finished(
          isPinned(Role.FINISHED_WIDTH) ? scaler.width() : finished.width(),
          isPinned(Role.FINISHED_HEIGHT) ? scaler.height() : finished.height(),
          finished);
    }
    if (goal instanceof Goal.FromSheet from) {
      Sheet sheet = from.sheet();
      Limit limit = from.isJob() ? new SheetJob(from)::reason : size -> tooLarge(size, sheet);
      Length longest =
          from.sizes().stream()
              .map(each -> each.width().max(each.height()))
              .max(Comparator.naturalOrder())
              .orElseThrow();
      return largest(limit, longest, from.label());
    }
    if (goal instanceof Goal.ForEnvelope wanted) {
      Length longest = wanted.envelope().width().max(wanted.envelope().height());
      return largest(size -> tooLarge(size, wanted), longest, wanted.envelope().label());
    }
    return new Fit(Optional.of(values().without(Bench.NAMES)), List.of(), Message.of("fit.free"));
  }

  private Values values() {
    return scaler.at(scaler.width(), scaler.height());
  }

  private Fit finished(Length width, Length height, Goal.Finished asked) {
    Values scaled = scaler.at(width, height);
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, scaled);
    Optional<Design> first = evaluation.design();
    if (first.isPresent() && !first.get().finishedWidth().equals(width) && hasSize(first.get())) {
      // The values of the roles are not the finished size itself: scale them by what they missed.
      scaled =
          scaler.at(
              isPinned(Role.FINISHED_WIDTH)
                  ? width
                  : marks.nearest(width.scaled(width, first.get().finishedWidth())),
              isPinned(Role.FINISHED_HEIGHT)
                  ? height
                  : marks.nearest(height.scaled(height, first.get().finishedHeight())));
      evaluation = PatternEvaluator.evaluate(pattern, scaled);
    }
    Optional<Design> result = evaluation.design();
    Message reason =
        evaluation.findings().stream()
            .filter(Finding::isError)
            .map(Finding::sentence)
            .findFirst()
            .orElseGet(() -> came(result, asked.width(), asked.height()));
    return new Fit(Optional.of(scaled.without(Bench.NAMES)), changes(scaled), reason);
  }

  private static Message came(Optional<Design> design, Length width, Length height) {
    boolean exact =
        design
            .filter(each -> each.finishedWidth().equals(width))
            .filter(each -> each.finishedHeight().equals(height))
            .isPresent();
    return exact || design.isEmpty()
        ? Message.of("fit.finished", width, height)
        : Message.of(
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
    Optional<Message> reason(Design design);
  }

  private Trial trial(Length width, Length height, Limit limit) {
    Values scaled = scaler.at(width, height);
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, scaled);
    List<Finding> faults = evaluation.findings().stream().filter(Finding::isError).toList();
    return new Trial(width, height, scaled, faults, evaluation.design().flatMap(limit::reason));
  }

  private Fit largest(Limit limit, Length longest, String label) {
    FreeSearch.Found found = keepsProportions ? inProportion(limit, longest) : free(limit, longest);
    if (found.best().isEmpty()) {
      return new Fit(Optional.empty(), List.of(), none(found, limit, label));
    }
    Trial best = found.best().get();
    Message why = found.proved() ? why(best, limit, label) : Message.of("fit.some", label);
    return new Fit(Optional.of(best.values().without(Bench.NAMES)), changes(best.values()), why);
  }

  /** Says why no size serves, and what would help. */
  private Message none(FreeSearch.Found found, Limit limit, String label) {
    Message none = Message.of("fit.none", label);
    Optional<Finding> always = Trial.everywhere(found.tried());
    if (always.isPresent()) {
      Message whatever = none.followedBy(Message.of("fit.whatever"));
      Message fault = whatever.followedBy(always.get().sentence());
      return always
          .get()
          .fix()
          .map(fix -> fault.followedBy(Message.of("fit.cure", fix.label())))
          .orElseGet(() -> fault.followedBy(Message.of("fit.change-it")));
    }
    Message fails =
        found.tried().stream()
            .filter(trial -> trial.passed().isEmpty())
            .findFirst()
            .map(Fitter::small)
            .or(() -> now(limit).reason())
            .orElse(Message.of("fit.free"));
    return none.followedBy(fails).followedBy(Message.of("fit.choose-other"));
  }

  /** Says what fails at the largest size that goes. */
  private static Message small(Trial goes) {
    Message size = Message.of("fit.goes", goes.width(), goes.height());
    return goes.reason().map(size::followedBy).orElse(size);
  }

  private FreeSearch.Found inProportion(Limit limit, Length longest) {
    List<Trial> tried = new ArrayList<>(List.of(now(limit)));
    boolean fixed = isPinned(Role.FINISHED_WIDTH);
    Length widest = fixed ? scaler.width() : marks.floor(longest);
    for (Length width = widest;
        width.isPositive() && !stops.getAsBoolean();
        width = fixed ? Length.ZERO : width.minus(marks.step())) {
      Length height = fixed ? scaler.height() : scaler.heightFor(width);
      Trial trial = trial(width, height, limit);
      tried.add(trial);
      if (trial.serves()) {
        return new FreeSearch.Found(Optional.of(trial), true, tried);
      }
    }
    return new FreeSearch.Found(Optional.empty(), true, tried);
  }

  private FreeSearch.Found free(Limit limit, Length longest) {
    if (isPinned(Role.FINISHED_WIDTH) && isPinned(Role.FINISHED_HEIGHT)) {
      Trial only = now(limit);
      Optional<Trial> best = Optional.of(only).filter(Trial::serves);
      return new FreeSearch.Found(best, true, List.of(only));
    }
    FreeSearch.Ground ground =
        new FreeSearch.Ground() {
          @Override
          public boolean passes(Length width, Length height) {
            return PatternEvaluator.evaluate(pattern, at(width, height))
                .design()
                .flatMap(limit::reason)
                .isEmpty();
          }

          @Override
          public boolean allows(Length width, Length height) {
            return PatternEvaluator.allows(pattern, at(width, height));
          }

          @Override
          public Trial trial(Length width, Length height) {
            return Fitter.this.trial(pinned(width, true), pinned(height, false), limit);
          }
        };
    long steps = Math.max(1, longest.units() / marks.step().units());
    long[] all = {1, steps};
    long[] one = {1, 1};
    return new FreeSearch(ground, marks, now(limit), stops)
        .search(
            isPinned(Role.FINISHED_WIDTH) ? one : all, isPinned(Role.FINISHED_HEIGHT) ? one : all);
  }

  /** The size as it is now: what is wrong there too is not wrong only because all is too small. */
  private Trial now(Limit limit) {
    return trial(scaler.width(), scaler.height(), limit);
  }

  private Values at(Length width, Length height) {
    return scaler.at(pinned(width, true), pinned(height, false));
  }

  /** A side that is pinned is as it is, whatever is tried. */
  private Length pinned(Length side, boolean isWidth) {
    if (isPinned(isWidth ? Role.FINISHED_WIDTH : Role.FINISHED_HEIGHT)) {
      return isWidth ? scaler.width() : scaler.height();
    }
    return side;
  }

  private Message why(Trial found, Limit limit, String label) {
    boolean fixedWidth = isPinned(Role.FINISHED_WIDTH);
    boolean fixedHeight = isPinned(Role.FINISHED_HEIGHT);
    if (fixedWidth && fixedHeight) {
      return Message.of("fit.pinned", label);
    }
    Length wider = fixedWidth ? found.width() : found.width().plus(marks.step());
    Length taller = keepsProportions ? scaler.heightFor(wider) : found.height();
    Trial next = fixedWidth ? found : trial(wider, taller, limit);
    if (next.serves() && !fixedHeight) {
      next = trial(found.width(), found.height().plus(marks.step()), limit);
    }
    Message fails = next.reason().orElse(Message.of("fit.nothing-fails"));
    return Message.of("fit.largest", label, next.width(), next.height()).followedBy(fails);
  }

  private static Optional<Message> tooLarge(Design design, Sheet sheet) {
    return design.pieces().stream()
        .filter(piece -> piece.paper() != PaperKind.RIBBON)
        .filter(piece -> !sheet.holds(piece.width(), piece.height()))
        .findFirst()
        .map(piece -> tooLarge(piece, sheet));
  }

  private static Message tooLarge(Piece piece, Sheet sheet) {
    return Message.of(
        "fit.piece", piece.label(), piece.width(), piece.height(), sheet.width(), sheet.height());
  }

  private static Optional<Message> tooLarge(Design design, Goal.ForEnvelope wanted) {
    Length width = design.finishedWidth();
    Length height = design.finishedHeight();
    if (wanted.envelope().takes(width, height, wanted.clearance())) {
      return Optional.empty();
    }
    return Optional.of(
        Message.of(
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
