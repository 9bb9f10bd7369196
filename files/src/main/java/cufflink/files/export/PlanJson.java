package cufflink.files.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Trouble;
import cufflink.core.fold.Thickness;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Segment;
import cufflink.core.post.Posting;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.inspect.Answer;
import cufflink.files.size.Post;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Writes plans, findings and the list of constructions as JSON.
 *
 * <p>Lengths are numbers in millimetres, exact to six decimals; beside each stands the text a maker
 * would read off the ruler.
 */
public final class PlanJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final ObjectMapper MAPPER =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
          .build();

  private final LengthFormat format;
  private static final double TENTHS = 10;

  private final JsonNumbers numbers;

  /**
   * Prepares to write.
   *
   * @param format how the texts beside the lengths are written
   */
  public PlanJson(LengthFormat format) {
    this.format = format;
    this.numbers = new JsonNumbers(format);
  }

  /**
   * Writes the plan of a job.
   *
   * @param derivation what follows from the job
   * @param reason why the sizes are what they are, empty if nobody asked
   * @return the JSON text
   */
  public String plan(Derivation derivation, String reason) {
    ObjectNode root = NODES.objectNode();
    root.put("id", derivation.pattern().id());
    root.put("name", derivation.pattern().name());
    root.put("marks", derivation.job().marks().toString());
    root.put("layerMarks", derivation.job().rulers().layers().toString());
    root.set("values", values(derivation.pattern(), derivation.settled()));
    if (!reason.isEmpty()) {
      root.put("why", reason);
    }
    derivation.made().ifPresent(made -> design(root, made, derivation.job().order().wish()));
    derivation.thickness().ifPresent(all -> thickness(root, all));
    derivation.made().ifPresent(made -> moves(root, made, derivation.job()));
    PlanDecor.write(root, derivation);
    root.set("findings", findings(derivation));
    return text(root);
  }

  /**
   * Writes what is found of a card.
   *
   * @param derivation what follows from its job, folded in thought
   * @param posted as what it goes by post, if that is known
   * @param answers what else is asked about it
   * @return the JSON text
   */
  public String check(Derivation derivation, Optional<Post.Posted> posted, List<Answer> answers) {
    ObjectNode root = NODES.objectNode();
    root.put("id", derivation.pattern().id());
    root.set("findings", findings(derivation));
    posted.ifPresent(
        each -> {
          ObjectNode post = root.putObject("post");
          post.put("envelope", each.envelope().id());
          for (Posting posting : each.postings()) {
            ObjectNode node = post.withArray("countries").addObject();
            node.put("country", posting.country());
            posting.best().ifPresent(best -> node.put("class", best.label()));
            node.put("byHand", posting.byHand());
            posting.why().forEach(why -> node.withArray("why").add(why.say(format)));
          }
        });
    ObjectNode answered = root.putObject("answers");
    for (Answer each : answers) {
      ArrayNode lines = answered.putArray(each.about().id());
      each.lines().forEach(line -> lines.add(line.say(format)));
    }
    return text(root);
  }

  /**
   * Writes the list of constructions.
   *
   * @param patterns the constructions
   * @return the JSON text
   */
  public String list(Collection<Pattern> patterns) {
    ArrayNode designs = NODES.arrayNode();
    for (Pattern pattern : patterns) {
      ObjectNode node = designs.addObject();
      node.put("id", pattern.id());
      node.put("name", pattern.name());
      node.put("about", pattern.about());
      node.put("family", pattern.family());
      ArrayNode does = node.putArray("does");
      pattern.does().forEach(does::add);
      ArrayNode suits = node.putArray("suits");
      pattern.suits().forEach(suits::add);
      ArrayNode parameters = node.putArray("parameters");
      pattern.parameters().forEach(parameter -> parameters.add(parameter(parameter)));
    }
    return text(NODES.objectNode().set("designs", designs));
  }

  private ObjectNode parameter(Parameter parameter) {
    ObjectNode node = NODES.objectNode();
    node.put("id", parameter.id());
    node.put("label", parameter.label());
    node.put("kind", kind(parameter));
    set(node, "default", parameter.normal());
    node.put("role", plain(parameter.role()));
    node.put("scales", plain(parameter.scales()));
    parameter.least().ifPresent(least -> node.put("min", least.toString()));
    parameter.most().ifPresent(most -> node.put("max", most.toString()));
    if (!parameter.choices().isEmpty()) {
      ArrayNode choices = node.putArray("choices");
      parameter.choices().forEach(choice -> choices.add(choice.id()));
    }
    return node;
  }

  private static String kind(Parameter parameter) {
    return switch (parameter.kind()) {
      case LENGTH -> "length";
      case NUMBER -> "count";
      default -> "choice";
    };
  }

  private static String plain(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private void moves(ObjectNode root, Derivation.Made made, Job job) {
    List<Move> moves = moves(made, job);
    new MovesJson(format).write(root, moves);
    AtHand hand = AtHand.of(made.design(), moves, job.order(), job.marks());
    ObjectNode node = root.putObject("atHand");
    ArrayNode tools = node.putArray("tools");
    hand.tools().forEach(tool -> tools.add(tool.say(format)));
    ArrayNode parts = node.putArray("parts");
    hand.parts().forEach(part -> parts.add(part.say(format)));
    Sundries used = hand.used();
    numbers.length(node, "adhesive", Length.ofUnits(used.of(Kind.of(Material.TAPE))));
    node.put("dots", used.of(Kind.of(Material.DOTS)));
    node.put("pads", used.of(Kind.of(Material.PADS)));
    ArrayNode ribbons = node.putArray("ribbons");
    used.amounts()
        .forEach(
            (kind, amount) -> {
              if (kind.material() == Material.RIBBON) {
                ObjectNode ribbon = ribbons.addObject();
                numbers.length(ribbon, "width", kind.width());
                numbers.length(ribbon, "length", Length.ofUnits(amount));
              }
            });
  }

  private static List<Move> moves(Derivation.Made made, Job job) {
    return Moves.of(made.design(), job.habit(), job.order().copies());
  }

  private ObjectNode values(Pattern pattern, Values values) {
    ObjectNode node = NODES.objectNode();
    for (Parameter parameter : pattern.parameters()) {
      set(node, parameter.id(), values.get(parameter.id()).orElse(parameter.normal()));
    }
    return node;
  }

  private void set(ObjectNode node, String name, Setting setting) {
    if (setting instanceof Setting.OfLength length) {
      numbers.length(node, name, length.length());
    } else if (setting instanceof Setting.OfCount count) {
      node.put(name, count.count());
    } else {
      node.put(name, ((Setting.OfChoice) setting).name());
    }
  }

  private void design(ObjectNode root, Derivation.Made made, GluingOrder.Wish wish) {
    Design design = made.design();
    ArrayNode pieces = root.putArray("pieces");
    design.pieces().forEach(piece -> pieces.add(piece(piece)));
    ArrayNode layers = root.putArray("layers");
    design.layers().forEach(layer -> layers.add(layer(layer, design.count(layer))));
    AssemblyJson together = new AssemblyJson(numbers);
    together.write(root, design);
    GluingOrder order = GluingOrder.of(design, wish);
    together.write(root.putArray("together"), design, order, format);
    ArrayNode notes = root.putArray("notes");
    design.notes().forEach(note -> notes.add(note.say(format)));
    made.closed().ifPresent(closed -> root.set("closed", closed(closed)));
  }

  private void thickness(ObjectNode root, Thickness all) {
    ObjectNode closed =
        root.has("closed") ? (ObjectNode) root.get("closed") : root.putObject("closed");
    var size = all.size();
    numbers.length(closed, "width", size.get(0));
    numbers.length(closed, "height", size.get(1));
    all.thickest().ifPresent(region -> numbers.length(closed, "thickness", region.thick()));
    closed.put("grams", Math.round(all.grams() * TENTHS) / TENTHS);
  }

  private ObjectNode closed(ClosedState closed) {
    ObjectNode node = NODES.objectNode();
    numbers.length(node, "width", closed.width());
    numbers.length(node, "height", closed.height());
    if (!closed.isFlat()) {
      numbers.length(node, "depth", closed.depth());
    }
    node.put("flat", closed.isFlat());
    node.put("plies", closed.mostPlies());
    return node;
  }

  private ObjectNode piece(Piece piece) {
    ObjectNode node = NODES.objectNode();
    node.put("id", piece.id());
    node.put("label", piece.label());
    node.put("paper", piece.role().id());
    node.put("count", piece.count());
    if (piece.cards() > 0) {
      node.put("cards", piece.cards());
    }
    numbers.length(node, "width", piece.width());
    numbers.length(node, "height", piece.height());
    if (piece.isTrimmed()) {
      numbers.places(node, "outline", piece.outline());
    }
    ArrayNode scores = node.putArray("scores");
    piece.scores().forEach(score -> scores.add(score(score)));
    ArrayNode cuts = node.putArray("cuts");
    piece.slits().forEach(slit -> cuts.add(cut(slit.id(), slit.label(), "slit", slit.line())));
    piece.cuts().forEach(cut -> cuts.add(cut(cut.id(), cut.label(), "through", cut.line())));
    piece
        .trims()
        .forEach(line -> cuts.add(cut("trim-" + (cuts.size() + 1), piece.label(), "trim", line)));
    ArrayNode openings = node.putArray("openings");
    piece.openings().forEach(opening -> openings.add(opening(opening)));
    return node;
  }

  private ObjectNode score(Score score) {
    ObjectNode node = NODES.objectNode();
    node.put("id", score.id());
    node.put("label", score.label());
    node.put("kind", score.folds() ? "score" : "decorative");
    node.put("fold", score.folds() ? plain(score.fold()) : "none");
    numbers.ends(node, score.line().from(), score.line().to());
    return node;
  }

  private ObjectNode cut(String id, String label, String kind, Segment line) {
    ObjectNode node = NODES.objectNode();
    node.put("id", id);
    node.put("label", label);
    node.put("kind", kind);
    numbers.ends(node, line.from(), line.to());
    return node;
  }

  private ObjectNode opening(Opening opening) {
    ObjectNode node = NODES.objectNode();
    node.put("id", opening.id());
    node.put("label", opening.label());
    node.put("kind", plain(opening.kind()));
    if (opening.round().isPresent()) {
      numbers.place(node, "centre", opening.round().get().centre());
      numbers.length(node, "radius", opening.round().get().radius());
    } else {
      numbers.places(node, "corners", opening.outline());
    }
    return node;
  }

  private ObjectNode layer(Layer layer, int count) {
    ObjectNode node = NODES.objectNode();
    node.put("id", layer.id());
    node.put("label", layer.label());
    node.put("paper", layer.role().id());
    node.put("count", count);
    node.put("on", layer.on());
    node.put("face", plain(layer.face()));
    numbers.length(node, "width", layer.width());
    numbers.length(node, "height", layer.height());
    numbers.length(node, "border", layer.border());
    numbers.place(node, "at", layer.at());
    node.put("shape", plain(layer.shape()));
    return node;
  }

  private ArrayNode findings(Derivation derivation) {
    ArrayNode array = NODES.arrayNode();
    for (Trouble trouble : Trouble.of(derivation.findings(), derivation.settled())) {
      ObjectNode node = finding(trouble.first(), array.addObject());
      trouble.mend().ifPresent(mend -> node.put("mend", mend.say(format)));
      for (Finding other : trouble.others()) {
        // What comes of the same cause is told after it.
        finding(other, array.addObject()).put("with", trouble.first().kind().id());
      }
    }
    return array;
  }

  private ObjectNode finding(Finding finding, ObjectNode node) {
    node.put("kind", finding.kind().id());
    node.put("severity", plain(finding.severity()));
    node.put("cost", Trouble.cost(finding).id());
    node.put("piece", finding.place().piece());
    ArrayNode lines = node.putArray("lines");
    finding.place().lines().forEach(lines::add);
    ArrayNode parameters = node.putArray("values");
    finding.place().parameters().forEach(parameters::add);
    node.put("sentence", finding.sentence().say(format));
    finding.fix().ifPresent(fix -> node.put("fix", fix.label().say(format)));
    finding
        .fix()
        .filter(fix -> !fix.values().settings().isEmpty())
        .ifPresent(fix -> node.set("cure", cure(fix.values())));
    return node;
  }

  /** Values as they are written behind “--set”. */
  private static ObjectNode cure(Values values) {
    ObjectNode cure = NODES.objectNode();
    values.settings().forEach((name, setting) -> cure.put(name, setting.toString()));
    return cure;
  }

  private static String text(JsonNode root) {
    try {
      return MAPPER.writeValueAsString(root);
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }
}
