package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;

import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sheet;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Nothing the maker made is ever lost. */
class SavingTest {
  private static final AtomicFile WRITER = new AtomicFile(AtomicFile.Disk.REAL);
  private static final Job FIRST = Jobs.gate();
  private static final Job SECOND = Jobs.gate().withTitle("Second");

  @TempDir private Path folder;

  @Test
  void save_thenOpen_givesTheJobBack() {
    ProjectStore store = new ProjectStore(WRITER);
    Path file = folder.resolve("Karte ½ 🚲.cufflink");
    assertEquals(file, store.save(FIRST, file).orElseThrow());
    assertEquals(FIRST, store.open(file).orElseThrow());
  }

  @Test
  void save_again_keepsThePreviousVersion() {
    ProjectStore store = new ProjectStore(WRITER);
    Path file = folder.resolve("card.cufflink");
    store.save(FIRST, file);
    store.save(SECOND, file);
    assertEquals(SECOND, store.open(file).orElseThrow());
    assertEquals(FIRST, store.open(AtomicFile.previous(file)).orElseThrow());
  }

  @Test
  void save_diskFull_leavesTheOldFileAndNoLitter() throws IOException {
    Path file = folder.resolve("card.cufflink");
    new ProjectStore(WRITER).save(FIRST, file);
    AtomicFile.Disk full = mock(AtomicFile.Disk.class);
    doAnswer(
            call -> {
              Files.write(call.getArgument(0), new byte[] {1, 2, 3});
              throw new IOException("No space left on device");
            })
        .when(full)
        .write(any(), any());
    Parsed<Path> saved = new ProjectStore(new AtomicFile(full)).save(SECOND, file);
    assertEquals(
        file
            + " could not be written (No space left on device); make room or save it somewhere else."
            + " The old file is as it was.",
        saved.problem().say(Spoken.ENGLISH));
    assertEquals(FIRST, new ProjectStore(WRITER).open(file).orElseThrow());
    assertEquals(List.of("card.cufflink"), names());
  }

  @Test
  void save_killedHalfWay_leavesTheOldFile() throws IOException {
    Path file = folder.resolve("card.cufflink");
    new ProjectStore(WRITER).save(FIRST, file);
    Files.writeString(folder.resolve(".card.cufflink.4711.tmp"), "{\"format\" : \"cuff");
    assertEquals(FIRST, new ProjectStore(WRITER).open(file).orElseThrow());
    assertTrue(new ProjectStore(WRITER).save(SECOND, file).value().isPresent());
  }

  @Test
  void save_whereAFolderIs_isOneSentence() throws IOException {
    Path taken = Files.createDirectory(folder.resolve("taken.cufflink"));
    assertEquals(
        taken + " is a folder; give the file a name in it.",
        new ProjectStore(WRITER).save(FIRST, taken).problem().say(Spoken.ENGLISH));
  }

  @Test
  void save_intoAFileAsIfItWereAFolder_isOneSentence() throws IOException {
    Path file = Files.writeString(folder.resolve("plain"), "x");
    Parsed<Path> saved = new ProjectStore(WRITER).save(FIRST, file.resolve("card.cufflink"));
    assertTrue(
        saved.problem().say(Spoken.ENGLISH).contains("could not be written"),
        saved.problem().say(Spoken.ENGLISH));
  }

  /** A change that keeps the time of the file is a change: its content is compared. */
  @Test
  void saveAgain_fileChangedByAnotherWindow_isNotOverwritten() throws IOException {
    ProjectStore store = new ProjectStore(WRITER);
    Path file = folder.resolve("card.cufflink");
    store.save(FIRST, file);
    Optional<String> seen = ProjectStore.fingerprint(file);
    FileTime time = Files.getLastModifiedTime(file);
    Job theirs = Jobs.gate().withTitle("Theirs");
    store.save(theirs, file);
    Files.setLastModifiedTime(file, time);
    assertEquals(
        "card.cufflink was changed by somebody else since it was opened here; save under another"
            + " name to keep both.",
        store.saveAgain(SECOND, file, seen).problem().say(Spoken.ENGLISH));
    assertEquals(theirs, store.open(file).orElseThrow());
    assertTrue(store.saveAgain(SECOND, file, ProjectStore.fingerprint(file)).value().isPresent());
  }

