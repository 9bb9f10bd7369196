package cufflink.files.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.fit.Goal;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.Sizes;
import cufflink.core.job.Supplies;
import cufflink.core.job.Tag;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Rulers;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.files.text.Printable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The project file: one job as JSON, with its format's version inside. */
public final class ProjectFormat {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
  private static final String NAME = "cufflink-project/";
  private static final String LEFT = "left";
  private static final int VERSION = 3;
  private static final Pattern FORMAT = Pattern.compile(Pattern.quote(NAME) + "(\\d{1,6})");

  private ProjectFormat() {}

  /**
   * Writes a job.
   *
   * @param job the job
   * @return the file's text
   */
  public static String write(Job job) {
    try {
      return MAPPER.writeValueAsString(node(job)) + "\n";
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }

  static ObjectNode node(Job job) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("format", NAME + VERSION);
    if (!job.id().isEmpty()) {
      root.put("id", job.id());
    }
    root.put("title", job.title());
    root.put("pattern", job.patternId());
    put(root.putObject("values"), job.values());
    job.scaledFrom().ifPresent(from -> put(root.putObject("scaledFrom"), from));
    root.set("goal", goal(job.goal()));
    root.put("marks", job.marks().toString());
    if (!job.rulers().isOne()) {
      root.put("layerMarks", job.rulers().layers().toString());
    }
    root.put("keepsProportions", job.keepsProportions());
    ObjectNode scoring = root.putObject("scoring");
    scoring.put("ridgeInside", job.habit().ridgeInside());
    scoring.put("grooves", job.habit().grooves().toString());
    if (job.habit().hand() == Hand.LEFT) {
      scoring.put("hand", LEFT);
    }
    root.put("notes", job.notes());
    SuppliesFormat.write(root, job);
    if (!job.edition().text().isEmpty()) {
      root.put("edition", job.edition().text());
    }
    return root;
  }

  private static void put(ObjectNode node, Values values) {
    values.settings().forEach((name, setting) -> put(node, name, setting));
  }

  private static void put(ObjectNode values, String name, Setting setting) {
    if (setting instanceof Setting.OfLength length) {
      values.put(name, length.length().toString());
    } else if (setting instanceof Setting.OfCount count) {
      values.put(name, count.count());
    } else {
      values.put(name, ((Setting.OfChoice) setting).name());
    }
  }

  private static int within(int number, int least, int most) {
    return Math.max(least, Math.min(most, number));
  }

  private static ObjectNode goal(Goal goal) {
    ObjectNode node = MAPPER.createObjectNode();
    if (goal instanceof Goal.Finished finished) {
      node.put("kind", "finished");
      size(node, finished.width(), finished.height());
    } else if (goal instanceof Goal.FromSheet from) {
      node.put("kind", "sheet").put("id", from.sheet().id()).put("label", from.sheet().label());
      size(node, from.sheet().width(), from.sheet().height());
      if (from.isJob()) {
        node.put("sheets", from.sheets()).put("cards", from.cards());
      }
      if (!from.more().isEmpty()) {
        ArrayNode more = node.putArray("more");
        from.more()
            .forEach(
                each ->
                    size(
                        more.addObject().put("id", each.id()).put("label", each.label()),
                        each.width(),
                        each.height()));
      }
    } else if (goal instanceof Goal.ForEnvelope wanted) {
      Envelope envelope = wanted.envelope();
      node.put("kind", "envelope").put("id", envelope.id()).put("label", envelope.label());
      size(node, envelope.width(), envelope.height());
      node.put("clearance", wanted.clearance().toString());
    } else {
      node.put("kind", "free");
    }
    return node;
  }

  private static void size(ObjectNode node, Length width, Length height) {
    node.put("width", width.toString()).put("height", height.toString());
  }

  /**
   * Reads a job.
   *
   * @param name the file's name, for sentences
   * @param text the file's text
   * @return the job, or one sentence about what is wrong and what to do
   */
  public static Parsed<Job> read(String name, String text) {
    try {
      JsonNode root = MAPPER.readTree(text);
      if (root == null || !root.isObject()) {
        return Parsed.bad("project.truncated", name, 1);
      }
      return Parsed.good(job(root));
    } catch (JsonProcessingException broken) {
      int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
      return Parsed.bad("project.truncated", name, line);
    } catch (BadFileException wrong) {
      return Parsed.bad("project.wrong", name, wrong.told());
    } catch (StackOverflowError deep) {
      return Parsed.bad("project.truncated", name, 1);
    }
  }

  static Parsed<Job> read(String name, JsonNode root) {
    try {
      return Parsed.good(job(root));
    } catch (BadFileException wrong) {
      return Parsed.bad("project.wrong", name, wrong.told());
    }
  }

