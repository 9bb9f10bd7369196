package cufflink.files.log;

import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.About;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.log.CardMade.Photo;
import cufflink.files.project.ProjectFormat;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The cards that were made: what is found quickly in columns of its own, the whole job beside. */
final class CardTable {
  private static final String FIELDS =
      "id, made, construction, copies, person, occasion, minutes, stars, changed, next_time,"
          + " photo, orientation, title, pattern, job, kits";

  private CardTable() {}

  /** Makes something of a row. */
  private interface Row<T> {
    T read(ResultSet row) throws SQLException;
  }

  static void insert(Connection connection, CardMade card) throws SQLException {
    try (PreparedStatement insert =
        connection.prepareStatement(
            "INSERT OR REPLACE INTO card ("
                + FIELDS
                + ", project, words)"
                + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
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
      insert.setString(11, card.photo().map(Photo::name).orElse(""));
      insert.setInt(12, card.photo().map(Photo::orientation).orElse(1));
      insert.setString(13, card.job().title());
      insert.setString(14, card.job().patternId());
      insert.setString(15, card.job().id());
      insert.setInt(16, card.job().order().kits());
      insert.setString(17, ProjectFormat.write(card.job()));
      insert.setString(18, card.words());
      insert.executeUpdate();
    }
  }

  static List<CardMade> cards(Connection connection, String words, int most) throws SQLException {
    return find(connection, words, most, new Read<>(", project", CardTable::card));
  }

  static List<Heading> headings(Connection connection, String words, int most) throws SQLException {
    return find(connection, words, most, new Read<>("", CardTable::heading));
  }

  static Optional<CardMade> card(Connection connection, String id) throws SQLException {
    try (PreparedStatement select =
        connection.prepareStatement("SELECT " + FIELDS + ", project FROM card WHERE id = ?")) {
      select.setString(1, id);
      try (ResultSet row = select.executeQuery()) {
        return row.next() ? Optional.of(card(row)) : Optional.empty();
      }
    }
  }

  /** What is read of a row besides the fields, and what is made of it. */
  private record Read<T>(String more, Row<T> row) {}

  private static <T> List<T> find(Connection connection, String words, int most, Read<T> read)
      throws SQLException {
    List<String> each =
        words.isBlank() ? List.of() : List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
    String where =
        each.isEmpty()
            ? ""
            : " WHERE "
                + String.join(" AND ", each.stream().map(w -> "instr(words, ?) > 0").toList());
    try (PreparedStatement select =
        connection.prepareStatement(
            "SELECT "
                + FIELDS
                + read.more()
                + " FROM card"
                + where
                + " ORDER BY made DESC, id DESC LIMIT ?")) {
      for (int i = 0; i < each.size(); i++) {
        select.setString(i + 1, each.get(i));
      }
      select.setInt(each.size() + 1, most);
      List<T> found = new ArrayList<>();
      try (ResultSet rows = select.executeQuery()) {
        while (rows.next()) {
          found.add(read.row().read(rows));
        }
      }
      return found;
    }
  }

  private static Heading heading(ResultSet row) throws SQLException {
    Memory memory =
        new Memory(
            row.getInt("copies"),
            row.getString("person"),
            row.getString("occasion"),
            row.getInt("minutes"),
            row.getInt("stars"),
            row.getString("changed"),
            row.getString("next_time"));
    String photo = row.getString("photo");
    int orientation = row.getInt("orientation");
    return new Heading(
        row.getString("id"),
        LocalDate.parse(row.getString("made")),
        new About(
            row.getString("title"),
            row.getString("construction"),
            row.getString("pattern"),
            row.getString("job"),
            row.getInt("kits")),
        memory,
        photo.isEmpty() ? Optional.empty() : Optional.of(new Photo(photo, orientation)));
  }

  private static CardMade card(ResultSet row) throws SQLException {
    Heading heading = heading(row);
    return new CardMade(
        heading.id(),
        heading.on(),
        ProjectFormat.read(heading.id(), row.getString("project")).orElseThrow(),
        heading.about().construction(),
        heading.memory(),
        heading.photo());
  }
}
