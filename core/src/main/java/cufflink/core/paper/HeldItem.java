package cufflink.core.paper;

import cufflink.core.measure.Length;

/**
 * Something a card is to hold.
 *
 * @param id its name in files and commands, such as "gift-card"
 * @param label the maker's name for it
 * @param width one side
 * @param height the other side
 * @param thick how thick it is, zero or more
 */
public record HeldItem(String id, String label, Length width, Length height, Length thick) {
  /** How thick something is of which nothing else is known; common practice, no source. */
  public static final Length USUALLY_THICK = Length.ofMillimetres(1);

  /**
   * Makes something of the usual thickness.
   *
   * @param id its name in files and commands
   * @param label the maker's name for it
   * @param width one side
   * @param height the other side
   */
  public HeldItem(String id, String label, Length width, Length height) {
    this(id, label, width, height, USUALLY_THICK);
  }

  /**
   * Returns something that is on no list.
   *
   * @param label what it is called
   * @param width one side
   * @param height the other side
   * @return the item
   */
  public static HeldItem own(String label, Length width, Length height) {
    return new HeldItem("own", label, width, height);
  }

  /** Checks the sides. */
  public HeldItem {
    if (!width.isPositive() || !height.isPositive() || thick.compareTo(Length.ZERO) < 0) {
      throw new IllegalArgumentException("nothing is " + width + " by " + height + " by " + thick);
    }
  }

  /**
   * Returns how much room is left beside and above the item in a pocket, turned the better way.
   *
   * <p>The item must go between the glue, must not stand higher than the room, and at least half of
   * it must be inside the pocket, or it falls out.
   *
   * @param mouth the width of the pocket's mouth
   * @param depth the pocket's depth
   * @param room how tall something in it may stand
   * @return the clearance; below zero by how much it does not fit
   */
  public Length clearance(Length mouth, Length depth, Length room) {
    return clearance(width, height, mouth, depth, room)
        .max(clearance(height, width, mouth, depth, room));
  }

  private static Length clearance(
      Length across, Length tall, Length mouth, Length depth, Length room) {
    Length half = Length.ofUnits(tall.units() / 2);
    return mouth.minus(across).min(room.minus(tall)).min(depth.minus(half));
  }
}
