package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.design.Face;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Adhesive;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.figure.Figure;
import cufflink.files.project.TopperFormat;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A topper as it is written at the command line: {@code circle 40 mm on base outside at 20 mm, 30
 * mm tilted 10 foam called badge}.
 */
final class TopperText {
  private static final String OPTION = "--topper";
  private static final Pattern WRITTEN =
      Pattern.compile(
          "(?<shape>rectangle|circle|oval|ring|outline (?<file>.+?\\.[sS][vV][gG])) (?<across>[^x]+?)"
              + "(?: ?x ?(?<down>.+?))? on"
              + "(?: (?<copy>each|[1-9]\\d{0,2}))?"
              + " (?<on>[\\w-]+) (?<face>inside|outside) at (?<left>[^,]+),"
              + "(?<top>[^\\p{L}]+(?:in|cm|mm)?)(?<more>.*?)"
              + "(?:(?<= )called (?<label>.+?))?(?:(?<= )saying (?<words>.+))?");

  /** What may follow the place, in any order. */
  private static final Pattern MORE =
      Pattern.compile(
          "(?:tilted (?<tilt>-?\\d{1,3})|(?<stock>white|card|patterned)"
              + "|(?<with>liquid|tape|dots|foam|none)|(?<foot>by its foot)|(?<tucked>tucked)"
              + "|(?<over>overhanging)|on (?<cards>\\d{1,9}) cards?)(?: |$)");

  private static final List<String> GROUPS =
      List.of("tilt", "stock", "with", "foot", "tucked", "over", "cards");

  private final Topper topper;
  private final long tilt;

  private TopperText(Topper topper, long tilt) {
    this.topper = topper;
    this.tilt = tilt;
  }

  /** Reads what was written, each topper over those before it. */
  static List<TopperText> read(List<String> written, Marks ruler) {
    List<Topper> toppers = new ArrayList<>();
    List<TopperText> all = new ArrayList<>();
    for (String each : written) {
      TopperText text = read(each.strip(), ruler, Topper.next(toppers));
      toppers.add(text.topper);
      all.add(text);
    }
    if (all.size() > Topper.MOST) {
      throw BadInputException.of("command.toppers", OPTION, Topper.MOST);
    }
    return all;
  }

  private static TopperText read(String written, Marks ruler, String id) {
    Matcher found = WRITTEN.matcher(written);
    if (!found.matches()) {
      throw BadInputException.of("command.topper", OPTION, written);
    }
    Map<String, String> more = more(found.group("more").strip(), written);
    Length across = length(found.group("across"), ruler);
    String high = found.group("down");
    Optional<Figure> figure =
        Optional.ofNullable(found.group("file"))
            .map(file -> orBad(OPTION, Figure.read(Path.of(file))));
    Length even = figure.map(each -> each.downAt(across)).orElse(across);
    Length down = high == null ? even : length(high, ruler);
    boolean isRing = found.group("shape").equals("ring");
    if (!across.isPositive() || !down.isPositive() || isRing && down.compareTo(across) >= 0) {
      throw BadInputException.of("command.topper", OPTION, written);
    }
    Topper.Start start =
        new Topper.Start(
            across, down, place(found.group("left"), ruler), place(found.group("top"), ruler));
    if (start.absurd().isPresent()) {
      throw BadInputException.of(
          "command.topper-size", OPTION, written, Topper.LARGEST, Topper.PAST);
    }
    String shape = figure.isPresent() ? "outline" : found.group("shape");
    Topper topper =
        new Topper(
            id,
            TopperFormat.label(
                Optional.ofNullable(found.group("label"))
                    .or(() -> figure.map(Figure::label))
                    .orElse(shape)),
            TopperFormat.words(Optional.ofNullable(found.group("words")).orElse("")),
            Topper.Shape.valueOf(upper(shape)),
            Topper.Stock.valueOf(upper(more.getOrDefault("stock", "white"))),
            found.group("on"),
            Face.valueOf(upper(found.group("face"))),
            new Topper.Fixing(
                Adhesive.valueOf(upper(more.getOrDefault("with", "liquid"))),
                more.containsKey("foot"),
                more.containsKey("over"),
                more.containsKey("tucked")),
            start,
            figure.map(Figure::outline),
            "",
            new Topper.Which(copy(found.group("copy")), cards(more.get("cards"), written)));
    return new TopperText(topper, Long.parseLong(more.getOrDefault("tilt", "0")));
  }

  /** Reads what follows the place, each at most once. */
  private static Map<String, String> more(String text, String written) {
    Map<String, String> more = new HashMap<>();
    Matcher found = MORE.matcher(text);
    int at = 0;
    while (at < text.length()) {
      if (!found.find(at) || found.start() != at) {
        throw BadInputException.of("command.topper-word", OPTION, written, text.substring(at));
      }
      for (String group : GROUPS) {
        if (found.group(group) != null && more.put(group, found.group(group)) != null) {
          throw BadInputException.of("command.topper-word", OPTION, written, text.substring(at));
        }
      }
      at = found.end();
    }
    return more;
  }

  private static int copy(String text) {
    return text == null || text.equals("each") ? Topper.EACH : Integer.parseInt(text);
  }

  private static int cards(String text, String written) {
    int cards = text == null ? 0 : Integer.parseInt(text);
    if (text != null && cards < 1 || cards > Topper.MOST_CARDS) {
      throw BadInputException.of("command.topper-cards", OPTION, written, Topper.MOST_CARDS);
    }
    return cards;
  }

  /** What is left of an edge or above it is below nought. */
  private static Length place(String text, Marks ruler) {
    return orBad(OPTION, LengthParser.signed(text.strip(), ruler.unit()));
  }

  private static Length length(String text, Marks ruler) {
    return orBad(OPTION, LengthParser.parse(text.strip(), ruler.unit()));
  }

  private static String upper(String text) {
    return text.toUpperCase(Locale.ROOT);
  }

  static List<Topper> toppers(List<TopperText> all) {
    return all.stream().map(each -> each.topper).toList();
  }

  /** Puts the tilts to the values of a job. */
  static Values tilted(List<TopperText> all, Values values) {
    Values now = values;
    for (TopperText each : all) {
      now = now.and(each.topper.value(Measure.TILT), new Setting.OfCount(each.tilt));
    }
    return now;
  }
}
