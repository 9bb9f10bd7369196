package cufflink.files.log;

import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Yearly;
import cufflink.core.measure.Length;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.files.project.ProjectFormat;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is to come, what left the shelf, and what lies in the drawer besides paper. */
final class AheadTables {
  private AheadTables() {}

  /** Makes a value of a row. */
  private interface Row<T> {
    T read(ResultSet row) throws SQLException;
  }

  static void put(Connection connection, Yearly each) throws SQLException {
    run(
        connection,
        "INSERT OR REPLACE INTO yearly (id, who, what, day) VALUES (?, ?, ?, ?)",
        each.id(),
        each.who(),
        each.what(),
        each.day().toString());
  }

  static void put(Connection connection, Planned each) throws SQLException {
    run(
        connection,
        "INSERT OR REPLACE INTO planned (id, due, construction, who, what, project)"
            + " VALUES (?, ?, ?, ?, ?, ?)",
        each.id(),
        each.due().toString(),
        each.construction(),
        each.forWhom(),
        each.occasion(),
        ProjectFormat.write(each.job()));
  }

  static void put(Connection connection, Given each) throws SQLException {
    run(
        connection,
        "INSERT OR REPLACE INTO given (id, card, at, copies, who) VALUES (?, ?, ?, ?, ?)",
        each.id(),
        each.card(),
        each.on().toString(),
        each.copies(),
        each.who());
  }

  /** Takes out what has an id, whatever it is. */
  static void forget(Connection connection, String id) throws SQLException {
    for (String table : List.of("yearly", "planned", "given")) {
      run(connection, "DELETE FROM " + table + " WHERE id = ?", id);
    }
  }

  /** Takes out the plans of a job, which is made. */
  static void forgetPlans(Connection connection, String job) throws SQLException {
    if (!job.isEmpty()) {
      run(connection, "DELETE FROM planned WHERE json_extract(project, '$.id') = ?", job);
    }
  }

  static void put(Connection connection, Sundries there) throws SQLException {
    run(connection, "DELETE FROM sundry");
    for (Map.Entry<Kind, Long> each : there.amounts().entrySet()) {
      run(
          connection,
          "INSERT INTO sundry (material, width, amount) VALUES (?, ?, ?)",
          each.getKey().material().name(),
          each.getKey().width().units(),
          each.getValue());
    }
  }

  static List<Yearly> yearly(Connection connection) throws SQLException {
    return rows(
        connection,
        "SELECT * FROM yearly ORDER BY id",
        row ->
            new Yearly(
                row.getString("id"),
                row.getString("who"),
                row.getString("what"),
                MonthDay.parse(row.getString("day"))));
  }

  static List<Planned> planned(Connection connection) throws SQLException {
    return rows(
        connection,
        "SELECT * FROM planned ORDER BY due, id",
        row ->
            new Planned(
                row.getString("id"),
                LocalDate.parse(row.getString("due")),
                ProjectFormat.read(row.getString("id"), row.getString("project")).orElseThrow(),
                row.getString("construction"),
                row.getString("who"),
                row.getString("what")));
  }

  static List<Given> given(Connection connection) throws SQLException {
    return rows(
        connection,
        "SELECT * FROM given ORDER BY at, id",
        row ->
            new Given(
                row.getString("id"),
                row.getString("card"),
                LocalDate.parse(row.getString("at")),
                row.getInt("copies"),
                row.getString("who")));
  }

  static Sundries sundries(Connection connection) throws SQLException {
    Map<Kind, Long> amounts = new LinkedHashMap<>();
    rows(
        connection,
        "SELECT * FROM sundry",
        row ->
            amounts.put(
                new Kind(
                    Material.valueOf(row.getString("material")),
                    Length.ofUnits(row.getLong("width"))),
                row.getLong("amount")));
    return new Sundries(amounts);
  }

  private static <T> List<T> rows(Connection connection, String question, Row<T> row)
      throws SQLException {
    try (PreparedStatement select = connection.prepareStatement(question);
        ResultSet rows = select.executeQuery()) {
      List<T> all = new ArrayList<>();
      while (rows.next()) {
        all.add(row.read(rows));
      }
      return all;
    }
  }

  private static void run(Connection connection, String order, Object... values)
      throws SQLException {
    try (PreparedStatement statement = connection.prepareStatement(order)) {
      for (int i = 0; i < values.length; i++) {
        statement.setObject(i + 1, values[i]);
      }
      statement.executeUpdate();
    }
  }
}
