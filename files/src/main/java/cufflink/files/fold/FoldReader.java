package cufflink.files.fold;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.files.pattern.PatternFile;
import cufflink.files.text.Printable;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Makes a pattern file from the crease pattern of a FOLD 1.1 or 1.2 file: its outline, its
 * mountains and valleys, its cuts, and one stage that closes all of them. Places become shares of
 * the width and the height, so that the new construction can be sized as any other.
 */
public final class FoldReader {
  /** Vertices nearer than this are one, in the units of the file. */
  private static final double SAME = 1e-6;

  private static final ObjectMapper MAPPER = new ObjectMapper();

  /** More lines than any piece of paper a maker would fold. */
  private static final int MOST_EDGES = 4_000;

  private static final double USUAL_SIDE = 150;
  private static final double LONGEST = 10_000;
  private static final int DECIMALS = 9;

  private final JsonNode frame;
  private final String name;
  private final List<double[]> places = new ArrayList<>();
  private final List<Integer> same = new ArrayList<>();
  private double left = Double.MAX_VALUE;
  private double top = Double.MAX_VALUE;
  private double width;
  private double height;

  private FoldReader(String name, JsonNode frame) {
    this.name = name;
    this.frame = frame;
  }

  /** Carries what is wrong out of the depth of a file; it never leaves this class. */
  private static final class BadFoldException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Message told;

