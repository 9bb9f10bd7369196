package cufflink.files.fold;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.files.pattern.PatternFile;
import cufflink.files.text.Printable;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

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

  private static final int MOST_SHEETS = 100;
  private static final double USUAL_SIDE = 150;
  private static final double LONGEST = 10_000;
  private static final int DECIMALS = 9;

  private final JsonNode frame;
  private final String name;
  private final List<double[]> places = new ArrayList<>();
  private final List<Integer> same = new ArrayList<>();
  private final List<Sheet> sheets = new ArrayList<>();

  /** One piece of paper: its border and what is drawn on it, in the units of the file. */
  private static final class Sheet {
    private final List<Integer> ring;
    private final Path2D shape = new Path2D.Double();
    private final StringBuilder scores = new StringBuilder();
    private final StringBuilder slits = new StringBuilder();

    Sheet(List<Integer> ring, List<double[]> places) {
      this.ring = ring;
      for (int i = 0; i < ring.size(); i++) {
        double[] at = places.get(ring.get(i));
        if (i == 0) {
          shape.moveTo(at[0], at[1]);
        } else {
          shape.lineTo(at[0], at[1]);
        }
      }
      shape.closePath();
    }

    double left() {
      return shape.getBounds2D().getMinX();
    }

    double top() {
      return shape.getBounds2D().getMinY();
    }

    double width() {
      return shape.getBounds2D().getWidth();
    }

    double height() {
      return shape.getBounds2D().getHeight();
    }
  }

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
    Map<Integer, List<Integer>> border = new TreeMap<>();
    List<int[]> lines = new ArrayList<>();
    Set<Set<Integer>> drawn = new HashSet<>();
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
        case "M", "V", "C", "F" -> lines.add(new int[] {i, from, to});
        case "U", "J" -> {
          // Undecided lines are not folded.
        }
        default -> throw new BadFoldException("fold.kind", kinds.get(i).asText(""), i);
      }
    }
    addSheets(border);
    int folds = 0;
    for (int[] line : lines) {
      String kind = kinds.get(line[0]).asText().toUpperCase(Locale.ROOT);
      folds += draw(line, kind, folds) ? 1 : 0;
    }
    if (folds == 0 && sheets.size() == 1) {
      throw new BadFoldException("fold.no-folds");
    }
    return text();
  }

  /** Draws a line on the sheet that it lies on; says whether it folds. */
  private boolean draw(int[] line, String kind, int folds) {
    double[] from = places.get(line[1]);
    double[] to = places.get(line[2]);
    Sheet sheet = sheetAt((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
    switch (kind) {
      case "M" -> line(sheet, sheet.scores, "m" + (folds + 1), line, ", fold: mountain");
      case "V" -> line(sheet, sheet.scores, "v" + (folds + 1), line, ", fold: valley");
      case "F" -> line(sheet, sheet.scores, "f" + line[0], line, ", fold: decorative");
      default -> line(sheet, sheet.slits, "c" + line[0], line, "");
    }
    return kind.equals("M") || kind.equals("V");
  }

  private Sheet sheetAt(double x, double y) {
    double near = SAME * Math.max(1, Math.max(sheets.get(0).width(), sheets.get(0).height()));
    for (Sheet sheet : sheets) {
      if (sheet.shape.intersects(x - near, y - near, 2 * near, 2 * near)) {
        return sheet;
      }
    }
    // A border that crosses itself holds nothing; what is wrong with it is said of the piece.
    return sheets.get(0);
  }

  private void readPlaces() throws BadFoldException {
    JsonNode coordinates = frame.path("vertices_coords");
    if (!coordinates.isArray() || coordinates.size() < 3) {
      throw new BadFoldException("fold.vertices");
    }
    Rectangle2D all = new Rectangle2D.Double(0, 0, -1, -1);
    for (JsonNode each : coordinates) {
      double x = each.path(0).asDouble(Double.NaN);
      double y = -each.path(1).asDouble(Double.NaN);
      boolean flat = each.size() < 3 || each.path(2).asDouble(0) == 0;
      if (!Double.isFinite(x) || !Double.isFinite(y) || !flat) {
        throw new BadFoldException("fold.place", places.size());
      }
      same.add(first(x, y));
      places.add(new double[] {x, y});
      if (all.getWidth() < 0) {
        all.setRect(x, y, 0, 0);
      }
      all.add(x, y);
    }
    if (!(all.getWidth() > 0) || !(all.getHeight() > 0)) {
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

  private void line(Sheet sheet, StringBuilder into, String id, int[] line, String more) {
    into.append(
        String.format(
            "      %s: {label: Line %s, from: %s, to: %s%s}%n",
            id, id, place(sheet, line[1]), place(sheet, line[2]), more));
  }

  /** All sheets grow with the first one. */
  private String place(Sheet sheet, int vertex) {
    return "["
        + share(places.get(vertex)[0] - sheet.left(), sheets.get(0).width(), "width")
        + ", "
        + share(places.get(vertex)[1] - sheet.top(), sheets.get(0).height(), "height")
        + "]";
  }

  private static String share(double part, double whole, String side) {
    BigDecimal share =
        BigDecimal.valueOf(part / whole)
            .setScale(DECIMALS, RoundingMode.HALF_EVEN)
            .stripTrailingZeros();
    return share.signum() == 0 ? "0 mm" : side + " * " + share.toPlainString();
  }

  /** Walks each border from one corner to the next until it is back. */
  private void addSheets(Map<Integer, List<Integer>> border) throws BadFoldException {
    boolean areRings = border.values().stream().allMatch(next -> next.size() == 2);
    if (border.isEmpty() || !areRings) {
      throw new BadFoldException("fold.border");
    }
    Set<Integer> walked = new HashSet<>();
    for (int start : border.keySet()) {
      if (walked.contains(start)) {
        continue;
      }
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
      walked.addAll(ring);
      addSheet(ring);
    }
  }

  /** Sheets lie beside each other; one inside another is none. */
  private void addSheet(List<Integer> ring) throws BadFoldException {
    Sheet sheet = new Sheet(ring, places);
    boolean overlaps =
        sheets.stream().anyMatch(each -> each.shape.intersects(sheet.shape.getBounds2D()));
    if (ring.size() < 3 || overlaps || sheets.size() >= MOST_SHEETS) {
      throw new BadFoldException("fold.border");
    }
    if (!(sheet.width() > 0) || !(sheet.height() > 0)) {
      throw new BadFoldException("fold.flat-size");
    }
    sheets.add(sheet);
  }

  private double scale() throws BadFoldException {
    double side = Math.max(sheets.get(0).width(), sheets.get(0).height());
    double unit =
        switch (frame.path("frame_unit").asText("unit")) {
          case "mm" -> 1;
          case "cm" -> 10;
          case "m" -> 1000;
          case "in" -> 25.4;
          case "pt" -> 25.4 / 72;
          case "um" -> 0.001;
          default -> USUAL_SIDE / side;
        };
    if (!(side * unit < LONGEST)) {
      throw new BadFoldException("fold.large");
    }
    return unit;
  }

  private String text() throws BadFoldException {
    double scale = scale();
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
            + millimetres(sheets.get(0).width() * scale)
            + ", min: 5 mm, role: finished-width, scales: across}",
        "  height: {label: Sheet height, default: "
            + millimetres(sheets.get(0).height() * scale)
            + ", min: 5 mm, role: finished-height, scales: along}",
        "pieces:",
        pieces() + stages());
  }

  private String pieces() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < sheets.size(); i++) {
      Sheet sheet = sheets.get(i);
      List<String> corners = sheet.ring.stream().map(each -> place(sheet, each)).toList();
      String width = share(sheet.width(), sheets.get(0).width(), "width");
      String height = share(sheet.height(), sheets.get(0).height(), "height");
      text.append(i == 0 ? "  base:\n    label: sheet\n" : named(i));
      text.append("    size: [").append(width).append(", ").append(height).append("]\n");
      text.append("    outline: [").append(String.join(", ", corners)).append("]\n");
      text.append(sheet.scores.isEmpty() ? "" : "    scores:\n" + sheet.scores);
      text.append(sheet.slits.isEmpty() ? "" : "    slits:\n" + sheet.slits);
    }
    return text.toString();
  }

  private static String named(int index) {
    return "  sheet-" + (index + 1) + ":\n    label: sheet " + (index + 1) + "\n";
  }

  private String stages() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < sheets.size(); i++) {
      if (sheets.get(i).scores.toString().matches("(?s).*fold: (mountain|valley).*")) {
        String piece = i == 0 ? "" : ", piece: sheet-" + (i + 1);
        text.append("  - {stage: Fold all of it" + piece + ", drive: {all: 180}}\n");
      }
    }
    return text.isEmpty() ? "" : "folding:\n" + text;
  }

  private static String millimetres(double length) {
    return BigDecimal.valueOf(length).setScale(3, RoundingMode.HALF_EVEN).toPlainString() + " mm";
  }
}
