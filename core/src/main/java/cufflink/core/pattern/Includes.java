package cufflink.core.pattern;

import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The accessories that a pattern includes: each is a file with parameters, values and pieces, and
 * gets what it {@code needs} from {@code with}, as a formula of the pattern's or the name of one of
 * its pieces.
 */
final class Includes {
  private final Section root;
  private final Map<String, Entry> accessories;
  private final List<Included> all = new ArrayList<>();

  /**
   * An accessory in a pattern.
   *
   * @param file its file, at home in the pattern
   * @param given the values it is given, by their full names
   * @param when the condition under which it is there, in the pattern's own words
   * @param count how often each of its pieces is made, in the pattern's own words
   */
  record Included(
      Section file, Map<String, Given> given, Optional<Entry> when, Optional<Entry> count) {}

  /**
   * A value that an accessory is given.
   *
   * @param entry a formula of the pattern's own
   * @param kind what it must be about
   */
  record Given(Entry entry, Kind kind) {}

  private Includes(Section root, Map<String, Entry> accessories) {
    this.root = root;
    this.accessories = accessories;
  }

  static List<Included> of(Section root, Map<String, Entry> accessories) {
    Includes includes = new Includes(root, accessories);
    root.named("includes", includes::include);
    return includes.all;
  }

  private String include(String name, Section include) {
    String id = include.text("part");
    Entry accessory = accessories.get(id);
    if (accessory == null) {
      String known = String.join(", ", accessories.keySet());
      include.note(include.place(), "pattern.accessory", id, known);
      return name;
    }
    Map<String, String> pieces = new HashMap<>();
    Map<String, Given> given = new LinkedHashMap<>();
    Set<String> values = new LinkedHashSet<>();
    Map<String, Entry> with = include.inside("with").entries();
    Section plain = root.within(accessory);
    plain
        .inside("needs")
        .entries()
        .forEach(
            (need, kind) -> {
              if (!with.containsKey(need)) {
                include.note(include.place(), "pattern.missing", need);
              } else if (plain.plain(kind).equals("piece")) {
                pieces.put(need, include.plain(with.get(need)));
              } else {
                Kind about = plain.oneOf(kind, plain.plain(kind), Kind.class, Kind.LENGTH);
                given.put(need, new Given(with.get(need), about));
                values.add(need);
              }
            });
    values.addAll(plain.inside("parameters").entries().keySet());
    values.addAll(plain.inside("let").entries().keySet());
    Home home = new Home(name, Optional.of(include.place()), pieces, values);
    Map<String, Given> givenInFull = new LinkedHashMap<>();
    given.forEach((need, value) -> givenInFull.put(home.value(need), value));
    all.add(
        new Included(
            plain.at(home, Names.of(Map.of())),
            givenInFull,
            include.entry("when"),
            include.entry("count")));
    return name;
  }

  /**
   * Returns the files of the accessories once all values are known, so that their conditions can be
   * read.
   */
  static List<Section> settled(List<Included> all, Section root, Map<String, Kind> kinds) {
    List<Section> files = new ArrayList<>();
    for (Included each : all) {
      Home home = each.file().home();
      Home there =
          each.when()
              .flatMap(entry -> root.formula(entry, Kind.TRUTH))
              .map(home::onlyIf)
              .orElse(home);
      Home made =
          each.count()
              .flatMap(entry -> root.formula(entry, Kind.NUMBER))
              .map(there::inNumber)
              .orElse(there);
      files.add(each.file().at(made, home.names(kinds)));
    }
    return files;
  }
}
