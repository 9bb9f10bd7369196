package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Area;
import cufflink.core.run.Gluing;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whoever glues as the words say lays each piece where the design has it and the glue where it is
 * wanted: the sentences are read by a grammar of their own, the piece is turned over by the Java
 * library.
 */
class JointWordsTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat METRIC =
      LengthFormat.of(Marks.HALF_MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);
  private static final double SAID = 0.6;

  /** What is said to run along a side may stop short of its ends by a fifth. */
  private static final double SHARE = 0.2;

  private static final String NUMBER =
      "((?:about )?\\d+(?:\\.\\d+)?(?: \\(then (?:a hair|about [\\d.]+|[\\d.]+) (?:more|less)\\))?)";
  private static final Pattern CORNER =
      find("its corner # (from|beyond) the left edge and # (from|above) the top");
  private static final Pattern LEFT = find("down its left side, # wide");
  private static final Pattern RIGHT = find("down its right side, # wide");
  private static final Pattern DOWN = find("from top to foot, # wide, # from its left edge");
  private static final Pattern TOP = find("along its top, # deep");
  private static final Pattern FOOT = find("along its foot, # deep");
  private static final Pattern ACROSS = find("from side to side, # deep, # from its top");
  private static final Pattern DOT = find("a dot, # from its left edge and # from its top");
  private static final Pattern SEAM =
      Pattern.compile("^[^:]+, on the (inside|outside) of the [^:]+: [^:]+\\.$");
  private static final Pattern PART = find("# × #, # from its left edge and # from its top");

  private static Pattern find(String text) {
    return Pattern.compile(text.replace("#", NUMBER));
  }

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(cufflink.core.pattern.Pattern::id);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void joints_areGluedWhereTheWordsSay(String id) {
    Design design =
        Jobs.derive(Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues()))
            .made()
            .orElseThrow()
            .design();
    for (Joint joint : design.glued()) {
      Piece host = design.piece(joint.on()).orElseThrow();
      String words = Gluing.of(joint, design).say(METRIC);
      AffineTransform lies = new AffineTransform();
      if (joint.face() == Face.OUTSIDE) {
        lies = new AffineTransform(-1, 0, 0, 1, host.width().toMillimetres(), 0);
      }
      Rectangle2D area = box(joint.area(), lies);
      Matcher corner = CORNER.matcher(words);
      if (SEAM.matcher(words).matches()) {
        // Glued to itself, it is measured from its own edges.
        assertEquals(joint.piece(), joint.on(), words);
        area =
            new Rectangle2D.Double(
                0, 0, host.width().toMillimetres(), host.height().toMillimetres());
      } else if (corner.find()) {
        int across = corner.group(2).equals("from") ? 1 : -1;
        int down = corner.group(4).equals("from") ? 1 : -1;
        assertEquals(area.getX(), across * number(corner.group(1)), SAID, words);
        assertEquals(area.getY(), down * number(corner.group(3)), SAID, words);
      } else {
        assertTrue(
            joint.shape() != Layer.Shape.WHOLE || words.contains("its edges on those"), words);
      }
      List<Rectangle2D> said = glue(words, area);
      for (Area glue : joint.glue()) {
        assertSaid(box(glue, lies), said, area, id + ": " + words);
      }
    }
  }

  private static void assertSaid(
      Rectangle2D wanted, List<Rectangle2D> said, Rectangle2D area, String words) {
    assertTrue(
        said.stream().anyMatch(each -> isLike(each, wanted, area)),
        words + " has no " + wanted + " in " + said + " of " + area);
  }

  private static boolean isLike(Rectangle2D said, Rectangle2D wanted, Rectangle2D area) {
    double across = area.getWidth() * SHARE + SAID;
    double down = area.getHeight() * SHARE + SAID;
    return Math.abs(said.getX() - wanted.getX()) <= across
        && Math.abs(said.getMaxX() - wanted.getMaxX()) <= across
        && Math.abs(said.getY() - wanted.getY()) <= down
        && Math.abs(said.getMaxY() - wanted.getMaxY()) <= down;
  }

  private static List<Rectangle2D> glue(String words, Rectangle2D on) {
    List<Rectangle2D> glue = new ArrayList<>();
    if (words.contains("Glue all over")) {
      glue.add(on);
    }
    double x = on.getX();
    double y = on.getY();
    double w = on.getWidth();
    double h = on.getHeight();
    for (Matcher each = LEFT.matcher(words); each.find(); ) {
      glue.add(new Rectangle2D.Double(x, y, number(each.group(1)), h));
    }
    for (Matcher each = RIGHT.matcher(words); each.find(); ) {
      double wide = number(each.group(1));
      glue.add(new Rectangle2D.Double(x + w - wide, y, wide, h));
    }
    for (Matcher each = DOWN.matcher(words); each.find(); ) {
      glue.add(new Rectangle2D.Double(x + number(each.group(2)), y, number(each.group(1)), h));
    }
    for (Matcher each = TOP.matcher(words); each.find(); ) {
      glue.add(new Rectangle2D.Double(x, y, w, number(each.group(1))));
    }
    for (Matcher each = FOOT.matcher(words); each.find(); ) {
      double deep = number(each.group(1));
      glue.add(new Rectangle2D.Double(x, y + h - deep, w, deep));
    }
    for (Matcher each = ACROSS.matcher(words); each.find(); ) {
      glue.add(new Rectangle2D.Double(x, y + number(each.group(2)), w, number(each.group(1))));
    }
    for (Matcher each = DOT.matcher(words); each.find(); ) {
      // A dot of 2 mm about the place that is said.
      glue.add(
          new Rectangle2D.Double(
              x + number(each.group(1)) - 1, y + number(each.group(2)) - 1, 2, 2));
    }
    for (Matcher each = PART.matcher(words); each.find(); ) {
      glue.add(
          new Rectangle2D.Double(
              x + number(each.group(3)),
              y + number(each.group(4)),
              number(each.group(1)),
              number(each.group(2))));
    }
    return glue;
  }

  private static Rectangle2D box(Area area, AffineTransform lies) {
    return lies.createTransformedShape(
            new Rectangle2D.Double(
                area.at().x().toMillimetres(),
                area.at().y().toMillimetres(),
                area.width().toMillimetres(),
                area.height().toMillimetres()))
        .getBounds2D();
  }

  private static double number(String text) {
    return TrimmerHands.number(text.replace("about ", ""));
  }
}
