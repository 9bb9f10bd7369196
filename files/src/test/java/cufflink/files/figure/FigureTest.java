package cufflink.files.figure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.attributes.ViewBox;
import com.github.weisj.jsvg.parser.SVGLoader;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Adhesive;
import cufflink.core.value.Setting;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Outlines from SVG files, against what another library paints of the same files. */
public class FigureTest {
  private static final String OPEN =
      "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='60mm' viewBox='0 0 120 120'>";

  @TempDir private Path folder;

  private Parsed<Figure> read(String svg) throws IOException {
    return Figure.read(Files.writeString(folder.resolve("figure.svg"), svg));
  }

  /** The same area, and the same middle, as the pixels that another reader paints. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "<path d='M50 5 C70 0 80 15 70 30 C62 45 55 50 60 70 C95 75 105 100 95 115 L40 112"
            + " C20 105 25 85 40 72 C46 60 48 45 45 30 L10 22 L42 18 C42 10 45 7 50 5 Z'/>",
        "<path d='m20 60 q20 -50 40 0 t40 0 v40 h-80 z'/>",
        "<path d='M20 60 A40 30 25 1 1 100 70 L60 110 Z'/>",
        "<path d='M10,80 C40,10 65,10 95,80 S100,110 60,110 Z'/>",
        "<polygon points='60,5 74,42 114,42 82,66 94,105 60,81 26,105 38,66 6,42 46,42'/>",
        "<circle cx='60' cy='60' r='50'/>",
        "<g transform='rotate(30 60 60)'><ellipse cx='60' cy='60' rx='50' ry='25'/></g>",
        "<g transform='translate(20 10)'><g transform='scale(2 1.5)'>"
            + "<rect x='5' y='5' width='35' height='50' rx='6'/></g></g>",
        "<rect x='2' y='2' width='9' height='9'/><path d='M30 30 h70 v70 h-35 z'/>"
      })
  void outline_isWhatAnotherReaderPaints(String shape) throws Exception {
    String svg = OPEN + shape + "</svg>";
    Figure figure = read(svg).value().orElseThrow();
    double area = area(figure) * figure.across().toMillimetres() * figure.down().toMillimetres();
    // The largest shape only, painted by itself.
    String only = shape.contains("/><path") ? shape.substring(shape.indexOf("<path")) : shape;
    double painted = painted(folder, OPEN + only + "</svg>");
    assertEquals(painted, area, painted * 0.01 + 1, shape);
  }

  /** Returns the area of what is cut, as a share of its box. */
  public static double area(Figure figure) {
    double holes =
        figure.outline().holes().stream().mapToDouble(each -> polygon(each).getArea()).sum();
    return polygon(figure.outline().corners()).getArea() - holes;
  }

  private static Polygon polygon(List<Outline.Corner> corners) {
    return Facet.polygon(corners.stream().map(each -> new Spot(each.x(), each.y())).toList());
  }