  @Test
  void open_otherEncodings_areReadOrRefusedButNeverGarbled() throws IOException {
    ProjectStore store = new ProjectStore(WRITER);
    Job job = Jobs.gate().withTitle("Tür");
    Path file = folder.resolve("card.cufflink");
    store.save(job, file);
    String text = Files.readString(file);
    Files.writeString(file, "\uFEFF" + text);
    assertEquals(job, store.open(file).orElseThrow());
    Files.write(file, text.getBytes(StandardCharsets.ISO_8859_1));
    assertEquals(
        "card.cufflink is not text in UTF-8; it was written by another program or is damaged: open"
            + " the previous version, which has “~” behind its name.",
        store.open(file).problem().say(Spoken.ENGLISH));
  }

  @Test
  void open_damagedFile_pointsToThePreviousVersion() throws IOException {
    ProjectStore store = new ProjectStore(WRITER);
    Path file = folder.resolve("card.cufflink");
    store.save(FIRST, file);
    store.save(SECOND, file);
    String text = Files.readString(file);
    Files.writeString(file, text.substring(0, text.length() / 2));
    assertTrue(
        store
            .open(file)
            .problem()
            .say(Spoken.ENGLISH)
            .endsWith("The previous version is card.cufflink~."),
        store.open(file).problem().say(Spoken.ENGLISH));
  }

  @Test
  void open_missingOrHugeFile_isOneSentence() throws IOException {
    ProjectStore store = new ProjectStore(WRITER);
    Path none = folder.resolve("none.cufflink");
    assertEquals(
        none + " cannot be read; look at whether it is there and may be read.",
        store.open(none).problem().say(Spoken.ENGLISH));
    Path huge = Files.write(folder.resolve("huge.cufflink"), new byte[5_000_000]);
    assertTrue(
        store.open(huge).problem().say(Spoken.ENGLISH).contains("far larger than any project"));
    assertTrue(store.open(folder).problem().say(Spoken.ENGLISH).contains("cannot be read"));
  }

  @Test
  void settings_areReadAsWritten() {
    Path file = folder.resolve("settings.properties");
    Settings settings =
        Settings.NEW
            .using(folder.resolve("a.cufflink"))
            .using(folder.resolve("b.cufflink"))
            .printingOn("LETTER")
            .workingByPiece(true)
            .withSheets(
                List.of(
                    new Sheet("own", "my A4 x", Length.ofInches(47, 4), Length.ofInches(33, 4)),
                    new Sheet("own", "Ü = 2", Length.ofMillimetres(1), Length.ofMillimetres(2))));
    settings.write(file, WRITER);
    assertEquals(settings, Settings.read(file));
    assertEquals(folder.resolve("b.cufflink").toAbsolutePath(), settings.recent().get(0));
    Settings again = settings.using(folder.resolve("a.cufflink"));
    assertEquals(2, again.recent().size());
  }

  @Test
  void settings_damaged_areThoseOfANewMaker() throws IOException {
    Path file = folder.resolve("settings.properties");
    Files.writeString(file, "marks=\\uZZZZ");
    assertEquals(Settings.NEW, Settings.read(file));
    Files.writeString(
        file, "marks=7mm\nwindow=1,NaN,3,4\ndark=maybe\nsheet.0=-1 x 0 x a\nsheet.1=x");
    assertEquals(Settings.NEW, Settings.read(file));
    assertEquals(Settings.NEW, Settings.read(folder.resolve("none")));
  }

  @Test
  void folders_followTheCustomsOfTheSystem() {
    Path home = Path.of("/home/maker");
    assertEquals(
        home.resolve(".local/share/cufflink"), UserFolders.of(Map.of(), home, "Linux").root());
    assertEquals(
        Path.of("/data/cufflink"),
        UserFolders.of(Map.of("XDG_DATA_HOME", "/data"), home, "Linux").root());
    assertEquals(
        home.resolve("Library/Application Support/Cufflink"),
        UserFolders.of(Map.of(), home, "Mac OS X").root());
    assertEquals(
        Path.of("/roaming/Cufflink"),
        UserFolders.of(Map.of("APPDATA", "/roaming"), home, "Windows 11").root());
    assertEquals(
        Path.of("/own"),
        UserFolders.of(Map.of(UserFolders.OVERRIDE, "/own"), home, "Linux").root());
  }

  private List<String> names() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }
}
