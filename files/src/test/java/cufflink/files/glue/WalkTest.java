package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly.Member;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.glue.HalfBuilt;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.run.Gluing;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Drawing.Stroke;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Follows the pictures of the walk-through by hand: what lies there grows by what was put on, and a
 * part that is turned over like a page and put where the dashes are brings its glue to where the
 * pattern wants it.
 */
class WalkTest {
  static final Surface SURFACE =
      new Surface(
          900,
          600,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, Fractions.TYPESET),
          TextMeasure.GUESS,
          22);

  /** Hatch lines stand so far apart, in pixels, so that glue ends between two of them. */
  private static final double HATCH = 10;

  private static final double HALF = 0.55;

  private static final Pattern CORNER =
      Pattern.compile("its corner ([0-9.]+).* from the left edge and ([0-9.]+).* from the top");

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(each -> each.id()).toList();
  }

  private static Design design(String id) {
    var pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues())).made().orElseThrow().design();
  }

  record Box(double left, double top, double right, double bottom) {
    static Box of(Stream<Spot> places) {
      double[] box = {1e9, 1e9, -1e9, -1e9};
      places.forEach(
          at -> {
            box[0] = Math.min(box[0], at.x());
            box[1] = Math.min(box[1], at.y());
            box[2] = Math.max(box[2], at.x());
            box[3] = Math.max(box[3], at.y());
          });
      return new Box(box[0], box[1], box[2], box[3]);
    }

    double wide() {
      return right - left;
    }

    double high() {
      return bottom - top;
    }
  }

  /** What is put on is there at the next step, and at the end the whole card is. */
  @ParameterizedTest
  @MethodSource("ids")
  void everyStep_addsWhatWasPutOn_untilAllIsThere(String id) {
    Design card = design(id);
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    Set<String> before = new HashSet<>();
    int drawn = 0;
    for (int i = 0; i < order.steps().size(); i++) {
      HalfBuilt built = HalfBuilt.of(order, card, i).orElseThrow();
      List<String> joints = joints(built.model());
      for (String joint : joints) {
        assertTrue(before.contains(joint), id + " has " + joint + " before it is put on");
      }
      order.steps().get(i).act().joint().ifPresent(joint -> before.add(joint.id()));
      // What was trimmed to a paper goes on with it.
      order
          .steps()
          .get(i)
          .act()
          .joint()
          .ifPresent(joint -> card.carried(joint.id()).forEach(it -> before.add(it.id())));
      drawn += GlueDrawing.of(order, card, i, SURFACE).isPresent() ? 1 : 0;
    }
    assertEquals(order.steps().size(), drawn, id);
    // The last step is done to all that hangs together but what it puts on itself.
    FoldModel whole = Jobs.derive(Jobs.job(id, normal(id))).made().orElseThrow().card().whole();
    HalfBuilt last = HalfBuilt.of(order, card, order.steps().size() - 1).orElseThrow();
    Set<String> missing = new HashSet<>(joints(whole));
    missing.removeAll(joints(last.model()));
    boolean isOfTheCard = last.design().base().equals(card.base());
    assertTrue(!isOfTheCard || missing.size() <= 1, id + " lacks " + missing);
  }

  /** A seam is hatched on the flat piece, turned over like a page if the glue is on its outside. */
  private static void assertHatched(Joint seam, List<Stroke> strokes, double scale, String id) {
    Box paper = Box.of(places(strokes, Ink.CUT).stream());
    Box hatch = Box.of(places(strokes, Ink.GLUE).stream());
    Area around =
        Area.around(seam.glue().stream().flatMap(each -> each.corners().stream()).toList());
    double before = around.at().x().toMillimetres() * scale;
    double left =
        seam.face() == Face.INSIDE
            ? before
            : paper.wide() - before - around.width().toMillimetres() * scale;
    assertEquals(left, hatch.left() - paper.left(), 2 * HATCH, id + " across");
    double top = around.at().y().toMillimetres() * scale;
    assertEquals(top, hatch.top() - paper.top(), 2 * HATCH, id + " down");
    assertEquals(around.width().toMillimetres() * scale, hatch.wide(), 3 * HATCH, id + " wide");
    assertEquals(around.height().toMillimetres() * scale, hatch.high(), 3 * HATCH, id + " high");
  }

  private static Values normal(String id) {
    return PatternLibrary.shipped().pattern(id).orElseThrow().normalValues();
  }

  private static List<String> joints(FoldModel model) {
    return model.assembly().members().stream()
        .map(Member::joint)
        .flatMap(Optional::stream)
        .map(Joint::id)
        .toList();
  }

  /** A ruler laid on the picture reads what the sentence says. */
  @ParameterizedTest
  @MethodSource("ids")
  void ruler_readsOnThePicture_whatTheSentenceSays(String id) {
    Design card = design(id);
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    for (int i = 0; i < order.steps().size(); i++) {
      Optional<Joint> joint = order.steps().get(i).act().joint();
      Optional<Message> place = GlueDrawing.place(order, card, i);
      boolean isOnTheBase =
          joint.isPresent()
              && HalfBuilt.of(order, card, i)
                  .orElseThrow()
                  .design()
                  .base()
                  .id()
                  .equals(joint.get().on());
      if (place.isEmpty() || !isOnTheBase) {
        continue;
      }
      Drawing drawing = GlueDrawing.of(order, card, i, SURFACE).orElseThrow();
      List<Stroke> strokes = strokes(drawing);
      int at = last(strokes, Ink.PLACE);
      Box dashes = Box.of(strokes.get(at).path().stream());
      Box paper = Box.of(places(strokes.subList(0, at), Ink.CUT).stream());
      String told = place.get().say(SURFACE.format());
      Matcher corner = CORNER.matcher(told);
      boolean isOnAnotherCopy = !told.contains(" onto the " + card.base().label() + ":");
      if (corner.find() && !isOnAnotherCopy) {
        double across = (dashes.left() - paper.left()) / drawing.scale();
        double down = (dashes.top() - paper.top()) / drawing.scale();
        // Half a mark is told in words behind the number.
        assertEquals(across, Double.parseDouble(corner.group(1)), HALF, id + ": " + told);
        assertEquals(down, Double.parseDouble(corner.group(2)), HALF, id + ": " + told);
      }
    }
  }

  /** Turned over like a page and laid on the dashes, the part's glue lies where it must. */
  @ParameterizedTest
  @MethodSource("ids")
  void partTurnedOver_bringsItsGlueToItsPlace(String id) {
    Design card = design(id);
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    for (int i = 0; i < order.steps().size(); i++) {
      Optional<Joint> joint = order.steps().get(i).act().joint();
      if (joint.isEmpty() || joint.get().glue().isEmpty() || joint.get().shape().isHalf()) {
        continue;
      }
      Drawing drawing = GlueDrawing.of(order, card, i, SURFACE).orElseThrow();
      List<Stroke> strokes = strokes(drawing);
      if (card.isSeam(joint.get())) {
        var root = HalfBuilt.of(order, card, i).orElseThrow().design().base().id();
        if (root.equals(joint.get().on())) {
          assertHatched(joint.get(), strokes, drawing.scale(), id);
        }
        continue;
      }
      int place = last(strokes, Ink.PLACE);
      Box dashes = Box.of(strokes.get(place).path().stream());
      List<Stroke> after = strokes.subList(place + 1, strokes.size());
      List<Spot> hatch = places(after, Ink.GLUE);
      List<Spot> paper = places(after, Ink.CUT);
      if (hatch.isEmpty()) {
        assertFalse(places(strokes.subList(0, place), Ink.GLUE).isEmpty(), id + " " + i);
        continue;
      }
      Box part = Box.of(paper.stream());
      boolean isAllThere =
          Math.abs(part.wide() - dashes.wide()) < 2 && Math.abs(part.high() - dashes.high()) < 2;
      if (isAllThere) {
        Box glue = Box.of(hatch.stream().map(at -> new Spot(part.right() - at.x(), at.y())));
        Box wanted = wanted(joint.get(), dashes, onTop(order, card, i));
        String which = id + ", step " + (i + 1) + ": " + glue + " instead of " + wanted;
        assertEquals(wanted.left(), glue.left(), HATCH, which);
        assertEquals(wanted.right(), glue.right(), HATCH, which);
        assertEquals(wanted.top(), glue.top() - part.top(), HATCH, which);
        assertEquals(wanted.bottom(), glue.bottom() - part.top(), HATCH, which);
      }
    }
  }

  /** Which side of the host is on top where it lies, as the step said that put it there. */
  private static String onTop(GluingOrder order, Design card, int index) {
    Joint joint = order.steps().get(index).act().joint().orElseThrow();
    List<GluingOrder.Step> alike =
        order.steps().stream()
            .filter(each -> each.act().joint().filter(it -> isAlike(it, joint)).isPresent())
            .toList();
    List<GluingOrder.Step> hosts =
        order.steps().stream()
            .filter(each -> each.act().joint().filter(it -> puts(it, joint.on())).isPresent())
            .filter(each -> order.steps().indexOf(each) < index)
            .toList();
    if (hosts.isEmpty()) {
      return "";
    }
    int nth = Math.min(hosts.size() - 1, alike.indexOf(order.steps().get(index)));
    Joint host = hosts.get(nth).act().joint().orElseThrow();
    String told = Gluing.of(host, card).say(SURFACE.format());
    return told.contains("its left side on top")
        ? "left"
        : told.contains("its right side on top") ? "right" : "";
  }

  private static boolean isAlike(Joint one, Joint other) {
    return one.piece().equals(other.piece()) && one.on().equals(other.on());
  }

  private static boolean puts(Joint joint, String piece) {
    return joint.piece().equals(piece) && !joint.on().equals(piece);
  }

  /** Where the glue lies in the dashed place, by the pattern: from its left and its top. */
  private static Box wanted(Joint joint, Box dashes, String onTop) {
    double wide = joint.area().width().toMillimetres();
    double high = joint.area().height().toMillimetres();
    List<Spot> corners = new ArrayList<>();
    for (Area area : joint.glue()) {
      for (Point at : area.corners()) {
        double x = at.x().minus(joint.area().at().x()).toMillimetres();
        double y = at.y().minus(joint.area().at().y()).toMillimetres();
        // An outside lies turned over like a page.
        double across = joint.face() == Face.INSIDE ? x : wide - x;
        corners.add(
            switch (onTop) {
              case "left" -> new Spot(high - y, across);
              case "right" -> new Spot(y, wide - across);
              default -> new Spot(across, y);
            });
      }
    }
    Box all = Box.of(corners.stream());
    double scale = dashes.wide() / (onTop.isEmpty() ? wide : high);
    return new Box(
        all.left() * scale, all.top() * scale, all.right() * scale, all.bottom() * scale);
  }

  static List<Stroke> strokes(Drawing drawing) {
    return drawing.marks().stream()
        .filter(Stroke.class::isInstance)
        .map(Stroke.class::cast)
        .toList();
  }

  static int last(List<Stroke> strokes, Ink ink) {
    int last = -1;
    for (int i = 0; i < strokes.size(); i++) {
      last = strokes.get(i).ink() == ink ? i : last;
    }
    return last;
  }

  static List<Spot> places(List<Stroke> strokes, Ink ink) {
    return strokes.stream()
        .filter(each -> each.ink() == ink)
        .flatMap(each -> each.path().stream())
        .toList();
  }
}
