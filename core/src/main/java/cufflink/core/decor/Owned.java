package cufflink.core.decor;

import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import java.util.Objects;

/**
 * Something a maker has in one size: what cuts, punches or frames a shape, or a stack of labels; a
 * stamp; sheets of paper; envelopes.
 *
 * @param label the maker's name for it, unlike any other's
 * @param use what it is
 * @param shape the shape that comes of it; of a stamp, a sheet or an envelope a rectangle
 * @param across its width, above nought
 * @param down its height, above nought; of a circle the same
 */
public record Owned(String label, Use use, Shape shape, Length across, Length down) {
  /** What something is that a maker owns. */
  public enum Use {
    /** A punch, a die, a frame or a label: a piece comes of it that can be put on a card. */
    PIECE,
    /** A stamp, which prints on what is larger. */
    STAMP,
    /** Paper as it comes from the packet. */
    SHEET,
    /** An envelope. */
    ENVELOPE
  }

  /** Makes something of which a piece comes. */
  public Owned(String label, Shape shape, Length across, Length down) {
    this(label, Use.PIECE, shape, across, down);
  }

  /** Checks its size. */
  public Owned {
    Objects.requireNonNull(shape);
    if (use != Use.PIECE && shape != Shape.RECTANGLE) {
      throw new IllegalArgumentException(label + " is no rectangle");
    }
    if (shape == Shape.OUTLINE) {
      throw new IllegalArgumentException(label + " has no size that tells what fits");
    }
    if (label.isBlank()) {
      throw new IllegalArgumentException("what is owned has no name");
    }
    if (!across.isPositive() || !down.isPositive()) {
      throw new IllegalArgumentException(label + " is " + across + " by " + down);
    }
  }

  /**
   * Says whether another shape lies wholly in this one, upright or on its side, middle on middle.
   *
   * @param other the other shape
   * @return true if it does, also where it just touches
   */
  public boolean holds(Owned other) {
    Length high = other.shape == Shape.RING ? other.across : other.down;
    return holds(other.shape, other.across, high) || holds(other.shape, high, other.across);
  }

  private boolean holds(Shape other, Length wide, Length high) {
    // In a ring there is room in its hole.
    Length room = shape == Shape.RING ? down : across;
    double a = wide.toMillimetres() / room.toMillimetres();
    double b = high.toMillimetres() / down.toMillimetres();
    return switch (shape) {
      case RECTANGLE, OUTLINE -> a <= 1 && b <= 1;
      // The corners of a rectangle lie farthest out; an oval stretched to a disc stays an oval.
      case CIRCLE, OVAL, RING -> other == Shape.RECTANGLE ? a * a + b * b <= 1 : a <= 1 && b <= 1;
    };
  }
}
