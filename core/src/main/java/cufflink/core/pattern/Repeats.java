package cufflink.core.pattern;

import cufflink.core.design.PartName;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.pattern.Parts.Repeat;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;

/** Parts that are there several times, or only under a condition: how that is read and counted. */
final class Repeats {
  private static final long MOST_REPEATS = 200;
  private static final java.util.regex.Pattern REPEAT =
      java.util.regex.Pattern.compile("\\s*([A-Za-z_]\\w*)\\s+in\\s+(.+?)\\s*\\.\\.\\s*(.+)");

  private Repeats() {}

  /** One of the times a part is there: its name, its index from nought and how many there are. */
  record Turn(PartName name, long index, long count) {
    String id() {
      return name.id();
    }
  }

  static Presence presence(String id, Section section) {
    return new Presence(
        section.place(),
        id,
        section.text("label", id),
        conditions(section),
        section.entry("for").flatMap(entry -> repeat(section, entry)));
  }

  /** Returns what must hold for a part to be there: for its accessory, and for itself. */
  static List<Formula> conditions(Section section) {
    List<Formula> conditions = new ArrayList<>(section.home().when());
    section.formula("when", Kind.TRUTH).ifPresent(conditions::add);
    return conditions;
  }

  private static Optional<Repeat> repeat(Section section, Entry entry) {
    Matcher matcher = REPEAT.matcher(section.plain(entry));
    if (!matcher.matches()) {
      section.note(entry.place(), "pattern.repeat", section.plain(entry));
      return Optional.empty();
    }
    return Optional.of(
        new Repeat(
            Section.counter(matcher.group(1)),
            bound(section, entry, matcher.group(2)),
            bound(section, entry, matcher.group(3))));
  }

  private static Formula bound(Section section, Entry entry, String text) {
    return section
        .formula(new Entry.Text(entry.place(), text), Kind.NUMBER)
        .orElse(Section.nothing(Kind.NUMBER));
  }

  /** Makes the counter of a repetition known to the formulas of the part it repeats. */
  static Section counting(Section section) {
    return section
        .entry("for")
        .map(section::plain)
        .map(REPEAT::matcher)
        .filter(Matcher::matches)
        .map(matcher -> section.knowing(matcher.group(1), Kind.NUMBER))
        .orElse(section);
  }

  /** Goes through all the times a part is there, its counter set in the scope each time. */
  static void forEach(Presence presence, Scope scope, Consumer<Turn> use) {
    if (presence.repeat().isEmpty()) {
      if (scope.holds(presence.when())) {
        use.accept(new Turn(PartName.of(presence.id()), 0, 1));
      }
      return;
    }
    Repeat repeat = presence.repeat().get();
    long first = scope.whole(repeat.first());
    long count = scope.whole(repeat.last()) - first + 1;
    if (count > MOST_REPEATS) {
      throw new NoDesignException(
          presence.place(),
          Message.of("design.repeats", presence.place().path(), count, MOST_REPEATS));
    }
    for (long index = 0; index < count; index++) {
      scope.count(repeat.name(), first + index);
      if (scope.holds(presence.when())) {
        use.accept(new Turn(PartName.of(presence.id(), first + index), index, count));
      }
    }
  }
}
