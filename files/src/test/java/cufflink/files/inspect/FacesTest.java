package cufflink.files.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.drawing.FoldFrame;
import cufflink.core.drawing.FoldFrame.Seen;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.inspect.FoldReport;
import cufflink.core.inspect.Rehearsal;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.scene.TextMeasure;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A finger on the picture of a card, and what it points at. */
class FacesTest {
  private static final Surface SURFACE =
      new Surface(
          600,
          500,
          Marks.MILLIMETRES,
          Words.on(Marks.MILLIMETRES, Fractions.PLAIN),
          TextMeasure.GUESS,
          14);

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(each -> each.id()).toList();
  }

  private static Derivation derive(String id) {
    var pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues()));
  }

  private static FoldReport report(Derivation derivation) {
    return FoldReport.of(
        derivation.made().orElseThrow().card(), derivation.job().materials(), () -> false);
  }

  /** The paper that is painted last where the finger is belongs to the piece that is found. */
  @ParameterizedTest
  @MethodSource("ids")
  void finger_pointsAtThePaperThatIsPaintedLast(String id) {
    Derivation derivation = derive(id);
    Design design = derivation.made().orElseThrow().design();
    FoldModel model = derivation.made().orElseThrow().card().whole();
    Look look = derivation.look();
    double moment = Portrait.moment(model, look);
    Drawing drawing = Portrait.of(model, design, look, moment, SURFACE);
    Random random = new Random(id.hashCode());
    int hits = 0;
    for (int i = 0; i < 200; i++) {
      Spot finger = new Spot(random.nextDouble() * 600, random.nextDouble() * 500);
      Optional<String> painted = Optional.empty();
      for (Drawing.Mark mark : drawing.marks()) {
        if (mark instanceof Drawing.Printed printed && isPiece(printed, design)) {
          boolean isOn = Facet.holds(Facet.polygon(printed.rings().get(0)), finger);
          boolean isHole =
              printed.rings().stream()
                  .skip(1)
                  .anyMatch(hole -> Facet.holds(Facet.polygon(hole), finger));
          painted = isOn && !isHole ? Optional.of(printed.ref().piece()) : painted;
        }
      }
      Optional<Seen> seen = FoldFrame.seen(model, design, look, moment, SURFACE, finger);
      assertEquals(
          painted,
          seen.map(each -> model.assembly().pieceOf(each.facet()).id()),
          id + " at " + finger);
      hits += seen.isPresent() ? 1 : 0;
    }
    assertTrue(hits > 20, id + " is hit only " + hits + " times");
  }

  /** Of the piece itself, and not of what lies on it or hangs from it. */
  private static boolean isPiece(Drawing.Printed printed, Design design) {
    return printed.ref().line().isEmpty() && design.piece(printed.ref().piece()).isPresent();
  }

  /**
   * What is found with a gate card in the hands: flaps in front, the middle behind, three within.
   */
  @Test
  void gate_hasItsPanelsWhereTheHandFindsThem() {
    Derivation derivation = derive("off-centre-gate");
    assertEquals(Set.of("1o", "3o"), seen(derivation, 0, derivation.look().from(0, 0, 0)));
    assertEquals(Set.of("2o"), seen(derivation, 0, derivation.look().from(180, 180, 0)));
    Set<String> open = seen(derivation, 1, derivation.look().from(0, 0, 0));
    assertTrue(open.contains("2i"), open::toString);
  }

  private static Set<String> seen(Derivation derivation, int opened, Look look) {
    Design design = derivation.made().orElseThrow().design();
    FoldReport report = report(derivation);
    FoldModel model = report.model();
    Set<String> found = new TreeSet<>();
    for (Seen each : FoldFrame.faces(model, design, look, model.closing() + opened, SURFACE)) {
      String told =
          Rehearsal.at(report, design, look, each.facet(), each.face()).words().say(Spoken.ENGLISH);
      String number = told.split("[ ,:]+")[1];
      found.add(number + (each.face() == Face.INSIDE ? "i" : "o"));
    }
    return found;
  }

  /** What is glued onto a face is named with it, and nothing that lies elsewhere. */
  @Test
  void face_isToldWithWhatLiesOnIt() {
    Derivation derivation = derive("stepped-accordion");
    Design design = derivation.made().orElseThrow().design();
    FoldReport report = report(derivation);
    for (int facet = 0; facet < report.model().flat().facets().size(); facet++) {
      for (Face face : Face.values()) {
        Rehearsal.Told told = Rehearsal.at(report, design, derivation.look(), facet, face);
        double left =
            report.model().flat().facets().get(facet).polygon().getEnvelopeInternal().getMinX();
        double right =
            report.model().flat().facets().get(facet).polygon().getEnvelopeInternal().getMaxX();
        List<String> wanted =
            design.layers().stream()
                .filter(layer -> layer.face() == face && layer.on().equals("base"))
                .filter(layer -> layer.at().x().toMillimetres() > left - 0.1)
                .filter(layer -> layer.right().toMillimetres() < right + 0.1)
                .map(layer -> layer.id())
                .toList();
        assertEquals(wanted, told.ids(), told.words().say(Spoken.ENGLISH));
      }
    }
  }
}
