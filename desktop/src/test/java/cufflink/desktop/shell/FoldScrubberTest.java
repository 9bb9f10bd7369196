package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Stage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The slider through the folding. */
@ExtendWith(ApplicationExtension.class)
class FoldScrubberTest {
  private final List<Double> drawn = new ArrayList<>();
  private FoldScrubber scrubber;

  @Start
  void start(javafx.stage.Stage stage) {
    // The toolkit is wanted, not a window.
  }

  @BeforeEach
  void make(FxRobot robot) {
    robot.interact(() -> scrubber = new FoldScrubber(() -> drawn.add(1.0)));
  }

  private static List<Stage> stages(int count) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(i -> new Stage("Step number " + i, "base", Map.of("fold", 180.0)))
        .toList();
  }

  private List<String> texts() {
    return scrubber.lookupAll(".label").stream().map(node -> ((Label) node).getText()).toList();
  }

  @Test
  void show_fewStages_namesEach(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(2), numbers(2)));
    assertTrue(texts().containsAll(List.of("1. Step number 1", "2. Step number 2")));
    assertEquals(2, scrubber.stages());
  }

  @Test
  void show_manyStages_tellsThePresentOne(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(5), numbers(5)));
    robot.interact(() -> scrubber.setMoment(2.4));
    assertTrue(texts().contains("3. Step number 3"), texts()::toString);
    assertTrue(texts().containsAll(List.of("1", "2", "3", "4", "5")));
    robot.interact(() -> scrubber.setMoment(5));
    assertTrue(texts().contains("5. Step number 5"));
  }

  @Test
  void setMoment_staysWithinTheFolding(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(3), numbers(3)));
    robot.interact(() -> scrubber.setMoment(17));
    assertEquals(3, scrubber.moment());
    robot.interact(() -> scrubber.setMoment(-2));
    assertEquals(0, scrubber.moment());
    assertTrue(drawn.size() >= 2, "each move is drawn");
  }

  @Test
  void show_theSameAgain_keepsTheMoment(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(3), numbers(3)));
    robot.interact(() -> scrubber.setMoment(1.3));
    robot.interact(() -> scrubber.show(stages(3), numbers(3)));
    assertEquals(1.3, scrubber.moment());
  }

  @Test
  void show_foldingAndOpening_tellsWhereTheCardIsClosed(FxRobot robot) {
    Stage opening = new Stage("Open it", "base", Map.of(), Stage.Phase.OPENING);
    robot.interact(() -> scrubber.show(List.of(stages(1).get(0), opening), numbers(2)));
    assertEquals(1, scrubber.closing());
    assertTrue(texts().containsAll(List.of("Fold it", "Then use it")), texts()::toString);
  }

  @Test
  void mark_plantsAPennantForEachCatch(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(2), numbers(2)));
    robot.interact(() -> scrubber.mark(List.of(0.5, 1.25)));
    assertEquals(2, scrubber.lookupAll(".pennant").size());
    robot.interact(() -> scrubber.mark(List.of()));
    assertEquals(0, scrubber.lookupAll(".pennant").size());
  }

  private static List<Integer> numbers(int count) {
    return java.util.stream.IntStream.rangeClosed(1, count).boxed().toList();
  }

  /** A piece that is folded later has the numbers that the slip gives its stages. */
  @Test
  void stages_areNumberedAsTheyAreTold(FxRobot robot) {
    robot.interact(() -> scrubber.show(stages(2), List.of(4, 5)));
    assertTrue(texts().containsAll(List.of("4. Step number 1", "5. Step number 2")));
  }
}
