package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A card is seen to move from one state to the next, and rests there. */
@ExtendWith(ApplicationExtension.class)
class GlideTest {
  private final List<Double> seen = new ArrayList<>();
  private Glide glide;

  @Start
  void start(Stage stage) {
    glide = new Glide(() -> seen.add(glide.at(3)));
    stage.show();
  }

  /** On a clock of its own: how fast a machine draws decides nothing. */
  @Test
  void onItsWay_itIsBetween_andThenItRests(FxRobot robot) {
    robot.interact(
        () -> {
          glide.go(1, 3);
          glide.stop();
          for (long tenth = 1; tenth <= 12; tenth++) {
            glide.handle(tenth * 100_000_000);
          }
        });
    List<Double> way = OpenWindow.seen(() -> List.copyOf(seen));
    assertEquals(1, way.get(0));
    for (int i = 1; i < way.size(); i++) {
      assertTrue(way.get(i) >= way.get(i - 1), way::toString);
    }
    assertTrue(way.stream().filter(each -> each > 1 && each < 3).count() > 5, way::toString);
    assertEquals(3, way.get(way.size() - 1));
    assertEquals(3, OpenWindow.seen(() -> glide.at(3)));
  }

  /** Of another card, or after a jump to elsewhere, it knows nothing. */
  @Test
  void elsewhere_itIsWhereTheCardRests(FxRobot robot) {
    robot.interact(
        () -> {
          glide.go(1, 3);
          glide.stop();
        });
    assertEquals(2, OpenWindow.seen(() -> glide.at(2)));
    robot.interact(() -> glide.go(0, 0));
    assertEquals(0, OpenWindow.seen(() -> glide.at(0)));
  }
}