  /** Returns how much of the page is painted, in square millimetres of its 60 by 60. */
  public static double painted(Path folder, String svg) throws IOException {
    Path file = Files.writeString(folder.resolve("painted.svg"), svg);
    SVGDocument document = new SVGLoader().load(file.toUri().toURL());
    int side = 1200;
    BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_ARGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.BLACK);
    document.render((java.awt.Component) null, graphics, new ViewBox(0, 0, side, side));
    graphics.dispose();
    int pixels = 0;
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        pixels += image.getRGB(x, y) >>> 24 > 127 ? 1 : 0;
      }
    }
    return pixels * 60.0 * 60.0 / side / side;
  }

  /** CSS 2.1: 96 pixels, 72 points, 6 picas and 25.4 millimetres are an inch. */
  @ParameterizedTest
  @CsvSource({
    "60mm, 25",
    "6cm, 25",
    "2.4in, 25.4",
    "172.8pt, 25.4",
    "14.4pc, 25.4",
    "240, 26.4583"
  })
  void size_isThatOfTheFile(String width, double across) throws IOException {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='%s' viewBox='0 0 120 120'>"
            + "<circle cx='60' cy='60' r='25'/></svg>";
    Figure figure = read(svg.formatted(width)).value().orElseThrow();
    assertEquals(across, figure.across().toMillimetres(), 0.01);
    assertEquals(across, figure.down().toMillimetres(), 0.01);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "hello|is no SVG file",
        "<svg xmlns='http://www.w3.org/2000/svg'/>|there is no shape",
        "<html><body/></html>|is no SVG file",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L9 9 L9 0 L0 9 Z'/></svg>|crosses itself",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 Lx'/></svg>|not written as SVG has it",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L900 0 L0 0.001 Z'/></svg>|too thin",
        "<svg xmlns='http://www.w3.org/2000/svg'><g transform='turn(3)'/></svg>|as SVG has it",
        "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/hostname'>]><svg>&a;</svg>|is no SVG file"
      })
  void file_thatHoldsNoFigure_isTold(String svg, String says) throws IOException {
    Parsed<Figure> read = read(svg);
    assertTrue(read.value().isEmpty());
    String told = read.problem().say(Spoken.ENGLISH);
    assertTrue(told.contains(says) && told.contains("figure.svg"), told);
  }

  @Test
  void file_thatIsTooMuch_orGone_isTold() throws IOException {
    StringBuilder many = new StringBuilder("<path d='M0 0");
    for (int i = 0; i < 100_000; i++) {
      many.append('L').append(i).append(' ').append(i % 7);
    }
    String told = read(OPEN + many + "z'/></svg>").problem().say(Spoken.ENGLISH);
    assertTrue(told.contains("more than 50000 corners"), told);
    told = read(OPEN + "<!--" + "x".repeat(5_000_001) + "--></svg>").problem().say(Spoken.ENGLISH);
    assertTrue(told.contains("larger than 5 MB"), told);
    told = Figure.read(folder.resolve("gone.svg")).problem().say(Spoken.ENGLISH);
    assertTrue(told.contains("not there any more"), told);
  }

  private Job job(Figure figure, String id, Face face, int top, boolean byFoot) {
    Topper topper =
        new Topper(
            "own1",
            "heron",
            "",
            Topper.Shape.OUTLINE,
            Topper.Stock.WHITE,
            "base",
            face,
            new Topper.Fixing(Adhesive.LIQUID, byFoot, false),
            new Topper.Start(
                Length.ofMillimetres(30),
                Length.ofMillimetres(40),
                Length.ofMillimetres(id.equals("off-centre-gate") ? 95 : 40),
                Length.ofMillimetres(top)),
            Optional.of(figure.outline()),
            "",
            Topper.Which.ALL);
    Job job = Jobs.job(id, PatternLibrary.shipped().pattern(id).orElseThrow().normalValues());
    return job.withOrder(job.order().withToppers(List.of(topper)));
  }

  /** Glue goes onto paper, whole or by its foot, and nothing is found wrong with it. */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void glue_liesOnTheFigure(boolean byFoot) throws IOException {
    Figure figure =
        read(OPEN
                + "<polygon points='60,5 74,42 114,42 82,66 94,105 60,81 26,105 38,66 6,42 46,42'/></svg>")
            .value()
            .orElseThrow();
    Derivation derivation = derive(job(figure, "off-centre-gate", Face.INSIDE, 60, byFoot));
    Joint joint =
        derivation.made().orElseThrow().design().joints().stream()
            .filter(each -> each.id().equals("own1"))
            .findFirst()
            .orElseThrow();
    Piece piece = derivation.made().orElseThrow().design().piece("own1").orElseThrow();
    var paper =
        Facet.polygon(
            piece.outline().stream()
                .map(at -> new Spot(at.x().toMillimetres(), at.y().toMillimetres()))
                .toList());
    var glue = joint.glue().get(0);
    double left = glue.at().x().minus(joint.area().at().x()).toMillimetres();
    double top = glue.at().y().minus(joint.area().at().y()).toMillimetres();
    var box =
        paper
            .getFactory()
            .toGeometry(
                new Envelope(
                    left,
                    left + glue.width().toMillimetres(),
                    top,
                    top + glue.height().toMillimetres()));
    assertTrue(paper.buffer(0.01).covers(box), "glue beside the paper");
    assertFalse(byFoot && top < 20, "a foot is its lower part");
    assertEquals(List.of(), found(derivation));
  }

  private static Derivation derive(Job job) {
    return Derivation.of(PatternLibrary.shipped().pattern(job).orElseThrow(), job);
  }

  private static List<Finding> found(Derivation derivation) {
    FoldReport report =
        FoldReport.of(
            derivation.made().orElseThrow().card(), derivation.job().materials(), () -> false);
    return derivation.folded(report).findings().stream()
        .filter(each -> each.place().piece().equals("own1"))
        .toList();
  }

  /** A sheet folded down from its top has what is cut upright on it upside down in front. */
  @Test
  void figure_onItsHead_isFoundAndTurnedRound() throws IOException {
    Figure figure = read(OPEN + "<path d='M60 5 L114 105 L6 105 Z'/></svg>").value().orElseThrow();
    assertEquals(
        List.of(), found(derive(job(figure, "banded-half-fold", Face.OUTSIDE, 150, false))));
    Job down = job(figure, "banded-half-fold", Face.OUTSIDE, 30, false);
    List<Finding> found = found(derive(down));
    assertEquals(1, found.size());
    Finding.Fix fix = found.get(0).fix().orElseThrow();
    Setting tilt = fix.values().get("own1_tilt").orElseThrow();
    assertEquals(180, Math.abs(((Setting.OfCount) tilt).count()));
    assertEquals(List.of(), found(derive(down.withValues(down.values().and("own1_tilt", tilt)))));
  }
}
