package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Parameter.Choice;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Parameter.Scaling;
import cufflink.core.value.Setting;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/** Compiles what a pattern lets the maker choose, and the values derived from it. */
final class ValuesCompiler {
  private static final java.util.regex.Pattern NAME =
      java.util.regex.Pattern.compile("[A-Za-z_]\\w*");
  private static final java.util.regex.Pattern WHOLE = java.util.regex.Pattern.compile("\\d{1,6}");
  private static final java.util.regex.Pattern WITH_UNIT =
      java.util.regex.Pattern.compile(".*\\d.*(mm|cm|in)");

  /** More than these are no construction that a maker could size. */
  private static final int MOST_PARAMETERS = 300;

  private static final int MOST_LETS = 6_000;

  private final Section file;
  private final Map<String, Kind> kinds = new LinkedHashMap<>();
  private final Map<String, Formula> lets = new LinkedHashMap<>();
  private final List<String> underway = new ArrayList<>();
  private List<Parameter> parameters = List.of();

  ValuesCompiler(Section file) {
    this.file = file;
  }

  void compile() {
    if (hasTooMany("parameters", MOST_PARAMETERS) || hasTooMany("let", MOST_LETS)) {
      return;
    }
    file.entry("parameters")
        .ifPresent(
            entry -> {
              if (entry instanceof Entry.Group group) {
                group.parts().keySet().forEach(name -> checkName(name, entry.place()));
              }
            });
    parameters = file.named("parameters", this::parameter);
    kinds.putAll(Bench.kinds());
    Map<String, Entry> reckoned = allowances();
    parameters.stream()
        .filter(parameter -> !reckoned.containsKey(parameter.id()))
        .forEach(parameter -> kinds.put(parameter.id(), parameter.kind()));
    Map<String, Entry> letEntries = letEntries();
    letEntries.putAll(reckoned);
    letEntries.keySet().forEach(name -> resolve(name, letEntries));
    parameters =
        parameters.stream()
            .map(
                each ->
                    reckoned.containsKey(each.id())
                        ? each.reckonedBy(Optional.ofNullable(lets.get(each.id())))
                        : each)
            .toList();
    reckoned.forEach(
        (name, entry) -> {
          if (kinds.get(name) != Kind.LENGTH) {
            file.note(
                entry.place(), "pattern.kind", name, kinds.get(name).title(), Kind.LENGTH.title());
          }
        });
    checkRole(Role.FINISHED_WIDTH, "finished-width");
    checkRole(Role.FINISHED_HEIGHT, "finished-height");
  }

  private boolean hasTooMany(String key, int most) {
    Optional<Entry.Group> group =
        file.entry(key).filter(Entry.Group.class::isInstance).map(Entry.Group.class::cast);
    int count = group.map(each -> each.parts().size()).orElse(0);
    group
        .filter(each -> count > most)
        .ifPresent(each -> file.note(each.place(), "pattern.many", count, most));
    return count > most;
  }

  List<Parameter> parameters() {
    return parameters;
  }

  Map<String, Formula> lets() {
    return lets;
  }

  Map<String, Kind> kinds() {
    return kinds;
  }

  private void checkName(String name, Entry.Place place) {
    if (!NAME.matcher(name).matches() || name.matches("mm|cm|in") || Bench.NAMES.contains(name)) {
      file.note(place, "pattern.bad-name", name);
    }
  }

  private void checkRole(Role role, String name) {
    long count = parameters.stream().filter(each -> each.role() == role).count();
    if (count != 1) {
      file.note(file.place(), "pattern.role", name, count);
    }
  }

  private Parameter parameter(String id, Section section) {
    Setting normal = normal(section);
    boolean isLength = normal instanceof Setting.OfLength;
    Kind kind = isLength ? Kind.LENGTH : Kind.NUMBER;
    return new Parameter(
        id,
        section.text("label"),
        normal,
        section.oneOf("role", Role.class, Role.OTHER),
        section.oneOf("scales", Scaling.class, Scaling.NO),
        new Parameter.Limits(
            section.formula("min", kind), section.formula("max", kind), Optional.empty()),
        choices(section),
        formerly(section));
  }

