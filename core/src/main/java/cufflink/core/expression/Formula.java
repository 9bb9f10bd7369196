package cufflink.core.expression;

import com.ezylang.evalex.Expression;
import com.ezylang.evalex.parser.ParseException;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;

/**
 * A formula of a pattern file, such as {@code (steps + 1) * depth / 2}.
 *
 * <p>EvalEx turns the text into a tree; the tree is checked once for what each part is about, so
 * that a length added to a count is a mistake found when the file is read; then it is evaluated in
 * exact fractions as often as the maker changes a number.
 */
public final class Formula {
  private static final Pattern LITERAL = Pattern.compile("[\\d⅛¼⅜½⅝¾⅞][^-+*()a-z]*(mm|cm|in)");

  /** The longest formula that is read, in characters. */
  static final int MOST_CHARACTERS = 1_000;

  /** An amount with a unit, whose fraction may have a whole number before it. */
  private static final Pattern AMOUNT =
      Pattern.compile(
          "(?<![\\w.)])(?:(\\d+)\\s+)?(\\d+(?:\\.\\d+)?(?:\\s*/\\s*\\d+)?)\\s*(mm|cm|in)\\b");

  private static final int SHOWN = 40;

  private final String text;
  private final Place place;
  private final Branch root;
  private final Set<String> names;

  private Formula(String text, Place place, Branch root, Set<String> names) {
    this.text = text;
    this.place = place;
    this.root = root;
    this.names = names;
  }

  /**
   * Reads a formula.
   *
   * @param text the formula, or a length literal such as {@code 5 3/8 in}
   * @param known the names the formula may use and what they are about
   * @return the formula, or what is wrong and where in the text
   */
  public static Parsed<Formula> compile(String text, Names known) {
    return compile(text, known, Place.NOWHERE);
  }

  /**
   * Reads a formula of a file.
   *
   * @param text the formula, or a length literal such as {@code 5 3/8 in}
   * @param known the names the formula may use and what they are about
   * @param place where it stands
   * @return the formula, or what is wrong and where in the text
   */
  public static Parsed<Formula> compile(String text, Names known, Place place) {
    String trimmed = text.strip();
    if (trimmed.length() > MOST_CHARACTERS) {
      return Parsed.bad("formula.long", trimmed.substring(0, SHOWN), MOST_CHARACTERS);
    }
    if (LITERAL.matcher(trimmed).matches()) {
      return LengthParser.parse(trimmed, Unit.MILLIMETRE)
          .then(length -> Parsed.good(constant(trimmed, place, length)));
    }
    try {
      Expression expression = new Expression(bind(trimmed), Grammar.CONFIGURATION);
      TreeBuilder builder = new TreeBuilder(trimmed, known);
      Branch root = builder.build(expression.getAbstractSyntaxTree());
      return Parsed.good(new Formula(trimmed, place, root, builder.names()));
    } catch (FormulaException mistake) {
      return mistake.asParsed();
    } catch (ParseException mistake) {
      return Parsed.bad(
          "formula.syntax", trimmed, mistake.getMessage(), mistake.getStartPosition());
    } catch (RuntimeException mistake) {
      // EvalEx lets some malformed numbers escape as other exceptions; each is a slip in the text.
      return Parsed.bad("formula.unreadable", trimmed);
    }
  }

  /**
   * Puts brackets round the number before a unit: {@code 5 3/8 in} is one amount, though a unit
   * binds tighter than the stroke of a fraction.
   */
  private static String bind(String text) {
    return AMOUNT
        .matcher(text)
        .replaceAll(
            amount -> {
              String whole = amount.group(1) == null ? "" : amount.group(1) + "+";
              return "(" + whole + amount.group(2) + ")" + amount.group(3);
            });
  }

  private static Formula constant(String text, Place place, Length length) {
    Ratio value = Ratio.of(length.units());
    return new Formula(text, place, new Branch(Kind.LENGTH, scope -> value), Set.of());
  }

  /**
   * Returns what the formula is about.
   *
   * @return the kind of its value
   */
  public Kind kind() {
    return root.kind();
  }

  /**
   * Returns where the formula stands.
   *
   * @return its place in its file
   */
  public Place place() {
    return place;
  }

  /**
   * Returns the values the formula uses.
   *
   * @return their full names
   */
  public Set<String> names() {
    return names;
  }

  /**
   * Evaluates the formula.
   *
   * @param scope gives each name its value, of the kind told when the formula was read
   * @return the value, lengths in eighths of a micrometre, or one sentence about why there is none
   */
  public Parsed<Value> evaluate(Function<String, Value> scope) {
    try {
      Value value = root.step().apply(scope);
      if (value instanceof Ratio ratio) {
        // Exact numbers may be of any size on the way, but what comes of them is counted in a long.
        ratio.floor();
      }
      return Parsed.good(value);
    } catch (FormulaException mistake) {
      return mistake.asParsed();
    } catch (ArithmeticException mistake) {
      return Parsed.bad("formula.range", text);
    }
  }

  /** Returns the text as it stands in the pattern file. */
  @Override
  public String toString() {
    return text;
  }
}
