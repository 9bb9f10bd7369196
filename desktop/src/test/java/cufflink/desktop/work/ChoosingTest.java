package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Goal;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Wish;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import cufflink.core.value.Setting;
import cufflink.desktop.slip.SlipRow;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Picking a construction up from the shelf, and what can then be done with its sizes. */
class ChoosingTest {
  private final Workbench bench = new Workbench(PatternLibrary.shipped(), Marks.MILLIMETRES);

  private void pick(String id) {
    bench.choosing().choose(bench.library().pattern(id).orElseThrow());
  }

  @Test
  void choose_anOffer_keepsItsSizeItsEnvelopeAndWhatItHolds() {
    Wish wish =
        Wish.ANYTHING
            .withText("turn-back")
            .withItem(StandardSizes.item("gift-card"))
            .withEnvelope(StandardSizes.envelope("c6"));
    Offer offer =
        wish.fulfil(bench.library().patterns(), StandardSizes.sheets(), bench.marks()).get(0);
    bench.choosing().choose(offer, wish);
    assertEquals(
        offer.values().length("width"), bench.job().orElseThrow().values().length("width"));
    assertTrue(bench.job().orElseThrow().goal() instanceof Goal.ForEnvelope);
    assertEquals("gift-card", bench.job().orElseThrow().item().orElseThrow().id());
    assertEquals(List.of(), bench.derivation().get().orElseThrow().findings());
    assertEquals(Station.SIZE, bench.station().get());
  }

  @Test
  void hold_somethingTooLarge_isFoundAndTakenBackByUndo() {
    pick("turn-back-pocket");
    bench.making().hold(StandardSizes.item("photo"));
    assertEquals(
        List.of("item-too-large"),
        bench.derivation().get().orElseThrow().findings().stream()
            .map(f -> f.kind().id())
            .toList());
    bench.undo();
    assertEquals(Optional.empty(), bench.job().orElseThrow().item());
  }

  @Test
  void hold_whereThereIsNoPocket_isFound() {
    pick("banded-half-fold");
    bench.making().hold(StandardSizes.item("gift-card"));
    assertEquals("no-pocket", bench.derivation().get().orElseThrow().findings().get(0).kind().id());
  }

  @Test
  void snap_oddHeight_putsTheHalfOnAMarkAndOneUndoTakesItBack() {
    pick("turn-back-pocket");
    bench.sizing().keepProportions(false);
    bench.sizing().type("height", "151");
    bench.pause();
    bench.sizing().snap();
    Length snapped = bench.job().orElseThrow().values().length("height").orElseThrow();
    assertEquals(0, snapped.units() % (2 * Length.ofMillimetres(1).units()));
    assertTrue(bench.notice().get().startsWith("Every cut and every score is on a mark."));
    assertTrue(bench.notice().get().contains("151 → "), bench.notice().get());
    bench.undo();
    assertEquals(
        Optional.of(Length.ofMillimetres(151)),
        bench.job().orElseThrow().values().length("height"));
  }

  @Test
  void snap_pinnedHeight_staysAndTheRestIsNamed() {
    pick("turn-back-pocket");
    bench.sizing().keepProportions(false);
    bench.sizing().type("height", "151");
    bench.making().pin("height");
    bench.sizing().snap();
    assertEquals(
        Optional.of(Length.ofMillimetres(151)),
        bench.job().orElseThrow().values().length("height"));
    assertTrue(
        bench.notice().get().contains("card base, Turn-back: 227 (then 0.5 less)"),
        bench.notice().get());
  }

  @Test
  void pin_aValue_staysWhenTheCardIsScaledAndSaysSo() {
    pick("off-centre-gate");
    bench.making().pin("left");
    Length left = bench.job().orElseThrow().values().length("left").orElseThrow();
    bench.sizing().scaleTo(new Goal.FromSheet(StandardSizes.sheet("a3").orElseThrow()));
    assertEquals(Optional.of(left), bench.job().orElseThrow().values().length("left"));
    assertTrue(labels(slip().sizes()).contains("Left flap (stays)"));
    bench.making().pin("left");
    assertTrue(labels(slip().sizes()).contains("Left flap"));
  }

