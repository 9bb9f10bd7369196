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
import java.util.Optional;

/**
 * The sheets and the trimmer in a project file. As with all supplies, what makes no sense is taken
 * for left out.
 */
final class CuttingFormat {
  private CuttingFormat() {}

  static void write(ObjectNode root, Job job) {
    Cutting cutting = job.cutting();
    if (cutting.equals(Cutting.USUAL)) {
      return;
    }
    ObjectNode node = root.putObject("cutting");
    cutting.card().ifPresent(sheet -> write(node.putObject("card"), sheet));
    cutting.patterned().ifPresent(sheet -> write(node.putObject("patterned"), sheet));
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
    return new Cutting(
        sheet(node.path("card")), sheet(node.path("patterned")), trimmer(node.path("trimmer")));
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