  private static Job job(JsonNode root) throws BadFileException {
    Matcher format = FORMAT.matcher(root.path("format").asText());
    if (!format.matches()) {
      throw wrong("project.format", NAME + VERSION);
    }
    if (Integer.parseInt(format.group(1)) > VERSION) {
      throw wrong("project.newer", format.group(1), VERSION);
    }
    JsonNode scoring = root.path("scoring");
    Optional<Values> scaledFrom =
        root.path("scaledFrom").isObject()
            ? Optional.of(values(root.path("scaledFrom")))
            : Optional.empty();
    return new Job(
        new Tag(
            Printable.line(root.path("id").asText("")),
            text(root, "title"),
            root.path("notes").asText("")),
        new Edition(text(root, "pattern"), root.path("edition").asText("")),
        new Sizes(
            values(root.path("values")),
            goal(root.path("goal")),
            root.path("keepsProportions").asBoolean(true),
            SuppliesFormat.pinned(root.path("pinned")),
            scaledFrom),
        new Tools(
            rulers(root),
            new ScoringHabit(
                scoring.path("ridgeInside").asBoolean(true),
                marks(scoring, "grooves"),
                scoring.path("hand").asText("").equals(LEFT) ? Hand.LEFT : Hand.RIGHT)),
        new Supplies(
            SuppliesFormat.papers(root.path("papers"), root.path("colours"), root.path("spots")),
            SuppliesFormat.item(root.path("item")),
            CuttingFormat.read(root.path("cutting"))),
        SuppliesFormat.order(root.path("order")));
  }

  private static BadFileException wrong(String key, Object... details) {
    return new BadFileException(Message.of(key, details));
  }

  private static String text(JsonNode node, String key) throws BadFileException {
    if (!node.path(key).isTextual()) {
      throw wrong("project.missing", key);
    }
    return Printable.line(node.path(key).asText());
  }

  private static Length length(JsonNode node, String key) throws BadFileException {
    return length(text(node, key));
  }

  private static Length length(String text) throws BadFileException {
    Parsed<Length> length = LengthParser.parse(text, Unit.MILLIMETRE);
    if (length.value().isEmpty()) {
      throw new BadFileException(length.problem());
    }
    return length.orElseThrow();
  }

  private static Rulers rulers(JsonNode root) throws BadFileException {
    Marks card = marks(root, "marks");
    return root.has("layerMarks") ? new Rulers(card, marks(root, "layerMarks")) : Rulers.one(card);
  }

  private static Marks marks(JsonNode node, String key) throws BadFileException {
    Parsed<Marks> marks = Marks.parse(text(node, key));
    if (marks.value().isEmpty()) {
      throw new BadFileException(marks.problem());
    }
    return marks.orElseThrow();
  }

  private static Values values(JsonNode node) throws BadFileException {
    Values values = Values.NONE;
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      JsonNode value = field.getValue();
      if (value.isIntegralNumber() && value.canConvertToLong()) {
        values = values.and(field.getKey(), new Setting.OfCount(value.asLong()));
      } else if (value.isTextual()) {
        values = values.and(field.getKey(), setting(value.asText()));
      } else {
        throw wrong("project.value", field.getKey());
      }
    }
    return values;
  }

  private static Setting setting(String text) throws BadFileException {
    if (text.matches("-\\d.*")) {
      // What lies past the left or top edge of its piece.
      return new Setting.OfLength(Length.ZERO.minus(length(text.substring(1))));
    }
    boolean isLength = !text.isEmpty() && Character.isDigit(text.charAt(0));
    return isLength ? new Setting.OfLength(length(text)) : new Setting.OfChoice(text);
  }

  private static Goal goal(JsonNode node) throws BadFileException {
    return switch (text(node, "kind")) {
      case "free" -> new Goal.Free();
      case "finished" -> new Goal.Finished(side(node, "width"), side(node, "height"));
      case "sheet" ->
          new Goal.FromSheet(
              new Sheet(
                  text(node, "id"), text(node, "label"), side(node, "width"), side(node, "height")),
              within(node.path("sheets").asInt(0), 0, Goal.FromSheet.MOST_SHEETS),
              within(node.path("cards").asInt(1), 1, Order.MOST_COPIES),
              more(node.path("more")));
      case "envelope" ->
          new Goal.ForEnvelope(
              new Envelope(
                  text(node, "id"), text(node, "label"), side(node, "width"), side(node, "height")),
              length(node, "clearance"));
      default -> throw wrong("project.goal", text(node, "kind"));
    };
  }

  private static List<Sheet> more(JsonNode nodes) throws BadFileException {
    List<Sheet> sheets = new ArrayList<>();
    for (JsonNode node : nodes) {
      sheets.add(
          new Sheet(
              text(node, "id"), text(node, "label"), side(node, "width"), side(node, "height")));
    }
    return sheets;
  }

  private static Length side(JsonNode node, String key) throws BadFileException {
    Length side = length(node, key);
    if (!side.isPositive()) {
      throw wrong("project.side", key);
    }
    return side;
  }
}
