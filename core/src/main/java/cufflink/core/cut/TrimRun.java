package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * The cuts of a plan in an order that a person can follow.
 *
 * @param settings the settings of the fence one after another, each with its cuts
 */
public record TrimRun(List<Setting> settings) {
  /**
   * Cuts that are made without moving the fence.
   *
   * @param fence from the fence to the blade
   * @param steps the cuts in order
   */
  public record Setting(Length fence, List<TrimStep> steps) {
    /** Copies the list. */
    public Setting {
      steps = List.copyOf(steps);
    }
  }

  /** Copies the list. */
  public TrimRun {
    settings = List.copyOf(settings);
  }

  /**
   * Orders the cuts of a plan.
   *
   * @param plan the plan
   * @param trimmer what it is cut with
   * @return the run
   */
  public static TrimRun of(CutPlan plan, Trimmer trimmer) {
    List<Setting> settings = new ArrayList<>();
    List<TrimStep> same = new ArrayList<>();
    for (TrimStep step : new TrimOrder(plan, trimmer).steps()) {
      if (!same.isEmpty() && !same.get(0).fence().equals(step.fence())) {
        settings.add(new Setting(same.get(0).fence(), same));
        same = new ArrayList<>();
      }
      same.add(step);
    }
    if (!same.isEmpty()) {
      settings.add(new Setting(same.get(0).fence(), same));
    }
    return new TrimRun(settings);
  }

  /**
   * Returns all cuts.
   *
   * @return the cuts in order
   */
  public List<TrimStep> steps() {
    return settings.stream().flatMap(each -> each.steps().stream()).toList();
  }

  /**
   * Returns the off-cuts worth keeping.
   *
   * @return one result for each, with how often it comes in its step
   */
  public List<TrimStep.Result> offCuts() {
    List<TrimStep.Result> kept = new ArrayList<>();
    for (TrimStep step : steps()) {
      for (TrimStep.Result result : List.of(step.first(), step.rest())) {
        for (int i = 0; i < step.times() && result.becomes() == TrimStep.Becomes.OFF_CUT; i++) {
          kept.add(result);
        }
      }
    }
    return kept;
  }
}
