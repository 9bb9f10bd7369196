package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.export.Export;
import cufflink.files.export.Exports;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The shape of the source: how long files are, how many types a package shows, what README says.
 */
class HouseTest {
  private static final Path HOUSE = Path.of("..");
  private static final int MOST_LINES = 400;
  private static final int MEDIAN_LINES = 110;
  private static final int MOST_PUBLIC = 15;
  private static final Pattern PUBLIC =
      Pattern.compile(
          "(?m)^public (final |abstract |sealed |non-sealed )*(class|record|interface|enum|@interface) ");

  private static List<Path> sources(String kind) throws IOException {
    List<Path> sources = new ArrayList<>();
    for (String module : List.of("core", "files", "desktop", "bench")) {
      Path folder = HOUSE.resolve(module).resolve("src").resolve(kind).resolve("java");
      if (Files.isDirectory(folder)) {
        try (Stream<Path> files = Files.walk(folder)) {
          files.filter(each -> each.toString().endsWith(".java")).forEach(sources::add);
        }
      }
    }
    assertTrue(sources.size() > 50, "found only " + sources.size() + " files in " + kind);
    return sources;
  }

  private static int lines(Path file) throws IOException {
    try (Stream<String> lines = Files.lines(file)) {
      return (int) lines.count();
    }
  }

  @Test
  void files_areShort() throws IOException {
    List<Integer> lengths = new ArrayList<>();
    Map<String, Integer> tooLong = new TreeMap<>();
    for (String kind : List.of("main", "test")) {
      for (Path file : sources(kind)) {
        int lines = lines(file);
        if (kind.equals("main") && !file.endsWith("package-info.java")) {
          lengths.add(lines);
        }
        if (lines > MOST_LINES) {
          tooLong.put(file.toString(), lines);
        }
      }
    }
    assertEquals(Map.of(), tooLong);
    lengths.sort(null);
    int median = lengths.get(lengths.size() / 2);
    assertTrue(median < MEDIAN_LINES, "the median file has " + median + " lines");
  }

  @Test
  void packages_showFewTypesAndSayWhatTheyAre() throws IOException {
    Map<Path, Integer> shown = new TreeMap<>();
    for (Path file : sources("main")) {
      boolean isPublic = PUBLIC.matcher(Files.readString(file)).find();
      shown.merge(file.getParent(), isPublic ? 1 : 0, Integer::sum);
    }
    shown.forEach(
        (folder, count) -> {
          assertTrue(count <= MOST_PUBLIC, folder + " shows " + count + " types");
          assertTrue(
              Files.exists(folder.resolve("package-info.java")), folder + " is not explained");
        });
  }

  @Test
  void everyExport_hasATitleOfItsOwn() {
    List<String> titles = Exports.ALL.stream().map(Export::title).distinct().toList();
    assertEquals(Exports.ALL.size(), titles.size());
    assertTrue(titles.stream().allMatch(each -> each.endsWith(" …")), titles::toString);
  }

  @Test
  void readme_namesEveryExport() throws IOException {
    String readme = Files.readString(HOUSE.resolve("README.md"));
    String formats = Exports.ALL.stream().map(Export::id).collect(Collectors.joining("|"));
    assertTrue(readme.contains("--format " + formats + " "), formats);
  }
}
