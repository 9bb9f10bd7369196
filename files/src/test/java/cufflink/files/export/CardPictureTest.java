package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.figure.Pictures;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** The picture of a finished card, read back with what reads such files. */
class CardPictureTest {
  private static final int LONG = 1600;
  private static final double NEAR = 0.02;

  private static byte[] written(String format, Job job, double done) throws IOException {
    Derivation derivation = Jobs.derive(job);
    ExportSubject subject =
        new ExportSubject(
            derivation,
            "",
            List::of,
            JobSheet.Printer.A4,
            derivation.look().after(done),
            Pictures.NONE);
    return Exports.named(format).orElseThrow().write(subject);
  }

  private static BufferedImage image(Job job, double done) throws IOException {
    return ImageIO.read(new ByteArrayInputStream(written("picture", job, done)));
  }

  private static Job gate() {
    Papers papers =
        Papers.USUAL.looking(
            PaperRole.PATTERNED, new Papers.Colours(Tint.ROSE, Tint.PLUM, Motif.DOTS));
    return Jobs.gate().withPapers(papers);
  }

  /** Flat and from straight above, what is seen is what the maker has chosen. */
  @Test
  void png_showsThePapersOfTheMaker() throws IOException {
    BufferedImage image = image(gate(), 0);
    assertEquals(LONG, Math.max(image.getWidth(), image.getHeight()));
    assertEquals(0xFFFFFF, image.getRGB(2, 2) & 0xFFFFFF);
    long rose = pixels(image, Tint.ROSE);
    long plum = pixels(image, Tint.PLUM);
    assertTrue(rose > 4 * plum && plum > 1000, rose + " and " + plum);
  }

  /** Paper in the shade is a little darker, and still of its colour. */
  private static long pixels(BufferedImage image, Tint tint) {
    return Arrays.stream(
            image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()))
        .filter(rgb -> isOf(rgb, tint.rgb()))
        .count();
  }

  private static boolean isOf(int rgb, int tint) {
    double shade = (rgb >> 16 & 0xFF) / (double) (tint >> 16 & 0xFF);
    return shade > 0.7
        && shade <= 1.01
        && Math.abs((rgb >> 8 & 0xFF) - shade * (tint >> 8 & 0xFF)) < 3
        && Math.abs((rgb & 0xFF) - shade * (tint & 0xFF)) < 3;
  }

  @Test
  void svg_isAsWideForItsHeightAsThePng() throws Exception {
    BufferedImage image = image(gate(), 1.5);
    Document svg =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(written("picture-svg", gate(), 1.5)));
    Element root = svg.getDocumentElement();
    double wide = millimetres(root.getAttribute("width"));
    double high = millimetres(root.getAttribute("height"));
    assertEquals(image.getWidth() / (double) image.getHeight(), wide / high, NEAR);
    assertTrue(printed(svg.getElementsByTagName("path"), Tint.PLUM) >= 2);
    assertEquals("Trial", svg.getElementsByTagName("title").item(0).getTextContent());
  }

  private static long printed(NodeList paths, Tint tint) {
    return IntStream.range(0, paths.getLength())
        .mapToObj(i -> ((Element) paths.item(i)).getAttribute("fill"))
        .filter(fill -> isOf(Integer.parseInt(fill.substring(1), 16), tint.rgb()))
        .count();
  }

  private static double millimetres(String length) {
    assertTrue(length.endsWith("mm"), length);
    return Double.parseDouble(length.substring(0, length.length() - 2));
  }

  /** A closed card takes less room than an open one, and every construction can be pictured. */
  @ParameterizedTest
  @ValueSource(strings = {"off-centre-gate", "ribbon-hinge-wallet", "slotted-pair", "slim-tent"})
  void png_isAnotherAtEveryStage(String id) throws IOException {
    Job job = Jobs.job(id, Values.NONE);
    assertNotEquals(
        Arrays.hashCode(written("picture", job, 0)), Arrays.hashCode(written("picture", job, 0.5)));
  }
}