  @Test
  void allowance_isReckonedUntilTypedAndAgainWhenEmptied() {
    pick("stacked-pocket-folio");
    assertTrue(labels(slip().sizes()).contains("Spine gusset (allowed for)"));
    bench
        .making()
        .use(
            new Papers(
                Paper.CARD.ofCaliper(Length.fromMillimetres(0.9)),
                bench.making().papers().patterned()));
    Setting thick = bench.derivation().get().orElseThrow().settled().get("gusset").orElseThrow();
    // Thirteen of 0.9, sixteen of the paper and 2 to hold, up to the next mark.
    assertEquals(new Setting.OfLength(Length.ofMillimetres(17)), thick);
    bench.sizing().type("gusset", "12");
    assertTrue(labels(slip().sizes()).contains("Spine gusset"));
    assertEquals(
        Optional.of(Length.ofMillimetres(12)), bench.job().orElseThrow().values().length("gusset"));
    assertEquals(Optional.of(thick), bench.sizing().type("gusset", " ").value());
    assertTrue(labels(slip().sizes()).contains("Spine gusset (allowed for)"));
  }

  @Test
  void nudge_anAllowance_startsFromWhatIsReckoned() {
    pick("stacked-pocket-folio");
    Setting before = bench.derivation().get().orElseThrow().settled().get("roll").orElseThrow();
    bench.sizing().nudge("roll", 1);
    assertEquals(
        ((Setting.OfLength) before).length().plus(Length.ofMillimetres(1)),
        bench.job().orElseThrow().values().length("roll").orElseThrow());
  }

  @Test
  void square_oneSideTyped_theOtherFollowsEvenIfProportionsAreFree() {
    pick("diamond-stack");
    bench.sizing().keepProportions(false);
    bench.sizing().type("width", "120");
    assertEquals(
        Optional.of(Length.ofMillimetres(120)),
        bench.job().orElseThrow().values().length("height"));
    assertFalse(
        bench.derivation().get().orElseThrow().findings().stream().anyMatch(f -> f.isError()));
  }

  @Test
  void slip_ofThePocket_namesWhatIsGluedWhereAndWhatFits() {
    pick("turn-back-pocket");
    bench.making().hold(StandardSizes.item("gift-card"));
    List<String> layer = labels(slip().layers());
    assertTrue(
        layer.contains(
            "pocket layer onto the inside of the card base: its corner 3 from the left edge and 3"
                + " from the top. Glue all over."),
        layer::toString);
    assertTrue(
        layer.stream()
            .anyMatch(
                text ->
                    text.startsWith(
                        "turned-up pocket onto the inside of the pocket layer; leave its lower edge"
                            + " open: ")),
        layer::toString);
    assertTrue(
        layer.stream()
            .anyMatch(text -> text.startsWith("pocket, wide × deep; the gift card goes in with ")),
        layer::toString);
    List<String> score = labels(slip().scores());
    assertTrue(
        score.contains(
            "notch at the mouth: half a circle 24 across, its middle 55 from the left"
                + " and 0 below the top. Push the punch in from the edge; the notch is then 12 deep."),
        score::toString);
  }

  @Test
  void slip_ofTheTent_saysHowFarItLeans() {
    pick("slim-tent");
    assertTrue(
        slip().sizes().stream()
            .map(SlipSection::remark)
            .anyMatch("Opened by 60 degrees it leans back 56 degrees."::equals));
  }

  private SlipWriter slip() {
    return new SlipWriter(bench.derivation().get().orElseThrow(), bench.format());
  }

  private static List<String> labels(List<SlipSection> sections) {
    return sections.stream()
        .flatMap(section -> section.rows().stream())
        .map(SlipRow::label)
        .toList();
  }
}
