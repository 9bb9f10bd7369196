package cufflink.desktop.shell;

import cufflink.core.ahead.Shopping;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sundries;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.words.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is asked once all cards of a job are made. */
final class MakeEnd {
  private static final int MOST_TOLD = 5;
  private static final PseudoClass GIVEN = PseudoClass.getPseudoClass("given");

  private final Workbench bench;
  private final Logbook log;
  private final Runnable anew;
  private final Label words = new Label();
  private final TextField forWhom = new TextField();
  private final TextField occasion = new TextField();
  private final TextField changed = new TextField();
  private final TextField nextTime = new TextField();
  private final Label had = new Label();
  private final HBox stars = new HBox();
  private int minutes;
  private int given;

  MakeEnd(Workbench bench, Logbook log, Runnable anew) {
    this.bench = bench;
    this.log = log;
    this.anew = anew;
    words.getStyleClass().add("make-words");
    words.setWrapText(true);
    had.getStyleClass().add("make-before");
    had.setWrapText(true);
    had.visibleProperty().bind(had.textProperty().isNotEmpty());
    had.managedProperty().bind(had.visibleProperty());
    stars.getStyleClass().add("make-stars");
    forWhom.textProperty().addListener((property, before, now) -> tellWhatTheyHad(now));
    forWhom.setAccessibleText(Words.say("make.for-whom"));
    occasion.setAccessibleText(Words.say("make.occasion"));
    changed.setAccessibleText(Words.say("make.changed"));
    nextTime.setAccessibleText(Words.say("make.next-time"));
  }

  /** Returns what is said and asked of the cards that are made. */
  List<Node> show(Derivation derivation, int took) {
    minutes = took;
    showStars();
    words.setText(
        Words.say(
            "make.made",
            derivation.job().order().copies() - derivation.job().order().kits(),
            derivation.pattern().name()));
    HBox both =
        new HBox(button("make.remember", () -> remember(derivation)), button("make.again", anew));
    both.getStyleClass().add("make-both");
    return List.of(
        words,
        beside(asked(forWhom, "make.for-whom"), asked(occasion, "make.occasion")),
        had,
        beside(asked(changed, "make.changed"), asked(nextTime, "make.next-time")),
        stars,
        both);
  }

  private void showStars() {
    stars.getChildren().clear();
    for (int i = 1; i <= CardMade.MOST_STARS; i++) {
      int number = i;
      Button star = new Button();
      star.getStyleClass().add("make-star");
      star.pseudoClassStateChanged(GIVEN, i <= given);
      star.setAccessibleText(Words.say("log.stars", i));
      star.setOnAction(
          event -> {
            // The same star once more takes all of them back.
            given = given == number ? 0 : number;
            showStars();
            stars.getChildren().get(number - 1).requestFocus();
          });
      stars.getChildren().add(star);
    }
  }

  /** So that nobody gets the same twice. */
  private void tellWhatTheyHad(String typed) {
    String person = typed.strip();
    if (person.isEmpty()) {
      had.setText("");
      return;
    }
    log.find(
        person,
        Logbook.RECENT,
        cards ->
            cards.stream()
                .filter(card -> card.memory().forWhom().equalsIgnoreCase(person))
                .map(card -> Words.say("make.got", card.construction(), card.on().toString()))
                .distinct()
                .limit(MOST_TOLD)
                .toList(),
        (cards, got) -> {
          if (forWhom.getText().equals(typed)) {
            had.setText(got.isEmpty() ? "" : Words.say("make.had", person, String.join(", ", got)));
          }
        });
  }

  static Button button(String key, Runnable action) {
    Button button = new Button(Words.say(key));
    button.getStyleClass().add("make-remember");
    button.setOnAction(event -> action.run());
    return button;
  }

  private static Node beside(Node one, Node other) {
    HBox both = new HBox(one, other);
    both.getStyleClass().add("make-both");
    HBox.setHgrow(one, Priority.ALWAYS);
    HBox.setHgrow(other, Priority.ALWAYS);
    return both;
  }

  private static Node asked(TextField field, String key) {
    Label question = new Label(Words.say(key));
    question.getStyleClass().add("make-asked");
    question.setWrapText(true);
    question.setLabelFor(field);
    return new VBox(question, field);
  }

  private void remember(Derivation derivation) {
    CardMade.Memory said =
        new CardMade.Memory(
            0,
            forWhom.getText().strip(),
            occasion.getText().strip(),
            minutes,
            given,
            changed.getText().strip(),
            nextTime.getText().strip());
    log.change(
        store ->
            store.headings("", Integer.MAX_VALUE).then(all -> put(store, derivation, said, all)),
        card -> {
          forWhom.clear();
          occasion.clear();
          changed.clear();
          nextTime.clear();
          given = 0;
          showStars();
          bench.tell(Words.say("make.remembered"));
        });
  }

  /** What was used up is that of the cards that were finished now. */
  private static Parsed<CardMade> put(
      LogStore store, Derivation derivation, CardMade.Memory said, List<Heading> before) {
    Job job = derivation.job();
    int copies = CardMade.finished(job, before);
    String id = UUID.randomUUID().toString();
    CardMade card =
        new CardMade(
            id, LocalDate.now(), job, derivation.pattern().name(), said.withCopies(copies));
    Sundries used = Sundries.NONE;
    if (copies > 0) {
      Job done = job.withOrder(job.order().withKits(0).withCopies(copies));
      used = Shopping.used(Derivation.of(derivation.pattern(), done));
    }
    return store.finish(card, used);
  }
}
