package cufflink.bench;

import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.files.pattern.PatternLibrary;

/** The cards that are measured: the most complex of those shipped, at its most complex. */
final class Cards {
  static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  static final Pattern ACCORDION = LIBRARY.pattern("stepped-accordion").orElseThrow();

  private Cards() {}

  /** Returns an accordion of ten panels with eleven layers. */
  static Job accordion() {
    return Job.begun(
        "Accordion",
        Edition.atHand(ACCORDION.id()),
        ACCORDION.normalValues().and("panels", new Setting.OfCount(10)),
        Tools.usual(Marks.MILLIMETRES));
  }

  /** Returns the squash card, whose folds meet in three places. */
  static Job job(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return Job.begun(
        id, Edition.atHand(id), pattern.normalValues(), Tools.usual(Marks.MILLIMETRES));
  }

  static Derivation squash() {
    Pattern pattern = LIBRARY.pattern("squash-card").orElseThrow();
    Job job =
        Job.begun(
            pattern.name(),
            Edition.atHand(pattern.id()),
            pattern.normalValues(),
            Tools.usual(Marks.MILLIMETRES));
    return Derivation.of(pattern, job);
  }
}
