package cufflink.core.job;

import cufflink.core.finding.Sentence;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A job that came from a file, made to fit its construction: what is missing or makes no sense is
 * as the construction has it, and that is said.
 *
 * @param job the job with a usable value for everything
 * @param told what was put in, one sentence for each value
 */
public record Mended(Job job, List<Sentence> told) {
  /** Copies the list. */
  public Mended {
    told = List.copyOf(told);
  }

  /**
   * Fits a job to its construction.
   *
   * @param pattern the construction
   * @param job the job as it was read
   * @return the job, mended where it had to be
   */
  public static Mended of(Pattern pattern, Job job) {
    Values values = job.values();
    List<Sentence> told = new ArrayList<>();
    for (Parameter parameter : pattern.parameters()) {
      Optional<Setting> given = values.get(parameter.id());
      if (given.filter(each -> suits(parameter, each)).isPresent()) {
        continue;
      }
      if (given.isEmpty() && parameter.allowance().isPresent()) {
        continue;
      }
      boolean reckoned = parameter.allowance().isPresent();
      values =
          reckoned
              ? values.without(java.util.Set.of(parameter.id()))
              : values.and(parameter.id(), parameter.normal());
      told.add(
          Sentence.of(
              given.isPresent() ? "mended.senseless" : "mended.missing", parameter.label()));
    }
    return told.isEmpty() ? new Mended(job, told) : new Mended(job.withValues(values), told);
  }

  private static boolean suits(Parameter parameter, Setting setting) {
    if (setting instanceof Setting.OfChoice choice) {
      return parameter.choices().stream().anyMatch(each -> each.id().equals(choice.name()));
    }
    return setting.getClass().equals(parameter.normal().getClass());
  }
}
