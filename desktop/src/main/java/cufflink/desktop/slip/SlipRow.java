package cufflink.desktop.slip;

import cufflink.core.pattern.Parameter;
import cufflink.core.scene.Ref;
import java.util.Optional;
import java.util.Set;

/**
 * One line of the slip.
 *
 * @param subject what it stands for
 * @param measure what its number measures, whatever the ruler: another measure is another number
 * @param number what is read off it
 * @param label what it is
 * @param lights what it lights on the paper
 * @param parameter the value that typing over it sets, if it can be typed over
 * @param press what can be done about it at a press, if anything can
 */
public record SlipRow(
    Subject subject,
    Object measure,
    String number,
    String label,
    Lights lights,
    Optional<Parameter> parameter,
    Optional<Press> press) {
  /**
   * What a press beside the line does.
   *
   * @param label what it does, in a few words
   * @param act does it
   */
  public record Press(String label, Runnable act) {}

  /** A line with nothing to press. */
  SlipRow(
      Subject subject,
      Object measure,
      String number,
      String label,
      Lights lights,
      Optional<Parameter> parameter) {
    this(subject, measure, number, label, lights, parameter, Optional.empty());
  }

  /** A line that cannot be typed over. */
  static SlipRow read(Subject subject, Object measure, String number, String label, Lights lights) {
    return new SlipRow(subject, measure, number, label, lights, Optional.empty());
  }

  /**
   * Returns what it lights on the paper.
   *
   * @return places on the paper
   */
  public Set<Ref> refs() {
    return lights.refs();
  }
}
