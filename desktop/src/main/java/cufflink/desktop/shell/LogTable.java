package cufflink.desktop.shell;

import cufflink.core.ahead.AheadWords;
import cufflink.core.job.Derivation;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.log.Experience;
import cufflink.core.pattern.Pattern;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.io.File;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/**
 * The cards that were made, in the order of the year, the newest first. Only the rows that are seen
 * are there, and only their pictures are worked out.
 */
final class LogTable implements LogStation.View {
  private static final double BESIDE = 64;

  /** So many cards stay worked out that were seen lately. */
  private static final int KEPT = 200;

  private final Workbench bench;
  private final Logbook log;
  private final VBox node = new VBox();
  private final TextField search = new TextField();
  private final Label note = new Label();
  private final ListView<Row> rows = new ListView<>();
  private final Map<String, LogTile.Found> worked = new LinkedHashMap<>();
  private List<Heading> found = List.of();
  private int here;

  /** Cards beside each other. */
  record Row(List<Heading> cards) {}

  LogTable(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
    search.setPromptText(Words.say("log.search"));
    search.setAccessibleText(Words.say("log.search"));
    search.getStyleClass().add("shelf-search");
    search.setMaxWidth(2 * LogTile.WIDE);
    search.textProperty().addListener((property, before, now) -> look());
    note.getStyleClass().add("shelf-none");
    note.setWrapText(true);
    note.visibleProperty().bind(note.textProperty().isNotEmpty());
    note.managedProperty().bind(note.visibleProperty());
    rows.getStyleClass().add("log-rows");
    rows.setCellFactory(view -> new RowCell());
    rows.setFocusTraversable(true);
    rows.addEventFilter(KeyEvent.KEY_PRESSED, this::walk);
    rows.focusedProperty().addListener((property, before, now) -> rows.refresh());
    rows.widthProperty().addListener((property, before, now) -> lay(before.intValue()));
    rows.setAccessibleRole(AccessibleRole.LIST_VIEW);
    Label keys = new Label(Words.say("log.keys"));
    keys.getStyleClass().add("stand-takes");
    keys.visibleProperty().bind(note.visibleProperty().not());
    keys.managedProperty().bind(keys.visibleProperty());
    VBox head = new VBox(search, keys, note);
    head.getStyleClass().add("log-head");
    VBox.setVgrow(rows, Priority.ALWAYS);
    node.getChildren().addAll(head, rows);
  }

  @Override
  public String word() {
    return "log.view-made";
  }

  @Override
  public String question() {
    return "log.question";
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public boolean focus() {
    if (!found.isEmpty()) {
      rows.requestFocus();
    }
    return !found.isEmpty();
  }

  @Override
  public void look() {
    String words = search.getText();
    log.headings(
        words,
        all -> {
          if (words.equals(search.getText())) {
            found = all;
            here = Math.max(0, Math.min(here, all.size() - 1));
            worked.clear();
            lay(-1);
            tell(words);
          }
        });
  }

  private void tell(String words) {
    if (!found.isEmpty()) {
      note.setText("");
    } else {
      note.setText(words.isBlank() ? Words.say("log.nothing") : Words.say("log.none", words));
    }
  }

  private int inARow() {
    return Math.max(1, (int) ((rows.getWidth() - BESIDE) / LogTile.ROOM));
  }

  /** Lays the cards in rows; if the rows were as wide before, nothing is to be done. */
  private void lay(int widthBefore) {
    int most = inARow();
    if (widthBefore > 0 && Math.max(1, (int) ((widthBefore - BESIDE) / LogTile.ROOM)) == most) {
      return;
    }
    rows.getItems().setAll(rows(found, most));
  }

  /** Divides cards into rows. */
  static List<Row> rows(List<Heading> cards, int most) {
    List<Row> rows = new ArrayList<>();
    for (int from = 0; from < cards.size(); from += most) {
      rows.add(new Row(cards.subList(from, Math.min(cards.size(), from + most))));
    }
    return rows;
  }

  /** Names the month over its first card. */
  private String month(Heading card) {
    int nth = found.indexOf(card);
    YearMonth month = YearMonth.from(card.on());
    boolean isFirst = nth == 0 || !YearMonth.from(found.get(nth - 1).on()).equals(month);
    return isFirst ? Words.say(AheadWords.name(month)) : "";
  }

  private void walk(KeyEvent event) {
    int to =
        switch (event.getCode()) {
          case LEFT -> here - 1;
          case RIGHT -> here + 1;
          case UP -> here - inARow();
          case DOWN -> here + inARow();
          case HOME -> 0;
          case END -> found.size() - 1;
          default -> -1;
        };
    boolean isOwn = true;
    if (to >= 0 && to < found.size()) {
      goTo(to);
    } else if (event.getCode() == KeyCode.UP) {
      search.requestFocus();
    } else if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
      open(found.get(here));
    } else if (event.getCode() == KeyCode.P && !event.isShortcutDown()) {
      choosePhoto(found.get(here));
    } else if (event.getCode() == KeyCode.N && !event.isShortcutDown()) {
      List.copyOf(offers(found.get(here)).values()).stream().skip(1).forEach(Runnable::run);
    } else {
      isOwn = event.getCode().isArrowKey();
    }
    if (isOwn) {
      event.consume();
    }
  }

