package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.words.Message;
import cufflink.files.text.Printable;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Toppers as project files and commands write them. */
public final class TopperFormat {
  private TopperFormat() {}

  /**
   * Writes toppers.
   *
   * @param array where
   * @param toppers the toppers
   */
  public static void write(ArrayNode array, List<Topper> toppers) {
    for (Topper topper : toppers) {
      ObjectNode node = array.addObject();
      node.put("id", topper.id());
      node.put("label", topper.label());
      if (!topper.words().isEmpty()) {
        node.put("words", topper.words());
      }
      node.put("shape", written(topper.shape()));
      topper
          .outline()
          .ifPresent(
              outline -> {
                ArrayNode corners = node.putArray("outline");
                ring(corners, outline.corners());
                if (!outline.holes().isEmpty()) {
                  ArrayNode holes = node.putArray("holes");
                  outline.holes().forEach(hole -> ring(holes.addArray(), hole));
                }
                if (outline.isPanel()) {
                  node.put("panel", true);
                }
              });
      if (!topper.group().isEmpty()) {
        node.put("group", topper.group());
      }
      node.put("stock", written(topper.stock()));
      node.put("on", topper.on());
      if (topper.copy() != Topper.LAST) {
        node.put("copy", topper.copy() == Topper.EACH ? "each" : Integer.toString(topper.copy()));
      }
      if (topper.cards() > 0) {
        node.put("cards", topper.cards());
      }
      node.put("face", written(topper.face()));
      node.put("with", written(topper.fixing().with()));
      node.put("byFoot", topper.fixing().byFoot());
      node.put("overhangs", topper.fixing().overhangs());
      if (topper.fixing().tucked()) {
        node.put("tucked", true);
      }
      node.put("across", topper.start().across().toString());
      node.put("down", topper.start().down().toString());
      node.put("left", topper.start().left().toString());
      node.put("top", topper.start().top().toString());
    }
  }

  private static void ring(ArrayNode ring, List<Outline.Corner> corners) {
    corners.forEach(each -> ring.addArray().add(each.x()).add(each.y()));
  }

