package cufflink.files.size;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Owned.Use;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.files.text.Printable;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The sizes a maker owns, as they are written and said: {@code circle 40 mm called big punch}. */
public final class ChartText {
  private static final Pattern WRITTEN =
      Pattern.compile(
          "(?:(?<use>punch|die|frame|label|stamp|sheet|envelope)\\s+)?"
              + "(?<shape>rectangle|circle|oval|ring)?\\s*(?<across>[^x×]+?)(?:\\s*[x×]\\s*(?<down>.+?))?"
              + "(?:\\s+called\\s+(?<label>.+))?",
          Pattern.CASE_INSENSITIVE);

  private ChartText() {}

  /**
   * Reads a size that is owned.
   *
   * @param text what was typed: a shape, its size, and what it is called
   * @param marks the ruler, for numbers without a unit
   * @return the size, or one sentence about what is wrong
   */
  public static Parsed<Owned> parse(String text, Marks marks) {
    String typed = Printable.line(text).strip();
    Matcher found = WRITTEN.matcher(typed);
    if (!found.matches()) {
      return Parsed.bad("chart.written", typed);
    }
    Optional<Length> across = length(found.group("across"), marks);
    Optional<Length> down =
        found.group("down") == null ? across : length(found.group("down"), marks);
    if (across.isEmpty() || down.isEmpty()) {
      return Parsed.bad("chart.written", typed);
    }
    Use use = use(found.group("use"));
    if (use != Use.PIECE && found.group("shape") != null && shape(found) != Shape.RECTANGLE) {
      return Parsed.bad("chart.square", typed);
    }
    boolean isEven = across.equals(down);
    Shape shape = shape(found);
    if (shape == Shape.RING && down.get().compareTo(across.get()) >= 0) {
      return Parsed.bad("chart.no-ring", typed);
    }
    if (shape == Shape.CIRCLE && !isEven) {
      return Parsed.bad("chart.no-circle", typed);
    }
    String size = typed.split("(?i)\\s+called\\s+")[0];
    String name = label(found.group("label") == null ? size : found.group("label"));
    return Parsed.good(new Owned(name, use, shape, across.get(), down.get()));
  }

  /** Returns a name as it is kept: one line, and not too long. */
  public static String label(String typed) {
    String label = Printable.line(typed).strip();
    return label.length() > Topper.LONGEST ? label.substring(0, Topper.LONGEST).strip() : label;
  }

  /** Whatever cuts a piece is called, only the piece counts. */
  private static Use use(String word) {
    String written = word == null ? "" : word.toUpperCase(Locale.ROOT);
    return Stream.of(Use.STAMP, Use.SHEET, Use.ENVELOPE)
        .filter(each -> each.name().equals(written))
        .findFirst()
        .orElse(Use.PIECE);
  }

  private static Shape shape(Matcher found) {
    return found.group("shape") == null
        ? Shape.RECTANGLE
        : Shape.valueOf(found.group("shape").toUpperCase(Locale.ROOT));
  }

  private static Optional<Length> length(String text, Marks marks) {
    return LengthParser.parse(text.strip(), marks.unit()).value().filter(Length::isPositive);
  }

  /**
   * Reads what is to be printed or stamped.
   *
   * @param chart what is owned
   * @param text what a stamp is called that is owned, or how wide and high it prints
   * @param marks the ruler, for numbers without a unit
   * @return a rectangle, or one sentence about what is wrong
   */
  public static Parsed<Owned> printed(Chart chart, String text, Marks marks) {
    return chart.of(Use.STAMP).stream()
        .filter(each -> each.label().equalsIgnoreCase(text.strip()))
        .findFirst()
        .map(Parsed::good)
        .orElseGet(() -> parse("rectangle " + text, marks));
  }

  /** Says what something that is owned is. */
  public static Message line(Owned owned) {
    String key =
        switch (owned.use()) {
          case STAMP -> "chart.stamp";
          case SHEET -> "chart.sheet";
          case ENVELOPE -> "chart.envelope";
          case PIECE ->
              switch (owned.shape()) {
                case RECTANGLE, OUTLINE -> "chart.rectangle";
                case CIRCLE -> "chart.circle";
                case OVAL -> "chart.oval";
                case RING -> "chart.ring";
              };
        };
    return Message.of(key, owned.label(), owned.across(), owned.down());
  }

  /** Writes the chart: each size, and what fits inside it. */
  public static List<String> lines(Chart chart, LengthFormat format) {
    List<String> lines = new ArrayList<>();
    for (Owned each : chart.all()) {
      lines.add(line(each).say(format));
      List<String> inside = chart.inside(each).stream().map(Owned::label).toList();
      if (!inside.isEmpty()) {
        lines.add(
            "  " + Message.of("chart.inside", Message.list("list.comma", inside)).say(format));
      }
    }
    return lines;
  }

  /**
   * Answers whether something that is printed or stamped will fit.
   *
   * @param chart what is owned
   * @param printed what is printed, as a rectangle
   * @param marks the ruler
   * @param format how lengths are written
   * @return a sentence for each that holds it, the smallest first, and one about what to cut
   */
  public static List<String> fits(Chart chart, Owned printed, Marks marks, LengthFormat format) {
    Chart.Fits fits = chart.fits(printed.across(), printed.down(), marks);
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < fits.holding().size(); i++) {
      Message on = line(fits.holding().get(i));
      lines.add(
          fits.mats()
              .get(i)
              .map(mat -> Message.of("chart.fits-mat", on, mat.label()))
              .orElse(Message.of("chart.fits", on))
              .say(format));
    }
    if (lines.isEmpty()) {
      lines.add(Message.of("chart.fits-none").say(format));
    }
    List<Owned> least = fits.least();
    lines.add(
        Message.of(
                "chart.least",
                least.get(0).across(),
                least.get(0).down(),
                least.get(1).across(),
                least.get(2).across(),
                least.get(2).down())
            .say(format));
    return lines;
  }
}
