package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.measure.Parsed;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.Matcher;

/**
 * A group of a pattern file while it is compiled: hands out its parts as what they should be, and
 * notes every mistake with its place.
 */
final class Section {
  /** One of several alike, such as “fold[tiles - 1]”. */
  private static final java.util.regex.Pattern INDEXED =
      java.util.regex.Pattern.compile("([^\\[\\]]+)\\[([^\\[\\]]+)\\]");

  private final Entry.Place place;
  private final Map<String, Entry> parts;
  private final Map<String, Kind> kinds;
  private final List<Mistake> mistakes;

  Section(Entry entry, Map<String, Kind> kinds, List<Mistake> mistakes) {
    this.place = entry.place();
    this.kinds = kinds;
    this.mistakes = mistakes;
    this.parts = entry instanceof Entry.Group group ? group.parts() : Map.of();
    if (!(entry instanceof Entry.Group)) {
      note(place, "pattern.group");
    }
  }

  Entry.Place place() {
    return place;
  }

  Map<String, Kind> kinds() {
    return kinds;
  }

  /** Returns the same group with one more name known to its formulas. */
  Section knowing(String name, Kind kind) {
    Map<String, Kind> more = new HashMap<>(kinds);
    more.put(name, kind);
    return new Section(new Entry.Group(place, parts), more, mistakes);
  }

  Section withKinds(Map<String, Kind> known) {
    return new Section(new Entry.Group(place, parts), known, mistakes);
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

  void note(Entry.Place where, String key, Object... details) {
    mistakes.add(Mistake.of(where, key, details));
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
    return new Section(entry, kinds, mistakes);
  }

  /** Returns the group that an entry holds. */
  Section within(Entry entry) {
    return new Section(entry, kinds, mistakes);
  }

  /** Walks the named parts of a group inside this one. */
  <T> List<T> named(String key, BiFunction<String, Section, T> read) {
    List<T> result = new ArrayList<>();
    entry(key)
        .map(entry -> new Section(entry, kinds, mistakes))
        .ifPresent(
            group ->
                group.parts.forEach(
                    (name, part) ->
                        result.add(read.apply(name, new Section(part, kinds, mistakes)))));
    return result;
  }

  /** Walks the groups of a list inside this one. */
  List<Section> sections(String key) {
    return items(key).stream().map(part -> new Section(part, kinds, mistakes)).toList();
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
    Parsed<Formula> formula = Formula.compile(plain(entry), kinds);
    if (formula.value().isEmpty()) {
      mistakes.add(new Mistake(entry.place(), formula.problem()));
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

  List<Phrase> phrases(String key) {
    return items(key).stream().map(each -> phrase(plain(each), each.place())).toList();
  }

  private Phrase phrase(String text, Entry.Place where) {
    Parsed<Phrase> phrase = Phrase.compile(text, kinds);
    if (phrase.value().isEmpty()) {
      mistakes.add(new Mistake(where, phrase.problem()));
    }
    return phrase.value().orElseGet(() -> Phrase.compile("", kinds).orElseThrow());
  }

  /** Returns the formulas of a group by name; a name that is not expected is a mistake. */
  Map<String, Formula> formulas(String key, Map<String, Kind> expected) {
    Map<String, Formula> result = new LinkedHashMap<>();
    Map<String, Entry> group =
        entry(key).map(entry -> new Section(entry, kinds, mistakes).parts).orElse(Map.of());
    group.forEach(
        (name, entry) -> {
          Kind kind = expected.get(name);
          if (kind == null) {
            note(entry.place(), "pattern.name", name, String.join(", ", expected.keySet()));
          } else {
            formula(entry, kind).ifPresent(formula -> result.put(name, formula));
          }
        });
    return result;
  }

  /** Returns what is moved how far; one of several alike may be named by a number in brackets. */
  List<Parts.Drive> drives(String key, Map<String, Kind> expected) {
    List<Parts.Drive> drives = new ArrayList<>();
    Map<String, Entry> group =
        entry(key).map(entry -> new Section(entry, kinds, mistakes).parts).orElse(Map.of());
    group.forEach(
        (text, entry) -> {
          Matcher indexed = INDEXED.matcher(text);
          boolean isIndexed = indexed.matches();
          String name = isIndexed ? indexed.group(1).strip() : text;
          boolean known = expected.containsKey(isIndexed ? name + "-0" : name);
          if (!known) {
            note(entry.place(), "pattern.name", text, String.join(", ", expected.keySet()));
            return;
          }
          Optional<Formula> index =
              isIndexed
                  ? formula(new Entry.Text(entry.place(), indexed.group(2)), Kind.NUMBER)
                  : Optional.empty();
          formula(entry, expected.get(name))
              .ifPresent(amount -> drives.add(new Parts.Drive(name, index, amount)));
        });
    return drives;
  }

  /** Stands in for a formula that has a mistake, so that the other mistakes are found as well. */
  static Formula nothing(Kind kind) {
    String text = kind == Kind.LENGTH ? "1 mm" : kind == Kind.TRUTH ? "1 = 1" : "1";
    return Formula.compile(text, Map.of()).orElseThrow();
  }
}
