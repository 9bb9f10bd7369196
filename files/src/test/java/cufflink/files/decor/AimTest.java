package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.drawing.FoldFrame.Aim;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever points at a card that is opened and worked points at what is drawn there. */
class AimTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final Viewpoint VIEW = new Viewpoint(-16, 42);
  private static final double PIXEL = 0.01;

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  /** Every corner of the card's own paper is drawn where it is aimed at, ribbons or not. */
  @ParameterizedTest
  @MethodSource("ids")
  void corners_areDrawnWhereTheyAreAimedAt(String id) {
    Derivation derivation =
        Jobs.derive(Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues()));
    Design design = derivation.made().orElseThrow().design();
    FoldModel model = derivation.made().orElseThrow().card().whole();
    model.prepare(() -> false);
    Surface surface = Pictures.square(700);
    Aim aim = new Aim(model, Portrait.room(model, design, VIEW), VIEW, surface);
    int seen = 0;
    for (int done = model.closing(); done <= model.stages().size(); done++) {
      Drawing drawing = Portrait.moving(model, design, derivation.look(), done, VIEW, surface);
      for (Drawing.Mark mark : drawing.marks()) {
        if (mark instanceof Drawing.Printed printed
            && printed.ref().piece().equals(design.base().id())
            && printed.ref().line().isEmpty()) {
          Spot corner = printed.rings().get(0).get(0);
          assertEquals(0, nearest(aim, model.shown(done), corner), PIXEL, id + " " + done);
          seen++;
        }
      }
    }
    assertTrue(seen > 0, id);
  }

  private static double nearest(Aim aim, double moment, Spot drawn) {
    return aim.model().assembly().facets().stream()
        .flatMap(facet -> facet.corners().stream().map(at -> aim.seenAt(moment, facet.index(), at)))
        .mapToDouble(drawn::distance)
        .min()
        .orElseThrow();
  }
}
