package cufflink.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.cut.Trimmer;
import cufflink.core.cut.Watch;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.run.Hand;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Caption;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.words.Language;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrimDrawingTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final Surface SURFACE =
      new Surface(900, 560, Marks.MILLIMETRES, FORMAT, TextMeasure.GUESS, 22);
  private static final double TOUCHING = 1e-6;

  private static Part part(String id, int width, int height, int count) {
    return new Part(
        id,
        id,
        Length.ofMillimetres(width),
        Length.ofMillimetres(height),
        count,
        Part.Folds.EITHER);
  }

  private static CutPlan plan() {
    Stock a4 =
        new Stock(
            "a4", "A4", Length.ofMillimetres(210), Length.ofMillimetres(297), 0, false, Paper.CARD);
    CutQuestion question =
        new CutQuestion(
            List.of(part("front", 92, 124, 5), part("tag", 40, 55, 6)), List.of(a4), Trimmer.USUAL);
    return CutPlanner.plan(question, List.of(), Watch.NOBODY);
  }

  @Test
  void of_everyMoment_staysOnTheSurfaceAndClear() {
    CutPlan plan = plan();
    TrimRun run = TrimRun.of(plan, Trimmer.USUAL);
    for (int done = 0; done <= run.steps().size(); done++) {
      Drawing drawing = TrimDrawing.of(plan, run, done, Hand.RIGHT, SURFACE);
      List<Caption> captions =
          drawing.marks().stream()
              .filter(Caption.class::isInstance)
              .map(Caption.class::cast)
              .filter(each -> each.size() > 13)
              .toList();
      for (Caption caption : captions) {
        Drawing.Box box = caption.box(TextMeasure.GUESS);
        assertTrue(box.left() >= 0 && box.top() >= 0, caption + " is cut off");
        assertTrue(box.right() <= 900 && box.bottom() <= 560, caption + " is cut off");
        for (Caption other : captions) {
          assertTrue(
              other == caption || !box.overlaps(other.box(TextMeasure.GUESS)),
              caption + " covers " + other);
        }
      }
    }
  }

  /** The paper on the trimmer is in true proportion, and the blade stands where the fence says. */
  @Test
  void of_theBladeStandsAtTheFencesNumber() {
    CutPlan plan = plan();
    TrimRun run = TrimRun.of(plan, Trimmer.USUAL);
    for (int done = 0; done < run.steps().size(); done++) {
      TrimStep step = run.steps().get(done);
      Drawing drawing = TrimDrawing.of(plan, run, done, Hand.RIGHT, SURFACE);
      Shape fence =
          drawing.marks().stream()
              .filter(mark -> mark instanceof Shape shape && shape.fill() == Fill.FENCE)
              .map(Shape.class::cast)
              .findFirst()
              .orElseThrow();
      double edge = fence.corners().stream().mapToDouble(Spot::x).max().orElseThrow();
      Stroke blade =
          drawing.marks().stream()
              .filter(mark -> mark instanceof Stroke stroke && stroke.ink() == Ink.NEXT_CUT)
              .map(Stroke.class::cast)
              .findFirst()
              .orElseThrow();
      List<Shape> papers =
          drawing.marks().stream()
              .filter(mark -> mark instanceof Shape shape && shape.fill() != Fill.FENCE)
              .map(Shape.class::cast)
              .limit(2)
              .toList();
      double far = papers.get(1).corners().stream().mapToDouble(Spot::x).max().orElseThrow();
      double share = (blade.path().get(0).x() - edge) / (far - edge);
      double wanted = step.fence().toMillimetres() / step.along().toMillimetres();
      assertEquals(wanted, share, TOUCHING);
    }
  }

  @Test
  void directions_sayFenceSideAndResult() {
    CutPlan plan = plan();
    TrimRun run = TrimRun.of(plan, Trimmer.USUAL);
    TrimStep first = run.steps().get(0);
    assertTrue(first.factory());
    assertEquals(
        "Sheet 1: "
            + (first.turned() ? "turn it so that the 297 side is" : "the 210 side")
            + " along the top, a factory edge at the fence.",
        TrimDirections.lay(first).say(FORMAT));
    assertTrue(
        TrimDirections.makes(first).say(FORMAT).startsWith("At the fence: "),
        TrimDirections.makes(first).say(FORMAT));
  }
}
