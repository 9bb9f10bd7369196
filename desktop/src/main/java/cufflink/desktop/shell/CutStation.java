package cufflink.desktop.shell;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.OffCuts;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.drawing.TrimDrawing;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.NearMiss;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Hand;
import cufflink.core.run.PlanWords;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** What to cut, and in what order? The trimmer with its fence, one cut after another. */
final class CutStation implements StationView {
  private final Workbench bench;
  private final Runnable refresh;
  private final Slider scrubber = new Slider(0, 1, 0);
  private final Label words = words();
  private final WaitingLine waits;
  private final List<ToggleButton> choices = new ArrayList<>();
  private final Latest<Nearly, Optional<NearMiss>> near =
      new Latest<>("near misses", Duration.millis(250), (asked, asking) -> asked.find());
  private final PerJob<Place> places = new PerJob<>(Place.BEGINNING);

  /**
   * How far the cutting of a job has got.
   *
   * @param paper which paper is cut now
   * @param done how many cuts of each paper are made
   * @param put which papers are taken out of the drawer, their off-cuts put in
   */
  private record Place(int paper, Map<Integer, Integer> done, Set<Integer> put) {
    static final Place BEGINNING = new Place(0, Map.of(), Set.of());

    int done(int which) {
      return done.getOrDefault(which, 0);
    }

    Place at(int which) {
      return new Place(which, done, put);
    }

    Place cut(int cuts) {
      Map<Integer, Integer> more = new HashMap<>(done);
      more.put(paper, cuts);
      return new Place(paper, more, put);
    }

    Place putAway() {
      Set<Integer> more = new HashSet<>(put);
      more.add(paper);
      return new Place(paper, done, more);
    }
  }

  CutStation(Workbench bench, Runnable redraw, Runnable refresh) {
    this.bench = bench;
    this.refresh = refresh;
    scrubber.setBlockIncrement(1);
    scrubber.setMajorTickUnit(1);
    scrubber.setMinorTickCount(0);
    scrubber.setSnapToTicks(true);
    scrubber.setAccessibleText(Words.say("trim.scrubber"));
    scrubber
        .valueProperty()
        .addListener(
            (property, before, now) -> {
              places.change(place -> place.cut((int) Math.round(scrubber.getValue())));
              tellPapers(bench.cutter().plans().get());
              plan().ifPresent(each -> words.setText(direction(each)));
              redraw.run();
            });
    bench.cutter().plans().addListener((property, before, now) -> refresh.run());
    near.answered().addListener((property, before, now) -> refresh.run());
    waits =
        new WaitingLine(bench.cutter().planner(), Words.say("trim.busy"))
            .stoppedBy(bench.cutter().planner()::enough);
  }

  /** What a near miss depends on. */
  private record Nearly(
      Pattern pattern, Values values, Fitter.Manner manner, Sheet sheet, int copies) {
    static Nearly of(Derivation derivation) {
      Job job = derivation.job();
      return new Nearly(
          derivation.pattern(),
          job.onBench(),
          new Fitter.Manner(job.rulers(), job.keepsProportions(), job.pinned()),
          PaperPlan.sheet(job, PaperRole.CARDSTOCK, StandardSizes.usualSheet(job.marks())),
          job.order().copies());
    }

    Optional<NearMiss> find() {
      return NearMiss.of(pattern, values, manner, sheet, copies);
    }
  }

  private Optional<PaperPlan> plan() {
    List<PaperPlan> plans = bench.cutter().plans().get();
    int paper = Math.max(0, Math.min(places.now().paper(), plans.size() - 1));
    return plans.isEmpty() ? Optional.empty() : Optional.of(plans.get(paper));
  }

  @Override
  public Station station() {
    return Station.CUT;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    return new SlipWriter(derivation, bench.format())
        .cuts(bench.cutter().plans().get(), bench.drawer());
  }

  @Override
  public Node sentence(Derivation derivation) {
    bench.cutter().ask(derivation, bench.drawer());
    Place place = places.at(derivation);
    show(place);
    Nearly nearly = Nearly.of(derivation);
    near.ask(nearly);
    return new CutSentence(bench, derivation, refresh)
        .sentence(plan(), near.answerTo(nearly).flatMap(each -> each));
  }

  /** Sets the slider to where the cutting of the present paper has got. */
  private void show(Place place) {
    int done = place.done(place.paper());
    scrubber.setMax(Math.max(scrubber.getMax(), done));
    if (Math.round(scrubber.getValue()) != done) {
      scrubber.setValue(done);
    }
  }

  private void choose(int index) {
    places.change(place -> place.at(index));
    show(places.now());
    refresh.run();
  }

  @Override
  public Optional<WaitingLine> waits() {
    return Optional.of(waits);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    Optional<PaperPlan> shown = plan().filter(each -> !each.plan().sheets().isEmpty());
    if (shown.isEmpty()) {
      return derivation.made().map(made -> PiecesDrawing.of(made.design(), surface));
    }
    TrimRun run = shown.get().run();
    Hand hand = derivation.job().habit().hand();
    Surface own = surface.speaking(shown.get().format(surface.format(), derivation.job().rulers()));
    return Optional.of(TrimDrawing.of(shown.get(), done(run), hand, own));
  }

  private int done(TrimRun run) {
    return (int) Math.min(run.steps().size(), Math.round(scrubber.getValue()));
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    return plan()
        .filter(each -> !each.plan().sheets().isEmpty())
        .map(each -> foot(derivation, each));
  }

