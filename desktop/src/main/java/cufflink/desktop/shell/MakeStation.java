package cufflink.desktop.shell;

import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.log.CardMade;
import cufflink.core.log.Done;
import cufflink.core.make.AtTable;
import cufflink.core.make.Task;
import cufflink.core.make.Times;
import cufflink.core.run.PlanWords;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Maker;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One action at a time, to be read an arm away and gone on from with an elbow. */
final class MakeStation implements StationView {
  private final Workbench bench;
  private final Maker maker;
  private final Logbook log;
  private final Runnable refresh;
  private final MakeEnd end;
  private final Foreseen foreseen;
  private final MakeAside aside;
  private final MakePaper sheet;
  private final Together together;
  private final MakeSpoilt which;
  private final Elbow elbow = Elbow.ofThisSystem();
  private final BorderPane page = new BorderPane();
  private final PaperView paper = new PaperView();
  private final Label phase = label("make-phase");
  private final Label where = label("make-where");
  private final Label number = label("make-number");
  private final Label words = label("make-words");
  private final Label before = label("make-before");
  private final Label next = label("make-next");
  private final Label notice = label("notice");
  private final Button back = button("make.back", () -> step(-1));
  private final Button spoilt = button("make.spoilt", this::askWhich);
  private final Button all = button("make.on", this::makeAll);
  private final ToggleButton school = new ToggleButton(Words.say("make.by-piece"));
  private final ToggleButton aloud = new ToggleButton(Words.say("make.aloud"));
  private final Button on = button("make.on", this::act);
  private final VBox told = new VBox(number, words, before);
  private final HBox middle = new HBox(told, paper);

  /** Jobs that another window has on its table: there they are only looked at. */
  private final Set<String> elsewhere = new HashSet<>();

  /** What was read aloud last. */
  private String spoken = "";

  /** Whether it is being asked which piece was spoilt. */
  private boolean asks;

  MakeStation(Workbench bench, Logbook log, Together together, Runnable refresh) {
    this.together = together;
    this.bench = bench;
    paper.look(bench.papers().book());
    this.maker = bench.making().maker();
    this.log = log;
    this.refresh = refresh;
    this.aside = new MakeAside(bench);
    this.sheet = new MakePaper(bench, paper);
    this.foreseen = new Foreseen(bench, log);
    this.end = new MakeEnd(bench, log, this::again);
    this.which = new MakeSpoilt(bench, this::said, refresh);
    maker.keptBy(log::add);
    page.getStyleClass().add("make-page");
    told.getStyleClass().add("make-told");
    told.setOnMouseClicked(
        event -> {
          if (!asks) {
            act();
          }
        });
    HBox.setHgrow(told, Priority.ALWAYS);
    HBox.setHgrow(paper, Priority.ALWAYS);
    told.setPrefWidth(1);
    paper.setPrefWidth(1);
    paper.setMouseTransparent(true);
    middle.getStyleClass().add("make-middle");
    aloud.getStyleClass().add("make-aloud");
    aloud.setOnAction(event -> speak());
    school.getStyleClass().add("make-aloud");
    school.selectedProperty().bindBidirectional(maker.byPiece());
    school.selectedProperty().addListener((property, was, now) -> refreshIfHere());
    HBox top = new HBox(phase, between(), school, aloud, where);
    top.getStyleClass().add("make-top");
    page.setFocusTraversable(true);
    page.setMinHeight(0);
    middle.setMinHeight(0);
    told.setMinHeight(0);
    page.setTop(new VBox(top, notice));
    page.setCenter(middle);
    notice.textProperty().bind(bench.notice());
    notice.visibleProperty().bind(bench.notice().isNotEmpty());
    notice.managedProperty().bind(notice.visibleProperty());
    HBox foot = new HBox(back, spoilt, between(), all, on);
    foot.getStyleClass().add("make-foot");
    page.setBottom(new VBox(next, foot));
    bench
        .station()
        .addListener(
            (property, was, now) -> {
              elbow.keepAwake(now == Station.MAKE);
              if (now == Station.MAKE && isElsewhere()) {
                bench.job().ifPresent(job -> read(job.id()));
              }
            });
    bench.folding().gluer().answered().addListener((property, was, now) -> refreshIfHere());
    bench.cutter().plans().addListener((property, was, now) -> refreshIfHere());
    bench.cutter().rest().answered().addListener((property, was, now) -> refreshIfHere());
  }

