package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.io.IOException;
import java.lang.reflect.Field;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.beans.property.ReadOnlyProperty;
import javafx.beans.value.ObservableValue;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Whoever listens has an owner: however often a station is shown anew, no more are listening. */
@ExtendWith(ApplicationExtension.class)
class ListenerTest {
  private OpenWindow window;
  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  @Test
  void refreshes_leaveNoListenersBehind(FxRobot robot) {
    Map<String, List<Integer>> grown = new TreeMap<>();
    for (Station station : Station.values()) {
      robot.interact(() -> bench.station().set(station));
      refresh(robot, 2);
      List<Integer> before = listeners();
      refresh(robot, 6);
      List<Integer> after = listeners();
      assertTrue(before.stream().mapToInt(each -> each).sum() > 5, "nobody is counted");
      if (!after.equals(before)) {
        grown.put(station + " from " + before, after);
      }
    }
    assertEquals(Map.of(), grown);
  }

  private void refresh(FxRobot robot, int times) {
    for (int i = 0; i < times; i++) {
      int step = i % 2 == 0 ? 1 : -1;
      robot.interact(() -> bench.sizing().nudge("left", step));
    }
  }

  /** Counts who listens to each property that outlives what is shown. */
  private List<Integer> listeners() {
    List<ObservableValue<?>> watched = new ArrayList<>();
    watched.add(bench.derivation());
    watched.add(bench.station());
    watched.add(bench.chosen());
    watched.add(bench.notice());
    watched.add(bench.keeping().unsaved());
    watched.add(bench.history().canUndo());
    watched.add(bench.cutter().plans());
    for (Latest<?, ?> latest :
        List.of(bench.cutter().planner(), bench.sizing().search(), bench.folding().folder())) {
      watched.add(latest.answered());
      watched.add(latest.busy());
      watched.add(latest.slow());
      watched.add(latest.soFar());
    }
    return watched.stream().map(ListenerTest::count).toList();
  }

  /** JavaFX tells nobody how many listen, so it is read where it keeps them. */
  private static int count(ObservableValue<?> value) {
    try {
      Object helper = field(value, "helper");
      if (helper == null) {
        return 0;
      }
      if (!helper.getClass().getSimpleName().equals("Generic")) {
        return 1;
      }
      return (int) field(helper, "changeSize") + (int) field(helper, "invalidationSize");
    } catch (ReflectiveOperationException strange) {
      throw new AssertionError(name(value), strange);
    }
  }

  private static String name(ObservableValue<?> value) {
    return value instanceof ReadOnlyProperty<?> property
        ? property.getName() + " " + value.getClass()
        : value.getClass().getName();
  }

  private static Object field(Object object, String name) throws ReflectiveOperationException {
    for (Class<?> type = object.getClass(); type != null; type = type.getSuperclass()) {
      for (Field field : type.getDeclaredFields()) {
        if (field.getName().equals(name)) {
          field.setAccessible(true);
          return field.get(object);
        }
      }
    }
    throw new NoSuchFieldException(name + " of " + object.getClass());
  }
}