    BadFoldException(String key, Object... details) {
      super(key);
      told = Message.of(key, details);
    }
  }

  /**
   * Reads a crease pattern.
   *
   * @param name the file's name, for sentences and as the title
   * @param text the file's text
   * @return the text of a pattern file, or one sentence about what is wrong and what to do
   */
  public static Parsed<String> read(String name, String text) {
    try {
      JsonNode root = MAPPER.readTree(text);
      if (root == null || !root.isObject()) {
        return Parsed.bad("fold.no-object", name);
      }
      String pattern = new FoldReader(name, root).pattern();
      PatternFile read = PatternFile.read(name, pattern);
      return read.mistakes().isEmpty()
          ? Parsed.good(pattern)
          : Parsed.bad("fold.unusable", name, read.mistakes().get(0).sentence());
    } catch (JsonProcessingException broken) {
      int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
      return Parsed.bad("fold.broken", name, line);
    } catch (BadFoldException wrong) {
      return Parsed.bad("project.wrong", name, wrong.told);
    } catch (StackOverflowError deep) {
      return Parsed.bad("fold.broken", name, 1);
    }
  }

  private String pattern() throws BadFoldException {
    readPlaces();
    JsonNode ends = frame.path("edges_vertices");
    JsonNode kinds = frame.path("edges_assignment");
    if (!ends.isArray() || !kinds.isArray() || ends.size() != kinds.size() || ends.isEmpty()) {
      throw new BadFoldException("fold.edges");
    }
    if (ends.size() > MOST_EDGES) {
      throw new BadFoldException("fold.too-many", ends.size(), MOST_EDGES);
    }
    StringBuilder scores = new StringBuilder();
    StringBuilder slits = new StringBuilder();
    Map<Integer, List<Integer>> border = new HashMap<>();
    Set<Set<Integer>> drawn = new HashSet<>();
    int folds = 0;
    for (int i = 0; i < ends.size(); i++) {
      int from = vertex(ends.get(i).path(0), i);
      int to = vertex(ends.get(i).path(1), i);
      if (from == to || !drawn.add(Set.of(from, to))) {
        continue;
      }
      switch (kinds.get(i).asText("").toUpperCase(Locale.ROOT)) {
        case "B" -> {
          border.computeIfAbsent(from, each -> new ArrayList<>()).add(to);
          border.computeIfAbsent(to, each -> new ArrayList<>()).add(from);
        }
        case "M" -> line(scores, "m" + ++folds, from, to, ", fold: mountain");
        case "V" -> line(scores, "v" + ++folds, from, to, ", fold: valley");
        case "C" -> line(slits, "c" + i, from, to, "");
        case "F", "U", "J" -> {
          // Flat and undecided lines are not folded.
        }
        default -> throw new BadFoldException("fold.kind", kinds.get(i).asText(""), i);
      }
    }
    if (folds == 0) {
      throw new BadFoldException("fold.no-folds");
    }
    return text(outline(border), scores.toString(), slits.toString());
  }

  private void readPlaces() throws BadFoldException {
    JsonNode coordinates = frame.path("vertices_coords");
    if (!coordinates.isArray() || coordinates.size() < 3) {
      throw new BadFoldException("fold.vertices");
    }
    double right = -Double.MAX_VALUE;
    double bottom = -Double.MAX_VALUE;
    for (JsonNode each : coordinates) {
      double x = each.path(0).asDouble(Double.NaN);
      double y = -each.path(1).asDouble(Double.NaN);
      boolean flat = each.size() < 3 || each.path(2).asDouble(0) == 0;
      if (!Double.isFinite(x) || !Double.isFinite(y) || !flat) {
        throw new BadFoldException("fold.place", places.size());
      }
      same.add(first(x, y));
      places.add(new double[] {x, y});
      left = Math.min(left, x);
      top = Math.min(top, y);
      right = Math.max(right, x);
      bottom = Math.max(bottom, y);
    }
    width = right - left;
    height = bottom - top;
    if (!(width > 0) || !(height > 0)) {
      throw new BadFoldException("fold.flat-size");
    }
  }

  private int vertex(JsonNode node, int edge) throws BadFoldException {
    int vertex = node.asInt(-1);
    if (vertex < 0 || vertex >= places.size()) {
      throw new BadFoldException("fold.vertex", edge, places.size());
    }
    return same.get(vertex);
  }

  /** Both sides of a slit have corners of their own, which lie at one place while it is flat. */
  private int first(double x, double y) {
    for (int i = 0; i < places.size(); i++) {
      if (Math.hypot(places.get(i)[0] - x, places.get(i)[1] - y) <= SAME) {
        return i;
      }
    }
    return places.size();
  }

  private void line(StringBuilder into, String id, int from, int to, String more) {
    into.append(
        String.format(
            "      %s: {label: Line %s, from: %s, to: %s%s}%n",
            id, id, place(from), place(to), more));
  }

  private String place(int vertex) {
    return "["
        + share(places.get(vertex)[0] - left, width, "width")
        + ", "
        + share(places.get(vertex)[1] - top, height, "height")
        + "]";
  }

  private static String share(double part, double whole, String side) {
    BigDecimal share =
        BigDecimal.valueOf(part / whole)
            .setScale(DECIMALS, RoundingMode.HALF_EVEN)
            .stripTrailingZeros();
    return share.signum() == 0 ? "0 mm" : side + " * " + share.toPlainString();
  }

  /** Walks the border from one corner to the next until it is back. */
  private List<Integer> outline(Map<Integer, List<Integer>> border) throws BadFoldException {
    boolean isRing = border.values().stream().allMatch(next -> next.size() == 2);
    if (border.isEmpty() || !isRing) {
      throw new BadFoldException("fold.border");
    }
    int start = border.keySet().iterator().next();
    List<Integer> ring = new ArrayList<>(List.of(start));
    int before = start;
    int now = border.get(start).get(0);
    while (now != start) {
      ring.add(now);
      List<Integer> next = border.get(now);
      int onward = next.get(0) == before ? next.get(1) : next.get(0);
      before = now;
      now = onward;
    }
    if (ring.size() != border.size() || ring.size() < 3) {
      throw new BadFoldException("fold.border");
    }
    return ring;
  }

  private double scale() throws BadFoldException {
    double unit =
        switch (frame.path("frame_unit").asText("unit")) {
          case "mm" -> 1;
          case "cm" -> 10;
          case "m" -> 1000;
          case "in" -> 25.4;
          case "pt" -> 25.4 / 72;
          case "um" -> 0.001;
          default -> USUAL_SIDE / Math.max(width, height);
        };
    if (!(Math.max(width, height) * unit < LONGEST)) {
      throw new BadFoldException("fold.large");
    }
    return unit;
  }

  private String text(List<Integer> outline, String scores, String slits) throws BadFoldException {
    double scale = scale();
    StringBuilder corners = new StringBuilder();
    for (int corner : outline) {
      corners.append(corners.isEmpty() ? "" : ", ").append(place(corner));
    }
    String title = Printable.line(name.replaceFirst("\\.[^.]*$", "")).replaceAll("[\"\\\\]", "");
    String id =
        title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    return String.join(
        "\n",
        "format: cufflink-pattern/1",
        "id: fold-" + (id.isEmpty() ? "pattern" : id),
        "name: \"" + title + "\"",
        "family: imported",
        "level: 3",
        "parameters:",
        "  width: {label: Sheet width, default: "
            + millimetres(width * scale)
            + ", min: 5 mm, role: finished-width, scales: across}",
        "  height: {label: Sheet height, default: "
            + millimetres(height * scale)
            + ", min: 5 mm, role: finished-height, scales: along}",
        "pieces:",
        "  base:",
        "    label: sheet",
        "    size: [width, height]",
        "    outline: [" + corners + "]",
        "    scores:",
        scores + (slits.isEmpty() ? "" : "    slits:\n" + slits) + "folding:",
        "  - {stage: Fold all of it, drive: {all: 180}}",
        "");
  }

  private static String millimetres(double length) {
    return BigDecimal.valueOf(length).setScale(3, RoundingMode.HALF_EVEN).toPlainString() + " mm";
  }
}
