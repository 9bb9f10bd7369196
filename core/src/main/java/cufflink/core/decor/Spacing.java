package cufflink.core.decor;

import cufflink.core.decor.Topper.Measure;
import cufflink.core.measure.Length;
import cufflink.core.value.Values;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Toppers that keep their distances to each other: where one goes, all of its group go. */
public final class Spacing {
  private Spacing() {}

  /**
   * Takes the others of a group along.
   *
   * @param toppers all that is put on
   * @param before their values, before some of them were moved
   * @param after their values now; a group of which several were moved keeps what was said
   * @return the values with which all groups are as they were; none goes farther past an edge than
   *     it may, and then the group stays together as well
   */
  public static Values kept(List<Topper> toppers, Values before, Values after) {
    Values now = after;
    for (Topper topper : toppers) {
      if (topper.group().isEmpty()) {
        continue;
      }
      for (Measure measure : List.of(Measure.LEFT, Measure.TOP)) {
        List<Topper> others =
            toppers.stream()
                .filter(topper::isBeside)
                .filter(each -> each.group().equals(topper.group()))
                .toList();
        Length gone = gone(topper, measure, before, after);
        boolean isAlone =
            others.stream()
                .allMatch(each -> gone(each, measure, before, after).equals(Length.ZERO));
        if (!gone.equals(Length.ZERO) && isAlone) {
          now = moved(topper, others, measure, before, now, gone);
        }
      }
    }
    return now;
  }

  private static Values moved(
      Topper one, List<Topper> others, Measure measure, Values before, Values after, Length gone) {
    Length least = Length.ZERO.minus(Topper.PAST);
    Length far = gone;
    for (Topper each : others) {
      far = far.max(least.minus(at(each, measure, before)));
    }
    Values now = after.and(one.value(measure), at(one, measure, before).plus(far));
    for (Topper each : others) {
      now = now.and(each.value(measure), at(each, measure, before).plus(far));
    }
    return now;
  }

  private static Length gone(Topper topper, Measure measure, Values before, Values after) {
    return at(topper, measure, after).minus(at(topper, measure, before));
  }

  private static Length at(Topper topper, Measure measure, Values values) {
    Length start = measure == Measure.LEFT ? topper.start().left() : topper.start().top();
    return values.length(topper.value(measure)).orElse(start);
  }

  /**
   * Puts two toppers into one group, or takes the second out of it if they are in one.
   *
   * @param toppers all that is put on
   * @param one a topper
   * @param other another on the same face
   * @return all of them; a group that only one would be left of is none
   */
  public static List<Topper> toggled(List<Topper> toppers, Topper one, Topper other) {
    boolean isTogether = !one.group().isEmpty() && one.group().equals(other.group());
    Set<String> joined = new HashSet<>(Set.of(one.id(), other.id()));
    Optional<String> known =
        List.of(one, other).stream().map(Topper::group).filter(it -> !it.isEmpty()).findFirst();
    List<Topper> now =
        toppers.stream()
            .map(
                each -> {
                  boolean isOfOne = !one.group().isEmpty() && each.group().equals(one.group());
                  boolean isOfOther =
                      !other.group().isEmpty() && each.group().equals(other.group());
                  if (isTogether) {
                    return each.id().equals(other.id()) ? each.grouped("") : each;
                  }
                  boolean joins = joined.contains(each.id()) || isOfOne || isOfOther;
                  return joins ? each.grouped(known.orElse(one.id())) : each;
                })
            .toList();
    return now.stream()
        .map(
            each ->
                now.stream().filter(it -> it.group().equals(each.group())).count() > 1
                    ? each
                    : each.grouped(""))
        .toList();
  }
}
