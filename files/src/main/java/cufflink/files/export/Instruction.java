package cufflink.files.export;

import cufflink.core.scene.Drawing;
import java.util.List;
import java.util.Optional;

/**
 * An instruction for others, whatever it is printed on.
 *
 * @param title what is made
 * @param subtitle which construction it is, and how large
 * @param picture the finished card
 * @param needs what must be at hand
 * @param rulers the two rulers that its sizes are told on
 * @param sizes all that is cut and scored, on both
 * @param parts the work, part by part
 * @param tips what is worth knowing
 */
record Instruction(
    String title,
    String subtitle,
    Optional<Drawing> picture,
    List<String> needs,
    Rulers rulers,
    List<Size> sizes,
    List<Part> parts,
    List<String> tips) {
  /**
   * The names of the ruler that the steps are told on, and of the other; empty if there is none.
   */
  record Rulers(String own, String other) {}

  /** One size on both rulers; on the other it is empty if nothing comes of it there. */
  record Size(String label, String own, String other) {}

  /** A part of the work. */
  record Part(String heading, List<Step> steps) {}

  /** One thing to do, and how the paper lies meanwhile. */
  record Step(String text, Optional<Drawing> drawing) {}
}
