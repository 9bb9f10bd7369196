package cufflink.core.job;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.glue.GluingOrder;
import cufflink.core.measure.Parsed;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/**
 * How many cards a maker wants and what goes with each.
 *
 * @param copies how many cards, from 1 to 10000
 * @param trialFirst whether one card is made alone before the rest
 * @param extras the accessories to make besides, by their names in files, such as "belly-band"
 * @param raised whether layers stand on foam pads instead of lying flat
 * @param kits how many of the cards are not put together yet, their pieces cut, scored and creased
 *     ahead; from 0 to all of them
 * @param toppers what is put on each card beside what its construction has
 * @param own how the maker puts the card together where that is not as is found to be best
 * @param treatments what is stamped, inked or embossed before anything is glued, in its order
 */
public record Order(
    int copies,
    boolean trialFirst,
    Set<String> extras,
    boolean raised,
    int kits,
    List<Topper> toppers,
    GluingOrder.Own own,
    List<Treatment> treatments) {
  /** The most cards in one job. */
  public static final int MOST_COPIES = 10_000;

  /** One card with nothing besides, its layers flat so that it can be posted. */
  public static final Order ONE = new Order(1, false, Set.of(), false, 0);

  /** Copies the set. */
  public Order {
    if (copies < 1 || copies > MOST_COPIES) {
      throw new IllegalArgumentException(copies + " copies");
    }
    if (kits < 0 || kits > copies) {
      throw new IllegalArgumentException(kits + " kits of " + copies);
    }
    extras = Set.copyOf(extras);
    toppers = List.copyOf(toppers);
    treatments = List.copyOf(treatments);
    Objects.requireNonNull(own);
  }

  /** Makes an order in which the card is put together as is best. */
  public Order(int copies, boolean trialFirst, Set<String> extras, boolean raised, int kits) {
    this(copies, trialFirst, extras, raised, kits, List.of(), GluingOrder.Own.NONE, List.of());
  }

  /** Returns the order in which the card is put together in the maker's own way. */
  public Order withOwn(GluingOrder.Own now) {
    return new Order(copies, trialFirst, extras, raised, kits, toppers, now, treatments);
  }

  /** Returns what is put on these cards: what is on more than there are is on all. */
  public List<Topper> put() {
    return toppers.stream().map(each -> each.cards() < copies ? each : each.onCards(0)).toList();
  }

  /** Returns the order with other toppers. */
  public Order withToppers(List<Topper> now) {
    return new Order(copies, trialFirst, extras, raised, kits, now, own, treatments);
  }

  /** Returns the order with other things done to its papers before anything is glued. */
  public Order withTreatments(List<Treatment> now) {
    return new Order(copies, trialFirst, extras, raised, kits, toppers, own, now);
  }

  /** Returns what is to be heeded when the card is put together. */
  public GluingOrder.Wish wish() {
    return new GluingOrder.Wish(raised, own);
  }

  /**
   * Reads a number of copies.
   *
   * @param text what was typed
   * @return the number, or one sentence about why it is none
   */
  public static Parsed<Integer> parseCopies(String text) {
    String typed = text.strip();
    int copies = typed.matches("\\d{1,6}") ? Integer.parseInt(typed) : 0;
    return copies >= 1 && copies <= MOST_COPIES
        ? Parsed.good(copies)
        : Parsed.bad("order.copies", typed, Integer.toString(MOST_COPIES));
  }

  /** Returns the order with another number of copies, from 1 to 10000. */
  public Order withCopies(int now) {
    return new Order(
        now, trialFirst, extras, raised, Math.min(kits, now), toppers, own, treatments);
  }

  /** Returns the order with or without a trial card before the rest. */
  public Order withTrialFirst(boolean now) {
    return new Order(copies, now, extras, raised, kits, toppers, own, treatments);
  }

  /** Returns the order with other accessories. */
  public Order withExtras(Set<String> now) {
    return new Order(copies, trialFirst, now, raised, kits, toppers, own, treatments);
  }

  /** Returns the order with layers raised or flat. */
  public Order withRaised(boolean now) {
    return new Order(copies, trialFirst, extras, now, kits, toppers, own, treatments);
  }

  /** Returns the order with another number of cards that stay kits, from 0 to all of them. */
  public Order withKits(int now) {
    return new Order(copies, trialFirst, extras, raised, now, toppers, own, treatments);
  }

  /**
   * Reads how many cards stay kits.
   *
   * @param text what was typed
   * @return the number, or one sentence about why it is none
   */
  public Parsed<Integer> parseKits(String text) {
    String typed = text.strip();
    int read = typed.matches("\\d{1,6}") ? Integer.parseInt(typed) : -1;
    return read >= 0 && read <= copies
        ? Parsed.good(read)
        : Parsed.bad("order.kits", typed, Integer.toString(copies));
  }
}
