package cufflink.desktop.shell;

import cufflink.core.drawing.Pull;
import cufflink.core.fit.Ruled;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.desktop.work.Workbench;
import java.util.Map;
import java.util.Optional;

/** A hand that takes hold of something on the paper and pulls it where it is to lie. */
final class Puller {
  private final Workbench bench;
  private Optional<Held> held = Optional.empty();
  private double scale = 1;
  private boolean isTurnedOver;

  /** What is held, and the job as it was when it was taken hold of. */
  private static final class Held {
    private final Job before;
    private final Ruled ruled;
    private final Pull pull;
    private double right;
    private double below;

    private Held(Job before, Ruled ruled, Pull pull) {
      this.before = before;
      this.ruled = ruled;
      this.pull = pull;
    }
  }

  Puller(Workbench bench) {
    this.bench = bench;
  }

  /** Takes note of how large the paper is drawn, and whether it lies turned over like a page. */
  Drawing over(Drawing drawing, boolean turnedOver) {
    scale = drawing.scale();
    isTurnedOver = turnedOver;
    return drawing;
  }

  /** Takes hold of what the pointer is at, if some value puts it there. */
  void press() {
    release();
    Optional<Derivation> now = bench.derivation().get().filter(it -> it.made().isPresent());
    Optional<Ref> at = bench.chosen().get().stream().findFirst();
    if (now.isEmpty() || at.isEmpty()) {
      return;
    }
    Derivation derivation = now.get();
    Pull pull =
        Pull.of(
            derivation.pattern(), derivation.settled(), derivation.made().get().design(), at.get());
    if (pull.isFree()) {
      Job job = derivation.job();
      Ruled ruled = Ruled.of(derivation.pattern(), job.onBench(), job.rulers());
      held = Optional.of(new Held(job, ruled, pull));
    }
  }

  /** Pulls what is held so many pixels on. */
  void drag(double right, double below) {
    held.ifPresent(
        it -> {
          it.right += isTurnedOver ? -right : right;
          it.below += below;
          Map<String, Length> to = it.pull.to(it.right / scale, it.below / scale, it.ruled::of);
          bench.sizing().pull(it.before, to);
        });
  }

  /** Lets go: what is pulled next is taken back by itself. */
  void release() {
    if (held.isPresent()) {
      held = Optional.empty();
      bench.sizing().finish();
    }
  }
}
