package cufflink.core.pattern;

import cufflink.core.Spoken;
import cufflink.core.expression.Place;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Makes entries from maps and lists, counting lines as they are made. */
final class Entries {
  private int line;

  private Entries() {}

  static Entry of(Map<String, ?> root) {
    return new Entries().entry(root, new Place("", 1));
  }

  /** Makes an ordered map from keys and values in turn. */
  static Map<String, Object> map(Object... keysAndValues) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < keysAndValues.length; i += 2) {
      map.put((String) keysAndValues[i], keysAndValues[i + 1]);
    }
    return map;
  }

  private Entry entry(Object value, Place place) {
    if (value instanceof Map<?, ?> map) {
      Map<String, Entry> parts = new LinkedHashMap<>();
      map.forEach(
          (key, part) -> parts.put((String) key, entry(part, place.at((String) key, ++line))));
      return new Entry.Group(place, parts);
    }
    if (value instanceof List<?> list) {
      List<Entry> parts = new ArrayList<>();
      for (Object part : list) {
        parts.add(entry(part, place.at(Integer.toString(parts.size() + 1), line)));
      }
      return new Entry.Items(place, parts);
    }
    return new Entry.Text(place, String.valueOf(value));
  }

  /** Says what is wrong at a place of a file. */
  static List<String> mistakes(Map<String, Object> file, String path) {
    return PatternCompiler.compile(of(file)).mistakes().stream()
        .filter(each -> each.place().path().equals(path))
        .map(each -> each.sentence().say(Spoken.ENGLISH))
        .toList();
  }
}
