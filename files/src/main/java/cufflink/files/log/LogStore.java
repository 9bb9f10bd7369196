package cufflink.files.log;

import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.log.Done;
import cufflink.core.measure.Parsed;
import cufflink.files.project.ProjectFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The maker's log, in one SQLite file that several windows may use. What has been added once a
 * method returns is there after a crash: the file is written ahead (WAL) and each entry is a
 * transaction of its own, on the disk before it is told of.
 */
public final class LogStore implements AutoCloseable {
  private static final String FIELDS =
      "id, made, construction, copies, person, occasion, minutes, stars, changed, next_time,"
          + " project";

  private final Path file;
  private final Connection connection;

  private LogStore(Path file, Connection connection) {
    this.file = file;
    this.connection = connection;
  }

  /**
   * Opens a log, or makes one.
   *
   * @param file its file
   * @return the log, or one sentence about why it cannot be opened; the file is then as it was
   */
  public static Parsed<LogStore> open(Path file) {
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
    } catch (IOException | SecurityException reason) {
      return Parsed.bad("log.refused", file, reason.getMessage());
    }
    return LogFile.open(file).then(connection -> Parsed.good(new LogStore(file, connection)));
  }

  /**
   * Adds cards made, or writes anew what is said of them.
   *
   * @param card the cards
   * @return the same, or one sentence about why they are not in the log
   */
  public Parsed<CardMade> put(CardMade card) {
    return writing(
        () -> {
          insert(card);
          return card;
        });
  }

  /**
   * Adds many at once: all of them or, if something goes wrong, none.
   *
   * @param cards the cards
   * @return the same, or one sentence about why none of them is in the log
   */
  public Parsed<List<CardMade>> putAll(List<CardMade> cards) {
    return writing(
        () ->
            together(
                () -> {
                  for (CardMade card : cards) {
                    insert(card);
                  }
                  return cards;
                }));
  }

  private <T> T together(Act<T> act) throws SQLException {
    connection.setAutoCommit(false);
    try {
      T result = act.act();
      connection.commit();
      return result;
    } finally {
      // What was not committed is taken back first.
      connection.rollback();
      connection.setAutoCommit(true);
    }
  }

  /** Something that reads or writes. */
  private interface Act<T> {
    T act() throws SQLException;
  }

  private synchronized <T> Parsed<T> writing(Act<T> act) {
    try {
      return Parsed.good(act.act());
    } catch (SQLException reason) {
      return LogFile.problem(file, reason);
    }
  }

  private void insert(CardMade card) throws SQLException {
    try (PreparedStatement insert =
        connection.prepareStatement(
            "INSERT OR REPLACE INTO card ("
                + FIELDS
                + ", words) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
      Memory memory = card.memory();
      insert.setString(1, card.id());
      insert.setString(2, card.on().toString());
      insert.setString(3, card.construction());
      insert.setInt(4, memory.copies());
      insert.setString(5, memory.forWhom());
      insert.setString(6, memory.occasion());
      insert.setInt(7, memory.minutes());
      insert.setInt(8, memory.stars());
      insert.setString(9, memory.changed());
      insert.setString(10, memory.nextTime());
      insert.setString(11, ProjectFormat.write(card.job()));
      insert.setString(12, card.words());
      insert.executeUpdate();
    }
  }

  /**
   * Finds cards by words, each of which must be somewhere in title, construction, person, occasion,
   * notes or what was learned.
   *
   * @param words any, in any order; all cards if there are none
   * @param most how many to return at the most
   * @return the cards, the newest first, or one sentence about why they cannot be read
   */
  public Parsed<List<CardMade>> find(String words, int most) {
    List<String> each =
        words.isBlank() ? List.of() : List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
    String where =
        each.isEmpty()
            ? ""
            : " WHERE "
                + String.join(" AND ", each.stream().map(w -> "instr(words, ?) > 0").toList());
    return writing(
        () -> {
          try (PreparedStatement select =
              connection.prepareStatement(
                  "SELECT "
                      + FIELDS
                      + " FROM card"
                      + where
                      + " ORDER BY made DESC, id DESC LIMIT ?")) {
            for (int i = 0; i < each.size(); i++) {
              select.setString(i + 1, each.get(i));
            }
            select.setInt(each.size() + 1, most);
            List<CardMade> cards = new ArrayList<>();
            try (ResultSet rows = select.executeQuery()) {
              while (rows.next()) {
                cards.add(card(rows));
              }
            }
            return cards;
          }
        });
  }

  private static CardMade card(ResultSet row) throws SQLException {
    String id = row.getString("id");
    Memory memory =
        new Memory(
            row.getInt("copies"),
            row.getString("person"),
            row.getString("occasion"),
            row.getInt("minutes"),
            row.getInt("stars"),
            row.getString("changed"),
            row.getString("next_time"));
    return new CardMade(
        id,
        LocalDate.parse(row.getString("made")),
        ProjectFormat.read(id, row.getString("project")).orElseThrow(),
        row.getString("construction"),
        memory);
  }

  /**
   * Adds what was done: all of it or, if something goes wrong, nothing.
   *
   * @param done what, in order
   * @return the same once it is on the disk, or one sentence about why it is not
   */
  public Parsed<List<Done>> add(List<Done> done) {
    return writing(
        () ->
            together(
                () -> {
                  for (Done each : done) {
                    DoneTable.insert(connection, each);
                  }
                  return done;
                }));
  }

  /**
   * Returns what was done of a job.
   *
   * @param jobId the job's id
   * @return all of it in its order, whatever the clock said, or one sentence about what is wrong
   */
  public Parsed<List<Done>> done(String jobId) {
    return writing(() -> DoneTable.ofJob(connection, jobId));
  }

  /**
   * Returns what was done last, of any jobs.
   *
   * @param most how much of it at the most
   * @return it in its order, or one sentence about what is wrong
   */
  public Parsed<List<Done>> lately(int most) {
    return writing(() -> DoneTable.newest(connection, most));
  }

  /** Closes the file; all that was added is in it. */
  @Override
  public void close() {
    try {
      connection.close();
    } catch (SQLException stays) {
      // Nothing is lost: what was added has been written, and is taken in when it is opened again.
      return;
    }
  }
}
