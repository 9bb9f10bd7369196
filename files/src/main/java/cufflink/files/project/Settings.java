package cufflink.files.project;

import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
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
    Marks marks, boolean dark, List<Double> window, List<Path> recent, Set<String> met) {
  /** What a new maker begins with. */
  public static final Settings NEW =
      new Settings(Marks.MILLIMETRES, false, List.of(), List.of(), Set.of());

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
        met(properties.getProperty("met", "")));
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
    return new Settings(marks, dark, window, files, met);
  }

  /**
   * Returns the settings with the table light or dark.
   *
   * @param now whether it is dark
   * @return the changed settings
   */
  public Settings withDark(boolean now) {
    return new Settings(marks, now, window, recent, met);
  }

  /**
   * Returns the settings as a window is left.
   *
   * @param ruler the ruler used last
   * @param place the window's left, top, width and height in pixels
   * @return the changed settings
   */
  public Settings left(Marks ruler, List<Double> place) {
    return new Settings(ruler, dark, place, recent, met);
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
    return new Settings(marks, dark, window, recent, now);
  }
}
