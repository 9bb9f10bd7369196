package cufflink.core.pattern;

import cufflink.core.expression.Kind;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Papers;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What every formula may know of the maker's bench besides the pattern's own values: the calipers
 * of the papers, the height of the foam pads under raised layers, the distance between the marks of
 * the ruler and, once the card has been folded, how thick it is.
 */
public final class Bench {
  private static final String CARD = "card_caliper";
  private static final String PATTERNED = "paper_caliper";
  private static final String FOAM = "foam";
  private static final String MARK = "mark";

  /** The name of the thickness of the closed card. */
  public static final String CLOSED = "closed_thickness";

  /** The height of common foam pads; common practice, no source. */
  private static final Length PAD = Length.ofMillimetres(2);

  /** The names that no pattern may use for a value of its own. */
  public static final Set<String> NAMES = Set.of(CARD, PATTERNED, FOAM, MARK, CLOSED);

  private static final Values USUAL =
      of(Marks.MILLIMETRES, Papers.USUAL, false).and(CLOSED, Length.ZERO);

  private Bench() {}

  /**
   * Returns what formulas know of a bench.
   *
   * @param marks the marks of the ruler
   * @param papers the papers
   * @param raised whether layers stand on foam pads
   * @return lengths by name
   */
  public static Values of(Marks marks, Papers papers, boolean raised) {
    return Values.NONE
        .and(CARD, papers.card().caliper())
        .and(PATTERNED, papers.patterned().caliper())
        .and(FOAM, raised ? PAD : Length.ZERO)
        .and(MARK, marks.step());
  }

  /**
   * Returns what formulas know of a ruler alone.
   *
   * @param marks the marks of the ruler
   * @return lengths by name
   */
  public static Values of(Marks marks) {
    return Values.NONE.and(MARK, marks.step());
  }

  /**
   * Returns what formulas know of a card that has been folded; before that it is nought thick.
   *
   * @param thickness how thick the closed card is where it is thickest
   * @return a length by its name
   */
  public static Values folded(Length thickness) {
    return Values.NONE.and(CLOSED, thickness);
  }

  /** Says whether something in a pattern's file depends on the thickness of the closed card. */
  static boolean waitsForFolding(Entry entry) {
    if (entry instanceof Entry.Group group) {
      return group.parts().values().stream().anyMatch(Bench::waitsForFolding);
    }
    return entry instanceof Entry.Items items
        ? items.parts().stream().anyMatch(Bench::waitsForFolding)
        : ((Entry.Text) entry).text().contains(CLOSED);
  }

  static Map<String, Kind> kinds() {
    return NAMES.stream().collect(Collectors.toMap(name -> name, name -> Kind.LENGTH));
  }

  /** Returns a length of the bench that some values name, or the usual one. */
  static Length length(Values values, String name) {
    Setting setting = values.get(name).or(() -> USUAL.get(name)).orElseThrow();
    return ((Setting.OfLength) setting).length();
  }

  /** Takes a length up to the next mark of the ruler that some values name. */
  static Length upToMark(Values values, Length length) {
    long step = length(values, MARK).units();
    return Length.ofUnits(Math.multiplyExact(-Math.floorDiv(-length.units(), step), step));
  }
}
