package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.make.Adapted;
import cufflink.core.measure.Length;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A piece that lies on the table otherwise than it should: the card is made to fit it. */
class MisfitTest {
  private static final Length TWO = Length.ofMillimetres(2);

  private static Piece base(Derivation derivation) {
    return derivation.made().orElseThrow().design().base();
  }

  private static long errors(Derivation derivation) {
    return derivation.findings().stream().filter(Finding::isError).count();
  }

  /** Whatever is found is laid out anew and measured; most bases can be followed. */
  @Test
  void ofEveryConstruction_theBaseIsAsItWasMeasured() {
    List<String> without = new ArrayList<>();
    for (Pattern pattern : PatternLibrary.shipped().patterns()) {
      Job job = Jobs.job(pattern.id(), pattern.normalValues());
      Piece base = base(Jobs.derive(job));
      for (boolean wide : new boolean[] {true, false}) {
        Length width = wide ? base.width().minus(TWO) : base.width();
        Length height = wide ? base.height() : base.height().minus(TWO);
        Optional<Adapted> found =
            Adapted.of(pattern, job, new Adapted.Measured(base.id(), width, height));
        if (found.isEmpty()) {
          without.add(pattern.id());
          continue;
        }
        Derivation now = Jobs.derive(job.withValues(found.get().values()));
        assertEquals(width, base(now).width(), pattern.id());
        assertEquals(height, base(now).height(), pattern.id());
        assertTrue(errors(now) <= errors(Jobs.derive(job)), pattern.id());
        assertEquals(1, found.get().parameters().size(), pattern.id());
      }
    }
    // The base of these is square or in a fixed proportion: one side alone cannot be followed.
    List<String> fixed =
        List.of("concertina-album", "diamond-stack", "slotted-pair", "squash-card");
    assertEquals(fixed, without.stream().distinct().sorted().toList());
  }

  @Test
  void aBaseInProportion_isFollowedWhenBothSidesAreOther() {
    for (String id : List.of("diamond-stack", "squash-card")) {
      Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
      // The bag follows the card, unless its size is set.
      Set<String> bag = Set.of("bag", "bag_height");
      Job job = Jobs.job(id, pattern.normalValues().without(bag));
      Piece base = base(Jobs.derive(job));
      Length width = base.width().minus(TWO.times(4));
      Length height = Length.ofUnits(base.height().units() * width.units() / base.width().units());
      Adapted found =
          Adapted.of(pattern, job, new Adapted.Measured(base.id(), width, height)).orElseThrow();
      assertEquals(width, base(Jobs.derive(job.withValues(found.values()))).width(), id);
    }
  }

  @Test
  void aPinnedSize_isTheLastToBeChanged_andNonsenseIsRefused() {
    Job job = Jobs.gate();
    Pattern pattern = PatternLibrary.shipped().pattern(job.patternId()).orElseThrow();
    Piece base = base(Jobs.derive(job));
    var measured = new Adapted.Measured("base", base.width().minus(TWO), base.height());
    String first = Adapted.of(pattern, job, measured).orElseThrow().parameters().get(0).id();
    Job pinned = job.withPinToggled(first);
    String other = Adapted.of(pattern, pinned, measured).orElseThrow().parameters().get(0).id();
    assertTrue(!first.equals(other), first);
    var both = new Adapted.Measured("base", base.width().minus(TWO), base.height().minus(TWO));
    assertEquals(2, Adapted.of(pattern, job, both).orElseThrow().parameters().size());
    var hair = new Adapted.Measured("base", Length.ofMillimetres(1), base.height());
    assertEquals(Optional.empty(), Adapted.of(pattern, job, hair));
    var nothing = new Adapted.Measured("no-such-piece", base.width(), base.height());
    assertEquals(Optional.empty(), Adapted.of(pattern, job, nothing));
  }
}
