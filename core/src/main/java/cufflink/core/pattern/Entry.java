package cufflink.core.pattern;

import cufflink.core.expression.Place;
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