  private static Region between() {
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    return between;
  }

  private static Label label(String style) {
    Label label = new Label();
    label.getStyleClass().add(style);
    label.setWrapText(true);
    return label;
  }

  private static Button button(String key, Runnable action) {
    Button button = new Button(Words.say(key));
    button.setOnAction(event -> action.run());
    return button;
  }

  private void refreshIfHere() {
    if (bench.station().get() == Station.MAKE) {
      refresh.run();
    }
  }

  @Override
  public Station station() {
    return Station.MAKE;
  }

  @Override
  public Optional<Node> table() {
    bench.derivation().get().ifPresent(this::show);
    return Optional.of(page);
  }

  @Override
  public boolean focus() {
    (on.isVisible() ? on : page).requestFocus();
    return true;
  }

  private static void show(Node node, boolean shows) {
    node.setVisible(shows);
    node.setManaged(shows);
  }

  /** The keys stay here while there is no button: otherwise the next press would go elsewhere. */
  private void showOn(boolean shows) {
    if (!shows && on.isFocused()) {
      page.requestFocus();
    }
    show(on, shows);
    if (shows && page.isFocused()) {
      on.requestFocus();
    }
  }

  private static void say(Label label, Optional<String> text) {
    label.setText(text.orElse(""));
    show(label, text.isPresent());
  }

  private void show(Derivation derivation) {
    String job = derivation.job().id();
    if (!maker.isKnown(job)) {
      maker.learn(job, List.of());
      read(job);
      log.times(maker::takes);
    }
    Optional<AtTable> at = maker.at(derivation, bench.drawer());
    at.ifPresentOrElse(it -> show(derivation, it), () -> showWaiting(derivation));
  }

  private void read(String job) {
    log.read(
        job,
        (done, isElsewhere) -> {
          maker.learn(job, done);
          if (isElsewhere) {
            elsewhere.add(job);
          } else {
            elsewhere.remove(job);
          }
          refreshIfHere();
        });
  }

  private boolean isElsewhere() {
    return bench.job().filter(job -> elsewhere.contains(job.id())).isPresent();
  }

  private void showWaiting(Derivation derivation) {
    boolean fails = derivation.made().isEmpty();
    phase.setText("");
    where.setText("");
    say(number, Optional.empty());
    say(before, Optional.empty());
    words.setText(Words.say(fails ? "make.no-design" : "make.planning"));
    told.getChildren().setAll(number, words, before);
    next.setText("");
    List.of(back, spoilt, all).forEach(each -> show(each, false));
    showOn(false);
    paper.show(surface -> Optional.empty(), bench.shownMarks(), bench.format());
  }

  private void show(Derivation derivation, AtTable at) {
    List<Task> tasks = at.work().tasks();
    int place = at.progress().next();
    boolean here = !isElsewhere();
    show(back, here);
    back.setDisable(at.progress().last().isEmpty());
    boolean goesOn = place < tasks.size();
    show(school, derivation.job().order().copies() > 1);
    showOn(goesOn && !asks && here);
    show(spoilt, goesOn && !asks && here);
    show(all, false);
    if (!goesOn) {
      showEnd(derivation, at);
    } else if (asks) {
      showPieces(at);
    } else {
      show(derivation, at, place);
      foreseen.tell(derivation, at);
    }
  }

