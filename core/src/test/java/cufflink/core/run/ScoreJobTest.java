package cufflink.core.run;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Segment;
import cufflink.core.words.Language;
import cufflink.core.words.Message;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Scoring all pieces of a job. Source: common practice, no source. */
class ScoreJobTest {
  private static final ScoringHabit HABIT =
      new ScoringHabit(true, Marks.FIVE_MILLIMETRES, Hand.RIGHT);
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final Directions DIRECTIONS = new Directions(HABIT);

  private static ScoreRun run(Piece piece) {
    return ScoreRun.of(piece, HABIT);
  }

  @Test
  void of_sameStopsAreScoredTogether() {
    Piece strip = Strips.strip(50, Fold.VALLEY, false, 40, 40, 40).base();
    Piece wide = Strips.strip(90, Fold.VALLEY, false, 40, 40, 60).base();
    Piece other = Strips.strip(90, Fold.VALLEY, 55, 60).base();
    ScoreJob job = ScoreJob.of(List.of(run(strip), run(other), run(wide)), 12);
    assertEquals(2, job.batches().size());
    assertEquals(2, job.batches().get(0).items().size());
    assertEquals(
        List.of(Length.ofMillimetres(40), Length.ofMillimetres(80)), job.batches().get(0).stops());
    assertEquals(12, job.batches().get(0).items().get(0).count());
  }

  @Test
  void of_endsThatMatterTwice_areTold() {
    Piece piece =
        Strips.piece(
            100,
            60,
            List.of(
                Strips.upright("a", Fold.VALLEY, 30, 60),
                Strips.upright("b", Fold.MOUNTAIN, 60, 60)),
            List.of());
    ScoreJob job = ScoreJob.of(List.of(run(piece)), 1);
    assertEquals(
        List.of(
            "Lay it inside up with the 100 side along the top. Its ends look the same: pencil a"
                + " dot in the top left corner now.",
            "Turn it over from left to right, like a page: outside up. The dot must lie in the top"
                + " right corner, on the face that is down."),
        job.batches().stream()
            .map(each -> DIRECTIONS.lay(each.items().get(0)).say(FORMAT))
            .toList());
  }

  @Test
  void of_endsThatDoNotMatter_areNotTold() {
    Piece once = Strips.strip(50, Fold.VALLEY, 30, 70).base();
    Piece middle =
        Strips.piece(
            100,
            60,
            List.of(
                Strips.upright("a", Fold.VALLEY, 50, 60),
                Strips.level("b", Fold.MOUNTAIN, 30, 100)),
            List.of());
    ScoreJob job = ScoreJob.of(List.of(run(once), run(middle)), 1);
    assertTrue(
        job.batches().stream()
            .flatMap(each -> each.items().stream())
            .allMatch(each -> each.dot().isEmpty()));
  }

  @Test
  void of_slantedScores_areDrawnBetweenMarks() {
    Score corner =
        new Score(
            "t", "turn-in", Fold.VALLEY, new Segment(Strips.point(0, 40), Strips.point(40, 0)));
    Piece piece = Strips.piece(100, 60, List.of(corner), List.of());
    ScoreJob.Item item = ScoreJob.of(List.of(run(piece)), 3).batches().get(0).items().get(0);
    ScoreRun.Setup setup = item.setup();
    assertEquals(List.of(), setup.stops());
    // Lying outside up, the foot is on top.
    assertEquals(
        "turn-in, a valley seen from the inside: mark two places, 0 across and 20 down, and 40"
            + " across and 60 down, and score from one to the other along a rule",
        DIRECTIONS.ruled(piece, setup.lie(), setup.ruled().get(0)).say(FORMAT));
    assertEquals(3, item.count());
  }

