package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.work.Station;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;

/**
 * One station: its question, what lies on the table there, its slip and its keys. A new station is
 * one more of these in the list of {@link Stations}; all else follows from that.
 */
interface StationView {
  /** Returns which station it is. */
  Station station();

  /**
   * Returns what lies on the table instead of the paper and its slip.
   *
   * @return a node of the station's own, ready to be shown; empty where the paper lies there
   */
  default Optional<Node> table() {
    return Optional.empty();
  }

  /**
   * Takes the keyboard to what the station is about.
   *
   * @return false where that is the paper
   */
  default boolean focus() {
    return false;
  }

  /**
   * Says whether there must be a job to come here.
   *
   * @return false where one is begun
   */
  default boolean needsAJob() {
    return true;
  }

  /**
   * Writes what stands on the slip.
   *
   * @param derivation what follows from the job
   * @return its sections in the order they are used
   */
  default List<SlipSection> slip(Derivation derivation) {
    return List.of();
  }

  /**
   * Writes the station's sentence.
   *
   * @param derivation what follows from the job
   * @return the sentence with its choices
   */
  default Node sentence(Derivation derivation) {
    return new Sentence();
  }

  /**
   * Draws the station's drawing.
   *
   * @param derivation what follows from the job
   * @param surface what the drawing is made for
   * @return the drawing, if there is a design to draw
   */
  default Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return Optional.empty();
  }

  /**
   * Returns what stands below the drawing.
   *
   * @param derivation what follows from the job
   * @return a node, if the station has one
   */
  default Optional<Node> foot(Derivation derivation) {
    return Optional.empty();
  }

  /**
   * Returns what says that the station waits for an answer.
   *
   * @return a line that shows itself when there is need of it, if the station ever waits
   */
  default Optional<WaitingLine> waits() {
    return Optional.empty();
  }

  /**
   * Goes one step on or back, by the arrow keys.
   *
   * @param direction 1 for on, -1 for back
   */
  default void step(int direction) {}

  /**
   * Moves what is looked at among its like, by the arrow keys with Alt.
   *
   * @param direction 1 for later, -1 for earlier
   */
  default void move(int direction) {}

  /**
   * Returns the marks on the paper that say something without words.
   *
   * @param derivation what follows from the job
   * @return the marks that are to be seen now
   */
  default Set<FirstTimes.Mark> signs(Derivation derivation) {
    return Set.of();
  }

  /** Does the station's main action, by the space bar. */
  default void act() {}

  /**
   * Follows a drag over the drawing.
   *
   * @param right how far to the right, in pixels
   * @param down how far down, in pixels
   */
  default void drag(double right, double down) {}

  /**
   * Notes where a drag over the drawing begins.
   *
   * @param x pixels from the drawing's left edge
   * @param y pixels from its top edge
   */
  default void press(double x, double y) {}

  /** Notes that a drag over the drawing has ended. */
  default void release() {}

  /**
   * Follows the pointer over the drawing.
   *
   * @param x pixels from the drawing's left edge
   * @param y pixels from its top edge
   */
  default void hover(double x, double y) {}
}
