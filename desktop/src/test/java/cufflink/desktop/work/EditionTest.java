package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.ProjectFormat;
import cufflink.files.project.ProjectStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A job keeps the construction it was begun with, whatever becomes of the pattern file. */
class EditionTest {
  private static final String FIRST =
      """
      format: cufflink-pattern/1
      id: oar-card
      name: Oar card
      about: A half-fold.
      family: half-fold
      level: 1
      minutes: 10
      parameters:
        width:  {label: Width, default: 104 mm, role: finished-width, scales: across}
        height: {label: Height, default: 146 mm, role: finished-height, scales: along}
        side:   {label: Border, default: 7 mm}
      pieces:
        base:
          label: card base
          size: [2 * width, height]
          scores:
            centre: {x: width, fold: valley, label: Centre}
      layers:
        front: {label: front layer, on: base, face: outside, panel: [0 mm, 0 mm, width, height], border: 2 * side}
      folding:
        - {stage: Fold it, drive: {centre: 180}}
      """;

  @TempDir private Path folder;

  private final AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);

  @BeforeEach
  void write() throws IOException {
    edition(FIRST);
  }

  private void edition(String text) throws IOException {
    Files.createDirectories(folder.resolve("patterns"));
    Files.writeString(folder.resolve("patterns/oar-card.yaml"), text);
  }

  private Workbench table() {
    PatternLibrary library = PatternLibrary.with(folder.resolve("patterns"));
    assertEquals(List.of(), library.problems());
    return new Workbench(library, Marks.MILLIMETRES);
  }

  private Job saved() {
    Workbench table = table();
    table.choosing().choose(table.library().pattern("oar-card").orElseThrow());
    table.sizing().type("side", "9");
    table.making().pin("side");
    Job job = table.job().orElseThrow();
    String text = ProjectFormat.write(job);
    assertEquals(job, ProjectFormat.read("oar", text).orElseThrow());
    return job;
  }

  private static Length height(Workbench table) {
    return table.derivation().get().orElseThrow().made().orElseThrow().design().base().height();
  }

  @Test
  void job_opensWithItsOwnConstruction_whenTheFileHasChanged() throws IOException {
    Job job = saved();
    edition(FIRST.replace("size: [2 * width, height]", "size: [2 * width, height + 10 mm]"));
    Workbench table = table();
    assertTrue(table.lay(job, Optional.empty()));
    assertEquals(Length.ofMillimetres(146), height(table));
    Edition newer = table.editions().newer().orElseThrow();
    assertEquals(
        List.of("The card base is 208 × 156 instead of 208 × 146."),
        table.editions().changesWith(newer).stream()
            .map(each -> each.say(table.format()))
            .toList());
    table.editions().take(newer);
    assertEquals(Length.ofMillimetres(156), height(table));
    assertTrue(table.editions().newer().isEmpty());
    table.undo();
    assertEquals(Length.ofMillimetres(146), height(table));
  }

  @Test
  void job_opensWithItsOwnConstruction_whenTheFileIsGone() throws IOException {
    Job job = saved();
    Files.delete(folder.resolve("patterns/oar-card.yaml"));
    Workbench table = table();
    assertTrue(table.lay(job, Optional.empty()));
    assertEquals(Length.ofMillimetres(146), height(table));
    assertTrue(table.editions().newer().isEmpty());
  }

  @Test
  void job_whoseTextCannotBeUsed_takesWhatIsAtHand() {
    Job job = saved();
    Workbench table = table();
    assertTrue(table.lay(job.withEdition(new Edition("oar-card", "format: {")), Optional.empty()));
    assertEquals(Length.ofMillimetres(146), height(table));
  }

  /** The value “side” is called “border” in the newer edition, and says so. */
  @Test
  void newerEdition_takesRenamedNumbersAndPinsAlong() throws IOException {
    Job job = saved();
    edition(
        FIRST
            .replace("side:   {label: Border,", "border: {label: Border, formerly: side,")
            .replace("2 * side", "2 * border"));
    Workbench table = table();
    table.lay(job, Optional.empty());
    Edition newer = table.editions().newer().orElseThrow();
    assertEquals(List.of(), table.editions().changesWith(newer), "a name is no change of the card");
    table.editions().take(newer);
    Job after = table.job().orElseThrow();
    assertEquals(Optional.of(Length.ofMillimetres(9)), after.values().length("border"));
    assertTrue(after.pinned().contains("border"));
    assertFalse(after.values().settings().containsKey("side"));
  }

  @Test
  void job_keepsItsIdForEver_andACopyHasOneOfItsOwn() {
    Workbench table = table();
    table.lay(saved(), Optional.empty());
    String id = table.job().orElseThrow().id();
    assertFalse(id.isEmpty());
    table.making().rename("Oars for all");
    table.sizing().type("width", "90");
    table.undo();
    assertEquals(id, table.job().orElseThrow().id());
    ProjectStore store = new ProjectStore(writer);
    Path file = folder.resolve("oars.cufflink");
    assertTrue(store.save(table.job().orElseThrow(), file).value().isPresent());
    assertEquals(id, store.open(file).orElseThrow().id());
    table.becomeACopy("another");
    String copy = table.job().orElseThrow().id();
    assertEquals("another", copy);
    table.undo();
    assertEquals(copy, table.job().orElseThrow().id());
  }
}
