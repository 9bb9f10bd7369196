package cufflink.desktop.paper;

import cufflink.core.scene.Ref;
import java.util.List;
import java.util.Optional;

/**
 * A warning planted where it will go wrong.
 *
 * @param places what it stands at, the first that is drawn counting
 * @param sentence what happens at the table
 * @param isError whether the card will not work
 * @param cure what helps, if one press does
 */
public record Flag(List<Ref> places, String sentence, boolean isError, Optional<Cure> cure) {

  /**
   * Something that helps.
   *
   * @param label what it does
   * @param apply does it
   */
  public record Cure(String label, Runnable apply) {}

  /** Copies the places. */
  public Flag {
    places = List.copyOf(places);
  }
}
