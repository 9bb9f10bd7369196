package cufflink.files.log;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.core.log.CardMade.Photo;
import cufflink.core.measure.Parsed;
import cufflink.files.project.ProjectFormat;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The log as it leaves the application: as JSON, which comes back whole, and as CSV (RFC 4180) for
 * a table.
 */
public final class LogFormat {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
  private static final String FORMAT = "cufflink-log/1";
  private static final List<String> COLUMNS =
      List.of(
          "made",
          "title",
          "construction",
          "copies",
          "for",
          "occasion",
          "minutes",
          "stars",
          "changed",
          "next-time",
          "notes",
          "id");

  private LogFormat() {}

  /**
   * Writes a log as JSON. Pictures are named, not taken along.
   *
   * @param whole all that is remembered
   * @return the text, with every job whole
   */
  public static String json(WholeLog whole) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("format", FORMAT);
    ArrayNode all = root.putArray("cards");
    try {
      for (CardMade card : whole.cards()) {
        ObjectNode node = all.addObject();
        Memory memory = card.memory();
        node.put("id", card.id()).put("made", card.on().toString());
        node.put("construction", card.construction());
        node.put("copies", memory.copies());
        node.put("for", memory.forWhom()).put("occasion", memory.occasion());
        node.put("minutes", memory.minutes()).put("stars", memory.stars());
        node.put("changed", memory.changed()).put("nextTime", memory.nextTime());
        card.photo()
            .ifPresent(it -> node.put("photo", it.name()).put("orientation", it.orientation()));
        node.set("project", MAPPER.readTree(ProjectFormat.write(card.job())));
      }
      AheadFormat.write(root, whole);
      return MAPPER.writeValueAsString(root) + "\n";
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }

  /**
   * Reads a log from JSON.
   *
   * @param file the file's name, for what is said of it
   * @param text the text
   * @return all that it remembers, or one sentence about the first that makes no sense and what was
   *     expected
   */
  public static Parsed<WholeLog> read(String file, String text) {
    JsonNode root;
    try {
      root = MAPPER.readTree(text);
    } catch (JsonProcessingException broken) {
      return Parsed.bad("log.no-json", file, broken.getLocation().getLineNr());
    }
    if (root == null || !root.path("format").asText().equals(FORMAT)) {
      return Parsed.bad("log.no-log", file, FORMAT);
    }
    List<CardMade> cards = new ArrayList<>();
    Set<String> ids = new LinkedHashSet<>();
    int number = 0;
    for (JsonNode node : root.path("cards")) {
      number++;
      Parsed<CardMade> card = card(file, number, node);
      if (card.value().isEmpty()) {
        return Parsed.bad(card.problem());
      }
      if (!ids.add(card.orElseThrow().id())) {
        return Parsed.bad("log.twice", file, number, card.orElseThrow().id());
      }
      cards.add(card.orElseThrow());
    }
    return AheadFormat.read(file, root, cards);
  }

  private static Parsed<CardMade> card(String file, int number, JsonNode node) {
    Parsed<Job> job =
        ProjectFormat.read(file + ", card " + number, node.path("project").toString());
    if (job.value().isEmpty()) {
      return Parsed.bad(job.problem());
    }
    try {
      Memory memory =
          new Memory(
              node.path("copies").asInt(1),
              node.path("for").asText(""),
              node.path("occasion").asText(""),
              node.path("minutes").asInt(0),
              node.path("stars").asInt(0),
              node.path("changed").asText(""),
              node.path("nextTime").asText(""));
      LocalDate on = LocalDate.parse(node.path("made").asText(""));
      String construction = node.path("construction").asText("");
      String id = node.path("id").asText("");
      CardMade card = new CardMade(id, on, job.orElseThrow(), construction, memory);
      return Parsed.good(node.has("photo") ? card.withPhoto(Optional.of(photo(node))) : card);
    } catch (DateTimeException noDay) {
      return Parsed.bad("log.no-day", file, number, node.path("made").asText(""));
    } catch (IllegalArgumentException senseless) {
      return Parsed.bad("log.no-card", file, number);
    }
  }

  private static Photo photo(JsonNode node) {
    return new Photo(node.path("photo").asText(""), node.path("orientation").asInt(1));
  }

  /**
   * Writes cards as a table, a line for each, its first the names of the columns.
   *
   * @param cards the cards
   * @return the text, lines ended by carriage return and line feed
   */
  public static String csv(List<CardMade> cards) {
    StringBuilder text = new StringBuilder();
    line(text, COLUMNS);
    for (CardMade card : cards) {
      Memory memory = card.memory();
      line(
          text,
          List.of(
              card.on().toString(),
              card.job().title(),
              card.construction(),
              Integer.toString(memory.copies()),
              memory.forWhom(),
              memory.occasion(),
              memory.minutes() == 0 ? "" : Integer.toString(memory.minutes()),
              memory.stars() == 0 ? "" : Integer.toString(memory.stars()),
              memory.changed(),
              memory.nextTime(),
              card.job().notes(),
              card.id()));
    }
    return text.toString();
  }

  private static void line(StringBuilder text, List<String> fields) {
    text.append(String.join(",", fields.stream().map(LogFormat::quoted).toList())).append("\r\n");
  }

  private static String quoted(String field) {
    boolean plain = field.chars().noneMatch(each -> ",\"\r\n".indexOf(each) >= 0);
    boolean trims = field.isEmpty() || field.equals(field.strip());
    return plain && trims ? field : '"' + field.replace("\"", "\"\"") + '"';
  }
}
