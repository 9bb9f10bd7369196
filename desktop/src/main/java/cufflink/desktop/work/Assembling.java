package cufflink.desktop.work;

import cufflink.core.design.Design;
import cufflink.core.glue.GluingOrder;
import cufflink.desktop.wait.Latest;
import java.util.Optional;
import javafx.util.Duration;

/** Finds the order in which the card is put together, once its sizes have come to rest. */
public final class Assembling {
  private static final Duration AT_REST = Duration.millis(80);

  private final Latest<Asked, GluingOrder> finder =
      new Latest<>(
          "gluing", AT_REST, (asked, asking) -> GluingOrder.of(asked.design(), asked.wish()));

  Assembling() {}

  /**
   * What the order depends on.
   *
   * @param design the card
   * @param wish what the maker wishes
   */
  public record Asked(Design design, GluingOrder.Wish wish) {}

  /**
   * Returns what finds the order.
   *
   * @return the finder; the last it knows may be of a card before the present one
   */
  public Latest<Asked, GluingOrder> finder() {
    return finder;
  }

  /**
   * Asks for the order in which a card is put together.
   *
   * @param design the card
   * @param wish what the maker wishes
   * @return the order, if it is known
   */
  public Optional<GluingOrder> of(Design design, GluingOrder.Wish wish) {
    Asked asked = new Asked(design, wish);
    finder.ask(asked);
    return finder.answerTo(asked);
  }
}
