package cufflink.core.job;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sundries.Kind;
import cufflink.core.paper.Sundries.Material;
import cufflink.core.plane.Segment;
import cufflink.core.run.Hand;
import cufflink.core.run.Moves;
import cufflink.core.run.ScoringHabit;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What lies on the table, reckoned by hand. */
class AtHandTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static Length mm(int length) {
    return Length.ofMillimetres(length);
  }

  private static Design card() {
    Score fold =
        new Score(
            "fold", "Fold", Fold.VALLEY, new Segment(Strips.point(50, 0), Strips.point(50, 60)));
    Slit slit = new Slit("slit", "slit", new Segment(Strips.point(20, 0), Strips.point(20, 30)));
    Piece base = Strips.piece(100, 60, List.of(fold), List.of(slit));
    Piece ribbon =
        new Piece(
            "ribbon",
            "ribbon",
            PaperKind.RIBBON,
            2,
            mm(150),
            mm(7),
            Piece.rectangle(mm(150), mm(7)),
            List.of(),
            List.of());
    Layer layer =
        new Layer(
            "layer",
            "layer",
            PaperKind.PATTERNED,
            base.id(),
            Face.INSIDE,
            Strips.point(52, 2),
            mm(46),
            mm(56),
            mm(4));
    return new Design(
        "trial",
        List.of(base, ribbon),
        List.of(layer),
        List.of(),
        Strips.point(75, 30),
        mm(50),
        mm(60));
  }

  private static AtHand atHand(Order order, Marks marks) {
    Design card = card();
    ScoringHabit habit = new ScoringHabit(true, Marks.FIVE_MILLIMETRES, Hand.RIGHT);
    return AtHand.of(card, Moves.of(card, habit, order.copies()), order, marks);
  }

  private static Length tape(AtHand hand) {
    return Length.ofUnits(hand.used().of(Kind.of(Material.TAPE)));
  }

  @Test
  void of_flatLayers_takeAdhesiveAlongTheirEdges() {
    AtHand hand = atHand(new Order(3, false, Set.of(), false, 0), Marks.MILLIMETRES);
    // Three times 2 x (46 + 56) are 612, up to whole centimetres.
    assertEquals(mm(620), tape(hand));
    assertEquals(0, hand.used().of(Kind.of(Material.PADS)));
    assertEquals(mm(900).units(), hand.used().of(Kind.ribbon(mm(7))));
    assertEquals(
        List.of(
            "a trimmer",
            "a scoring board with a stop",
            "a craft knife, a metal rule and a cutting mat",
            "a folder to press folds down",
            "adhesive to lay along 620 in all",
            "ribbon 7 wide, 900 in all"),
        hand.told().stream().map(each -> each.say(FORMAT)).toList());
  }

  @Test
  void of_raisedLayers_standOnPadsAtEveryCornerAndBetween() {
    AtHand hand = atHand(new Order(2, false, Set.of(), true, 0), Marks.SIXTEENTHS);
    // 204 round is four and a half times 45: five for each card.
    assertEquals(10, hand.used().of(Kind.of(Material.PADS)));
    assertEquals(Length.ZERO, tape(hand));
  }

  @Test
  void of_inchRuler_roundsUpToInches() {
    // 204 mm are 8.03 in.
    assertEquals(Length.fromMillimetres(9 * 25.4), tape(atHand(Order.ONE, Marks.SIXTEENTHS)));
  }
}
