package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.CufflinkApp;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What is written can be read: the contrast of the painted pixels of every text, by the formula of
 * WCAG 2.2 (1.4.3: 4.5 to 1, or 3 to 1 from 24 px on; what cannot be pressed is exempt).
 */
@ExtendWith(ApplicationExtension.class)
class ContrastWindowTest {
  private static final double LEAST = 4.5;
  private static final double LEAST_LARGE = 3;
  private static final double LARGE = 24;

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

  @ParameterizedTest
  @ValueSource(strings = {"theme-light.css", "theme-dark.css"})
  void everyText_standsOutFromItsGround(String theme, FxRobot robot) {
    Scene scene = robot.window(0).getScene();
    robot.interact(
        () -> scene.getStylesheets().set(0, CufflinkApp.class.getResource(theme).toExternalForm()));
    Map<String, Double> faint = new TreeMap<>();
    int seen = 0;
    for (Station station : Station.values()) {
      robot.interact(() -> bench.station().set(station));
      WaitForAsyncUtils.waitForFxEvents();
      // What says that one waits comes and goes, and would be gone from the picture.
      OpenWindow.waitFor(() -> OpenWindow.seen(() -> !isWaiting(scene)));
      robot.moveTo(scene.getRoot());
      List<Seen> texts = OpenWindow.seen(() -> look(scene));
      seen += texts.size();
      texts.stream()
          .filter(each -> each.contrast() < each.least())
          .forEach(each -> faint.put(station + ": " + each.text(), each.contrast()));
    }
    assertTrue(seen > 100, "only " + seen + " texts were looked at");
    assertEquals(Map.of(), faint);
  }

  /** A text as it is painted. */
  private record Seen(String text, double contrast, double least) {}

  private static List<Seen> look(Scene scene) {
    WritableImage image = scene.snapshot(null);
    List<Seen> seen = new ArrayList<>();
    for (Node node : scene.getRoot().lookupAll(".text")) {
      if (node instanceof Text text && isSeen(text)) {
        Bounds at = text.localToScene(text.getLayoutBounds());
        double least = text.getFont().getSize() >= LARGE ? LEAST_LARGE : LEAST;
        seen.add(new Seen(text.getText(), contrast(image, at), least));
      }
    }
    return seen;
  }

  private static boolean isWaiting(Scene scene) {
    return scene.getRoot().lookupAll(".text").stream()
        .anyMatch(
            node ->
                node instanceof Text text
                    && text.getText().equals(Words.say("shelf.looking"))
                    && isSeen(text));
  }

  private static boolean isSeen(Text text) {
    for (Node node = text; node != null; node = node.getParent()) {
      if (!node.isVisible() || node.isDisabled() || node.getOpacity() < 1) {
        return false;
      }
      // What is scrolled away is not painted.
      boolean scrolls = node.getStyleClass().contains("viewport");
      Bounds room = node.localToScene(node.getLayoutBounds());
      if (scrolls && !room.contains(text.localToScene(text.getLayoutBounds()))) {
        return false;
      }
    }
    return !text.getText().isBlank();
  }

  /** The ground is the colour of most pixels; the letters are what differs from it most. */
  private static double contrast(WritableImage image, Bounds at) {
    PixelReader pixels = image.getPixelReader();
    Map<Integer, Integer> counts = new HashMap<>();
    int right = (int) Math.min(image.getWidth(), Math.ceil(at.getMaxX()));
    int bottom = (int) Math.min(image.getHeight(), Math.ceil(at.getMaxY()));
    for (int x = (int) Math.max(0, at.getMinX()); x < right; x++) {
      for (int y = (int) Math.max(0, at.getMinY()); y < bottom; y++) {
        counts.merge(pixels.getArgb(x, y), 1, Integer::sum);
      }
    }
    int ground =
        counts.entrySet().stream()
            .max(Map.Entry.comparingByValue())
            .map(Map.Entry::getKey)
            .orElse(0);
    return counts.keySet().stream().mapToDouble(each -> contrast(each, ground)).max().orElse(1);
  }

  private static double contrast(int one, int other) {
    double a = luminance(one);
    double b = luminance(other);
    return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
  }

  /** WCAG 2.2, relative luminance. */
  private static double luminance(int argb) {
    return 0.2126 * linear(argb >> 16 & 0xff)
        + 0.7152 * linear(argb >> 8 & 0xff)
        + 0.0722 * linear(argb & 0xff);
  }

  private static double linear(int channel) {
    double share = channel / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }
}
