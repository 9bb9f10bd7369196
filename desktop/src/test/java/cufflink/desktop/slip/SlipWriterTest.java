package cufflink.desktop.slip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Drawer;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Ref;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SlipWriterTest {
  /** The slips as the stations write them, with nothing known of the cutting. */
  private static final Slips SLIPS =
      new Slips() {
        @Override
        public List<Station> stations() {
          return List.of(Station.SIZE, Station.CUT, Station.SCORE, Station.FOLD, Station.LAYER);
        }

        @Override
        public List<SlipSection> write(Station station, Derivation derivation) {
          SlipWriter writer =
              new SlipWriter(derivation, Words.on(derivation.job().marks(), Fractions.TYPESET));
          return switch (station) {
            case CHOOSE, ASSEMBLE, INSPECT, MAKE, LOG -> List.of();
            case SIZE -> writer.sizes();
            case CUT -> writer.cuts(List.of(), Drawer.EMPTY);
            case SCORE -> writer.scores();
            case FOLD -> writer.folds();
            case LAYER -> writer.layers();
          };
        }
      };

  private final Workbench bench = new Workbench(PatternLibrary.shipped(), Marks.MILLIMETRES);

  @BeforeEach
  void chooseTheGate() {
    bench.choosing().choose(bench.library().pattern("off-centre-gate").orElseThrow());
  }

  @Test
  void sizes_beginWithTheFinishedCard() {
    List<SlipSection> sections = write(Station.SIZE);
    assertEquals(
        List.of("110", "150"), sections.get(0).rows().stream().map(SlipRow::number).toList());
    assertEquals("258 × 150", sections.get(2).rows().get(0).number());
    assertEquals(Set.of(new Ref("base", "panel-across-1")), sections.get(1).rows().get(0).refs());
  }

  @Test
  void cuts_areGroupedByPaper() {
    List<SlipSection> sections = write(Station.CUT);
    assertEquals(
        List.of("From cardstock", "From patterned paper"),
        sections.stream().map(SlipSection::title).toList());
    assertEquals(3, sections.get(1).rows().size());
  }

  @Test
  void scores_areRunningStopsUnderTheWayThePieceLies() {
    SlipSection section = write(Station.SCORE).get(0);
    assertEquals("Lay it outside up with the 258 side along the top.", section.remark());
    assertEquals(List.of("66", "176"), section.rows().stream().map(SlipRow::number).toList());
    assertEquals(Set.of(new Ref("base", "left")), section.rows().get(0).refs());
  }

  @Test
  void folds_areNumberedInOrder_andEndWithTheClosedSize() {
    List<SlipSection> sections = write(Station.FOLD);
    assertEquals("Fold the left flap over", sections.get(0).rows().get(0).label());
    assertEquals("Open the right flap", sections.get(1).rows().get(0).label());
    assertEquals("3", sections.get(1).rows().get(0).number());
    assertEquals("110 × 150", sections.get(2).rows().get(0).number());
  }

  @Test
  void layers_haveTheirSizesAndTheBorder() {
    List<SlipSection> sections = write(Station.LAYER);
    assertEquals("60 × 144", sections.get(0).rows().get(0).number());
    assertEquals(new Subject.Value("border"), sections.get(1).rows().get(0).subject());
  }

  @Test
  void rows_haveSubjectsOfTheirOwn() {
    for (Station station : Station.values()) {
      Set<Subject> subjects = new HashSet<>();
      write(station)
          .forEach(
              section ->
                  section
                      .rows()
                      .forEach(row -> assertTrue(subjects.add(row.subject()), row::toString)));
    }
  }

  @Test
  void looked_marksWhatMovedUntilItIsLookedAt() {
    Looked looked = new Looked(SLIPS);
    looked.changed(derivation(), Optional.empty());
    assertFalse(looked.isMoved(Station.SCORE));
    bench.sizing().type("left", "70");
    looked.changed(derivation(), Optional.of(new Subject.Value("left")));
    assertFalse(looked.isMoved(Station.SIZE, new Subject.Value("left")));
    assertTrue(looked.isMoved(Station.SIZE, new Subject.CutPart("base", "")));
    assertTrue(looked.isMoved(Station.SCORE, new Subject.Stop("base", "right")));
    assertFalse(looked.isMoved(Station.FOLD, new Subject.Closed()));
    looked.look(Station.SIZE, new Subject.CutPart("base", ""));
    assertFalse(looked.isMoved(Station.SIZE, new Subject.CutPart("base", "")));
    looked.leave(Station.SCORE);
    assertFalse(looked.isMoved(Station.SCORE));
  }

  private Derivation derivation() {
    return bench.derivation().get().orElseThrow();
  }

  private List<SlipSection> write(Station station) {
    return SLIPS.write(station, derivation());
  }
}
