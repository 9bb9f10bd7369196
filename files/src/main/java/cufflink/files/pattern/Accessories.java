package cufflink.files.pattern;

import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.words.Language;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The accessories that any pattern file may include, each a file of its own. */
final class Accessories {
  private static final Map<Language, Map<String, Entry>> SPOKEN = new ConcurrentHashMap<>();

  private Accessories() {}

  /** Returns the accessories by their ids. */
  static Map<String, Entry> all() {
    return SPOKEN.computeIfAbsent(Words.language(), language -> read());
  }

  /** Returns the pieces of an accessory as a pattern that includes it knows them. */
  static Map<String, Entry> pieces(String name, Entry include) {
    Map<String, Entry> pieces = new LinkedHashMap<>();
    if (include instanceof Entry.Group group
        && group.parts().get("part") instanceof Entry.Text part
        && all().get(part.text().strip()) instanceof Entry.Group file
        && file.parts().get("pieces") instanceof Entry.Group own) {
      own.parts()
          .forEach(
              (piece, entry) ->
                  pieces.put(piece.equals("piece") ? name : name + "-" + piece, entry));
    }
    return pieces;
  }

  private static Map<String, Entry> read() {
    Map<String, Entry> all = new LinkedHashMap<>();
    for (String name : PatternLibrary.resource("accessories/index.txt").split("\\R")) {
      List<Mistake> mistakes = new ArrayList<>();
      String file = "accessories/" + name;
      Entry written = YamlReader.read(PatternLibrary.resource(file), mistakes);
      Entry entry = Translation.read(PatternLibrary.beside(file), mistakes).of(written);
      if (!mistakes.isEmpty()) {
        throw new IllegalStateException(name + ", " + mistakes.get(0));
      }
      all.put(name.substring(0, name.lastIndexOf('.')), entry);
    }
    return Collections.unmodifiableMap(all);
  }
}
