package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Paper;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How thick a card is where something is raised; heights are common practice, no source. */
class RaisedTest {
  private static final double FOAM = 2;
  private static final double FILM = 0.05;
  private static final double PASTE = 0.5;
  private static final double NEAR = 1e-6;

  private static Job job(List<Topper> toppers, List<Treatment> treatments) {
    Job job =
        Jobs.job(
            "slim-tent",
            PatternLibrary.shipped().pattern("slim-tent").orElseThrow().normalValues());
    return job.withOrder(Order.ONE.withToppers(toppers).withTreatments(treatments));
  }

  private static Topper label(String id, String on, Adhesive with) {
    return new Topper(
        id,
        id,
        "",
        Topper.Shape.RECTANGLE,
        Topper.Stock.WHITE,
        on,
        Face.OUTSIDE,
        new Topper.Fixing(with, false, false),
        new Topper.Start(
            Length.ofMillimetres(30),
            Length.ofMillimetres(20),
            Length.ofMillimetres(on.equals("base") ? 14 : 0),
            Length.ofMillimetres(on.equals("base") ? 100 : 0)));
  }

  private static double thick(Job job) {
    Derivation derivation = Jobs.derive(job).folded(() -> false);
    return derivation.thickness().orElseThrow().thickest().orElseThrow().thick().toMillimetres();
  }

  /** Measured with a gauge: card, film, and what is stuck on; the sheet of a label is 0.3 thick. */
  @Test
  void label_isAsThickAsItsSheet_andWhatHoldsIt() {
    double bare = thick(job(List.of(), List.of()));
    double sheet = Paper.CARD.grammage() * Paper.CARD.bulk() / 1000;
    for (Adhesive each : List.of(Adhesive.LIQUID, Adhesive.TAPE, Adhesive.FOAM)) {
      double height = each == Adhesive.FOAM ? FOAM : FILM;
      assertEquals(
          bare + sheet + height, thick(job(List.of(label("own1", "base", each)), List.of())), NEAR);
    }
    List<Topper> stacked =
        List.of(label("own1", "base", Adhesive.FOAM), label("own2", "own1", Adhesive.FOAM));
    assertEquals(bare + 2 * (sheet + FOAM), thick(job(stacked, List.of())), NEAR);
  }

  /** Folded once, two sheets that are pasted on both faces lie on each other. */
  @Test
  void paste_staysRaised() {
    double bare = thick(job(List.of(), List.of()));
    Treatment inside = new Treatment(Treatment.Kind.PASTE, "base", Face.INSIDE);
    Treatment outside = new Treatment(Treatment.Kind.PASTE, "base", Face.OUTSIDE);
    assertEquals(bare + 2 * PASTE, thick(job(List.of(), List.of(outside))), NEAR);
    assertEquals(bare + 4 * PASTE, thick(job(List.of(), List.of(inside, outside))), NEAR);
    Treatment ink = new Treatment(Treatment.Kind.STAMP, "base", Face.OUTSIDE);
    assertEquals(bare, thick(job(List.of(), List.of(ink))), NEAR);
  }

  /** A layer that is pasted where most lies is thicker there by that. */
  @Test
  void pasteOnALayer_isReckonedWithToo() {
    double bare = thick(job(List.of(), List.of()));
    Design design = Jobs.derive(job(List.of(), List.of())).made().orElseThrow().design();
    double most = 0;
    for (Layer layer : design.layers()) {
      Treatment paste =
          new Treatment(Treatment.Kind.PASTE, layer.on() + "." + layer.id(), layer.face());
      most = Math.max(most, thick(job(List.of(), List.of(paste))));
    }
    assertEquals(bare + PASTE, most, NEAR);
  }

  /** Foam makes a letter dearer, and that is said. */
  @Test
  void foam_isTheReasonForWhatThePostAsks() {
    List<Topper> stacked =
        List.of(label("own1", "base", Adhesive.FOAM), label("own2", "own1", Adhesive.FOAM));
    assertTrue(thick(job(stacked, List.of())) > 5, "over the limit of a letter in Britain");
  }
}
