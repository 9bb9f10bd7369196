package cufflink.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length in every form a maker types: {@code 5 3/8}, {@code 5-3/8}, {@code 5⅜}, {@code
 * 5³⁄₁₆}, {@code 5.375 in}, {@code 13,7 cm}, {@code 137 mm}, {@code 5 3/8"}.
 *
 * <p>A comma is a decimal comma. Fractions that fall between eighths of a micrometre, such as 1/3
 * in, are rounded to the nearest.
 */
public final class LengthParser {
  /** Longer than this is a slip of the fingers: ten metres. */
  public static final Length LONGEST = Length.ofMillimetres(10_000);

  private static final int LONGEST_TEXT = 40;
  private static final int WORKING_DECIMALS = 30;
  private static final String VULGAR = "¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞";
  private static final String[] VULGAR_PLAIN = {
    "1/4", "1/2", "3/4", "1/7", "1/9", "1/10", "1/3", "2/3", "1/5", "2/5", "3/5", "4/5", "1/6",
    "5/6", "1/8", "3/8", "5/8", "7/8"
  };
  private static final String SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";
  private static final String SUBSCRIPTS = "₀₁₂₃₄₅₆₇₈₉";
  private static final String SLASHES = "/⁄∕";
  private static final String HYPHENS = "-‐‑‒–−";

  private static final Pattern SHAPE =
      Pattern.compile(
          "(?<minus>-)? ?(?:(?:(?<whole>\\d+)(?: ?- ?| ))?(?<upper>\\d+) ?/ ?(?<lower>\\d+)"
              + "|(?<decimal>\\d+[.,]?\\d*|[.,]\\d+)) ?(?<unit>[^\\d ].*)?");

  private static final Map<String, Unit> UNITS =
      Map.ofEntries(
          Map.entry("in", Unit.INCH),
          Map.entry("inch", Unit.INCH),
          Map.entry("inches", Unit.INCH),
          Map.entry("\"", Unit.INCH),
          Map.entry("″", Unit.INCH),
          Map.entry("”", Unit.INCH),
          Map.entry("“", Unit.INCH),
          Map.entry("''", Unit.INCH),
          Map.entry("mm", Unit.MILLIMETRE),
          Map.entry("cm", Unit.CENTIMETRE));

  private LengthParser() {}

  /**
   * Reads a length.
   *
   * @param text what was typed
   * @param unit the unit of a number that names none
   * @return the length, from zero to ten metres, or one sentence about what is wrong
   */
  public static Parsed<Length> parse(String text, Unit unit) {
    String plain = plain(text);
    if (plain.isEmpty()) {
      return Parsed.bad("length.empty");
    }
    if (plain.length() > LONGEST_TEXT) {
      return Parsed.bad("length.wordy", text.strip().substring(0, 12));
    }
    Optional<Integer> stranger = firstStranger(plain);
    if (stranger.isPresent()) {
      return Parsed.bad(
          "length.stranger", text.strip(), Character.toString(plain.codePointAt(stranger.get())));
    }
    Matcher matcher = SHAPE.matcher(plain);
    if (!matcher.matches()) {
      return Parsed.bad("length.shape", text.strip());
    }
    return read(matcher, text.strip(), unit);
  }

  /**
   * Reads a length that may be below nought, such as a place left of an edge.
   *
   * @param text what the maker typed, a minus before it if it is below nought
   * @param unit the unit of a number without one
   * @return the length, or one sentence about what is wrong
   */
  public static Parsed<Length> signed(String text, Unit unit) {
    String plain = text.strip();
    boolean isBelow = plain.startsWith("-") || plain.startsWith("−");
    return isBelow
        ? parse(plain.substring(1), unit).then(it -> Parsed.good(Length.ZERO.minus(it)))
        : parse(text, unit);
  }

  private static Parsed<Length> read(Matcher matcher, String text, Unit defaultUnit) {
    String symbol = matcher.group("unit");
    Unit unit = symbol == null ? defaultUnit : UNITS.get(symbol.strip());
    if (unit == null) {
      return Parsed.bad("length.unit", text, symbol.strip());
    }
    String lower = matcher.group("lower");
    if (lower != null && new BigDecimal(lower).signum() == 0) {
      return Parsed.bad("length.zero-part", text);
    }
    BigDecimal number = number(matcher);
    if (matcher.group("minus") != null && number.signum() != 0) {
      return Parsed.bad("length.negative", text);
    }
    BigDecimal millimetres = number.multiply(unit.length().toExactMillimetres());
    if (millimetres.compareTo(LONGEST.toExactMillimetres()) > 0) {
      return Parsed.bad("length.long", text);
    }
    return Parsed.good(Length.fromMillimetres(millimetres));
  }

  private static BigDecimal number(Matcher matcher) {
    String decimal = matcher.group("decimal");
    if (decimal != null) {
      return new BigDecimal(decimal.replace(',', '.'));
    }
    String whole = matcher.group("whole");
    BigDecimal fraction =
        new BigDecimal(matcher.group("upper"))
            .divide(
                new BigDecimal(matcher.group("lower")), WORKING_DECIMALS, RoundingMode.HALF_EVEN);
    return whole == null ? fraction : fraction.add(new BigDecimal(whole));
  }

  /** Maps the typographic forms of digits, fractions, spaces and dashes to plain ones. */
  private static String plain(String text) {
    StringBuilder plain = new StringBuilder();
    boolean raised = false;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean wasRaised = raised;
      raised = SUPERSCRIPTS.indexOf(c) >= 0;
      if (VULGAR.indexOf(c) >= 0) {
        separate(plain).append(VULGAR_PLAIN[VULGAR.indexOf(c)]);
      } else if (raised) {
        (wasRaised ? plain : separate(plain)).append(SUPERSCRIPTS.indexOf(c));
      } else if (SUBSCRIPTS.indexOf(c) >= 0) {
        plain.append(SUBSCRIPTS.indexOf(c));
      } else if (SLASHES.indexOf(c) >= 0) {
        plain.append('/');
      } else if (HYPHENS.indexOf(c) >= 0) {
        plain.append('-');
      } else if (Character.isSpaceChar(c) || Character.isWhitespace(c)) {
        separate(plain);
      } else {
        plain.append(Character.toLowerCase(c));
      }
    }
    return plain.toString().strip();
  }

  private static StringBuilder separate(StringBuilder plain) {
    boolean needed = !plain.isEmpty() && plain.charAt(plain.length() - 1) != ' ';
    return needed ? plain.append(' ') : plain;
  }

  /** Finds a letter or digit of another script, which looks like a number but is none. */
  private static Optional<Integer> firstStranger(String plain) {
    for (int i = 0; i < plain.length(); i++) {
      char c = plain.charAt(i);
      boolean look = Character.isLetterOrDigit(c) || Character.isSurrogate(c);
      if (look && c >= 0x80) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }
}
