package cufflink.desktop.shell;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.ChartText;
import cufflink.files.words.Words;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** The sizes a maker owns: read once, and written at every change. */
final class OwnSizes {
  private final Workbench bench;
  private final Logbook log;

  /** What is kept in the log's file. */
  private Chart kept = Chart.NONE;

  OwnSizes(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
    bench.papers().owned().addListener((property, before, now) -> keep(now));
    log.change(store -> store.chart(), this::show);
  }

  private void show(Chart read) {
    kept = read;
    bench.papers().owned().set(read);
  }

  /** Returns what is owned, as far as that has been read. */
  Chart chart() {
    return bench.papers().owned().get();
  }

  /** What was changed anywhere in the window is changed in the file, beside what another noted. */
  private void keep(Chart now) {
    List<Owned> more = now.all().stream().filter(each -> !kept.all().contains(each)).toList();
    List<Owned> less = kept.all().stream().filter(each -> !now.all().contains(each)).toList();
    if (more.isEmpty() && less.isEmpty()) {
      return;
    }
    kept = now;
    log.change(store -> store.chart().then(all -> store.put(changed(all, less, more))), this::show);
  }

  private static Chart changed(Chart chart, List<Owned> less, List<Owned> more) {
    Chart all = chart;
    for (Owned each : less) {
      all = all.without(each);
    }
    for (Owned each : more) {
      all = all.with(each);
    }
    return all;
  }

  /** Returns items in which it is asked what something fits on, and more or less is noted. */
  List<MenuItem> items() {
    Menu fits = new Menu(Words.say("decorate.fits"));
    for (Owned each : chart().of(Owned.Use.STAMP)) {
      fits.getItems().add(Sentence.item(line(each), () -> fits(each.label())));
    }
    fits.getItems().add(Sentence.typed(Words.say("decorate.fits-prompt"), this::fits));
    Menu forget = new Menu(Words.say("decorate.forget"));
    for (Owned each : chart().all()) {
      forget.getItems().add(Sentence.item(line(each), () -> forget(each)));
    }
    forget.setDisable(chart().all().isEmpty());
    return List.of(fits, Sentence.typed(Words.say("decorate.own-prompt"), this::note), forget);
  }

  /** What is forgotten is told in full, so that it can be noted again. */
  private void forget(Owned owned) {
    bench.papers().forget(owned);
    bench.tell(Words.say("decorate.forgotten", line(owned)));
  }

  private String line(Owned owned) {
    return ChartText.line(owned).say(bench.format());
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
    bench.papers().note(owned);
    bench.tell(Words.say("decorate.noted", line(owned)));
  }

  private void fits(String typed) {
    Parsed<Owned> printed = ChartText.printed(chart(), typed, marks());
    String told =
        printed
            .value()
            .map(each -> String.join(" ", ChartText.fits(chart(), each, marks(), bench.format())))
            .orElseGet(() -> printed.problem().say(bench.format()));
    bench.tell(told);
  }
}
