package cufflink.core.decor;

import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A piece that a maker puts on a card of their own accord: a label, a mat, a figure.
 *
 * <p>It is what it is here; how large it is and where it lies are values like those of a
 * construction, whose names begin with its id, and so they are typed over, pulled, scaled and taken
 * back as those are.
 *
 * @param id unique within the job: {@code own} and a number from 1
 * @param label the maker's name for it
 * @param words what stands on it, lines parted by a slash; empty if nothing does
 * @param shape its shape
 * @param stock what it is cut from
 * @param on the piece it lies on, or the id of another topper
 * @param face the face it lies on
 * @param fixing how it is stuck on
 * @param start its size and place when it was put on
 * @param outline its outline, if it was ever given one; it has that shape while it is one of those
 * @param group what it keeps its distance to is of the same group; empty if it goes by itself
 * @param which on which of several equal pieces, and on how many cards
 */
public record Topper(
    String id,
    String label,
    String words,
    Shape shape,
    Stock stock,
    String on,
    Face face,
    Fixing fixing,
    Start start,
    Optional<Outline> outline,
    String group,
    Which which) {
  /** One on each of several equal pieces. */
  public static final int EACH = 0;

  /** The last of several equal pieces, however many there are. */
  public static final int LAST = 999;

  /** The most cards that one can be meant for by number. */
  public static final int MOST_CARDS = 9_999;

  /** The most toppers on one card. */
  public static final int MOST = 40;

  /** The longest name. */
  public static final int LONGEST = 40;

  /** The most that stands on one. */
  public static final int MOST_WORDS = 80;

  /** No sheet of paper is larger; nor may one lie farther from an edge. */
  public static final Length LARGEST = Length.ofMillimetres(1_200);

  /** How far past the left or top edge one may lie. */
  public static final Length PAST = Length.ofMillimetres(300);

  /** Numbers from here on are given to what is only thought of. */
  private static final int FRESH = 1_000_000;

  private static final String FRESHLY = "1[0-9]{6}";

  /** What the ids begin with. */
  private static final String PREFIX = "own";

  /** A shape. */
  public enum Shape {
    /** It has four corners. */
    RECTANGLE,
    /** It is round, and as high as it is wide. */
    CIRCLE,
    /** It is round, and higher than wide or wider than high. */
    OVAL,
    /** It is a circle with a round hole in its middle; its height is how far that is across. */
    RING,
    /** It has an outline of its own. */
    OUTLINE;

    /**
     * Says whether it is as high as it is wide.
     *
     * @return true for a circle and a ring
     */
    public boolean isEven() {
      return this == CIRCLE || this == RING;
    }
  }

  /** What it is cut from. */
  public enum Stock {
    /** White card, to write or stamp on. */
    WHITE,
    /** The card of the folds. */
    CARD,
    /** The paper of the layers. */
    PATTERNED
  }

  /**
   * How it is stuck on.
   *
   * @param with with what
   * @param byFoot whether only its lower third is, so that the rest stands free
   * @param overhangs whether it may reach past the edge of what it lies on
   * @param tucked whether it lies behind the ribbons that cross it, which hold what is not glued
   */
  public record Fixing(Adhesive with, boolean byFoot, boolean overhangs, boolean tucked) {
    /** Flat, all over, and within the card. */
    public static final Fixing FLAT = new Fixing(Adhesive.LIQUID, false, false);

    /** What nothing is glued with is held by a ribbon, or by nothing. */
    public Fixing {
      tucked |= with == Adhesive.NONE;
    }

    /** Makes one that lies over ribbons. */
    public Fixing(Adhesive with, boolean byFoot, boolean overhangs) {
      this(with, byFoot, overhangs, false);
    }

    /** Returns the same with another adhesive. */
    public Fixing stuck(Adhesive now) {
      return new Fixing(now, byFoot, overhangs, tucked);
    }

    /** Returns the same glued by its foot only, or all over. */
    public Fixing byFoot(boolean now) {
      return new Fixing(with, now, overhangs, tucked);
    }

    /** Returns the same that may reach past the edge, or may not. */
    public Fixing overhanging(boolean now) {
      return new Fixing(with, byFoot, now, tucked);
    }

    /** Returns the same behind the ribbons, or over them; what goes over them is glued. */
    public Fixing tucked(boolean now) {
      Adhesive glue = !now && with == Adhesive.NONE ? Adhesive.LIQUID : with;
      return new Fixing(glue, byFoot, overhangs, now);
    }
  }

  /**
   * Its size and place when it was put on, as one looks at the face it lies on.
   *
   * @param across its width, above nought
   * @param down its height, or that of the hole of a ring, above nought
   * @param left from the left edge of what it lies on
   * @param top from the top edge
   */
  public record Start(Length across, Length down, Length left, Length top) {
    /** Checks that it has a size. */
    public Start {
      if (!across.isPositive() || !down.isPositive()) {
        throw new IllegalArgumentException("a topper of " + across + " by " + down);
      }
    }

    /**
     * Returns what cannot be meant.
     *
     * @return the first measure that is beyond {@link #LARGEST}, or past an edge by more than
     *     {@link #PAST}; empty if none is
     */
    public Optional<Measure> absurd() {
      if (across.compareTo(LARGEST) > 0) {
        return Optional.of(Measure.ACROSS);
      }
      if (down.compareTo(LARGEST) > 0) {
        return Optional.of(Measure.DOWN);
      }
      if (isAbsurd(left)) {
        return Optional.of(Measure.LEFT);
      }
      return isAbsurd(top) ? Optional.of(Measure.TOP) : Optional.empty();
    }

    private static boolean isAbsurd(Length place) {
      return place.compareTo(LARGEST) > 0 || place.plus(PAST).compareTo(Length.ZERO) < 0;
    }
  }

  /**
   * On which of several equal pieces it lies, and on how many cards.
   *
   * @param copy from 1 in the order that the pieces are put on; {@link #EACH} for one on each, and
   *     past the last it is that
   * @param cards on how many cards of a batch, the first ones; 0 for all
   */
  public record Which(int copy, int cards) {
    /** On each of several equal pieces, on all cards. */
    public static final Which ALL = new Which(EACH, 0);

    /** Checks both. */
    public Which {
      if (copy < EACH || copy > LAST || cards < 0 || cards > MOST_CARDS) {
        throw new IllegalArgumentException("a topper on copy " + copy + " of " + cards + " cards");
      }
    }
  }

  /** A value of a topper. */
  public enum Measure {
    /** Its width, or how far a circle is across. */
    ACROSS,
    /** Its height; a circle has none of its own, and of a ring it is that of its hole. */
    DOWN,
    /** From the left edge of what it lies on. */
    LEFT,
    /** From the top edge. */
    TOP,
    /** How far it is tilted, degrees, clockwise above nought. */
    TILT
  }

  /** Checks that nothing is missing. */
  public Topper {
    Objects.requireNonNull(shape);
    Objects.requireNonNull(stock);
    Objects.requireNonNull(face);
    Objects.requireNonNull(fixing);
    Objects.requireNonNull(start);
    if (!isId(id) && !id.matches(PREFIX + FRESHLY)) {
      throw new IllegalArgumentException("a topper called " + id);
    }
    Objects.requireNonNull(which);
    if (shape == Shape.OUTLINE && outline.isEmpty()) {
      throw new IllegalArgumentException("a topper without its outline");
    }
  }

  /** Makes one that has no outline of its own. */
  public Topper(
      String id,
      String label,
      String words,
      Shape shape,
      Stock stock,
      String on,
      Face face,
      Fixing fixing,
      Start start) {
    this(id, label, words, shape, stock, on, face, fixing, start, Optional.empty(), "", Which.ALL);
  }

  /**
   * Says whether a topper may be known by this.
   *
   * @param id a name
   * @return whether it is {@code own} with a number from 1
   */
  public static boolean isId(String id) {
    return id.matches(PREFIX + "[1-9][0-9]{0,5}");
  }

  /**
   * Returns the name of one of its values.
   *
   * @param measure which
   * @return the name, as values and formulas have it
   */
  public String value(Measure measure) {
    return id + "_" + measure.name().toLowerCase(java.util.Locale.ROOT);
  }

  /**
   * Returns an id that no topper has yet.
   *
   * @param others the toppers there are
   * @return the id
   */
  public static String next(List<Topper> others) {
    int number = 1;
    while (has(others, PREFIX + number)) {
      number++;
    }
    return PREFIX + number;
  }

  /**
   * Returns an id for one that is not put on yet and gets its own only then.
   *
   * @param number which of several, from 0
   * @return an id that {@link #isFresh} knows
   */
  public static String fresh(int number) {
    return PREFIX + (FRESH + number);
  }

  /** Says whether it is not put on yet. */
  public boolean isFresh() {
    return !isId(id);
  }

  private static boolean has(List<Topper> others, String id) {
    return others.stream().anyMatch(each -> each.id().equals(id));
  }

  /** Returns the same as it is put on: with an id, a name, a size and a place. */
  public Topper put(String newId, String name, Start at) {
    return new Topper(
        newId, name, words, shape, stock, on, face, fixing, at, outline, group, which);
  }

  /** Returns the same under another name. */
  public Topper named(String now) {
    return new Topper(id, now, words, shape, stock, on, face, fixing, start, outline, group, which);
  }

  /** Returns the same with other words on it. */
  public Topper saying(String now) {
    return new Topper(id, label, now, shape, stock, on, face, fixing, start, outline, group, which);
  }

  /** Returns the same in another shape. */
  public Topper shaped(Shape now) {
    return new Topper(id, label, words, now, stock, on, face, fixing, start, outline, group, which);
  }

  /** Returns the same with an outline of its own. */
  public Topper outlined(Outline now) {
    Shape own = Shape.OUTLINE;
    Optional<Outline> is = Optional.of(now);
    return new Topper(id, label, words, own, stock, on, face, fixing, start, is, group, which);
  }

  /** Returns the same cut from something else. */
  public Topper cutFrom(Stock now) {
    return new Topper(id, label, words, shape, now, on, face, fixing, start, outline, group, which);
  }

  /** Returns the same stuck on otherwise. */
  public Topper fixed(Fixing now) {
    return new Topper(id, label, words, shape, stock, on, face, now, start, outline, group, which);
  }

  /** Returns the same in another group, or in none if that is empty. */
  public Topper grouped(String now) {
    return new Topper(id, label, words, shape, stock, on, face, fixing, start, outline, now, which);
  }

  /** Says whether it lies where another does, so that both have a distance to keep. */
  public boolean isBeside(Topper other) {
    return on.equals(other.on) && face == other.face && !id.equals(other.id);
  }

  /**
   * Returns how little a value may be.
   *
   * @param value the id of a value
   * @return below nought for the places of toppers, which may lie past an edge; else nought
   */
  public static Length least(String value) {
    return isPlace(value) ? Length.ZERO.minus(PAST) : Length.ZERO;
  }

  /** Says whether a value is how far a topper lies from an edge, by the value's id. */
  public static boolean isPlace(String value) {
    return value.matches(PREFIX + "[1-9][0-9]*_(left|top)");
  }

  /** Returns the same on another of several equal pieces, or on each. */
  public Topper onCopy(int now) {
    return among(new Which(now, which.cards()));
  }

  /** Returns the same on so many of the cards, or on all. */
  public Topper onCards(int now) {
    return among(new Which(which.copy(), now));
  }

  private Topper among(Which now) {
    return new Topper(id, label, words, shape, stock, on, face, fixing, start, outline, group, now);
  }

  /** Returns on which of several equal pieces it lies, as {@link Which} has it. */
  public int copy() {
    return which.copy();
  }

  /** Returns on how many cards it is, as {@link Which} has it. */
  public int cards() {
    return which.cards();
  }

  /** Returns the same on another face. */
  public Topper facing(Face now) {
    return new Topper(
        id, label, words, shape, stock, on, now, fixing, start, outline, group, which);
  }
}
