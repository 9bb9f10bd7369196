package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.desktop.slip.Looked;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.LinkedHashSet;
import java.util.Set;

/** Explains a mark the first time a maker meets it, and never again. */
final class FirstTimes {
  private final Workbench bench;
  private final Projects projects;
  private final Looked looked;

  /** What is drawn and not written. */
  enum Mark {
    /** A bar beside a number that has moved. */
    BAR("first.bar"),
    /** Marks under a station at which numbers have moved. */
    UNDERLINE("first.underline"),
    /** The hatch of paper that lies outside up. */
    HATCH("first.hatch"),
    /** The caret on a ruler where the stop is set. */
    CARET("first.caret");

    private final String key;

    Mark(String key) {
      this.key = key;
    }
  }

  FirstTimes(Workbench bench, Projects projects, Looked looked) {
    this.bench = bench;
    this.projects = projects;
    this.looked = looked;
  }

  /** Explains one mark that is to be seen and was not explained yet; one at a time is enough. */
  void look(StationView view, Derivation derivation) {
    if (!bench.notice().get().isEmpty()) {
      return;
    }
    Set<Mark> seen = new LinkedHashSet<>(view.signs(derivation));
    if (looked.isMoved(view.station())) {
      seen.add(Mark.BAR);
    }
    for (Station station : Station.values()) {
      if (station != view.station() && looked.isMoved(station)) {
        seen.add(Mark.UNDERLINE);
      }
    }
    for (Mark mark : seen) {
      if (!projects.settings().met().contains(mark.key)) {
        bench.tell(Words.say(mark.key));
        projects.remember(before -> before.having(mark.key));
        return;
      }
    }
  }
}
