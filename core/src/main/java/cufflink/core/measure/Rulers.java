package cufflink.core.measure;

import java.util.Objects;

/**
 * The marks that a maker works on: those of the card, and those of the layers, which may be others.
 *
 * @param card the marks on which cards are cut and scored
 * @param layers the marks on which papers that are glued on are cut
 */
public record Rulers(Marks card, Marks layers) {
  /** Checks that nothing is missing. */
  public Rulers {
    Objects.requireNonNull(card);
    Objects.requireNonNull(layers);
  }

  /**
   * Takes one ruler for all.
   *
   * @param marks its marks
   * @return the same marks for cards and layers
   */
  public static Rulers one(Marks marks) {
    return new Rulers(marks, marks);
  }

  /**
   * Says whether cards and layers are on the same marks.
   *
   * @return true if they are
   */
  public boolean isOne() {
    return card.equals(layers);
  }

  /**
   * Returns the marks for something.
   *
   * @param isLayer whether it is glued on as a layer
   * @return its marks
   */
  public Marks of(boolean isLayer) {
    return isLayer ? layers : card;
  }

  /**
   * Returns the same with other marks for the card; the layers go with it if they were on the same.
   *
   * @param now the marks of the card
   * @return the changed marks
   */
  public Rulers withCard(Marks now) {
    return isOne() ? one(now) : new Rulers(now, layers);
  }
}
