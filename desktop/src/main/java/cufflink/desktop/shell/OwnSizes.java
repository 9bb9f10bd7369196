package cufflink.desktop.shell;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.ChartText;
import cufflink.files.words.Words;
import java.util.List;
import javafx.scene.control.MenuItem;

/** The sizes a maker owns: read once, and written at every change. */
final class OwnSizes {
  private final Workbench bench;
  private final Logbook log;
  private boolean isRead;
  private Chart chart = Chart.NONE;

  OwnSizes(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
  }

  /** Begins to read what is owned, so that it is there once it is asked for. */
  void prepare() {
    chart();
  }

  /** Returns what is owned, as far as that has been read; the first question begins the reading. */
  Chart chart() {
    if (!isRead) {
      isRead = true;
      log.change(store -> store.chart(), read -> chart = read);
    }
    return chart;
  }

  /** Returns items in which more is noted, and in which it is asked what something fits on. */
  List<MenuItem> items() {
    return List.of(
        Sentence.typed(Words.say("decorate.own-prompt"), this::note),
        Sentence.typed(Words.say("decorate.fits-prompt"), this::fits));
  }

  private Marks marks() {
    return bench.shownMarks();
  }

  private void note(String typed) {
    Parsed<Owned> owned = ChartText.parse(typed, marks());
    owned
        .value()
        .ifPresentOrElse(this::note, () -> bench.tell(owned.problem().say(bench.format())));
  }

  /** Notes something that is owned. */
  void note(Owned owned) {
    log.change(
        store -> store.chart().then(now -> store.put(now.with(owned))),
        now -> {
          chart = now;
          bench.tell(Words.say("decorate.noted", ChartText.line(owned).say(bench.format())));
        });
  }

  private void fits(String typed) {
    Parsed<Owned> printed = ChartText.parse("rectangle " + typed, marks());
    String told =
        printed
            .value()
            .map(each -> String.join(" ", ChartText.fits(chart(), each, marks(), bench.format())))
            .orElseGet(() -> printed.problem().say(bench.format()));
    bench.tell(told);
  }
}
