package cufflink.files.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.files.text.Printable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * The papers, the held item and the pins in a project file. All may be left out, and were in older
 * files; one that makes no sense is taken for left out, since nothing the maker sized depends on it
 * alone.
 */
final class SuppliesFormat {
  private SuppliesFormat() {}

  static void write(ObjectNode root, Job job) {
    if (!job.papers().byRole().isEmpty()) {
      ObjectNode papers = root.putObject("papers");
      job.papers()
          .byRole()
          .forEach((role, paper) -> write(papers.putObject(Roles.written(role)), paper));
    }
    if (!job.papers().colours().isEmpty()) {
      ObjectNode colours = root.putObject("colours");
      job.papers()
          .colours()
          .forEach((role, each) -> write(colours.putObject(Roles.written(role)), each));
    }
    PictureFormat.write(root, job.papers());
    if (!job.pinned().isEmpty()) {
      ArrayNode pinned = root.putArray("pinned");
      new TreeSet<>(job.pinned()).forEach(pinned::add);
    }
    write(root, job.order());
    CuttingFormat.write(root, job);
    job.item()
        .ifPresent(
            item ->
                root.putObject("item")
                    .put("id", item.id())
                    .put("label", item.label())
                    .put("width", item.width().toString())
                    .put("height", item.height().toString())
                    .put("thick", item.thick().toString()));
  }

  private static void write(ObjectNode root, Order order) {
    if (order.equals(Order.ONE)) {
      return;
    }
    ObjectNode node = root.putObject("order");
    node.put("copies", order.copies());
    node.put("trialFirst", order.trialFirst());
    node.put("raised", order.raised());
    if (order.kits() > 0) {
      node.put("kits", order.kits());
    }
    if (!order.own().order().isEmpty()) {
      ArrayNode gluing = node.putArray("gluing");
      order.own().order().forEach(gluing::add);
    }
    if (!order.own().with().isEmpty()) {
      ObjectNode adhesives = node.putObject("adhesives");
      new TreeMap<>(order.own().with())
          .forEach((id, with) -> adhesives.put(id, with.name().toLowerCase(Locale.ROOT)));
    }
    if (!order.own().faces().isEmpty()) {
      ArrayNode faces = node.putArray("faces");
      new TreeSet<>(order.own().faces()).forEach(faces::add);
    }
    if (order.own().byEye()) {
      node.put("byEye", true);
    }
    if (!order.toppers().isEmpty()) {
      TopperFormat.write(node.putArray("toppers"), order.toppers());
    }
    if (!order.treatments().isEmpty()) {
      TreatmentFormat.write(node.putArray("treatments"), order.treatments());
    }
    ArrayNode extras = node.putArray("extras");
    new TreeSet<>(order.extras()).forEach(extras::add);
  }

  static Order order(JsonNode node) throws BadFileException {
    int copies = node.path("copies").asInt(1);
    int most = Math.max(1, Math.min(Order.MOST_COPIES, copies));
    return new Order(
        most,
        node.path("trialFirst").asBoolean(false),
        pinned(node.path("extras")),
        node.path("raised").asBoolean(false),
        Math.max(0, Math.min(most, node.path("kits").asInt(0))),
        TopperFormat.read(node.path("toppers")),
        own(node),
        TreatmentFormat.read(node.path("treatments")));
  }

  /** An adhesive of a later edition that is not known here is left to be chosen. */
  private static GluingOrder.Own own(JsonNode order) {
    List<String> gluing = new ArrayList<>();
    order.path("gluing").forEach(name -> gluing.add(name.asText("")));
    Map<String, Adhesive> with = new HashMap<>();
    order
        .path("adhesives")
        .properties()
        .forEach(
            field ->
                Stream.of(Adhesive.values())
                    .filter(each -> each.name().equalsIgnoreCase(field.getValue().asText()))
                    .findFirst()
                    .ifPresent(each -> with.put(field.getKey(), each)));
    Set<String> faces = pinned(order.path("faces"));
    return new GluingOrder.Own(gluing, with, faces, order.path("byEye").asBoolean(false));
  }

  static Set<String> pinned(JsonNode node) {
    Set<String> pinned = new TreeSet<>();
    node.forEach(name -> pinned.add(name.asText("")));
    return pinned;
  }

  static void write(ObjectNode node, Paper paper) {
    node.put("name", paper.name());
    node.put("grammage", paper.grammage());
    node.put("bulk", paper.bulk());
    node.put("twoSided", paper.twoSided());
    node.put("print", paper.print().name().toLowerCase(Locale.ROOT));
    node.put("grain", paper.grain().name().toLowerCase(Locale.ROOT));
  }

  private static void write(ObjectNode node, Papers.Colours colours) {
    node.put("ground", written(colours.ground()));
    node.put("ink", written(colours.ink()));
    node.put("motif", written(colours.motif()));
    colours.picture().ifPresent(picture -> PictureFormat.write(node.putObject("picture"), picture));
  }

  private static String written(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT);
  }

  static Papers papers(JsonNode node, JsonNode colours, JsonNode spots) {
    Map<String, Paper> papers = new TreeMap<>();
    node.properties()
        .forEach(
            each ->
                paper(each.getValue())
                    .ifPresent(paper -> papers.put(Roles.read(each.getKey()), paper)));
    Map<String, Papers.Colours> looks = new TreeMap<>();
    colours
        .properties()
        .forEach(
            each ->
                colours(each.getValue())
                    .ifPresent(look -> looks.put(Roles.read(each.getKey()), look)));
    return new Papers(papers, looks, PictureFormat.spots(spots));
  }

  /** A colour or print of a later edition that is not known here is left to the construction. */
  private static Optional<Papers.Colours> colours(JsonNode node) {
    try {
      return Optional.of(
          new Papers.Colours(
              Tint.valueOf(node.path("ground").asText("").toUpperCase(Locale.ROOT)),
              Tint.valueOf(node.path("ink").asText("").toUpperCase(Locale.ROOT)),
              Motif.valueOf(node.path("motif").asText("").toUpperCase(Locale.ROOT)),
              PictureFormat.picture(node.path("picture"))));
    } catch (IllegalArgumentException unknown) {
      return Optional.empty();
    }
  }

  static Optional<Paper> paper(JsonNode node) {
    try {
      return node.isObject()
          ? Optional.of(
              new Paper(
                  Printable.line(node.path("name").asText("")),
                  node.path("grammage").asInt(),
                  node.path("bulk").asDouble(Paper.USUAL_BULK),
                  node.path("twoSided").asBoolean(false),
                  Paper.Print.valueOf(node.path("print").asText("none").toUpperCase(Locale.ROOT)),
                  Paper.Grain.valueOf(
                      node.path("grain").asText("unknown").toUpperCase(Locale.ROOT))))
          : Optional.empty();
    } catch (IllegalArgumentException outOfRange) {
      return Optional.empty();
    }
  }

  static Optional<HeldItem> item(JsonNode node) {
    Optional<Length> width = side(node, "width");
    Optional<Length> height = side(node, "height");
    return width.isPresent() && height.isPresent()
        ? Optional.of(
            new HeldItem(
                node.path("id").asText("own"),
                Printable.line(node.path("label").asText("")),
                width.get(),
                height.get(),
                length(node, "thick").orElse(HeldItem.USUALLY_THICK)))
        : Optional.empty();
  }

  private static Optional<Length> side(JsonNode node, String key) {
    return length(node, key).filter(Length::isPositive);
  }

  private static Optional<Length> length(JsonNode node, String key) {
    return LengthParser.parse(node.path(key).asText(""), Unit.MILLIMETRE).value();
  }
}
