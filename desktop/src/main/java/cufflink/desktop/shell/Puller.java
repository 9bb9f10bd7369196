package cufflink.desktop.shell;

import cufflink.core.design.Piece;
import cufflink.core.drawing.Pull;
import cufflink.core.fit.Ruled;
import cufflink.core.guide.Guides;
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

  /** What is so many pixels from a line is laid on it. */
  private static final double NEAR = 7;

  private Optional<Held> held = Optional.empty();
  private Optional<Guides.Found> found = Optional.empty();
  private double scale = 1;
  private boolean isTurnedOver;

  /** What is held, and the job as it was when it was taken hold of. */
  private static final class Held {
    private final Job before;
    private final Ruled ruled;
    private final Pull pull;
    private final Guides guides;
    private final Ref ref;
    private double right;
    private double below;

    private Held(Derivation derivation, Ruled ruled, Pull pull, Ref ref) {
      Derivation.Made made = derivation.made().orElseThrow();
      this.before = derivation.job();
      this.ruled = ruled;
      this.pull = pull;
      this.ref = ref;
      this.guides = Guides.of(made.design(), ref, made.card().flat().tolerances());
    }
  }

  Puller(Workbench bench) {
    this.bench = bench;
  }

  /** Takes note of how large the paper is drawn, and whether it lies turned over like a page. */
  Drawing over(Drawing drawing, boolean turnedOver) {
    scale = drawing.scale();
    isTurnedOver = turnedOver;
    Optional<Piece> piece =
        held.flatMap(
            it ->
                bench.derivation().get().stream()
                    .flatMap(derivation -> derivation.made().stream())
                    .flatMap(made -> made.design().piece(it.ref.piece()).stream())
                    .findFirst());
    return piece.isPresent() && found.isPresent()
        ? Guides.on(drawing, piece.get(), found.get(), turnedOver)
        : drawing;
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
      held = Optional.of(new Held(derivation, ruled, pull, at.get()));
    }
  }

  /** Pulls what is held so many pixels on. */
  void drag(double right, double below) {
    held.ifPresent(
        it -> {
          it.right += isTurnedOver ? -right : right;
          it.below += below;
          Guides.Found lined = it.guides.find(it.right / scale, it.below / scale, NEAR / scale);
          found = Optional.of(lined);
          Map<String, Length> to = it.pull.to(lined.right(), lined.below(), it.ruled::of);
          bench.sizing().pull(it.before, to);
        });
  }

  /** Lets go: what is pulled next is taken back by itself. */
  void release() {
    if (held.isPresent()) {
      boolean isLined = found.filter(it -> !it.lines().isEmpty()).isPresent();
      held = Optional.empty();
      found = Optional.empty();
      bench.sizing().finish();
      if (isLined) {
        // The lines go as the hand lets go.
        bench.making().tell(bench.notice().get());
      }
    }
  }
}
