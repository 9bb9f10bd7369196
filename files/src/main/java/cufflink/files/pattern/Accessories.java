package cufflink.files.pattern;

import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The accessories that any pattern file may include, each a file of its own. */
final class Accessories {
  private static final Map<String, Entry> ALL = read();

  private Accessories() {}

  /** Returns the accessories by their ids. */
  static Map<String, Entry> all() {
    return ALL;
  }

  private static Map<String, Entry> read() {
    Map<String, Entry> all = new LinkedHashMap<>();
    for (String name : PatternLibrary.resource("accessories/index.txt").split("\\R")) {
      List<Mistake> mistakes = new ArrayList<>();
      Entry entry = YamlReader.read(PatternLibrary.resource("accessories/" + name), mistakes);
      if (!mistakes.isEmpty()) {
        throw new IllegalStateException(name + ", " + mistakes.get(0));
      }
      all.put(name.substring(0, name.lastIndexOf('.')), entry);
    }
    return Collections.unmodifiableMap(all);
  }
}
