package cufflink.desktop.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Ref;
import cufflink.desktop.CufflinkApp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Flags over the paper: few at once, and over nothing that must be read. */
@ExtendWith(ApplicationExtension.class)
class FlagLayerTest {
  private Set<Ref> lit = Set.of();
  private FlagLayer layer;

  @Start
  void start(Stage stage) {
    FontBook.prepare();
    layer = new FlagLayer(refs -> lit = refs);
    Scene scene = new Scene(new StackPane(layer), 900, 560);
    scene
        .getStylesheets()
        .addAll(
            CufflinkApp.class.getResource("theme-light.css").toExternalForm(),
            CufflinkApp.class.getResource("cufflink.css").toExternalForm());
    stage.setScene(scene);
    stage.show();
  }

  private static Flag flag(int number) {
    return new Flag(
        List.of(new Ref("base", "line-" + number)),
        "The flap hangs over the edge of the card by so much, " + number + ".",
        number % 2 == 0,
        Optional.of(
            new Flag.Cure(
                "Make the flap as wide as the card is, less a border on either side", () -> {})));
  }

  private List<Node> cloths() {
    return layer.getChildren().stream()
        .filter(each -> each.getStyleClass().contains("flag"))
        .toList();
  }

  private static Rectangle2D box(Node node) {
    var bounds = node.getBoundsInParent();
    return new Rectangle2D(
        bounds.getMinX(), bounds.getMinY(), bounds.getWidth(), bounds.getHeight());
  }

  @Test
  void many_areThreeAtOnceUntilAllAreAskedFor(FxRobot robot) {
    List<Flag> flags = List.of(flag(2), flag(4), flag(6), flag(8), flag(1));
    robot.interact(() -> layer.plant(flags));
    assertEquals(3, cloths().size());
    assertEquals(
        1,
        cloths().stream()
            .flatMap(each -> each.lookupAll(".label").stream())
            .filter(each -> each instanceof Label label && label.getText().startsWith("3 more"))
            .count());
    robot.interact(() -> robot.lookup("Show them all").queryAs(Button.class).fire());
    assertEquals(5, cloths().size());
    robot.interact(() -> layer.plant(flags));
    assertEquals(5, cloths().size());
  }

  @Test
  void place_coversNoNumberAndNoOtherFlag(FxRobot robot) {
    Random random = new Random(12);
    for (int round = 0; round < 20; round++) {
      List<Rectangle2D> numbers = new ArrayList<>();
      for (int i = 0; i < 8; i++) {
        double x = 60 + random.nextInt(780);
        numbers.add(new Rectangle2D(x, i % 2 == 0 ? 14 : 525, 40, 24));
      }
      robot.interact(
          () -> {
            layer.plant(List.of(flag(2), flag(4)));
            layer.place(
                ref -> Optional.of(new Spot(60 + random.nextInt(780), 60 + random.nextInt(440))),
                numbers);
          });
      List<Rectangle2D> boxes = new ArrayList<>();
      robot.interact(() -> cloths().forEach(each -> boxes.add(box(each))));
      assertFalse(boxes.get(0).intersects(boxes.get(1)), boxes::toString);
      for (Rectangle2D number : numbers) {
        assertTrue(boxes.stream().noneMatch(number::intersects), boxes + " over " + number);
      }
    }
  }

  /** A long cure goes on in a second line; none of its words is cut off. */
  @Test
  void cure_isReadToItsEnd(FxRobot robot) {
    robot.interact(
        () -> {
          layer.plant(List.of(flag(2)));
          layer.place(ref -> Optional.of(new Spot(300, 400)), List.of());
          layer.layout();
        });
    Button cure = robot.lookup(".cure").queryButton();
    Text text = (Text) cure.lookup(".text");
    assertEquals(cure.getText(), text.getText());
    assertTrue(cure.getHeight() > 40, "" + cure.getHeight());
  }

  @Test
  void pointedAt_lightsItsPlace(FxRobot robot) {
    robot.interact(
        () -> {
          layer.plant(List.of(flag(2)));
          layer.place(ref -> Optional.of(new Spot(300, 400)), List.of());
        });
    robot.moveTo(cloths().get(0));
    assertEquals(Set.of(new Ref("base", "line-2")), lit);
  }
}