  /** A layer that ends at the score, or lies on another piece, is not scored through. */
  @Test
  void passes_layersBesideTheScore_doNotCount() {
    Design plain = Strips.strip(50, Fold.VALLEY, 40, 40, 40);
    List<Layer> beside =
        List.of(
            layer("left", "base", 0, 0, 40, 50),
            layer("right", "base", 40, 0, 40, 50),
            layer("above", "base", 20, -30, 40, 30),
            layer("below", "base", 20, 50, 40, 30),
            layer("other", "other", 20, 10, 40, 30));
    Design layered =
        new Design(
            "trial",
            plain.pieces(),
            beside,
            plain.stages(),
            plain.rest(),
            plain.finishedWidth(),
            plain.finishedHeight());
    Piece base = layered.base();
    assertEquals(1, ScoreJob.passes(layered, base, Stroke.of(base).get(0)));
  }

  private static Layer layer(String id, String on, double x, double y, int wide, int tall) {
    return new Layer(
        id,
        id,
        PaperKind.PATTERNED,
        on,
        Face.OUTSIDE,
        Strips.point(x, y),
        Length.ofMillimetres(wide),
        Length.ofMillimetres(tall),
        Length.ZERO);
  }

  /** A piece once taken up is finished before the next. */
  @Test
  void of_batches_finishAPieceBeforeTheNext() {
    Piece both =
        Strips.piece(
            100,
            60,
            List.of(
                Strips.upright("a", Fold.VALLEY, 30, 60),
                Strips.upright("b", Fold.MOUNTAIN, 60, 60),
                Strips.level("c", Fold.VALLEY, 20, 100)),
            List.of());
    Piece one = Strips.piece(90, 50, List.of(Strips.upright("d", Fold.VALLEY, 45, 50)), List.of());
    ScoreJob job = ScoreJob.of(List.of(run(both), run(one)), 1);
    List<String> order =
        job.batches().stream()
            .flatMap(each -> each.items().stream())
            .map(
                item ->
                    item.run().piece().width().toMillimetres()
                        + " "
                        + item.run().setups().indexOf(item.setup()))
            .toList();
    assertEquals(List.of("100.0 0", "100.0 1", "100.0 2", "90.0 0"), order);
  }

  /** Two pieces of which each would have to wait for the other are scored one after the other. */
  @Test
  void of_piecesThatWaitForEachOther_areScoredAlone() {
    Piece first =
        Strips.piece(
            100,
            100,
            List.of(
                Strips.upright("a", Fold.MOUNTAIN, 30, 100),
                Strips.level("b", Fold.MOUNTAIN, 40, 100)),
            List.of());
    Piece second =
        Strips.piece(
            100,
            100,
            List.of(
                Strips.upright("a", Fold.MOUNTAIN, 40, 100),
                Strips.level("b", Fold.MOUNTAIN, 30, 100)),
            List.of());
    ScoreJob job = ScoreJob.of(List.of(run(first), run(second)), 1);
    assertEquals(4, job.batches().size());
    assertTrue(job.batches().stream().allMatch(batch -> batch.items().size() == 1));
  }

  @Test
  void passes_oneMoreForEachLayerOverTheScore() {
    Design plain = Strips.strip(50, Fold.VALLEY, 40, 40, 40);
    Layer over =
        new Layer(
            "over",
            "over",
            PaperRole.PATTERNED,
            "base",
            Face.OUTSIDE,
            Strips.point(2, 2),
            Length.ofMillimetres(60),
            Length.ofMillimetres(46),
            Length.ofMillimetres(4),
            Layer.Shape.WHOLE);
    Design laminated = Strips.with(plain, over);
    Piece base = laminated.base();
    assertEquals(2, ScoreJob.passes(laminated, base, Stroke.of(base).get(0)));
    assertEquals(1, ScoreJob.passes(laminated, base, Stroke.of(base).get(1)));
    Message words = Message.plain("fold");
    assertEquals("fold; 2 passes, since it is laminated", DIRECTIONS.often(words, 2).say(FORMAT));
    assertEquals("fold", DIRECTIONS.often(words, 1).say(FORMAT));
  }
}
