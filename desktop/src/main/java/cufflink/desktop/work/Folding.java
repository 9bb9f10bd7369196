package cufflink.desktop.work;

import cufflink.core.card.Card;
import cufflink.core.design.Design;
import cufflink.core.glue.GluingOrder;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Materials;
import cufflink.desktop.wait.Asking;
import cufflink.desktop.wait.Latest;
import cufflink.files.inspect.Answer;
import cufflink.files.inspect.Answers;
import java.util.List;
import java.util.Optional;
import javafx.util.Duration;

/** Folds the card in thought, once its sizes have come to rest. */
public final class Folding {
  private static final Duration AT_REST = Duration.millis(250);

  private final Latest<Asked, FoldReport> folder = new Latest<>("folding", AT_REST, Folding::fold);

  private final Curing curing = new Curing();
  private final Latest<Answered, List<Answer>> answerer =
      new Latest<>(
          "answering",
          AT_REST,
          (asked, asking) ->
              Answers.of(asked.whole(), asked.report(), asked.format(), asked.own()));

  private final Latest<Glued, GluingOrder> gluer =
      new Latest<>(
          "gluing",
          Duration.millis(80),
          (asked, asking) -> GluingOrder.of(asked.design(), asked.wish()));

  Folding() {}

  /**
   * Returns what looks for cures of what goes wrong.
   *
   * @return the curer of this table
   */
  public Curing curing() {
    return curing;
  }

  /**
   * What the answers about a card depend on.
   *
   * @param whole what follows from its job, folded in thought
   * @param report what came of folding it
   * @param format how lengths are written
   * @param own the envelopes that the maker has
   */
  public record Answered(
      Derivation whole, FoldReport report, LengthFormat format, List<Envelope> own) {}

  /**
   * Returns what answers what is asked about a card.
   *
   * @return the answerer; the last it knows may be about a card before the present one
   */
  public Latest<Answered, List<Answer>> answerer() {
    return answerer;
  }

  /**
   * What the order of gluing depends on.
   *
   * @param design the card
   * @param wish what the maker wishes
   */
  public record Glued(Design design, GluingOrder.Wish wish) {}

  /**
   * Returns what finds the order in which the card is put together.
   *
   * @return the finder; the last it knows may be of a card before the present one
   */
  public Latest<Glued, GluingOrder> gluer() {
    return gluer;
  }

  /**
   * Asks for the order in which a card is put together.
   *
   * @param design the card
   * @param wish what the maker wishes
   * @return the order, if it is known
   */
  public Optional<GluingOrder> glued(Design design, GluingOrder.Wish wish) {
    Glued asked = new Glued(design, wish);
    gluer.ask(asked);
    return gluer.answerTo(asked);
  }

  /**
   * What the folding depends on.
   *
   * @param card the card
   * @param materials what goes into it
   */
  public record Asked(Card card, Materials materials) {
    /** Cards of one design are one card. */
    @Override
    public boolean equals(Object other) {
      return other instanceof Asked asked
          && card.folds().equals(asked.card().folds())
          && materials.equals(asked.materials());
    }

    @Override
    public int hashCode() {
      return 31 * card.folds().hashCode() + materials.hashCode();
    }
  }

  /**
   * Returns what folds.
   *
   * @return the folder; the last it knows may be of a card before the present one
   */
  public Latest<Asked, FoldReport> folder() {
    return folder;
  }

  /**
   * Returns what came of folding a card.
   *
   * @param card the card
   * @return what is known of just this card
   */
  public Optional<FoldReport> of(Card card) {
    return folder
        .answered()
        .get()
        .filter(each -> each.question().card().folds().equals(card.folds()))
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
        .ifPresent(made -> folder.ask(new Asked(made.card(), derivation.job().materials())));
  }

  /** Adds to what is on the table what was waiting for it to be folded, such as a band. */
  void complete(Workbench bench) {
    Derivation now = bench.derivation().get().orElse(null);
    Optional<FoldReport> report =
        Optional.ofNullable(now)
            .flatMap(Derivation::made)
            .map(Derivation.Made::card)
            .flatMap(this::of);
    report
        .map(now::completed)
        .filter(whole -> whole != now)
        .ifPresent(whole -> bench.show(whole, bench.notice().get()));
  }

  private static FoldReport fold(Asked asked, Asking asking) {
    return FoldReport.of(asked.card(), asked.materials(), asking::stops);
  }
}
