package cufflink.desktop.work;

import cufflink.core.design.Design;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.FoldModel;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Tolerance;
import cufflink.core.paper.Materials;
import cufflink.desktop.wait.Asking;
import cufflink.desktop.wait.Latest;
import java.util.Optional;
import javafx.util.Duration;

/** Folds the card in thought, once its sizes have come to rest. */
public final class Folding {
  private static final Duration AT_REST = Duration.millis(250);

  private final Latest<Asked, Folded> folder = new Latest<>("folding", AT_REST, Folding::fold);

  Folding() {}

  /**
   * What the folding depends on.
   *
   * @param design the card
   * @param materials what goes into it
   */
  public record Asked(Design design, Materials materials) {}

  /**
   * A card that was folded in thought.
   *
   * @param model the card, put together
   * @param report what came of it
   */
  public record Folded(FoldModel model, FoldReport report) {}

  /**
   * Returns what folds.
   *
   * @return the folder; the last it knows may be of a card before the present one
   */
  public Latest<Asked, Folded> folder() {
    return folder;
  }

  /**
   * Returns what came of folding a card.
   *
   * @param design the card
   * @return what is known of just this card
   */
  public Optional<Folded> of(Design design) {
    return folder
        .answered()
        .get()
        .filter(each -> each.question().design().equals(design))
        .map(Latest.Answered::answer);
  }

  /**
   * Asks for a card to be folded; only the last one asked for is answered.
   *
   * @param derivation what follows from the job
   */
  public void ask(Derivation derivation) {
    derivation
        .made()
        .ifPresent(made -> folder.ask(new Asked(made.design(), derivation.job().materials())));
  }

  private static Folded fold(Asked card, Asking asking) {
    FlatPattern flat = FlatPattern.of(card.design().base(), Tolerance.PAPER);
    FoldModel model = FoldModel.assembled(card.design(), flat);
    return new Folded(model, FoldReport.of(card.design(), model, card.materials(), asking::stops));
  }
}
