package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Cutout;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.scene.Ref;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Papers get their pictures in the window, and parts their places on them. */
@ExtendWith(ApplicationExtension.class)
class PictureWindowTest {
  private static final String PART = "base.right-front";

  private OpenWindow window;
  private Workbench bench;

  @TempDir private Path folder;

  @Start
  void start(Stage stage) throws IOException {
    window = OpenWindow.withAJob(stage);
    bench = window.bench();
  }

  @AfterEach
  void close() {
    window.projects().close();
  }

  /** The first of the demonstration is of paper in a picture; here it begins with stripes. */
  @BeforeEach
  void begin(FxRobot robot) {
    robot.interact(() -> look(colours().with(Motif.STRIPES)));
  }

  private Papers.Colours colours() {
    return bench.derivation().get().orElseThrow().look().colours(PaperRole.PATTERNED);
  }

  private void look(Papers.Colours colours) {
    bench.making().look(PaperRole.PATTERNED, colours);
  }

  private Job job() {
    return bench.job().orElseThrow();
  }

  private Optional<Picture> picture() {
    return Optional.ofNullable(job().papers().colours().get(PaperRole.PATTERNED.id()))
        .flatMap(Papers.Colours::picture);
  }

  private void type(FxRobot robot, List<MenuItem> items, String text) {
    TextField field =
        items.stream()
            .filter(CustomMenuItem.class::isInstance)
            .map(item -> (TextField) ((CustomMenuItem) item).getContent())
            .findFirst()
            .orElseThrow();
    robot.interact(
        () -> {
          field.setText(text);
          field.getOnAction().handle(null);
        });
    WaitForAsyncUtils.waitForFxEvents();
  }

  private Path picture(int wide, int high) throws IOException {
    Path file = folder.resolve("sprigs.png");
    ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
    return file;
  }

  private void choose(FxRobot robot, Path file) {
    robot.interact(() -> bench.station().set(Station.LAYER));
    robot.interact(() -> station(robot).pictures().askWith(chooser -> file.toFile()));
    Menus.press(robot, picture().isEmpty() ? "stripes" : "as in", "a picture of the whole sheet");
  }

  private Cutout part() {
    return Cutout.all(
            bench.derivation().get().orElseThrow().made().orElseThrow().design(), job().papers())
        .get(PART);
  }

  /** It comes, is the size of the sheet it is cut from, is made wider, and goes again. */
  @Test
  void picture_comesWithItsSheet_andIsTakenBack(FxRobot robot) throws IOException {
    Job before = job();
    choose(robot, picture(500, 700));
    OpenWindow.waitFor(() -> picture().isPresent());
    assertEquals("sprigs.png", picture().orElseThrow().label());
    assertEquals(
        picture().orElseThrow().high(),
        job().cutting().sheet(PaperRole.PATTERNED).orElseThrow().height());
    type(robot, Menus.items(robot, "as in"), "305");
    assertEquals(Length.ofMillimetres(305), picture().orElseThrow().wide());
    assertEquals(427, picture().orElseThrow().high().toMillimetres(), 0.01);
    type(robot, Menus.items(robot, "as in"), "5");
    assertTrue(bench.notice().get().contains("no width of a sheet"), bench.notice().get());
    assertEquals("sprigs.png", job().papers().of(PaperRole.PATTERNED).name());
    Menus.press(robot, "as in", "Without the picture");
    assertTrue(picture().isEmpty());
    assertEquals(Paper.PATTERNED, job().papers().of(PaperRole.PATTERNED));
    assertEquals(before.cutting(), job().cutting());
    while (!job().equals(before)) {
      robot.interact(() -> bench.undo());
    }
  }

  /** A broken file, one that is none and one that is gone are told, and nothing is changed. */
  @Test
  void whatIsNoPicture_isTold(FxRobot robot) throws IOException {
    Job before = job();
    choose(robot, Files.writeString(folder.resolve("no.jpg"), "no picture"));
    OpenWindow.waitFor(() -> bench.notice().get().contains("no.jpg is no picture"));
    choose(robot, folder.resolve("gone.jpg"));
    OpenWindow.waitFor(() -> bench.notice().get().contains("cannot be read"));
    assertEquals(before, job());
  }

