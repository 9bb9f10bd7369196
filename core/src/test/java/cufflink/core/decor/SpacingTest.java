package cufflink.core.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Groups of toppers, against the distances of all pairs, which a move must leave as they were. */
class SpacingTest {
  private static Length mm(int millimetres) {
    Length far = Length.ofMillimetres(Math.abs(millimetres));
    return millimetres < 0 ? Length.ZERO.minus(far) : far;
  }

  private static Topper topper(int number, int left, int top, String group, Face face) {
    return new Topper(
            "own" + number,
            "label " + number,
            "",
            Topper.Shape.RECTANGLE,
            Topper.Stock.WHITE,
            "base",
            face,
            Fixing.FLAT,
            new Topper.Start(mm(20), mm(10), mm(left), mm(top)))
        .grouped(group);
  }

  private static double at(Topper topper, Measure measure, Values values) {
    Length start = measure == Measure.LEFT ? topper.start().left() : topper.start().top();
    return values.length(topper.value(measure)).orElse(start).toMillimetres();
  }

  @Test
  void group_keepsAllDistances_andNothingElseMoves() {
    Random random = new Random(5);
    for (int trial = 0; trial < 300; trial++) {
      List<Topper> toppers = new ArrayList<>();
      Values before = Values.NONE;
      for (int i = 1; i <= 6; i++) {
        String group = List.of("", "own1", "own2").get(random.nextInt(3));
        Face face = random.nextInt(4) == 0 ? Face.INSIDE : Face.OUTSIDE;
        Topper each = topper(i, random.nextInt(500) - 250, random.nextInt(100), group, face);
        toppers.add(each);
        if (random.nextBoolean()) {
          before = before.and(each.value(Measure.LEFT), mm(random.nextInt(500) - 290));
        }
      }
      Topper moved = toppers.get(random.nextInt(6));
      Values after = before.and(moved.value(Measure.LEFT), mm(random.nextInt(600) - 299));
      Values kept = Spacing.kept(toppers, before, after);
      for (Topper one : toppers) {
        assertTrue(at(one, Measure.LEFT, kept) >= -300);
        assertEquals(at(one, Measure.TOP, before), at(one, Measure.TOP, kept));
        boolean isOfGroup =
            !moved.group().isEmpty()
                && one.group().equals(moved.group())
                && one.face() == moved.face();
        if (!isOfGroup && !one.equals(moved)) {
          assertEquals(at(one, Measure.LEFT, before), at(one, Measure.LEFT, kept));
        }
        for (Topper other : toppers) {
          boolean both =
              isOfGroup && other.group().equals(one.group()) && other.face() == one.face();
          if (both) {
            assertEquals(
                at(other, Measure.LEFT, before) - at(one, Measure.LEFT, before),
                at(other, Measure.LEFT, kept) - at(one, Measure.LEFT, kept),
                1e-9);
          }
        }
      }
    }
  }

  /** Whoever types places for several of a group has said where they go. */
  @Test
  void severalMovedAtOnce_stayWhereTheyWerePut() {
    List<Topper> three = new ArrayList<>();
    for (int i = 1; i <= 3; i++) {
      three.add(topper(i, 10 * i, 5, "own1", Face.OUTSIDE));
    }
    Values after =
        Values.NONE
            .and(three.get(0).value(Measure.LEFT), mm(50))
            .and(three.get(1).value(Measure.LEFT), mm(90));
    assertEquals(after, Spacing.kept(three, Values.NONE, after));
  }

  @Test
  void toggled_joinsGroups_andLeavesThem() {
    List<Topper> four = new ArrayList<>();
    for (int i = 1; i <= 4; i++) {
      four.add(topper(i, 0, 0, "", Face.OUTSIDE));
    }
    List<Topper> pair = Spacing.toggled(four, four.get(0), four.get(1));
    assertEquals(List.of("own1", "own1", "", ""), groups(pair));
    List<Topper> pairs = Spacing.toggled(pair, pair.get(2), pair.get(3));
    assertEquals(List.of("own1", "own1", "own3", "own3"), groups(pairs));
    List<Topper> all = Spacing.toggled(pairs, pairs.get(0), pairs.get(3));
    assertEquals(1, groups(all).stream().distinct().count());
    List<Topper> three = Spacing.toggled(all, all.get(0), all.get(3));
    assertEquals("", three.get(3).group());
    List<Topper> back = Spacing.toggled(pair, pair.get(0), pair.get(1));
    assertEquals(List.of("", "", "", ""), groups(back));
  }

  private static List<String> groups(List<Topper> toppers) {
    return toppers.stream().map(Topper::group).toList();
  }

  /** Only places of toppers may lie past an edge. */
  @Test
  void least_isBelowNoughtForPlacesOfToppersOnly() {
    assertEquals(Length.ZERO.minus(Topper.PAST), Topper.least("own12_left"));
    assertEquals(Length.ZERO.minus(Topper.PAST), Topper.least("own1_top"));
    for (String other : List.of("own1_across", "own_left", "left", "crown1_left")) {
      assertEquals(Length.ZERO, Topper.least(other));
    }
  }
}
