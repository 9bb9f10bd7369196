package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import java.util.function.Function;

/**
 * The card itself beside the paper that is worked on: closed from the front while its outside is
 * looked at, opened while its inside is. It follows once the card has been folded in thought.
 */
final class CardBeside {
  /** A narrower window has room for the paper only. */
  private static final double NARROW = 720;

  /** So much of the width it takes. */
  private static final double SHARE = 0.34;

  /** Rulers and numbers around a paper take about so many pixels. */
  private static final double AROUND = 150;

  /** So much larger the paper is to be before the card is put below it. */
  private static final double MUCH = 1.15;

  /** From straight above it would lie flat as the paper does. */
  private static final double LOOKS_DOWN = 20;

  private final Workbench bench;
  private Optional<Seen> last = Optional.empty();

  /** What was folded last, of which job. */
  private record Seen(String job, FoldModel model, Design design) {}

  CardBeside(Workbench bench) {
    this.bench = bench;
  }

  /**
   * Draws the paper, and beside it the card as far as that is known; below it if the paper is so
   * much wider than high that it is then drawn much larger.
   */
  Drawing draw(
      Derivation derivation, Piece host, Face face, Surface on, Function<Surface, Drawing> paper) {
    derivation
        .made()
        .ifPresent(
            made ->
                bench
                    .folding()
                    .of(made.card())
                    .map(FoldReport::model)
                    .ifPresent(
                        model ->
                            last = Optional.of(new Seen(key(derivation), model, made.design()))));
    Optional<Seen> seen = last.filter(each -> each.job().equals(key(derivation)));
    if (seen.isEmpty() || on.width() < NARROW) {
      return paper.apply(on);
    }
    // The paper is drawn as large as may be; where that is much the same, the card is.
    double beside = scale(host, on.width() * (1 - SHARE), on.height());
    boolean isWide = scale(host, on.width(), on.height() * (1 - SHARE)) > beside * MUCH;
    double wide = Math.rint(on.width() * (isWide ? 1 : SHARE));
    double high = Math.rint(isWide ? on.height() * SHARE : Math.min(on.height(), wide));
    Drawing drawing =
        paper.apply(
            isWide
                ? sized(on, on.width(), on.height() - high)
                : sized(on, on.width() - wide, on.height()));
    Surface room = sized(on, wide, high);
    FoldModel model = seen.get().model();
    int opened = Math.min(model.stages().size(), model.closing() + 1);
    double moment = model.shown(face == Face.OUTSIDE ? model.closing() : opened);
    // What stands is seen as it is pictured; what lies, from above.
    boolean lies = model.layering().lies(face == Face.OUTSIDE ? model.closing() : opened);
    Look usual = derivation.look().drawnOut(0);
    Look look = lies ? usual.from(0, LOOKS_DOWN, 0) : usual;
    Drawing picture = Portrait.of(model, seen.get().design(), look, moment, room);
    return isWide ? drawing.above(picture) : drawing.beside(picture);
  }

  /** About how large paper is drawn, in pixels for a millimetre, with its ruler and numbers. */
  private static double scale(Piece host, double width, double height) {
    return Math.min(
        (width - AROUND) / host.width().toMillimetres(),
        (height - AROUND) / host.height().toMillimetres());
  }

  private static String key(Derivation derivation) {
    return derivation.job().id() + " " + derivation.pattern().id();
  }

  private static Surface sized(Surface on, double width, double height) {
    return new Surface(width, height, on.marks(), on.format(), on.measure(), on.textSize());
  }
}
