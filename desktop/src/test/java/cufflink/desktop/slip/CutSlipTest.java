package cufflink.desktop.slip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.desktop.work.Cutter;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.words.Words;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The slip while cutting: parts for all copies, settings of the fence, what to buy. */
class CutSlipTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  private static Derivation voucher(int copies) {
    Job job = DemoProjects.all().get(0);
    Job asked = job.withOrder(job.order().withCopies(copies));
    return Derivation.of(LIBRARY.pattern(asked).orElseThrow(), asked);
  }

  private static List<SlipSection> slip(Derivation derivation, Drawer drawer) {
    List<PaperPlan> plans = Cutter.plans(derivation, drawer, List.of());
    return new SlipWriter(derivation, Words.on(derivation.job().marks(), Fractions.TYPESET))
        .cuts(plans, drawer);
  }

  private static SlipSection section(List<SlipSection> sections, String title) {
    return sections.stream().filter(each -> each.title().equals(title)).findFirst().orElseThrow();
  }

  @Test
  void write_oneRowForEachSettingOfTheFence() {
    List<SlipSection> sections = slip(voucher(1), Drawer.EMPTY);
    SlipSection card = section(sections, "Cut: Cardstock");
    assertEquals("1 sheet; 1 is the least possible", card.remark());
    assertEquals(
        List.of("162", "296", "74", "46"), card.rows().stream().map(SlipRow::number).toList());
    assertEquals("one cut: Sheet 1", card.rows().get(0).label());
    assertTrue(
        card.rows().get(1).refs().stream().anyMatch(ref -> ref.piece().equals("base")),
        "the row lights the part it makes");
  }

  @Test
  void write_partsAreCountedForAllCopies() {
    SlipSection parts = section(slip(voucher(12), Drawer.EMPTY), "From cardstock");
    assertEquals("12 × card base", parts.rows().get(0).label());
  }

  @Test
  void write_shoppingList_isWhatTheDrawerLacks() {
    Derivation derivation = voucher(12);
    assertTrue(
        section(slip(derivation, Drawer.EMPTY), "To buy").remark().startsWith("buy 12 × A4"));
    Stock eight =
        new Stock(
            "a4",
            "A4",
            Length.ofMillimetres(210),
            Length.ofMillimetres(297),
            8,
            false,
            derivation.job().papers().card());
    String rest = section(slip(derivation, Drawer.EMPTY.put(eight)), "To buy").remark();
    assertTrue(rest.startsWith("buy 4 × A4"), rest);
  }

  @Test
  void write_subjectsAreUnique() {
    List<Subject> subjects =
        slip(voucher(20), Drawer.EMPTY).stream()
            .flatMap(each -> each.rows().stream())
            .map(SlipRow::subject)
            .toList();
    assertEquals(subjects.stream().distinct().count(), subjects.size());
  }
}
