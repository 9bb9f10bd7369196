package cufflink.desktop.shell;

import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.paper.Picture;
import cufflink.core.scene.Ref;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;

/** A hand that slides the picture on a part, while the part stays where it is. */
final class PictureHand {
  private final Workbench bench;
  private boolean slides;
  private Optional<Cutout> held = Optional.empty();
  private double scale = 1;
  private boolean isTurnedOver;
  private double right;
  private double below;

  PictureHand(Workbench bench) {
    this.bench = bench;
  }

  /** Lets the maker say what the hand moves, once there is a picture. */
  Message words(Derivation derivation, Sentence sentence, Runnable redraw) {
    boolean isPictured =
        derivation
            .made()
            .filter(made -> !Cutout.all(made.design(), derivation.job().papers()).isEmpty())
            .isPresent();
    if (!isPictured) {
      slides = false;
      return Message.NONE;
    }
    String now =
        sentence.choice(
            Words.say(slides ? "look.hand-picture" : "look.hand-part"),
            Words.say("look.hand-hint"),
            () ->
                List.of(
                    Sentence.item(Words.say("look.hand-part"), () -> slide(false, redraw)),
                    Sentence.item(Words.say("look.hand-picture"), () -> slide(true, redraw))));
    return Message.of("look.hand", now);
  }

  private void slide(boolean now, Runnable redraw) {
    slides = now;
    redraw.run();
  }

  /** Takes note of how large the paper is drawn, and whether it lies turned over like a page. */
  void over(double newScale, boolean turnedOver) {
    scale = newScale;
    isTurnedOver = turnedOver;
  }

  /** Takes hold of the picture on what the pointer is at; false if the hand moves parts. */
  boolean press() {
    held = Optional.empty();
    right = 0;
    below = 0;
    if (slides) {
      held =
          bench.chosen().get().stream()
              .findFirst()
              .flatMap(ref -> bench.derivation().get().flatMap(now -> cutout(now, ref)));
    }
    return slides;
  }

  private static Optional<Cutout> cutout(Derivation derivation, Ref ref) {
    return derivation
        .made()
        .map(Derivation.Made::design)
        .flatMap(
            design ->
                Optional.ofNullable(
                    Cutout.all(design, derivation.job().papers()).get(part(design, ref))));
  }

  private static String part(Design design, Ref ref) {
    return design.joints().stream()
        .filter(joint -> joint.id().equals(ref.line()) && joint.on().equals(ref.piece()))
        .map(joint -> joint.piece())
        .findFirst()
        .orElse(ref.piece() + "." + ref.line());
  }

  /** Slides the picture so many pixels on, as one looks at the face. */
  void drag(double more, double down) {
    right += more;
    below += down;
    held.ifPresent(
        it -> {
          double way = isTurnedOver ? -1 : 1;
          Spot across = it.frame().across();
          Spot along = it.frame().down();
          double u = (right * way * across.x() + below * across.y()) / scale;
          double v = (right * way * along.x() + below * along.y()) / scale;
          Picture.Spot spot =
              switch (it.spot().quarters()) {
                case 1 -> moved(it.spot(), v, -u);
                case 2 -> moved(it.spot(), -u, -v);
                case 3 -> moved(it.spot(), -v, u);
                default -> moved(it.spot(), u, v);
              };
          bench
              .making()
              .slide(it.part(), it.within(spot, bench.job().orElseThrow().rulers().layers()));
        });
  }

  /** The part stays and the picture goes on, so that less of its left is cut off. */
  private Picture.Spot moved(Picture.Spot from, double across, double down) {
    return from.at(
        from.left().minus(Length.fromMillimetres(across)),
        from.top().minus(Length.fromMillimetres(down)));
  }

  /** Lets go: what is slid next is taken back by itself. */
  void release() {
    if (held.isPresent()) {
      held = Optional.empty();
      bench.sizing().finish();
    }
  }
}