  private Node foot(Derivation derivation, PaperPlan plan) {
    int count = plan.run().steps().size();
    scrubber.setMax(Math.max(1, count));
    words.setText(direction(plan));
    HBox.setHgrow(scrubber, Priority.ALWAYS);
    HBox row =
        foot(scrubber, button("step.back", -1), button("step.on", 1), keeping(derivation, plan));
    HBox above = new HBox(words);
    above.getStyleClass().add("words-above");
    return bench.cutter().plans().get().size() > 1
        ? new VBox(papers(), above, row)
        : new VBox(above, row);
  }

  /** The papers to cut, each with what is left to do, to be gone to by a press. */
  private Node papers() {
    HBox row = new HBox();
    row.getStyleClass().add("papers");
    List<PaperPlan> plans = bench.cutter().plans().get();
    ToggleGroup group = new ToggleGroup();
    choices.clear();
    for (int i = 0; i < plans.size(); i++) {
      int index = i;
      ToggleButton button = new ToggleButton();
      button.setToggleGroup(group);
      button.setSelected(places.now().paper() == i);
      Message title = PlanWords.title(plans.get(i).role(), plans.get(i).isTrial());
      int all = plans.get(i).run().steps().size();
      Steady.width(
          button,
          Words.say("cut.paper-cut", title),
          Words.say("cut.paper-left", title, Math.max(1, all)));
      button.getStyleClass().add("paper-choice");
      button.setOnAction(event -> choose(index));
      choices.add(button);
    }
    row.getChildren().setAll(choices);
    tellPapers(plans);
    return row;
  }

  private static Label words() {
    Label words = new Label();
    words.getStyleClass().add("direction");
    words.setWrapText(true);
    words.setMaxWidth(Double.MAX_VALUE);
    words.setMinHeight(64);
    HBox.setHgrow(words, Priority.ALWAYS);
    return words;
  }

  private static HBox foot(Node... nodes) {
    HBox foot = new HBox(nodes);
    foot.getStyleClass().add("foot");
    return foot;
  }

  private String direction(PaperPlan plan) {
    List<TrimStep> steps = plan.run().steps();
    int done = done(plan.run());
    if (done >= steps.size()) {
      return next().map(each -> Words.say("trim.paper-done", each)).orElseGet(this::allDone);
    }
    Job job = bench.job().orElseThrow();
    LengthFormat own = plan.format(bench.format(), job.rulers());
    return TrimDirections.move(steps.get(done), job.habit().hand()).words().say(own);
  }

  /** Says of each paper how many cuts are left. */
  private void tellPapers(List<PaperPlan> plans) {
    for (int i = 0; i < Math.min(plans.size(), choices.size()); i++) {
      PaperPlan each = plans.get(i);
      int left = Math.max(0, each.run().steps().size() - places.now().done(i));
      Message title = PlanWords.title(each.role(), each.isTrial());
      choices
          .get(i)
          .setText(
              left == 0
                  ? Words.say("cut.paper-cut", title)
                  : Words.say("cut.paper-left", title, left));
    }
  }

  /** Returns the paper that is to be cut next, if there is one. */
  private Optional<String> next() {
    List<PaperPlan> plans = bench.cutter().plans().get();
    for (int i = 0; i < plans.size(); i++) {
      if (places.now().done(i) < plans.get(i).run().steps().size()) {
        return Optional.of(Words.say(PlanWords.title(plans.get(i).role(), plans.get(i).isTrial())));
      }
    }
    return Optional.empty();
  }

  /** Says that all is cut, and what is left over of each paper. */
  private String allDone() {
    Message told = Message.of("trim.done");
    for (PaperPlan plan : bench.cutter().plans().get()) {
      List<OffCuts.OffCut> left = OffCuts.of(plan.run(), plan.question().parts());
      if (!left.isEmpty()) {
        Message title = PlanWords.title(plan.role(), plan.isTrial());
        told = told.followedBy(PlanWords.left(title, left));
      }
    }
    return told.say(bench.format());
  }

  private Button button(String key, int direction) {
    Button button = new Button(Words.say(key));
    button.setMinWidth(HBox.USE_PREF_SIZE);
    button.setOnAction(event -> step(direction));
    return button;
  }

  /** Sets the paper aside, or takes it out of the drawer once it is cut. */
  private Node keeping(Derivation derivation, PaperPlan plan) {
    boolean cut = done(plan.run()) >= plan.run().steps().size();
    String job = derivation.job().title();
    boolean reserved = bench.drawer().reserved().containsKey(job);
    String key = cut ? "drawer.cut" : reserved ? "drawer.let-go" : "drawer.reserve";
    Button button = new Button(Words.say(key));
    Steady.width(
        button, Words.say("drawer.cut"), Words.say("drawer.let-go"), Words.say("drawer.reserve"));
    button.setDisable(cut && places.now().put().contains(places.now().paper()));
    button.setOnAction(
        event -> {
          if (cut) {
            bench.cutter().freeze(derivation);
            places.change(Place::putAway);
            bench
                .making()
                .changeDrawer(each -> each.take(job, plan.plan(), plan.run()), "drawer.was-cut");
          } else if (reserved) {
            bench.making().changeDrawer(each -> each.release(job), "drawer.was-let-go");
          } else {
            bench.making().changeDrawer(each -> reserve(each, job), "drawer.was-reserved");
          }
          refresh.run();
        });
    return button;
  }

  private Drawer reserve(Drawer drawer, String job) {
    return drawer.reserve(job, bench.cutter().plans().get().stream().map(PaperPlan::plan).toList());
  }

  @Override
  public void step(int direction) {
    long before = Math.round(scrubber.getValue());
    scrubber.setValue(before + direction);
    if (plan().filter(each -> done(each.run()) >= each.run().steps().size()).isPresent()) {
      refresh.run();
    }
  }

  @Override
  public void act() {
    step(1);
  }
}
