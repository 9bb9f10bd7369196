package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Fresh;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.drawing.Portrait;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Figures that are not their own mirror image, wherever they are looked at. */
class FigureSeenTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final int INK = 0x33302C;

  /** An L: whatever is turned is still one, and what is mirrored is none. */
  private static final Outline ELL =
      new Outline(
          List.of(
              new Outline.Corner(0, 0),
              new Outline.Corner(0.3, 0),
              new Outline.Corner(0.3, 0.76),
              new Outline.Corner(1, 0.76),
              new Outline.Corner(1, 1),
              new Outline.Corner(0, 1)));

  private static Derivation derive(String id, List<Topper> toppers, long tilt) {
    Pattern pattern = LIBRARY.pattern(id, Set.of(), toppers).orElseThrow();
    Values values = pattern.normalValues();
    for (Topper each : toppers) {
      values = values.and(each.value(Topper.Measure.TILT), new Setting.OfCount(tilt));
    }
    return Jobs.derive(Jobs.job(id, values).withOrder(Order.ONE.withToppers(toppers)));
  }

  private static Topper topper(String id, Topper.Shape shape, Face face, Topper.Fixing fixing) {
    Derivation.Made made = derive(id, List.of(), 0).made().orElseThrow();
    Design design = made.design();
    List<Facet> panels = FlatPattern.of(design.base(), made.card().flat().tolerances()).facets();
    return new Topper(
        "own1",
        "figure",
        "",
        shape,
        Topper.Stock.WHITE,
        "base",
        face,
        fixing,
        Fresh.of(shape, design, design.base(), face, panels, Marks.MILLIMETRES),
        Optional.of(ELL),
        "",
        Topper.Which.ALL);
  }

  /** JTS turns and scales the L; what is drawn is one of these, straight from above. */
  @Test
  void figure_isNeverMirrored_onAnyConstruction() {
    int seen = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Face face : Face.values()) {
        Topper figure = topper(pattern.id(), Topper.Shape.OUTLINE, face, Topper.Fixing.FLAT);
        Derivation derivation = derive(pattern.id(), List.of(figure), 0);
        FoldModel model = derivation.made().orElseThrow().card().whole();
        model.prepare(() -> false);
        double share =
            figure.start().down().toMillimetres() / figure.start().across().toMillimetres();
        for (int done = 0; done <= model.stages().size(); done++) {
          for (Polygon drawn :
              model.layering().lies(done) ? drawn(derivation, model, done) : List.<Polygon>of()) {
            String what = pattern.id() + " " + face + " " + done;
            assertTrue(isLike(drawn, share, false), what + ": " + drawn);
            assertTrue(!isLike(drawn, share, true), what + " could be either");
            seen++;
          }
        }
      }
    }
    assertTrue(seen >= 40, "only " + seen);
  }

  /** Whatever a maker puts on it, a paper keeps the colour that it has. */
  @Test
  void papers_keepTheirColours() {
    int same = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Face face : Face.values()) {
        Topper figure =
            topper(pattern.id(), Topper.Shape.CIRCLE, face, Topper.Fixing.FLAT)
                .cutFrom(Topper.Stock.PATTERNED);
        Map<Ref, Integer> bare = grounds(derive(pattern.id(), List.of(), 0));
        assertEquals(bare, grounds(derive(pattern.id(), List.of(figure), 0)), pattern.id());
        same += bare.size();
      }
    }
    assertTrue(same > 60, "only " + same);
  }

  private static Map<Ref, Integer> grounds(Derivation derivation) {
    Derivation.Made made = derivation.made().orElseThrow();
    FoldModel model = made.card().whole();
    model.prepare(() -> false);
    Map<Ref, Integer> grounds = new HashMap<>();
    for (int done = 0; done <= model.stages().size(); done++) {
      Drawing drawing =
          Portrait.of(model, made.design(), derivation.look(), done, Pictures.square(400));
      for (Drawing.Mark mark : drawing.marks()) {
        boolean isLayer =
            made.design().layers().stream()
                .anyMatch(layer -> mark.ref().equals(new Ref(layer.on(), layer.id())));
        if (isLayer && mark instanceof Drawing.Printed printed) {
          grounds.put(mark.ref(), printed.ground());
        }
      }
    }
    return grounds;
  }

  private static List<Polygon> drawn(Derivation derivation, FoldModel model, int done) {
    List<Polygon> drawn = new ArrayList<>();
    Design design = derivation.made().orElseThrow().design();
    Drawing drawing =
        Portrait.of(model, design, derivation.look().from(0, 0, 0), done, Pictures.square(600));
    List<Polygon> over = new ArrayList<>();
    for (int i = drawing.marks().size() - 1; i >= 0; i--) {
      if (drawing.marks().get(i) instanceof Drawing.Printed printed) {
        Polygon paper = Facet.polygon(printed.rings().get(0));
        boolean isOwn = printed.ref().piece().equals("own1") || printed.ref().line().equals("own1");
        boolean isHidden =
            over.stream().anyMatch(each -> each.intersects(paper.getInteriorPoint()));
        if (isOwn && !isHidden) {
          drawn.add(paper);
        }
        over.add(paper);
      }
    }
    return drawn;
  }

  private static boolean isLike(Polygon drawn, double share, boolean mirrored) {
    Polygon ell =
        Facet.polygon(
            ELL.corners().stream()
                .map(each -> new Spot(mirrored ? -each.x() : each.x(), each.y() * share))
                .toList());
    for (int quarter = 0; quarter < 4; quarter++) {
      Geometry turned = AffineTransformation.rotationInstance(quarter * Math.PI / 2).transform(ell);
      Envelope from = turned.getEnvelopeInternal();
      Envelope to = drawn.getEnvelopeInternal();
      double scale = to.getWidth() / from.getWidth();
      AffineTransformation over =
          AffineTransformation.translationInstance(-from.getMinX(), -from.getMinY());
      over.scale(scale, scale).translate(to.getMinX(), to.getMinY());
      Geometry laid = over.transform(turned);
      if (laid.symDifference(drawn).getArea() < 0.06 * drawn.getArea()) {
        return true;
      }
    }
    return false;
  }

  private static Set<FindingKind> found(int top, long tilt) {
    Topper label =
        new Topper(
            "own1",
            "label",
            "",
            Topper.Shape.RECTANGLE,
            Topper.Stock.WHITE,
            "base",
            Face.INSIDE,
            Topper.Fixing.FLAT,
            new Topper.Start(
                Length.ofMillimetres(60),
                Length.ofMillimetres(10),
                Length.ofMillimetres(30),
                Length.ofMillimetres(top)));
    return derive("banded-half-fold", List.of(label), tilt).findings().stream()
        .map(Finding::kind)
        .collect(Collectors.toSet());
  }

  /** Words stand on the paper of the figure, and not where its outline leaves none. */
  @ParameterizedTest
  @CsvSource({"INSIDE, 0", "OUTSIDE, 0", "OUTSIDE, 180", "INSIDE, 90"})
  void words_standOnTheFigure(Face face, long tilt) {
    Topper figure =
        topper("banded-half-fold", Topper.Shape.OUTLINE, face, Topper.Fixing.FLAT).saying("xx");
    Derivation derivation = derive("banded-half-fold", List.of(figure), tilt);
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    Drawing drawing =
        Portrait.of(
            model,
            derivation.made().orElseThrow().design(),
            derivation.look().from(0, face == Face.INSIDE ? 0 : 180, 0),
            0,
            Pictures.square(600));
    Geometry paper = null;
    int letters = 0;
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed printed) {
        Polygon shape = Facet.polygon(printed.rings().get(0));
        if (printed.ref().piece().equals("own1")) {
          paper = shape;
        } else if (printed.ground() == INK) {
          letters++;
          assertTrue(paper.buffer(0.5).covers(shape), face + " " + tilt);
        }
      }
    }
    assertTrue(letters >= 2, "only " + letters);
  }

  /** By hand: folded at 100, a strip of 60 by 10 at 80 reaches 115 once it is set up. */
  @Test
  void tilted_itsGlueMayLieOnTheFold_orBesideThePaper() {
    assertFalse(found(80, 0).contains(FindingKind.GLUE_ON_SCORE));
    assertTrue(found(80, 90).contains(FindingKind.GLUE_ON_SCORE));
    assertTrue(found(80, 60).contains(FindingKind.GLUE_ON_SCORE));
    assertFalse(found(60, 90).contains(FindingKind.GLUE_ON_SCORE));
    assertFalse(found(5, 0).contains(FindingKind.GLUE_OFF_PAPER));
    assertTrue(found(5, 90).contains(FindingKind.GLUE_OFF_PAPER));
  }

  /** Whoever turns a part turns the glue on it as well: it goes onto the part's own paper. */
  @ParameterizedTest
  @CsvSource({"0", "35", "90", "180", "-120"})
  void glue_turnsWithItsPart(long tilt) {
    for (Topper.Shape shape : Topper.Shape.values()) {
      for (Face face : Face.values()) {
        for (boolean byFoot : new boolean[] {false, true}) {
          Topper.Fixing fixing = new Topper.Fixing(Adhesive.LIQUID, byFoot, true);
          Topper own = topper("banded-half-fold", shape, face, fixing);
          Design design =
              derive("banded-half-fold", List.of(own), tilt).made().orElseThrow().design();
          Joint joint =
              design.joints().stream()
                  .filter(each -> each.piece().equals("own1"))
                  .findFirst()
                  .orElseThrow();
          Polygon paper = Facet.polygon(Glued.outline(joint, design.piece("own1").orElseThrow()));
          for (List<Spot> glue : Glued.glue(joint)) {
            assertTrue(
                paper.buffer(0.05).covers(Facet.polygon(glue)),
                shape + " " + face + " " + tilt + (byFoot ? " by its foot" : ""));
          }
        }
      }
    }
  }
}
