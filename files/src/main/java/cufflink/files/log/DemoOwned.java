package cufflink.files.log;

import cufflink.core.decor.Chart;
import cufflink.core.measure.Marks;
import cufflink.files.size.ChartText;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** What the workshop of the demonstration owns. */
public final class DemoOwned {
  private DemoOwned() {}

  /**
   * Reads what it owns.
   *
   * @return the chart
   */
  public static Chart chart() {
    try (InputStream in = DemoOwned.class.getResourceAsStream("/cufflink/files/demo/owned.txt")) {
      Chart chart = Chart.NONE;
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList()) {
        chart = chart.with(ChartText.parse(line, Marks.MILLIMETRES).orElseThrow());
      }
      return chart;
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }

  /**
   * Begins the log of the demonstration with it; one that is there stays as it is.
   *
   * @param file the log's file; what goes wrong with it is told when it is opened again
   */
  public static void begin(Path file) {
    if (!Files.exists(file)) {
      LogStore.open(file)
          .value()
          .ifPresent(
              store -> {
                try (store) {
                  store.put(chart());
                }
              });
    }
  }
}
