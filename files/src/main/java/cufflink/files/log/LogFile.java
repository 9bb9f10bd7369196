package cufflink.files.log;

import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Locale;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Opens the file of a log: whole, of a version that is known, and brought up to the newest. */
final class LogFile {
  /** The newest version; its steps are the files 1.sql, 2.sql and so on. */
  static final int VERSION = 5;

  /** How long another window's writing is waited for, in milliseconds. */
  private static final int PATIENCE = 3_000;

  private LogFile() {}

  /** Opens a file, or says in one sentence why not. */
  static Parsed<Connection> open(Path file) {
    // A temporary folder may forbid that anything in it is run; the maker's own folder does not.
    Path own = file.toAbsolutePath().getParent().resolve("native");
    try {
      Files.createDirectories(own);
      System.setProperty("org.sqlite.tmpdir", own.toString());
    } catch (IOException | SecurityException elsewhere) {
      System.clearProperty("org.sqlite.tmpdir");
    }
    SQLiteConfig config = new SQLiteConfig();
    config.setJournalMode(SQLiteConfig.JournalMode.WAL);
    config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
    config.setBusyTimeout(PATIENCE);
    Connection connection = null;
    try {
      connection = config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
      Parsed<Connection> checked = checked(file, connection);
      if (checked.value().isEmpty()) {
        connection.close();
      }
      return checked;
    } catch (SQLException reason) {
      close(connection);
      return problem(file, reason);
    }
  }

  private static void close(Connection connection) {
    try {
      if (connection != null) {
        connection.close();
      }
    } catch (SQLException closed) {
      return;
    }
  }

  private static Parsed<Connection> checked(Path file, Connection connection) throws SQLException {
    if (!text(connection, "PRAGMA quick_check(1)").equals("ok")) {
      return Parsed.bad("log.torn", file);
    }
    int version = Integer.parseInt(text(connection, "PRAGMA user_version"));
    if (version > VERSION) {
      return Parsed.bad("log.newer", file);
    }
    if (version > 0 && version < VERSION && !copied(file, connection, version)) {
      return Parsed.bad("log.no-copy", file);
    }
    for (int step = version + 1; step <= VERSION; step++) {
      bring(connection, step);
    }
    return Parsed.good(connection);
  }

  /** Keeps the log as it was beside it, before it is changed. */
  private static boolean copied(Path file, Connection connection, int version) throws SQLException {
    text(connection, "PRAGMA wal_checkpoint(TRUNCATE)");
    try {
      Path copy = file.resolveSibling(file.getFileName() + "." + version);
      Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
      return true;
    } catch (IOException | SecurityException full) {
      return false;
    }
  }

  /** One window brings it up, whichever comes first. */
  private static void bring(Connection connection, int step) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("BEGIN IMMEDIATE");
      try {
        if (Integer.parseInt(text(connection, "PRAGMA user_version")) < step) {
          for (String each : script(step).split(";\\s*\n")) {
            statement.execute(each);
          }
          statement.execute("PRAGMA user_version = " + step);
        }
        statement.execute("COMMIT");
      } catch (SQLException reason) {
        statement.execute("ROLLBACK");
        throw reason;
      }
    }
  }

  private static String script(int step) {
    try (InputStream script = LogFile.class.getResourceAsStream(step + ".sql")) {
      return new String(script.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException reason) {
      throw new IllegalStateException("the application's own files can be read", reason);
    }
  }

  private static String text(Connection connection, String question) throws SQLException {
    try (Statement statement = connection.createStatement();
        ResultSet answer = statement.executeQuery(question)) {
      return answer.next() ? answer.getString(1) : "";
    }
  }

  /** Says in one sentence what is wrong and what helps. */
  static <T> Parsed<T> problem(Path file, SQLException reason) {
    SQLiteErrorCode code =
        reason instanceof SQLiteException own
            ? own.getResultCode()
            : SQLiteErrorCode.getErrorCode(reason.getErrorCode());
    String name = code.name().toUpperCase(Locale.ROOT);
    if (name.contains("BUSY") || name.contains("LOCKED")) {
      return Parsed.bad("log.locked", file);
    }
    if (name.contains("NOTADB") || name.contains("CORRUPT")) {
      return Parsed.bad("log.torn", file);
    }
    if (name.contains("FULL")) {
      return Parsed.bad("log.full", file);
    }
    if (name.contains("READONLY") || name.contains("CANTOPEN") || name.contains("PERM")) {
      return Parsed.bad("log.read-only", file);
    }
    return Parsed.bad("log.refused", file, reason.getMessage());
  }
}
