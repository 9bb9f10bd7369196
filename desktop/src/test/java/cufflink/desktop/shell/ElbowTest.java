package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ElbowTest {
  private static final List<String> ABSENT = List.of("no-such-program-anywhere");

  @TempDir private Path folder;

  /** A program that keeps what it is given, in place of a speaker. */
  private List<String> keeper(Path file) throws IOException {
    Path script = folder.resolve("keeper.sh");
    Files.writeString(script, "cat > '" + file + ".part' && mv '" + file + ".part' '" + file + "'");
    return List.of("sh", script.toString());
  }

  private static void waitFor(Path file, boolean there) throws InterruptedException {
    for (int i = 0; i < 400 && Files.exists(file) != there; i++) {
      Thread.sleep(25);
    }
    assertEquals(there, Files.exists(file));
  }

  @Test
  void words_areGivenByStandardInput_andNothingInThemIsACommand() throws Exception {
    Path heard = folder.resolve("heard");
    Elbow elbow = new Elbow(List.of(ABSENT, keeper(heard)), List.of());
    elbow.say("Score at 77; $(touch \"" + folder.resolve("bad") + "\") -- “so”");
    waitFor(heard, true);
    assertTrue(Files.readString(heard).startsWith("Score at 77; $(touch"));
    assertFalse(Files.exists(folder.resolve("bad")));
    elbow.close();
  }

  @Test
  void screen_staysOnUntilItIsLetGo() throws Exception {
    Path ended = folder.resolve("ended");
    Elbow elbow = new Elbow(List.of(), List.of(keeper(ended)));
    elbow.keepAwake(true);
    elbow.keepAwake(true);
    waitFor(folder.resolve("ended.part"), true);
    assertFalse(Files.exists(ended));
    elbow.keepAwake(false);
    waitFor(ended, true);
    elbow.close();
  }

  @Test
  void whereNothingIsThere_nothingHappens() {
    Elbow elbow = new Elbow(List.of(ABSENT), List.of(ABSENT));
    elbow.say("Score at 77");
    elbow.keepAwake(true);
    elbow.close();
  }
}
