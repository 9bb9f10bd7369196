package cufflink.files.log;

import cufflink.core.ahead.Ahead;
import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Yearly;
import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.log.Done;
import cufflink.core.log.Experience.Went;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sundries;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The maker's log, in one SQLite file that several windows may use. What has been added once a
 * method returns is there after a crash: the file is written ahead (WAL) and each entry is a
 * transaction of its own, on the disk before it is told of.
 */
public final class LogStore implements AutoCloseable {
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
          CardTable.insert(connection, card);
          return card;
        });
  }

  /**
   * Adds cards that have just been made: what they used up is no longer in the drawer, and once no
   * kits are left the job is no longer planned.
   *
   * @param card the cards
   * @param used what was used up besides paper
   * @return the cards, or one sentence about why nothing of this is in the log
   */
  public Parsed<CardMade> finish(CardMade card, Sundries used) {
    return writing(
        () ->
            together(
                () -> {
                  CardTable.insert(connection, card);
                  Sundries there = AheadTables.sundries(connection);
                  AheadTables.put(connection, there.without(used));
                  if (card.job().order().kits() == 0) {
                    AheadTables.forgetPlans(connection, card.job().id());
                  }
                  return card;
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

  /**
   * Finds cards by words, each of which must be somewhere in title, construction, person, occasion,
   * notes or what was learned.
   *
   * @param words any, in any order; all cards if there are none
   * @param most how many to return at the most
   * @return the cards, the newest first, or one sentence about why they cannot be read
   */
  public Parsed<List<CardMade>> find(String words, int most) {
    return writing(() -> CardTable.cards(connection, words, most));
  }

  /**
   * Finds cards as {@link #find} does, without their jobs: of thousands at once.
   *
   * @param words any, in any order; all cards if there are none
   * @param most how many to return at the most
   * @return their headings, the newest first, or one sentence about why they cannot be read
   */
  public Parsed<List<Heading>> headings(String words, int most) {
    return writing(() -> CardTable.headings(connection, words, most));
  }

  /**
   * Reads cards whole.
   *
   * @param id what they are known by
   * @return them; empty if they are not in the log, or one sentence about why that cannot be read
   */
  public Parsed<Optional<CardMade>> card(String id) {
    return writing(() -> CardTable.card(connection, id));
  }

  /**
   * Returns all that is known of what is to come.
   *
   * @return days, plans, the headings of all cards and what left the shelf, or one sentence about
   *     why they cannot be read
   */
  public Parsed<Ahead.Known> ahead() {
    return headings("", Integer.MAX_VALUE)
        .then(
            made ->
                writing(
                    () ->
                        new Ahead.Known(
                            AheadTables.yearly(connection),
                            AheadTables.planned(connection),
                            made,
                            AheadTables.given(connection))));
  }

  /** Adds a day that comes every year, or writes it anew. */
  public Parsed<Yearly> put(Yearly each) {
    return writing(
        () -> {
          AheadTables.put(connection, each);
          return each;
        });
  }

  /** Adds a job that is to be made, or writes it anew. */
  public Parsed<Planned> put(Planned each) {
    return writing(
        () -> {
          AheadTables.put(connection, each);
          return each;
        });
  }

  /** Writes down that cards left the shelf. */
  public Parsed<Given> put(Given each) {
    return writing(
        () -> {
          AheadTables.put(connection, each);
          return each;
        });
  }

  /** Takes a day, a plan or what left the shelf out again, by its id. */
  public Parsed<String> forget(String id) {
    return writing(
        () ->
            together(
                () -> {
                  AheadTables.forget(connection, id);
                  return id;
                }));
  }

  /** Returns what lies in the drawer besides paper, as far as the maker said so. */
  public Parsed<Sundries> sundries() {
    return writing(() -> AheadTables.sundries(connection));
  }

  /** Writes down what lies in the drawer besides paper. */
  public Parsed<Sundries> put(Sundries there) {
    return writing(
        () ->
            together(
                () -> {
                  AheadTables.put(connection, there);
                  return there;
                }));
  }

  /** Returns the sizes the maker owns. */
  public Parsed<Chart> chart() {
    return writing(() -> ChartTable.read(connection));
  }

  /** Notes the sizes the maker owns. */
  public Parsed<Chart> put(Chart chart) {
    return writing(
        () ->
            together(
                () -> {
                  ChartTable.put(connection, chart);
                  return chart;
                }));
  }

  /** Returns all that the log remembers. */
  public Parsed<WholeLog> whole() {
    return find("", Integer.MAX_VALUE)
        .then(
            cards ->
                writing(
                    () ->
                        new WholeLog(
                            cards,
                            AheadTables.yearly(connection),
                            AheadTables.planned(connection),
                            AheadTables.given(connection),
                            AheadTables.sundries(connection),
                            ChartTable.read(connection))));
  }

  /**
   * Takes in what another log remembers: all of it or, if something goes wrong, nothing. What lies
   * in the drawer is taken over only where nothing was said of it.
   *
   * @param whole the other log
   * @return the same, or one sentence about why none of it is in the log
   */
  public Parsed<WholeLog> putAll(WholeLog whole) {
    return writing(
        () ->
            together(
                () -> {
                  for (CardMade card : whole.cards()) {
                    CardTable.insert(connection, card);
                  }
                  for (Yearly each : whole.yearly()) {
                    AheadTables.put(connection, each);
                  }
                  for (Planned each : whole.planned()) {
                    AheadTables.put(connection, each);
                  }
                  for (Given each : whole.given()) {
                    AheadTables.put(connection, each);
                  }
                  Sundries there = whole.sundries();
                  for (var own : AheadTables.sundries(connection).amounts().entrySet()) {
                    there = there.with(own.getKey(), own.getValue());
                  }
                  AheadTables.put(connection, there);
                  Chart chart = whole.chart();
                  for (Owned own : ChartTable.read(connection).all()) {
                    chart = chart.with(own);
                  }
                  ChartTable.put(connection, chart);
                  return whole;
                }));
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

  /**
   * Returns how the cards of each construction went.
   *
   * @return by the construction's id, or one sentence about what is wrong
   */
  public Parsed<Map<String, Went>> went() {
    return writing(() -> DoneTable.went(connection));
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
