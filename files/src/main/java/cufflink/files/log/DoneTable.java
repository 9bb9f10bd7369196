package cufflink.files.log;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import cufflink.core.log.Done;
import cufflink.core.log.Experience.Went;
import cufflink.core.measure.Length;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What was done, in the order in which it was written down, whatever the clock said. */
final class DoneTable {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String FIELDS = "job, what, piece, copy, kind, at, said, seconds, cut";

  private DoneTable() {}

  static void insert(Connection connection, Done done) throws SQLException {
    try (PreparedStatement insert =
        connection.prepareStatement(
            "INSERT INTO done (" + FIELDS + ") VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
      insert.setString(1, done.jobId());
      insert.setString(2, done.act().task());
      insert.setString(3, done.act().piece());
      insert.setInt(4, done.copy());
      insert.setString(5, done.kind().name());
      insert.setString(6, done.at().toString());
      insert.setString(7, done.act().said());
      insert.setDouble(8, done.act().seconds());
      insert.setString(9, write(done.act().cut()));
      insert.executeUpdate();
    }
  }

  /** Reads what was done of one job, all of it in its order. */
  static List<Done> ofJob(Connection connection, String jobId) throws SQLException {
    try (PreparedStatement select =
        connection.prepareStatement(
            "SELECT " + FIELDS + " FROM done WHERE job = ? ORDER BY number")) {
      select.setString(1, jobId);
      return read(select);
    }
  }

  /** Reads what was done last of any jobs, in its order. */
  static List<Done> newest(Connection connection, int most) throws SQLException {
    try (PreparedStatement select =
        connection.prepareStatement(
            "SELECT * FROM (SELECT number, "
                + FIELDS
                + " FROM done ORDER BY number DESC LIMIT ?) ORDER BY number")) {
      select.setInt(1, most);
      return read(select);
    }
  }

  /**
   * Counts the cards of each construction, and the pieces that were spoilt while they were made.
   */
  static Map<String, Went> went(Connection connection) throws SQLException {
    String question =
        "SELECT made.pattern, sum(made.cards), sum(coalesce(lost.spoilt, 0)) FROM"
            + " (SELECT pattern, job, sum(copies) AS cards FROM card WHERE job <> ''"
            + " GROUP BY pattern, job) AS made LEFT JOIN"
            + " (SELECT job, sum(kind = 'SPOILT') - sum(kind = 'NOT_SPOILT') AS spoilt FROM done"
            + " GROUP BY job) AS lost ON lost.job = made.job GROUP BY made.pattern";
    Map<String, Went> went = new HashMap<>();
    try (PreparedStatement select = connection.prepareStatement(question);
        ResultSet rows = select.executeQuery()) {
      while (rows.next()) {
        went.put(rows.getString(1), new Went(rows.getInt(2), Math.max(0, rows.getInt(3))));
      }
    }
    return went;
  }

  private static List<Done> read(PreparedStatement select) throws SQLException {
    List<Done> all = new ArrayList<>();
    try (ResultSet rows = select.executeQuery()) {
      while (rows.next()) {
        all.add(
            new Done(
                rows.getString("job"),
                new Done.Act(
                    rows.getString("what"),
                    rows.getString("piece"),
                    rows.getString("said"),
                    rows.getDouble("seconds"),
                    cut(rows.getString("cut"))),
                rows.getInt("copy"),
                Done.Kind.valueOf(rows.getString("kind")),
                Instant.parse(rows.getString("at"))));
      }
    }
    return all;
  }

  private static String write(List<Done.Cut> cut) {
    ArrayNode all = MAPPER.createArrayNode();
    for (Done.Cut each : cut) {
      all.addObject()
          .put("part", each.part())
          .put("width", each.width().units())
          .put("height", each.height().units())
          .put("count", each.count());
    }
    return all.toString();
  }

  private static List<Done.Cut> cut(String text) throws SQLException {
    try {
      List<Done.Cut> cut = new ArrayList<>();
      for (JsonNode each : MAPPER.readTree(text)) {
        cut.add(
            new Done.Cut(
                each.path("part").asText(),
                Length.ofUnits(each.path("width").asLong()),
                Length.ofUnits(each.path("height").asLong()),
                each.path("count").asInt()));
      }
      return cut;
    } catch (JsonProcessingException | IllegalArgumentException reason) {
      throw new SQLException("what was cut: " + text, reason);
    }
  }
}
