package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Goal;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A number being typed is one change from the job before it; what is scaled does not drift. */
class TypingTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private final Workbench bench = new Workbench(LIBRARY, Marks.MILLIMETRES);

  private void layTheVoucher() {
    assertTrue(bench.lay(DemoProjects.all().get(0), Optional.empty()));
  }

  private Job job() {
    return bench.job().orElseThrow();
  }

  private void assertSizes(int width, int height, int left, int right) {
    List<String> names = List.of("width", "height", "left", "right");
    List<Integer> sizes = List.of(width, height, left, right);
    for (int i = 0; i < names.size(); i++) {
      assertEquals(
          Optional.of(Length.ofMillimetres(sizes.get(i))),
          job().values().length(names.get(i)),
          names.get(i));
    }
  }

  /** Each key scales the card that was there before the first one, not what the last one left. */
  @Test
  void width_typedKeyByKey_isAsIfSetAtOnce() {
    layTheVoucher();
    assertSizes(123, 162, 77, 96);
    for (String text : List.of("1", "10", "109")) {
      bench.sizing().type("width", text);
    }
    assertSizes(109, 144, 68, 85);
    bench.sizing().finish();
    bench.undo();
    assertSizes(123, 162, 77, 96);
    assertFalse(bench.history().canUndo().get());
  }

  @Test
  void escape_givesTheJobBackAsIfNothingHadBeenTyped() {
    layTheVoucher();
    Job before = job();
    bench.sizing().type("width", "1");
    bench.sizing().type("width", "10");
    bench.sizing().cancel();
    assertEquals(before, job());
    assertFalse(bench.history().canUndo().get());
    assertFalse(bench.history().canRedo().get());
  }

  @Test
  void whatCannotBeRead_leavesTheJobBeforeTyping() {
    layTheVoucher();
    bench.sizing().type("left", "9");
    assertTrue(bench.sizing().type("left", "9x").value().isEmpty());
    assertSizes(123, 162, 77, 96);
    bench.sizing().type("left", "90");
    assertSizes(123, 162, 90, 96);
    bench.undo();
    assertSizes(123, 162, 77, 96);
  }

  @Test
  void undoWhileTyping_theNextKeyBeginsAtWhatIsThereNow() {
    layTheVoucher();
    bench.sizing().type("width", "1");
    bench.undo();
    bench.sizing().type("width", "109");
    assertSizes(109, 144, 68, 85);
  }

  /**
   * To one sheet, to another and back: the first answer again, for every construction and ruler. A
   * refusal is no answer: every construction as shipped can be made from either sheet.
   */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void scaledToOtherSheetsAndBack_isTheFirstAgain(boolean keeps) {
    Sheet letter = StandardSizes.sheet("letter").orElseThrow();
    Sheet a4 = StandardSizes.sheet("a4").orElseThrow();
    int turn = keeps ? 0 : 1;
    for (Pattern pattern : LIBRARY.patterns()) {
      for (Marks marks : List.of(Marks.SIXTEENTHS, Marks.MILLIMETRES, Marks.EIGHTHS)) {
        // All of them in the long run; otherwise each fourth, so that every ruler has its turn.
        if (!Boolean.getBoolean("cufflink.long") && turn++ % 4 != 0) {
          continue;
        }
        Workbench table = new Workbench(LIBRARY, marks);
        table.choosing().choose(pattern);
        table.sizing().keepProportions(keeps);
        table.sizing().scaleTo(new Goal.FromSheet(letter));
        assertTrue(
            table.job().orElseThrow().scaledFrom().isPresent(), pattern.id() + " on " + marks);
        Values first = table.job().orElseThrow().values();
        table.sizing().scaleTo(new Goal.FromSheet(a4));
        table.sizing().scaleTo(new Goal.FromSheet(letter));
        assertEquals(first, table.job().orElseThrow().values(), pattern.id() + " on " + marks);
      }
    }
  }

  @Test
  void pinnedWidth_limitsASheet_andIsNotOverruled() {
    layTheVoucher();
    bench.making().pin("width");
    bench.sizing().scaleTo(new Goal.FromSheet(StandardSizes.sheet("a3").orElseThrow()));
    assertEquals(Optional.of(Length.ofMillimetres(123)), job().values().length("width"));
    assertTrue(job().values().length("height").orElseThrow().toMillimetres() > 162);
    bench.sizing().type("height", "100");
    assertEquals(Optional.of(Length.ofMillimetres(123)), job().values().length("width"));
  }

  /** A fault of our own while something is derived must not leave half a change behind. */
  @Test
  void faultWhileDeriving_leavesTheJobAndItsHistory() {
    layTheVoucher();
    Job before = job();
    Job impossible = before.withValues(before.values().and("width", new Setting.OfChoice("")));
    assertThrows(RuntimeException.class, () -> bench.change(impossible, "", ""));
    assertEquals(before, job());
    assertFalse(bench.history().canUndo().get());
  }
}
