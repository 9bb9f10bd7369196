package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.space.Vec;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * The album from a square of 12 in: strips of 3, 3 and 2 panels that overlap by one each are 6
 * panels, all with the same face towards the reader when it is laid out; common practice, no
 * source.
 */
class AlbumTest {
  private static final double INCH = 25.4;
  private static final double NEAR = 0.02;

  private final FoldModel model = album();

  private static FoldModel album() {
    Values values =
        PatternLibrary.shipped()
            .pattern("concertina-album")
            .orElseThrow()
            .normalValues()
            .and("width", Length.ofInches(4, 1))
            .and("height", Length.ofInches(4, 1));
    Derivation.Made made = Jobs.derive(Jobs.job("concertina-album", values)).made().orElseThrow();
    return made.card().whole();
  }

  private Set<Long> panels(double moment) {
    Pose pose = model.pose(moment);
    Set<Long> panels = new TreeSet<>();
    for (int i = 0; i < model.assembly().facets().size(); i++) {
      if (model.assembly().pieceOf(i).scores().isEmpty()) {
        continue;
      }
      double x = pose.corners(i).stream().mapToDouble(Vec::x).min().orElseThrow();
      panels.add(Math.round(x / INCH));
    }
    return panels;
  }

  @Test
  void laidOut_isSixPanels_allOneWay() {
    assertEquals(Set.of(0L, 4L, 8L, 12L, 16L, 20L), panels(0));
    Pose flat = model.pose(0);
    for (int i = 0; i < model.assembly().facets().size(); i++) {
      assertEquals(1, flat.motions().get(i).up().z(), NEAR);
    }
  }

  @Test
  void closed_isOnePanel() {
    assertEquals(Set.of(0L), panels(model.closing()));
  }
}
