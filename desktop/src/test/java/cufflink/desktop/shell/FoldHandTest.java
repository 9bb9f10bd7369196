package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.drawing.FoldFrame;
import cufflink.core.drawing.FoldFrame.Aim;
import cufflink.core.flat.Spot;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What a hand has put on a folded card and takes hold of lies where the hand lets go of it. */
@ExtendWith(ApplicationExtension.class)
class FoldHandTest {
  private static final Surface SURFACE =
      new Surface(
          900,
          600,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, Fractions.PLAIN),
          (text, size) -> text.length() * size / 2,
          1);

  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.empty(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private void put(FxRobot robot, String id, String on, Face face, int left, int top) {
    Topper.Start start =
        new Topper.Start(
            Length.ofMillimetres(24),
            Length.ofMillimetres(16),
            Length.ofMillimetres(left),
            Length.ofMillimetres(top));
    Topper label =
        new Topper(
            "own1",
            "label",
            "",
            Topper.Shape.RECTANGLE,
            Topper.Stock.WHITE,
            on,
            face,
            Topper.Fixing.FLAT,
            start);
    robot.interact(() -> bench.choosing().choose(bench.library().pattern(id).orElseThrow()));
    robot.interact(() -> bench.making().decorate(List.of(label), job().values()));
  }

  private Job job() {
    return bench.job().orElseThrow();
  }

  private Aim aim(Viewpoint viewpoint) {
    FoldModel model = bench.derivation().get().orElseThrow().made().orElseThrow().card().whole();
    model.prepare(() -> false);
    return Aim.at(model, viewpoint, SURFACE);
  }

  /** Where the middle of the label is seen. */
  private static Spot seen(Aim aim, double moment) {
    Assembly.Member member =
        aim.model().assembly().members().stream()
            .filter(each -> each.flat().piece().id().equals("own1"))
            .findFirst()
            .orElseThrow();
    return aim.seenAt(moment, member.firstFacet(), new Spot(12, 8));
  }

  private void check(FxRobot robot, double moment, Viewpoint viewpoint) {
    Aim aim = aim(viewpoint);
    Spot from = seen(aim, moment);
    FoldHand hand = new FoldHand(bench);
    assertTrue(hand.press(aim, moment, from), "it lies uppermost");
    Job before = job();
    robot.interact(() -> hand.drag(9, -6));
    robot.interact(() -> hand.drag(-24, 13));
    Drawing empty = new Drawing(900, 600, 1, List.of());
    assertEquals(1, hand.over(empty).marks().size(), "its outline goes along");
    assertEquals(before, job(), "nothing is changed before it is let go");
    robot.interact(hand::release);
    assertFalse(hand.isHeld());
    Spot to = seen(aim(viewpoint), moment);
    // A mark of the ruler is so many pixels.
    double mark =
        Math.max(
            1,
            aim.seenAt(moment, 0, new Spot(0, 0)).distance(aim.seenAt(moment, 0, new Spot(1, 0))));
    assertEquals(from.x() - 15, to.x(), 1.5 * mark);
    assertEquals(from.y() + 7, to.y(), 1.5 * mark);
    robot.interact(() -> bench.undo());
    assertEquals(before, job(), "it is one change");
  }

  @Test
  void label_liesWhereItIsLetGo_closedAndHalfOpen_onBothFaces(FxRobot robot) {
    put(robot, "off-centre-gate", "base", Face.OUTSIDE, 24, 60);
    check(robot, 2, new Viewpoint(0, 0, 0));
    check(robot, 2.15, new Viewpoint(-16, 42));
    put(robot, "off-centre-gate", "base", Face.INSIDE, 100, 60);
    check(robot, 0, new Viewpoint(0, 0, 0));
    check(robot, 4, new Viewpoint(20, 35));
  }

  @Test
  void label_onAnotherPiece_isMovedThere(FxRobot robot) {
    put(robot, "stacked-pocket-folio", "sleeve", Face.OUTSIDE, 60, 40);
    FoldModel model = aim(new Viewpoint(0, 0, 0)).model();
    check(robot, Math.min(8, model.stages().size()), new Viewpoint(0, 30));
  }

  /** Beside it there is nothing to take hold of; a press alone changes nothing. */
  @Test
  void press_besideIt_holdsNothing(FxRobot robot) {
    put(robot, "off-centre-gate", "base", Face.OUTSIDE, 24, 60);
    Aim aim = aim(new Viewpoint(0, 0, 0));
    FoldHand hand = new FoldHand(bench);
    assertFalse(hand.press(aim, 2, new Spot(3, 3)));
    Optional<FoldFrame.Grip> paper =
        aim.grips(2, new Spot(seen(aim, 2).x(), seen(aim, 2).y() + 90)).stream().findFirst();
    assertTrue(paper.isPresent());
    assertFalse(hand.press(aim, 2, new Spot(seen(aim, 2).x(), seen(aim, 2).y() + 90)));
    Job before = job();
    assertTrue(hand.press(aim, 2, seen(aim, 2)));
    robot.interact(hand::release);
    assertEquals(before, job());
  }
}
