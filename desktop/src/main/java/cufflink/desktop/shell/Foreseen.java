package cufflink.desktop.shell;

import cufflink.core.ahead.AheadWords;
import cufflink.core.ahead.Shopping;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.make.AtTable;
import cufflink.core.make.Work;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Before a job is begun at the table: what will run out, and how long it takes most times. */
final class Foreseen {
  private final Workbench bench;
  private final Logbook log;
  private String asked = "";

  Foreseen(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
    bench
        .station()
        .addListener(
            (property, before, now) -> {
              if (now != Station.MAKE) {
                asked = "";
              }
            });
  }

  /** Says it once, while nothing has been done and nothing else is being told. */
  void tell(Derivation derivation, AtTable at) {
    boolean isBegun = at.progress().last().isPresent() || asked.equals(at.jobId());
    if (isBegun || !bench.notice().get().isEmpty()) {
      return;
    }
    asked = at.jobId();
    Drawer drawer = bench.drawer();
    Optional<Work.Spread> spread = at.work().spread(bench.making().maker().times());
    log.change(
        store -> missing(store, derivation, drawer),
        missing -> {
          List<String> told = new ArrayList<>();
          missing.forEach(each -> told.add(each.say(bench.format())));
          spread.ifPresent(
              it -> told.add(Words.say("make.spread", at.work().minutes(), it.low(), it.high())));
          boolean isHere =
              bench.station().get() == Station.MAKE
                  && bench.derivation().get().equals(Optional.of(derivation))
                  && bench.notice().get().isEmpty();
          if (isHere && !told.isEmpty()) {
            bench.tell(String.join(" ", told));
          }
        });
  }

  /** Whoever keeps nothing in the drawer is told nothing of sheets. */
  private static Parsed<List<Message>> missing(
      LogStore store, Derivation derivation, Drawer drawer) {
    return store
        .sundries()
        .then(
            there -> {
              var marks = derivation.job().marks();
              List<Message> missing = new ArrayList<>();
              if (!drawer.stock().isEmpty()) {
                Shopping.There in =
                    new Shopping.There(
                        drawer, StandardSizes.usualSheet(marks), StandardSizes.sheets(), there);
                Shopping shopping = Shopping.of(List.of(derivation), in, Watch.NOBODY);
                List<Message> sheets = AheadWords.sheets(shopping);
                if (!sheets.isEmpty()) {
                  missing.add(Message.of("make.to-buy", Message.list("list.comma", sheets)));
                }
              }
              Message out = AheadWords.runsOut(Shopping.used(derivation), there, marks.inInches());
              if (!out.isEmpty()) {
                missing.add(out);
              }
              return Parsed.good(missing);
            });
  }
}
