package cufflink.files.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.cut.CutSheet;
import cufflink.core.cut.Layout;
import cufflink.core.cut.TrimStep;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Rulers;
import cufflink.core.plane.Point;
import cufflink.core.run.Hand;
import cufflink.core.run.TrimDirections;
import java.util.List;
import java.util.Locale;

/** Writes cut plans as JSON: sheets with what lies where, and the cuts in order. */
public final class CutJson {
  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

  private final LengthFormat format;
  private final Rulers rulers;
  private final Hand hand;

  /**
   * Prepares to write.
   *
   * @param format how lengths are written beside the exact numbers
   * @param rulers the marks of the card and of the layers
   * @param hand at which side the fence lies
   */
  public CutJson(LengthFormat format, Rulers rulers, Hand hand) {
    this.format = format;
    this.rulers = rulers;
    this.hand = hand;
  }

  /**
   * Writes plans.
   *
   * @param plans how each paper is cut
   * @return the JSON text
   */
  public String write(List<PaperPlan> plans) {
    ArrayNode all = MAPPER.createArrayNode();
    plans.forEach(plan -> new One(plan.format(format, rulers), hand).write(all.addObject(), plan));
    try {
      return MAPPER.writeValueAsString(all);
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }

  /** Writes one plan on its own marks. */
  private record One(LengthFormat format, JsonNumbers numbers, Hand hand) {
    One(LengthFormat format, Hand hand) {
      this(format, new JsonNumbers(format), hand);
    }

    private void write(ObjectNode node, PaperPlan plan) {
      node.put("paper", plan.role().id());
      node.put("trial", plan.isTrial());
      node.put("newSheets", plan.plan().newSheets());
      node.put("leastPossible", plan.plan().bound());
      ArrayNode problems = node.putArray("problems");
      plan.plan().problems().forEach(problem -> problems.add(problem.say(format)));
      ArrayNode sheets = node.putArray("sheets");
      plan.plan().sheets().forEach(sheet -> write(sheets.addObject(), sheet));
      ArrayNode cuts = node.putArray("cuts");
      plan.run().steps().forEach(step -> write(cuts.addObject(), step));
    }

    private void write(ObjectNode node, CutSheet sheet) {
      node.put("id", sheet.stock().id());
      node.put("offCut", sheet.stock().offCut());
      node.put("times", sheet.times());
      numbers.length(node, "width", sheet.stock().width());
      numbers.length(node, "height", sheet.stock().height());
      ArrayNode parts = node.putArray("parts");
      for (Layout.Placed placed : sheet.layout().leaves()) {
        if (placed.what() instanceof Layout.Cut cut) {
          ObjectNode part = parts.addObject();
          part.put("part", cut.part().id());
          part.put("turned", cut.turned());
          numbers.place(part, "at", new Point(placed.x(), placed.y()));
          numbers.length(part, "width", cut.width());
          numbers.length(part, "height", cut.height());
        }
      }
    }

    private void write(ObjectNode node, TrimStep step) {
      node.put("cut", step.paper());
      node.put("times", step.times());
      node.put("down", step.down());
      node.put("turn", step.turned());
      node.put("farEdge", step.farEdge());
      numbers.length(node, "fence", step.fence());
      write(node.putObject("first"), step.first());
      write(node.putObject("rest"), step.rest());
      new MovesJson(format).write(node, List.of(TrimDirections.move(step, hand)));
    }

    private void write(ObjectNode node, TrimStep.Result result) {
      node.put("becomes", result.becomes().name().toLowerCase(Locale.ROOT).replace('_', '-'));
      node.put("name", result.name());
      numbers.length(node, "width", result.width());
      numbers.length(node, "height", result.height());
    }
  }
}
