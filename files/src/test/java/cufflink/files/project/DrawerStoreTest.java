package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.cut.Trimmer;
import cufflink.core.job.Cutting;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.size.StandardSizes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DrawerStoreTest {
  private static final AtomicFile WRITER = new AtomicFile(AtomicFile.Disk.REAL);
  private static final Paper TIDE =
      new Paper("tide blue ½", 300, 1.15, true, Paper.Print.SIDEWAYS, Paper.Grain.LONG);

  @TempDir private Path folder;

  private DrawerStore store() {
    return new DrawerStore(folder.resolve("drawer.json"), WRITER);
  }

  private static Stock stock(String id, int count) {
    return new Stock(
        id, "A4", Length.ofMillimetres(210), Length.ofMillimetres(297), count, false, TIDE);
  }

  @Test
  void change_thenRead_givesItBack() {
    assertEquals(Drawer.EMPTY, store().read().orElseThrow());
    Drawer kept =
        new Drawer(List.of(stock("a4", 7)), Map.of("Signs 🚲", Map.of("a4", 2)))
            .putOffCut(TIDE, Length.ofInches(7, 2), Length.ofInches(85, 16), 3);
    store().change(each -> kept).orElseThrow();
    assertEquals(kept, store().read().orElseThrow());
  }

  @Test
  void change_keepsWhatAnotherWindowDid() {
    DrawerStore one = store();
    DrawerStore other = store();
    one.change(each -> each.put(stock("a4", 4)));
    other.change(
        each -> each.putOffCut(TIDE, Length.ofMillimetres(60), Length.ofMillimetres(80), 1));
    Drawer both = one.change(each -> each.withCount("a4", 3)).orElseThrow();
    assertEquals(List.of(3, 1), both.stock().stream().map(Stock::count).toList());
  }

  @Test
  void change_aDamagedFile_isNotOverwritten() throws IOException {
    Path file = folder.resolve("drawer.json");
    for (String text : List.of("{\"format\" : \"cufflink-drawer/1\", \"stock\" : [ {", "", "[1]")) {
      Files.writeString(file, text);
      Parsed<Drawer> changed = store().change(each -> Drawer.EMPTY);
      assertEquals(
          "drawer.json is damaged; put the previous version, which has “~” behind its name, in its"
              + " place.",
          changed.problem().say(Spoken.ENGLISH));
      assertEquals(text, Files.readString(file));
    }
  }

  @Test
  void read_anEntryWithoutSides_isNamed() throws IOException {
    Path file = folder.resolve("drawer.json");
    Files.writeString(
        file,
        "{\"format\":\"cufflink-drawer/1\",\"stock\":[{\"id\":\"x\",\"width\":\"0 mm\","
            + "\"height\":\"20 mm\",\"count\":1,\"paper\":{\"grammage\":90}}]}");
    assertTrue(
        store()
            .read()
            .problem()
            .say(Spoken.ENGLISH)
            .startsWith("drawer.json: entry 1 makes no sense"));
  }

  @Test
  void project_keepsSheetsAndTrimmer() {
    Cutting cutting =
        Cutting.USUAL
            .withSheet(PaperRole.CARDSTOCK, StandardSizes.sheet("letter").orElseThrow())
            .withTrimmer(
                new Trimmer(
                    Length.ofMillimetres(330), Length.ofMillimetres(9), Length.ofMillimetres(3)));
    Job job = Jobs.gate().withCutting(cutting);
    assertEquals(job, ProjectFormat.read("x", ProjectFormat.write(job)).orElseThrow());
  }
}
