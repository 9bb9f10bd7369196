package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
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
      node.put("stock", written(topper.stock()));
      node.put("on", topper.on());
      node.put("face", written(topper.face()));
      node.put("with", written(topper.fixing().with()));
      node.put("byFoot", topper.fixing().byFoot());
      node.put("overhangs", topper.fixing().overhangs());
      node.put("across", topper.start().across().toString());
      node.put("down", topper.start().down().toString());
      node.put("left", topper.start().left().toString());
      node.put("top", topper.start().top().toString());
    }
  }

  private static String written(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT);
  }

  /** Reads toppers; what makes no sense is left out, and no id is taken twice. */
  static List<Topper> read(JsonNode array) {
    List<Topper> toppers = new ArrayList<>();
    for (JsonNode node : array) {
      Optional<Topper> topper = topper(node);
      boolean isNew =
          topper
              .filter(each -> toppers.stream().noneMatch(it -> it.id().equals(each.id())))
              .isPresent();
      if (isNew && toppers.size() < Topper.MOST) {
        toppers.add(topper.get());
      }
    }
    return toppers;
  }

  private static Optional<Topper> topper(JsonNode node) {
    try {
      return Optional.of(
          new Topper(
              node.path("id").asText(""),
              label(node.path("label").asText("")),
              words(node.path("words").asText("")),
              Topper.Shape.valueOf(upper(node, "shape", "rectangle")),
              Topper.Stock.valueOf(upper(node, "stock", "white")),
              node.path("on").asText(""),
              Face.valueOf(upper(node, "face", "outside")),
              new Topper.Fixing(
                  Adhesive.valueOf(upper(node, "with", "liquid")),
                  node.path("byFoot").asBoolean(false),
                  node.path("overhangs").asBoolean(false)),
              new Topper.Start(
                  length(node, "across"),
                  length(node, "down"),
                  length(node, "left"),
                  length(node, "top"))));
    } catch (IllegalArgumentException senseless) {
      return Optional.empty();
    }
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

  private static String upper(JsonNode node, String key, String usual) {
    return node.path(key).asText(usual).toUpperCase(Locale.ROOT);
  }

  /**
   * Places left of an edge are below nought.
   *
   * @throws NumberFormatException if it is no length
   */
  private static Length length(JsonNode node, String key) {
    return Length.parse(node.path(key).asText(""));
  }
}
