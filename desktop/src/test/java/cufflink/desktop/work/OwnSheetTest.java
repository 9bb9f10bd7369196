package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Sheet;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Sheets as the maker measured them are typed once and offered from then on. */
class OwnSheetTest {
  private final Workbench bench = new Workbench(PatternLibrary.shipped(), Marks.SIXTEENTHS);

  @Test
  void typedSheet_isRememberedUnderItsName() {
    Sheet sheet = bench.making().ownSheet("my A4 = 8 1/4 x 11 3/4", Marks.SIXTEENTHS).orElseThrow();
    assertEquals("my A4", sheet.label());
    assertEquals(Length.ofInches(47, 4), sheet.height());
    assertEquals(List.of(sheet), bench.making().ownSheets());
  }

  @Test
  void sameSizeAgain_takesTheNewName_andTheLastComesFirst() {
    bench.making().ownSheet("8 x 8", Marks.SIXTEENTHS);
    bench.making().ownSheet("scrapbook = 12 1/4 x 12", Marks.SIXTEENTHS);
    bench.making().ownSheet("block = 8 x 8", Marks.SIXTEENTHS);
    assertEquals(
        List.of("block", "scrapbook"),
        bench.making().ownSheets().stream().map(Sheet::label).toList());
  }

  /** An envelope does not take the place of a die that is called like it, nor goes with it. */
  @Test
  void sameNameForSomethingElse_losesNothing() {
    Owned die = new Owned("Moss", Shape.CIRCLE, Length.ofInches(2, 1), Length.ofInches(2, 1));
    bench.papers().note(die);
    bench.making().ownEnvelope("moss = 5 x 7", Marks.SIXTEENTHS);
    bench.making().ownSheet("moss = 12 x 12", Marks.SIXTEENTHS);
    assertEquals(3, bench.papers().owned().get().all().size());
    bench.papers().owned().get().of(Owned.Use.SHEET).forEach(bench.papers()::forget);
    assertEquals(List.of(), bench.making().ownSheets());
    bench.papers().owned().get().of(Owned.Use.ENVELOPE).forEach(bench.papers()::forget);
    assertEquals(List.of(die), bench.papers().owned().get().all());
  }

  @Test
  void whatIsNoSize_isSaidAndNotRemembered() {
    assertTrue(bench.making().ownSheet("my A4", Marks.SIXTEENTHS).value().isEmpty());
    assertTrue(bench.making().ownSheet("my A4 = wide", Marks.SIXTEENTHS).value().isEmpty());
    assertEquals(List.of(), bench.making().ownSheets());
  }
}
