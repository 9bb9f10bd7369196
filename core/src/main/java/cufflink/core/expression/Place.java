package cufflink.core.expression;

/**
 * A place in a pattern file.
 *
 * @param path the keys that lead there, such as "pieces.base.scores"
 * @param line the line, counted from 1
 */
public record Place(String path, int line) {
  /** The place of what stands in no file. */
  public static final Place NOWHERE = new Place("", 1);

  /**
   * Returns the place of a part.
   *
   * @param key the part's key
   * @param partLine the part's line
   * @return the place
   */
  public Place at(String key, int partLine) {
    return new Place(path.isEmpty() ? key : path + "." + key, partLine);
  }
}
