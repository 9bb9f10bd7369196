package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.Stock;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Cutting;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperRole;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.DrawerStore;
import cufflink.files.size.StandardSizes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Planning the cutting and folding in thought, beside the window's thread. */
@ExtendWith(ApplicationExtension.class)
class PlanningTest {
  private final PatternLibrary library = PatternLibrary.shipped();

  @TempDir private Path folder;
  private PaperDrawer drawer;
  private Workbench bench;

  @Start
  void start(Stage stage) {
    // The toolkit is wanted, not a window.
  }

  @BeforeEach
  void layTheVoucher() {
    drawer =
        new PaperDrawer(
            new DrawerStore(folder.resolve("drawer.json"), new AtomicFile(AtomicFile.Disk.REAL)));
    bench = new Workbench(library, Marks.MILLIMETRES, drawer);
    bench.lay(DemoProjects.all().get(0), Optional.empty());
  }

  private Derivation derivation() {
    return bench.derivation().get().orElseThrow();
  }

  private static void waitFor(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, condition);
      WaitForAsyncUtils.waitForFxEvents();
    } catch (TimeoutException late) {
      throw new AssertionError(late);
    }
  }

  private List<PaperPlan> plans(FxRobot robot) {
    robot.interact(() -> bench.cutter().ask(derivation(), bench.drawer()));
    waitFor(() -> !bench.cutter().planner().busy().get());
    return bench.cutter().plans().get();
  }

  @Test
  void ask_plansEachPaper(FxRobot robot) {
    List<PaperPlan> plans = plans(robot);
    assertEquals(
        List.of(PaperRole.CARDSTOCK, PaperRole.PATTERNED),
        plans.stream().map(PaperPlan::role).toList());
    assertTrue(plans.stream().map(PaperPlan::plan).allMatch(CutPlan::isLeast));
  }

  @Test
  void ask_forTheSameAgain_keepsThePlans(FxRobot robot) {
    List<PaperPlan> first = plans(robot);
    robot.interact(() -> bench.making().note("Nothing of this is cut."));
    robot.interact(() -> bench.cutter().ask(derivation(), bench.drawer()));
    assertFalse(bench.cutter().planner().busy().get());
    assertEquals(first, bench.cutter().plans().get());
  }

  @Test
  void ask_quicklyTwice_answersTheLast(FxRobot robot) {
    robot.interact(
        () -> {
          bench.making().order(bench.job().orElseThrow().order().withCopies(40));
          bench.cutter().ask(derivation(), bench.drawer());
          bench.making().order(bench.job().orElseThrow().order().withCopies(2));
          bench.cutter().ask(derivation(), bench.drawer());
        });
    waitFor(() -> !bench.cutter().planner().busy().get());
    assertEquals(2, bench.cutter().plans().get().get(0).question().parts().get(0).count());
  }

  @Test
  void ask_withPaperInTheDrawer_takesItFirst(FxRobot robot) {
    Stock scrap =
        new Stock(
            "scrap",
            "scrap",
            Length.ofMillimetres(380),
            Length.ofMillimetres(170),
            1,
            true,
            bench.making().papers().card());
    robot.interact(() -> bench.making().changeDrawer(each -> each.put(scrap), "drawer.changed"));
    assertEquals(0, plans(robot).get(0).plan().newSheets());
    String title = bench.job().orElseThrow().title();
    List<CutPlan> all = bench.cutter().plans().get().stream().map(PaperPlan::plan).toList();
    robot.interact(
        () -> bench.making().changeDrawer(each -> each.reserve(title, all), "drawer.was-reserved"));
    assertEquals(
        0, bench.drawer().free(bench.making().papers().card(), "another job").get(0).count());
  }

  @Test
  void cut_fromALargerSheet_isRemembered(FxRobot robot) {
    Cutting cutting =
        Cutting.USUAL.withSheet(PaperRole.CARDSTOCK, StandardSizes.sheet("a3").orElseThrow());
    robot.interact(() -> bench.making().cut(cutting));
    assertEquals("a3", plans(robot).get(0).plan().sheets().get(0).stock().id());
    robot.interact(() -> bench.undo());
    assertEquals("a4", plans(robot).get(0).plan().sheets().get(0).stock().id());
  }

  @Test
  void drawer_isKeptOnTheDisk_andADamagedOneIsTold() throws IOException {
    bench
        .making()
        .changeDrawer(
            each ->
                each.putOffCut(
                    bench.making().papers().card(),
                    Length.ofMillimetres(90),
                    Length.ofMillimetres(70),
                    2),
            "drawer.changed");
    Path file = folder.resolve("drawer.json");
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    PaperDrawer again = new PaperDrawer(new DrawerStore(file, writer));
    assertEquals(bench.drawer(), again.drawer().get());
    Files.writeString(file, "{");
    PaperDrawer damaged = new PaperDrawer(new DrawerStore(file, writer));
    Workbench other = new Workbench(library, Marks.MILLIMETRES, damaged);
    assertTrue(other.notice().get().startsWith("drawer.json is damaged"));
  }

  @Test
  void folding_answersForTheCardAtRest(FxRobot robot) {
    robot.interact(() -> bench.folding().ask(derivation()));
    waitFor(() -> bench.folding().of(derivation().made().orElseThrow().card()).isPresent());
    FoldReport folded = bench.folding().of(derivation().made().orElseThrow().card()).orElseThrow();
    assertTrue(folded.findings().isEmpty());
    assertTrue(folded.thickness().isPresent());
    assertEquals(
        derivation().made().orElseThrow().design(),
        bench.folding().folder().answered().get().orElseThrow().question().card().design());
    robot.interact(() -> bench.sizing().type("left", "80"));
    assertTrue(
        bench.folding().of(derivation().made().orElseThrow().card()).isEmpty(),
        "that was another card");
    robot.interact(() -> bench.folding().ask(derivation()));
    waitFor(() -> bench.folding().of(derivation().made().orElseThrow().card()).isPresent());
  }
}
