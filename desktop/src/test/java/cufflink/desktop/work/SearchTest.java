package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What takes long is looked for beside the window, can be stopped, and gives way to what is new.
 */
@ExtendWith(ApplicationExtension.class)
class SearchTest {
  private final List<String> answers = Collections.synchronizedList(new ArrayList<>());
  private final Search search = new Search();

  private static String until(BooleanSupplier stops, String answer) {
    while (!stops.getAsBoolean()) {
      Thread.onSpinWait();
    }
    return answer;
  }

  private static void waitFor(java.util.concurrent.Callable<Boolean> condition) throws Exception {
    WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, condition);
  }

  @Test
  void quickAnswer_isThereAtOnce(FxRobot robot) {
    robot.interact(() -> search.ask(stops -> "quick", answers::add));
    assertEquals(List.of("quick"), answers);
    assertFalse(search.busy().get());
  }

  @Test
  void longSearch_stoppedByTheMaker_givesTheBestSoFar(FxRobot robot) throws Exception {
    robot.interact(() -> search.ask(stops -> until(stops, "best so far"), answers::add));
    assertTrue(search.busy().get());
    assertEquals(List.of(), answers);
    robot.interact(search::stop);
    waitFor(() -> !answers.isEmpty());
    assertEquals(List.of("best so far"), answers);
    assertFalse(search.busy().get());
  }

  @Test
  void anotherQuestion_endsTheOneBefore(FxRobot robot) throws Exception {
    robot.interact(() -> search.ask(stops -> until(stops, "old"), answers::add));
    robot.interact(() -> search.ask(stops -> "new", answers::add));
    waitFor(() -> !answers.isEmpty());
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals(List.of("new"), answers);
  }
}
