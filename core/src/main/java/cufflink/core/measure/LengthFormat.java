package cufflink.core.measure;

import cufflink.core.words.Detail;
import cufflink.core.words.Language;
import cufflink.core.words.Speaker;

/**
 * Speaks to somebody with a ruler, and writes lengths the way they are read off it, with what is
 * left over when a length falls between marks: "5 3/16 and a hair", "135 less 2". Small ones are
 * read to half a mark.
 */
public final class LengthFormat extends Speaker {
  /** How fractions are set. */
  public enum Fractions {
    /** With plain digits and a slash, for files and terminals: 5 3/16. */
    PLAIN,
    /** With raised and lowered digits, as a ruler reads: 5 ³⁄₁₆. */
    TYPESET
  }

  private static final Length FINEST_INCH = Length.ofInches(1, 32);
  private static final Length FINEST_METRIC = Length.ofUnits(4_000);
  private static final Length SMALL_INCH = Length.ofInches(1, 2);
  private static final Length SMALL_METRIC = Length.ofMillimetres(12);
  private static final char THIN_SPACE = '\u2009';

  private final Marks marks;
  private final Fractions fractions;

  /** Whether each number is followed by its unit, among numbers of another one. */
  private final boolean named;

  private LengthFormat(Marks marks, Fractions fractions, Language language, boolean named) {
    super(language);
    this.marks = marks;
    this.fractions = fractions;
    this.named = named;
  }

  /**
   * Returns the format of a ruler.
   *
   * @param marks the ruler's marks
   * @param fractions how fractions are set
   * @param language the language in which it says what no number can
   * @return the format
   */
  public static LengthFormat of(Marks marks, Fractions fractions, Language language) {
    return new LengthFormat(marks, fractions, language, false);
  }

  /**
   * Returns how the sizes of layers are written.
   *
   * @param rulers the marks of the card, in which this format writes, and those of the layers
   * @return a format on the layers' marks, which names its unit if that is another; this one if it
   *     writes on other marks than the card's, as when all is looked at in another unit
   */
  public LengthFormat onLayers(Rulers rulers) {
    boolean named = rulers.card().unit() != rulers.layers().unit();
    return rulers.isOne() || !marks.equals(rulers.card())
        ? this
        : new LengthFormat(rulers.layers(), fractions, language(), named);
  }

  /** Returns the marks on which it writes. */
  public Marks marks() {
    return marks;
  }

  @Override
  public String write(Detail detail) {
    if (detail instanceof Length length) {
      return format(length);
    }
    if (!(detail instanceof Written written)) {
      return super.write(detail);
    }
    LengthFormat own = written.marks().map(each -> of(each, fractions, language())).orElse(this);
    return switch (written.style()) {
      case ROUGH -> own.rough(written.length());
      case BRIEF -> own.brief(written.length());
      case REMAINDER -> own.remainder(written.length());
      case WITH_UNIT -> own.formatWithUnit(written.length());
    };
  }

  /**
   * Writes a length without its unit.
   *
   * @param length any length
   * @return the nearest mark, and in words what is left over
   */
  public String format(Length length) {
    return named(plain(length));
  }

  private String named(String number) {
    return named
        ? language().say(isInInches() ? "length.inches" : "length.millimetres", number)
        : number;
  }

  private String plain(Length length) {
    Length mark = marks.nearest(length.abs());
    Length rest = length.abs().minus(mark);
    String sign = length.units() < 0 ? "−" : "";
    if (rest.equals(Length.ZERO)) {
      return sign + number(mark);
    }
    boolean small = length.abs().compareTo(small()) < 0;
    boolean hair = steps(rest.abs()) == 0 && !mark.equals(Length.ZERO);
    if (small && !hair) {
      return sign + remainder(length.abs());
    }
    String key = rest.isPositive() ? "length.over" : "length.under";
    return language().say(key, sign + number(mark), remainder(rest.abs()));
  }

  /** What is shorter than this is read off by itself, and not as so much more or less. */
  private Length small() {
    return marks.inInches() ? SMALL_INCH : SMALL_METRIC;
  }

  private long steps(Length length) {
    return Math.round(length.units() / (double) finest().units());
  }

