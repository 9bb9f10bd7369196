package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.attributes.ViewBox;
import com.github.weisj.jsvg.parser.ExternalResourcePolicy;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.figure.Pictures;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Three painters of one picture, each painted by another library: they agree. */
class PicturedCardTest {
  private static final int SIDE = 400;
  private static final double TO_BYTE = 255.0 / SIDE;

  /** The sheet grows redder to the right and greener downwards, and is never without blue. */
  private static final Pictures WASH = name -> Optional.of(wash());

  private static BufferedImage wash() {
    BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        image.setRGB(x, y, new Color((int) (x * TO_BYTE), (int) (y * TO_BYTE), 230).getRGB());
      }
    }
    return image;
  }

  private static ExportSubject subject(String id, double done) {
    Length side = Length.ofMillimetres(300);
    Picture picture = new Picture("0123456789abcdef.jpg", "wash", side, side, 0x8080E6);
    Job job = Jobs.job(id, Values.NONE);
    Derivation plain = Jobs.derive(job);
    PaperRole role = PaperRole.PATTERNED;
    Derivation derivation =
        Jobs.derive(
            PaperPlan.looking(
                job,
                role,
                plain.look().colours(role).as(picture),
                new Sheet("a", "a", side, side)));
    return new ExportSubject(
        derivation,
        "",
        () -> Jobs.plans(derivation),
        JobSheet.Printer.A4,
        derivation.look().after(done),
        WASH);
  }

  private static BufferedImage png(ExportSubject subject) throws IOException {
    byte[] bytes = Exports.named("picture").orElseThrow().write(subject);
    return ImageIO.read(new ByteArrayInputStream(bytes));
  }

  private static BufferedImage svg(ExportSubject subject, int wide, int high) throws IOException {
    byte[] bytes = Exports.named("picture-svg").orElseThrow().write(subject);
    SVGDocument document =
        new SVGLoader()
            .load(
                new ByteArrayInputStream(bytes),
                null,
                LoaderContext.builder()
                    .externalResourcePolicy(ExternalResourcePolicy.ALLOW_ALL)
                    .build());
    BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, wide, high);
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    document.render((java.awt.Component) null, graphics, new ViewBox(0, 0, wide, high));
    return image;
  }

  @ParameterizedTest
  @CsvSource({"off-centre-gate,1.5", "diamond-stack,2", "two-way-flap,1.5", "squash-card,1.5"})
  void pngAndSvg_agree(String id, double done) throws IOException {
    ExportSubject subject = subject(id, done);
    BufferedImage png = png(subject);
    BufferedImage svg = svg(subject, png.getWidth(), png.getHeight());
    int far = 0;
    int washed = 0;
    for (int y = 0; y < png.getHeight(); y += 3) {
      for (int x = 0; x < png.getWidth(); x += 3) {
        Color one = new Color(png.getRGB(x, y));
        Color other = new Color(svg.getRGB(x, y));
        if (isWashed(one)) {
          washed++;
          boolean isFar =
              Math.abs(one.getRed() - other.getRed()) > 14
                  || Math.abs(one.getGreen() - other.getGreen()) > 14;
          far += isFar ? 1 : 0;
        }
      }
    }
    assertTrue(washed > 2_000, id + " shows little of the picture: " + washed);
    assertTrue(far < washed * 0.03, id + ": " + far + " of " + washed);
  }

  private static boolean isWashed(Color colour) {
    return colour.getBlue() > 140
        && colour.getBlue() > colour.getRed() + 25
        && colour.getBlue() > colour.getGreen() + 25;
  }

  private static Rectangle washed(BufferedImage image) {
    Rectangle all = new Rectangle(-1, -1);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        if (isWashed(new Color(image.getRGB(x, y)))) {
          all.add(x, y);
        }
      }
    }
    return all;
  }

  /** On the printed page it has the same proportions, and the same colours in its corners. */
  @ParameterizedTest
  @CsvSource({"off-centre-gate", "banded-half-fold"})
  void pdf_showsItToo(String id) throws IOException {
    Derivation derivation = subject(id, 0).derivation();
    ExportSubject usual =
        new ExportSubject(
            derivation,
            "",
            () -> Jobs.plans(derivation),
            JobSheet.Printer.A4,
            derivation.look(),
            WASH);
    BufferedImage png = png(usual);
    byte[] bytes = InstructionPdf.write(derivation.folded(() -> false), JobSheet.Printer.A4, WASH);
    BufferedImage page;
    try (PDDocument document = Loader.loadPDF(bytes)) {
      page = new PDFRenderer(document).renderImageWithDPI(0, 200);
    }
    Rectangle onPng = washed(png);
    Rectangle onPage = washed(page);
    assertTrue(onPage.width > 100, "the page shows " + onPage);
    assertEquals(onPng.width / (double) onPng.height, onPage.width / (double) onPage.height, 0.03);
    for (double share : new double[] {0.2, 0.8}) {
      Color one = at(png, onPng, share);
      Color other = at(page, onPage, share);
      assertEquals(one.getRed(), other.getRed(), 25, id);
      assertEquals(one.getGreen(), other.getGreen(), 25, id);
    }
  }

  private static Color at(BufferedImage image, Rectangle box, double share) {
    int x = (int) (box.x + box.width * share);
    int y = (int) (box.y + box.height * share);
    return new Color(image.getRGB(x, y));
  }
}
