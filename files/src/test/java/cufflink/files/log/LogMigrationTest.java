package cufflink.files.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Owned;
import cufflink.core.log.CardMade;
import cufflink.core.log.Done;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A log that was written by an older Cufflink, as the general SQL driver reads and writes it. */
class LogMigrationTest {
  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("cards.sqlite");
  }

  /** A log as version 1 left it, with something in it that was done. */
  private void writeVersionOne() throws IOException, SQLException {
    try (InputStream script = LogStore.class.getResourceAsStream("1.sql");
        Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      String sql = new String(script.readAllBytes(), StandardCharsets.UTF_8);
      for (String each : sql.split(";\\s*\n")) {
        statement.execute(each);
      }
      statement.execute("PRAGMA user_version = 1");
      statement.execute(
          "INSERT INTO done (job, what, piece, copy, kind, at) VALUES"
              + " ('j', 'score base 1', 'base', 2, 'MADE', '2026-05-01T10:00:00Z')");
      statement.execute(
          "INSERT INTO card VALUES ('c', '2026-05-02', 'Folio', 4, 'Nell', '', 9, 0, '', '',"
              + " 'words', '{\"title\": \"Tide\", \"pattern\": \"folio\", \"id\": \"j\","
              + " \"order\": {\"kits\": 3}}')");
    }
  }

  /** Before version 5 all that was owned was cut. */
  @Test
  void whatWasOwned_isOwnedStill() throws Exception {
    writeVersionOne();
    LogStore.open(file()).orElseThrow().close();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute("ALTER TABLE owned DROP COLUMN use");
      statement.execute("PRAGMA user_version = 4");
      statement.execute(
          "INSERT INTO owned (label, shape, across, down) VALUES ('punch', 'CIRCLE', 5, 5)");
    }
    try (LogStore store = LogStore.open(file()).orElseThrow()) {
      Owned punch = store.chart().orElseThrow().of(Owned.Use.PIECE).get(0);
      assertEquals("punch", punch.label());
    }
  }

  @Test
  void aLogOfVersionOne_isBroughtUp_andKeptAsItWasBesideIt() throws Exception {
    writeVersionOne();
    Done.Act act = new Done.Act("score base 1", "base", "", 0, List.of());
    Done old = new Done("j", act, 2, Done.Kind.MADE, Instant.parse("2026-05-01T10:00:00Z"));
    for (int time = 0; time < 2; time++) {
      try (LogStore store = LogStore.open(file()).orElseThrow()) {
        assertEquals(List.of(old), store.done("j").orElseThrow());
        CardMade.About about = store.headings("", 9).orElseThrow().get(0).about();
        assertEquals(new CardMade.About("Tide", "Folio", "folio", "j", 3), about);
      }
    }
    Path kept = folder.resolve("cards.sqlite.1");
    assertTrue(Files.exists(kept));
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + kept);
        Statement statement = connection.createStatement();
        ResultSet version = statement.executeQuery("PRAGMA user_version")) {
      assertEquals(1, version.getInt(1));
    }
  }
}
