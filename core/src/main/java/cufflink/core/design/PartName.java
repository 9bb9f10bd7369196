package cufflink.core.design;

import java.util.Objects;
import java.util.OptionalLong;

/**
 * The name of a part of a design: that of its entry in the pattern and, where one entry makes
 * several parts, which of them it is.
 *
 * @param name the name of the entry, shared by all that it makes
 * @param index the number of the part; empty if the entry makes only one
 */
public record PartName(String name, OptionalLong index) {
  /** Checks that there is a name. */
  public PartName {
    Objects.requireNonNull(name);
    Objects.requireNonNull(index);
  }

  /**
   * Names the only part of its entry.
   *
   * @param name the name of the entry
   * @return the name
   */
  public static PartName of(String name) {
    return new PartName(name, OptionalLong.empty());
  }

  /**
   * Names one of several parts.
   *
   * @param name the name of the entry
   * @param index the number of the part
   * @return the name
   */
  public static PartName of(String name, long index) {
    return new PartName(name, OptionalLong.of(index));
  }

  /**
   * Returns the name as one word.
   *
   * @return the entry's name, with the number behind it where there is one: "turn-2"
   */
  public String id() {
    return index.isPresent() ? name + "-" + index.getAsLong() : name;
  }
}
