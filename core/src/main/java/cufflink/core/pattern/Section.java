package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import cufflink.core.expression.Place;
import cufflink.core.measure.Parsed;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * A group of a pattern file while it is compiled: hands out its parts as what they should be, and
 * notes every mistake with its place.
 */
final class Section {
  private final Place place;
  private final Map<String, Entry> parts;
  private final Names names;
  private final Home home;
  private final List<Mistake> mistakes;

  Section(Entry entry, Names names, Home home, List<Mistake> mistakes) {
    this.place = home.place(entry.place());
    this.names = names;
    this.home = home;
    this.mistakes = mistakes;
    this.parts = entry instanceof Entry.Group group ? group.parts() : Map.of();
    if (!(entry instanceof Entry.Group)) {
      note(place, "pattern.group");
    }
  }

  Place place() {
    return place;
  }

  /** Returns what this belongs to. */
  Home home() {
    return home;
  }

  /** Returns the same group with one more name known to its formulas. */
  Section knowing(String name, Kind kind) {
    return at(home, names.and(name, counter(name), kind));
  }

  /** Returns the name under which the value of a counter is kept, which no other value has. */
  static String counter(String name) {
    return name + " in";
  }

  /** Returns the same group where it belongs to something and its formulas know some names. */
  Section at(Home owner, Names known) {
    return new Section(new Entry.Group(place, parts), known, owner, mistakes);
  }

  boolean has(String key) {
    return parts.containsKey(key);
  }

  Optional<Entry> entry(String key) {
    return Optional.ofNullable(parts.get(key));
  }

  Map<String, Entry> entries() {
    return parts;
  }

  void note(Place where, String key, Object... details) {
    mistakes.add(Mistake.of(home.place(where), key, details));
  }

  String text(String key) {
    Optional<Entry> entry = entry(key);
    if (entry.isEmpty()) {
      note(place, "pattern.missing", key);
      return "";
    }
    return plain(entry.get());
  }

  String text(String key, String otherwise) {
    return entry(key).map(this::plain).orElse(otherwise);
  }

  /** Returns a whole number that is written as such. */
  int whole(String key, int otherwise) {
    String text = text(key, Integer.toString(otherwise));
    if (!text.matches("\\d{1,4}")) {
      note(entry(key).orElseThrow().place(), "pattern.whole", text);
      return otherwise;
    }
    return Integer.parseInt(text);
  }

  String plain(Entry entry) {
    if (entry instanceof Entry.Text text) {
      return text.text().strip();
    }
    note(entry.place(), "pattern.text");
    return "";
  }

  List<Entry> items(Entry entry) {
    if (entry instanceof Entry.Items items) {
      return items.parts();
    }
    note(entry.place(), "pattern.items");
    return List.of();
  }

  List<Entry> items(String key) {
    return entry(key).map(this::items).orElse(List.of());
  }

  /** Returns the group inside this one, or an empty one. */
  Section inside(String key) {
    Entry entry = entry(key).orElseGet(() -> new Entry.Group(place, Map.of()));
    return new Section(entry, names, home, mistakes);
  }

  /** Returns this group as if it were repeated as another one is. */
  Section repeatedAs(Section other) {
    Map<String, Entry> all = new LinkedHashMap<>(parts);
    other.entry("for").ifPresent(entry -> all.putIfAbsent("for", entry));
    return new Section(new Entry.Group(place, all), names, home, mistakes);
  }

  /** Returns the group that an entry holds. */
  Section within(Entry entry) {
    return new Section(entry, names, home, mistakes);
  }

  /** Walks the named parts of a group inside this one. */
  <T> List<T> named(String key, BiFunction<String, Section, T> read) {
    List<T> result = new ArrayList<>();
    entry(key)
        .map(entry -> new Section(entry, names, home, mistakes))
        .ifPresent(
            group ->
                group.parts.forEach(
                    (name, part) ->
                        result.add(read.apply(name, new Section(part, names, home, mistakes)))));
    return result;
  }

