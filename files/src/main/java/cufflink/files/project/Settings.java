package cufflink.files.project;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;

/**
 * What the application remembers from one time to the next.
 *
 * @param marks the ruler used last
 * @param dark whether the table is dark
 * @param window the window's left, top, width and height in pixels; empty if never moved
 * @param recent the project files used last, newest first
 * @param met what was explained the first time it was met, and need not be again
 */
public record Settings(
    Marks marks, boolean dark, List<Double> window, List<Path> recent, Set<String> met, Own own) {

  /**
   * What the maker has of their own.
   *
   * @param printer the name of the paper in the printer, once that has been asked
   * @param sheets sizes of sheets that were typed, the last one first
   * @param byPiece whether several cards are made piece by piece, and not by tool
   */
  public record Own(Optional<String> printer, List<Sheet> sheets, boolean byPiece) {
    private static final int MOST_SHEETS = 12;

    /** Copies the list. */
    public Own {
      sheets = List.copyOf(sheets);
    }

    private static Own of(Properties properties) {
      List<Sheet> sheets = new ArrayList<>();
      for (int i = 0; i < MOST_SHEETS; i++) {
        String[] parts = properties.getProperty("sheet." + i, "").split(" x ", 3);
        if (parts.length == 3) {
          Optional<Length> width = LengthParser.parse(parts[0], Unit.MILLIMETRE).value();
          Optional<Length> height = LengthParser.parse(parts[1], Unit.MILLIMETRE).value();
          boolean usable =
              width.filter(Length::isPositive).isPresent()
                  && height.filter(Length::isPositive).isPresent();
          if (usable) {
            sheets.add(new Sheet("own", parts[2], width.get(), height.get()));
          }
        }
      }
      String printer = properties.getProperty("printer", "");
      boolean byPiece = Boolean.parseBoolean(properties.getProperty("byPiece", "false"));
      return new Own(printer.isBlank() ? Optional.empty() : Optional.of(printer), sheets, byPiece);
    }

    private void into(Properties properties) {
      printer.ifPresent(paper -> properties.setProperty("printer", paper));
      properties.setProperty("byPiece", Boolean.toString(byPiece));
      for (int i = 0; i < Math.min(MOST_SHEETS, sheets.size()); i++) {
        Sheet sheet = sheets.get(i);
        String sides = exact(sheet.width()) + " x " + exact(sheet.height());
        properties.setProperty("sheet." + i, sides + " x " + sheet.label());
      }
    }

    private static String exact(Length length) {
      return length.toExactMillimetres().stripTrailingZeros().toPlainString();
    }
  }

  private static final Own NOTHING = new Own(Optional.empty(), List.of(), false);

  /** What a new maker begins with. */
  public static final Settings NEW =
      new Settings(Marks.MILLIMETRES, false, List.of(), List.of(), Set.of(), NOTHING);

  private static final int MOST_RECENT = 8;
  private static final int WINDOW_NUMBERS = 4;

  /** Copies the lists. */
  public Settings {
    window = List.copyOf(window);
    recent = List.copyOf(recent);
    met = Collections.unmodifiableSet(new TreeSet<>(met));
  }

  /**
   * Reads the settings. What cannot be read is as for a new maker.
   *
   * @param file the file, which need not exist
   * @return the settings
   */
  public static Settings read(Path file) {
    Properties properties = new Properties();
    if (Files.isReadable(file)) {
      try (InputStream in = Files.newInputStream(file)) {
        properties.load(in);
      } catch (IOException | IllegalArgumentException damaged) {
        return NEW;
      }
    }
    return new Settings(
        Marks.parse(properties.getProperty("marks", ""))
            .value()
            .orElseGet(() -> home(Locale.getDefault())),
        Boolean.parseBoolean(properties.getProperty("dark", "false")),
        window(properties.getProperty("window", "")),
        recent(properties),
        met(properties.getProperty("met", "")),
        Own.of(properties));
  }

  /**
   * Returns the ruler that is usual where a maker lives.
   *
   * @param place the country of the system
   * @return sixteenths of an inch in the United States and Canada, else millimetres; common
   *     practice, no source
   */
  static Marks home(Locale place) {
    return Set.of("US", "CA").contains(place.getCountry()) ? Marks.SIXTEENTHS : NEW.marks();
  }

  private static List<Double> window(String text) {
    try {
      List<Double> numbers = new ArrayList<>();
      for (String part : text.split(",")) {
        numbers.add(Double.valueOf(part.strip()));
      }
      boolean usable = numbers.stream().allMatch(Double::isFinite);
      return usable && numbers.size() == WINDOW_NUMBERS ? numbers : List.of();
    } catch (NumberFormatException damaged) {
      return List.of();
    }
  }

  private static Set<String> met(String text) {
    Set<String> met = new TreeSet<>(List.of(text.split("[,\\s]+")));
    met.remove("");
    return met;
  }

  private static List<Path> recent(Properties properties) {
    List<Path> paths = new ArrayList<>();
    for (int i = 0; i < MOST_RECENT; i++) {
      String text = properties.getProperty("recent." + i, "");
      try {
        if (!text.isBlank()) {
          paths.add(Path.of(text));
        }
      } catch (InvalidPathException damaged) {
        // A path that this system cannot name is left out; the others still serve.
        continue;
      }
    }
    return paths;
  }

  /**
   * Writes the settings.
   *
   * @param file the file
   * @param writer how files are written
   * @return the file, or one sentence about why it is as it was
   */
  public Parsed<Path> write(Path file, AtomicFile writer) {
    Properties properties = new Properties();
    properties.setProperty("marks", marks.toString());
    properties.setProperty("dark", Boolean.toString(dark));
    String numbers = window.toString();
    properties.setProperty("window", numbers.substring(1, numbers.length() - 1));
    properties.setProperty("met", String.join(",", met));
    own.into(properties);
    for (int i = 0; i < recent.size(); i++) {
      properties.setProperty("recent." + i, recent.get(i).toAbsolutePath().toString());
    }
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      properties.store(out, null);
      return writer.replace(file, out.toByteArray());
    } catch (IOException reason) {
      return Parsed.bad("save.failed", file, reason.getMessage());
    }
  }

  /**
   * Returns the settings with a project file used just now.
   *
   * @param file the file
   * @return the changed settings
   */
  public Settings using(Path file) {
    Path whole = file.toAbsolutePath();
    List<Path> files = new ArrayList<>(List.of(whole));
    recent.stream().filter(each -> !each.equals(whole)).limit(MOST_RECENT - 1).forEach(files::add);
    return new Settings(marks, dark, window, files, met, own);
  }

  /**
   * Returns the settings with the table light or dark.
   *
   * @param now whether it is dark
   * @return the changed settings
   */
  public Settings withDark(boolean now) {
    return new Settings(marks, now, window, recent, met, own);
  }

  /**
   * Returns the settings as a window is left.
   *
   * @param ruler the ruler used last
   * @param place the window's left, top, width and height in pixels
   * @return the changed settings
   */
  public Settings left(Marks ruler, List<Double> place) {
    return new Settings(ruler, dark, place, recent, met, own);
  }

  /**
   * Returns the settings with something explained.
   *
   * @param what its name
   * @return the changed settings
   */
  public Settings having(String what) {
    Set<String> now = new TreeSet<>(met);
    now.add(what);
    return new Settings(marks, dark, window, recent, now, own);
  }

  /**
   * Returns the settings once the printer's paper is known.
   *
   * @param paper its name
   * @return the changed settings
   */
  public Settings printingOn(String paper) {
    return new Settings(
        marks, dark, window, recent, met, new Own(Optional.of(paper), own.sheets(), own.byPiece()));
  }

  /**
   * Returns the settings of a maker who works piece by piece, or by tool.
   *
   * @param now whether several cards are made piece by piece
   * @return the changed settings
   */
  public Settings workingByPiece(boolean now) {
    Own changed = new Own(own.printer(), own.sheets(), now);
    return new Settings(marks, dark, window, recent, met, changed);
  }

  /**
   * Returns the settings with other sheets of the maker's own.
   *
   * @param sheets the sheets, the last one first
   * @return the changed settings
   */
  public Settings withSheets(List<Sheet> sheets) {
    return new Settings(
        marks, dark, window, recent, met, new Own(own.printer(), sheets, own.byPiece()));
  }
}
