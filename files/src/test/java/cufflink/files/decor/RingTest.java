package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** A ring on a card: a circle with a round hole, which takes its glue beside the hole only. */
class RingTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private static Length mm(double millimetres) {
    return Length.fromMillimetres(millimetres);
  }

  private static Topper ring(double across, double hole, boolean byFoot) {
    return new Topper(
        "own1",
        "ring",
        "",
        Topper.Shape.RING,
        Topper.Stock.WHITE,
        "base",
        Face.OUTSIDE,
        new Topper.Fixing(Adhesive.LIQUID, byFoot, false),
        new Topper.Start(mm(across), mm(hole), mm(9), mm(30)));
  }

  private static Job job(Topper topper) {
    Pattern pattern = LIBRARY.pattern("slim-tent", Set.of(), List.of(topper)).orElseThrow();
    Job job = Jobs.job("slim-tent", pattern.normalValues());
    return job.withOrder(job.order().withToppers(List.of(topper)));
  }

  private static Derivation derive(Job job) {
    return Derivation.of(LIBRARY.pattern(job).orElseThrow(), job);
  }

  private static Geometry disc(double x, double y, double across) {
    return new GeometryFactory().createPoint(new Coordinate(x, y)).buffer(across / 2, 64);
  }

  private static Polygon outline(List<Point> corners) {
    return Facet.polygon(corners.stream().map(Spot::from).toList());
  }

  /** Its paper is what a larger disc leaves of a smaller one, and its glue lies on that (JTS). */
  @ParameterizedTest
  @CsvSource({"40, 28, false", "40, 28, true", "40, 36, false", "30, 8, false", "40, 3, true"})
  void paperAndGlue_areTheRing(double across, double hole, boolean byFoot) {
    Derivation derivation = derive(job(ring(across, hole, byFoot)));
    Design design = derivation.made().orElseThrow().design();
    Piece piece = design.piece("own1").orElseThrow();
    double paper =
        outline(piece.outline()).getArea() - outline(piece.openings().get(0).outline()).getArea();
    double full = disc(0, 0, across).difference(disc(0, 0, hole)).getArea();
    assertEquals(1, paper / full, 0.02);
    // Folded over like a page, 9 from the left is 9 from the right.
    double middle = design.base().width().toMillimetres() - 9 - across / 2;
    Geometry annulus =
        disc(middle, 30 + across / 2, across).difference(disc(middle, 30 + across / 2, hole));
    var glue =
        design.joints().stream()
            .filter(each -> each.id().equals("own1"))
            .findFirst()
            .orElseThrow()
            .glue();
    assertEquals(byFoot ? 1 : 2, glue.size());
    glue.forEach(
        each -> assertTrue(annulus.buffer(0.1).covers(outline(each.corners())), each.toString()));
    assertEquals(
        Set.of(),
        derivation.folded(() -> false).findings().stream()
            .map(Finding::kind)
            .collect(Collectors.toSet()));
  }

  /** A hole as wide as the ring leaves nothing, which is found. */
  @Test
  void holeThatIsTooLarge_isFound() {
    Job job = job(ring(40, 28, false));
    Values values = job.values().and("own1_down", mm(44));
    Set<FindingKind> found =
        derive(job.withValues(values)).folded(() -> false).findings().stream()
            .map(Finding::kind)
            .collect(Collectors.toSet());
    assertTrue(found.contains(FindingKind.OPENING_OVER_EDGE), found::toString);
  }

  @Test
  void project_keepsIt() {
    Job job = job(ring(40, 28, true));
    assertEquals(job, ProjectFormat.read("x", ProjectFormat.write(job)).orElseThrow());
  }
}
