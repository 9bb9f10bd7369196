package cufflink.desktop.shell;

import cufflink.desktop.work.Making;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** The sentence that the maker is told, and beside it what a press would do about it. */
final class Told extends HBox {
  private final Workbench bench;
  private final Button suggested = new Button();

  Told(Workbench bench) {
    this.bench = bench;
    Label notice = new Label();
    notice.getStyleClass().add("notice");
    notice.setWrapText(true);
    notice.textProperty().bind(bench.notice());
    notice.visibleProperty().bind(bench.notice().isNotEmpty());
    notice.managedProperty().bind(notice.visibleProperty());
    suggested.getStyleClass().add("suggested");
    suggested.managedProperty().bind(suggested.visibleProperty());
    getStyleClass().add("proposed");
    getChildren().addAll(notice, suggested);
    bench.notice().addListener((property, before, now) -> showSuggestion());
    bench.making().suggestion().addListener((property, before, now) -> showSuggestion());
    showSuggestion();
  }

  /** What is proposed is there as long as the sentence is that proposes it. */
  private void showSuggestion() {
    Optional<Making.Suggestion> now =
        bench.making().suggestion().get().filter(each -> each.told().equals(bench.notice().get()));
    suggested.setVisible(now.isPresent());
    now.ifPresent(
        each -> {
          suggested.setText(each.label());
          suggested.setOnAction(event -> each.act().run());
        });
  }
}
