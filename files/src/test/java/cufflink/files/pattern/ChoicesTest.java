package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.Finding;
import cufflink.core.fit.Wish;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Motif;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Moves;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.files.Jobs;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each way to make each construction is a card that works. */
class ChoicesTest {
  /** So many letters stand on one line of the shelf. */
  private static final int ONE_LINE = 20;

  static Stream<Pattern> patterns() {
    return PatternLibrary.shipped().patterns().stream();
  }

  private static Derivation derived(Pattern pattern, Values values) {
    Job job = Jobs.job(pattern.id(), values);
    return Derivation.of(pattern, job).completed(() -> false).folded(() -> false);
  }

  /** Every choice by itself; laminating is a caution of the trade, whatever the sizes. */
  @ParameterizedTest
  @MethodSource("patterns")
  void choice_isWithoutFault(Pattern pattern) {
    for (Parameter parameter : pattern.parameters()) {
      for (Parameter.Choice choice : parameter.choices()) {
        Values values =
            pattern.normalValues().and(parameter.id(), new Setting.OfChoice(choice.id()));
        List<Finding> findings = new ArrayList<>(derived(pattern, values).findings());
        findings.removeIf(each -> choice.id().equals("laminated") && !each.isError());
        assertEquals(List.of(), findings, parameter.id() + " " + choice.id());
      }
    }
  }

  @ParameterizedTest
  @MethodSource("patterns")
  void construction_saysWhatItIsGoodFor(Pattern pattern) {
    assertTrue(!pattern.suits().isEmpty());
    assertTrue(Wish.OCCASIONS.containsAll(pattern.suits()), pattern.suits().toString());
    assertTrue(pattern.name().length() <= ONE_LINE, pattern.name());
  }

  /** Common practice, no source: a magnet behind each half, a brad in each of three inserts. */
  @Test
  void parts_areCountedForAllCopies() {
    assertEquals(List.of("2 magnet"), parts("slim-tent", "form", "bookmark"));
    assertEquals(List.of("3 brads"), parts("stacked-pocket-folio", "bottom", "closed"));
    assertEquals(List.of(), parts("slim-tent", "form", "tent"));
  }

  /** Common practice, no source: the band of the waterfall is stapled at its two ends. */
  @Test
  void staples_areCountedInsteadOfTape() {
    Job plain = Jobs.job("waterfall", Values.NONE);
    GluingOrder.Own own = GluingOrder.Own.NONE.with("band", Optional.of(Adhesive.STAPLE));
    Job stapled = plain.withOrder(plain.order().withOwn(own));
    assertEquals(List.of("2 staples"), parts(Jobs.derive(stapled)));
    assertEquals(List.of(), parts(Jobs.derive(plain)));
  }

  private static List<String> parts(String id, String parameter, String choice) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Values values = pattern.normalValues().and(parameter, new Setting.OfChoice(choice));
    return parts(derived(pattern, values));
  }

  private static List<String> parts(Derivation derivation) {
    Job job = derivation.job();
    var design = derivation.made().orElseThrow().design();
    var moves = Moves.of(design, job.habit(), 1);
    return AtHand.of(design, moves, job.order(), job.marks()).parts().stream()
        .filter(each -> each.key().equals("hand.parts"))
        .map(ChoicesTest::written)
        .toList();
  }

  private static String written(Message part) {
    return part.say(Words.on(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN));
  }

  /** Words that are put together from two parts are all there. */
  @Test
  void occasionsAndColours_haveWords() {
    Set<String> keys = Words.language().keys();
    Wish.OCCASIONS.forEach(each -> assertTrue(keys.contains("shelf.suits-" + each), each));
    for (Tint tint : Tint.values()) {
      assertTrue(keys.contains("tint." + tint.name().toLowerCase(Locale.ROOT)), tint.name());
    }
    for (Motif motif : Motif.values()) {
      assertTrue(keys.contains("motif." + motif.name().toLowerCase(Locale.ROOT)), motif.name());
    }
    for (PaperKind kind : PaperKind.values()) {
      assertTrue(keys.contains("look.of-" + kind.name().toLowerCase(Locale.ROOT)), kind.name());
    }
  }
}
