package cufflink.desktop.shell;

import cufflink.core.fit.Offer;
import cufflink.core.fit.Question.Extent;
import cufflink.core.fit.Question.Priority;
import cufflink.core.fit.Wish;
import cufflink.core.job.Order;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * Which construction? What the maker has and wants stands in one sentence; below it lie the
 * constructions that will do, half folded, each at the size that suits best.
 */
final class ShelfView extends VBox {
  private static final List<Integer> TIMES = List.of(15, 30, 60);
  private static final List<Integer> COPIES = List.of(1, 6, 12, 20, 40);
  private final Workbench bench;
  private final Remembering remembering;
  private final FlowPane table = new FlowPane();
  private final VBox head = new VBox();
  private final Label note = new Label();
  private final Latest<Looked, List<Offer>> finder;
  private final Label problem = new Label();
  private final TextField search = new TextField();
  private Wish wish = Wish.ANYTHING;
  private Marks shown;
  private boolean takesFirst;
  private boolean waitsForCards;
  private List<Stand> drawn = List.of();

  /** What is looked for, from which sheets, by which ruler. */
  private record Looked(Wish wish, List<Sheet> sheets, Marks marks) {}

  ShelfView(Workbench bench, Projects projects) {
    this.bench = bench;
    this.remembering = new Remembering(bench, projects.log());
    this.shown = bench.rulers().last();
    this.finder =
        new Latest<>(
            "shelf",
            (looked, asking) ->
                looked.wish().fulfil(bench.library().patterns(), looked.sheets(), looked.marks()));
    finder.answered().addListener((property, before, now) -> lay());
    bench.papers().owned().addListener((property, before, now) -> finder.ask(looked()));
    getStyleClass().add("shelf");
    Label question = new Label(Words.say("shelf.question"));
    question.getStyleClass().add("shelf-question");
    search.setPromptText(Words.say("shelf.search"));
    search.getStyleClass().add("shelf-search");
    search.textProperty().addListener((property, before, now) -> wish(wish.withText(now)));
    search.setOnAction(event -> takeFirst());
    search.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.DOWN) {
            focusFirst();
            event.consume();
          }
        });
    table.getStyleClass().add("shelf-table");
    table.addEventHandler(KeyEvent.KEY_PRESSED, ShelfWalk.along(table, head));
    note.getStyleClass().add("shelf-none");
    note.setWrapText(true);
    note.visibleProperty().bind(note.textProperty().isNotEmpty());
    note.managedProperty().bind(note.visibleProperty());
    WaitingLine looking = new WaitingLine(finder, Words.say("shelf.looking"));
    VBox all = new VBox(new WaitingView(projects), looking, note, table);
    for (Message unread : bench.library().problems()) {
      String problem = Words.say(unread);
      Label label = new Label(problem);
      label.getStyleClass().add("shelf-problem");
      label.setWrapText(true);
      all.getChildren().add(label);
    }
    all.getStyleClass().add("shelf-all");
    ScrollPane scroll = new ScrollPane(all);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("shelf-scroll");
    head.getStyleClass().add("shelf-head");
    problem.getStyleClass().add("notice");
    problem.setWrapText(true);
    problem.visibleProperty().bind(problem.textProperty().isNotEmpty());
    problem.managedProperty().bind(problem.visibleProperty());
    head.getChildren().addAll(question, new Sentence(), problem);
    getChildren().addAll(head, scroll);
    javafx.scene.layout.VBox.setVgrow(scroll, javafx.scene.layout.Priority.ALWAYS);
    wish(wish);
  }

  /** Looks again if the ruler has changed since. */
  void refresh() {
    remembering.minutes(this::lay);
    if (!shown.equals(bench.rulers().last())) {
      wish(wish);
    } else {
      lay();
    }
  }

  /** Gives the keyboard to the first card, so that Enter takes it up and the arrows go on. */
  void focusFirst() {
    waitsForCards = table.getChildren().isEmpty();
    if (waitsForCards) {
      requestFocus();
    } else {
      table.getChildren().get(0).requestFocus();
    }
  }

  /** Takes up the first card that answers to the words, once it is known which that is. */
  private void takeFirst() {
    takesFirst = finder.answerTo(looked()).isEmpty();
    if (!takesFirst && !table.getChildren().isEmpty()) {
      ((Stand) table.getChildren().get(0)).takeUp();
    }
  }

  /** Puts the cursor where a name can be typed. */
  void search() {
    search.requestFocus();
  }

  private void wish(Wish now) {
    int word = WordButton.focused(head);
    wish = now;
    problem.setText("");
    shown = bench.rulers().last();
    Sentence sentence = new Sentence();
    Message question =
        Message.of(
            "shelf.sentence",
            sentence.choice(does(wish.does()), Words.say("shelf.ability-hint"), this::abilities),
            sentence.choice(
                Stand.occasion(wish.occasion().orElse("anything")),
                Words.say("shelf.occasion-hint"),
                () ->
                    choices(
                        Wish.OCCASIONS,
                        Stand::occasion,
                        "shelf.suits-anything",
                        each -> wish.withOccasion(each))),
            sentence.choice(
                wish.item().map(each -> each.label()).orElse(Words.say("shelf.anything")),
                Words.say("shelf.item-hint"),
                this::items),
            sentence.choice(
                wish.sheet().map(each -> each.label()).orElse(Words.say("shelf.any-sheet")),
                Words.say("shelf.sheet-hint"),
                this::sheets),
            sentence.choice(
                Words.say("shelf.count", wish.copies()),
                Words.say("shelf.copies-hint"),
                this::copies),
            sentence.choice(
                wish.envelope().map(each -> each.label()).orElse(Words.say("shelf.any-envelope")),
                Words.say("shelf.envelope-hint"),
                this::envelopes),
            sentence.choice(
                wish.least().map(this::size).orElse(Words.say("shelf.any-size")),
                Words.say("shelf.least-hint"),
                () -> sizes(each -> wish.withLeast(each))),
            sentence.choice(
                wish.most().map(this::size).orElse(Words.say("shelf.any-size")),
                Words.say("shelf.most-hint"),
                () -> sizes(each -> wish.withMost(each))),
            sentence.choice(
                wish.minutes().map(ShelfView::time).orElse(Words.say("shelf.any-time")),
                Words.say("shelf.time-hint"),
                () ->
                    choices(
                        TIMES, ShelfView::time, "shelf.any-time", each -> wish.withMinutes(each))),
            sentence.choice(
                wish.priority().map(ShelfView::first).orElse(Words.say("shelf.easiest")),
                Words.say("shelf.order-hint"),
                () ->
                    choices(
                        List.of(Priority.values()),
                        ShelfView::first,
                        "shelf.easiest",
                        each -> wish.withPriority(each))),
            sentence.choice(
                ruler(bench.rulers().last()), Words.say("shelf.marks-hint"), this::rulers));
    sentence.show(question.followedBy(Message.plain(sentence.place(search))));
    head.getChildren().set(1, sentence);
    WordButton.focus(sentence, word);
    finder.ask(looked());
    lay();
  }

  private static String ruler(Marks marks) {
    String step = Words.on(marks, LengthFormat.Fractions.TYPESET).format(marks.step());
    return Words.say(marks.inInches() ? "shelf.inches" : "shelf.millimetres", step);
  }

  /** What is begun from now on is laid out on other marks. */
  private List<MenuItem> rulers() {
    return Marks.COMMON.stream()
        .map(
            marks ->
                Sentence.item(
                    ruler(marks),
                    () -> {
                      bench.rulers().remember(marks);
                      wish(wish);
                    }))
        .toList();
  }

  private List<MenuItem> abilities() {
    return choices(
        Wish.ABILITIES,
        each -> does(Optional.of(each)),
        "shelf.does-anything",
        each -> wish.withDoes(each));
  }

  private List<MenuItem> items() {
    List<MenuItem> items =
        choices(
            StandardSizes.items(),
            each -> each.label(),
            "shelf.anything",
            each -> wish.withItem(each));
    items.add(
        Sentence.typed(
            Words.say("size.own-item"),
            text ->
                extent(text)
                    .map(each -> HeldItem.own(Words.say("item.own"), each.width(), each.height()))
                    .ifPresent(each -> wish(wish.withItem(Optional.of(each))))));
    return items;
  }

  private AtHand atHand() {
    return new AtHand(bench, bench.rulers().last(), problem::setText);
  }

  private List<MenuItem> sheets() {
    return or(
        "shelf.any-sheet",
        wish.withSheet(Optional.empty()),
        atHand().sheets(each -> wish(wish.withSheet(Optional.of(each)))));
  }

  private List<MenuItem> envelopes() {
    return or(
        "shelf.any-envelope",
        wish.withEnvelope(Optional.empty()),
        atHand().envelopes(each -> wish(wish.withEnvelope(Optional.of(each)))));
  }

  private List<MenuItem> or(String any, Wish without, List<MenuItem> items) {
    items.add(0, Sentence.item(Words.say(any), () -> wish(without)));
    return items;
  }

  private List<MenuItem> copies() {
    List<MenuItem> items = new ArrayList<>();
    for (int count : COPIES) {
      items.add(Sentence.item(Words.say("shelf.count", count), () -> wish(wish.withCopies(count))));
    }
    items.add(
        Sentence.typed(
            Words.say("shelf.own-copies"),
            text ->
                Order.parseCopies(text)
                    .value()
                    .ifPresentOrElse(
                        count -> wish(wish.withCopies(count)),
                        () -> problem.setText(Words.say(Order.parseCopies(text).problem())))));
    return items;
  }

  private List<MenuItem> sizes(Function<Optional<Extent>, Wish> with) {
    return List.of(
        Sentence.item(Words.say("shelf.any-size"), () -> wish(with.apply(Optional.empty()))),
        Sentence.typed(
            Words.say("shelf.own-size"),
            text -> extent(text).ifPresent(each -> wish(with.apply(Optional.of(each))))));
  }

  private String size(Extent extent) {
    return Stand.format(bench).briefSize(extent.width(), extent.height());
  }

  /** Reads a size that was typed, or says why it is none. */
  private Optional<Extent> extent(String text) {
    Parsed<StandardSizes.Size> size = StandardSizes.parse(text, bench.rulers().last().unit());
    problem.setText(Words.say(size.problem()));
    return size.value().map(each -> new Extent(each.width(), each.height()));
  }

  private static String does(Optional<String> ability) {
    return Words.say("shelf.does-" + ability.orElse("anything"));
  }

  private static String time(int minutes) {
    return Words.say("shelf.minutes", minutes);
  }

  private static String first(Priority priority) {
    return Words.say("shelf.first-" + priority.name().toLowerCase(Locale.ROOT).replace('_', '-'));
  }

  private <T> List<MenuItem> choices(
      List<T> all, Function<T, String> word, String any, Function<Optional<T>, Wish> with) {
    List<MenuItem> items = new ArrayList<>();
    items.add(Sentence.item(Words.say(any), () -> wish(with.apply(Optional.empty()))));
    all.forEach(
        each ->
            items.add(Sentence.item(word.apply(each), () -> wish(with.apply(Optional.of(each))))));
    return items;
  }

  /** What is looked for; the words that are typed only choose among what is found. */
  private Looked looked() {
    return new Looked(wish.withText(""), atHand().endless(), shown);
  }

  /** Lays out what answers to the words, of what was found last; each is drawn once. */
  private void lay() {
    List<Stand> laid =
        finder.answered().get().stream()
            .flatMap(found -> stands(found).stream())
            .filter(each -> each.suits(wish))
            .toList();
    if (!table.getChildren().equals(laid)) {
      table.getChildren().setAll(laid);
    }
    if (waitsForCards && isFocused() && !laid.isEmpty()) {
      focusFirst();
    }
    boolean known = finder.answerTo(looked()).isPresent();
    if (takesFirst && known) {
      takeFirst();
    }
    note.setText(known && laid.isEmpty() ? Words.say("shelf.none") : "");
  }

  private List<Stand> stands(Latest.Answered<Looked, List<Offer>> found) {
    Wish looked = found.question().wish();
    Map<Object, Stand> before = new HashMap<>();
    drawn.forEach(each -> before.put(each.shows(), each));
    drawn =
        found.answer().stream()
            .map(
                offer ->
                    Optional.ofNullable(before.get(Stand.shows(bench, offer, looked)))
                        .orElseGet(() -> new Stand(bench, offer, looked))
                        .taking(() -> choose(offer, looked)))
            .toList();
    return drawn;
  }

  /** Takes up a construction, and says what was learned of it the last time. */
  private void choose(Offer offer, Wish looked) {
    bench.choosing().choose(offer, looked);
    remembering.tell();
  }
}
