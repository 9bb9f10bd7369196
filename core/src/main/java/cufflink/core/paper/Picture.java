package cufflink.core.paper;

import cufflink.core.measure.Length;
import java.util.Objects;

/**
 * A maker's own paper as a picture shows it: a whole sheet, at its true size.
 *
 * @param name the name under which the picture is kept
 * @param label what the maker knows it by
 * @param wide how wide the paper in the picture is, above nought
 * @param high how high, above nought
 * @param mean the colour that it has from afar, red, green and blue, eight bits each
 */
public record Picture(String name, String label, Length wide, Length high, int mean) {
  /** No sheet in a picture is larger; posters end here (ISO 216, A0 is 1189 high). */
  public static final Length LARGEST = Length.ofMillimetres(1_200);

  /** Nothing smaller is a sheet of paper; our decision. */
  public static final Length SMALLEST = Length.ofMillimetres(20);

  /** Checks the figures. */
  public Picture {
    Objects.requireNonNull(name);
    Objects.requireNonNull(label);
    if (!isSheet(wide) || !isSheet(high)) {
      throw new IllegalArgumentException("a picture of paper " + wide + " by " + high);
    }
  }

  /**
   * Says whether a side may be that of a sheet.
   *
   * @param side a length
   * @return whether it is from 20 mm to 1200 mm
   */
  public static boolean isSheet(Length side) {
    return side.compareTo(SMALLEST) >= 0 && side.compareTo(LARGEST) <= 0;
  }

  /**
   * Returns the same picture of larger or smaller paper.
   *
   * @param now how wide the paper in it is
   * @return the picture, as high as it must be; the same as before if that is no sheet
   */
  public Picture wide(Length now) {
    Length high = Length.fromMillimetres(now.toMillimetres() * share());
    return isSheet(now) && isSheet(high) ? new Picture(name, label, now, high, mean) : this;
  }

  private double share() {
    return high.toMillimetres() / wide.toMillimetres();
  }

  /**
   * Where on the sheet a part is cut.
   *
   * @param left from the sheet's left edge, not below nought
   * @param top from its top edge, not below nought
   * @param quarters how many quarter turns clockwise the part is given before it is put on, from 0
   *     to 3
   */
  public record Spot(Length left, Length top, int quarters) {
    /** Checks the turns. */
    public Spot {
      if (quarters < 0 || quarters > 3) {
        throw new IllegalArgumentException(quarters + " quarter turns");
      }
    }

    /** Says whether the part lies across on the sheet. */
    public boolean isAcross() {
      return quarters % 2 == 1;
    }

    /** Returns the same place, the part turned once more. */
    public Spot turned() {
      return new Spot(left, top, (quarters + 1) % 4);
    }

    /** Returns another place on the sheet. */
    public Spot at(Length newLeft, Length newTop) {
      return new Spot(newLeft, newTop, quarters);
    }
  }

  /**
   * Keeps a part on the sheet.
   *
   * @param spot where it was to be cut
   * @param width how wide it is as it lies on the card
   * @param height how high
   * @return the nearest place where the sheet holds it; its left or top edge if it never does
   */
  public Spot within(Spot spot, Length width, Length height) {
    Length across = spot.isAcross() ? height : width;
    Length down = spot.isAcross() ? width : height;
    return spot.at(
        spot.left().min(wide.minus(across)).max(Length.ZERO),
        spot.top().min(high.minus(down)).max(Length.ZERO));
  }

  /**
   * Says whether the sheet is large enough for a part.
   *
   * @param quarters how many quarter turns it is given
   * @param width how wide it is as it lies on the card
   * @param height how high
   * @return whether it can be cut in one piece
   */
  public boolean holds(int quarters, Length width, Length height) {
    Length across = quarters % 2 == 1 ? height : width;
    Length down = quarters % 2 == 1 ? width : height;
    return across.compareTo(wide) <= 0 && down.compareTo(high) <= 0;
  }
}
