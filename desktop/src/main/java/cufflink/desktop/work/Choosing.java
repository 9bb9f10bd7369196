package cufflink.desktop.work;

import cufflink.core.fit.Goal;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Relayer;
import cufflink.core.fit.SheetUse;
import cufflink.core.fit.Wish;
import cufflink.core.job.Cutting;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.Tools;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import java.util.Optional;
import java.util.Set;

/** The ways to begin a job. */
public final class Choosing {
  private final Workbench bench;

  Choosing(Workbench bench) {
    this.bench = bench;
  }

  /**
   * Begins a job from a construction.
   *
   * @param pattern the construction
   */
  public void choose(Pattern pattern) {
    Marks marks = bench.rulers().last();
    Values values = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
    Job job = Job.begun(pattern.name(), bench.editions().of(pattern), values, Tools.usual(marks));
    bench.lay(job, Optional.empty());
  }

  /**
   * Begins a job from an offer on the shelf.
   *
   * @param offer the construction and its size
   * @param wish what was looked for
   */
  public void choose(Offer offer, Wish wish) {
    Marks marks = bench.rulers().last();
    Job job =
        Job.begun(
                offer.pattern().name(),
                bench.editions().of(offer.pattern()),
                offer.values(),
                Tools.usual(marks))
            .withGoal(wish.goal(marks));
    bench.lay(
        job.withItem(wish.item())
            .withOrder(Order.ONE.withCopies(wish.copies()))
            .withCutting(cutting(offer, wish.copies())),
        Optional.empty());
  }

  /** What was promised from a sheet is cut from it. */
  private static Cutting cutting(Offer offer, int copies) {
    Cutting cutting = Cutting.USUAL.withSheet(PaperRole.CARDSTOCK, offer.sheet());
    boolean layersToo =
        SheetUse.of(offer.design(), PaperKind.PATTERNED, copies, offer.sheet()).isPresent();
    return layersToo ? cutting.withSheet(PaperRole.PATTERNED, offer.sheet()) : cutting;
  }

  /**
   * Takes another size of the same construction.
   *
   * @param offer the size and the envelope it is for
   */
  public void take(Offer offer) {
    Job job = bench.job().orElseThrow();
    Goal goal =
        offer
            .envelope()
            .map(each -> (Goal) new Goal.ForEnvelope(each, Envelope.usualClearance(job.marks())))
            .orElse(job.goal());
    bench.change(job.withValues(offer.values()).withGoal(goal), "", "");
  }
}
