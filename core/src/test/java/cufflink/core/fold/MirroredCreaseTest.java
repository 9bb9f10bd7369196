package cufflink.core.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Strips;
import cufflink.core.card.Cards;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Fold;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.design.Stage;
import cufflink.core.plane.Segment;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * A quarter fold with a large turn-in that passes the centre fold; its crease on the flap is the
 * mirror image of the centre fold in the turn-in line. Sheet 8 1/2 by 11 in, common practice, no
 * source.
 */
class MirroredCreaseTest {
  private static final double W = 4.25 * 25.4;
  private static final double H = 5.5 * 25.4;
  private static final double NEAR = 1e-3;

  private static Score score(String id, double x, double y, double toX, double toY) {
    return new Score(id, id, Fold.VALLEY, new Segment(Strips.point(x, y), Strips.point(toX, toY)));
  }

  private static FoldModel quarterFold(Stage last) {
    List<Score> scores =
        List.of(
            score("upper", W, 0, W, H),
            score("level", W, H, 2 * W, H),
            score("lower", W, H, W, W + H),
            score("large", 2 * W, H, W, W + H),
            score("large-rest", W, W + H, 2 * W - H, 2 * H));
    Slit slit = new Slit("slit", "slit", new Segment(Strips.point(0, H), Strips.point(W, H)));
    Piece piece = Strips.piece(2 * W, 2 * H, scores, List.of(slit));
    List<Stage> stages =
        List.of(
            new Stage("Close", "base", Map.of("upper", 180.0)),
            new Stage("Turn in", "base", Map.of("large", 180.0, "large-rest", 180.0)),
            new Stage("Fold up", "base", Map.of("level", 180.0)),
            last);
    return Cards.model(Strips.design(piece, stages, Strips.point(W * 3 / 2, H / 2)));
  }

  @Test
  void of_aTurnInThatPassesTheFold_isTheImageOfTheFold() {
    FoldModel model = quarterFold(new Stage("Fold round", "base", Map.of("lower", 180.0)));
    List<MirroredCrease> missing = MirroredCrease.of(model);
    assertEquals(1, missing.size());
    MirroredCrease crease = missing.get(0);
    assertEquals(3, crease.stage());
    assertEquals("lower", model.assembly().creases().get(crease.crease()).score().id());
    assertEquals(Fold.MOUNTAIN, crease.fold());
    // The image of x = W in the line from (2W, H) to (W, W + H) is y = W + H.
    assertEquals(W + H, crease.from().y(), NEAR);
    assertEquals(W + H, crease.to().y(), NEAR);
    double left = Math.min(crease.from().x(), crease.to().x());
    double right = Math.max(crease.from().x(), crease.to().x());
    assertEquals(W, left, NEAR);
    assertEquals(2 * W, right, NEAR);
  }

  @Test
  void of_aFoldThatNothingLiesOver_isNone() {
    FoldModel model = quarterFold(new Stage("Rest", "base", Map.of("upper", 180.0)));
    assertEquals(List.of(), MirroredCrease.of(model));
  }
}
