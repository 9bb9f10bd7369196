package cufflink.desktop.slip;

import cufflink.core.pattern.Parameter;
import cufflink.core.scene.Ref;
import java.util.Optional;
import java.util.Set;

/**
 * One line of the slip.
 *
 * @param key what stays the same about it while numbers change
 * @param number what is read off it
 * @param label what it is
 * @param refs what it lights on the paper
 * @param parameter the value that typing over it sets, if it can be typed over
 */
public record SlipRow(
    String key, String number, String label, Set<Ref> refs, Optional<Parameter> parameter) {
  /** Copies the set. */
  public SlipRow {
    refs = Set.copyOf(refs);
  }
}