  /** A part is cut where the maker wants it, as far as the sheet goes, and a hand slides it. */
  @Test
  void part_getsItsPlace_byWords_byNumbers_andByHand(FxRobot robot) throws IOException {
    choose(robot, picture(700, 700));
    OpenWindow.waitFor(() -> picture().isPresent());
    type(robot, Menus.items(robot, "as in"), "300");
    assertFalse(part().isPlaced());
    Menus.press(robot, "as in", "right flap layer", "The middle of the picture");
    Picture.Spot middle = part().spot();
    assertTrue(part().isPlaced());
    assertEquals(
        300, 2 * middle.left().toMillimetres() + part().frame().width().toMillimetres(), 0.02);
    Menu menu =
        (Menu)
            Menus.items(robot, "as in").stream()
                .filter(each -> "right flap layer".equals(each.getText()))
                .findFirst()
                .orElseThrow();
    type(robot, menu.getItems(), "40 x 25");
    assertEquals(Length.ofMillimetres(40), part().spot().left());
    type(robot, menu.getItems(), "4000 x 25");
    assertTrue(bench.notice().get().contains("The sheet ends there"));
    type(robot, menu.getItems(), "somewhere");
    assertTrue(bench.notice().get().contains("no place on the sheet"));
    Menus.press(robot, "as in", "right flap layer", "Turned by a quarter");
    assertEquals(1, part().spot().quarters());
    Menus.press(robot, "what lies there", "the picture on it");
    Picture.Spot before = part().spot();
    LayerStation station = station(robot);
    robot.interact(
        () -> {
          bench.chosen().set(Set.of(new Ref("base", "right-front")));
          station.press(0, 0);
          station.drag(0, 8);
          station.drag(0, 8);
          station.release();
        });
    // Turned clockwise, what was left on the sheet is on top: pulled down, the sheet goes right.
    assertTrue(part().spot().left().compareTo(before.left()) < 0);
    assertEquals(before.top(), part().spot().top());
    robot.interact(() -> bench.undo());
    assertEquals(before, part().spot(), "one pull is taken back at once");
    Menus.press(robot, "as in", "right flap layer", "Cut wherever there is room");
    assertEquals(Map.of(), job().papers().spots());
    Menus.press(robot, "as in", "Cut all as shown");
    assertEquals(3, job().papers().spots().size());
  }

  private static LayerStation station(FxRobot robot) {
    return ((MainWindow) OpenWindow.paper(robot).getScene().getRoot()).decorate();
  }

  /** A project from another machine says that its picture is not here. */
  @Test
  void pictureThatIsNotHere_isTold(FxRobot robot) {
    Length side = Length.ofMillimetres(300);
    Picture other = new Picture("0123456789abcdef.jpg", "waves.jpg", side, side, 0x445566);
    robot.interact(() -> bench.station().set(Station.LAYER));
    robot.interact(() -> look(colours().as(other)));
    assertTrue(String.join(" ", OpenWindow.texts(robot)).contains("is not kept on this machine"));
  }

  /** A sheet from here that has a top of its own is known to have one; the cure turns it. */
  @Test
  void sheetFromHere_isUpright_orFound(FxRobot robot) {
    robot.interact(
        () -> bench.choosing().choose(bench.library().pattern("banded-half-fold").orElseThrow()));
    robot.interact(() -> bench.station().set(Station.LAYER));
    Papers.Colours before = colours();
    Menus.press(robot, "waves", "A sheet from here", "reeds");
    assertEquals(Paper.Print.UPRIGHT, job().papers().of(PaperRole.PATTERNED).print());
    OpenWindow.waitFor(
        () -> bench.folding().folder().answered().get().isPresent() && wrong().isPresent());
    Finding.Fix fix = wrong().orElseThrow().fix().orElseThrow();
    robot.interact(() -> bench.sizing().cure(fix));
    assertEquals(2, job().papers().spots().values().iterator().next().quarters());
    robot.interact(() -> bench.undo());
    robot.interact(() -> bench.undo());
    assertEquals(before, colours());
  }

  private Optional<Finding> wrong() {
    return bench.derivation().get().stream()
        .flatMap(
            now ->
                bench.folding().folder().answered().get().stream()
                    .flatMap(each -> now.folded(each.answer()).findings().stream()))
        .filter(each -> each.kind() == FindingKind.PRINT_DIRECTION)
        .findFirst();
  }
}
