package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.export.PlanJson;
import cufflink.files.words.Words;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * A label that is glued onto a triangle of paper and trimmed along its slanted edge from behind
 * covers exactly what a label and a triangle have in common, as the Java library finds it from the
 * numbers of the plan; and the blade goes along the slant.
 */
class FlushTest {
  private static final double INCH = 25.4;

  private static JsonNode plan(Values values) throws Exception {
    Derivation derivation = Jobs.derive(Jobs.job("criss-cross-pocket", values));
    var format = Words.on(Marks.HALF_MILLIMETRES, Fractions.PLAIN);
    return new ObjectMapper().readTree(new PlanJson(format).plan(derivation, ""));
  }

  /** Measured in millimetres on a left piece that lies inside up: its slant falls to the left. */
  private static Area triangle(double width, double height, double border) {
    double inset = border * Math.min(width, height) / (width + height + Math.hypot(width, height));
    double right = 2 * width - inset;
    double foot = height - inset;
    Path2D path = new Path2D.Double();
    path.moveTo(right, foot);
    path.lineTo(right - (width - border), foot);
    path.lineTo(right, foot - (height - border));
    path.closePath();
    Area area = new Area(path);
    // The triangle lies on the left half, folded over: its place is mirrored at the fold.
    area.transform(new AffineTransform(-1, 0, 0, 1, 2 * width, 0));
    area.transform(new AffineTransform(-1, 0, 0, 1, width, 0));
    return area;
  }

  private static double size(Area area) {
    double twice = 0;
    double[] at = new double[6];
    double[] first = new double[2];
    double[] last = new double[2];
    for (PathIterator edge = area.getPathIterator(null); !edge.isDone(); edge.next()) {
      switch (edge.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> {
          first = new double[] {at[0], at[1]};
          last = first;
        }
        case PathIterator.SEG_CLOSE -> twice += last[0] * first[1] - first[0] * last[1];
        default -> {
          twice += last[0] * at[1] - at[0] * last[1];
          last = new double[] {at[0], at[1]};
        }
      }
    }
    return Math.abs(twice) / 2;
  }

  private static double size(JsonNode outline) {
    double twice = 0;
    for (int i = 0; i < outline.size(); i++) {
      JsonNode here = outline.get(i);
      JsonNode next = outline.get((i + 1) % outline.size());
      twice +=
          here.get(0).asDouble() * next.get(1).asDouble()
              - next.get(0).asDouble() * here.get(1).asDouble();
    }
    return Math.abs(twice) / 2;
  }

  private static JsonNode named(JsonNode all, String id) {
    for (JsonNode each : all) {
      if (each.path("id").asText().equals(id)) {
        return each;
      }
    }
    throw new AssertionError(id + " in " + all);
  }

  @Test
  void label_isWhatItSharesWithItsTriangle() throws Exception {
    Random random = new Random(7);
    int cut = 0;
    for (int i = 0; i < 40; i++) {
      double width = 130 + random.nextInt(40);
      double height = 90 + random.nextInt(30);
      double wide = 40 + random.nextInt(50);
      double from = random.nextInt((int) (width - wide));
      double down = height / 2 + random.nextInt((int) (height / 4));
      Values values =
          Values.NONE
              .and("width", Length.fromMillimetres(width))
              .and("height", Length.fromMillimetres(height))
              .and("label_wide", Length.fromMillimetres(wide))
              .and("label_high", Length.fromMillimetres(20))
              .and("label_from", Length.fromMillimetres(from))
              .and("label_down", Length.fromMillimetres(down));
      JsonNode plan = plan(values);
      Area shared = triangle(width, height, 6);
      shared.intersect(new Area(new Rectangle2D.Double(from, down, wide, 20)));
      JsonNode label = named(plan.path("pieces"), "label");
      assertEquals(size(shared), size(label.path("outline")), 0.01, values.toString());
      for (JsonNode move : plan.path("moves")) {
        if (move.has("along") && slanted(move.path("line"))) {
          cut++;
          double inset = 6 * Math.min(width, height) / (width + height + Math.hypot(width, height));
          String words = move.path("words").asText();
          assertPast(words, "right side", width - inset - from - wide);
          assertPast(words, "lower edge", height - inset - down - 20);
          assertEquals("triangles", move.path("along").asText());
          // From behind it lies as the piece beneath it does: the slant rises to the right; its
          // ends
          // are to the eighth of a micrometre.
          assertEquals(-(height - 6) / (width - 6), slope(move.path("line")), 1e-3);
        }
      }
    }
    assertTrue(cut > 10, "only " + cut);
  }

  /** Reads how far the triangle, as it is laid on the label's back, stands out beyond it. */
  private static void assertPast(String words, String side, double past) {
    Matcher told =
        Pattern.compile("its " + side + " (.*?) (past|short of) that of this piece").matcher(words);
    if (!told.find()) {
      assertTrue(Math.abs(past) < 0.6 && words.contains("its " + side + " level"), words);
      return;
    }
    double said = read(told.group(1));
    assertEquals(past, told.group(2).equals("past") ? said : -said, 0.6, words);
  }

  /** "17 (then about 0.5 less)"; a hair is too little to see. */
  private static double read(String text) {
    String[] parts = text.replaceFirst("^about ", "").split(" \\(then ");
    double number = parts[0].equals("a hair") ? 0 : Double.parseDouble(parts[0]);
    if (parts.length == 1 || parts[1].startsWith("a hair")) {
      return number;
    }
    double rest = Double.parseDouble(parts[1].replaceAll("[^\\d.]", ""));
    return parts[1].endsWith("more)") ? number + rest : number - rest;
  }

  private static boolean slanted(JsonNode line) {
    return line.get(0).get(0).asDouble() != line.get(1).get(0).asDouble()
        && line.get(0).get(1).asDouble() != line.get(1).get(1).asDouble();
  }

  private static double slope(JsonNode line) {
    return (line.get(1).get(1).asDouble() - line.get(0).get(1).asDouble())
        / (line.get(1).get(0).asDouble() - line.get(0).get(0).asDouble());
  }

  /** Common practice, no source: 1 x 3 1/2 on 5 1/4 x 4, its corner at the slant cut away. */
  @Test
  void label_ofTheTrade_losesOneCorner() throws Exception {
    Values values =
        Values.NONE
            .and("width", Length.fromMillimetres(5.5 * INCH))
            .and("height", Length.fromMillimetres(4.25 * INCH))
            .and("border", Length.fromMillimetres(INCH / 4))
            .and("label_wide", Length.fromMillimetres(3.5 * INCH))
            .and("label_high", Length.fromMillimetres(INCH))
            .and("label_from", Length.fromMillimetres(1.25 * INCH))
            .and("label_down", Length.fromMillimetres(2.75 * INCH));
    JsonNode label = named(plan(values).path("pieces"), "label");
    assertEquals(5, label.path("outline").size());
  }
}
