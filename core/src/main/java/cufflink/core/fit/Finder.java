package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.design.Pocket;
import cufflink.core.fit.Question.Priority;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Finds the ways to make constructions from what is at hand.
 *
 * <p>A construction keeps its proportions, so that its size is one number: the steps of its
 * finished width. For each sheet and each envelope the largest number that fits is found by
 * halving, every size being tried once at most; the size for a sheet and an envelope together is
 * the lesser of the two. Where a rule of the construction forbids that size, the next smaller ones
 * are tried.
 */
public final class Finder {
  private static final int MOST_STEPS_DOWN = 12;
  private static final int LARGEST_SIDE_MILLIMETRES = 450;

  private final Question question;
  private final Pattern pattern;
  private final Marks marks;
  private final Scaler scaler;
  private final Map<Long, Trial> trials = new HashMap<>();

  /** A size that was tried. */
  private record Trial(Values values, Optional<Design> design, boolean works) {}

  private Finder(Question question, Pattern pattern, Values values) {
    this.question = question;
    this.pattern = pattern;
    this.marks = question.marks();
    this.scaler = new Scaler(pattern, values, Rulers.one(marks), Set.of());
  }

  /**
   * Finds the offers for one construction.
   *
   * @param question what is at hand and wanted
   * @param pattern the construction
   * @return the offers, the best first
   */
  public static List<Offer> offers(Question question, Pattern pattern) {
    Values values =
        Relayer.relay(pattern, pattern.normalValues(), Rulers.one(question.marks()), Set.of());
    return new Finder(question, pattern, values).offers();
  }

  /**
   * Finds the offers for many constructions.
   *
   * @param question what is at hand and wanted
   * @param patterns the constructions
   * @return all offers, the best first
   */
  public static List<Offer> offers(Question question, Collection<Pattern> patterns) {
    return patterns.parallelStream()
        .flatMap(pattern -> offers(question, pattern).stream())
        .sorted(order(question.priority()))
        .toList();
  }

  /**
   * Returns how offers are ranked.
   *
   * @param priority what matters most
   * @return the order, the best first
   */
  public static Comparator<Offer> order(Priority priority) {
    Comparator<Offer> paper = Comparator.comparingDouble(Offer::paper);
    Comparator<Offer> waste = Comparator.comparingDouble(offer -> offer.use().waste());
    Comparator<Offer> largest = Comparator.comparingDouble(Offer::area).reversed();
    Comparator<Offer> marks = Comparator.comparingInt(Offer::offMarks);
    Comparator<Offer> slack = Comparator.comparingDouble(Offer::slack);
    return switch (priority) {
      case LEAST_PAPER -> paper.thenComparing(waste).thenComparing(largest);
      case LARGEST -> largest.thenComparing(paper);
      case EASIEST_NUMBERS -> marks.thenComparing(largest).thenComparing(paper);
      case BEST_ENVELOPE -> slack.thenComparing(paper).thenComparing(marks);
    };
  }

  private List<Offer> offers() {
    Map<Sheet, Long> bySheet = new HashMap<>();
    for (Sheet sheet : question.sheets()) {
      bySheet.put(sheet, largest(trial -> fits(trial, sheet)));
    }
    Set<Long> sizes = new TreeSet<>();
    if (question.envelopes().isEmpty()) {
      sizes.add(width(pattern) / marks.step().units());
      question.most().ifPresent(most -> sizes.add(largest(trial -> isWithin(trial, most))));
    } else {
      for (Envelope envelope : question.envelopes()) {
        sizes.add(largest(trial -> fits(trial, envelope)));
      }
    }
    List<Offer> offers = new ArrayList<>();
    for (Sheet sheet : question.sheets()) {
      Set<Long> here = new TreeSet<>();
      sizes.forEach(size -> here.add(Math.min(size, bySheet.get(sheet))));
      if (question.envelopes().isEmpty()) {
        here.add(bySheet.get(sheet));
      }
      here.forEach(
          size -> working(size).flatMap(trial -> offer(trial, sheet)).ifPresent(offers::add));
    }
    offers.sort(order(question.priority()));
    return offers;
  }

  private static long width(Pattern pattern) {
    return pattern
        .normalValues()
        .length(pattern.parameter(Role.FINISHED_WIDTH).id())
        .orElseThrow()
        .units();
  }

  /** What a size has to pass. */
  private interface Limit {
    boolean passes(Design design);
  }

  private long largest(Limit limit) {
    long low = 0;
    long high = Length.ofMillimetres(LARGEST_SIDE_MILLIMETRES).units() / marks.step().units();
    while (low < high) {
      long middle = (low + high + 1) / 2;
      // What comes to nothing does so because it is too small.
      if (trial(middle).design().map(limit::passes).orElse(true)) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }

  /** Returns the size, or the next smaller one that breaks no rule. */
  private Optional<Trial> working(long size) {
    for (long steps = size; steps > Math.max(0, size - MOST_STEPS_DOWN); steps--) {
      Trial trial = trial(steps);
      if (trial.works()) {
        return Optional.of(trial);
      }
    }
    return Optional.empty();
  }

  private Trial trial(long steps) {
    return trials.computeIfAbsent(
        steps,
        each -> {
          Length width = marks.step().times(each);
          Values values = scaler.at(width, scaler.heightFor(width));
          Evaluation evaluation = PatternEvaluator.evaluate(pattern, values);
          return new Trial(values.without(Bench.NAMES), evaluation.design(), evaluation.works());
        });
  }

  private static boolean fits(Design design, Sheet sheet) {
    return design.pieces().stream()
        .filter(piece -> piece.paper() != PaperKind.RIBBON)
        .allMatch(piece -> sheet.holds(piece.width(), piece.height()));
  }

  private boolean fits(Design design, Envelope envelope) {
    return envelope.takes(design.finishedWidth(), design.finishedHeight(), question.clearance());
  }

  private static boolean isWithin(Design design, Question.Extent most) {
    return new Question.Extent(design.finishedWidth(), design.finishedHeight())
        .fitsInto(most.width(), most.height());
  }

  private Optional<Offer> offer(Trial trial, Sheet sheet) {
    Design design = trial.design().orElseThrow();
    boolean tooSmall =
        question
            .least()
            .filter(least -> !least.fitsInto(design.finishedWidth(), design.finishedHeight()))
            .isPresent();
    boolean tooLarge = question.most().filter(most -> !isWithin(design, most)).isPresent();
    Optional<Length> clearance = question.item().map(item -> clearance(item, design));
    Optional<Envelope> envelope = tightest(design);
    if (tooSmall
        || tooLarge
        || clearance.filter(each -> each.compareTo(Length.ZERO) < 0).isPresent()
        || (envelope.isEmpty() && !question.envelopes().isEmpty())) {
      return Optional.empty();
    }
    return SheetUse.of(design, PaperKind.CARDSTOCK, question.copies(), sheet)
        .map(
            use ->
                new Offer(
                    pattern,
                    trial.values(),
                    design,
                    sheet,
                    use,
                    envelope,
                    OffMarks.of(design, Rulers.one(marks)).size(),
                    clearance));
  }

  private static Length clearance(HeldItem item, Design design) {
    Length none = Length.ZERO.minus(item.width());
    return Pocket.best(design.pockets(), item)
        .map(pocket -> pocket.clearance(item).max(none))
        .orElse(none);
  }

  private Optional<Envelope> tightest(Design design) {
    return question.envelopes().stream()
        .filter(envelope -> fits(design, envelope))
        .min(
            Comparator.comparingDouble(
                each -> each.width().toMillimetres() * each.height().toMillimetres()));
  }
}
