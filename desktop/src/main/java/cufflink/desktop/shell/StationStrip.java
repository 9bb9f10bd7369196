package cufflink.desktop.shell;

import cufflink.desktop.slip.Looked;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import java.util.EnumMap;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The stations in working order, set out like the marks of a ruler. */
final class StationStrip extends HBox {
  private static final PseudoClass MOVED = PseudoClass.getPseudoClass("moved");
  private static final int TICKS = 3;

  private final Map<Station, ToggleButton> buttons = new EnumMap<>(Station.class);
  private final Workbench bench;
  private final Stations stations;
  private final Looked looked;

  StationStrip(Workbench bench, Stations stations, Looked looked) {
    this.bench = bench;
    this.looked = looked;
    getStyleClass().add("station-strip");
    ToggleGroup group = new ToggleGroup();
    this.stations = stations;
    for (StationView view : stations.all()) {
      Station station = view.station();
      if (!getChildren().isEmpty()) {
        getChildren().add(ticks());
      }
      ToggleButton button = new ToggleButton(station.title());
      button.getStyleClass().add("station");
      button.setToggleGroup(group);
      button.setMinWidth(USE_PREF_SIZE);
      button.setOnAction(event -> bench.station().set(station));
      buttons.put(station, button);
      getChildren().add(button);
    }
    bench.station().addListener((property, before, now) -> refresh());
    bench.derivation().addListener((property, before, now) -> refresh());
    refresh();
  }

  private static Region ticks() {
    HBox ticks = new HBox();
    ticks.getStyleClass().add("ticks");
    for (int i = 0; i < TICKS; i++) {
      Region tick = new Region();
      tick.getStyleClass().add(i == TICKS / 2 ? "tick-long" : "tick");
      ticks.getChildren().add(tick);
    }
    return ticks;
  }

  private void refresh() {
    boolean hasJob = bench.derivation().get().isPresent();
    buttons.forEach(
        (station, button) -> {
          button.setSelected(bench.station().get() == station);
          button.setDisable(!hasJob && stations.at(station).needsAJob());
          boolean moved = looked.isMoved(station) && bench.station().get() != station;
          button.pseudoClassStateChanged(MOVED, moved);
        });
  }
}
