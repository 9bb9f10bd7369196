package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.job.Job;
import cufflink.core.paper.Paper;
import cufflink.core.words.Language;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.DemoProjects;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** In a language that is none, no English word is left in the window, and none is cut off. */
@ExtendWith(ApplicationExtension.class)
class LanguageWindowTest {
  /** Words that are the same in every language: units, and the names of formats and sizes. */
  private static final Pattern SAME =
      Pattern.compile("\\b(mm|in|cm|g|m|Ctrl|Tab|Shift|F1|[A-Z]?\\d*)\\b|Cufflink");

  private OpenWindow window;
  private static final List<String> TITLES = DemoProjects.all().stream().map(Job::title).toList();

  private Workbench bench;

  @Start
  void start(Stage stage) throws IOException {
    Words.speak(Language.PSEUDO);
    window = OpenWindow.spoken(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
    Words.speak(Language.ENGLISH);
  }

  @Test
  void everyStation_saysNothingInEnglish(FxRobot robot) {
    Map<String, TreeSet<String>> english = new TreeMap<>();
    Map<String, TreeSet<String>> cut = new TreeMap<>();
    int seen = 0;
    for (Station station : Station.values()) {
      robot.interact(() -> bench.station().set(station));
      WaitForAsyncUtils.waitForFxEvents();
      List<String> texts = texts(robot);
      seen += texts.size();
      texts.stream()
          .filter(this::isEnglish)
          // What makers have called their projects stays as they wrote it.
          .filter(each -> TITLES.stream().noneMatch(each::equals))
          .forEach(each -> english.computeIfAbsent("" + station, s -> new TreeSet<>()).add(each));
      cutOff(robot)
          .forEach(each -> cut.computeIfAbsent("" + station, s -> new TreeSet<>()).add(each));
    }
    assertTrue(seen > 150, "only " + seen);
    assertEquals(Map.of(), english);
    assertEquals(Map.of(), cut);
  }

  /** The language that is none has a mark on every vowel, and no English word is without one. */
  private boolean isEnglish(String text) {
    String title = bench.job().map(Job::title).orElse("");
    String said = text.replace(title, "");
    // So do the names of the pieces that they put on.
    for (Topper topper : bench.job().map(job -> job.order().toppers()).orElse(List.of())) {
      said = said.replace(topper.label(), "").replace(topper.words(), "");
    }
    // And those of their papers.
    for (Paper paper : bench.job().map(job -> job.papers().byRole()).orElse(Map.of()).values()) {
      said = said.replace(paper.name(), "");
    }
    String rest = SAME.matcher(said).replaceAll("");
    return rest.codePoints().anyMatch(each -> "aeiouyAEIOUY".indexOf(each) >= 0);
  }

  private static List<String> texts(FxRobot robot) {
    List<String> texts = new ArrayList<>();
    robot.interact(
        () -> {
          robot
              .lookup(node -> node instanceof Labeled && node.isVisible())
              .queryAllAs(Labeled.class)
              .forEach(each -> texts.add(each.getText()));
          robot
              .lookup(node -> node instanceof TextInputControl && node.isVisible())
              .queryAllAs(TextInputControl.class)
              .forEach(each -> texts.add(each.getPromptText()));
          robot
              .lookup(node -> node instanceof WordButton)
              .queryAllAs(WordButton.class)
              .forEach(each -> each.items().stream().map(MenuItem::getText).forEach(texts::add));
        });
    texts.removeIf(each -> each == null || each.isBlank());
    return texts;
  }

  /** JavaFX ends what has no room with an ellipsis, and tells nobody. */
  private static List<String> cutOff(FxRobot robot) {
    List<String> cut = new ArrayList<>();
    robot.interact(
        () -> {
          robot.window(0).getScene().getRoot().layout();
          robot
              .lookup(node -> node instanceof Labeled && isShown(node))
              .queryAllAs(Labeled.class)
              .forEach(
                  labeled -> {
                    boolean ends =
                        labeled.getChildrenUnmodifiable().stream()
                            .filter(Text.class::isInstance)
                            .map(each -> ((Text) each).getText())
                            .anyMatch(each -> !each.equals(labeled.getText()));
                    if (ends && !labeled.getText().isEmpty()) {
                      cut.add(labeled.getText());
                    }
                  });
        });
    return cut;
  }

  private static boolean isShown(Node node) {
    for (Node each = node; each != null; each = each.getParent()) {
      if (!each.isVisible() || !each.isManaged() && each != node) {
        return false;
      }
    }
    return ((Labeled) node).getWidth() > 0;
  }
}
