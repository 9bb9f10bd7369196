package cufflink.desktop.shell;

import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What was made, what is ahead, and what is to be bought for it? */
final class LogStation implements StationView {
  private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

  private final Workbench bench;
  private final VBox page = new VBox();
  private final StackPane place = new StackPane();
  private final List<View> views;
  private final HBox choice = new HBox();
  private View shown;

  /** One of the things that the log shows. */
  interface View {
    /** What it is called, by the name of its word. */
    String word();

    /** What it asks, by the name of its sentence. */
    String question();

    Node node();

    /** Looks at the log again. */
    void look();

    /** Takes the keyboard; false if nothing in it can. */
    boolean focus();
  }

  LogStation(Workbench bench, Logbook log, Together together) {
    this.bench = bench;
    this.views =
        List.of(
            new LogTable(bench, log), new AheadView(bench, log, together), new BuyView(bench, log));
    this.shown = views.get(0);
    page.getStyleClass().add("shelf");
    choice.getStyleClass().add("log-choice");
    Label question = new Label();
    question.getStyleClass().add("shelf-question");
    for (View view : views) {
      Button button = new Button(Words.say(view.word()));
      button.getStyleClass().add("log-view");
      button.setOnAction(event -> show(view, question));
      choice.getChildren().add(button);
    }
    VBox head = new VBox(choice, question, new Told(bench));
    head.getStyleClass().add("shelf-head");
    VBox.setVgrow(place, Priority.ALWAYS);
    page.getChildren().addAll(head, place);
    show(shown, question);
    bench
        .station()
        .addListener(
            (property, before, now) -> {
              if (now == Station.LOG) {
                shown.look();
              }
            });
  }

  private void show(View view, Label question) {
    shown = view;
    question.setText(Words.say(view.question()));
    place.getChildren().setAll(view.node());
    for (int i = 0; i < views.size(); i++) {
      choice.getChildren().get(i).pseudoClassStateChanged(CHOSEN, views.get(i) == view);
    }
    if (bench.station().get() == Station.LOG) {
      view.look();
    }
  }

  @Override
  public Station station() {
    return Station.LOG;
  }

  @Override
  public boolean needsAJob() {
    return false;
  }

  @Override
  public Optional<Node> table() {
    return Optional.of(page);
  }

  /** The first card, once there is one; in the field for words the digits would be typed. */
  @Override
  public boolean focus() {
    if (!shown.focus()) {
      page.requestFocus();
    }
    return true;
  }
}
