package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.HalfBuilt;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerances;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Hands that place by eye: they know the panel, between its folds and edges, and how large the
 * paper is, and obey the words; no mark is made.
 */
class EyeWordsTest {
  private static final LengthFormat METRIC = Words.on(Marks.MILLIMETRES, Fractions.PLAIN);

  /** What nobody sees, and half a mark of what is told in words, in millimetres. */
  private static final double SEEN = 1.3;

  private static final double NEARLY = 0.9;

  private static final java.util.regex.Pattern GAP =
      java.util.regex.Pattern.compile("some (?:about )?([0-9.]+).* (from) the (\\w+)");

  static Stream<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id);
  }

  private static Job job(String id) {
    Job job = Jobs.job(id, PatternLibrary.shipped().pattern(id).orElseThrow().normalValues());
    return job.withOrder(job.order().withOwn(job.order().own().placed(true)));
  }

  @ParameterizedTest
  @MethodSource("ids")
  void layers_lieWhereTheEyePutsThem(String id) {
    Job job = job(id);
    Design design = Jobs.derive(job).made().orElseThrow().design();
    GluingOrder order = GluingOrder.of(design, job.order().wish());
    for (Layer layer : design.layers()) {
      if (layer.shape() != Layer.Shape.WHOLE) {
        continue;
      }
      String words = order.glued(layer, design, false).say(METRIC);
      if (words.contains("its corner")) {
        // No eye finds its place: it reaches past a fold or lies beside a slanted edge.
        continue;
      }
      Piece piece = design.piece(layer.on()).orElseThrow();
      double wide = piece.width().toMillimetres();
      double left = layer.at().x().toMillimetres();
      double right = layer.right().toMillimetres();
      double middle = (left + right) / 2;
      double down = (layer.at().y().toMillimetres() + layer.bottom().toMillimetres()) / 2;
      Envelope panel = panel(piece, new Spot(middle, down));
      boolean turned = layer.face() == Face.OUTSIDE;
      Envelope seen =
          turned
              ? new Envelope(
                  wide - panel.getMaxX(), wide - panel.getMinX(), panel.getMinY(), panel.getMaxY())
              : panel;
      Spot laid = obey(words, seen, right - left, layer.height().toMillimetres());
      assertEquals(turned ? wide - right : left, laid.x(), SEEN, id + ": " + words);
      assertEquals(layer.at().y().toMillimetres(), laid.y(), SEEN, id + ": " + words);
    }
  }

  /** What is glued on goes where the eye puts it, on whatever lies on the table by itself. */
  @ParameterizedTest
  @MethodSource("ids")
  void parts_lieWhereTheEyePutsThem(String id) {
    Job job = job(id);
    Design design = Jobs.derive(job).made().orElseThrow().design();
    GluingOrder order = GluingOrder.of(design, job.order().wish());
    for (int i = 0; i < order.steps().size(); i++) {
      var joint = order.steps().get(i).act().joint();
      var place = GlueDrawing.place(order, design, i);
      boolean isByItself =
          joint.isPresent()
              && place.isPresent()
              && HalfBuilt.of(order, design, i)
                  .filter(it -> it.design().base().id().equals(joint.get().on()))
                  .isPresent();
      String words = place.map(each -> each.say(METRIC)).orElse("");
      if (!isByItself || words.contains(" corner ") || words.contains(" point ")) {
        continue;
      }
      Piece piece = design.piece(joint.get().on()).orElseThrow();
      double wide = piece.width().toMillimetres();
      double left = joint.get().area().at().x().toMillimetres();
      double right = joint.get().area().right().toMillimetres();
      double top = joint.get().area().at().y().toMillimetres();
      double high = joint.get().area().height().toMillimetres();
      Envelope panel = panel(piece, new Spot((left + right) / 2, top + high / 2));
      boolean turned = joint.get().face() == Face.OUTSIDE;
      Envelope seen =
          turned
              ? new Envelope(
                  wide - panel.getMaxX(), wide - panel.getMinX(), panel.getMinY(), panel.getMaxY())
              : panel;
      Spot laid = obey(words.replace(", as both lie here.", ""), seen, right - left, high);
      assertEquals(turned ? wide - right : left, laid.x(), SEEN, id + ": " + words);
      assertEquals(top, laid.y(), SEEN, id + ": " + words);
    }
  }

  /** From a place as far as the paper goes without a fold or an edge, both ways. */
  private static Envelope panel(Piece piece, Spot place) {
    Geometry paper =
        FlatPattern.of(piece, Tolerances.USUAL).facets().stream()
            .map(Facet::polygon)
            .filter(shape -> shape.getEnvelopeInternal().contains(place.x(), place.y()))
            .findFirst()
            .orElseThrow(() -> new AssertionError(piece.id() + " has nothing at " + place));
    // What is nibbled at its edge, as by a notch, is a rectangle to the eye.
    Envelope box = paper.getEnvelopeInternal();
    if (paper.getArea() > NEARLY * box.getArea()) {
      return box;
    }
    double far = 10_000;
    Envelope across =
        run(paper, new Coordinate(-far, place.y()), new Coordinate(far, place.y()), place);
    Envelope down =
        run(paper, new Coordinate(place.x(), -far), new Coordinate(place.x(), far), place);
    return new Envelope(across.getMinX(), across.getMaxX(), down.getMinY(), down.getMaxY());
  }

  /** What is cut out in between is no edge. */
  private static Envelope run(Geometry paper, Coordinate from, Coordinate to, Spot place) {
    Polygon whole =
        paper.getFactory().createPolygon(((Polygon) paper).getExteriorRing().getCoordinates());
    Geometry line = paper.getFactory().createLineString(new Coordinate[] {from, to});
    Geometry inside = line.intersection(whole);
    for (int i = 0; i < inside.getNumGeometries(); i++) {
      Envelope part = inside.getGeometryN(i).getEnvelopeInternal();
      if (part.distance(new Envelope(new Coordinate(place.x(), place.y()))) < 0.01) {
        return part;
      }
    }
    return paper.getEnvelopeInternal();
  }

  /** Returns where the upper left corner comes to lie. */
  private static Spot obey(String words, Envelope panel, double wide, double high) {
    String place = words.substring(words.indexOf(": ") + 2);
    double x = panel.getMinX() + (panel.getWidth() - wide) / 2;
    double y = panel.getMinY() + (panel.getHeight() - high) / 2;
    if (place.startsWith("in the middle of its panel")) {
      boolean isEven = place.contains("the border the same all round");
      assertTrue(
          !isEven || Math.abs(panel.getWidth() - wide - panel.getHeight() + high) < 3,
          words + " on " + panel + " " + wide + " x " + high);
      return new Spot(x, y);
    }
    for (String part : place.split(", ")) {
      Matcher gap = GAP.matcher(part);
      double from = 0;
      String side = part.replaceFirst(".* the ", "");
      if (gap.find()) {
        from = Double.parseDouble(gap.group(1)) * (gap.group(2).equals("from") ? 1 : -1);
        side = gap.group(3);
      } else if (!part.startsWith("flush with ")) {
        assertTrue(part.startsWith("midway "), part);
        continue;
      }
      switch (side.replace(" edge", "")) {
        case "left" -> x = panel.getMinX() + from;
        case "right" -> x = panel.getMaxX() - from - wide;
        case "top" -> y = panel.getMinY() + from;
        default -> y = panel.getMaxY() - from - high;
      }
    }
    return new Spot(x, y);
  }

  /** Nobody who places by eye is told to measure: neither in words nor on the picture. */
  @Test
  void byEye_nothingIsMeasured() {
    Job job = job("off-centre-gate");
    Design design = Jobs.derive(job).made().orElseThrow().design();
    GluingOrder eye = GluingOrder.of(design, job.order().wish());
    GluingOrder marks = GluingOrder.of(design, GluingOrder.Wish.NONE);
    Surface surface = new Surface(900, 600, Marks.MILLIMETRES, METRIC, TextMeasure.GUESS, 22);
    int fewer = 0;
    for (int i = 0; i < eye.steps().size(); i++) {
      for (var line : eye.walk(i, design, false, GlueDrawing.place(eye, design, i))) {
        String said = line.say(METRIC);
        assertTrue(!said.contains("its corner"), said);
      }
      boolean isSaid =
          GlueDrawing.place(eye, design, i)
              .filter(it -> it.say(METRIC).contains("its corner"))
              .isPresent();
      assertTrue(!isSaid || letters(eye, design, i, surface) > 0, "told by marks, and none drawn");
      fewer += letters(marks, design, i, surface) - letters(eye, design, i, surface);
    }
    assertTrue(fewer > 0, "as many numbers stand on the pictures");
  }

  private static int letters(GluingOrder order, Design design, int step, Surface surface) {
    return GlueDrawing.of(order, design, step, surface)
        .map(it -> (int) it.marks().stream().filter(Drawing.Caption.class::isInstance).count())
        .orElse(0);
  }
}
