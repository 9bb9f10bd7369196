package cufflink.files.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Paper;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The drawer's file: sheets, off-cuts and what is set aside, as JSON. */
final class DrawerFormat {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);
  private static final String FORMAT = "cufflink-drawer/1";

  private DrawerFormat() {}

  static String write(Drawer drawer) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("format", FORMAT);
    ArrayNode stock = root.putArray("stock");
    for (Stock each : drawer.stock()) {
      ObjectNode node = stock.addObject();
      node.put("id", each.id());
      node.put("label", each.label());
      node.put("width", each.width().toString());
      node.put("height", each.height().toString());
      node.put("count", each.count());
      node.put("offCut", each.offCut());
      SuppliesFormat.write(node.putObject("paper"), each.paper());
    }
    ObjectNode reserved = root.putObject("reserved");
    new TreeMap<>(drawer.reserved())
        .forEach(
            (job, counts) -> {
              ObjectNode node = reserved.putObject(job);
              new TreeMap<>(counts).forEach(node::put);
            });
    try {
      return MAPPER.writeValueAsString(root) + "\n";
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }

  static Parsed<Drawer> read(String name, String text) {
    try {
      JsonNode root = MAPPER.readTree(text);
      if (!FORMAT.equals(root.path("format").asText())) {
        return Parsed.bad("drawer.damaged", name);
      }
      List<Stock> stock = new ArrayList<>();
      for (JsonNode node : root.path("stock")) {
        Optional<Stock> each = stock(node);
        if (each.isEmpty()) {
          return Parsed.bad("drawer.entry", name, stock.size() + 1);
        }
        stock.add(each.get());
      }
      return Parsed.good(new Drawer(stock, reserved(root.path("reserved"))));
    } catch (JsonProcessingException | StackOverflowError broken) {
      return Parsed.bad("drawer.damaged", name);
    }
  }

  private static Map<String, Map<String, Integer>> reserved(JsonNode node) {
    Map<String, Map<String, Integer>> reserved = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> job : node.properties()) {
      Map<String, Integer> counts = new LinkedHashMap<>();
      job.getValue()
          .properties()
          .forEach(each -> counts.put(each.getKey(), Math.max(0, each.getValue().asInt())));
      reserved.put(job.getKey(), counts);
    }
    return reserved;
  }

  private static Optional<Stock> stock(JsonNode node) {
    Optional<Length> width = side(node, "width");
    Optional<Length> height = side(node, "height");
    Optional<Paper> paper = SuppliesFormat.paper(node.path("paper"));
    int count = node.path("count").asInt(-1);
    if (width.isEmpty() || height.isEmpty() || paper.isEmpty() || count < 0) {
      return Optional.empty();
    }
    return Optional.of(
        new Stock(
            node.path("id").asText(""),
            node.path("label").asText(""),
            width.get(),
            height.get(),
            count,
            node.path("offCut").asBoolean(false),
            paper.get()));
  }

  private static Optional<Length> side(JsonNode node, String key) {
    return LengthParser.parse(node.path(key).asText(""), Unit.MILLIMETRE)
        .value()
        .filter(Length::isPositive);
  }
}
