package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Hands that do what the printed words say and know nothing of the design: they lay a blank sheet
 * down, turn it as they are told, score at the stops, and look afterwards where the scores are.
 */
class HandsTest {
  private static final int WIDTH = 137;
  private static final int HEIGHT = 91;

  /** A sheet on the table, and how its places are found again on the blank as it first lay. */
  private static final class Hands {
    private int wide;
    private int deep;
    private UnaryOperator<int[]> back = place -> place;
    private boolean insideUp = true;
    private final Set<String> scored = new java.util.TreeSet<>();

    void lay(String words) {
      insideUp = words.contains("inside up");
      boolean lies = words.contains("the " + WIDTH + " side along the top");
      wide = lies ? WIDTH : HEIGHT;
      deep = lies ? HEIGHT : WIDTH;
    }

    void obey(String words) {
      if (words.startsWith("Lay it")) {
        lay(words);
        return;
      }
      if (words.startsWith("Turn it over so that the left edge stays left")) {
        int now = deep;
        UnaryOperator<int[]> before = back;
        back = place -> before.apply(new int[] {place[0], now - place[1]});
        insideUp = !insideUp;
      }
      if (words.contains("a quarter to the left")) {
        int now = wide;
        UnaryOperator<int[]> before = back;
        // What was at the right is on top now.
        back = place -> before.apply(new int[] {now - place[1], place[0]});
        swap();
      } else if (words.contains("a quarter to the right")) {
        int now = deep;
        UnaryOperator<int[]> before = back;
        // What was at the left is on top now.
        back = place -> before.apply(new int[] {place[1], now - place[0]});
        swap();
      }
      assertTrue(words.contains(insideUp ? "inside up" : "outside up"), words);
    }

    private void swap() {
      int now = wide;
      wide = deep;
      deep = now;
    }

    void score(ScoreRun.Stop stop) {
      int at = millimetres(stop.at());
      note(new int[] {at, millimetres(stop.from())}, new int[] {at, millimetres(stop.to())});
    }

    private void note(int[] from, int[] to) {
      scored.add(line(back.apply(from), back.apply(to)));
    }
  }

  private static int millimetres(Length length) {
    return (int) Math.round(length.toMillimetres());
  }

  private static String line(int[] from, int[] to) {
    boolean forward = from[0] < to[0] || from[0] == to[0] && from[1] <= to[1];
    int[] first = forward ? from : to;
    int[] last = forward ? to : from;
    return first[0] + "," + first[1] + "-" + last[0] + "," + last[1];
  }

  private static int[] place(Point point) {
    return new int[] {millimetres(point.x()), millimetres(point.y())};
  }

  private static Piece piece(Random random) {
    List<Score> scores = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(5); i++) {
      Fold fold = Fold.values()[random.nextInt(Fold.values().length)];
      boolean upright = random.nextBoolean();
      int most = upright ? HEIGHT : WIDTH;
      int at = 1 + random.nextInt((upright ? WIDTH : HEIGHT) - 2);
      int from = random.nextInt(most / 2);
      int to = from + 1 + random.nextInt(most - from);
      Point start = upright ? Strips.point(at, from) : Strips.point(from, at);
      Point end = upright ? Strips.point(at, to) : Strips.point(to, at);
      scores.add(new Score("s" + i, "score " + i, fold, new Segment(start, end)));
    }
    return Strips.piece(WIDTH, HEIGHT, scores, List.of());
  }

  /** A blank may have lain with any edge on top, but on the face that the first words say. */
  private static List<Set<String>> lies(Piece piece, boolean insideUp) {
    List<UnaryOperator<int[]>> turned =
        List.of(
            at -> at,
            at -> new int[] {WIDTH - at[0], HEIGHT - at[1]},
            at -> new int[] {at[1], WIDTH - at[0]},
            at -> new int[] {HEIGHT - at[1], at[0]});
    List<UnaryOperator<int[]>> over =
        List.of(
            at -> new int[] {at[0], HEIGHT - at[1]},
            at -> new int[] {WIDTH - at[0], at[1]},
            at -> new int[] {at[1], at[0]},
            at -> new int[] {HEIGHT - at[1], WIDTH - at[0]});
    List<UnaryOperator<int[]>> ways = insideUp ? turned : over;
    return ways.stream()
        .map(
            way ->
                piece.scores().stream()
                    .map(
                        each ->
                            line(
                                way.apply(place(each.line().from())),
                                way.apply(place(each.line().to()))))
                    .collect(Collectors.toSet()))
        .toList();
  }

  @Test
  void wordsObeyed_scoreThePieceAndNoOther() {
    Random random = new Random(20_261);
    LengthFormat format = LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN);
    int turned = 0;
    for (int i = 0; i < 600; i++) {
      ScoringHabit habit = new ScoringHabit(random.nextBoolean(), Marks.FIVE_MILLIMETRES);
      Piece piece = piece(random);
      ScoreRun run = ScoreRun.of(piece, habit);
      Directions directions = new Directions(format, habit);
      Hands hands = new Hands();
      boolean insideUp = run.setups().get(0).faceUp() == Face.INSIDE;
      for (ScoreRun.Setup setup : run.setups()) {
        String words = directions.lay(run, setup);
        turned += words.startsWith("Turn") ? 1 : 0;
        hands.obey(words);
        setup.stops().forEach(hands::score);
      }
      assertTrue(
          lies(piece, insideUp).contains(hands.scored),
          () -> piece.scores() + " scored as " + hands.scored);
    }
    assertTrue(turned > 300, "only " + turned);
  }
}
