package cufflink.core.job;

import cufflink.core.decor.Topper;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Fix;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.pattern.Parameter;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;

/**
 * Finds a cure for what goes wrong, whatever check found it: the smallest change of one value after
 * which the finding is gone and nothing else has come instead.
 *
 * <p>Each value is led away from where it is, by steps that double, until the finding is gone, and
 * then back by halves to the nearest mark at which it still is. A cure that keeps the finished size
 * goes before one that does not. A value that cures only in the middle of a range that the steps
 * leap over is not found: then there is no cure, never a wrong one. What a maker has put on is
 * moved before it is made smaller, and that before anything else of the card is changed. What cures
 * something else is tried first, as one change that cures both is better than two; and the search
 * ends after so many foldings.
 */
public final class Cures {
  /** How often a value is led twice as far; farther than any card reaches. */
  private static final int MOST_LEAPS = 12;

  /** How many sizes are tried for one finding where each is folded in thought. */
  private static final int MOST_FOLDED = 60;

  /** How many are tried for all of them; where more goes wrong than that, one thing is to blame. */
  private static final int MOST_IN_ALL = 2 * MOST_FOLDED;

  private final Derivation derivation;
  private final BooleanSupplier stops;
  private final Map<Values, List<Finding>> derived = new HashMap<>();
  private final Map<Values, List<Finding>> folded = new HashMap<>();

  /** What cures one finding may cure others. */
  private final Set<Fix> found = new LinkedHashSet<>();

  private int left = MOST_IN_ALL;

  private Cures(Derivation derivation, BooleanSupplier stops) {
    this.derivation = derivation;
    this.stops = stops;
  }

  /** A change that cures. */
  private record Remedy(Parameter parameter, Setting setting, boolean resizes, double size) {
    Fix fix() {
      return new Fix(
          Message.of("value.set", parameter.label(), written()),
          Values.NONE.and(parameter.id(), setting));
    }

    private Object written() {
      if (setting instanceof Setting.OfLength length) {
        return length.length();
      }
      if (setting instanceof Setting.OfCount count) {
        return Long.toString(count.count());
      }
      String name = ((Setting.OfChoice) setting).name();
      return parameter.choices().stream()
          .filter(each -> each.id().equals(name))
          .findFirst()
          .map(Parameter.Choice::label)
          .orElse(name);
    }
  }

  /**
   * Returns findings with the cures that could be found.
   *
   * @param derivation what follows from a job, with its findings; those from folding it too, if it
   *     has been folded
   * @param stops asked now and then; true ends it
   * @return the same findings in the same order, as many as possible with a cure
   */
  public static List<Finding> of(Derivation derivation, BooleanSupplier stops) {
    Cures cures = new Cures(derivation, stops);
    Set<Finding> atOnce = new HashSet<>(cures.derive(derivation.job().values()).findings());
    derivation.findings().stream()
        .flatMap(finding -> finding.fix().stream())
        .filter(Fix::isOfValues)
        .forEach(cures.found::add);
    return derivation.findings().stream()
        .map(
            finding ->
                finding.fix().isPresent()
                    ? finding
                    : cures
                        .cure(finding, !atOnce.contains(finding))
                        .map(finding::curedBy)
                        .orElse(finding))
        .toList();
  }

  private Derivation derive(Values values) {
    return Derivation.of(derivation.pattern(), derivation.job().withValues(values));
  }

  private Optional<Fix> cure(Finding finding, boolean onlyFolded) {
    Trial trial = new Trial(finding, onlyFolded);
    List<Parameter> parameters =
        derivation.pattern().parameters().stream()
            .filter(each -> each.scales() != Parameter.Scaling.GIVEN)
            .filter(each -> !derivation.job().pinned().contains(each.id()))
            .toList();
    // What its maker has put on is moved before anything else of the card is.
    List<Parameter> own = parameters.stream().filter(each -> isOwn(finding, each)).toList();
    Optional<Fix> best =
        trial
            .known()
            .or(() -> elsewhere(trial, own))
            .or(() -> best(trial, own.stream().filter(each -> Topper.isPlace(each.id())).toList()))
            .or(() -> best(trial, own.stream().filter(each -> !Topper.isPlace(each.id())).toList()))
            .or(
                () ->
                    best(trial, parameters.stream().filter(each -> !own.contains(each)).toList()));
    best.ifPresent(found::add);
    return best;
  }

  private static boolean isOwn(Finding finding, Parameter parameter) {
    String piece = parameter.id().split("_")[0];
    boolean isThere =
        finding.place().piece().equals(piece) || finding.place().lines().contains(piece);
    return isThere && Topper.isId(piece);
  }

  /** Finds a place on a panel; both sides are set at once, as neither alone may be enough. */
  private Optional<Fix> elsewhere(Trial trial, List<Parameter> own) {
    return own.stream()
        .map(each -> each.id().split("_")[0])
        .distinct()
        .flatMap(id -> Elsewhere.of(derivation, id).stream())
        .filter(
            each -> derivation.job().pinned().stream().noneMatch(it -> each.get(it).isPresent()))
        .filter(each -> trial.cures(derivation.job().values().and(each)))
        .findFirst()
        .map(each -> new Fix(Elsewhere.told(derivation, each), each));
  }

