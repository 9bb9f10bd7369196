package cufflink.desktop.wait;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.util.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What takes long is looked for beside the window, can be ended, and gives way to what is new. A
 * question that begins with “long” takes until it is told to stop.
 */
@ExtendWith(ApplicationExtension.class)
class LatestTest {
  private final List<String> answers = Collections.synchronizedList(new ArrayList<>());
  private final List<Boolean> interrupted = Collections.synchronizedList(new ArrayList<>());
  private final Latest<String, String> latest = new Latest<>("test", this::answer);

  private String answer(String question, Asking asking) {
    if (question.startsWith("broken")) {
      throw new IllegalStateException(question);
    }
    if (question.startsWith("long")) {
      asking.tell(question + " so far");
      while (!asking.stops()) {
        Thread.onSpinWait();
      }
      interrupted.add(Thread.currentThread().isInterrupted());
    }
    return question + " answered";
  }

  private static void waitFor(Callable<Boolean> condition) throws Exception {
    WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, condition);
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void quickAnswer_isThereAtOnce(FxRobot robot) throws Exception {
    robot.interact(() -> latest.ask("first"));
    waitFor(() -> latest.answerTo("first").isPresent());
    robot.interact(
        () -> {
          latest.ask("quick", answers::add);
          assertEquals(List.of("quick answered"), answers);
        });
    WaitForAsyncUtils.waitForFxEvents();
    assertEquals(List.of("quick answered"), answers, "taken once");
    assertEquals(Optional.of("quick answered"), latest.answerTo("quick"));
    assertFalse(latest.busy().get());
  }

  @Test
  void longSearch_saysSoAndEndsWithTheBestSoFar(FxRobot robot) throws Exception {
    robot.interact(() -> latest.ask("long", answers::add));
    assertTrue(latest.busy().get());
    assertEquals(List.of(), answers);
    waitFor(() -> latest.slow().get());
    assertEquals("long so far", latest.soFar().get());
    robot.interact(latest::enough);
    waitFor(() -> !answers.isEmpty());
    assertEquals(List.of("long answered"), answers);
    assertFalse(latest.busy().get());
    assertFalse(latest.slow().get());
  }

  @Test
  void anotherQuestion_endsTheOneBeforeWithoutInterruptingIt(FxRobot robot) throws Exception {
    robot.interact(() -> latest.ask("long", answers::add));
    robot.interact(() -> latest.ask("new", answers::add));
    waitFor(() -> !answers.isEmpty());
    assertEquals(List.of("new answered"), answers);
    assertEquals(List.of(false), interrupted);
    assertTrue(latest.answerTo("long").isEmpty());
  }

  @Test
  void sameQuestionAgain_isNotAskedTwice(FxRobot robot) throws Exception {
    robot.interact(() -> latest.ask("long"));
    robot.interact(() -> latest.ask("long"));
    robot.interact(latest::enough);
    waitFor(() -> latest.answerTo("long").isPresent());
    assertEquals(1, interrupted.size());
  }

  @Test
  void whatIsForgotten_isNotAnswered(FxRobot robot) throws Exception {
    robot.interact(() -> latest.ask("long", answers::add));
    robot.interact(latest::forget);
    waitFor(() -> !interrupted.isEmpty());
    assertEquals(List.of(), answers);
    assertFalse(latest.busy().get());
  }

  @Test
  void fault_goesWhereAllFaultsGoAndTheAnswerBeforeStands(FxRobot robot) throws Exception {
    List<String> faults = Collections.synchronizedList(new ArrayList<>());
    robot.interact(
        () -> {
          Thread window = Thread.currentThread();
          Thread.UncaughtExceptionHandler before = window.getUncaughtExceptionHandler();
          window.setUncaughtExceptionHandler((thread, fault) -> faults.add(fault.getMessage()));
          latest.ask("quick");
          latest.ask("broken");
          window.setUncaughtExceptionHandler(before);
        });
    assertEquals(List.of("broken"), faults);
    assertFalse(latest.busy().get());
    assertEquals(Optional.of("quick answered"), latest.answerTo("quick"));
    robot.interact(() -> latest.ask("next"));
    waitFor(() -> latest.answerTo("next").isPresent());
  }

  @Test
  void questionAtRest_onlyTheLastIsWorkedOn(FxRobot robot) throws Exception {
    List<String> worked = Collections.synchronizedList(new ArrayList<>());
    Latest<String, String> resting =
        new Latest<>(
            "resting",
            Duration.millis(50),
            (question, asking) -> {
              worked.add(question);
              return question;
            });
    robot.interact(
        () -> {
          resting.ask("one");
          resting.ask("two");
          resting.ask("three");
        });
    waitFor(() -> resting.answerTo("three").isPresent());
    assertEquals(List.of("three"), worked);
  }

  @Test
  void withoutAWindow_theAnswerIsThereOnReturn() {
    latest.ask("quick", answers::add);
    assertEquals(List.of("quick answered"), answers);
  }
}
