package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.finding.Finding;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Unit;
import cufflink.core.paper.HeldItem;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Language;
import cufflink.files.size.StandardSizes;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * Every construction at sizes known from the trade, from a data file.
 *
 * <p>Source of all sizes: common practice, no source. The bank card is that of ISO/IEC 7810 ID-1,
 * from memory.
 */
class TradeSizesTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat INCHES =
      LengthFormat.of(Marks.SIXTEENTHS, Fractions.PLAIN, Language.ENGLISH);

  @Test
  void everyConstruction_isInTheData() throws IOException {
    assertEquals(
        LIBRARY.patterns().stream().map(Pattern::id).sorted().toList(),
        cases().stream().map(each -> (String) each.get("id")).sorted().toList());
  }

  @TestFactory
  Stream<DynamicTest> construction_atTradeSizes_isAsTheTradeCutsIt() throws IOException {
    return cases().stream()
        .map(each -> DynamicTest.dynamicTest((String) each.get("id"), () -> check(each)));
  }

  private static void check(Map<String, Object> trade) {
    Values values = values(trade, "set");
    Derivation derivation = derive(trade, values);
    assertTrue(derivation.findings().stream().noneMatch(Finding::isError), () -> told(derivation));
    Design design = derivation.made().orElseThrow().design();
    part(trade, "pieces").forEach((id, size) -> assertSize(piece(design, id), size));
    for (Object note : (List<?>) trade.getOrDefault("notes", List.of())) {
      assertTrue(
          design.notes().stream().anyMatch(each -> each.say(INCHES).contains((String) note)),
          () -> note + " is not among " + design.notes());
    }
    if (trade.containsKey("papers")) {
      assertEquals(trade.get("papers"), design.layers().stream().mapToInt(design::count).sum());
    }
    part(trade, "counts")
        .forEach((id, count) -> assertEquals(count, piece(design, id).count(), id));
    part(trade, "layers")
        .forEach(
            (id, size) -> {
              Layer layer =
                  design.layers().stream()
                      .filter(is -> is.id().equals(id))
                      .findFirst()
                      .orElseThrow();
              assertEquals(size(size), List.of(layer.width(), layer.height()), id);
            });
    // What lies on one line is scored in one go.
    part(trade, "scores")
        .forEach(
            (id, stops) ->
                assertEquals(
                    ((List<?>) stops).stream().map(TradeSizesTest::length).toList(),
                    piece(design, id).scores().stream()
                        .map(TradeSizesTest::stop)
                        .distinct()
                        .toList(),
                    id));
    part(trade, "slits")
        .forEach(
            (id, length) ->
                assertEquals(
                    length(length).toMillimetres(),
                    slit(piece(design, id)).line().millimetres(),
                    1e-9,
                    id));
    if (trade.containsKey("closed")) {
      ClosedState closed = derivation.made().get().closed().orElseThrow();
      assertTrue(closed.isFlat());
      assertEquals(size(trade.get("closed")), List.of(closed.width(), closed.height()));
    }
    assertEquals(List.of(), folding(derivation), (String) trade.get("id"));
    for (Object find : (List<?>) trade.getOrDefault("finds", List.of())) {
      checkFinds(trade, values, cast(find));
    }
  }

  /** Returns what goes wrong when the card is folded, opened and closed in thought. */
  private static List<String> folding(Derivation derivation) {
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    return FoldReport.of(made.design(), model, derivation.job().materials(), () -> false)
        .findings()
        .stream()
        .map(each -> each.sentence().say(INCHES))
        .toList();
  }

  private static void checkFinds(
      Map<String, Object> trade, Values values, Map<String, Object> find) {
    Map<String, Object> with = new java.util.HashMap<>(find);
    with.put("id", trade.get("id"));
    Derivation derivation = derive(trade, values.and(values(with, "set")));
    String says = (String) find.getOrDefault("says", "");
    assertTrue(
        derivation.findings().stream()
            .filter(each -> each.isError() != find.containsKey("warns"))
            .filter(each -> each.kind().id().equals(find.get("kind")))
            .anyMatch(each -> each.sentence().say(INCHES).contains(says)),
        () -> trade.get("id") + " " + find + " " + told(derivation));
  }

  private static String told(Derivation derivation) {
    return derivation.findings().stream()
        .map(each -> each.kind().id() + ": " + each.sentence().say(INCHES))
        .toList()
        .toString();
  }

  private static Derivation derive(Map<String, Object> trade, Values values) {
    Pattern pattern = pattern(trade);
    Marks marks =
        trade.containsKey("mark")
            ? new Marks(Unit.INCH, length(trade.get("mark")))
            : Marks.SIXTEENTHS;
    Job job =
        Job.begun(
            pattern.name(),
            Edition.atHand(pattern.id()),
            pattern.normalValues().and(values),
            Tools.usual(marks));
    Optional<HeldItem> item =
        Optional.ofNullable(trade.get("holds"))
            .map(TradeSizesTest::size)
            .map(sides -> new HeldItem("card", "card", sides.get(0), sides.get(1)));
    return Derivation.of(pattern, job.withItem(item));
  }

  private static Pattern pattern(Map<String, Object> trade) {
    return LIBRARY.pattern((String) trade.get("id")).orElseThrow();
  }

  private static Values values(Map<String, Object> trade, String key) {
    Pattern pattern = pattern(trade);
    Values values = Values.NONE;
    for (var entry : part(trade, key).entrySet()) {
      Parameter parameter =
          pattern
              .parameter(entry.getKey())
              .orElseThrow(() -> new AssertionError(pattern.id() + " has no " + entry.getKey()));
      Setting setting =
          switch (parameter.kind()) {
            case LENGTH -> new Setting.OfLength(length(entry.getValue()));
            case NUMBER -> new Setting.OfCount(((Integer) entry.getValue()).longValue());
            default -> new Setting.OfChoice((String) entry.getValue());
          };
      values = values.and(entry.getKey(), setting);
    }
    return values;
  }

  private static Length stop(Score score) {
    return score.line().isVertical() ? score.line().from().x() : score.line().from().y();
  }

  private static Piece piece(Design design, String id) {
    return design.piece(id).orElseThrow(() -> new AssertionError("there is no piece " + id));
  }

  private static Slit slit(Piece piece) {
    return piece.slits().get(0);
  }

  private static void assertSize(Piece piece, Object size) {
    assertEquals(size(size), List.of(piece.width(), piece.height()), piece.id());
  }

  private static List<Length> size(Object text) {
    StandardSizes.Size size = StandardSizes.parse(text.toString(), Unit.INCH).orElseThrow();
    return List.of(size.width(), size.height());
  }

  private static Length length(Object text) {
    return LengthParser.parse(text.toString(), Unit.INCH).orElseThrow();
  }

  private static Map<String, Object> part(Map<String, Object> trade, String key) {
    return cast(trade.getOrDefault(key, Map.of()));
  }

  @SuppressWarnings("unchecked") // the YAML reader gives untyped maps
  private static Map<String, Object> cast(Object part) {
    return (Map<String, Object>) part;
  }

  private static List<Map<String, Object>> cases() throws IOException {
    try (InputStream in = TradeSizesTest.class.getResourceAsStream("trade-sizes.yaml")) {
      Map<String, Object> root = new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      List<Map<String, Object>> cases = new ArrayList<>();
      ((List<?>) root.get("constructions")).forEach(each -> cases.add(cast(each)));
      return cases;
    }
  }
}
