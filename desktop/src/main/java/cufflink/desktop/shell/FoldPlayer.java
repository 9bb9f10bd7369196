package cufflink.desktop.shell;

import javafx.animation.AnimationTimer;

/** Runs the folding from where it is to where the card is closed, and then to its end. */
final class FoldPlayer extends AnimationTimer {
  private static final double NANOS = 1e9;
  private static final double STAGES_PER_SECOND = 0.7;

  private final FoldScrubber scrubber;
  private long last;

  FoldPlayer(FoldScrubber scrubber) {
    this.scrubber = scrubber;
  }

  @Override
  public void start() {
    last = 0;
    super.start();
  }

  @Override
  public void handle(long now) {
    double seconds = last == 0 ? 0 : (now - last) / NANOS;
    last = now;
    double before = scrubber.moment();
    double moment = before + seconds * STAGES_PER_SECOND;
    boolean closes = before < scrubber.closing() && moment >= scrubber.closing();
    scrubber.setMoment(closes ? scrubber.closing() : moment);
    if (closes || moment >= scrubber.stages()) {
      stop();
    }
  }
}
