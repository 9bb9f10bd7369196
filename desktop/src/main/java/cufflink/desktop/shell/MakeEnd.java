package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.log.CardMade;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is asked once all cards of a job are made. */
final class MakeEnd {
  private final Workbench bench;
  private final Logbook log;
  private final Runnable anew;
  private final Label words = new Label();
  private final TextField forWhom = new TextField();
  private final TextField occasion = new TextField();
  private final TextField nextTime = new TextField();
  private int minutes;

  MakeEnd(Workbench bench, Logbook log, Runnable anew) {
    this.bench = bench;
    this.log = log;
    this.anew = anew;
    words.getStyleClass().add("make-words");
    words.setWrapText(true);
    forWhom.setAccessibleText(Words.say("make.for-whom"));
    occasion.setAccessibleText(Words.say("make.occasion"));
    nextTime.setAccessibleText(Words.say("make.next-time"));
  }

  /** Returns what is said and asked of the cards that are made. */
  List<Node> show(Derivation derivation, int took) {
    minutes = took;
    words.setText(
        Words.say("make.made", derivation.job().order().copies(), derivation.pattern().name()));
    HBox both =
        new HBox(button("make.remember", () -> remember(derivation)), button("make.again", anew));
    both.getStyleClass().add("make-both");
    return List.of(
        words,
        asked(forWhom, "make.for-whom"),
        asked(occasion, "make.occasion"),
        asked(nextTime, "make.next-time"),
        both);
  }

  private static Button button(String key, Runnable action) {
    Button button = new Button(Words.say(key));
    button.getStyleClass().add("make-remember");
    button.setOnAction(event -> action.run());
    return button;
  }

  private static Node asked(TextField field, String key) {
    Label question = new Label(Words.say(key));
    question.getStyleClass().add("make-asked");
    question.setLabelFor(field);
    return new VBox(question, field);
  }

  private void remember(Derivation derivation) {
    CardMade.Memory memory =
        new CardMade.Memory(
            derivation.job().order().copies(),
            forWhom.getText().strip(),
            occasion.getText().strip(),
            minutes,
            0,
            "",
            nextTime.getText().strip());
    CardMade card =
        new CardMade(
            UUID.randomUUID().toString(),
            LocalDate.now(),
            derivation.job(),
            derivation.pattern().name(),
            memory);
    log.put(
        card,
        () -> {
          forWhom.clear();
          occasion.clear();
          nextTime.clear();
          bench.tell(Words.say("make.remembered"));
        });
  }
}
