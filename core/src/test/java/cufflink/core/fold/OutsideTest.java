package cufflink.core.fold;

import static cufflink.core.card.Cards.area;
import static cufflink.core.card.Cards.close;
import static cufflink.core.card.Cards.design;
import static cufflink.core.card.Cards.glued;
import static cufflink.core.card.Cards.halfFold;
import static cufflink.core.card.Cards.model;
import static cufflink.core.card.Cards.moving;
import static cufflink.core.card.Cards.piece;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.Stages;
import cufflink.core.Strips;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.design.Movement;
import cufflink.core.design.Stage;
import cufflink.core.plane.Side;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class OutsideTest {
  /**
   * A tongue 45 long stands up from a hinge 30 beside the fold and is laid towards it: it ends 15
   * beyond the fold. The card, 60 wide, covers it at first.
   */
  @Test
  void tongueLaidOverTheFold_sticksOutByWhatPassesIt() {
    FoldModel model =
        model(
            design(
                List.of(
                    halfFold(),
                    piece("tongue", 55, 20, Strips.upright("hinge", Fold.VALLEY, 45, 20))),
                List.of(glued("tongue", "base", Face.INSIDE, area(30, 30, 10, 20))),
                close(),
                Stages.of("Lay", "base", Map.of(), Map.of("tongue.hinge", 0.0))));
    Outside found = Outside.of(model).get(0);
    assertEquals(1, found.member());
    assertEquals(15, found.amount(), 1e-6);
  }

  @Test
  void pieceWithinTheClosedCard_isNotTold() {
    FoldModel model =
        model(
            design(
                List.of(halfFold(), piece("sleeve", 40, 30)),
                List.of(glued("sleeve", "base", Face.INSIDE, area(5, 5, 40, 30))),
                close()));
    assertEquals(List.of(), Outside.of(model));
  }

  private static List<Outside> pulled(Side way, int tile) {
    FoldModel model =
        model(
            design(
                List.of(
                    piece("base", 120, 80),
                    piece("strip", 90, 20, Strips.upright("fold", Fold.VALLEY, 40, 20)),
                    piece("tile", 30, 20)),
                List.of(
                    moving("strip", "base", area(50, 30, 50, 20), Movement.sliding(way)),
                    glued("tile", "strip", Face.INSIDE, area(tile, 0, 30, 20))),
                Stages.of(
                    "Pull", "base", Map.of(), Map.of("strip-slide", 40.0), Stage.Phase.OPENING)));
    List<Outside> found = Outside.of(model);
    assertTrue(found.stream().allMatch(each -> each.moment() > model.closing()));
    return found;
  }

  /** What is pulled may leave the card; what it carries on a part that folds may not. */
  @Test
  void whatIsCarriedByAPulledStrip_mustStayOnTheCard() {
    List<Outside> found = pulled(Side.LEFT, 5);
    assertEquals(List.of(2), found.stream().map(Outside::member).toList());
    assertEquals(40 - 15, found.get(0).amount(), 1e-6);
  }

  /** A label on the very part that is pulled goes out with it. */
  @Test
  void whatIsOnThePartThatIsPulled_goesOutWithIt() {
    assertEquals(List.of(), pulled(Side.RIGHT, 50));
  }
}
