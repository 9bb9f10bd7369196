package cufflink.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A part of a pattern file as it was written, with its place: a text, a group or a list. */
public sealed interface Entry {

  /**
   * Returns the place in the file.
   *
   * @return the place
   */
  Place place();

  /**
   * A place in a pattern file.
   *
   * @param path the keys that lead there, such as "pieces.base.scores"
   * @param line the line, counted from 1
   */
  record Place(String path, int line) {

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

  /**
   * A single text or number.
   *
   * @param place where it is
   * @param text as written
   */
  record Text(Place place, String text) implements Entry {}

  /**
   * Named parts.
   *
   * @param place where it is
   * @param parts the parts in the order of the file
   */
  record Group(Place place, Map<String, Entry> parts) implements Entry {
    /** Copies the parts. */
    public Group {
      parts = Collections.unmodifiableMap(new LinkedHashMap<>(parts));
    }
  }

  /**
   * Parts in a row.
   *
   * @param place where it is
   * @param parts the parts
   */
  record Items(Place place, List<Entry> parts) implements Entry {
    /** Copies the parts. */
    public Items {
      parts = List.copyOf(new ArrayList<>(parts));
    }
  }
}
