package cufflink.core.make;

import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Sizes with which a card fits a piece that lies on the table otherwise than it was to be cut.
 *
 * @param values the sizes
 * @param parameters which of them are other than before, in the order of the construction
 */
public record Adapted(Values values, List<Parameter> parameters) {
  /** A base is seldom more than so many times as long as the card is wide or high. */
  private static final int MOST_PARTS = 6;

  /** Copies the list. */
  public Adapted {
    parameters = List.copyOf(parameters);
  }

  /**
   * A piece as it was measured.
   *
   * @param piece the piece, by its id
   * @param width its side along the top as it is described
   * @param height its other side
   */
  public record Measured(String piece, Length width, Length height) {}

  /**
   * Looks for sizes with which a piece is as it was measured. For each side that is other, one size
   * is changed by what the side differs, or by as much more or less as moves that side so far: of
   * those that do it without a mistake that was not there before, one that is not pinned, and then
   * the first of the construction.
   *
   * @param pattern the construction
   * @param job the job as it is
   * @param measured the piece
   * @return the sizes; empty if none are found
   */
  public static Optional<Adapted> of(Pattern pattern, Job job, Measured measured) {
    int errors = errors(Derivation.of(pattern, job));
    if (piece(pattern, job, measured.piece()).isEmpty()) {
      return Optional.empty();
    }
    Predicate<Adapted> works =
        found -> errors(Derivation.of(pattern, job.withValues(found.values()))) <= errors;
    return adapted(pattern, job, measured, true)
        .filter(works)
        .or(() -> adapted(pattern, job, measured, false).filter(works))
        .or(() -> together(pattern, job, measured, works));
  }

  /** One side after the other, in either order: a size may move both. */
  private static Optional<Adapted> adapted(
      Pattern pattern, Job job, Measured measured, boolean widthFirst) {
    Values values = job.values();
    for (boolean isWidth : new boolean[] {widthFirst, !widthFirst}) {
      Optional<Values> next = moved(pattern, job.withValues(values), measured, isWidth);
      if (next.isEmpty()) {
        return Optional.empty();
      }
      values = next.get();
    }
    return fitting(pattern, job, measured, values);
  }

  private static Optional<Adapted> fitting(
      Pattern pattern, Job job, Measured measured, Values values) {
    Optional<Piece> now = piece(pattern, job.withValues(values), measured.piece());
    boolean fits =
        now.filter(it -> it.width().equals(measured.width()))
            .filter(it -> it.height().equals(measured.height()))
            .isPresent();
    if (!fits) {
      return Optional.empty();
    }
    List<Parameter> changed = new ArrayList<>();
    for (Parameter each : pattern.parameters()) {
      if (!job.values().get(each.id()).equals(values.get(each.id()))) {
        changed.add(each);
      }
    }
    return Optional.of(new Adapted(values, changed));
  }

  /**
   * A card whose sides are tied to each other has no size in between: its finished width and height
   * are changed at once, each by as much as its side differs or a small part of that.
   */
  private static Optional<Adapted> together(
      Pattern pattern, Job job, Measured measured, Predicate<Adapted> works) {
    Piece before = piece(pattern, job, measured.piece()).orElseThrow();
    Optional<String> across = finished(pattern, Parameter.Role.FINISHED_WIDTH);
    Optional<String> along = finished(pattern, Parameter.Role.FINISHED_HEIGHT);
    if (across.isEmpty() || along.isEmpty()) {
      return Optional.empty();
    }
    long wide = measured.width().units() - before.width().units();
    long high = measured.height().units() - before.height().units();
    for (int parts = 1; parts <= MOST_PARTS; parts++) {
      for (int others = 1; others <= MOST_PARTS; others++) {
        Values values = changed(job.values(), across.get(), wide / parts);
        values = changed(values, along.get(), high / others);
        Optional<Adapted> found = fitting(pattern, job, measured, values).filter(works);
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return Optional.empty();
  }

  private static Optional<String> finished(Pattern pattern, Parameter.Role role) {
    return pattern.parameters().stream()
        .filter(each -> each.role() == role)
        .map(Parameter::id)
        .findFirst();
  }

  private static Values changed(Values values, String parameter, long units) {
    return values
        .length(parameter)
        .filter(each -> each.units() + units > 0)
        .map(each -> values.and(parameter, Length.ofUnits(each.units() + units)))
        .orElse(values);
  }

  private static Optional<Values> moved(
      Pattern pattern, Job job, Measured measured, boolean isWidth) {
    Length target = isWidth ? measured.width() : measured.height();
    Optional<Piece> piece = piece(pattern, job, measured.piece());
    if (piece.isEmpty()) {
      return Optional.empty();
    }
    Length now = side(piece.get(), isWidth);
    if (now.equals(target)) {
      return Optional.of(job.values());
    }
    List<Parameter> free = new ArrayList<>(pattern.parameters());
    free.removeIf(each -> job.values().length(each.id()).isEmpty());
    // A size that is pinned, or given from outside, is the last to be changed.
    free.sort(Comparator.comparing(each -> isFast(each, job)));
    for (Parameter each : free) {
      Length value = job.values().length(each.id()).orElseThrow();
      long step = target.units() - now.units();
      for (int round = 0; round < 2 && step != 0; round++) {
        long next = value.units() + step;
        Values tried = job.values().and(each.id(), Length.ofUnits(Math.max(0, next)));
        Optional<Length> side =
            next <= 0
                ? Optional.empty()
                : piece(pattern, job.withValues(tried), measured.piece())
                    .map(it -> side(it, isWidth));
        if (side.isPresent() && side.get().equals(target)) {
          return Optional.of(tried);
        }
        // How far the side moved tells how far the size has to be moved.
        long moved = side.map(it -> it.units() - now.units()).orElse(0L);
        step = moved == 0 ? 0 : Math.round((double) step / moved * (target.units() - now.units()));
      }
    }
    return Optional.empty();
  }

  private static boolean isFast(Parameter parameter, Job job) {
    return parameter.scales() == Parameter.Scaling.GIVEN || job.pinned().contains(parameter.id());
  }

  private static Length side(Piece piece, boolean isWidth) {
    return isWidth ? piece.width() : piece.height();
  }

  private static Optional<Piece> piece(Pattern pattern, Job job, String id) {
    return Derivation.of(pattern, job).made().flatMap(it -> it.design().piece(id));
  }

  private static int errors(Derivation derivation) {
    return (int) derivation.findings().stream().filter(Finding::isError).count();
  }
}
