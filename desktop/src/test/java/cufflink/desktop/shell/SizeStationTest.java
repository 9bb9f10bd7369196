package cufflink.desktop.shell;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.MenuItem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;

/** What the size station offers. */
@ExtendWith(ApplicationExtension.class)
class SizeStationTest {
  private static final String OFFER = ".+ for .+, \\d+ from .+";

  /** They are looked for beside the window, while the maker is still reading. */
  @Test
  void otherSizes_areThereOnceTheyAreFound(FxRobot robot) {
    Workbench bench = new Workbench(OpenWindow.LIBRARY, Marks.MILLIMETRES);
    bench.choosing().choose(OpenWindow.LIBRARY.pattern("off-centre-gate").orElseThrow());
    Derivation derivation = bench.derivation().get().orElseThrow();
    List<SizeStation> station = new ArrayList<>();
    List<List<String>> offers = new ArrayList<>();
    robot.interact(
        () -> {
          station.add(new SizeStation(bench));
          station.get(0).sentence(derivation);
          offers.add(texts(station.get(0), derivation));
        });
    assertEquals(List.of("Still looking; open this again in a moment."), offers.get(0));
    OpenWindow.waitFor(
        () -> {
          robot.interact(() -> offers.set(0, texts(station.get(0), derivation)));
          return offers.get(0).size() > 2;
        });
    assertTrue(offers.get(0).size() <= 10, offers::toString);
    assertTrue(offers.get(0).stream().allMatch(text -> text.matches(OFFER)), offers::toString);
  }

  private static List<String> texts(SizeStation station, Derivation derivation) {
    return station.offers(derivation).stream().map(MenuItem::getText).toList();
  }
}
