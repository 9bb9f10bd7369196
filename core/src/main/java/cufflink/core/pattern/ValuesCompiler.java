package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Place;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Parameter.Choice;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Parameter.Scaling;
import cufflink.core.value.Setting;
import cufflink.core.words.Message;
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

  private final List<Section> files = new ArrayList<>();
  private final List<Includes.Included> included;
  private final Map<String, Kind> kinds = new LinkedHashMap<>();
  private final Map<String, Let> entries = new LinkedHashMap<>();
  private final Map<String, Formula> lets = new LinkedHashMap<>();
  private final List<String> underway = new ArrayList<>();
  private List<Parameter> parameters = List.of();

  /** A derived value as it is written, the file whose names it uses, and what it must be about. */
  private record Let(Section file, Entry entry, Optional<Kind> kind) {
    Let(Section file, Entry entry) {
      this(file, entry, Optional.empty());
    }
  }

  /** A parameter whose default has been read. */
  private record Declared(String id, Section section, Setting normal) {
    Kind kind() {
      return normal instanceof Setting.OfLength
          ? Kind.LENGTH
          : normal instanceof Setting.OfCount ? Kind.NUMBER : Kind.WORD;
    }
  }

  ValuesCompiler(Section file, List<Includes.Included> included) {
    this.files.add(file);
    this.included = included;
    included.forEach(each -> files.add(each.file()));
  }

  void compile() {
    if (hasTooMany("parameters", MOST_PARAMETERS) || hasTooMany("let", MOST_LETS)) {
      return;
    }
    Map<String, Declared> declared = declared();
    kinds.putAll(Bench.kinds());
    Map<String, Let> reckoned = new LinkedHashMap<>();
    for (Declared each : declared.values()) {
      each.section()
          .entry("allowance")
          .ifPresentOrElse(
              entry -> reckoned.put(each.id(), new Let(each.section(), entry)),
              () -> kinds.put(each.id(), each.kind()));
    }
    addLets();
    entries.putAll(reckoned);
    List.copyOf(entries.keySet()).forEach(this::resolve);
    parameters = declared.values().stream().map(this::parameter).toList();
    reckoned.forEach(
        (name, let) -> {
          if (kinds.get(name) != Kind.LENGTH) {
            Message found = kinds.get(name).title();
            let.file().note(let.entry().place(), "pattern.kind", name, found, Kind.LENGTH.title());
          }
        });
    checkRole(Role.FINISHED_WIDTH, "finished-width");
    checkRole(Role.FINISHED_HEIGHT, "finished-height");
  }

  private boolean hasTooMany(String key, int most) {
    int count = files.stream().mapToInt(file -> file.inside(key).entries().size()).sum();
    if (count > most) {
      files.get(0).note(files.get(0).inside(key).place(), "pattern.many", count, most);
    }
    return count > most;
  }

  private Map<String, Declared> declared() {
    Map<String, Declared> declared = new LinkedHashMap<>();
    for (Section file : files) {
      file.named(
          "parameters",
          (name, section) -> {
            String id = file.home().value(name);
            checkName(file, name, file.inside("parameters").place());
            if (declared.put(id, new Declared(id, section, normal(section))) != null) {
              section.note(section.place(), "pattern.twice", id);
            }
            return id;
          });
    }
    return declared;
  }

  /** Gathers the derived values of all files, and what the accessories are given. */
  private void addLets() {
    for (Section file : files) {
      file.inside("let")
          .entries()
          .forEach(
              (name, entry) -> {
                checkName(file, name, entry.place());
                addLet(file.home().value(name), new Let(file, entry));
              });
    }
    for (Includes.Included each : included) {
      each.given()
          .forEach(
              (name, given) ->
                  addLet(name, new Let(files.get(0), given.entry(), Optional.of(given.kind()))));
    }
  }

  private void addLet(String name, Let let) {
    if (kinds.containsKey(name) || entries.put(name, let) != null) {
      let.file().note(let.entry().place(), "pattern.twice", name);
    }
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

  private static void checkName(Section file, String name, Place place) {
    if (!NAME.matcher(name).matches() || name.matches("mm|cm|in") || Bench.NAMES.contains(name)) {
      file.note(place, "pattern.bad-name", name);
    }
  }

  private void checkRole(Role role, String name) {
    long count = parameters.stream().filter(each -> each.role() == role).count();
    if (count != 1) {
      files.get(0).note(files.get(0).place(), "pattern.role", name, count);
    }
  }

  private Parameter parameter(Declared declared) {
    Home home = declared.section().home();
    Section section = declared.section().at(home, home.names(kinds));
    Kind kind = declared.kind() == Kind.LENGTH ? Kind.LENGTH : Kind.NUMBER;
    return new Parameter(
        declared.id(),
        section.text("label"),
        declared.normal(),
        section.oneOf("role", Role.class, Role.OTHER),
        section.oneOf("scales", Scaling.class, Scaling.NO),
        new Parameter.Limits(
            section.formula("min", kind),
            section.formula("max", kind),
            section.has("allowance")
                ? Optional.ofNullable(lets.get(declared.id()))
                : Optional.empty()),
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
    Place place = section.entry("default").map(Entry::place).orElse(section.place());
    if (section.has("choices")) {
      if (choices(section).stream().noneMatch(choice -> choice.id().equals(text))) {
        section.note(place, "pattern.choice", text);
      }
      return new Setting.OfChoice(text);
    }
    if (WHOLE.matcher(text).matches()) {
      return new Setting.OfCount(Long.parseLong(text));
    }
    Parsed<Length> length = LengthParser.signed(text, Unit.MILLIMETRE);
    if (length.value().isEmpty()) {
      section.note(place, "pattern.default", text);
    } else if (!WITH_UNIT.matcher(text).matches()) {
      section.note(place, "pattern.unitless", text);
    }
    return new Setting.OfLength(length.value().orElse(Unit.MILLIMETRE.length()));
  }

  /**
   * Compiles a derived value after those it uses; one that comes round to itself is a mistake. A
   * chain of values may be longer than calls may be deep, so it is walked without them.
   */
  private void resolve(String first) {
    Deque<Iterator<String>> open = new ArrayDeque<>();
    begin(first, open);
    while (!open.isEmpty()) {
      if (!open.getLast().hasNext()) {
        open.removeLast();
        compile(underway.remove(underway.size() - 1));
        continue;
      }
      String used = open.getLast().next();
      if (isUnderway(used)) {
        noteRing(used);
      } else {
        begin(used, open);
      }
    }
  }

  private void begin(String name, Deque<Iterator<String>> open) {
    if (kinds.containsKey(name)) {
      return;
    }
    Let let = entries.get(name);
    List<String> used = new ArrayList<>();
    Matcher names = NAME.matcher(let.file().plain(let.entry()));
    while (names.find()) {
      String full = let.file().home().value(names.group());
      if (entries.containsKey(full)) {
        used.add(full);
      }
    }
    underway.add(name);
    open.addLast(used.iterator());
  }

  private boolean isUnderway(String name) {
    return !kinds.containsKey(name) && underway.contains(name);
  }

  private void noteRing(String name) {
    String round = String.join(" → ", underway.subList(underway.indexOf(name), underway.size()));
    Let let = entries.get(name);
    let.file().note(let.entry().place(), "pattern.cycle", round + " → " + name);
  }

  private void compile(String name) {
    Let let = entries.get(name);
    Section file = let.file();
    Place place = file.home().place(let.entry().place());
    Parsed<Formula> formula =
        Formula.compile(file.plain(let.entry()), file.home().names(kinds), place);
    if (formula.value().isEmpty()) {
      file.note(place, "pattern.let", formula.problem());
    }
    Optional<Kind> found = formula.value().map(Formula::kind);
    if (found.isPresent() && let.kind().isPresent() && !found.equals(let.kind())) {
      String text = file.plain(let.entry());
      file.note(place, "pattern.kind", text, found.get().title(), let.kind().get().title());
    }
    formula.value().ifPresent(good -> lets.put(name, good));
    kinds.put(name, let.kind().or(() -> found).orElse(Kind.LENGTH));
  }
}
