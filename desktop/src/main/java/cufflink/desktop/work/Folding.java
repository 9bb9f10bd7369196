package cufflink.desktop.work;

import cufflink.core.design.Design;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.FoldModel;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Materials;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;

/** Folds the card in thought, beside the window's own thread, once its sizes have come to rest. */
public final class Folding {
  private static final Duration AT_REST = Duration.millis(250);
  private static final ExecutorService FOLDER =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "folder");
            thread.setDaemon(true);
            return thread;
          });

  private final ReadOnlyObjectWrapper<Optional<Folded>> folded =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Asked last;
  private volatile int asked;

  /** What the folding depends on. */
  private record Asked(Design design, Materials materials) {}

  /**
   * A card that was folded in thought.
   *
   * @param design the card
   * @param model the card, put together
   * @param report what came of it
   */
  public record Folded(Design design, FoldModel model, FoldReport report) {}

  /**
   * Returns what came of folding the card.
   *
   * @return the last that is known; it may be of a card before the present one
   */
  public ReadOnlyObjectProperty<Optional<Folded>> folded() {
    return folded.getReadOnlyProperty();
  }

  /**
   * Returns what came of folding a card.
   *
   * @param derivation what follows from the job
   * @return what is known of just this card
   */
  public Optional<Folded> of(Derivation derivation) {
    return derivation
        .made()
        .flatMap(made -> folded.get().filter(each -> each.design().equals(made.design())));
  }

  /**
   * Asks for a card to be folded; only the last one asked for is answered.
   *
   * @param derivation what follows from the job
   */
  public void ask(Derivation derivation) {
    if (derivation.made().isEmpty()) {
      return;
    }
    Derivation.Made made = derivation.made().get();
    Asked now = new Asked(made.design(), derivation.job().materials());
    if (now.equals(last)) {
      return;
    }
    last = now;
    int question = ++asked;
    PauseTransition rest = new PauseTransition(AT_REST);
    rest.setOnFinished(
        event -> {
          if (question == asked) {
            FOLDER.execute(() -> fold(now, made.flat(), question));
          }
        });
    rest.play();
  }

  private void fold(Asked card, FlatPattern flat, int question) {
    FoldModel model = FoldModel.assembled(card.design(), flat);
    FoldReport report =
        FoldReport.of(card.design(), model, card.materials(), () -> question != asked);
    Platform.runLater(
        () -> {
          if (question == asked) {
            folded.set(Optional.of(new Folded(card.design(), model, report)));
          }
        });
  }
}