  private void goTo(int card) {
    here = card;
    Heading heading = found.get(card);
    rows.scrollTo(card / inARow());
    rows.setAccessibleText(Words.say("log.open", heading.about().title(), heading.on().toString()));
    rows.refresh();
  }

  /** Cards are opened as a new job, with all their values, and say what was to be changed. */
  private void open(Heading heading) {
    log.card(
        heading.id(),
        card -> card,
        card -> {
          if (bench.lay(card.job().withId(""), Optional.empty())) {
            bench.station().set(Station.SIZE);
            String next = card.memory().nextTime();
            String day = card.on().toString();
            bench.tell(
                next.isEmpty()
                    ? Words.say("log.opened", day)
                    : Words.say("log.opened-next", day, next));
          }
        });
  }

  private void choosePhoto(Heading heading) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Words.say("log.photo"));
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                Words.say("log.pictures"), "*.jpg", "*.jpeg", "*.png", "*.gif"));
    File file = chooser.showOpenDialog(node.getScene().getWindow());
    if (file != null) {
      log.photo(heading.id(), file.toPath(), this::look);
    }
  }

  private Map<String, Runnable> offers(Heading card) {
    Map<String, Runnable> offers = new LinkedHashMap<>();
    offers.put(Words.say("log.photo"), () -> choosePhoto(card));
    if (!card.memory().nextTime().isEmpty() && bench.job().isPresent()) {
      offers.put(Words.say("log.into-notes"), () -> teach(card));
    }
    return offers;
  }

  /** What a card taught goes where the job's own notes are, and is shared with them. */
  private void teach(Heading card) {
    String notes = bench.job().orElseThrow().notes();
    String tip = card.memory().nextTime();
    if (!notes.contains(tip)) {
      bench.making().note((notes.isBlank() ? "" : notes.stripTrailing() + "\n") + tip);
    }
    bench.tell(Words.say("log.in-notes"));
  }

  /** Works out its picture, and what is other than the time before. */
  private void workOut(Heading heading, LogTile tile) {
    LogTile.Found known = worked.get(heading.id());
    if (known != null) {
      tile.show(known, bench.papers().book());
      return;
    }
    Optional<Heading> before =
        found.subList(found.indexOf(heading) + 1, found.size()).stream()
            .filter(each -> each.about().patternId().equals(heading.about().patternId()))
            .findFirst();
    log.card(
        heading.id(),
        card -> bench.library().pattern(card.job()).map(each -> Derivation.of(each, card.job())),
        derivation -> {
          LogTile.Found now = new LogTile.Found(derivation, "");
          keep(heading, now);
          tile.show(now, bench.papers().book());
          before.ifPresent(it -> compare(heading, it, now, tile));
        });
  }

  private void compare(Heading heading, Heading before, LogTile.Found now, LogTile tile) {
    Optional<Derivation> derivation = now.derivation();
    log.card(
        before.id(),
        card -> derivation.map(it -> differences(card, it)).orElse(""),
        other -> {
          LogTile.Found both = new LogTile.Found(derivation, other);
          keep(heading, both);
          tile.show(both, bench.papers().book());
        });
  }

  private static String differences(CardMade before, Derivation now) {
    Pattern pattern = now.pattern();
    List<String> names = Experience.differences(before.job().values(), now.job().values());
    return Remembering.labels(pattern, names);
  }

  private void keep(Heading heading, LogTile.Found now) {
    worked.remove(heading.id());
    worked.put(heading.id(), now);
    if (worked.size() > KEPT) {
      worked.remove(worked.keySet().iterator().next());
    }
  }

  /** A row as it is seen. */
  private final class RowCell extends ListCell<Row> {
    @Override
    protected void updateItem(Row row, boolean isEmpty) {
      super.updateItem(row, isEmpty);
      setText("");
      setGraphic(isEmpty || row == null ? null : content(row));
    }

    private Node content(Row row) {
      HBox tiles = new HBox();
      tiles.getStyleClass().add("log-row");
      for (Heading card : row.cards()) {
        boolean isHere = rows.isFocused() && found.indexOf(card) == here;
        LogTile tile = new LogTile(card, card.photo().flatMap(log::file), isHere);
        tile.setOnMouseClicked(
            event -> {
              if (event.getButton() == MouseButton.PRIMARY) {
                open(card);
              }
            });
        tile.offers(offers(card));
        workOut(card, tile);
        Label month = new Label(month(card));
        month.getStyleClass().add("log-month");
        tiles.getChildren().add(new VBox(month, tile));
      }
      return tiles;
    }
  }
}
