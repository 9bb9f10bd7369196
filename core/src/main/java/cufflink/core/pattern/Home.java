package cufflink.core.pattern;

import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Names;
import cufflink.core.expression.Place;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a part of a pattern belongs to: the pattern itself, or an accessory that it includes.
 *
 * <p>An accessory is a file of its own and knows its own names only. In the pattern its values and
 * pieces go by the name under which it is included, so that one pattern may include it twice.
 */
final class Home {
  /** The pattern itself, whose names are as they are written. */
  static final Home PATTERN = new Home("", Optional.empty(), Map.of(), Set.of());

  /** What stands for the accessory itself where it has one piece. */
  private static final String ITSELF = "piece";

  private final String name;
  private final Optional<Place> place;
  private final Map<String, String> pieces;
  private final Set<String> values;
  private final List<Formula> when;
  private final Optional<Formula> count;
  private final Map<String, String> full = new HashMap<>();

  /**
   * @param name the name under which an accessory is included
   * @param place where it is included: whatever is wrong with it is wrong there
   * @param pieces the pieces of the pattern that it is given, by its own names for them
   * @param values the names of its values
   */
  Home(String name, Optional<Place> place, Map<String, String> pieces, Set<String> values) {
    this(name, place, pieces, values, List.of(), Optional.empty());
  }

  private Home(
      String name,
      Optional<Place> place,
      Map<String, String> pieces,
      Set<String> values,
      List<Formula> when,
      Optional<Formula> count) {
    this.name = name;
    this.place = place;
    this.pieces = Map.copyOf(pieces);
    this.values = Set.copyOf(values);
    this.when = List.copyOf(when);
    this.count = count;
    Bench.NAMES.forEach(each -> full.put(each, each));
    values.forEach(each -> full.put(each, value(each)));
  }

  /** Returns the same home, there only under a condition of the pattern's own. */
  Home onlyIf(Formula condition) {
    return new Home(name, place, pieces, values, List.of(condition), count);
  }

  /** Returns the same home, all of whose pieces are made in a number of the pattern's own. */
  Home inNumber(Formula number) {
    return new Home(name, place, pieces, values, when, Optional.of(number));
  }

  Optional<Formula> count() {
    return count;
  }

  List<Formula> when() {
    return when;
  }

  boolean isAccessory() {
    return !name.isEmpty();
  }

  /** Returns where a mistake is to be sought. */
  Place place(Place written) {
    return place.orElse(written);
  }

  /** Returns the name by which the whole pattern knows a value. */
  String value(String own) {
    return isAccessory() ? name.replace('-', '_') + "_" + own : own;
  }

  /** Returns the id by which the whole pattern knows a piece, layer, joint or pocket. */
  String part(String own) {
    String included = own.equals(ITSELF) ? name : name + "-" + own;
    return isAccessory() ? included : own;
  }

  /** Returns the id of a piece that is spoken of: one of its own, or one that it was given. */
  String piece(String spoken) {
    return pieces.getOrDefault(spoken, part(spoken));
  }

  /** Returns the names that formulas here may use. */
  Names names(Map<String, Kind> kinds) {
    return isAccessory() ? Names.of(full, kinds) : Names.of(kinds);
  }
}
