package cufflink.core.paper;

import cufflink.core.measure.Length;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What is used up besides paper, or lies in the drawer, or is to be bought.
 *
 * @param amounts how much of each: numbers, or units of {@link Length} of what comes by the length
 */
public record Sundries(Map<Kind, Long> amounts) {
  /** The most of anything that is believed: a thousand kilometres, or a number like it. */
  public static final long MOST = Length.ofMillimetres(1_000_000_000L).units();

  private static final Comparator<Kind> ORDER =
      Comparator.comparing(Kind::material).thenComparing(Kind::width);

  /** Nothing. */
  public static final Sundries NONE = new Sundries(Map.of());

  /** What comes by the length or by number. */
  public enum Material {
    /** Adhesive that is laid in a line, by its length. */
    TAPE,
    /** Glue dots, by number. */
    DOTS,
    /** Foam pads, by number. */
    PADS,
    /** Ribbon, by its length. */
    RIBBON;

    /** Says whether it comes by the length; what does not is counted. */
    public boolean isLong() {
      return this == TAPE || this == RIBBON;
    }
  }

  /**
   * What is told apart.
   *
   * @param material what it is
   * @param width how wide a ribbon is; nought for anything else
   */
  public record Kind(Material material, Length width) {
    /** Checks that nothing is missing. */
    public Kind {
      Objects.requireNonNull(material);
      if (material == Material.RIBBON != width.isPositive()) {
        throw new IllegalArgumentException(material + " " + width + " wide");
      }
    }

    /** What has no width. */
    public static Kind of(Material material) {
      return new Kind(material, Length.ZERO);
    }

    /** Ribbon of a width. */
    public static Kind ribbon(Length width) {
      return new Kind(Material.RIBBON, width);
    }
  }

  /** Copies the map in one order. */
  public Sundries {
    Map<Kind, Long> copy = new LinkedHashMap<>();
    for (Kind kind : amounts.keySet().stream().sorted(ORDER).toList()) {
      long amount = amounts.get(kind);
      if (amount < 0 || amount > MOST) {
        throw new IllegalArgumentException(amount + " of " + kind);
      }
      copy.put(kind, amount);
    }
    amounts = Collections.unmodifiableMap(copy);
  }

  /**
   * Returns how much there is of something.
   *
   * @param kind what
   * @return the number or the units of length; nought if there is none
   */
  public long of(Kind kind) {
    return amounts.getOrDefault(kind, 0L);
  }

  /** Returns both together, each no more than the most. */
  public Sundries plus(Sundries more) {
    Map<Kind, Long> sum = new LinkedHashMap<>(amounts);
    more.amounts.forEach(
        (kind, amount) -> sum.merge(kind, amount, (a, b) -> Math.min(MOST, a + b)));
    return new Sundries(sum);
  }

  /**
   * Returns what is missing if something is there.
   *
   * @param there what is there
   * @return what is still needed; what there is enough of is left out
   */
  public Sundries less(Sundries there) {
    Map<Kind, Long> missing = new LinkedHashMap<>();
    amounts.forEach(
        (kind, amount) -> {
          if (amount > there.of(kind)) {
            missing.put(kind, amount - there.of(kind));
          }
        });
    return new Sundries(missing);
  }

  /**
   * Returns what is left once something is used up.
   *
   * @param used what is used up
   * @return as much as is left of each, also if that is nought; what was not there is not
   */
  public Sundries without(Sundries used) {
    Map<Kind, Long> left = new LinkedHashMap<>();
    amounts.forEach((kind, amount) -> left.put(kind, Math.max(0, amount - used.of(kind))));
    return new Sundries(left);
  }

  /** Returns only what a maker has said anything of. */
  public Sundries known(Sundries there) {
    Map<Kind, Long> known = new LinkedHashMap<>(amounts);
    known.keySet().retainAll(there.amounts.keySet());
    return new Sundries(known);
  }

  /** Returns the same with another amount of something. */
  public Sundries with(Kind kind, long amount) {
    Map<Kind, Long> now = new LinkedHashMap<>(amounts);
    now.put(kind, amount);
    return new Sundries(now);
  }

  /** Returns the same without a word of something. */
  public Sundries without(Kind kind) {
    Map<Kind, Long> now = new LinkedHashMap<>(amounts);
    now.remove(kind);
    return new Sundries(now);
  }

  /**
   * Says how much there is of each.
   *
   * @return a line for each
   */
  public List<Message> told() {
    List<Message> told = new ArrayList<>();
    amounts.forEach((kind, amount) -> told.add(told(kind, amount)));
    return told;
  }

  /**
   * Says how much there is of something.
   *
   * @param kind what
   * @param amount how much
   * @return a line
   */
  public static Message told(Kind kind, long amount) {
    switch (kind.material()) {
      case TAPE:
        return Message.of("hand.tape", Length.ofUnits(amount));
      case DOTS:
        return Message.of("hand.dots", amount);
      case PADS:
        return Message.of("hand.pads", amount);
      default:
        return Message.of("hand.ribbon", kind.width(), Length.ofUnits(amount));
    }
  }
}
