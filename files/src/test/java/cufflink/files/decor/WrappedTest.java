package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Facet;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.files.Jobs;
import cufflink.files.pattern.Extras;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Bands and ribbons are seen round the closed card, with what is put on them. */
class WrappedTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final String BAND = "extra-belly-band";
  private static final String TIE = "extra-ribbon-tie";
  private static final int INK = 0x33302C;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Derivation derive(String id, String piece, List<Topper> toppers) {
    String extra = piece.equals(BAND) ? Extras.BAND : Extras.TIE;
    Order order = Order.ONE.withExtras(Set.of(extra)).withToppers(toppers);
    Pattern pattern = LIBRARY.pattern(id, Set.of(extra), toppers).orElseThrow();
    Derivation derivation = Jobs.derive(Jobs.job(id, pattern.normalValues()).withOrder(order));
    return derivation.completed(() -> false);
  }

  /** The middle of the outside of a band, measured along it. */
  private static Topper label(double length) {
    Topper.Start start =
        new Topper.Start(
            Length.ofMillimetres(20),
            Length.ofMillimetres(20),
            Length.fromMillimetres(length / 2 - 10),
            Length.ofMillimetres(4));
    return new Topper(
        "own1",
        "label",
        "L",
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        BAND,
        Face.OUTSIDE,
        Topper.Fixing.FLAT,
        start);
  }

  /** What is drawn of a card straight from above, or of its back. */
  private static List<Drawing.Printed> drawn(Derivation derivation, int done, boolean isFront) {
    Design design = derivation.made().orElseThrow().design();
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    Drawing drawing =
        Portrait.of(
            model,
            design,
            derivation.look().from(0, isFront ? 0 : 180, 0),
            done,
            Pictures.square(600));
    List<Drawing.Printed> printed = new ArrayList<>();
    for (Drawing.Mark mark : drawing.marks()) {
      if (mark instanceof Drawing.Printed each) {
        printed.add(each);
      }
    }
    return printed;
  }

  private static List<Polygon> of(List<Drawing.Printed> drawn, String piece) {
    return drawn.stream()
        .filter(each -> each.ref().piece().equals(piece) && each.ref().line().isEmpty())
        .map(each -> Facet.polygon(each.rings().get(0)))
        .toList();
  }

  private static Envelope box(List<Drawing.Printed> drawn, String but) {
    Envelope box = new Envelope();
    drawn.stream()
        .filter(each -> !each.ref().piece().equals(but) && !each.ref().piece().isEmpty())
        .forEach(each -> each.rings().get(0).forEach(at -> box.expandToInclude(at.x(), at.y())));
    return box;
  }

  /**
   * Whoever wraps a strip round a card and looks at it sees it from edge to edge, as wide as it is,
   * in the middle; in the middle of its length lies what was put there, upright.
   */
  @ParameterizedTest
  @MethodSource("ids")
  void band_isSeenRoundTheClosedCard_andNotBefore(String id) {
    Derivation bare = derive(id, BAND, List.of());
    Design design = bare.made().orElseThrow().design();
    int closing = bare.made().orElseThrow().card().whole().closing();
    if (design.piece(BAND).isEmpty() || closing == 0) {
      return;
    }
    double length = design.piece(BAND).orElseThrow().width().toMillimetres();
    Derivation derivation = derive(id, BAND, List.of(label(length)));
    assertEquals(List.of(), of(drawn(derivation, closing - 1, true), BAND), "not closed yet");
    List<Drawing.Printed> drawn = drawn(derivation, closing, true);
    List<Polygon> bands = of(drawn, BAND);
    Envelope card = box(drawn, BAND);
    double wide = design.finishedWidth().toMillimetres();
    double high = design.finishedHeight().toMillimetres();
    boolean isAsFinished =
        Math.abs(card.getWidth() / card.getHeight() - wide / high) < 0.06 * wide / high;
    if (!isAsFinished) {
      return; // A card that stands, or that more is seen of than its finished size.
    }
    if (bands.isEmpty()) {
      double largest =
          drawn.stream()
              .mapToDouble(each -> Facet.polygon(each.rings().get(0)).getArea())
              .max()
              .orElse(0);
      assertTrue(largest < 0.75 * card.getArea(), id + " does not lie on its point");
      return;
    }
    assertEquals(1, bands.size(), id);
    Envelope band = bands.get(0).getEnvelopeInternal();
    double scale = band.getHeight() / high;
    assertEquals(28 * scale, band.getWidth(), 1, id + " " + wide + " by " + high);
    assertEquals(card.centre().x, band.centre().x, 2 * scale, id);
    List<Polygon> letters = letters(drawn);
    assertEquals(1, letters.size(), id);
    Envelope box = letters.get(0).getEnvelopeInternal();
    assertEquals(band.centre().x, box.centre().x, 1.5 * scale, id);
    assertEquals(band.centre().y, box.centre().y, 1.5 * scale, id);
    Coordinate middle = letters.get(0).getCentroid().getCoordinate();
    assertTrue(middle.y > box.centre().y && middle.x < box.centre().x, id + " is not upright");
    assertEquals(List.of(), letters(drawn(derivation, closing, false)), "it is on the front");
    assertEquals(1, of(drawn(derivation, closing, false), BAND).size(), "it is behind, too");
  }

  private static List<Polygon> letters(List<Drawing.Printed> drawn) {
    return drawn.stream()
        .filter(each -> each.ground() == INK)
        .map(each -> Facet.polygon(each.rings().get(0)))
        .toList();
  }

  /** Tied, a ribbon has two ends, two loops and a knot besides what lies round the card. */
  @ParameterizedTest
  @MethodSource("ids")
  void tie_hasABow(String id) {
    Derivation derivation = derive(id, TIE, List.of());
    Design design = derivation.made().orElseThrow().design();
    int closing = derivation.made().orElseThrow().card().whole().closing();
    if (design.piece(TIE).isEmpty()) {
      return;
    }
    List<Drawing.Printed> front = drawn(derivation, closing, true);
    List<Drawing.Printed> back = drawn(derivation, closing, false);
    if (!of(front, TIE).isEmpty()) {
      assertEquals(5, front.size() - front.indexOf(strip(front)) - 1, id);
      assertEquals(back.size() - 1, back.indexOf(strip(back)), id + ": no bow behind");
    }
  }

  private static Drawing.Printed strip(List<Drawing.Printed> drawn) {
    return drawn.stream().filter(each -> each.ref().piece().equals(TIE)).findFirst().orElseThrow();
  }

  /** Most constructions close to their finished size, and so most are seen with their band. */
  @Test
  void mostCards_areSeenWithTheirBands() {
    long seen =
        ids()
            .filter(
                id -> {
                  Derivation derivation = derive(id, BAND, List.of());
                  int closing = derivation.made().orElseThrow().card().whole().closing();
                  return !of(drawn(derivation, closing, true), BAND).isEmpty();
                })
            .count();
    assertTrue(seen >= 15, "only " + seen);
  }
}
