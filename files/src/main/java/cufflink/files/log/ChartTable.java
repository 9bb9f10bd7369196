package cufflink.files.log;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Owned.Use;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The sizes a maker owns, in the log's file and as it leaves the application. */
final class ChartTable {
  private ChartTable() {}

  static void put(Connection connection, Chart chart) throws SQLException {
    try (PreparedStatement clear = connection.prepareStatement("DELETE FROM owned")) {
      clear.executeUpdate();
    }
    for (Owned each : chart.all()) {
      try (PreparedStatement insert =
          connection.prepareStatement(
              "INSERT INTO owned (label, shape, across, down, use) VALUES (?, ?, ?, ?, ?)")) {
        insert.setString(1, each.label());
        insert.setString(2, each.shape().name());
        insert.setLong(3, each.across().units());
        insert.setLong(4, each.down().units());
        insert.setString(5, each.use().name());
        insert.executeUpdate();
      }
    }
  }

  static Chart read(Connection connection) throws SQLException {
    List<Owned> all = new ArrayList<>();
    try (PreparedStatement select =
            connection.prepareStatement("SELECT * FROM owned ORDER BY place");
        ResultSet row = select.executeQuery()) {
      while (row.next()) {
        all.add(
            new Owned(
                row.getString("label"),
                Use.valueOf(row.getString("use")),
                Shape.valueOf(row.getString("shape")),
                Length.ofUnits(row.getLong("across")),
                Length.ofUnits(row.getLong("down"))));
      }
    }
    return new Chart(all);
  }

  static void write(ArrayNode array, Chart chart) {
    chart
        .all()
        .forEach(
            each ->
                array
                    .addObject()
                    .put("label", each.label())
                    .put("use", each.use().name().toLowerCase(Locale.ROOT))
                    .put("shape", each.shape().name().toLowerCase(Locale.ROOT))
                    .put("across", each.across().toString())
                    .put("down", each.down().toString()));
  }

  /**
   * Reads what was written.
   *
   * @throws IllegalArgumentException if it makes no sense
   */
  static Owned read(JsonNode node) {
    return new Owned(
        node.path("label").asText(""),
        Use.valueOf(node.path("use").asText("piece").toUpperCase(Locale.ROOT)),
        Shape.valueOf(node.path("shape").asText("").toUpperCase(Locale.ROOT)),
        Length.parse(node.path("across").asText("")),
        Length.parse(node.path("down").asText("")));
  }
}
