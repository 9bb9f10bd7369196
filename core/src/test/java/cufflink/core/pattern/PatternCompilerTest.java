package cufflink.core.pattern;

import static cufflink.core.pattern.Entries.map;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Fold;
import cufflink.core.design.Score;
import cufflink.core.finding.Finding;
import cufflink.core.measure.Length;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PatternCompilerTest {
  private Map<String, Object> parameters;
  private Map<String, Object> lets;
  private Map<String, Object> base;
  private Map<String, Object> scores;
  private Map<String, Object> file;

  @BeforeEach
  void writeAPatternWithoutMistakes() {
    parameters =
        map(
            "width",
                map(
                    "label",
                    "Width",
                    "default",
                    "90 mm",
                    "min",
                    "20 mm",
                    "role",
                    "finished-width",
                    "scales",
                    "across"),
            "height",
                map(
                    "label",
                    "Height",
                    "default",
                    "60 mm",
                    "role",
                    "finished-height",
                    "scales",
                    "along"),
            "folds", map("label", "Folds", "default", "3", "max", "9"),
            "top",
                map(
                    "label",
                    "On top",
                    "default",
                    "left",
                    "choices",
                    map("left", "the left", "right", "the right")));
    lets = map("half", "width / 2", "quarter", "half / 2");
    scores =
        map(
            "middle", map("y", "height / 2", "fold", "valley"),
            "pleat",
                map("for", "k in 1..folds", "x", "k * 10 mm", "fold", "alternate from mountain"),
            "back",
                map(
                    "for",
                    "k in 1..2",
                    "x",
                    "quarter * k",
                    "fold",
                    "alternate to valley",
                    "when",
                    "top = \"right\""));
    base = map("label", "card", "size", List.of("width", "height"), "scores", scores);
    file =
        map(
            "format",
            "cufflink-pattern/1",
            "id",
            "trial",
            "name",
            "Trial",
            "parameters",
            parameters,
            "let",
            lets,
            "rules",
            List.of(
                map(
                    "that",
                    "width > height",
                    "else",
                    "It is {height - width} too tall",
                    "values",
                    List.of("height"),
                    "fix",
                    map("label", "Set it to {width / 2}", "set", map("height", "width / 2")))),
            "pieces",
            map("base", base),
            "layers",
            map(
                "front",
                map(
                    "on",
                    "base",
                    "panel",
                    List.of("0 mm", "0 mm", "width", "height"),
                    "border",
                    "4 mm")),
            "folding",
            List.of(map("stage", "Fold it", "drive", map("all", "180"))));
  }

  @Test
  void compile_goodFile_hasNoMistakes() {
    assertEquals(List.of(), compile().mistakes());
    Pattern pattern = compile().pattern().orElseThrow();
    assertEquals("trial", pattern.id());
    assertEquals(List.of("half", "quarter"), List.copyOf(pattern.lets().keySet()));
    assertEquals(new Setting.OfCount(3), pattern.normalValues().get("folds").orElseThrow());
  }

  @Test
  void evaluate_repeatedScores_takeTurnsFromTheFirst() {
    Design design = design(Values.NONE);
    assertEquals(
        List.of(Fold.MOUNTAIN, Fold.VALLEY, Fold.MOUNTAIN),
        design.base().scores().stream()
            .filter(score -> score.id().startsWith("pleat-"))
            .map(Score::fold)
            .toList());
    assertEquals(
        Length.ofMillimetres(20), design.base().score("pleat-2").orElseThrow().line().from().x());
  }

  @Test
  void evaluate_conditionalScores_areThereOnlyThen() {
    assertTrue(design(Values.NONE).base().score("back-1").isEmpty());
    Design other = design(Values.NONE.and("top", new Setting.OfChoice("right")));
    assertEquals(Fold.MOUNTAIN, other.base().score("back-1").orElseThrow().fold());
    assertEquals(Fold.VALLEY, other.base().score("back-2").orElseThrow().fold());
  }

  @Test
  void evaluate_brokenRule_saysByHowMuchAndOffersACure() {
    Values values = Values.NONE.and("height", Length.ofMillimetres(95));
    Evaluation evaluation = PatternEvaluator.evaluate(compile().pattern().orElseThrow(), values);
    Finding finding = evaluation.findings().get(0);
    assertEquals(
        List.of("It is ", Length.ofMillimetres(5), " too tall"), finding.sentence().details());
    assertEquals(
        Length.ofMillimetres(45),
        finding.fix().orElseThrow().values().length("height").orElseThrow());
  }

  @Test
  void evaluate_valueOutOfLimits_isFoundWithACure() {
    Pattern pattern = compile().pattern().orElseThrow();
    Values small =
        Values.NONE.and("width", Length.ofMillimetres(2)).and("height", Length.ofMillimetres(1));
    Finding least = PatternEvaluator.evaluate(pattern, small).findings().get(0);
    assertEquals("value-limit", least.kind().id());
    assertEquals(
        Length.ofMillimetres(20), least.fix().orElseThrow().values().length("width").orElseThrow());
    Values many = Values.NONE.and("folds", new Setting.OfCount(10));
    assertTrue(
        PatternEvaluator.evaluate(pattern, many).findings().stream().anyMatch(Finding::isError));
  }

  @Test
  void evaluate_noDesign_isAFindingAndNoException() {
    Pattern pattern = compile().pattern().orElseThrow();
    Evaluation evaluation =
        PatternEvaluator.evaluate(pattern, Values.NONE.and("width", Length.ZERO));
    assertTrue(evaluation.design().isEmpty());
    assertTrue(
        evaluation.findings().stream().anyMatch(each -> each.kind().id().equals("no-design")));
    Values huge = Values.NONE.and("width", Length.ofUnits(Long.MAX_VALUE / 2));
    assertTrue(PatternEvaluator.evaluate(pattern, huge).design().isEmpty());
  }

  @Test
  void compile_unknownName_isLocated() {
    base.put("size", List.of("width", "hieght"));
    assertMistake("pieces.base.size.2", "“hieght”, which is not the name of a value");
  }

  @Test
  void compile_wrongUnit_isLocated() {
    scores.put("bad", map("y", "folds", "fold", "valley"));
    assertMistake(
        "pieces.base.scores.bad.y", "“folds” is a plain number, but here belongs a length");
  }

  @Test
  void compile_divisionByNought_isLocatedAtTheFormula() {
    lets.put("third", "width / (folds - 3)");
    assertMistake("let.third", "divides by nought");
  }

  @Test
  void compile_cycleBetweenValues_isSpelledOut() {
    lets.put("a", "b + 1 mm");
    lets.put("b", "c + 1 mm");
    lets.put("c", "a + 1 mm");
    assertMistake("let.a", "the values a → b → c → a each wait for the next");
  }

  @Test
  void compile_lineOutsideItsPiece_isLocated() {
    scores.put("wide", map("x", "width + 1 mm", "fold", "valley"));
    assertMistake("pieces.base.scores.wide", "runs outside its piece");
  }

  @Test
  void compile_lineWithoutLength_isLocated() {
    scores.put(
        "dot",
        map("from", List.of("1 mm", "1 mm"), "to", List.of("1 mm", "1 mm"), "fold", "valley"));
    assertMistake("pieces.base.scores.dot", "has no length");
  }

  @Test
  void compile_sameIdForPieceAndLayer_isFound() {
    file.put(
        "layers",
        map(
            "base",
            map(
                "on",
                "base",
                "panel",
                List.of("0 mm", "0 mm", "width", "height"),
                "border",
                "4 mm")));
    assertMistake("layers.base", "the name “base” is used twice");
  }

  @Test
  void compile_valueNamedLikeAParameter_isFound() {
    lets.put("width", "3 mm");
    assertMistake("let.width", "the name “width” is used twice");
  }

  @Test
  void compile_wrongType_isLocated() {
    file.put("pieces", "none");
    assertMistake("pieces", "here belong named parts");
    base.put("size", "90 mm");
    file.put("pieces", map("base", base));
    assertMistake("pieces.base.size", "here belongs a list in brackets");
    base.put("size", List.of("width"));
    assertMistake("pieces.base.size", "here belong 2 lengths, but there are 1; write 2.");
  }

  @Test
  void compile_missingParts_areNamed() {
    base.remove("size");
    assertMistake("pieces.base", "“size” is missing here; add it.");
    file.remove("pieces");
    assertMistake("", "there is no piece");
  }

  @Test
  void compile_unknownWords_areListedWithThoseKnown() {
    scores.put("odd", map("y", "1 mm", "fold", "sideways"));
    assertMistake(
        "pieces.base.scores.odd.fold",
        "“sideways” is not known here; write one of valley, mountain, decorative.");
  }

  @Test
  void compile_scoreWithXAndY_isRefused() {
    scores.put("both", map("x", "1 mm", "y", "1 mm", "fold", "valley"));
    assertMistake(
        "pieces.base.scores.both", "a line has either “x”, or “y”, or both “from” and “to”");
  }

  @Test
  void compile_badRepetition_isRefused() {
    scores.put("many", map("for", "k from 1 to 3", "x", "1 mm", "fold", "valley"));
    assertMistake("pieces.base.scores.many.for", "write it as “k in 1..3”");
  }

  @Test
  void compile_tooManyRepetitions_areRefused() {
    scores.put("many", map("for", "k in 1..5000", "x", "1 mm", "fold", "valley"));
    assertMistake("pieces.base.scores.many", "repeats 5000 times, and 200 is the most");
  }

  @Test
  void compile_defaults_needAUnit() {
    parameters.put("gap", map("label", "Gap", "default", "2.5"));
    assertMistake("parameters.gap.default", "“2.5” has no unit");
    parameters.put("gap", map("label", "Gap", "default", "wide"));
    assertMistake("parameters.gap.default", "neither a length such as 40 mm nor a count");
  }

  @Test
  void compile_choiceThatIsNone_isRefused() {
    parameters.put(
        "top", map("label", "On top", "default", "up", "choices", map("left", "l", "right", "r")));
    assertMistake("parameters.top.default", "“up” is not one of the choices");
  }

  @Test
  void compile_rolesMissing_areNamed() {
    parameters.put("width", map("label", "Width", "default", "90 mm"));
    assertMistake("", "exactly one parameter must have the role finished-width, but 0 have it");
  }

  @Test
  void compile_layerOnNoPiece_isRefused() {
    file.put(
        "layers",
        map(
            "front",
            map(
                "on",
                "cover",
                "panel",
                List.of("0 mm", "0 mm", "1 mm", "1 mm"),
                "border",
                "0 mm")));
    assertMistake("layers.front", "there is no piece “cover”");
  }

  @Test
  void compile_layerWithoutRoom_isLocated() {
    file.put(
        "layers",
        map(
            "front",
            map("on", "base", "panel", List.of("0 mm", "0 mm", "2 mm", "2 mm"), "border", "4 mm")));
    assertMistake("layers.front", "The border leaves nothing of the layer “front”");
  }

  @Test
  void compile_otherFormat_isRefused() {
    file.put("format", "cufflink-pattern/2");
    assertMistake("format", "the file must begin with “format: cufflink-pattern/1”");
  }

  @Test
  void compile_badNames_areRefused() {
    lets.put("left-flap", "3 mm");
    assertMistake("let.left-flap", "“left-flap” cannot be the name of a value");
    lets.remove("left-flap");
    lets.put("mm", "3 mm");
    assertMistake("let.mm", "“mm” cannot be the name of a value");
  }

  @Test
  void compile_braceLeftOpen_isRefused() {
    file.put("rules", List.of(map("that", "width > height", "else", "It is {height")));
    assertMistake("rules.1.else", "opens a brace and does not close it");
  }

  @Test
  void compile_ruleBrokenByDefaults_isAMistake() {
    file.put(
        "rules", List.of(map("that", "width < height", "else", "It is {width - height} too wide")));
    assertMistake("", "with the values as they stand in the file: It is 30 mm too wide");
  }

  @Test
  void design_ofNoPiecesOrACrossingOutline_isNone() {
    base.put("count", "folds - 3");
    assertMistake("pieces.base", "is to be cut 0 times");
    base.put("count", "1");
    base.put(
        "outline",
        List.of(
            List.of("0 mm", "0 mm"),
            List.of("width", "height"),
            List.of("width", "0 mm"),
            List.of("0 mm", "height")));
    assertMistake("pieces.base", "crosses itself");
  }

  private PatternCompiler.Result compile() {
    return PatternCompiler.compile(Entries.of(file));
  }

  private Design design(Values values) {
    Evaluation evaluation = PatternEvaluator.evaluate(compile().pattern().orElseThrow(), values);
    return evaluation.design().orElseThrow();
  }

  private void assertMistake(String path, String part) {
    List<String> mistakes = Entries.mistakes(file, path);
    assertTrue(mistakes.stream().anyMatch(each -> each.contains(part)), mistakes::toString);
  }
}
