package cufflink.core.cut;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OffCutsTest {
  private static final Watch NOBODY = Watch.NOBODY;

  private static Length mm(long length) {
    return Length.ofMillimetres(length);
  }

  private static Part part(String id, long width, long height, int count) {
    return new Part(id, id, mm(width), mm(height), count, Part.Folds.EITHER);
  }

  private static TrimRun run(List<Part> parts) {
    Stock sheet = new Stock("a4", "A4", mm(210), mm(297), 0, false, Paper.CARD);
    CutQuestion question = new CutQuestion(parts, List.of(sheet), Trimmer.USUAL);
    return TrimRun.of(CutPlanner.plan(question, List.of(), NOBODY), question.trimmer());
  }

  /** What was cut and what is left make up the sheet, but for strips too narrow to keep. */
  @Test
  void of_listsWhatTheSheetHasLeft() {
    List<Part> parts = List.of(part("front", 105, 148, 2));
    List<OffCuts.OffCut> left = OffCuts.of(run(parts), parts);
    double area =
        left.stream()
            .mapToDouble(each -> each.width().toMillimetres() * each.height().toMillimetres())
            .sum();
    assertTrue(area <= 210 * 297 - 2 * 105 * 148, "left are " + area);
    assertTrue(area > 0.9 * (210 * 297 - 2 * 105 * 148), "left are " + area);
  }

  /** Beside every way to lay one part in rows and columns, either way round. */
  @Test
  void makes_isThePartThatCoversMost() {
    Random random = new Random(5);
    for (int trial = 0; trial < 20; trial++) {
      List<Part> parts =
          List.of(
              part("one", 30 + random.nextInt(60), 30 + random.nextInt(90), 1),
              part("two", 20 + random.nextInt(40), 20 + random.nextInt(40), 1));
      for (OffCuts.OffCut off : OffCuts.of(run(parts), parts)) {
        double most = 0;
        for (Part part : parts) {
          for (int columns = 0; columns < 20; columns++) {
            for (int rows = 0; rows < 20; rows++) {
              double w = part.width().toMillimetres();
              double h = part.height().toMillimetres();
              boolean upright =
                  columns * w <= off.width().toMillimetres()
                      && rows * h <= off.height().toMillimetres();
              boolean turned =
                  columns * h <= off.width().toMillimetres()
                      && rows * w <= off.height().toMillimetres();
              most = upright || turned ? Math.max(most, columns * rows * w * h) : most;
            }
          }
        }
        double found =
            off.makes()
                .map(
                    makes ->
                        makes.count()
                            * makes.part().width().toMillimetres()
                            * makes.part().height().toMillimetres())
                .orElse(0.0);
        assertEquals(most, found, 1e-6);
      }
    }
  }
}
