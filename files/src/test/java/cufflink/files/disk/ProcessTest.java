package cufflink.files.disk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Stock;
import cufflink.files.Spoken;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.Drafts;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.ProjectStore;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Real processes on the real disk: ended at any moment, side by side, and with no room left. */
class ProcessTest {
  /** How many processes are ended in mid-saving; many more in the long run. */
  private static final int KILLS = Integer.getInteger("cufflink.kills", 6);

  private static final int MOST_SAVED = 40;
  private static final AtomicFile WRITER = new AtomicFile(AtomicFile.Disk.REAL);

  @TempDir private Path folder;

  private Process start(String... arguments) throws IOException {
    String classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    Path java = Path.of(System.getProperty("java.home"), "bin", "java");
    List<String> line = new java.util.ArrayList<>();
    line.addAll(List.of(java.toString(), "-Xshare:auto", "-XX:TieredStopAtLevel=1", "-cp"));
    line.addAll(List.of(classes, Saver.class.getName()));
    line.addAll(List.of(arguments));
    return new ProcessBuilder(line).redirectErrorStream(true).start();
  }

  /** What was saved last is whole, or what was saved before it; so is the version before. */
  @Test
  void killedInMidSaving_everyFileIsWhole() throws Exception {
    Random random = new Random(4_711);
    ProjectStore store = new ProjectStore(WRITER);
    for (int kill = 0; kill < KILLS; kill++) {
      Path here = Files.createDirectory(folder.resolve("run" + kill));
      Process saver = start(here.toString(), "projects", "100000");
      int last = readSome(saver, 1 + random.nextInt(MOST_SAVED));
      Thread.sleep(0, random.nextInt(1_000_000));
      saver.destroyForcibly().waitFor();
      String what = "after kill " + kill + " at " + last;
      int saved = title(store, here.resolve("card.cufflink"), what);
      assertTrue(saved >= last, what + ": " + saved);
      if (last > 1) {
        int before = title(store, here.resolve("card.cufflink~"), what);
        assertTrue(before >= last - 1, what + ": " + before);
      }
      try (Drafts drafts = new Drafts(here.resolve("drafts"), WRITER)) {
        assertEquals(1, drafts.left().size(), what);
        assertEquals(0, drafts.unreadable(), what);
        assertTrue(drafts.adopt(drafts.left().get(0)).value().isPresent(), what);
      }
    }
  }

  private static int title(ProjectStore store, Path file, String what) {
    var job = store.open(file);
    assertTrue(job.value().isPresent(), () -> what + ": " + job.problem().say(Spoken.ENGLISH));
    return Integer.parseInt(job.orElseThrow().title());
  }

  private static int readSome(Process process, int lines) throws IOException {
    BufferedReader out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    int last = 0;
    for (int i = 0; i < lines; i++) {
      last = Integer.parseInt(out.readLine());
    }
    return last;
  }

  /** Two windows put forty-nine sheets each into one drawer at the same time. */
  @Test
  void twoProcesses_loseNothingOfEachOther() throws Exception {
    Process one = start(folder.toString(), "drawer", "49", "a");
    Process other = start(folder.toString(), "drawer", "49", "b");
    assertEquals(0, one.waitFor(), () -> output(one));
    assertEquals(0, other.waitFor(), () -> output(other));
    DrawerStore drawer = new DrawerStore(folder.resolve("drawer.json"), WRITER);
    assertEquals(98, drawer.read().orElseThrow().stock().stream().mapToInt(Stock::count).sum());
  }

  private static String output(Process process) {
    try {
      return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException lost) {
      return lost.toString();
    }
  }

  /**
   * A small disk that is really full; where none can be made, as without rights, this is left out.
   */
  @Test
  void fullDisk_leavesBothVersionsWhole() throws Exception {
    Path disk = Files.createDirectory(folder.resolve("disk"));
    Assumptions.assumeTrue(
        run("mount", "-t", "tmpfs", "-o", "size=64k", "tmpfs", disk.toString()),
        "no small disk can be mounted here");
    try {
      ProjectStore store = new ProjectStore(WRITER);
      Path file = disk.resolve("card.cufflink");
      store.save(cufflink.files.Jobs.gate().withTitle("1"), file).orElseThrow();
      store.save(cufflink.files.Jobs.gate().withTitle("2"), file).orElseThrow();
      fill(disk);
      var refused = store.save(cufflink.files.Jobs.gate().withTitle("3"), file);
      assertTrue(
          refused.problem().say(Spoken.ENGLISH).contains("make room"),
          () -> refused.problem().say(Spoken.ENGLISH));
      assertEquals(2, title(store, file, "full disk"));
      assertEquals(1, title(store, AtomicFile.previous(file), "full disk"));
      try (var names = Files.list(disk)) {
        assertTrue(names.noneMatch(each -> each.toString().endsWith(".tmp")));
      }
    } finally {
      run("umount", disk.toString());
    }
  }

  private static void fill(Path disk) throws IOException {
    try (var out = Files.newOutputStream(disk.resolve("rest"))) {
      while (true) {
        out.write(new byte[512]);
      }
    } catch (IOException full) {
      assertTrue(full.getMessage().contains("space"), full::getMessage);
    }
  }

  private static boolean run(String... line) throws IOException, InterruptedException {
    return new ProcessBuilder(line).redirectErrorStream(true).start().waitFor() == 0;
  }
}
