package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Ref;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where flags are planted. */
class FlagPlacesTest {
  private static Derivation gate() {
    Workbench bench = new Workbench(OpenWindow.LIBRARY, Marks.MILLIMETRES);
    bench.choosing().choose(OpenWindow.LIBRARY.pattern("off-centre-gate").orElseThrow());
    return bench.derivation().get().orElseThrow();
  }

  private static List<Ref> places(Place place) {
    Finding finding =
        new Finding(
            FindingKind.RULE,
            Severity.ERROR,
            place,
            Message.written(List.of("It is too wide.")),
            Optional.empty());
    return Wrongs.places(finding, gate());
  }

  @Test
  void lines_areWhereTheyAre() {
    assertTrue(places(Place.on("base", "left")).contains(new Ref("base", "left")));
  }

  /** Widening the left flap moves the panel that it is, and the layer on it. */
  @Test
  void values_arePlantedWhereTheyMoveThePaper() {
    List<Ref> places = places(Place.of("left"));
    assertTrue(places.contains(new Ref("base", "panel-across-1")), places::toString);
    assertFalse(places.contains(new Ref("base", "panel-across-2")), places::toString);
  }

  @Test
  void neither_isNowhereInParticular() {
    assertEquals(List.of(), places(new Place("", List.of(), List.of())));
  }
}
