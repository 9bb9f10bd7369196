package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.Drafts;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A real application that is asked to end right after a change. */
class LastMomentTest {
  @TempDir private Path folder;

  private Process start() throws Exception {
    String classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    List<String> line = new ArrayList<>();
    line.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    line.addAll(
        List.of(
            "-Dglass.platform=Monocle",
            "-Dmonocle.platform=Headless",
            "-Dprism.order=sw",
            "-cp",
            classes,
            "cufflink.desktop.shell.NudgerMain",
            folder.toString()));
    return new ProcessBuilder(line).redirectErrorStream(true).start();
  }

  @Test
  void politeEnd_keepsTheChangeMadeJustBefore() throws Exception {
    Process running = start();
    BufferedReader out =
        new BufferedReader(new InputStreamReader(running.getInputStream(), StandardCharsets.UTF_8));
    StringBuilder said = new StringBuilder();
    String line = out.readLine();
    while (line != null && !line.equals("changed")) {
      said.append(line).append('\n');
      line = out.readLine();
    }
    assertEquals("changed", line, said::toString);
    running.destroy();
    running.waitFor();
    try (Drafts drafts =
        new Drafts(folder.resolve("drafts"), new AtomicFile(AtomicFile.Disk.REAL))) {
      assertEquals(1, drafts.left().size());
      assertEquals(
          Optional.of(Length.ofMillimetres(61)),
          drafts.left().get(0).draft().job().values().length("left"));
      assertTrue(drafts.adopt(drafts.left().get(0)).value().isPresent());
    }
  }
}
