package cufflink.desktop.slip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.desktop.work.Station;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What has moved is found by what the numbers measure, not by how they are written. */
class LookedTest {
  private static final Pattern PATTERN =
      PatternLibrary.shipped().pattern("diagonal-pocket-quarter-fold").orElseThrow();

  private Marks shown = Marks.MILLIMETRES;

  private final Looked looked =
      new Looked(
          new Slips() {
            @Override
            public List<Station> stations() {
              return List.of(Station.CUT, Station.SCORE);
            }

            @Override
            public List<SlipSection> write(Station station, Derivation derivation) {
              SlipWriter writer = new SlipWriter(derivation, Words.on(shown, Fractions.TYPESET));
              return station == Station.SCORE ? writer.scores() : writer.sizes();
            }
          });

  private static Derivation derive(long height) {
    Job job =
        Job.begun(
            "Trial",
            Edition.atHand(PATTERN.id()),
            PATTERN.normalValues().and("height", Length.ofMillimetres(height)),
            Tools.usual(Marks.MILLIMETRES));
    return Derivation.of(PATTERN, job);
  }

  @Test
  void changed_toTheOtherUnits_hasMovedNothing() {
    looked.changed(derive(146), Optional.empty());
    shown = Marks.SIXTEENTHS;
    looked.changed(derive(146), Optional.empty());
    assertFalse(looked.isMoved(Station.SCORE));
  }

  /** A slanted score has no number of its own, and moves all the same. */
  @Test
  void changed_whatIsRuledByHand_isToldToo() {
    looked.changed(derive(146), Optional.empty());
    looked.changed(derive(150), Optional.empty());
    assertTrue(looked.isMoved(Station.SCORE, new Subject.Stop("base", "large")));
    assertFalse(looked.isMoved(Station.SCORE, new Subject.Stop("base", "small")));
    looked.look(Station.SCORE, new Subject.Stop("base", "large"));
    assertFalse(looked.isMoved(Station.SCORE, new Subject.Stop("base", "large")));
    assertEquals(true, looked.isMoved(Station.SCORE));
    looked.leave(Station.SCORE);
    assertFalse(looked.isMoved(Station.SCORE));
  }
}
