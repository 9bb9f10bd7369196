package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Look;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Mark;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Drawing.Shape;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Surface;
import cufflink.files.Jobs;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every construction is pictured as the card it comes to, in colours of its own. */
class PortraitTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final double SIDE = 300;
  private static final Length METRE = Length.ofMillimetres(1000);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Drawing portrait(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    return portrait(Jobs.derive(Jobs.job(id, pattern.normalValues())), pattern.look());
  }

  private static Drawing portrait(Derivation derivation, Look look) {
    FoldModel model = derivation.made().orElseThrow().card().whole();
    return portrait(derivation, look, Portrait.moment(model, look));
  }

  private static Drawing portrait(Derivation derivation, Look look, double moment) {
    Design design = derivation.made().orElseThrow().design();
    FoldModel model = derivation.made().orElseThrow().card().whole();
    Surface surface =
        new Surface(
            SIDE,
            SIDE,
            Marks.MILLIMETRES,
            Words.on(Marks.MILLIMETRES, Fractions.PLAIN),
            (text, size) -> text.length() * size / 2,
            14);
    return Portrait.of(model, design, look, moment, surface);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void portrait_isPaperAndShadow_andNoMarksToWorkBy(String id) {
    Drawing drawing = portrait(id);
    int papers = 0;
    for (Mark mark : drawing.marks()) {
      if (mark instanceof Printed printed) {
        papers++;
        printed.rings().forEach(PortraitTest::assertInside);
        assertTrue(printed.light() >= 0 && printed.light() <= 1, id);
      } else if (mark instanceof Shape shape) {
        assertEquals(Fill.SHADOW, shape.fill(), id);
        assertInside(shape.corners());
      } else {
        assertEquals(Ink.PAPER_EDGE, ((Stroke) mark).ink(), id);
      }
    }
    assertTrue(papers > 1, id);
  }

  /** Whatever stands up throws its shadow within the picture, half way through each stage too. */
  @ParameterizedTest
  @MethodSource("ids")
  void shadow_staysInThePicture(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Derivation derivation = Jobs.derive(Jobs.job(id, pattern.normalValues()));
    int stages = derivation.made().orElseThrow().card().whole().stages().size();
    for (int half = 0; half <= 2 * stages; half++) {
      for (Mark mark : portrait(derivation, pattern.look(), half / 2.0).marks()) {
        if (mark instanceof Shape shape) {
          assertInside(shape.corners());
        }
      }
    }
  }

  private static void assertInside(List<Spot> corners) {
    for (Spot corner : corners) {
      assertTrue(corner.x() >= 0 && corner.x() <= SIDE, corner::toString);
      assertTrue(corner.y() >= 0 && corner.y() <= SIDE, corner::toString);
    }
  }

  /** Card, ground and ink together are no other construction's. */
  @Test
  void looks_areTheirOwn() {
    Set<List<Object>> palettes = new HashSet<>();
    for (Pattern pattern : LIBRARY.patterns()) {
      Look look = pattern.look();
      assertTrue(
          palettes.add(List.of(look.card(), look.ground(), look.ink(), look.motif())),
          pattern.id());
    }
  }

  /** Through the window of the slotted pair one sees what stands behind it. */
  @Test
  void window_isAHole() {
    long holed =
        portrait("slotted-pair").marks().stream()
            .filter(mark -> mark instanceof Printed printed && printed.rings().size() > 1)
            .count();
    long shapes =
        portrait("criss-cross-pocket").marks().stream()
            .filter(mark -> mark instanceof Printed printed && printed.rings().size() > 1)
            .count();
    assertTrue(holed + shapes > 0, "no hole in " + holed + " and " + shapes);
  }

  /** The shadow of what lies flat and low falls to the right and down of it. */
  @Test
  void shadow_fallsToTheRightAndDown() {
    Drawing drawing = portrait("turn-back-pocket");
    double[] paper = {Double.MAX_VALUE, 0};
    double[] shade = {Double.MAX_VALUE, 0};
    for (Mark mark : drawing.marks()) {
      if (mark instanceof Printed printed) {
        printed.rings().get(0).forEach(corner -> widen(paper, corner));
      } else if (mark instanceof Shape shape) {
        shape.corners().forEach(corner -> widen(shade, corner));
      }
    }
    assertTrue(shade[1] > paper[1], "the shadow ends farther right than the paper");
  }

  private static void widen(double[] range, Spot corner) {
    range[0] = Math.min(range[0], corner.x());
    range[1] = Math.max(range[1], corner.x());
  }

  /** The maker's own papers, wherever they lie; what nothing was said of stays as it was. */
  @ParameterizedTest
  @MethodSource("ids")
  void papersOfTheMaker_areShown(String id) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Papers papers =
        Papers.USUAL
            .looking(PaperRole.CARDSTOCK, new Papers.Colours(Tint.SKY, Tint.RUST, Motif.PLAIN))
            .looking(PaperRole.PATTERNED, new Papers.Colours(Tint.STRAW, Tint.PLUM, Motif.CHECKS));
    Job job = Jobs.job(id, pattern.normalValues()).withPapers(papers);
    Derivation derivation = Jobs.derive(job);
    Look look = derivation.look();
    assertEquals(pattern.look().colours(PaperRole.RIBBON), look.colours(PaperRole.RIBBON));
    Set<Integer> grounds = new HashSet<>();
    for (Mark mark : portrait(derivation, look).marks()) {
      if (mark instanceof Printed printed) {
        grounds.add(printed.ground());
      }
    }
    Set<Integer> known = new HashSet<>();
    for (Tint tint : List.of(Tint.SKY, Tint.STRAW, Tint.PLUM, Tint.WHITE)) {
      known.add(tint.rgb());
      known.add(tint.pale());
    }
    known.add(look.colours(PaperRole.RIBBON).ground().rgb());
    assertTrue(known.containsAll(grounds), id + " " + grounds);
    assertTrue(grounds.contains(Tint.SKY.rgb()) || grounds.contains(Tint.SKY.pale()), id);
  }

  /**
   * What is held is seen where its pocket is, once there is one, and nowhere if it is too large.
   */
  @Test
  void held_peepsOut() {
    for (String id : List.of("ridge-pocket-holder", "ribbon-hinge-wallet", "turn-back-pocket")) {
      Pattern pattern = LIBRARY.pattern(id).orElseThrow();
      Job job = Jobs.job(id, pattern.normalValues());
      int without = portrait(Jobs.derive(job), Jobs.derive(job).look()).marks().size();
      Job holding = job.withItem(StandardSizes.item("gift-card"));
      int with = portrait(Jobs.derive(holding), Jobs.derive(holding).look()).marks().size();
      assertTrue(with > without, id);
      Job poster = job.withItem(Optional.of(HeldItem.own("poster", METRE, METRE)));
      int tooLarge = portrait(Jobs.derive(poster), Jobs.derive(poster).look()).marks().size();
      assertEquals(without, tooLarge, id);
    }
  }
}
