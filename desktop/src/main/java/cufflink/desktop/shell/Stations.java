package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.Slips;
import cufflink.desktop.slip.Subject;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.util.List;
import java.util.Optional;

/**
 * All stations in working order. The strip, the keys, the sheet of keys and the marks for what has
 * changed follow from this list.
 */
final class Stations implements Slips {
  private static final int TENTH = 10;

  private final List<StationView> all;
  private final ChooseStation choose;
  private final FoldStation fold;
  private final LayerStation decorate;
  private final AssembleStation assemble;

  Stations(Workbench bench, Projects projects, Runnable redraw, Runnable anew) {
    choose = new ChooseStation(bench, projects);
    fold = new FoldStation(bench, redraw, anew);
    assemble = new AssembleStation(bench, anew);
    Together together = new Together(bench, projects.log());
    decorate = new LayerStation(bench, projects.log(), anew);
    all =
        List.of(
            choose,
            new SizeStation(bench),
            new CutStation(bench, redraw, anew),
            new ScoreStation(bench, anew),
            fold,
            assemble,
            decorate,
            new InspectStation(bench, redraw, anew),
            new MakeStation(bench, projects.log(), together, anew),
            new LogStation(bench, projects.log(), together));
  }

  List<StationView> all() {
    return all;
  }

  ChooseStation choose() {
    return choose;
  }

  FoldStation fold() {
    return fold;
  }

  LayerStation decorate() {
    return decorate;
  }

  /** Goes to what a line of the slip stands for. */
  void press(Subject subject) {
    if (subject instanceof Subject.Fold stage) {
      fold.goTo(stage.number());
    } else if (subject instanceof Subject.Step step) {
      assemble.goTo(step.number());
    }
  }

  /** Moves what a line of the slip stands for to the place of another. */
  void drop(Subject moved, Subject to) {
    if (moved instanceof Subject.Step step && to instanceof Subject.Step other) {
      assemble.move(step.number(), other.number());
    }
  }

  StationView at(Station station) {
    return all.stream().filter(each -> each.station() == station).findFirst().orElse(choose);
  }

  /** Finds a station by its digit: 1 for the first, 0 for the tenth. */
  Optional<StationView> byDigit(int digit) {
    int number = digit == 0 ? TENTH : digit;
    return number <= all.size() ? Optional.of(all.get(number - 1)) : Optional.empty();
  }

  @Override
  public List<Station> stations() {
    return all.stream().filter(StationView::needsAJob).map(StationView::station).toList();
  }

  @Override
  public List<SlipSection> write(Station station, Derivation derivation) {
    return at(station).slip(derivation);
  }
}
