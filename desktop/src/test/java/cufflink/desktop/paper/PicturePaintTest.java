package cufflink.desktop.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.flat.Spot;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Imprint;
import cufflink.core.scene.Drawing.Printed;
import cufflink.core.scene.Ref;
import cufflink.files.figure.Pictures;
import cufflink.files.words.Words;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A picture on the screen, straight, askew and turned over, against the transforms of Java 2D. */
@ExtendWith(ApplicationExtension.class)
class PicturePaintTest {
  private static final int SIDE = 700;
  private static final double NEAR = 0.03;

  private StackPane root;

  @Start
  void start(Stage stage) {
    root = new StackPane();
    stage.setScene(new Scene(root, 500, 400));
    stage.show();
  }

  /** Redder to the right, greener downwards. */
  private static Optional<BufferedImage> wash(String name) {
    BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_ARGB_PRE);
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        image.setRGB(x, y, 0xFF0000C0 | x * 255 / SIDE << 16 | y * 255 / SIDE << 8);
      }
    }
    return Optional.of(image);
  }

  @ParameterizedTest
  @CsvSource({
    "50,40,450,40,50,340,0",
    "50,40,400,120,90,300,0",
    "400,60,80,90,380,330,0",
    "200,100,260,100,200,160,0.72",
    "-300,-200,900,-100,-250,900,0.35"
  })
  void paper_showsWhatLiesThere(
      double x,
      double y,
      double rightX,
      double rightY,
      double lowX,
      double lowY,
      double white,
      FxRobot robot)
      throws NoninvertibleTransformException {
    Pictures pictures = PicturePaintTest::wash;
    Spot corner = new Spot(x, y);
    Imprint imprint =
        new Imprint("wash", List.of(corner, new Spot(rightX, rightY), new Spot(lowX, lowY)), white);
    AffineTransform onto = new AffineTransform(rightX - x, rightY - y, lowX - x, lowY - y, x, y);
    List<Spot> ring =
        List.of(at(onto, 0.3, 0.3), at(onto, 0.7, 0.35), at(onto, 0.6, 0.7), at(onto, 0.3, 0.6));
    Printed paper = new Printed(List.of(ring), 0, List.of(), 0, 1, List.of(imprint), Ref.NONE);
    Drawing drawing = new Drawing(500, 400, 1, List.of(paper));
    PaperView[] view = new PaperView[1];
    robot.interact(
        () -> {
          view[0] = new PaperView(new PictureBook(pictures, Runnable::run));
          root.getChildren().setAll(view[0]);
          view[0].show(
              surface -> Optional.of(drawing),
              Marks.MILLIMETRES,
              Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.TYPESET));
        });
    WaitForAsyncUtils.waitForFxEvents();
    WritableImage[] seen = new WritableImage[1];
    robot.interact(() -> seen[0] = view[0].snapshot(null, null));
    int looked = 0;
    for (double u = 0.38; u < 0.6; u += 0.05) {
      for (double v = 0.38; v < 0.56; v += 0.05) {
        Spot at = at(onto, u, v);
        if (at.x() < 2 || at.y() < 2 || at.x() > 498 || at.y() > 398) {
          continue;
        }
        Point2D back =
            onto.inverseTransform(new Point2D.Double((int) at.x() + 0.5, (int) at.y() + 0.5), null);
        Color colour = seen[0].getPixelReader().getColor((int) at.x(), (int) at.y());
        assertEquals(back.getX() * (1 - white) + white, colour.getRed(), NEAR);
        assertEquals(back.getY() * (1 - white) + white, colour.getGreen(), NEAR);
        looked++;
      }
    }
    assertTrue(looked > 5, "looked at " + looked);
  }

  private static Spot at(AffineTransform onto, double u, double v) {
    Point2D at = onto.transform(new Point2D.Double(u, v), null);
    return new Spot(at.getX(), at.getY());
  }
}
