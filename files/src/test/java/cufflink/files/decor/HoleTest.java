package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Fresh;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Area;
import cufflink.core.run.SecondCut;
import cufflink.core.scene.Drawing;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.figure.Figure;
import cufflink.files.figure.FigureTest;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/** Figures with holes: from their files to what is cut, glued, seen and kept. */
class HoleTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final String OPEN =
      "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='60mm' viewBox='0 0 120 120'>";

  /** A square plate with a hole on its point nearer its left and much nearer its top. */
  private static final String PLATE =
      "<path fill-rule='evenodd' d='M10 10 h100 v100 h-100 z M40 20 l10 10 l-10 10 l-10 -10 z'/>";

  @TempDir private Path folder;

  private Parsed<Figure> read(String shape) throws IOException {
    Path file = Files.writeString(folder.resolve("figure.svg"), OPEN + shape + "</svg>");
    return Figure.read(file);
  }

  /** What is cut is what another reader paints of the same shape, by both rules of SVG. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        PLATE,
        // Both lines run the same way round: by the usual rule there is no hole.
        "<path d='M10 10 h100 v100 h-100 z M30 20 h20 v20 h-20 z'/>",
        "<path d='M10 10 h100 v100 h-100 z M30 20 v20 h20 v-20 z'/>",
        "<path d='M10 10 v100 h100 v-100 z M30 20 h20 v20 h-20 z'/>",
        "<path style='fill: black; fill-rule: evenodd' d='M60 5 L114 110 L6 110 Z"
            + " M60 60 a14 14 0 1 0 0.01 0 z M30 96 h12 v8 h-12 z M78 96 h12 v8 h-12 z'/>",
        "<g fill-rule='evenodd'><g transform='rotate(20 60 60)'>"
            + "<path d='M20 30 h80 v60 h-80 z M30 40 h20 v40 h-20 z M70 40 q15 20 0 40 z'/></g></g>",
        "<g fill-rule='evenodd'><path fill-rule='nonzero'"
            + " d='M20 30 h80 v60 h-80 z M30 40 h20 v40 h-20 z'/></g>",
        "<polygon points='10,10 110,10 110,110 10,110'/>"
      })
  void hole_isWhereAnotherReaderPaintsNothing(String shape) throws IOException {
    Figure figure = read(shape).value().orElseThrow();
    double scale = figure.across().toMillimetres() * figure.down().toMillimetres();
    double painted = FigureTest.painted(folder, OPEN + shape + "</svg>");
    assertEquals(painted, FigureTest.area(figure) * scale, painted * 0.01 + 1, shape);
  }

  /** What lies in a hole falls out with it; a figure beside the largest is none of its holes. */
  @Test
  void island_fallsOut() throws IOException {
    String ring = "M10 10 h100 v100 h-100 z M20 20 h60 v60 h-60 z";
    String island = "M30 30 h40 v40 h-40 z M40 40 h20 v20 h-20 z";
    String rule = "<path fill-rule='evenodd' d='%s'/>";
    Figure figure = read(rule.formatted(ring + island)).value().orElseThrow();
    assertEquals(1, figure.outline().holes().size());
    double painted = FigureTest.painted(folder, OPEN + rule.formatted(ring) + "</svg>");
    assertEquals(painted, FigureTest.area(figure) * 50 * 50, painted * 0.01);
    String beside = "<path fill-rule='evenodd' d='M0 0 h60 v60 h-60 z M70 70 h20 v20 h-20 z'/>";
    assertEquals(List.of(), read(beside).value().orElseThrow().outline().holes());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "M0 0 h99 v99 h-99 z M50 50 h99 v20 h-99 z|crosses itself",
        "M0 0 h99 v99 h-99 z M20 20 L40 40 L40 20 L20 40 z|crosses itself",
        "M0 0 h99 v99 h-99 z M20 20 h30 v30 h-30 z M40 40 h30 v30 h-30 z|crosses itself",
        "M0 0 h99 v99 h-99 z M1 1 h97 v97 h-97 z|too thin"
      })
  void holesThatCannotBeCut_areTold(String path, String says) throws IOException {
    Parsed<Figure> read = read("<path fill-rule='evenodd' d='" + path + "'/>");
    assertTrue(read.value().isEmpty(), path);
    String told = read.problem().say(Spoken.ENGLISH);
    assertTrue(told.contains(says) && told.contains("figure.svg"), told);
  }

  @Test
  void moreHolesThanAHandCuts_areTold() throws IOException {
    for (int many : new int[] {24, 25}) {
      StringBuilder path = new StringBuilder("M0 0 h120 v120 h-120 z");
      for (int i = 0; i < many; i++) {
        path.append("M").append(5 + i % 5 * 22).append(' ').append(5 + i / 5 * 22);
        path.append(" a8 8 0 1 0 0.01 0 z".replace("a8 8", "m8 0 a8 8"));
      }
      Parsed<Figure> read = read("<path fill-rule='evenodd' d='" + path + "'/>");
      if (many == 24) {
        assertEquals(24, read.value().orElseThrow().outline().holes().size());
      } else {
        assertTrue(read.problem().say(Spoken.ENGLISH).contains("more holes than the 24"));
      }
    }
  }

  private Job job(Pattern pattern, Face face, Outline outline) {
    Job job = Jobs.job(pattern.id(), pattern.normalValues());
    Derivation.Made made = Jobs.derive(job).made().orElseThrow();
    Design design = made.design();
    List<Facet> panels = FlatPattern.of(design.base(), made.card().flat().tolerances()).facets();
    Topper topper =
        new Topper(
            "own1",
            "plate",
            "",
            Topper.Shape.OUTLINE,
            Topper.Stock.WHITE,
            "base",
            face,
            Topper.Fixing.FLAT,
            Fresh.of(Topper.Shape.OUTLINE, design, design.base(), face, panels, Marks.MILLIMETRES),
            Optional.of(outline),
            "",
            Topper.Which.ALL);
    return job.withOrder(Order.ONE.withToppers(List.of(topper)));
  }

  /**
   * The middle of the hole is 0.3 from the left and 0.2 from the top. However the plate is turned,
   * it is there or turned with it; mirrored it would be at none of these.
   */
  @ParameterizedTest
  @EnumSource(Face.class)
  void hole_isSeenOnItsSide_onEveryConstruction(Face face) throws IOException {
    Outline plate = read(PLATE).value().orElseThrow().outline();
    double[][] turned = {{0.3, 0.2}, {0.8, 0.3}, {0.7, 0.8}, {0.2, 0.7}};
    int seen = 0;
    for (Pattern pattern : LIBRARY.patterns()) {
      Derivation derivation = Jobs.derive(job(pattern, face, plate));
      var model = derivation.made().orElseThrow().card().whole();
      model.prepare(() -> false);
      for (int done = 0; done <= model.stages().size(); done++) {
        if (!model.layering().lies(done)) {
          continue;
        }
        for (Drawing.Printed printed : plates(derivation, done)) {
          Geometry outer = Facet.polygon(printed.rings().get(0));
          Point middle = Facet.polygon(printed.rings().get(1)).getCentroid();
          var box = outer.getEnvelopeInternal();
          double x = (middle.getX() - box.getMinX()) / box.getWidth();
          double y = (middle.getY() - box.getMinY()) / box.getHeight();
          boolean isThere = false;
          for (double[] at : turned) {
            isThere |= Math.hypot(x - at[0], y - at[1]) < 0.02;
          }
          assertTrue(isThere, pattern.id() + " at " + done + ": " + x + " " + y);
          seen++;
        }
      }
    }
    assertTrue(seen >= 15, "only " + seen);
  }

  private static List<Drawing.Printed> plates(Derivation derivation, int done) {
    Derivation.Made made = derivation.made().orElseThrow();
    Drawing drawing =
        Portrait.of(
            made.card().whole(),
            made.design(),
            derivation.look().from(0, 0, 0),
            done,
            Pictures.square(600));
    List<Drawing.Printed> plates = new ArrayList<>();
    List<Polygon> over = new ArrayList<>();
    for (int i = drawing.marks().size() - 1; i >= 0; i--) {
      if (drawing.marks().get(i) instanceof Drawing.Printed printed) {
        Polygon paper = Facet.polygon(printed.rings().get(0));
        boolean isOwn = printed.ref().line().equals("own1") || printed.ref().piece().equals("own1");
        // What lies on the other face is painted before the paper it lies on.
        boolean isHidden =
            over.stream().anyMatch(each -> each.intersects(paper.getInteriorPoint()));
        if (isOwn && !isHidden && printed.rings().size() > 1) {
          plates.add(printed);
        }
        over.add(paper);
      }
    }
    return plates;
  }

  /** Its numbers are those of the box about it; it is cut while there is paper to hold. */
  @ParameterizedTest
  @EnumSource(Face.class)
  void hole_isCutFirst_asItLies(Face face) throws IOException {
    Outline plate = read(PLATE).value().orElseThrow().outline();
    Job job = job(LIBRARY.pattern("banded-half-fold").orElseThrow(), face, plate);
    Design design = Jobs.derive(job).made().orElseThrow().design();
    Piece piece = design.piece("own1").orElseThrow();
    double wide = piece.width().toMillimetres();
    double high = piece.height().toMillimetres();
    Opening hole = piece.openings().get(0);
    // Paper is told inside up: what is seen on an outside is cut as in a mirror.
    double left = face == Face.INSIDE ? 0.2 * wide : 0.6 * wide;
    assertEquals(left, hole.box().at().x().toMillimetres(), 0.01);
    assertEquals(0.1 * high, hole.box().at().y().toMillimetres(), 0.01);
    assertEquals(0.2 * wide, hole.box().width().toMillimetres(), 0.01);
    List<SecondCut> cuts =
        SecondCut.of(design).stream().filter(cut -> cut.piece().id().equals("own1")).toList();
    assertEquals(hole.id(), cuts.get(0).id());
    String told = cuts.get(0).told().say(Spoken.ENGLISH);
    assertTrue(
        told.startsWith("plate, its hole, ") && told.contains(": as on the template."), told);
    // No glue where there is no paper.
    Joint joint =
        design.joints().stream().filter(each -> each.id().equals("own1")).findFirst().orElseThrow();
    for (Area glue : joint.glue()) {
      double x = glue.at().x().minus(joint.area().at().x()).toMillimetres();
      double y = glue.at().y().minus(joint.area().at().y()).toMillimetres();
      double right = x + glue.width().toMillimetres();
      double holeLeft = hole.box().at().x().toMillimetres();
      double holeRight = holeLeft + hole.box().width().toMillimetres();
      boolean isBeside = right <= holeLeft + 0.01 || x >= holeRight - 0.01;
      assertTrue(isBeside || y >= 0.3 * high - 0.01, "glue over the hole");
    }
  }

  @Test
  void projectFile_keepsHoles_andTellsOfBrokenOnes() throws IOException {
    Outline plate = read(PLATE).value().orElseThrow().outline();
    Job job = job(LIBRARY.pattern("slim-tent").orElseThrow(), Face.OUTSIDE, plate);
    String text = ProjectFormat.write(job);
    Job back = ProjectFormat.read("card", text).value().orElseThrow();
    assertEquals(plate, back.order().toppers().get(0).outline().orElseThrow());
    String holes = text.substring(text.indexOf("\"holes\""), text.indexOf("\"stock\""));
    for (String bad : Set.of("[[[0, 0], [2, 0], [1, 1]]]", "[[[0.1, 0.1], [0.2, 0.1]]]", "[[3]]")) {
      Parsed<Job> read =
          ProjectFormat.read("card", text.replace(holes, "\"holes\": " + bad + ", "));
      String told = read.problem().say(Spoken.ENGLISH);
      assertTrue(told.startsWith("card: piece 1 of your own has the holes"), told);
    }
  }
}
