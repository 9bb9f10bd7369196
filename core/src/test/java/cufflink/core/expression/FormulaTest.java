package cufflink.core.expression;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Spoken;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormulaTest {
  private static final Map<String, Kind> KINDS =
      Map.of("width", Kind.LENGTH, "panels", Kind.NUMBER, "top", Kind.WORD);
  private static final Map<String, Value> VALUES =
      Map.of(
          "width", Ratio.of(Length.ofMillimetres(100).units()),
          "panels", Ratio.of(4),
          "top", new Value.Word("left"));

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width|100 mm",
        "width / 3 * 3|100 mm",
        "2 * width - 5 mm|195 mm",
        "5 3/8 in|136.525 mm",
        "1/8 in|3.175 mm",
        "0.5 cm + width|105 mm",
        "width - 1/8 in|96.825 mm",
        "width * 4 mm / 8 mm|50 mm",
        "width % 30 mm|10 mm",
        "-width + 1 in|-74.6 mm",
        "max(width, 120 mm, 90 mm)|120 mm",
        "min(width, 30 mm)|30 mm",
        "sqrt(width * width)|100 mm",
        "abs(-width)|100 mm",
        "if(top = \"left\", width, 0 mm)|100 mm",
        "if(panels > 4, width, 2 mm)|2 mm",
        "width * width / width|100 mm",
        "width * sin(30)|50 mm",
        "width * cos(60)|50 mm",
        "width * tan(45)|100 mm",
        "width * (atan(1) / 45)|100 mm",
        "width * ceiling(3 / 2)|200 mm",
        "width * floor(3 / 2)|100 mm"
      })
  void evaluate_lengths_areExact(String text, String exact) {
    Formula formula = compile(text);
    assertEquals(Kind.LENGTH, formula.kind());
    Ratio value = (Ratio) evaluate(formula).orElseThrow();
    assertEquals(Length.parse(exact), Length.ofUnits(value.round()));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width < 101 mm|YES",
        "width <= 100 mm|YES",
        "width > 100 mm|NO",
        "width >= 100 mm|YES",
        "panels % 2 = 0|YES",
        "top = \"right\"|NO",
        "top != \"right\"|YES",
        "width = 10 cm && panels = 4|YES",
        "!(panels = 4)|NO"
      })
  void evaluate_conditions(String text, Value.Truth truth) {
    Formula formula = compile(text);
    assertEquals(Kind.TRUTH, formula.kind());
    assertEquals(truth, evaluate(formula).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width + panels|the formula “width + panels” joins a length and a plain number with “+”;"
            + " give both the same unit, such as mm.",
        "width < 3|the formula “width < 3” joins a length and a plain number with “<”; give both the"
            + " same unit, such as mm.",
        "height * 2|the formula “height * 2” uses “height”, which is not the name of a value; the"
            + " names here are: panels, top, width.",
        "1 / width|the formula “1 / width” joins a plain number and a length with “/”; give both the"
            + " same unit, such as mm.",
        "sqrt(width)|the formula “sqrt(width)” takes the root of something that is neither a number"
            + " nor an area; take it of an area.",
        "top + top|the formula “top + top” joins a choice and a choice with “+”; give both the same"
            + " unit, such as mm.",
        "-top|the formula “-top” gives “-” a choice where a plain number belongs; change that part.",
        "sin(width)|the formula “sin(width)” gives “sin” a length where a plain number belongs;"
            + " change that part.",
        "panels && panels|the formula “panels && panels” gives “&&” a plain number where a yes or no"
            + " belongs; change that part.",
        "if(panels = 4, width, 2)|the formula “if(panels = 4, width, 2)” joins a length and a plain"
            + " number with “if”; give both the same unit, such as mm.",
        "width ^ 2|the formula “width ^ 2” uses “^”, which formulas here do not have; write it with"
            + " + - * / and the functions of the guide."
      })
  void compile_mistakes_areNamedWithTheirPlace(String text, String sentence) {
    assertEquals(sentence, Formula.compile(text, Names.of(KINDS)).problem().say(Spoken.ENGLISH));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"width +", "(width", "width)", "* 2", "foo(width)", "width width", "1..2"})
  void compile_brokenText_isOneSentence(String text) {
    Parsed<Formula> formula = Formula.compile(text, Names.of(KINDS));
    assertTrue(formula.value().isEmpty());
    assertTrue(
        formula.problem().say(Spoken.ENGLISH).startsWith("the formula “" + text + "”"),
        formula.problem().say(Spoken.ENGLISH));
  }

  /**
   * A whole number before a fraction belongs to it, as on a ruler; nothing is multiplied unsaid.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width - 5 3/8 in|-36.525",
        "width + 1 1/2 in * 2|176.2",
        "2 * 5 3/8 in|273.05",
        "width - 5 in|-27",
        "width - 3/8 in|90.475"
      })
  void evaluate_mixedFractions_areReadAsOnARuler(String text, String millimetres) {
    Ratio value = (Ratio) evaluate(compile(text)).orElseThrow();
    assertEquals(
        new BigDecimal(millimetres),
        Length.ofUnits(value.round()).toExactMillimetres().stripTrailingZeros());
  }

  @Test
  void compile_numbersSideBySide_areNoProduct() {
    assertTrue(Formula.compile("5 3/8", Names.of(KINDS)).value().isEmpty());
    assertTrue(Formula.compile("2 width", Names.of(KINDS)).value().isEmpty());
    assertTrue(Formula.compile("2(width)", Names.of(KINDS)).value().isEmpty());
  }

  @Test
  void evaluate_divisionByNought_isOneSentence() {
    Formula formula = compile("width / (panels - 4)");
    assertEquals(
        "the formula “width / (panels - 4)” divides by nought; look at the value below the line.",
        evaluate(formula).problem().say(Spoken.ENGLISH));
  }

  @Test
  void evaluate_rootOfANegativeArea_isOneSentence() {
    Formula formula = compile("sqrt(-width * width)");
    assertTrue(evaluate(formula).problem().say(Spoken.ENGLISH).contains("below nought"));
  }

  @Test
  void evaluate_hugeNumbers_areOneSentence() {
    Formula formula = compile("width * 10000000000 * 10000000000");
    assertTrue(evaluate(formula).problem().say(Spoken.ENGLISH).contains("too large to count"));
  }

  @Test
  void evaluate_either_isEnough() {
    assertEquals(Value.Truth.NO, evaluate(compile("width = 1 mm || panels = 5")).orElseThrow());
    assertEquals(Value.Truth.YES, evaluate(compile("width = 1 mm || panels = 4")).orElseThrow());
  }

  @Test
  void names_areThoseUsed() {
    assertEquals(Set.of("panels", "width"), compile("width * panels + 2 mm").names());
  }

  private static Formula compile(String text) {
    return Formula.compile(text, Names.of(KINDS)).orElseThrow();
  }

  private static Parsed<Value> evaluate(Formula formula) {
    return formula.evaluate(VALUES::get);
  }
}
