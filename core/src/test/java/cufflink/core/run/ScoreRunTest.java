package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
import cufflink.core.run.ScoreRun.Setup;
import cufflink.core.run.ScoreRun.Side;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Scoring by sides and stops. Source: common practice, no source. */
class ScoreRunTest {
  private static final ScoringHabit RIDGE_INSIDE = new ScoringHabit(true, Marks.FIVE_MILLIMETRES);
  private static final ScoringHabit INTO_DENT = new ScoringHabit(false, Marks.EIGHTHS);
  private static final LengthFormat FORMAT = LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN);

  @Test
  void of_valleys_lieOutsideUpForARidgeInsideTheFold() {
    ScoreRun run = ScoreRun.of(mixed(), RIDGE_INSIDE);
    assertEquals(
        List.of(Face.INSIDE, Face.OUTSIDE, Face.INSIDE),
        run.setups().stream().map(Setup::faceUp).toList());
    assertEquals(
        List.of(Side.WIDTH, Side.WIDTH, Side.HEIGHT),
        run.setups().stream().map(Setup::side).toList());
  }

  @Test
  void of_foldingIntoTheDent_turnsTheFaces() {
    ScoreRun run = ScoreRun.of(mixed(), INTO_DENT);
    assertEquals(Face.INSIDE, run.setups().get(0).faceUp());
    assertEquals("valley", run.setups().get(0).stops().get(0).score().id());
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
  void of_slantedScores_areKeptApart() {
    Segment line = new Segment(Strips.point(0, 0), Strips.point(50, 50));
    Piece piece = Strips.piece(100, 50, List.of(new Score("d", "d", Fold.VALLEY, line)), List.of());
    assertEquals(List.of(), ScoreRun.of(piece, RIDGE_INSIDE).setups());
    assertEquals(1, ScoreRun.of(piece, RIDGE_INSIDE).slanted().size());
  }

  @Test
  void directions_sayWhatToDoWithTheHands() {
    ScoreRun run = ScoreRun.of(mixed(), RIDGE_INSIDE);
    Directions directions = new Directions(FORMAT, RIDGE_INSIDE);
    assertEquals(
        "Lay it inside up with the 100 side along the top.",
        directions.lay(run, run.setups().get(0)));
    assertEquals(
        "Turn it over so that the left edge stays left: outside up.",
        directions.lay(run, run.setups().get(1)));
    assertEquals(
        "Turn it over so that the left edge stays left, then a quarter to the left: the 50 side is"
            + " along the top, inside up.",
        directions.lay(run, run.setups().get(2)));
    assertEquals(
        "valley, a valley seen from the inside; groove 30 mm, 2 to the right of it",
        directions.stop(run.setups().get(1).stops().get(0)));
  }

  @Test
  void groove_onAGroove_needsNoWords() {
    assertEquals("", new Directions(FORMAT, RIDGE_INSIDE).groove(Length.ofMillimetres(45)));
    assertEquals(
        "groove 45 mm, 1 to the left of it",
        new Directions(FORMAT, RIDGE_INSIDE).groove(Length.ofMillimetres(44)));
    assertEquals(
        "groove 5\u2009³⁄₈ in, ¹⁄₃₂ to the right of it",
        new Directions(FORMAT, INTO_DENT).groove(Length.ofInches(173, 32)));
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
