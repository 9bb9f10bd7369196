package cufflink.files.export;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DecimalNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.List;

/** Writes lengths and places: exact millimetres, and beside them what the maker reads. */
final class JsonNumbers {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final LengthFormat format;

  JsonNumbers(LengthFormat format) {
    this.format = format;
  }

  void length(ObjectNode node, String name, Length length) {
    node.set(name, number(length));
    display(node).put(name, format.format(length));
  }

  void place(ObjectNode node, String name, Point point) {
    node.set(name, place(point));
    display(node).set(name, written(point));
  }

  void places(ObjectNode node, String name, List<Point> points) {
    ArrayNode places = node.putArray(name);
    points.forEach(point -> places.add(place(point)));
  }

  void line(ObjectNode node, Segment line) {
    places(node, "line", List.of(line.from(), line.to()));
  }

  void ends(ObjectNode node, Point from, Point to) {
    place(node, "from", from);
    place(node, "to", to);
  }

  void area(ObjectNode node, Area area) {
    place(node, "at", area.at());
    length(node, "width", area.width());
    length(node, "height", area.height());
  }

  private static ObjectNode display(ObjectNode node) {
    return node.has("display") ? (ObjectNode) node.get("display") : node.putObject("display");
  }

  private static DecimalNode number(Length length) {
    return DecimalNode.valueOf(length.toExactMillimetres());
  }

  private static ArrayNode place(Point point) {
    return NODES.arrayNode().add(number(point.x())).add(number(point.y()));
  }

  private ArrayNode written(Point point) {
    return NODES.arrayNode().add(format.format(point.x())).add(format.format(point.y()));
  }
}
