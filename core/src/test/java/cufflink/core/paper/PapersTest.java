package cufflink.core.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Map;
import org.junit.jupiter.api.Test;

class PapersTest {
  private static final PaperRole LINING = new PaperRole("lining", "lining", PaperKind.PATTERNED);
  private static final PaperRole STAND = new PaperRole("stand", "stand", PaperKind.CARDSTOCK);

  @Test
  void of_aRoleThatNobodyChose_isThePaperOfItsKind() {
    Papers papers = Papers.USUAL.with(PaperRole.PATTERNED, Paper.PATTERNED.weighing(160));
    assertEquals(160, papers.of(LINING).grammage());
    assertEquals(Paper.CARD, papers.of(STAND));
    assertEquals(160, papers.of(PaperRole.RIBBON).grammage());
  }

  @Test
  void with_aRole_leavesTheOthersAlone() {
    Papers papers = Papers.USUAL.with(LINING, Paper.PATTERNED.weighing(90));
    assertEquals(90, papers.of(LINING).grammage());
    assertEquals(Paper.PATTERNED, papers.patterned());
    assertEquals(Map.of("lining", Paper.PATTERNED.weighing(90)), papers.byRole());
  }

  @Test
  void usual_saidOrUnsaid_isTheSame() {
    assertEquals(Papers.USUAL, new Papers(Paper.CARD, Paper.PATTERNED));
    assertEquals(Map.of(), Papers.USUAL.with(PaperRole.CARDSTOCK, Paper.CARD).byRole());
  }
}
