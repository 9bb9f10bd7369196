package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.paper.HeldItem;
import cufflink.core.plane.Area;
import cufflink.core.plane.Side;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Room for something to be held, inside all glue.
 *
 * @param id unique within the design
 * @param label the maker's name for it
 * @param on the piece it is part of
 * @param width how wide the mouth is inside the glue, above zero
 * @param depth how deep it is from the mouth, above zero
 * @param room how tall something in it may stand before it passes the closed card, at least the
 *     depth
 * @param area where on its piece it lies, as far as the pattern says so
 * @param places where what it holds is seen; empty if the pattern does not say
 */
public record Pocket(
    String id,
    String label,
    String on,
    Length width,
    Length depth,
    Length room,
    Optional<Area> area,
    List<Inside> places) {
  /**
   * Where something in the pocket lies.
   *
   * @param by the joint that puts on the copy of the piece that is meant; empty for the first one
   * @param face the face of the piece it lies on
   * @param area the room there
   * @param mouth where it is pulled out; {@link Side#NONE} if it lies loose or under ribbons
   * @param during the joint and line about which the card is open while it lies there; empty if it
   *     always does
   */
  public record Inside(
      Optional<String> by, Face face, Area area, Side mouth, Optional<Mover.Hinge> during) {}

  /** Copies the list. */
  public Pocket {
    places = List.copyOf(places);
  }

  /**
   * Returns the pocket that a joint makes.
   *
   * @param joint a joint with a mouth
   * @param label the maker's name for the pocket
   * @param host the piece that it is on
   * @return the room between its glue, as wide and deep as possible; nought if nothing is left
   */
  public static Pocket of(Joint joint, String label, Piece host) {
    return new PocketRoom(joint).pocket(label, host);
  }

  /**
   * Returns how much room something leaves in the pocket, turned the better way.
   *
   * @param item what is to be held
   * @return the clearance, below zero if it does not go in
   */
  public Length clearance(HeldItem item) {
    return item.clearance(width, depth, room);
  }

  /**
   * Finds the pocket that holds something best.
   *
   * @param pockets some pockets
   * @param item what is to be held
   * @return the first of those with most room for it, even if it does not go in; empty if there are
   *     no pockets
   */
  public static Optional<Pocket> best(List<Pocket> pockets, HeldItem item) {
    return pockets.stream().max(Comparator.comparing(pocket -> pocket.clearance(item)));
  }
}
