package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Leg;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Spot;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.space.Vec;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Ribbons that are led over and round a card. The wallet is held against a tape reckoned here from
 * its panels: each ribbon is stuck to the outside of one panel, runs over an inside and through the
 * joint, and is stuck to the outside of the other (common practice, no source).
 */
class RibbonTest {
  private static final double NEAR = 0.01;

  private static Derivation.Made made(String id, Values values) {
    return Jobs.derive(Jobs.job(id, values)).made().orElseThrow();
  }

  private static Values sizes(double width, double height, double apart, double spread) {
    return Values.NONE
        .and("width", Length.fromMillimetres(width))
        .and("height", Length.fromMillimetres(height))
        .and("apart", Length.fromMillimetres(apart))
        .and("spread", Length.fromMillimetres(spread));
  }

  private static Joint joint(Design design, String id) {
    return design.joints().stream()
        .filter(each -> each.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError(id));
  }

  /** The hypotenuse over the panel, and an end round each edge. */
  @ParameterizedTest
  @CsvSource({"112, 84, 40, 66", "90, 140, 30, 60", "160, 60, 70, 110"})
  void wallet_takesWhatIsMeasuredWithATape(
      double width, double height, double apart, double spread) {
    Values values =
        sizes(width, height, apart, spread)
            .and("tail", Length.fromMillimetres(22))
            .and("crossed_tail", Length.fromMillimetres(17))
            .and("held", Length.fromMillimetres(spread + 20));
    Design design = made("ribbon-hinge-wallet", values).design();
    assertEquals(
        Math.hypot(height, apart) + 2 * 17,
        joint(design, "crossed-0").movement().led().orElseThrow().needs(),
        NEAR);
    assertEquals(
        height + 2 * 22, joint(design, "parallel-1").movement().led().orElseThrow().needs(), NEAR);
  }

  /**
   * Opened at either edge a crossed pair lies over one inside and a parallel pair over the other;
   * which is over which changes with the edge.
   */
  @Test
  void wallet_changesWhatIsCrossedWithTheEdge() {
    Design design = made("ribbon-hinge-wallet", Values.NONE).design();
    for (int line = 0; line < 2; line++) {
      int edge = line;
      for (String id : List.of("crossed-0", "crossed-1", "parallel-0", "parallel-1")) {
        List<Leg> there =
            joint(design, id).movement().led().orElseThrow().legs().stream()
                .filter(leg -> leg.during().filter(open -> open.line() == edge).isPresent())
                .toList();
        assertEquals(1, there.size(), id);
        assertEquals(Face.INSIDE, there.get(0).face());
        boolean onSecond = id.startsWith("crossed") == (edge == 1);
        assertEquals(onSecond, there.get(0).by().isPresent(), id + " at " + edge);
      }
    }
  }

  /** With its legs swapped to the other opening each ribbon still goes on where it ended. */
  @Test
  void wallet_holdsTogetherAtTheOtherEdgeToo() {
    Derivation.Made made = made("ribbon-hinge-wallet", Values.NONE);
    FoldModel model = made.card().whole();
    int lower = 0;
    while (!model.stages().get(lower).title().contains("lower")) {
      lower++;
    }
    for (Joint joint : made.design().joints()) {
      List<Leg> legs =
          joint.movement().led().stream()
              .flatMap(led -> led.legs().stream())
              .filter(leg -> leg.during().map(open -> open.line() == 1).orElse(true))
              .toList();
      for (int i = 0; i + 1 < legs.size(); i++) {
        Vec end = place(model, lower + 1, legs.get(i), legs.get(i).middle().to());
        Vec next = place(model, lower + 1, legs.get(i + 1), legs.get(i + 1).middle().from());
        assertEquals(0, end.minus(next).length(), NEAR, joint.id());
      }
    }
  }

  /** A panel is one facet, and the second one is the one that comes later. */
  private static Vec place(FoldModel model, double moment, Leg leg, Point point) {
    return model.pose(moment).place(leg.by().isPresent() ? 1 : 0, Spot.from(point));
  }

