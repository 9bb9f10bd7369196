package cufflink.files.log;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Yearly;
import cufflink.core.decor.Chart;
import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.files.project.ProjectFormat;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What is to come, in a log's JSON. */
final class AheadFormat {
  private static final ObjectMapper MAPPER = new ObjectMapper();

  private AheadFormat() {}

  static void write(ObjectNode root, WholeLog whole) throws JsonProcessingException {
    ArrayNode yearly = root.putArray("yearly");
    for (Yearly each : whole.yearly()) {
      ObjectNode node = yearly.addObject().put("id", each.id()).put("for", each.who());
      node.put("occasion", each.what()).put("day", each.day().toString());
    }
    ArrayNode planned = root.putArray("planned");
    for (Planned each : whole.planned()) {
      ObjectNode node = planned.addObject().put("id", each.id()).put("due", each.due().toString());
      node.put("construction", each.construction());
      node.put("for", each.forWhom()).put("occasion", each.occasion());
      node.set("project", MAPPER.readTree(ProjectFormat.write(each.job())));
    }
    ArrayNode given = root.putArray("given");
    for (Given each : whole.given()) {
      ObjectNode node = given.addObject().put("id", each.id()).put("card", each.card());
      node.put("on", each.on().toString()).put("copies", each.copies()).put("for", each.who());
    }
    ArrayNode sundries = root.putArray("sundries");
    whole
        .sundries()
        .amounts()
        .forEach(
            (kind, amount) -> {
              ObjectNode node = sundries.addObject();
              node.put("material", kind.material().name().toLowerCase(Locale.ROOT));
              node.put("width", kind.width().units()).put("amount", amount);
            });
    ChartTable.write(root.putArray("own"), whole.chart());
  }

  /** Reads it all; the cards were read before. */
  static Parsed<WholeLog> read(String file, JsonNode root, List<CardMade> cards) {
    List<Yearly> yearly = new ArrayList<>();
    List<Planned> planned = new ArrayList<>();
    List<Given> given = new ArrayList<>();
    Map<Kind, Long> sundries = new LinkedHashMap<>();
    String entry = "";
    try {
      for (JsonNode node : root.path("yearly")) {
        entry = "yearly " + (yearly.size() + 1);
        MonthDay day = MonthDay.parse(text(node, "day"));
        yearly.add(new Yearly(text(node, "id"), text(node, "for"), text(node, "occasion"), day));
      }
      for (JsonNode node : root.path("planned")) {
        entry = "planned " + (planned.size() + 1);
        Parsed<Job> job = ProjectFormat.read(file + ", " + entry, node.path("project").toString());
        if (job.value().isEmpty()) {
          return Parsed.bad(job.problem());
        }
        planned.add(
            new Planned(
                text(node, "id"),
                LocalDate.parse(text(node, "due")),
                job.orElseThrow(),
                text(node, "construction"),
                text(node, "for"),
                text(node, "occasion")));
      }
      for (JsonNode node : root.path("given")) {
        entry = "given " + (given.size() + 1);
        LocalDate on = LocalDate.parse(text(node, "on"));
        int copies = node.path("copies").asInt(0);
        given.add(new Given(text(node, "id"), text(node, "card"), on, copies, text(node, "for")));
      }
      for (JsonNode node : root.path("sundries")) {
        entry = "sundries " + (sundries.size() + 1);
        Material material = Material.valueOf(text(node, "material").toUpperCase(Locale.ROOT));
        Length width = Length.ofUnits(node.path("width").asLong());
        sundries.put(new Kind(material, width), node.path("amount").asLong(-1));
      }
      Chart chart = Chart.NONE;
      for (JsonNode node : root.path("own")) {
        entry = "own " + (chart.all().size() + 1);
        chart = chart.with(ChartTable.read(node));
      }
      return Parsed.good(
          new WholeLog(cards, yearly, planned, given, new Sundries(sundries), chart));
    } catch (DateTimeException | IllegalArgumentException senseless) {
      return Parsed.bad("log.no-entry", file, entry);
    }
  }

  private static String text(JsonNode node, String name) {
    return node.path(name).asText("");
  }
}
