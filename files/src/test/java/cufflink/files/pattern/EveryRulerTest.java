package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.finding.Finding;
import cufflink.core.fit.Relayer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import cufflink.files.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever begins a card with any ruler that is offered begins with one that works. */
class EveryRulerTest {
  static Stream<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void cardAsItIsBegun_hasNothingWrong_onAnyRuler(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    List<String> wrong = new ArrayList<>();
    for (Marks marks : Marks.COMMON) {
      Values values = Relayer.relay(pattern, pattern.normalValues(), Rulers.one(marks), Set.of());
      Job job = Job.begun("Trial", Edition.atHand(id), values, Tools.usual(marks));
      Derivation derivation =
          Derivation.of(pattern, job).completed(() -> false).folded(() -> false);
      for (Finding finding : derivation.findings()) {
        wrong.add(marks + ": " + finding.sentence().say(Spoken.ENGLISH));
      }
    }
    assertEquals(List.of(), wrong);
  }
}