  private static String written(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT);
  }

  /**
   * Reads toppers. None is left out: who opens a file and saves it again would have lost it. One
   * whose id is taken gets another.
   *
   * @throws BadFileException if one makes no sense
   */
  static List<Topper> read(JsonNode array) throws BadFileException {
    List<Topper> toppers = new ArrayList<>();
    for (JsonNode node : array) {
      String id = node.path("id").asText("");
      boolean isNew = Topper.isId(id) && toppers.stream().noneMatch(it -> it.id().equals(id));
      toppers.add(topper(node, isNew ? id : Topper.next(toppers), toppers.size() + 1));
    }
    return toppers;
  }

  private static Topper topper(JsonNode node, String id, int number) throws BadFileException {
    Topper.Start start =
        new Topper.Start(
            side(node, "across", number),
            side(node, "down", number),
            length(node, "left", number),
            length(node, "top", number));
    Optional<Topper.Measure> absurd = start.absurd();
    if (absurd.isPresent()) {
      String key = written(absurd.get());
      throw bad(number, key, node);
    }
    Optional<Outline> outline = outline(node, number);
    Topper.Shape shape = one(Topper.Shape.RECTANGLE, node, "shape", number);
    if (shape == Topper.Shape.OUTLINE && outline.isEmpty()) {
      throw bad(number, "outline", node);
    }
    return new Topper(
        id,
        label(node.path("label").asText("")),
        words(node.path("words").asText("")),
        shape,
        one(Topper.Stock.WHITE, node, "stock", number),
        node.path("on").asText(""),
        one(Face.OUTSIDE, node, "face", number),
        new Topper.Fixing(
            one(Adhesive.LIQUID, node, "with", number),
            node.path("byFoot").asBoolean(false),
            node.path("overhangs").asBoolean(false),
            node.path("tucked").asBoolean(false)),
        start,
        outline,
        node.path("group").asText(""),
        new Topper.Which(copy(node, number), cards(node, number)));
  }

  /** What was put on before one could choose lies on the last. */
  private static int copy(JsonNode node, int number) throws BadFileException {
    String text = node.path("copy").asText("");
    if (!text.matches("|each|[1-9][0-9]{0,2}")) {
      throw bad(number, "copy", node);
    }
    return text.isEmpty()
        ? Topper.LAST
        : text.equals("each") ? Topper.EACH : Integer.parseInt(text);
  }

  private static int cards(JsonNode node, int number) throws BadFileException {
    int cards = node.path("cards").asInt(0);
    boolean isNumber = !node.has("cards") || node.path("cards").isInt();
    if (!isNumber || cards < 0 || cards > Topper.MOST_CARDS) {
      throw bad(number, "cards", node);
    }
    return cards;
  }

  private static Optional<Outline> outline(JsonNode node, int number) throws BadFileException {
    if (!node.has("outline")) {
      return Optional.empty();
    }
    List<Outline.Corner> corners = corners(node.path("outline"));
    if (!Outline.isSound(corners)) {
      throw bad(number, "outline", node);
    }
    List<List<Outline.Corner>> holes = new ArrayList<>();
    for (JsonNode each : node.path("holes")) {
      holes.add(corners(each));
      if (holes.size() > Outline.MOST_HOLES) {
        break;
      }
    }
    if (!Outline.isSound(corners, holes)) {
      throw bad(number, "holes", node);
    }
    return Optional.of(new Outline(corners, holes, node.path("panel").asBoolean(false)));
  }

  private static List<Outline.Corner> corners(JsonNode ring) {
    List<Outline.Corner> corners = new ArrayList<>();
    for (JsonNode each : ring) {
      corners.add(new Outline.Corner(each.path(0).asDouble(-1), each.path(1).asDouble(-1)));
      if (corners.size() > Outline.MOST) {
        break;
      }
    }
    return corners;
  }

  /** What a file says nothing of is as usual. */
  private static <E extends Enum<E>> E one(E usual, JsonNode node, String key, int number)
      throws BadFileException {
    String text = node.path(key).asText(written(usual));
    for (E each : usual.getDeclaringClass().getEnumConstants()) {
      if (written(each).equals(text)) {
        return each;
      }
    }
    throw bad(number, key, node);
  }

  private static Length side(JsonNode node, String key, int number) throws BadFileException {
    Length side = length(node, key, number);
    if (!side.isPositive()) {
      throw bad(number, key, node);
    }
    return side;
  }

  /** Places left of an edge are below nought. */
  private static Length length(JsonNode node, String key, int number) throws BadFileException {
    String text = node.path(key).asText("");
    if (!text.matches("-?\\d{1,7}(\\.\\d{1,12})? mm")) {
      throw bad(number, key, node);
    }
    return Length.parse(text);
  }

  private static BadFileException bad(int number, String key, JsonNode node) {
    String text = Printable.line(node.path(key).asText(""));
    return new BadFileException(
        Message.of("project.topper", number, key, text, Topper.LARGEST, Topper.PAST));
  }

  /**
   * Makes a name that can stand on a slip, and in a pattern, where braces are formulas.
   *
   * @param typed what was typed
   * @return it on one line, without braces, and not too long
   */
  public static String label(String typed) {
    String line = Printable.line(typed).replace("{", "(").replace("}", ")").strip();
    return line.length() > Topper.LONGEST ? line.substring(0, Topper.LONGEST).strip() : line;
  }

  /**
   * Makes words that stand on a piece.
   *
   * @param typed what was typed; a slash begins a new line
   * @return it as it is kept, and not too long
   */
  public static String words(String typed) {
    String line = Printable.line(typed).strip();
    return line.length() > Topper.MOST_WORDS ? line.substring(0, Topper.MOST_WORDS).strip() : line;
  }
}
