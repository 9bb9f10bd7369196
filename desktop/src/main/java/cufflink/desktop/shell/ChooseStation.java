package cufflink.desktop.shell;

import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import javafx.scene.Node;

/** Which construction? The shelf, which is built when it is first gone to. */
final class ChooseStation implements StationView {
  private final Workbench bench;
  private final Projects projects;
  private Optional<ShelfView> shelf = Optional.empty();

  ChooseStation(Workbench bench, Projects projects) {
    this.bench = bench;
    this.projects = projects;
  }

  @Override
  public Station station() {
    return Station.CHOOSE;
  }

  @Override
  public boolean needsAJob() {
    return false;
  }

  @Override
  public Optional<Node> table() {
    ShelfView shown = shelf();
    shown.refresh();
    return Optional.of(shown);
  }

  @Override
  public boolean focus() {
    shelf().focusFirst();
    return true;
  }

  ShelfView shelf() {
    if (shelf.isEmpty()) {
      shelf = Optional.of(new ShelfView(bench, projects));
    }
    return shelf.get();
  }
}
