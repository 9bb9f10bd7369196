package cufflink.desktop.shell;

import static cufflink.desktop.shell.OpenWindow.waitFor;
import static cufflink.desktop.shell.OpenWindow.waitForWords;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.ahead.Planned;
import cufflink.core.job.Job;
import cufflink.core.log.Done;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Two planned jobs are worked off in one session, with one key. */
@ExtendWith(ApplicationExtension.class)
class TogetherWindowTest {
  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
    try (LogStore store = LogStore.open(new UserFolders(window.folder()).log()).orElseThrow()) {
      for (int i = 0; i < 2; i++) {
        Job job = window.demonstration().get(i).withId("job-" + i);
        LocalDate due = LocalDate.of(2030, 5, 1 + i);
        store.put(new Planned("plan-" + i, due, job, "Card", "", "")).orElseThrow();
      }
    }
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  private String now() {
    return bench.job().orElseThrow().id();
  }

  @Test
  void plansAreMadeTogether_eachComesWhenItsTurnIs_andAllIsDone(FxRobot robot) {
    robot.interact(() -> bench.station().set(Station.LOG));
    robot.clickOn("Ahead");
    waitForWords(robot, "Make all that is planned in one session");
    robot.clickOn("Make all that is planned in one session");
    waitFor(() -> bench.station().get() == Station.MAKE && now().startsWith("job-"));
    List<String> turns = new ArrayList<>();
    for (int i = 0; i < 400 && count("job-0") + count("job-1") < 2; i++) {
      waitFor(() -> !bench.cutter().planner().busy().get());
      if (turns.isEmpty() || !turns.get(turns.size() - 1).equals(now())) {
        turns.add(now());
      }
      if (OpenWindow.texts(robot).contains("Go on with the others")) {
        robot.clickOn("Go on with the others");
      } else {
        robot.type(KeyCode.SPACE);
      }
    }
    assertEquals(2, count("job-0") + count("job-1"), turns.toString());
    assertTrue(turns.size() > 2, turns.toString());
  }

  /** One once a job has been looked at, which is the last thing that is done. */
  private int count(String job) {
    return (int)
        bench.making().maker().done(job).stream()
            .filter(each -> each.kind() == Done.Kind.MADE)
            .filter(each -> each.act().task().startsWith("inspect"))
            .count();
  }
}
