package cufflink.files.size;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads what lies in the drawer besides paper, as a maker writes it. */
public final class SundryText {
  private static final Pattern ROLL =
      Pattern.compile("(\\d{1,4})(?:[.,](\\d{1,3}))?\\s*(m|ft|yd)", Pattern.CASE_INSENSITIVE);
  private static final String RIBBON = "ribbon";

  private SundryText() {}

  /**
   * Reads what something is.
   *
   * @param text “tape”, “dots”, “pads”, or “ribbon” with an equals sign and its width
   * @return the kind, or one sentence about what is wrong
   */
  public static Parsed<Kind> kind(String text) {
    String name = text.strip().toLowerCase(Locale.ROOT);
    int equals = name.indexOf('=');
    if (equals > 0 && name.substring(0, equals).strip().equals(RIBBON)) {
      return LengthParser.parse(name.substring(equals + 1).strip(), Unit.MILLIMETRE)
          .then(
              width ->
                  width.isPositive()
                      ? Parsed.good(Kind.ribbon(width))
                      : Parsed.bad("ahead.material", text));
    }
    for (Material each : Material.values()) {
      if (each != Material.RIBBON && each.name().equalsIgnoreCase(name)) {
        return Parsed.good(Kind.of(each));
      }
    }
    return Parsed.bad("ahead.material", text);
  }

  /**
   * Reads how much of it there is.
   *
   * @param kind what
   * @param text a length such as “12 m”, “40 ft” or “900 mm”, or a whole number
   * @return the number or the units of length, or one sentence about what is wrong
   */
  public static Parsed<Long> amount(Kind kind, String text) {
    String typed = text.strip();
    if (!kind.material().isLong()) {
      return typed.matches("\\d{1,6}")
          ? Parsed.good(Long.parseLong(typed))
          : Parsed.bad("ahead.amount", typed);
    }
    if (typed.equals("0")) {
      return Parsed.good(0L);
    }
    Matcher roll = ROLL.matcher(typed);
    if (roll.matches()) {
      String part = roll.group(2) == null ? "" : roll.group(2);
      long thousandths = Long.parseLong(roll.group(1) + (part + "000").substring(0, 3));
      return Parsed.good(unit(roll.group(3)).units() * thousandths / 1000);
    }
    Parsed<Length> length = LengthParser.parse(typed, Unit.MILLIMETRE);
    return length.value().filter(each -> each.units() >= 0).isPresent()
        ? Parsed.good(length.orElseThrow().units())
        : Parsed.bad("ahead.amount", typed);
  }

  private static Length unit(String name) {
    return switch (name.toLowerCase(Locale.ROOT)) {
      case "m" -> Length.ofMillimetres(1000);
      case "ft" -> Length.ofInches(12, 1);
      default -> Length.ofInches(36, 1);
    };
  }
}
