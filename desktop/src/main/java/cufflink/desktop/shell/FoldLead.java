package cufflink.desktop.shell;

import cufflink.core.drawing.FoldFrame.Aim;
import cufflink.core.drawing.FoldFrame.Grip;
import cufflink.core.flat.Spot;
import java.util.List;
import java.util.Optional;

/** Folds by hand: a place that is held is led along the way it can go. */
final class FoldLead {
  private static final List<Double> REACHES = List.of(0.01, 0.25, 0.5);
  private static final double LEAST_SPEED = 20;

  private final FoldScrubber scrubber;

  FoldLead(FoldScrubber scrubber) {
    this.scrubber = scrubber;
  }

  /**
   * Returns how a held place moves on the drawing from here on, or has moved up to here: where one
   * stage ends and the next begins these are not the same. What rises straight towards the eye
   * hardly moves at first; then it is told by where it goes later in the stage.
   */
  private Optional<Spot> speed(Aim aim, Grip held, boolean onwards) {
    double moment = scrubber.moment();
    double end = onwards ? Math.floor(moment) + 1 : Math.ceil(moment) - 1;
    if (end < 0 || end > aim.model().stages().size()) {
      return Optional.empty();
    }
    Spot from = aim.seenAt(moment, held.facet(), held.place());
    return REACHES.stream()
        .map(reach -> onwards ? Math.min(end, moment + reach) : Math.max(end, moment - reach))
        .map(
            other -> {
              Spot to = aim.seenAt(other, held.facet(), held.place());
              double time = other - moment;
              return new Spot((to.x() - from.x()) / time, (to.y() - from.y()) / time);
            })
        .filter(each -> Math.hypot(each.x(), each.y()) >= LEAST_SPEED)
        .findFirst();
  }

  /** Says whether a held place moves now, on or back. */
  boolean moves(Aim aim, Grip held) {
    return speed(aim, held, true).isPresent() || speed(aim, held, false).isPresent();
  }

  /** Leads a held place along the way it can go: on if the pull is that way, else back. */
  void lead(Aim aim, Grip held, double right, double down) {
    for (boolean onwards : new boolean[] {true, false}) {
      Optional<Spot> speed = speed(aim, held, onwards);
      if (speed.isPresent()) {
        double x = speed.get().x();
        double y = speed.get().y();
        double on = (right * x + down * y) / (x * x + y * y);
        if (on > 0 == onwards) {
          scrubber.setMoment(scrubber.moment() + on);
          return;
        }
      }
    }
  }
}
