package cufflink.files.size;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
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

/** The sizes a maker owns, as they are written and said: {@code circle 40 mm called big punch}. */
public final class ChartText {
  private static final Pattern WRITTEN =
      Pattern.compile(
          "(?<shape>rectangle|circle|oval|ring)?\\s*(?<across>[^x×]+?)(?:\\s*[x×]\\s*(?<down>.+?))?"
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
    boolean isEven = across.equals(down);
    Shape shape =
        found.group("shape") == null
            ? Shape.RECTANGLE
            : Shape.valueOf(found.group("shape").toUpperCase(Locale.ROOT));
    if (shape == Shape.RING && down.get().compareTo(across.get()) >= 0) {
      return Parsed.bad("chart.no-ring", typed);
    }
    if (shape == Shape.CIRCLE && !isEven) {
      return Parsed.bad("chart.no-circle", typed);
    }
    String size = typed.split("(?i)\\s+called\\s+")[0];
    String label = found.group("label") == null ? size : found.group("label").strip();
    String name =
        label.length() > Topper.LONGEST ? label.substring(0, Topper.LONGEST).strip() : label;
    return Parsed.good(new Owned(name, shape, across.get(), down.get()));
  }

  private static Optional<Length> length(String text, Marks marks) {
    return LengthParser.parse(text.strip(), marks.unit()).value().filter(Length::isPositive);
  }

  /** Says what something that is owned is. */
  public static Message line(Owned owned) {
    return switch (owned.shape()) {
      case RECTANGLE, OUTLINE ->
          Message.of("chart.rectangle", owned.label(), owned.across(), owned.down());
      case CIRCLE -> Message.of("chart.circle", owned.label(), owned.across());
      case OVAL -> Message.of("chart.oval", owned.label(), owned.across(), owned.down());
      case RING -> Message.of("chart.ring", owned.label(), owned.across(), owned.down());
    };
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
