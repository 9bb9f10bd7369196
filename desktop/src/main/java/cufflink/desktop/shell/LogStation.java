package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.log.CardMade;
import cufflink.core.log.Experience;
import cufflink.core.pattern.Pattern;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Dimension2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What was made? The cards of the log, the newest first, each to be opened as it was. */
final class LogStation implements StationView {
  /** How many lie on the table at once; more are found by words. */
  private static final int MOST = 40;

  private static final double WIDE = 200;
  private static final double TALL = 170;

  private final Workbench bench;
  private final Logbook log;
  private final VBox page = new VBox();
  private final TextField search = new TextField();
  private final Label note = new Label();
  private final FlowPane table = new FlowPane();

  /** A card with what follows from its job, if its construction is at hand. */
  private record Found(CardMade card, Optional<Derivation> derivation, String other) {}

  LogStation(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
    page.getStyleClass().add("shelf");
    Label question = new Label(Words.say("log.question"));
    question.getStyleClass().add("shelf-question");
    search.setPromptText(Words.say("log.search"));
    search.setAccessibleText(Words.say("log.search"));
    search.getStyleClass().add("shelf-search");
    search.setMaxWidth(2 * WIDE);
    search.textProperty().addListener((property, before, now) -> find());
    note.getStyleClass().add("shelf-none");
    note.setWrapText(true);
    note.visibleProperty().bind(note.textProperty().isNotEmpty());
    note.managedProperty().bind(note.visibleProperty());
    table.getStyleClass().add("shelf-table");
    VBox head = new VBox(question, search);
    head.getStyleClass().add("shelf-head");
    table.addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, ShelfWalk.along(table, head));
    VBox all = new VBox(note, table);
    all.getStyleClass().add("shelf-all");
    ScrollPane scroll = new ScrollPane(all);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("shelf-scroll");
    VBox.setVgrow(scroll, Priority.ALWAYS);
    page.getChildren().addAll(head, scroll);
    bench
        .station()
        .addListener(
            (property, before, now) -> {
              if (now == Station.LOG) {
                find();
              }
            });
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
    if (table.getChildren().isEmpty()) {
      page.requestFocus();
    } else {
      table.getChildren().get(0).requestFocus();
    }
    return true;
  }

  /** What is found is worked out beside the window's thread; the newest question wins. */
  private void find() {
    String words = search.getText();
    log.find(
        words,
        MOST + 1,
        cards -> cards.stream().limit(MOST).map(card -> worked(card, cards)).toList(),
        (cards, found) -> {
          if (words.equals(search.getText())) {
            lay(words, cards.size(), found);
          }
        });
  }

  /** Works out its picture, and what is other than the time before. */
  private Found worked(CardMade card, List<CardMade> cards) {
    Optional<Pattern> pattern = bench.library().pattern(card.job().patternId());
    String other =
        pattern
            .flatMap(
                each ->
                    cards.subList(cards.indexOf(card) + 1, cards.size()).stream()
                        .filter(it -> it.job().patternId().equals(each.id()))
                        .findFirst()
                        .map(it -> Experience.differences(it.job().values(), card.job().values()))
                        .map(names -> Remembering.labels(each, names)))
            .orElse("");
    return new Found(card, pattern.map(each -> Derivation.of(each, card.job())), other);
  }

  private void lay(String words, int count, List<Found> found) {
    if (count == 0) {
      note.setText(words.isBlank() ? Words.say("log.nothing") : Words.say("log.none", words));
    } else {
      note.setText(count > MOST ? Words.say("log.more", MOST) : "");
    }
    List<Node> tiles = new ArrayList<>();
    found.forEach(each -> tiles.add(tile(each)));
    boolean waits = page.isFocused() || table.getChildren().stream().anyMatch(Node::isFocused);
    table.getChildren().setAll(tiles);
    if (waits) {
      focus();
    }
  }

  private Node tile(Found found) {
    CardMade card = found.card();
    VBox tile = new VBox();
    tile.getStyleClass().add("stand");
    tile.setPrefWidth(WIDE + 2 * 8);
    found
        .derivation()
        .flatMap(each -> CardPicture.of(each).map(picture -> hung(picture, each)))
        .ifPresent(tile.getChildren()::add);
    add(tile, "stand-name", card.job().title());
    add(tile, "stand-size", Words.say("log.when", card.on().toString(), card.memory().copies()));
    String whom = card.memory().forWhom();
    add(tile, "stand-takes", whom.isEmpty() ? "" : Words.say("log.for", whom));
    CardMade.Memory memory = card.memory();
    add(tile, "stand-takes", memory.occasion());
    add(
        tile,
        "stand-takes",
        memory.minutes() > 0 ? Words.say("log.minutes", memory.minutes()) : "");
    add(tile, "stand-takes", memory.stars() > 0 ? Words.say("log.stars", memory.stars()) : "");
    add(
        tile,
        "stand-takes",
        found.other().isEmpty() ? "" : Words.say("log.differs", found.other()));
    String next = card.memory().nextTime();
    add(tile, "stand-takes", next.isEmpty() ? "" : Words.say("log.next-time", next));
    tile.setFocusTraversable(true);
    tile.setAccessibleRole(AccessibleRole.BUTTON);
    tile.setAccessibleText(Words.say("log.open", card.job().title(), card.on().toString()));
    tile.setOnMouseClicked(event -> open(card));
    tile.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            open(card);
            event.consume();
          }
        });
    return tile;
  }

  private static void add(VBox tile, String style, String text) {
    if (!text.isEmpty()) {
      Label label = new Label(text);
      label.getStyleClass().add(style);
      label.setWrapText(true);
      tile.getChildren().add(label);
    }
  }

  private static Node hung(CardPicture picture, Derivation derivation) {
    Dimension2D extent = picture.extent();
    double scale = Math.min(WIDE / extent.getWidth(), TALL / extent.getHeight());
    return picture.hung(
        extent.getWidth() * scale, extent.getHeight() * scale, derivation.job().marks());
  }

  /** A card is opened as a new job, with all its values, and says what was to be changed. */
  private void open(CardMade card) {
    boolean laid = bench.lay(card.job().withId(""), Optional.empty());
    if (laid) {
      bench.station().set(Station.SIZE);
      String next = card.memory().nextTime();
      bench.tell(
          next.isEmpty()
              ? Words.say("log.opened", card.on().toString())
              : Words.say("log.opened-next", card.on().toString(), next));
    }
  }
}
