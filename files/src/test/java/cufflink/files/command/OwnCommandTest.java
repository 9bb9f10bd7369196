package cufflink.files.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.FaultLog;
import cufflink.files.project.UserFolders;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What one owns is noted at the command line, and is then at hand wherever a size is asked. */
class OwnCommandTest {
  private static final List<String> NAMES =
      List.of("test kraft", "test pad", "test thanks", "test tag");

  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String... arguments) {
    out.reset();
    err.reset();
    return Cufflink.run(
        PatternLibrary.shipped(),
        new Cufflink.Streams(out, err),
        new FaultLog(UserFolders.current()),
        arguments);
  }

  private String said() {
    return out.toString(StandardCharsets.UTF_8) + err.toString(StandardCharsets.UTF_8);
  }

  @AfterEach
  void forget() {
    NAMES.forEach(each -> run("own", "forget", each));
  }

  @Test
  void whatIsOwned_isFoundByItsName() {
    assertEquals(Cufflink.BAD_INPUT, run("find", "--envelope", "test kraft"));
    assertTrue(said().contains("There is no envelope “test kraft”"), said());
    assertEquals(Cufflink.GOOD, run("own", "add", "envelope 151 mm x 231 mm called test kraft"));
    assertEquals(Cufflink.GOOD, run("own", "add", "sheet 290 mm x 410 mm called test pad"));
    assertEquals(
        Cufflink.GOOD,
        run("find", "--envelope", "test kraft", "--sheet", "Test Pad", "--top", "1"));
    assertTrue(said().contains("test pad") && said().contains("envelope test kraft"), said());
    // A card is 4 mm smaller than its envelope (common practice, no source): 110 × 150 grows to
    // that.
    assertEquals(Cufflink.GOOD, run("plan", "off-centre-gate", "--envelope", "test kraft"));
    assertTrue(said().contains("Closed 147 × 200"), said());
    run("plan", "off-centre-gate", "--set", "width=test kraft");
    assertTrue(said().contains("Closed 151 ×"), said());
    run("check", "off-centre-gate", "--set", "height=140");
    assertTrue(said().contains("Of your own envelopes test kraft takes it"), said());
    assertEquals(Cufflink.GOOD, run("own", "forget", "test kraft"));
    run("check", "off-centre-gate", "--set", "height=140");
    assertTrue(!said().contains("test kraft"), said());
  }

  @Test
  void stamp_isAskedForByItsName() {
    run("own", "add", "label 70 mm x 25 mm called test tag");
    run("own", "add", "stamp 62 mm x 18 mm called test thanks");
    assertEquals(Cufflink.GOOD, run("own", "fits", "test thanks"));
    assertTrue(said().startsWith("It fits on test tag, 70 × 25."), said());
  }
}
