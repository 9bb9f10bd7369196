package cufflink.desktop.shell;

import cufflink.core.drawing.Portrait;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.files.words.Words;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/** Draws what a card holds out of its pocket, and slides it in again. */
final class HeldPull extends AnimationTimer {
  /** How long either takes, in nanoseconds. */
  private static final double TAKES = 2e8;

  private final Runnable redraw;
  private boolean isOut;
  private double drawn;
  private long last;

  HeldPull(Runnable redraw) {
    this.redraw = redraw;
  }

  /** Returns a card with what it holds drawn out as far as it is now. */
  Look look(Look usual) {
    return usual.drawnOut(drawn);
  }

  /** Returns a button for a card that holds something in a pocket with a mouth. */
  Optional<Button> button(Derivation derivation) {
    boolean draws =
        derivation
            .made()
            .filter(made -> Portrait.draws(made.design(), derivation.look()))
            .isPresent();
    if (!draws) {
      return Optional.empty();
    }
    Button button = new Button(says());
    button.setMinWidth(HBox.USE_PREF_SIZE);
    button.setOnAction(
        event -> {
          isOut = !isOut;
          button.setText(says());
          last = 0;
          start();
        });
    return Optional.of(button);
  }

  private String says() {
    return Words.say(isOut ? "fold.slide-in" : "fold.draw-out");
  }

  @Override
  public void handle(long now) {
    double step = last == 0 ? 0 : (now - last) / TAKES;
    last = now;
    drawn = Math.max(0, Math.min(1, drawn + (isOut ? step : -step)));
    redraw.run();
    if (drawn == (isOut ? 1 : 0)) {
      stop();
    }
  }
}
