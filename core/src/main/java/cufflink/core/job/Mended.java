package cufflink.core.job;

import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A job that came from a file, made to fit its construction: what is missing or makes no sense is
 * as the construction has it, and that is said.
 *
 * @param job the job with a usable value for everything
 * @param told what was put in, one sentence for each value
 */
public record Mended(Job job, List<Message> told) {
  /** Copies the list. */
  public Mended {
    told = List.copyOf(told);
  }

  /**
   * Fits a job to its construction.
   *
   * @param pattern the construction
   * @param given the job as it was read
   * @return the job, mended where it had to be
   */
  public static Mended of(Pattern pattern, Job given) {
    Job job = renamed(pattern, given);
    Values values = job.values();
    List<Message> told = new ArrayList<>();
    for (Parameter parameter : pattern.parameters()) {
      Optional<Setting> value = values.get(parameter.id());
      if (value.filter(each -> suits(parameter, each)).isPresent()) {
        continue;
      }
      if (value.isEmpty() && parameter.allowance().isPresent()) {
        continue;
      }
      boolean reckoned = parameter.allowance().isPresent();
      values =
          reckoned
              ? values.without(Set.of(parameter.id()))
              : values.and(parameter.id(), parameter.normal());
      told.add(
          Message.of(value.isPresent() ? "mended.senseless" : "mended.missing", parameter.label()));
    }
    return told.isEmpty() ? new Mended(job, told) : new Mended(job.withValues(values), told);
  }

  /** A value that has been given another name takes its number along, and its pin. */
  private static Job renamed(Pattern pattern, Job job) {
    Sizes sizes = job.sizes();
    for (Parameter parameter : pattern.parameters()) {
      for (String before : parameter.formerly()) {
        sizes = renamed(sizes, before, parameter.id());
      }
    }
    return sizes.equals(job.sizes()) ? job : job.with(sizes);
  }

  private static Sizes renamed(Sizes sizes, String before, String now) {
    Set<String> pinned = new HashSet<>(sizes.pinned());
    if (pinned.remove(before)) {
      pinned.add(now);
    }
    return sizes
        .with(
            renamed(sizes.values(), before, now),
            sizes.scaledFrom().map(each -> renamed(each, before, now)))
        .withPinned(pinned);
  }

  private static Values renamed(Values values, String before, String now) {
    Optional<Setting> setting = values.get(before);
    return setting.isPresent() && values.get(now).isEmpty()
        ? values.without(Set.of(before)).and(now, setting.get())
        : values;
  }

  private static boolean suits(Parameter parameter, Setting setting) {
    if (setting instanceof Setting.OfChoice choice) {
      return parameter.choices().stream().anyMatch(each -> each.id().equals(choice.name()));
    }
    return setting.getClass().equals(parameter.normal().getClass());
  }
}