  private static Optional<Fix> best(Trial trial, List<Parameter> parameters) {
    return parameters.stream()
        .flatMap(trial::lead)
        .min(Comparator.comparing(Remedy::resizes).thenComparing(Remedy::size))
        .map(Remedy::fix);
  }

  /** What is found of the same values serves the cures of all findings. */
  private List<Finding> atOnce(Values values) {
    return derived.computeIfAbsent(values, each -> derive(each).findings());
  }

  private List<Finding> folded(Values values) {
    return folded.computeIfAbsent(
        values,
        each -> {
          left--;
          return derive(each).folded(stops).findings();
        });
  }

  /** The search for one finding's cure. */
  private final class Trial {
    private final Finding finding;
    private final boolean onlyFolded;
    private final Set<List<Object>> known = new HashSet<>();
    private int most = MOST_FOLDED;

    Trial(Finding finding, boolean onlyFolded) {
      this.finding = finding;
      this.onlyFolded = onlyFolded;
      derivation.findings().forEach(each -> known.add(key(each)));
    }

    private List<Object> key(Finding each) {
      return List.of(each.kind(), each.place());
    }

    /** Says whether a value cures: the finding is gone and there is none that was not before. */
    private boolean cures(Parameter parameter, Setting setting) {
      return cures(derivation.job().values().and(parameter.id(), setting));
    }

    boolean cures(Values values) {
      if (stops.getAsBoolean()) {
        return false;
      }
      // What is wrong before it is folded needs no folding.
      if (!isCured(atOnce(values))) {
        return false;
      }
      if (!onlyFolded) {
        return true;
      }
      if (!folded.containsKey(values)) {
        if (most <= 0 || left <= 0) {
          return false;
        }
        most--;
      }
      return isCured(folded(values));
    }

    private boolean isCured(List<Finding> findings) {
      return findings.stream()
          .map(this::key)
          .allMatch(each -> known.contains(each) && !each.equals(key(finding)));
    }

    /** Finds a change that cures something else, and this with it, and keeps what is to be kept. */
    Optional<Fix> known() {
      return found.stream()
          .filter(
              each -> derivation.pattern().parameters().stream().noneMatch(it -> breaks(each, it)))
          .filter(each -> cures(derivation.job().values().and(each.values())))
          .findFirst();
    }

    /** Says whether a change sets what is pinned, or what the finished size follows from. */
    private boolean breaks(Fix fix, Parameter parameter) {
      return fix.values().get(parameter.id()).isPresent()
          && (parameter.role() != Parameter.Role.OTHER
              || derivation.job().pinned().contains(parameter.id()));
    }

    Stream<Remedy> lead(Parameter parameter) {
      Setting now = derivation.settled().get(parameter.id()).orElse(parameter.normal());
      if (now instanceof Setting.OfChoice choice) {
        return parameter.choices().stream()
            .filter(each -> !each.id().equals(choice.name()))
            .map(each -> new Setting.OfChoice(each.id()))
            .filter(each -> cures(parameter, each))
            .limit(1)
            .map(each -> new Remedy(parameter, each, true, 0));
      }
      return Stream.of(-1, 1).flatMap(way -> led(parameter, now, way).stream());
    }

    /** Leads a value one way. */
    private Optional<Remedy> led(Parameter parameter, Setting now, int way) {
      long failed = 0;
      for (int leap = 0; leap <= MOST_LEAPS; leap++) {
        long steps = 1L << leap;
        Optional<Setting> setting = moved(parameter, now, way * steps);
        if (setting.isEmpty()) {
          return Optional.empty();
        }
        if (cures(parameter, setting.get())) {
          return Optional.of(nearest(parameter, now, way, failed, steps));
        }
        failed = steps;
      }
      return Optional.empty();
    }

    private Remedy nearest(Parameter parameter, Setting now, int way, long failed, long good) {
      long least = good;
      long most = failed;
      while (least - most > 1) {
        long middle = (least + most) / 2;
        if (cures(parameter, moved(parameter, now, way * middle).orElseThrow())) {
          least = middle;
        } else {
          most = middle;
        }
      }
      Setting setting = moved(parameter, now, way * least).orElseThrow();
      boolean resizes = parameter.role() != Parameter.Role.OTHER;
      return new Remedy(parameter, setting, resizes, Math.abs(amount(setting) - amount(now)));
    }

    private static double amount(Setting setting) {
      return setting instanceof Setting.OfLength length
          ? length.length().toMillimetres()
          : ((Setting.OfCount) setting).count();
    }

    /** Moves a value by so many marks, or a count by so many; nothing if it leaves the table. */
    private Optional<Setting> moved(Parameter parameter, Setting now, long steps) {
      if (now instanceof Setting.OfCount count) {
        long moved = count.count() + steps;
        return moved < 1 || moved > 1_000
            ? Optional.empty()
            : Optional.of(new Setting.OfCount(moved));
      }
      Length length = ((Setting.OfLength) now).length();
      Length step = derivation.job().marks().step();
      Length mark = derivation.job().marks().floor(length);
      boolean between = steps < 0 && !mark.equals(length);
      Length moved = mark.plus(Length.ofUnits(step.units() * (between ? steps + 1 : steps)));
      return moved.compareTo(Topper.least(parameter.id())) < 0
              || moved.compareTo(LengthParser.LONGEST) > 0
          ? Optional.empty()
          : Optional.of(new Setting.OfLength(moved));
    }
  }
}
