package cufflink.bench;

import cufflink.core.fit.Goal;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Setting;
import cufflink.files.pattern.PatternLibrary;

/** The cards that are measured: the most complex of those shipped, at its most complex. */
final class Cards {
  static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  static final Pattern ACCORDION = LIBRARY.pattern("stepped-accordion").orElseThrow();

  private Cards() {}

  /** Returns an accordion of ten panels with eleven layers. */
  static Job accordion() {
    return new Job(
        "Accordion",
        ACCORDION.id(),
        ACCORDION.normalValues().and("panels", new Setting.OfCount(10)),
        new Goal.Free(),
        Marks.MILLIMETRES,
        true,
        new ScoringHabit(true, Marks.FIVE_MILLIMETRES),
        "");
  }

  /** Returns the squash card, whose folds meet in three places. */
  static Derivation squash() {
    Pattern pattern = LIBRARY.pattern("squash-card").orElseThrow();
    Job job =
        new Job(
            pattern.name(),
            pattern.id(),
            pattern.normalValues(),
            new Goal.Free(),
            Marks.MILLIMETRES,
            true,
            new ScoringHabit(true, Marks.FIVE_MILLIMETRES),
            "");
    return Derivation.of(pattern, job);
  }
}
