package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Fresh;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Ink;
import cufflink.core.value.Setting;
import cufflink.files.Jobs;
import cufflink.files.glue.WalkTest.Box;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is put on at an angle: a ruler and a protractor on the picture read what is said. */
class TiltedTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final java.util.regex.Pattern SAID =
      java.util.regex.Pattern.compile(
          "its middle ([0-9.]+).* from the left edge and ([0-9.]+).* from the top, turned"
              + " ([0-9]+) degrees to the (left|right)");

  /** Half a mark is told in words behind the number. */
  private static final double HALF = 0.55;

  private static Design design(String id, Face face, Topper.Shape shape, long tilt) {
    Pattern bare = LIBRARY.pattern(id).orElseThrow();
    Derivation.Made made = Jobs.derive(Jobs.job(id, bare.normalValues())).made().orElseThrow();
    Design design = made.design();
    List<Facet> panels = FlatPattern.of(design.base(), made.card().flat().tolerances()).facets();
    Topper.Start room = Fresh.of(shape, design, design.base(), face, panels, Marks.MILLIMETRES);
    // Wider than high, so that its long side is known.
    Length across = room.across().min(room.down().times(2));
    Topper label =
        new Topper(
            "own1",
            "label",
            "",
            shape,
            Topper.Stock.WHITE,
            "base",
            face,
            Topper.Fixing.FLAT,
            new Topper.Start(across, Length.ofUnits(across.units() / 2), room.left(), room.top()));
    Pattern pattern = LIBRARY.pattern(id, Set.of(), List.of(label)).orElseThrow();
    Job job =
        Jobs.job(
            id,
            pattern
                .normalValues()
                .and(label.value(Topper.Measure.TILT), new Setting.OfCount(tilt)));
    return Jobs.derive(job.withOrder(Order.ONE.withToppers(List.of(label))))
        .made()
        .orElseThrow()
        .design();
  }

  @ParameterizedTest
  @CsvSource({"INSIDE, 12", "INSIDE, -20", "OUTSIDE, 12", "OUTSIDE, -20"})
  void rulerAndProtractor_readWhatIsSaid(Face face, long tilt) {
    int read = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      Design card = design(pattern.id(), face, Topper.Shape.RECTANGLE, tilt);
      GluingOrder order = GluingOrder.of(card, GluingOrder.Wish.NONE);
      for (int i = 0; i < order.steps().size(); i++) {
        boolean isOwn =
            order.steps().get(i).act().joint().filter(it -> it.id().equals("own1")).isPresent();
        if (!isOwn) {
          continue;
        }
        Drawing drawing = GlueDrawing.of(order, card, i, WalkTest.SURFACE).orElseThrow();
        String told =
            GlueDrawing.place(order, card, i).orElseThrow().say(WalkTest.SURFACE.format());
        Matcher said = SAID.matcher(told);
        assertTrue(said.find(), pattern.id() + ": " + told);
        List<Stroke> strokes = WalkTest.strokes(drawing);
        int at = WalkTest.last(strokes, Ink.PLACE);
        Box dashes = Box.of(strokes.get(at).path().stream());
        Box paper = Box.of(WalkTest.places(strokes.subList(0, at), Ink.CUT).stream());
        double turned = turned(strokes.get(at).path());
        double asked = said.group(4).equals("right") ? tilt(said) : -tilt(said);
        String what = pattern.id() + " " + face + ": " + told;
        assertEquals(0, Math.IEEEremainder(turned - asked, 90), 0.6, what + ", not " + turned);
        assertEquals(tilt, asked, what);
        // What hangs over its edges hides them from the ruler.
        boolean isWhole =
            card.piece("base").orElseThrow().count() == 1
                && card.joints().stream().noneMatch(joint -> card.overhangs(joint.id()));
        if (isWhole && order.steps().get(i).act().host().equals(card.base().id())) {
          double x = ((dashes.left() + dashes.right()) / 2 - paper.left()) / drawing.scale();
          double y = ((dashes.top() + dashes.bottom()) / 2 - paper.top()) / drawing.scale();
          assertEquals(x, Double.parseDouble(said.group(1)), HALF, what);
          assertEquals(y, Double.parseDouble(said.group(2)), HALF, what);
        }
        read++;
      }
    }
    assertTrue(read >= 20, "only " + read);
  }

  private static double tilt(Matcher said) {
    return Double.parseDouble(said.group(3));
  }

  /** How far the first side is turned clockwise, in degrees. */
  private static double turned(List<Spot> ring) {
    Spot from = ring.get(0);
    Spot to = ring.get(1);
    return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
  }

  /** What is round is not offered as the rectangle about it. */
  @Test
  void roundPlace_isDrawnRound() {
    Design card = design("banded-half-fold", Face.INSIDE, Topper.Shape.OVAL, 0);
    GluingOrder order = GluingOrder.of(card, GluingOrder.Wish.NONE);
    for (int i = 0; i < order.steps().size(); i++) {
      if (order.steps().get(i).act().joint().filter(it -> it.id().equals("own1")).isPresent()) {
        List<Stroke> strokes =
            WalkTest.strokes(GlueDrawing.of(order, card, i, WalkTest.SURFACE).orElseThrow());
        List<Spot> ring = strokes.get(WalkTest.last(strokes, Ink.PLACE)).path();
        Box box = Box.of(ring.stream());
        double area = Facet.polygon(ring.subList(0, ring.size() - 1)).getArea();
        assertEquals(Math.PI / 4 * box.wide() * box.high(), area, area * 0.01);
      }
    }
  }
}