  /** Inside papers, the crossed pair, the parallel pair, outside papers last over all ends. */
  @Test
  void wallet_isPutTogetherInTheOrderOfTheTrade() {
    Design design = made("ribbon-hinge-wallet", Values.NONE).design();
    List<String> order =
        GluingOrder.of(design, GluingOrder.Wish.NONE).steps().stream()
            .map(step -> step.act().id())
            .toList();
    assertEquals(
        List.of(
            "base inside",
            "panel",
            "crossed-0",
            "crossed-1",
            "parallel-0",
            "parallel-1",
            "base outside"),
        order);
  }

  /** The trade's album takes its ribbon when it hangs together; the holder's lies under papers. */
  @Test
  void others_areTiedWhenTheyHangTogether() {
    List<String> album = order("concertina-album");
    assertTrue(album.indexOf("ribbon") > album.indexOf("joint"), album.toString());
    List<String> holder = order("ridge-pocket-holder");
    assertTrue(holder.indexOf("ribbon") < holder.indexOf("base outside"), holder.toString());
    List<String> bands = order("banded-half-fold");
    assertEquals("ribbon", bands.get(bands.size() - 1));
  }

  private static List<String> order(String id) {
    return GluingOrder.of(made(id, Values.NONE).design(), GluingOrder.Wish.NONE).steps().stream()
        .map(step -> step.act().id())
        .toList();
  }

  /** Each is spoilt as it might be spoilt by who writes it, and one thing is found. */
  @ParameterizedTest
  @CsvSource({
    "'height + 2 * tail, ribbon', 'height + tail, ribbon', RIBBON_SHORT",
    "'[''side + k * spread'', height, ''side', '[''12 mm + side + k * spread'', height, ''side', RIBBON_APART",
    "'{on: base, face: outside, line: [''outer', '{on: base, face: inside, line: [''outer', RIBBON_APART",
  })
  void spoilt_isFound(String from, String to, FindingKind kind) {
    List<FindingKind> found = findings("ribbon-hinge-wallet", text -> replaced(text, from, to));
    assertTrue(found.contains(kind), found.toString());
    assertEquals(List.of(), findings("ribbon-hinge-wallet", text -> text));
  }

  private static String replaced(String text, String from, String to) {
    assertTrue(text.contains(from), from);
    return text.replace(from, to);
  }

  private static List<FindingKind> findings(String id, UnaryOperator<String> spoil) {
    String text = PatternLibrary.resource(id + ".yaml");
    PatternFile file = PatternFile.read(id + ".yaml", spoil.apply(text));
    assertEquals(List.of(), file.mistakes());
    Pattern pattern = file.pattern().orElseThrow();
    return Derivation.of(pattern, Jobs.job(id, pattern.normalValues()))
        .completed(() -> false)
        .folded(() -> false)
        .findings()
        .stream()
        .map(Finding::kind)
        .toList();
  }

  /** A name that is not there is a mistake where it stands, of a ribbon and of what is held. */
  @ParameterizedTest
  @CsvSource({
    "'height, ''outer + (1 - k) * apart'', 0 mm], while: panel-1', 'height, ''outer + (1 - k) * apart'', 0 mm], while: panel-3', panel-3",
    "'taped: tail, under: [front]', 'taped: tail, under: [frond]', frond",
    "'held: [{face: inside, while: panel-1}', 'held: [{face: inside, while: panel-9}', panel-9",
    "'{by: panel, face: inside, while', '{by: pannel, face: inside, while', pannel"
  })
  void unknownName_isOneSentence(String from, String to, String name) {
    String text = PatternLibrary.resource("ribbon-hinge-wallet.yaml");
    PatternFile file = PatternFile.read("wallet.yaml", replaced(text, from, to));
    assertTrue(!file.mistakes().isEmpty(), name);
    assertTrue(
        file.mistakes().stream()
            .map(each -> each.sentence())
            .allMatch(
                each -> each.key().equals("pattern.name") && each.details().get(0).equals(name)),
        file.mistakes().toString());
    assertEquals(Optional.empty(), file.pattern());
  }
}