  private void show(Derivation derivation, AtTable at, int place) {
    List<Task> tasks = at.work().tasks();
    Task task = tasks.get(place);
    int made = at.progress().made(task);
    boolean both = task.count() > 1 && task.number().isPresent();
    String heading = heading(derivation, at, task);
    where.setText(Words.say("make.where", place + 1, tasks.size()));
    Optional<String> tally =
        task.count() == 1
            ? Optional.empty()
            : Optional.of(Words.say("make.tally", made + 1, task.count()));
    phase.setText(both ? Words.say("make.about", heading, tally.orElseThrow()) : heading);
    say(number, task.number().map(bench.format()::format).or(() -> tally));
    words.setText(sheet.words(derivation, at, task));
    Optional<String> other = aside.of(derivation, at, task);
    say(before, isElsewhere() ? Optional.of(Words.say("make.elsewhere")) : other);
    told.getChildren().setAll(number, words, before);
    int left = task.count() - made;
    show(all, left > 1 && !isElsewhere());
    all.setText(Words.say("make.all", left));
    next.setText(
        place + 1 < tasks.size()
            ? Words.say("make.next", tasks.get(place + 1).words().say(bench.format()))
            : Words.say("make.last"));
    speak();
    sheet.show(derivation, at, task);
  }

  /** The part of the work, the piece it is about, and how many of it there are. */
  private String heading(Derivation derivation, AtTable at, Task task) {
    String part = Words.say(task.phase().heading());
    Optional<String> paper =
        task.trim()
            .map(trim -> PlanWords.title(trim.plan().role(), trim.plan().isTrial()))
            .map(Words::say);
    Optional<String> about = paper.or(() -> at.design().piece(task.piece()).map(Piece::label));
    String whole = about.map(label -> Words.say("make.about", part, label)).orElse(part);
    return task.count() == 1 ? whole : Words.say("make.count", whole, task.count());
  }

  /** Reads aloud what is to be done; while copies are counted, only how many. */
  private void speak() {
    String count = number.getText();
    String now = String.join(" ", count, words.getText()).strip();
    if (aloud.isSelected() && !now.equals(spoken)) {
      elbow.say(!spoken.isEmpty() && spoken.endsWith(words.getText()) ? count : now);
    }
    spoken = aloud.isSelected() ? now : "";
  }

  private void askWhich() {
    asks = true;
    which.begin();
    refresh.run();
  }

  private void showPieces(AtTable at) {
    phase.setText(Words.say("make.spoilt"));
    where.setText("");
    words.setText(which.question());
    FlowPane pieces = which.show(at);
    told.getChildren().setAll(words, pieces);
    next.setText("");
    show(back, false);
    pieces.getChildren().get(0).requestFocus();
  }

  private void said() {
    asks = false;
    refresh.run();
    focus();
  }

  private void showEnd(Derivation derivation, AtTable at) {
    asks = false;
    phase.setText(Words.say("make.ready"));
    where.setText("");
    List<Done> done = maker.done(derivation.job().id());
    told.getChildren().setAll(end.show(derivation, Times.worked(done)));
    if (together.isOn()) {
      told.getChildren().add(MakeEnd.button("together.go-on", together::goOn));
    }
    sheet.showCard(derivation);
    int minutes = Math.min(Times.worked(done), CardMade.MOST_MINUTES);
    next.setText(
        minutes > 0
            ? Words.say("make.took", minutes, at.work().minutes())
            : Words.say("make.total", at.work().minutes()));
  }

  @Override
  public void act() {
    step(1);
  }

  @Override
  public void step(int direction) {
    move(at -> maker.note(at, now -> direction < 0 ? at.takeBack(now) : at.make(1, said(at), now)));
  }

  private void move(Consumer<AtTable> act) {
    if (!asks && !isElsewhere()) {
      bench
          .derivation()
          .get()
          .flatMap(derivation -> maker.at(derivation, bench.drawer()))
          .ifPresent(act);
    }
    asks = false;
    refresh.run();
    if (together.isOn()) {
      together.done();
    }
  }

  private String said(AtTable at) {
    return at.task().map(task -> task.words().say(bench.format())).orElse("");
  }

  /** All copies of what is being done that are left. */
  private void makeAll() {
    move(
        at -> {
          int left = at.task().map(task -> task.count() - at.progress().made(task)).orElse(1);
          maker.note(at, now -> at.make(left, said(at), now));
        });
    focus();
  }

  /** Only a press on its own button begins anew. */
  private void again() {
    move(at -> maker.note(at, at::beginAnew));
    focus();
  }
}
