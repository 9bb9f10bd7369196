package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

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

  @Test
  void whatIsNoSize_isSaidAndNotRemembered() {
    assertTrue(bench.making().ownSheet("my A4", Marks.SIXTEENTHS).value().isEmpty());
    assertTrue(bench.making().ownSheet("my A4 = wide", Marks.SIXTEENTHS).value().isEmpty());
    assertEquals(List.of(), bench.making().ownSheets());
  }
}