  private Length finest() {
    return marks.inInches() ? FINEST_INCH : FINEST_METRIC;
  }

  /**
   * Writes a length that is no size to cut, on the nearest mark; what is less than one is said as
   * one.
   *
   * @param length zero or more
   * @return such as "11" or "7/16"
   */
  public String rough(Length length) {
    Length nearest = marks.nearest(length);
    return format(nearest.isPositive() ? nearest : marks.step());
  }

  /**
   * Writes a length for a drawing, where there is no room for words.
   *
   * @param length any length
   * @return the nearest mark, and that it is not quite that if it is not
   */
  public String brief(Length length) {
    Length mark = marks.nearest(length.abs());
    int off = length.abs().compareTo(mark);
    String sign = length.units() < 0 ? "−" : "";
    String text = sign + number(mark);
    return named(off == 0 ? text : language().say("length.brief-off", text));
  }

  /**
   * Writes a length with its unit.
   *
   * @param length any length
   * @return the text of {@link #format} and the unit
   */
  public String formatWithUnit(Length length) {
    return language().say(isInInches() ? "length.inches" : "length.millimetres", plain(length));
  }

  /**
   * Writes a length that may lie between the marks, in full.
   *
   * @param length zero or more, in inches a whole number of parts of some power of two
   * @return such as "3/64 inch"
   */
  public String withUnitExactly(Length length) {
    return language().say(isInInches() ? "length.inches" : "length.millimetres", number(length));
  }

  /**
   * Writes a size as the piece lies.
   *
   * @param width the side along the top
   * @param height the other side
   * @return the two numbers with a multiplication sign between them
   */
  public String size(Length width, Length height) {
    return language().say("length.size", format(width), format(height));
  }

  /**
   * Says whether lengths are written in inches.
   *
   * @return true for inches, false for millimetres
   */
  public boolean isInInches() {
    return marks.inInches();
  }

  /**
   * Writes a small length finer than the marks: to 1/32 in or half a millimetre.
   *
   * @param rest zero or more
   * @return the length, "about" it, or "a hair"
   */
  public String remainder(Length rest) {
    Length finest = finest();
    long steps = steps(rest);
    if (steps == 0) {
      return language().say("length.hair");
    }
    String text = number(finest.times(steps));
    boolean exact = finest.times(steps).equals(rest);
    return exact ? text : language().say("length.about", text);
  }

  private String number(Length length) {
    return marks.inInches() ? inches(length) : decimal(length);
  }

  /**
   * Writes a size for a drawing.
   *
   * @param width the side along the top
   * @param height the other side
   * @return as {@link #size}, with the numbers of {@link #brief}
   */
  public String briefSize(Length width, Length height) {
    return language().say("length.size", brief(width), brief(height));
  }

  private static String decimal(Length length) {
    return length.toExactMillimetres().stripTrailingZeros().toPlainString();
  }

  private String inches(Length length) {
    long whole = length.units() / Length.UNITS_PER_INCH;
    long upper = length.units() % Length.UNITS_PER_INCH;
    if (upper == 0) {
      return Long.toString(whole);
    }
    long divisor = greatestDivisor(upper, Length.UNITS_PER_INCH);
    String fraction = fraction(upper / divisor, Length.UNITS_PER_INCH / divisor);
    if (whole == 0) {
      return fraction;
    }
    return whole + (fractions == Fractions.TYPESET ? String.valueOf(THIN_SPACE) : " ") + fraction;
  }

  private String fraction(long upper, long lower) {
    if (fractions == Fractions.PLAIN) {
      return upper + "/" + lower;
    }
    return shifted(upper, "⁰¹²³⁴⁵⁶⁷⁸⁹") + "⁄" + shifted(lower, "₀₁₂₃₄₅₆₇₈₉");
  }

  private static String shifted(long number, String digits) {
    StringBuilder text = new StringBuilder();
    for (char c : Long.toString(number).toCharArray()) {
      text.append(digits.charAt(c - '0'));
    }
    return text.toString();
  }

  private static long greatestDivisor(long a, long b) {
    return b == 0 ? a : greatestDivisor(b, a % b);
  }
}