  /** Walks the groups of a list inside this one. */
  List<Section> sections(String key) {
    return items(key).stream().map(part -> new Section(part, names, home, mistakes)).toList();
  }

  <E extends Enum<E>> E oneOf(String key, Class<E> type, E otherwise) {
    return entry(key).map(entry -> oneOf(entry, plain(entry), type, otherwise)).orElse(otherwise);
  }

  <E extends Enum<E>> E oneOf(Entry entry, String text, Class<E> type, E otherwise) {
    List<String> known = new ArrayList<>();
    for (E each : type.getEnumConstants()) {
      String name = each.name().toLowerCase(Locale.ROOT).replace('_', '-');
      if (name.equals(text)) {
        return each;
      }
      known.add(name);
    }
    note(entry.place(), "pattern.one-of", text, String.join(", ", known));
    return otherwise;
  }

  Optional<Formula> formula(String key, Kind kind) {
    return entry(key).flatMap(entry -> formula(entry, kind));
  }

  Formula required(String key, Kind kind) {
    if (!has(key)) {
      note(place, "pattern.missing", key);
    }
    return formula(key, kind).orElse(nothing(kind));
  }

  /** Returns formulas of lengths in a row, as many as asked for whatever the file holds. */
  List<Formula> lengths(Entry entry, int count) {
    List<Entry> items = items(entry);
    if (entry instanceof Entry.Items && items.size() != count) {
      note(entry.place(), "pattern.count", count, items.size());
    }
    List<Formula> formulas = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      formulas.add(
          i < items.size()
              ? formula(items.get(i), Kind.LENGTH).orElse(nothing(Kind.LENGTH))
              : nothing(Kind.LENGTH));
    }
    return formulas;
  }

  Optional<Formula> formula(Entry entry, Kind kind) {
    Parsed<Formula> formula = Formula.compile(plain(entry), names, home.place(entry.place()));
    if (formula.value().isEmpty()) {
      mistakes.add(new Mistake(home.place(entry.place()), formula.problem()));
      return Optional.empty();
    }
    Kind found = formula.orElseThrow().kind();
    if (found != kind) {
      note(entry.place(), "pattern.kind", plain(entry), found.title(), kind.title());
      return Optional.empty();
    }
    return formula.value();
  }

  Phrase phrase(String key) {
    return phrase(text(key), entry(key).map(Entry::place).orElse(place));
  }

  Phrase phraseOf(Entry entry) {
    return phrase(plain(entry), entry.place());
  }

  private Phrase phrase(String text, Place where) {
    Parsed<Phrase> phrase = Phrase.compile(text, names, home.place(where));
    if (phrase.value().isEmpty()) {
      mistakes.add(new Mistake(home.place(where), phrase.problem()));
    }
    return phrase.value().orElseGet(() -> Phrase.compile("", names, where).orElseThrow());
  }

  /**
   * Returns the formulas of a group by the full names of the values they are for; a name that is
   * not expected is a mistake.
   */
  Map<String, Formula> formulas(String key, Map<String, Kind> expected) {
    Map<String, Formula> result = new LinkedHashMap<>();
    inside(key)
        .parts
        .forEach(
            (name, entry) -> {
              Kind kind = expected.get(home.value(name));
              if (kind == null) {
                note(entry.place(), "pattern.name", name, String.join(", ", expected.keySet()));
              } else {
                formula(entry, kind).ifPresent(formula -> result.put(home.value(name), formula));
              }
            });
    return result;
  }

  /** Stands in for a formula that has a mistake, so that the other mistakes are found as well. */
  static Formula nothing(Kind kind) {
    String text = kind == Kind.LENGTH ? "1 mm" : kind == Kind.TRUTH ? "1 = 1" : "1";
    return Formula.compile(text, Names.of(Map.of())).orElseThrow();
  }
}
