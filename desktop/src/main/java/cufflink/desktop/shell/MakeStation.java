package cufflink.desktop.shell;

import cufflink.core.design.Piece;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lying;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.TrimDrawing;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.CardMade;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.run.PlanWords;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Maker;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
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
  private final BorderPane page = new BorderPane();
  private final PaperView paper = new PaperView();
  private final Label phase = label("make-phase");
  private final Label where = label("make-where");
  private final Label number = label("make-number");
  private final Label words = label("make-words");
  private final Label next = label("make-next");
  private final Label notice = label("notice");
  private final Button back = new Button(Words.say("make.back"));
  private final Button on = new Button(Words.say("make.on"));
  private final TextField forWhom = new TextField();
  private final TextField nextTime = new TextField();
  private final VBox told = new VBox(number, words);
  private final HBox middle = new HBox(told, paper);

  MakeStation(Workbench bench, Logbook log, Runnable refresh) {
    this.bench = bench;
    this.maker = bench.making().maker();
    this.log = log;
    this.refresh = refresh;
    maker.keptBy(log::add);
    page.getStyleClass().add("make-page");
    told.getStyleClass().add("make-told");
    told.setOnMouseClicked(event -> act());
    HBox.setHgrow(told, Priority.ALWAYS);
    HBox.setHgrow(paper, Priority.ALWAYS);
    told.setPrefWidth(1);
    paper.setPrefWidth(1);
    paper.setMouseTransparent(true);
    middle.getStyleClass().add("make-middle");
    Region between = new Region();
    HBox.setHgrow(between, Priority.ALWAYS);
    HBox top = new HBox(phase, between, where);
    top.getStyleClass().add("make-top");
    page.setMinHeight(0);
    middle.setMinHeight(0);
    told.setMinHeight(0);
    page.setTop(new VBox(top, notice));
    page.setCenter(middle);
    notice.textProperty().bind(bench.notice());
    notice.visibleProperty().bind(bench.notice().isNotEmpty());
    notice.managedProperty().bind(notice.visibleProperty());
    Region apart = new Region();
    HBox.setHgrow(apart, Priority.ALWAYS);
    HBox foot = new HBox(back, apart, on);
    foot.getStyleClass().add("make-foot");
    back.setOnAction(event -> step(-1));
    on.setOnAction(event -> act());
    page.setBottom(new VBox(next, foot));
    forWhom.setAccessibleText(Words.say("make.for-whom"));
    nextTime.setAccessibleText(Words.say("make.next-time"));
    bench.cutter().plans().addListener((property, before, now) -> refreshIfHere());
  }

  private static Label label(String style) {
    Label label = new Label();
    label.getStyleClass().add(style);
    label.setWrapText(true);
    return label;
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
    on.requestFocus();
    return true;
  }

  private void show(Derivation derivation) {
    bench.cutter().ask(derivation, bench.drawer());
    String job = derivation.job().id();
    if (!maker.isKnown(job)) {
      maker.learn(job, List.of());
      log.read(
          job,
          before -> {
            maker.learn(job, before);
            refreshIfHere();
          });
    }
    Work work = work(derivation);
    int place = work.next(maker.done(job));
    back.setDisable(place == 0);
    if (place == work.tasks().size()) {
      showEnd(derivation, work);
    } else {
      show(derivation, work, place);
    }
  }

  private Work work(Derivation derivation) {
    return maker.work(derivation, bench.cutter().plans().get());
  }

  private void show(Derivation derivation, Work work, int place) {
    Task task = work.tasks().get(place);
    phase.setText(heading(derivation, task));
    where.setText(Words.say("make.where", place + 1, work.tasks().size()));
    Optional<String> big = task.number().map(bench.format()::format);
    number.setText(big.orElse(""));
    number.setVisible(big.isPresent());
    number.setManaged(big.isPresent());
    words.setText(task.words().say(bench.format()));
    told.getChildren().setAll(number, words);
    next.setText(
        place + 1 < work.tasks().size()
            ? Words.say("make.next", work.tasks().get(place + 1).words().say(bench.format()))
            : Words.say("make.last"));
    on.setVisible(true);
    paper.chosen().set(refs(task));
    paper.show(surface -> draw(derivation, task, surface), bench.shownMarks(), bench.format());
  }

  /** The part of the work, the piece it is about, and how many of it there are. */
  private String heading(Derivation derivation, Task task) {
    String part = Words.say(task.phase().heading());
    if (task.phase() == Task.Phase.CUT) {
      return bench.cutter().plans().get().stream()
          .filter(plan -> plan.role().id().equals(task.piece()))
          .findFirst()
          .map(plan -> Words.say(PlanWords.title(plan.role(), plan.isTrial())))
          .map(paper -> Words.say("make.about", part, paper))
          .orElse(part);
    }
    Optional<String> piece =
        derivation.made().flatMap(made -> made.design().piece(task.piece())).map(Piece::label);
    String about = piece.map(label -> Words.say("make.about", part, label)).orElse(part);
    return task.count() == 1 ? about : Words.say("make.count", about, task.count());
  }

  private static Set<Ref> refs(Task task) {
    return task.shown().stream()
        .flatMap(shown -> shown.lines().stream().map(line -> new Ref(shown.piece(), line)))
        .collect(Collectors.toSet());
  }

  private Optional<Drawing> draw(Derivation derivation, Task task, Surface surface) {
    if (task.phase() == Task.Phase.CUT) {
      return drawCut(derivation, task, surface);
    }
    if (derivation.made().isEmpty() || task.shown().isEmpty()) {
      return Optional.empty();
    }
    Task.Shown shown = task.shown().get();
    boolean glues = task.phase().compareTo(Task.Phase.LAYER) >= 0;
    List<Patch> patches = glues ? Patch.of(derivation.made().get().design()) : List.of();
    return derivation
        .made()
        .get()
        .design()
        .piece(shown.piece())
        .map(
            piece ->
                FlatDrawing.of(
                    new Lying(piece, shown.lie()),
                    surface,
                    new FlatDrawing.Options(
                        patches,
                        Optional.empty(),
                        score -> shown.lines().contains(score.id()),
                        false,
                        glues,
                        glues ? Optional.empty() : Optional.of(derivation.job().habit()))));
  }

  private Optional<Drawing> drawCut(Derivation derivation, Task task, Surface surface) {
    int nth = 0;
    for (PaperPlan plan : bench.cutter().plans().get()) {
      for (int step = 0; step < plan.run().steps().size(); step++) {
        boolean isOfRole = plan.role().id().equals(task.piece());
        nth += isOfRole ? 1 : 0;
        if (isOfRole && task.id().endsWith(" " + nth)) {
          Surface own = surface.speaking(plan.format(surface.format(), derivation.job().rulers()));
          return Optional.of(
              TrimDrawing.of(plan.plan(), plan.run(), step, derivation.job().habit().hand(), own));
        }
      }
    }
    return Optional.empty();
  }

  private void showEnd(Derivation derivation, Work work) {
    phase.setText(Words.say("make.ready"));
    where.setText("");
    words.setText(
        Words.say("make.made", derivation.job().order().copies(), derivation.pattern().name()));
    Button remember = new Button(Words.say("make.remember"));
    remember.getStyleClass().add("make-remember");
    remember.setOnAction(event -> remember(derivation));
    Button again = new Button(Words.say("make.again"));
    again.getStyleClass().add("make-remember");
    again.setOnAction(event -> again(derivation, work));
    HBox both = new HBox(remember, again);
    both.getStyleClass().add("make-both");
    told.getChildren()
        .setAll(words, asked(forWhom, "make.for-whom"), asked(nextTime, "make.next-time"), both);
    paper.chosen().set(Set.of());
    paper.show(
        surface -> CardPicture.of(derivation).map(picture -> picture.draw(surface)),
        bench.shownMarks(),
        bench.format());
    on.setVisible(false);
    next.setText(Words.say("make.total", work.minutes()));
  }

  private static Node asked(TextField field, String key) {
    Label question = label("make-asked");
    question.setText(Words.say(key));
    question.setLabelFor(field);
    return new VBox(question, field);
  }

  private void remember(Derivation derivation) {
    CardMade.Memory memory =
        new CardMade.Memory(
            derivation.job().order().copies(),
            forWhom.getText().strip(),
            "",
            0,
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
          nextTime.clear();
          bench.tell(Words.say("make.remembered"));
        });
  }

  @Override
  public void act() {
    step(1);
  }

  @Override
  public void step(int direction) {
    bench.derivation().get().ifPresent(derivation -> step(derivation, direction));
    refresh.run();
  }

  private void step(Derivation derivation, int direction) {
    String job = derivation.job().id();
    List<Task> tasks = work(derivation).tasks();
    int place = work(derivation).next(maker.done(job));
    if (direction < 0 && place > 0) {
      maker.takeBack(job, tasks.get(place - 1));
    } else if (direction > 0 && place < tasks.size()) {
      maker.make(job, tasks.get(place));
    }
  }

  /** Only a press on its own button begins anew. */
  private void again(Derivation derivation, Work work) {
    work.tasks().forEach(task -> maker.takeBack(derivation.job().id(), task));
    refresh.run();
    focus();
  }
}
