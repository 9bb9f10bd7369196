package cufflink.files.size;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Language;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/** Sheets and envelopes by name. */
public final class StandardSizes {
  private static final Pattern SIZE = Pattern.compile("(.+?)\\s*[x×]\\s*(.+?)");
  private static final Pattern UNIT = Pattern.compile(".*\\d\\s*(mm|cm|in)");

  private static final Map<Language, StandardSizes> SPOKEN = new ConcurrentHashMap<>();

  private final List<Sheet> sheets;
  private final List<Envelope> envelopes;
  private final List<HeldItem> items;

  private StandardSizes() {
    sheets =
        read("sheets").stream()
            .map(each -> new Sheet(each.id, each.label, each.width, each.height))
            .toList();
    envelopes =
        read("envelopes").stream()
            .map(each -> new Envelope(each.id, each.label, each.width, each.height))
            .toList();
    items =
        read("items").stream()
            .map(each -> new HeldItem(each.id, each.label, each.width, each.height, each.thick))
            .toList();
  }

  /** The names are in the language of this process. */
  private static StandardSizes spoken() {
    return SPOKEN.computeIfAbsent(Words.language(), language -> new StandardSizes());
  }

  private record Named(String id, String label, Length width, Length height, Length thick) {}

  /**
   * A width and a height.
   *
   * @param width the first number
   * @param height the second number
   */
  public record Size(Length width, Length height) {}

  /**
   * Returns the sheets.
   *
   * @return the sheets in the order of the data file
   */
  public static List<Sheet> sheets() {
    return spoken().sheets;
  }

  /**
   * Returns the envelopes.
   *
   * @return the envelopes in the order of the data file
   */
  public static List<Envelope> envelopes() {
    return spoken().envelopes;
  }

  /**
   * Returns what a card may have to hold.
   *
   * @return the items in the order of the data file
   */
  public static List<HeldItem> items() {
    return spoken().items;
  }

  /**
   * Finds something to hold.
   *
   * @param id its id, in any case
   * @return the item, if there is one
   */
  public static Optional<HeldItem> item(String id) {
    String wanted = id.strip().toLowerCase(Locale.ROOT);
    return items().stream().filter(item -> item.id().equals(wanted)).findFirst();
  }

  /**
   * Finds a sheet.
   *
   * @param id its id, in any case
   * @return the sheet, if there is one
   */
  public static Optional<Sheet> sheet(String id) {
    String wanted = id.strip().toLowerCase(Locale.ROOT);
    return sheets().stream().filter(sheet -> sheet.id().equals(wanted)).findFirst();
  }

  /**
   * Returns the sheet to buy for whoever has not named one.
   *
   * @param marks the ruler
   * @return Letter for inches, A4 for millimetres
   */
  public static Sheet usualSheet(Marks marks) {
    return sheet(marks.inInches() ? "letter" : "a4").orElseThrow();
  }

  /**
   * Finds an envelope.
   *
   * @param id its id, in any case
   * @return the envelope, if there is one
   */
  public static Optional<Envelope> envelope(String id) {
    String wanted = id.strip().toLowerCase(Locale.ROOT);
    return envelopes().stream().filter(envelope -> envelope.id().equals(wanted)).findFirst();
  }

  /**
   * Reads a size such as "105 x 148 mm" or "4 1/2 x 6 in". A unit behind the second number counts
   * for the first as well, if that has none.
   *
   * @param text what was typed
   * @param unit the unit if none is named
   * @return the size, or one sentence about what is wrong
   */
  public static Parsed<Size> parse(String text, Unit unit) {
    Matcher matcher = SIZE.matcher(text.strip());
    if (!matcher.matches()) {
      return Parsed.bad("size.shape", text.strip());
    }
    Matcher named = UNIT.matcher(matcher.group(2));
    boolean borrows = named.matches() && !UNIT.matcher(matcher.group(1)).matches();
    String first = matcher.group(1) + (borrows ? " " + named.group(1) : "");
    return LengthParser.parse(first, unit)
        .then(
            width ->
                LengthParser.parse(matcher.group(2), unit)
                    .then(height -> Parsed.good(new Size(width, height))))
        .then(
            size ->
                size.width().isPositive() && size.height().isPositive()
                    ? Parsed.good(size)
                    : Parsed.bad("size.zero", text.strip()));
  }

  private static Length thick(Map<?, ?> fields) {
    return fields.get("thick") instanceof String text
        ? LengthParser.parse(text, Unit.MILLIMETRE).orElseThrow()
        : Length.ZERO;
  }

  private static List<Named> read(String file) {
    Map<String, Object> root = yaml(file).orElseThrow();
    // Beside it stands, for another language, each label and the same in that language.
    Map<String, Object> texts = yaml(file + "." + Words.language().name()).orElse(Map.of());
    List<Named> sizes = new ArrayList<>();
    for (Object group : (List<?>) root.get("groups")) {
      for (Object entry : (List<?>) ((Map<?, ?>) group).get("sizes")) {
        Map<?, ?> fields = (Map<?, ?>) entry;
        Size size = parse((String) fields.get("size"), Unit.MILLIMETRE).orElseThrow();
        sizes.add(
            new Named(
                (String) fields.get("id"),
                label((String) fields.get("label"), texts),
                size.width(),
                size.height(),
                thick(fields)));
      }
    }
    return List.copyOf(sizes);
  }

  private static String label(String written, Map<String, Object> texts) {
    return Words.language().dressed(String.valueOf(texts.getOrDefault(written, written)));
  }

  private static Optional<Map<String, Object>> yaml(String name) {
    String file = "/cufflink/files/sizes/" + name + ".yaml";
    try (InputStream in = StandardSizes.class.getResourceAsStream(file)) {
      return in == null
          ? Optional.empty()
          : Optional.of(new Yaml(new SafeConstructor(new LoaderOptions())).load(in));
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }
}
