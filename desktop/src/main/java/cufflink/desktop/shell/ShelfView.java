package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Surface;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.Viewpoint;
import cufflink.core.measure.Tolerance;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.words.Words;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Which construction? Each stands on the table half folded, drawn from its own file. */
final class ShelfView extends ScrollPane {
  private static final Viewpoint VIEWPOINT = new Viewpoint(-20, 52);
  private static final double HALF_FOLDED = 0.55;

  private final Workbench bench;

  ShelfView(Workbench bench) {
    this.bench = bench;
    getStyleClass().add("shelf");
    setFitToWidth(true);
    Label question = new Label(Words.say("shelf.question"));
    question.getStyleClass().add("shelf-question");
    FlowPane table = new FlowPane();
    table.getStyleClass().add("shelf-table");
    bench.library().patterns().forEach(pattern -> table.getChildren().add(stand(pattern)));
    VBox all = new VBox(question, table);
    for (String problem : bench.library().problems()) {
      Label label = new Label(problem);
      label.getStyleClass().add("shelf-problem");
      label.setWrapText(true);
      all.getChildren().add(label);
    }
    all.getStyleClass().add("shelf-all");
    setContent(all);
  }

  private VBox stand(Pattern pattern) {
    PaperView paper = new PaperView();
    paper.setMouseTransparent(true);
    Optional<Design> design = PatternEvaluator.evaluate(pattern, pattern.normalValues()).design();
    paper.show(
        surface -> design.flatMap(each -> draw(each, surface)), bench.marks(), bench.format());
    paper.getStyleClass().add("shelf-paper");
    Label name = new Label(pattern.name());
    name.getStyleClass().add("shelf-name");
    Label about = new Label(pattern.about());
    about.setWrapText(true);
    about.getStyleClass().add("shelf-about");
    VBox stand = new VBox(paper, name, about);
    stand.getStyleClass().add("stand");
    stand.setFocusTraversable(true);
    stand.setAccessibleRole(AccessibleRole.BUTTON);
    stand.setAccessibleText(pattern.name() + ". " + pattern.about());
    stand.setOnMouseClicked(event -> bench.choose(pattern));
    stand.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            bench.choose(pattern);
            event.consume();
          }
        });
    return stand;
  }

  private static Optional<Drawing> draw(Design design, Surface surface) {
    FoldModel model = FoldModel.of(design, FlatPattern.of(design.base(), Tolerance.PAPER));
    return Optional.of(
        FoldDrawing.still(model, Patch.of(design), moment(model), VIEWPOINT, surface));
  }

  private static double moment(FoldModel model) {
    return model.stages().size() - 1 + HALF_FOLDED;
  }
}
