package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import java.util.Optional;
import javafx.scene.Node;

/** What one station adds to the paper: its sentence, its drawing and what stands below. */
interface StationView {
  /**
   * Writes the station's sentence.
   *
   * @param derivation what follows from the job
   * @return the sentence with its choices
   */
  Node sentence(Derivation derivation);

  /**
   * Draws the station's drawing.
   *
   * @param derivation what follows from the job
   * @param surface what the drawing is made for
   * @return the drawing, if there is a design to draw
   */
  Optional<Drawing> draw(Derivation derivation, Surface surface);

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

  /**
   * Follows the pointer over the drawing.
   *
   * @param x pixels from the drawing's left edge
   * @param y pixels from its top edge
   */
  default void hover(double x, double y) {}
}
