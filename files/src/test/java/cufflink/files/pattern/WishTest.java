package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.fit.Goal;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Question.Priority;
import cufflink.core.fit.Wish;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.files.size.StandardSizes;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What lies on the shelf for what a maker wants. */
class WishTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  @Test
  void fulfil_anything_showsEveryConstructionAtItsUsualSize() {
    List<Offer> offers = fulfil(Wish.ANYTHING);
    assertEquals(LIBRARY.patterns().size(), offers.size());
    assertEquals("slim-tent", offers.get(0).pattern().id());
    for (Offer offer : offers) {
      assertEquals(offer.pattern().normalValues().length("width"), offer.values().length("width"));
    }
  }

  @Test
  void fulfil_aGiftCard_showsOnlyWhatHoldsIt() {
    List<Offer> offers = fulfil(Wish.ANYTHING.withItem(StandardSizes.item("gift-card")));
    assertTrue(offers.size() >= 6, () -> "only " + offers.size());
    for (Offer offer : offers) {
      assertTrue(!offer.design().pockets().isEmpty(), offer.pattern().id());
      assertTrue(offer.clearance().orElseThrow().compareTo(Length.ZERO) >= 0);
    }
  }

  @Test
  void fulfil_envelopeAndSheet_goesIntoTheOneAndComesFromTheOther() {
    var envelope = StandardSizes.envelope("c6").orElseThrow();
    Wish wish =
        Wish.ANYTHING
            .withEnvelope(Optional.of(envelope))
            .withSheet(StandardSizes.sheet("a4"))
            .withPriority(Optional.of(Priority.BEST_ENVELOPE));
    List<Offer> offers = fulfil(wish);
    double slack = 0;
    for (Offer offer : offers) {
      assertTrue(
          envelope.takes(
              offer.design().finishedWidth(),
              offer.design().finishedHeight(),
              Envelope.usualClearance(Marks.MILLIMETRES)));
      assertEquals("a4", offer.sheet().id());
      assertTrue(offer.slack() >= slack, "the best envelope does not come first");
      slack = offer.slack();
    }
    assertTrue(offers.size() >= 12, () -> "only " + offers.size());
    assertTrue(wish.goal(Marks.MILLIMETRES) instanceof Goal.ForEnvelope);
  }

  @Test
  void fulfil_abilitiesTimeAndWords_narrowTheShelf() {
    List<Offer> standing =
        fulfil(Wish.ANYTHING.withDoes(Optional.of("stands")).withMinutes(Optional.of(30)));
    assertEquals(
        List.of("slim-tent", "stepped-accordion", "centre-step"),
        standing.stream().map(offer -> offer.pattern().id()).toList());
    assertEquals(
        List.of("waterfall"),
        fulfil(Wish.ANYTHING.withText("PULL  strip")).stream()
            .map(offer -> offer.pattern().id())
            .toList());
  }

  @Test
  void abilities_areThoseOfTheConstructions() {
    LIBRARY
        .patterns()
        .forEach(pattern -> assertTrue(Wish.ABILITIES.containsAll(pattern.does()), pattern.id()));
  }

  @Test
  void words_areThereForEveryAbilityOrderAndLevel_andNoOthers() {
    Set<String> named = new TreeSet<>(Set.of("shelf.does-anything"));
    Wish.ABILITIES.forEach(ability -> named.add("shelf.does-" + ability));
    for (Priority priority : Priority.values()) {
      named.add("shelf.first-" + priority.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }
    LIBRARY.patterns().forEach(each -> named.add("shelf.level-" + each.effort().level()));
    Set<String> keys =
        ResourceBundle.getBundle("cufflink.core.words.words", Locale.ROOT).keySet().stream()
            .filter(key -> key.matches("shelf\\.(does|first|level)-.*"))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(keys, named);
  }

  private static List<Offer> fulfil(Wish wish) {
    return wish.fulfil(LIBRARY.patterns(), StandardSizes.sheets(), Marks.MILLIMETRES);
  }
}
