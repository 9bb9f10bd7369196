package cufflink.desktop.shell;

import javafx.animation.AnimationTimer;

/** Goes from one state of a card to another while somebody looks, so that it is seen to move. */
final class Glide extends AnimationTimer {
  private static final double NANOS = 1e9;

  /** How long one stage takes, in seconds; more of them take longer, but not so long each. */
  private static final double STAGE = 0.7;

  private final Runnable redraw;
  private double from;
  private double to;
  private double seconds;
  private long began;
  private double share = 1;

  Glide(Runnable redraw) {
    this.redraw = redraw;
  }

  /** Sets out from where it is, or from a state where it rests. */
  void go(double rest, double target) {
    from = at(rest);
    to = target;
    seconds = STAGE * Math.sqrt(Math.abs(to - from));
    share = seconds > 0 ? 0 : 1;
    began = 0;
    if (share < 1) {
      start();
    }
  }

  /** Returns where it is, if it is on its way to where the card rests; else where that is. */
  double at(double rest) {
    return share < 1 && to == rest ? from + (to - from) * share : rest;
  }

  @Override
  public void handle(long now) {
    began = began == 0 ? now : began;
    share = Math.min(1, (now - began) / NANOS / seconds);
    if (share >= 1) {
      stop();
    }
    redraw.run();
  }
}
