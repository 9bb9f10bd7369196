package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.cut.Trimmer;
import cufflink.core.job.Cutting;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Sheet;
import cufflink.files.text.Printable;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The sheets and the trimmer in a project file. As with all supplies, what makes no sense is taken
 * for left out.
 */
final class CuttingFormat {
  private static final String TRIMMER = "trimmer";

  private CuttingFormat() {}

  static void write(ObjectNode root, Job job) {
    Cutting cutting = job.cutting();
    if (cutting.equals(Cutting.USUAL)) {
      return;
    }
    ObjectNode node = root.putObject("cutting");
    cutting.sheets().forEach((role, sheet) -> write(node.putObject(Roles.written(role)), sheet));
    Trimmer trimmer = cutting.trimmer();
    node.putObject("trimmer")
        .put("longestCut", trimmer.longestCut().toString())
        .put("smallestHeld", trimmer.smallestHeld().toString())
        .put("roughEdge", trimmer.roughEdge().toString());
  }

  private static void write(ObjectNode node, Sheet sheet) {
    node.put("id", sheet.id())
        .put("label", sheet.label())
        .put("width", sheet.width().toString())
        .put("height", sheet.height().toString());
  }

  static Cutting read(JsonNode node) {
    Map<String, Sheet> sheets = new TreeMap<>();
    node.properties()
        .forEach(
            each ->
                sheet(each.getValue())
                    .filter(sheet -> !each.getKey().equals(TRIMMER))
                    .ifPresent(sheet -> sheets.put(Roles.read(each.getKey()), sheet)));
    return new Cutting(sheets, trimmer(node.path(TRIMMER)));
  }

  private static Optional<Sheet> sheet(JsonNode node) {
    Optional<Length> width = length(node, "width").filter(Length::isPositive);
    Optional<Length> height = length(node, "height").filter(Length::isPositive);
    return width.isPresent() && height.isPresent()
        ? Optional.of(
            new Sheet(
                node.path("id").asText("own"),
                Printable.line(node.path("label").asText("")),
                width.get(),
                height.get()))
        : Optional.empty();
  }

  private static Trimmer trimmer(JsonNode node) {
    Trimmer usual = Trimmer.USUAL;
    return new Trimmer(
        length(node, "longestCut").filter(Length::isPositive).orElse(usual.longestCut()),
        length(node, "smallestHeld").orElse(usual.smallestHeld()),
        length(node, "roughEdge").orElse(usual.roughEdge()));
  }

  private static Optional<Length> length(JsonNode node, String key) {
    return LengthParser.parse(node.path(key).asText(""), Unit.MILLIMETRE).value();
  }
}
