package cufflink.files.fuzz;

import cufflink.core.cut.Trimmer;
import cufflink.core.fit.Goal;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.pattern.Extras;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;

/** Jobs of all kinds: usual ones, on marks and off them, and ones that make no sense. */
final class Trials {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final int MOST_SET = 4;

  private Trials() {}

  static Arbitrary<Trial> any() {
    List<String> ids = LIBRARY.patterns().stream().map(Pattern::id).toList();
    return Arbitraries.of(ids).flatMap(Trials::of);
  }

  static Arbitrary<Trial> of(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return Combinators.combine(values(pattern), goals(), ways(), cuts())
        .as((values, goal, way, cut) -> new Trial(id, values, goal, way, cut));
  }

  private static Arbitrary<Values> values(Pattern pattern) {
    return Arbitraries.of(pattern.parameters())
        .list()
        .ofMaxSize(MOST_SET)
        .uniqueElements()
        .flatMap(
            parameters -> {
              Arbitrary<Values> all = Arbitraries.just(Values.NONE);
              for (Parameter each : parameters) {
                all =
                    Combinators.combine(all, setting(each))
                        .as((values, setting) -> values.and(each.id(), setting));
              }
              return all;
            });
  }

  private static Arbitrary<Setting> setting(Parameter parameter) {
    if (parameter.normal() instanceof Setting.OfLength normal) {
      return length(normal.length()).map(Setting.OfLength::new);
    }
    if (parameter.normal() instanceof Setting.OfCount) {
      return Arbitraries.frequencyOf(
              Tuple.of(6, Arbitraries.longs().between(0, 9)),
              Tuple.of(1, Arbitraries.of(100L, 999_999L)))
          .map(Setting.OfCount::new);
    }
    return Arbitraries.of(parameter.choices()).map(choice -> new Setting.OfChoice(choice.id()));
  }

  /** Lengths near the usual one, on millimetres, sixteenths of an inch or between, and extremes. */
  private static Arbitrary<Length> length(Length normal) {
    long units = normal.units();
    Arbitrary<Long> near = Arbitraries.longs().between(units / 2, units * 2 + 1);
    long millimetre = Length.UNITS_PER_MILLIMETRE;
    long sixteenth = Length.UNITS_PER_INCH / 16;
    return Arbitraries.frequencyOf(
            Tuple.of(4, near.map(each -> each / millimetre * millimetre)),
            Tuple.of(4, near.map(each -> each / sixteenth * sixteenth)),
            Tuple.of(2, near),
            Tuple.of(1, Arbitraries.of(0L, 1L, 8L, millimetre, 10 * units, 10_000 * millimetre)))
        .map(Length::ofUnits);
  }

  private static Arbitrary<Goal> goals() {
    Arbitrary<Long> side = Arbitraries.longs().between(1, 400);
    return Arbitraries.oneOf(
        Arbitraries.just(new Goal.Free()),
        Arbitraries.of(StandardSizes.sheets()).map(Goal.FromSheet::new),
        Combinators.combine(
                Arbitraries.of(StandardSizes.envelopes()), Arbitraries.longs().between(0, 12))
            .as((each, spare) -> new Goal.ForEnvelope(each, Length.ofMillimetres(spare))),
        Combinators.combine(side, side)
            .as((w, h) -> new Goal.Finished(Length.ofMillimetres(w), Length.ofMillimetres(h))),
        Combinators.combine(side, side)
            .as((w, h) -> new Goal.Finished(Length.ofInches(w, 32), Length.ofInches(h, 32))));
  }

  private static Arbitrary<Trial.Way> ways() {
    return Combinators.combine(
            Arbitraries.of(Marks.COMMON),
            Arbitraries.of(true, false),
            Arbitraries.subsetOf(Extras.ALL),
            Arbitraries.of(true, false),
            Arbitraries.of(StandardSizes.items()).optional(0.3))
        .as(
            (marks, keeps, extras, raised, item) ->
                new Trial.Way(marks, keeps, Set.copyOf(extras), raised, item));
  }

  private static Arbitrary<Trial.Cut> cuts() {
    return Combinators.combine(
            Arbitraries.integers().between(1, 12),
            Arbitraries.of(StandardSizes.sheets()),
            Arbitraries.longs().between(60, 450),
            Arbitraries.longs().between(0, 12))
        .as(
            (copies, sheet, longest, edge) ->
                new Trial.Cut(
                    copies,
                    sheet,
                    new Trimmer(
                        Length.ofMillimetres(longest),
                        Length.ofMillimetres(12),
                        Length.ofMillimetres(edge))));
  }
}
