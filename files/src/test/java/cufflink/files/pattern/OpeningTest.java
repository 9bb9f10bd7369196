package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.space.Vec;
import cufflink.files.Jobs;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Which way a maker opens it: a fold-out on a diagonal front opens upward, the flap of a two-way
 * flap upward and its strap sideways; common practice, no source. Told by where the paper goes that
 * moves most in the first stage of that name, seen as the closed card lies.
 */
class OpeningTest {
  private static Vec moved(String pattern, String stage, String piece) {
    var values = PatternLibrary.shipped().pattern(pattern).orElseThrow().normalValues();
    FoldModel model = Jobs.derive(Jobs.job(pattern, values)).made().orElseThrow().card().whole();
    List<String> titles = model.stages().stream().map(each -> each.title()).toList();
    int at = titles.indexOf(stage);
    assertTrue(at >= 0, titles::toString);
    Assembly assembly = model.assembly();
    Vec most = Vec.ZERO;
    for (int facet = 0; facet < assembly.facets().size(); facet++) {
      if (assembly.pieceOf(facet).id().equals(piece)) {
        var inside = assembly.facets().get(facet).inside();
        Vec way =
            model.pose(at + 1).place(facet, inside).minus(model.pose(at).place(facet, inside));
        most = way.length() > most.length() ? way : most;
      }
    }
    return most;
  }

  @Test
  void foldOut_opensUpward() {
    Vec way = moved("diagonal-fold-out", "Open the fold-out", "foldout");
    assertTrue(way.y() < -50 && Math.abs(way.x()) < 1, way::toString);
  }

  @Test
  void twoWayFlap_opensUpward_itsStrapSideways() {
    Vec flap = moved("two-way-flap", "Open the flap upwards", "flap");
    assertTrue(flap.y() < -50 && Math.abs(flap.x()) < 1, flap::toString);
    Vec strap = moved("two-way-flap", "Open the strap to the side", "strap");
    assertTrue(Math.abs(strap.x()) > 50 && Math.abs(strap.y()) < 1, strap::toString);
  }
}
