package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.run.ScoreRun.Setup;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Scoring by sides and stops. Source: common practice, no source. */
class ScoreRunTest {
  private static final ScoringHabit RIDGE_INSIDE =
      new ScoringHabit(true, Marks.FIVE_MILLIMETRES, Hand.RIGHT);
  private static final ScoringHabit INTO_DENT = new ScoringHabit(false, Marks.EIGHTHS, Hand.RIGHT);
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);

  @Test
  void of_valleys_lieOutsideUpForARidgeInsideTheFold() {
    ScoreRun run = ScoreRun.of(mixed(), RIDGE_INSIDE);
    Lie turned = Lie.DESCRIBED.anticlockwise();
    assertEquals(
        List.of(Lie.DESCRIBED, turned, turned.over().anticlockwise()),
        run.setups().stream().map(Setup::lie).toList());
  }

  @Test
  void of_foldingIntoTheDent_turnsTheFaces() {
    ScoreRun run = ScoreRun.of(mixed(), INTO_DENT);
    assertEquals(Face.INSIDE, run.setups().get(0).lie().up());
    assertEquals("valley", run.setups().get(0).stops().get(0).stroke().main().id());
  }

  @Test
  void of_stops_runFromTheLeftEdgeInOrder() {
    Piece piece =
        Strips.piece(
            100,
            50,
            List.of(
                Strips.upright("b", Fold.VALLEY, 70, 50), Strips.upright("a", Fold.VALLEY, 30, 50)),
            List.of());
    Setup setup = ScoreRun.of(piece, RIDGE_INSIDE).setups().get(0);
    assertEquals(
        List.of(Length.ofMillimetres(30), Length.ofMillimetres(70)),
        setup.stops().stream().map(ScoreRun.Stop::at).toList());
    assertTrue(setup.stops().stream().noneMatch(ScoreRun.Stop::stopsShort));
  }

  @Test
  void of_scoreThatStopsShort_isMeasuredFromTheTopAsThePieceLies() {
    Segment line = new Segment(Strips.point(30, 10), Strips.point(30, 35));
    Piece piece = Strips.piece(100, 50, List.of(new Score("s", "s", Fold.VALLEY, line)), List.of());
    ScoreRun.Stop outside = ScoreRun.of(piece, RIDGE_INSIDE).setups().get(0).stops().get(0);
    assertEquals(Length.ofMillimetres(30), outside.at());
    assertEquals(Length.ofMillimetres(15), outside.from());
    assertEquals(Length.ofMillimetres(40), outside.to());
    ScoreRun.Stop inside = ScoreRun.of(piece, INTO_DENT).setups().get(0).stops().get(0);
    assertEquals(Length.ofMillimetres(10), inside.from());
    assertTrue(inside.stopsShort());
  }

  @Test
  void of_levelScoreThatStopsShort_isTurnedWithThePiece() {
    Segment line = new Segment(Strips.point(20, 30), Strips.point(100, 30));
    Piece piece =
        Strips.piece(100, 50, List.of(new Score("s", "s", Fold.MOUNTAIN, line)), List.of());
    ScoreRun.Stop stop = ScoreRun.of(piece, RIDGE_INSIDE).setups().get(0).stops().get(0);
    assertEquals(Length.ofMillimetres(30), stop.at());
    assertEquals(Length.ZERO, stop.from());
    assertEquals(Length.ofMillimetres(80), stop.to());
  }

  @Test
  void of_slantedScores_areRuledInTheSettingOfTheirFace() {
    Score slanted =
        new Score("d", "d", Fold.VALLEY, new Segment(Strips.point(0, 0), Strips.point(50, 50)));
    Piece alone = Strips.piece(100, 50, List.of(slanted), List.of());
    Setup only = ScoreRun.of(alone, RIDGE_INSIDE).setups().get(0);
    assertEquals(new Lie(Face.OUTSIDE, Side.BOTTOM), only.lie());
    assertEquals(List.of(), only.stops());
    assertEquals(1, only.ruled().size());
    Score fold = Strips.upright("v", Fold.VALLEY, 32, 50);
    Piece both = Strips.piece(100, 50, List.of(slanted, fold), List.of());
    List<Setup> setups = ScoreRun.of(both, RIDGE_INSIDE).setups();
    assertEquals(1, setups.size());
    assertEquals(1, setups.get(0).ruled().size());
  }

  /** The tool goes once along a line, whichever way its parts are folded afterwards. */
  @Test
  void of_partsOfOneLine_areOneStrokeFromTheFaceOfTheLongest() {
    Piece piece =
        Strips.piece(
            100,
            50,
            List.of(
                part("a", Fold.VALLEY, 0, 10),
                part("b", Fold.MOUNTAIN, 10, 40),
                part("c", Fold.VALLEY, 40, 50)),
            List.of());
    List<Setup> setups = ScoreRun.of(piece, RIDGE_INSIDE).setups();
    assertEquals(1, setups.size());
    assertEquals(Face.INSIDE, setups.get(0).lie().up());
    assertEquals(1, setups.get(0).stops().size());
    ScoreRun.Stop stop = setups.get(0).stops().get(0);
    assertFalse(stop.stopsShort());
    assertEquals("b", stop.stroke().main().id());
    assertEquals(
        "b, a mountain seen from the inside; the part “c, a” then folds the other way, a valley"
            + " seen from the inside",
        new Directions(RIDGE_INSIDE).stop(stop).say(FORMAT));
  }

  /** Where the line is interrupted, the tool is lifted. */
  @Test
  void of_partsThatDoNotMeet_areTwoStrokes() {
    Piece piece =
        Strips.piece(
            100,
            50,
            List.of(part("a", Fold.VALLEY, 0, 10), part("b", Fold.VALLEY, 20, 50)),
            List.of());
    List<ScoreRun.Stop> stops = ScoreRun.of(piece, RIDGE_INSIDE).setups().get(0).stops();
    assertEquals(2, stops.size());
    assertTrue(stops.stream().allMatch(ScoreRun.Stop::stopsShort));
  }

  private static Score part(String id, Fold fold, int from, int to) {
    return new Score(id, id, fold, new Segment(Strips.point(30, from), Strips.point(30, to)));
  }

  @Test
  void of_leftHanded_measuresFromTheRightAndTurnsTheOtherWay() {
    ScoringHabit left = RIDGE_INSIDE.withHand(Hand.LEFT);
    ScoreRun run = ScoreRun.of(mixed(), left);
    assertEquals(Length.ofMillimetres(60), run.setups().get(0).stops().get(0).at());
    assertEquals(new Lie(Face.INSIDE, Side.BOTTOM), run.setups().get(0).lie());
    assertEquals(new Lie(Face.INSIDE, Side.RIGHT), run.setups().get(1).lie());
    Directions directions = new Directions(left);
    assertEquals(
        "Score at 60 from the right edge. mountain, a mountain seen from the inside",
        directions.atStop(run.setups().get(0).stops().get(0)).say(FORMAT));
    assertEquals(
        "groove 45 mm, 1 to the right of it",
        directions.groove(Length.ofMillimetres(44)).orElseThrow().say(FORMAT));
  }

  @Test
  void directions_sayWhatToDoWithTheHands() {
    ScoreRun run = ScoreRun.of(mixed(), RIDGE_INSIDE);
    Directions directions = new Directions(RIDGE_INSIDE);
    List<String> lays =
        run.setups().stream().map(each -> directions.lay(run, each).say(FORMAT)).toList();
    assertEquals(
        List.of(
            "Lay it inside up with the 100 side along the top.",
            "Turn it a quarter anticlockwise: the 50 side is along the top.",
            "Turn it over from left to right, like a page: outside up. Turn it a quarter"
                + " anticlockwise: the 100 side is along the top."),
        lays);
    assertEquals(
        "valley, a valley seen from the inside; groove 70 mm, 2 to the left of it",
        directions.stop(run.setups().get(2).stops().get(0)).say(FORMAT));
    assertEquals(
        "Take the base as it lay last, outside up. Turn it over from left to right, like a page:"
            + " inside up.",
        directions.layForCutting(run).say(FORMAT));
  }

  @Test
  void groove_onAGroove_needsNoWords() {
    assertEquals(Optional.empty(), new Directions(RIDGE_INSIDE).groove(Length.ofMillimetres(45)));
    assertEquals(
        "groove 45 mm, 1 to the left of it",
        new Directions(RIDGE_INSIDE).groove(Length.ofMillimetres(44)).orElseThrow().say(FORMAT));
    assertEquals(
        "groove 5 3/8 inch, 1/32 to the right of it",
        new Directions(INTO_DENT).groove(Length.ofInches(173, 32)).orElseThrow().say(FORMAT));
  }

  private static Piece mixed() {
    return Strips.piece(
        100,
        50,
        List.of(
            Strips.upright("valley", Fold.VALLEY, 32, 50),
            Strips.upright("mountain", Fold.MOUNTAIN, 60, 50),
            Strips.level("band", Fold.DECORATIVE, 10, 100)),
        List.of());
  }
}