  private static List<String> formerly(Section section) {
    return section
        .entry("formerly")
        .filter(Entry.Text.class::isInstance)
        .map(entry -> List.of(((Entry.Text) entry).text().strip().split("[\\s,]+")))
        .orElse(List.of());
  }

  private List<Choice> choices(Section section) {
    List<Choice> choices = new ArrayList<>();
    section
        .entry("choices")
        .ifPresent(
            entry -> {
              if (entry instanceof Entry.Group group) {
                group
                    .parts()
                    .forEach((id, label) -> choices.add(new Choice(id, section.plain(label))));
              } else {
                section.note(entry.place(), "pattern.group");
              }
            });
    return choices;
  }

  private Setting normal(Section section) {
    String text = section.text("default");
    Entry.Place place = section.entry("default").map(Entry::place).orElse(section.place());
    if (section.has("choices")) {
      if (choices(section).stream().noneMatch(choice -> choice.id().equals(text))) {
        section.note(place, "pattern.choice", text);
      }
      return new Setting.OfChoice(text);
    }
    if (WHOLE.matcher(text).matches()) {
      return new Setting.OfCount(Long.parseLong(text));
    }
    Parsed<Length> length = LengthParser.parse(text, Unit.MILLIMETRE);
    if (length.value().isEmpty()) {
      section.note(place, "pattern.default", text);
    } else if (!WITH_UNIT.matcher(text).matches()) {
      section.note(place, "pattern.unitless", text);
    }
    return new Setting.OfLength(length.value().orElse(Unit.MILLIMETRE.length()));
  }

  /** Returns the formulas of the parameters that are reckoned unless the maker sets them. */
  private Map<String, Entry> allowances() {
    Map<String, Entry> reckoned = new LinkedHashMap<>();
    file.named(
        "parameters",
        (id, section) -> {
          section.entry("allowance").ifPresent(entry -> reckoned.put(id, entry));
          return id;
        });
    return reckoned;
  }

  private Map<String, Entry> letEntries() {
    Map<String, Entry> entries =
        new LinkedHashMap<>(
            file.entry("let")
                .filter(Entry.Group.class::isInstance)
                .map(entry -> ((Entry.Group) entry).parts())
                .orElse(Map.of()));
    entries.forEach(
        (name, entry) -> {
          checkName(name, entry.place());
          if (kinds.containsKey(name)) {
            file.note(entry.place(), "pattern.twice", name);
          }
        });
    return entries;
  }

  /**
   * Compiles a derived value after those it uses; one that comes round to itself is a mistake. A
   * chain of values may be longer than calls may be deep, so it is walked without them.
   */
  private void resolve(String first, Map<String, Entry> entries) {
    Deque<Iterator<String>> open = new ArrayDeque<>();
    begin(first, entries, open);
    while (!open.isEmpty()) {
      if (!open.getLast().hasNext()) {
        open.removeLast();
        String done = underway.get(underway.size() - 1);
        underway.remove(underway.size() - 1);
        compile(done, entries.get(done));
        continue;
      }
      String used = open.getLast().next();
      if (isUnderway(used)) {
        noteRing(used, entries.get(used));
      } else {
        begin(used, entries, open);
      }
    }
  }

  private void begin(String name, Map<String, Entry> entries, Deque<Iterator<String>> open) {
    if (kinds.containsKey(name)) {
      return;
    }
    List<String> used = new ArrayList<>();
    Matcher names = NAME.matcher(file.plain(entries.get(name)));
    while (names.find()) {
      if (entries.containsKey(names.group())) {
        used.add(names.group());
      }
    }
    underway.add(name);
    open.addLast(used.iterator());
  }

  private boolean isUnderway(String name) {
    return !kinds.containsKey(name) && underway.contains(name);
  }

  private void noteRing(String name, Entry entry) {
    String round = String.join(" → ", underway.subList(underway.indexOf(name), underway.size()));
    file.note(entry.place(), "pattern.cycle", round + " → " + name);
  }

  private void compile(String name, Entry entry) {
    Parsed<Formula> formula = Formula.compile(file.plain(entry), kinds);
    if (formula.value().isEmpty()) {
      file.note(entry.place(), "pattern.let", formula.problem());
    }
    formula.value().ifPresent(good -> lets.put(name, good));
    kinds.put(name, formula.value().map(Formula::kind).orElse(Kind.LENGTH));
  }
}
