package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.finding.Cost;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.glue.Repair;
import cufflink.core.glue.Repair.Mistake;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.paper.HeldItem;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a hand can still do with a card, against cards for which that is plain. */
class RepairTest {
  /** A sheet 100 by 160, folded somewhere, with a pocket 90 wide and 60 deep on one half of it. */
  private static Design folded(String fold) {
    String text =
        """
        format: cufflink-pattern/1
        id: half
        name: Half
        parameters:
          width: {label: Width, default: 100 mm, role: finished-width}
          height: {label: Height, default: 80 mm, role: finished-height}
        pieces:
          base:
            label: card base
            size: [width, 2 * height]
            scores:
              fold: {label: Fold, %s, fold: valley}
          pocket: {label: pocket, size: [90 mm, 60 mm]}
        joins:
          pocket: {label: pocket, piece: pocket, on: base, face: inside, mouth: top, holds: pocket, area: [5 mm, 90 mm, 90 mm, 60 mm], glue: [[5 mm, 90 mm, 6 mm, 60 mm], [89 mm, 90 mm, 6 mm, 60 mm], [5 mm, 142 mm, 90 mm, 8 mm]]}
        """
            .formatted(fold);
    Pattern pattern = PatternFile.read("half", text).pattern().orElseThrow();
    return Derivation.of(pattern, Jobs.job("half", pattern.normalValues()))
        .made()
        .orElseThrow()
        .design();
  }

  private static List<String> repairs(Design design, Mistake mistake, Optional<HeldItem> item) {
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    return Repair.of(order, design, 0, mistake, item).stream()
        .map(each -> each.told().say(Spoken.ENGLISH))
        .toList();
  }

  private static boolean offers(List<String> repairs, String words) {
    return repairs.stream().anyMatch(each -> each.contains(words));
  }

  /** Turned round, a sheet is as it was only if its fold lies in the middle. */
  @ParameterizedTest
  @CsvSource({
    "y: 80 mm, true, true",
    "y: 70 mm, false, true",
    "x: 50 mm, true, true",
    "x: 40 mm, false, false"
  })
  void hostThatIsTheSame_isUsedTheOtherWayRound(String fold, boolean round, boolean over) {
    Design design = folded(fold);
    List<String> end = repairs(design, Mistake.WRONG_END, Optional.empty());
    assertEquals(round, offers(end, "call the other end the front"), end.toString());
    List<String> face = repairs(design, Mistake.WRONG_FACE, Optional.empty());
    assertEquals(over, offers(face, "fold every score the other way"), face.toString());
  }

  /**
   * The narrowest glue is 6 wide: cut off along the mouth, of 52 clear of the foot's 8 are left 46.
   */
  @Test
  void sealedMouth_isCutOpen_andWhatItStillHoldsIsTold() {
    Design design = folded("y: 80 mm");
    Optional<HeldItem> card = StandardSizes.item("gift-card");
    List<String> repairs = repairs(design, Mistake.SEALED, card);
    assertTrue(
        offers(
            repairs,
            "Cut 6 mm off along the mouth, where the glue ran: the pocket is then 46 mm deep."),
        repairs.toString());
    // A card of 85.6 by 54 (ISO 7810) goes in upright between 78, held by more than half of it.
    assertTrue(offers(repairs, "The gift card still goes in."), repairs.toString());
    List<String> other =
        repairs(
            design,
            Mistake.SEALED,
            Optional.of(
                new HeldItem(
                    "long", "long card", Length.ofMillimetres(70), Length.ofMillimetres(96))));
    // Half of 96 is 48, and 46 are left.
    assertTrue(offers(other, "The long card no longer goes in: it lacks 2 mm."), other.toString());
  }

  @Test
  void cheapestFirst_andLastOfAllANewOne() {
    Design design = folded("y: 80 mm");
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    List<Repair> repairs = Repair.of(order, design, 0, Mistake.WRONG_FACE, Optional.empty());
    List<Cost> costs = repairs.stream().map(Repair::cost).toList();
    assertEquals(costs.stream().sorted(Comparator.reverseOrder()).toList(), costs);
    Repair last = repairs.get(repairs.size() - 1);
    assertEquals(
        "Begin again with a new card base, 100 mm × 160 mm.", last.told().say(Spoken.ENGLISH));
  }

  /** What is glued on already would be wrong as well if the card were turned round. */
  @Test
  void hostWithSomethingOnIt_isNotTurned_andWhatIsLostIsNamed() {
    Pattern pattern = PatternLibrary.shipped().pattern("stacked-pocket-folio").orElseThrow();
    Design design =
        Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues())).made().orElseThrow().design();
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    List<String> repairs =
        Repair.of(order, design, 2, Mistake.WRONG_END, Optional.empty()).stream()
            .map(each -> each.told().say(Spoken.ENGLISH))
            .toList();
    assertFalse(offers(repairs, "Nothing else is on the"), repairs.toString());
    assertTrue(offers(repairs, "Lost with it: the papers on the outside of the folio base"));
  }

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id).toList();
  }

  /** Whatever goes wrong wherever, something can be done, and it is said in a sentence. */
  @ParameterizedTest
  @MethodSource("ids")
  void everyMistakeOfEveryStep_hasAWayOut(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Design design = Jobs.derive(Jobs.job(id, pattern.normalValues())).made().orElseThrow().design();
    GluingOrder order = GluingOrder.of(design, Wish.NONE);
    for (int i = 0; i < order.steps().size(); i++) {
      Act act = order.steps().get(i).act();
      for (Mistake mistake : Repair.possible(act)) {
        List<Repair> repairs =
            Repair.of(order, design, i, mistake, StandardSizes.item("gift-card"));
        assertFalse(repairs.isEmpty());
        repairs.forEach(
            each -> assertTrue(each.told().say(Spoken.ENGLISH).endsWith("."), id + each));
      }
    }
  }
}
