package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.files.text.Printable;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Pictures of papers in a project file, and from where on them parts are cut. */
public final class PictureFormat {
  /** What a picture may be kept under: it never leads out of the folder. */
  private static final String NAME = "[0-9a-f]{8,64}\\.(jpg|png)";

  private static final int WHITE = 0xFFFFFF;

  private PictureFormat() {}

  /**
   * Writes a picture.
   *
   * @param node where to
   * @param picture the picture
   */
  public static void write(ObjectNode node, Picture picture) {
    node.put("name", picture.name())
        .put("label", picture.label())
        .put("width", picture.wide().toString())
        .put("height", picture.high().toString())
        .put("mean", picture.mean() & WHITE);
  }

  /**
   * Writes where parts are cut.
   *
   * @param root where to
   * @param papers whose parts; nothing is written if none has a place
   */
  public static void write(ObjectNode root, Papers papers) {
    if (papers.spots().isEmpty()) {
      return;
    }
    ObjectNode spots = root.putObject("spots");
    papers
        .spots()
        .forEach(
            (part, spot) ->
                spots
                    .putObject(part)
                    .put("left", spot.left().toString())
                    .put("top", spot.top().toString())
                    .put("quarters", spot.quarters()));
  }

  static Optional<Picture> picture(JsonNode node) {
    Optional<Length> wide = length(node, "width").filter(Picture::isSheet);
    Optional<Length> high = length(node, "height").filter(Picture::isSheet);
    String name = node.path("name").asText("");
    return wide.isPresent() && high.isPresent() && name.matches(NAME)
        ? Optional.of(
            new Picture(
                name,
                Printable.line(node.path("label").asText("")),
                wide.get(),
                high.get(),
                node.path("mean").asInt(WHITE) & WHITE))
        : Optional.empty();
  }

  static Map<String, Picture.Spot> spots(JsonNode node) {
    Map<String, Picture.Spot> spots = new TreeMap<>();
    node.properties()
        .forEach(
            each -> {
              Optional<Length> left = length(each.getValue(), "left");
              Optional<Length> top = length(each.getValue(), "top");
              int quarters = Math.floorMod(each.getValue().path("quarters").asInt(0), 4);
              if (left.isPresent() && top.isPresent()) {
                spots.put(each.getKey(), new Picture.Spot(left.get(), top.get(), quarters));
              }
            });
    return spots;
  }

  private static Optional<Length> length(JsonNode node, String key) {
    return LengthParser.parse(node.path(key).asText(""), Unit.MILLIMETRE).value();
  }
}
