package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Goal;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Parameter;
import cufflink.core.value.Setting;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class WorkbenchTest {
  private final PatternLibrary library = PatternLibrary.shipped();
  private final Workbench bench = new Workbench(library, Marks.MILLIMETRES);

  @BeforeEach
  void chooseTheGate() {
    bench.choosing().choose(library.pattern("off-centre-gate").orElseThrow());
  }

  @Test
  void choose_laysANewJobOnTheTable() {
    assertEquals(Station.SIZE, bench.station().get());
    assertTrue(bench.keeping().unsaved().get());
    assertTrue(derivation().made().isPresent());
    assertTrue(derivation().findings().isEmpty());
  }

  @Test
  void type_aLength_derivesEverythingAnew() {
    assertTrue(bench.sizing().type("left", "7 cm").value().isPresent());
    assertEquals(Length.ofMillimetres(70), length("left"));
    assertEquals(
        Length.ofMillimetres(70 + 110 + 82),
        derivation().made().orElseThrow().design().base().width());
  }

  /** How wide it is goes across the card, how high down it. */
  @Test
  void type_whatIsOwned_takesItsSize() {
    Length across = Length.ofMillimetres(71);
    Length down = Length.ofMillimetres(145);
    bench.papers().note(new Owned("tall die", Topper.Shape.RECTANGLE, across, down));
    assertTrue(bench.sizing().type("left", "Tall die").value().isPresent());
    assertEquals(across, length("left"));
    assertTrue(bench.sizing().type("height", "tall die").value().isPresent());
    assertEquals(down, length("height"));
    assertTrue(bench.sizing().type("left", "tall").value().isEmpty());
    // A number is a number, whatever is called so.
    bench.papers().note(new Owned("66", Topper.Shape.CIRCLE, across, across));
    bench.sizing().type("left", "66");
    assertEquals(Length.ofMillimetres(66), length("left"));
  }

  @Test
  void type_nonsense_leavesTheNumberAsItWas() {
    Length before = length("left");
    assertTrue(Words.say(bench.sizing().type("left", "7 km").problem()).contains("“km”"));
    assertEquals(before, length("left"));
  }

  @Test
  void type_zeroOrTenMetres_isAFindingAndNoCrash() {
    // Of nought nothing can be made: it is told, and not taken.
    assertTrue(bench.sizing().type("left", "0").value().isEmpty());
    assertTrue(derivation().findings().stream().noneMatch(Finding::isError));
    bench.sizing().type("left", "99");
    assertTrue(bench.sizing().type("left", "9999").value().isEmpty());
    // Not 99 either, which was only on the way.
    assertEquals(Length.ofMillimetres(66), length("left"));
    bench.sizing().type("width", "0");
    bench.sizing().type("width", "100");
    assertEquals(Length.ofMillimetres(100), length("width"));
  }

  @Test
  void type_aFinishedWidth_scalesWhatBelongsToIt() {
    bench.sizing().type("width", "220");
    assertEquals(Length.ofMillimetres(132), length("left"));
    assertEquals(Length.ofMillimetres(300), length("height"));
    assertEquals(Length.ofMillimetres(6), length("border"));
    bench.sizing().keepProportions(false);
    bench.sizing().type("width", "110");
    assertEquals(Length.ofMillimetres(300), length("height"));
  }

  @Test
  void undo_takesBackAWholeNumberAndNotEachKey() {
    bench.sizing().type("left", "7");
    bench.sizing().type("left", "70");
    bench.pause();
    bench.sizing().type("left", "71");
    bench.undo();
    assertEquals(Length.ofMillimetres(70), length("left"));
    bench.undo();
    assertEquals(Length.ofMillimetres(66), length("left"));
    assertFalse(bench.history().canUndo().get());
    bench.redo();
    bench.redo();
    assertEquals(Length.ofMillimetres(71), length("left"));
    assertFalse(bench.history().canRedo().get());
  }

  @Test
  void undo_bringsBackTheJobThatLayThereBefore() {
    Path file = Path.of("/tmp/card.cufflink");
    bench.saved(file);
    Job demo = DemoProjects.all().get(2);
    assertTrue(bench.lay(demo, Optional.empty()));
    assertEquals(Optional.empty(), bench.keeping().file().get());
    bench.undo();
    assertEquals("off-centre-gate", bench.job().orElseThrow().patternId());
    assertEquals(Optional.of(file), bench.keeping().file().get());
  }

  @Test
  void change_afterUndo_forgetsWhatWasTakenBack() {
    bench.sizing().type("left", "70");
    bench.undo();
    bench.sizing().type("right", "90");
    assertFalse(bench.history().canRedo().get());
  }

  @Test
  void scaleTo_aSheet_saysWhy() {
    bench.sizing().scaleTo(new Goal.FromSheet(StandardSizes.sheet("a4").orElseThrow()));
    assertTrue(bench.notice().get().startsWith("The largest for A4."));
    Length width = derivation().made().orElseThrow().design().base().width();
    assertTrue(width.compareTo(Length.ofMillimetres(297)) <= 0);
    assertTrue(width.compareTo(Length.ofMillimetres(290)) > 0);
  }

  @Test
  void useMarks_thereAndBack_endsWhereItBegan() {
    Job before = bench.job().orElseThrow();
    bench.sizing().useMarks(Marks.EIGHTHS);
    Job inches = bench.job().orElseThrow();
    assertTrue(Marks.EIGHTHS.holds(length("left")));
    assertEquals(Marks.EIGHTHS, inches.habit().grooves());
    bench.sizing().useMarks(Marks.MILLIMETRES);
    assertEquals(before.values(), bench.job().orElseThrow().values());
    bench.undo();
    assertEquals(inches, bench.job().orElseThrow());
  }

  @Test
  void useLayerMarks_movesOnlyLayers() {
    Length left = length("left");
    bench.sizing().useLayerMarks(Marks.EIGHTHS);
    assertEquals(left, length("left"));
    assertTrue(Marks.EIGHTHS.holds(length("border")), length("border")::toString);
    Length border = length("border");
    bench.sizing().nudge("border", 1);
    assertEquals(border.plus(Marks.EIGHTHS.step()), length("border"));
    bench.sizing().useMarks(Marks.FIVE_MILLIMETRES);
    assertEquals(Marks.EIGHTHS, bench.job().orElseThrow().rulers().layers());
    bench.sizing().useLayerMarks(Marks.FIVE_MILLIMETRES);
    assertTrue(bench.job().orElseThrow().rulers().isOne());
  }

  @Test
  void nudge_movesByAMarkAndNeverBelowOne() {
    bench.sizing().nudge("left", 1);
    assertEquals(Length.ofMillimetres(67), length("left"));
    bench.sizing().nudge("left", -1_000);
    assertEquals(Length.ofMillimetres(1), length("left"));
  }

  @Test
  void cure_mendsTheFindingOnTheMarks() {
    bench.sizing().type("left", "150");
    Finding finding = derivation().findings().get(0);
    bench.sizing().cure(finding.fix().orElseThrow());
    assertEquals(Length.ofMillimetres(105), length("left"));
    assertTrue(derivation().findings().isEmpty());
  }

  @Test
  void set_aChoice_changesTheFolding() {
    Parameter top = derivation().pattern().parameter("top").orElseThrow();
    bench.sizing().set(top, new Setting.OfChoice("left"));
    assertEquals(
        "Fold the right flap over",
        derivation().made().orElseThrow().design().stages().get(0).title());
  }

  @Test
  void lay_unknownConstruction_leavesTheTableAsItWas() {
    Job strange =
        Job.begun(
            "X",
            Edition.atHand("nothing"),
            bench.job().orElseThrow().values(),
            Tools.usual(Marks.MILLIMETRES));
    assertFalse(bench.lay(strange, Optional.empty()));
    assertEquals("off-centre-gate", bench.job().orElseThrow().patternId());
    assertTrue(bench.notice().get().contains("needs the construction “nothing”"));
  }

  @Test
  void rename_blank_isIgnored() {
    bench.making().rename("  ");
    assertEquals("Off-centre gate", bench.job().orElseThrow().title());
    bench.making().rename(" Regatta ");
    assertEquals("Regatta", bench.job().orElseThrow().title());
  }

  private Derivation derivation() {
    return bench.derivation().get().orElseThrow();
  }

  private Length length(String parameter) {
    return bench.job().orElseThrow().values().length(parameter).orElseThrow();
  }

  @Test
  void ownSheets_areWhatIsInTheDrawer_eachSizeOnce() {
    Length side = Length.ofMillimetres(90);
    bench
        .making()
        .changeDrawer(
            each ->
                each.putOffCut(bench.making().papers().card(), side, side, 2)
                    .putOffCut(bench.making().papers().patterned(), side, side, 1)
                    .putOffCut(bench.making().papers().card(), Length.ofMillimetres(180), side, 1),
            "drawer.changed");
    assertEquals(
        java.util.List.of(Length.ofMillimetres(180), side),
        bench.making().ownSheets().stream().map(sheet -> sheet.width()).toList());
    assertEquals("The drawer is changed.", bench.notice().get());
    assertEquals("scrap of card", bench.making().ownSheets().get(0).label());
  }

  /** Upright becomes across, and one step takes it back. */
  @Test
  void turned_theSidesAreExchanged_andTakenBackAtOnce() {
    Job before = bench.job().orElseThrow();
    Length width = length("width");
    Length height = length("height");
    bench.sizing().turn();
    assertEquals(height, length("width"));
    assertEquals(width, length("height"));
    assertTrue(bench.derivation().get().orElseThrow().made().isPresent());
    bench.undo();
    assertEquals(before, bench.job().orElseThrow());
  }
}
