package cufflink.desktop.shell;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.drawing.TrimDrawing;
import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.run.TrimDirections;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What to cut, and in what order? The trimmer with its fence, one cut after another. */
final class CutStation implements StationView {
  private final Workbench bench;
  private final Runnable refresh;
  private final Slider scrubber = new Slider(0, 1, 0);
  private final Label words = words();
  private final WaitingLine waits;
  private int paper;
  private final PerJob<Place> places = new PerJob<>(new Place(0, 0));

  /** Which paper is cut, and how many cuts are made. */
  private record Place(int paper, double done) {}

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
              plan().ifPresent(each -> words.setText(direction(each)));
              redraw.run();
            });
    bench.cutter().plans().addListener((property, before, now) -> refresh.run());
    waits =
        new WaitingLine(bench.cutter().planner(), Words.say("trim.busy"))
            .stoppedBy(bench.cutter().planner()::enough);
  }

  private Optional<PaperPlan> plan() {
    List<PaperPlan> plans = bench.cutter().plans().get();
    paper = Math.max(0, Math.min(paper, plans.size() - 1));
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
    if (!places.isAt(derivation)) {
      places.set(new Place(paper, scrubber.getValue()));
      Place place = places.at(derivation);
      paper = place.paper();
      scrubber.setMax(Math.max(scrubber.getMax(), place.done()));
      scrubber.setValue(place.done());
    }
    return new CutSentence(bench, derivation).sentence(plan(), this::choose);
  }

  private void choose(int index) {
    paper = index;
    scrubber.setValue(0);
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
    return Optional.of(TrimDrawing.of(shown.get().plan(), run, done(run), surface));
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
    return new VBox(above, row);
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
      return Words.say("trim.done");
    }
    return TrimDirections.told(steps.get(done)).say(bench.format());
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
    button.setMinWidth(HBox.USE_PREF_SIZE);
    button.setOnAction(
        event -> {
          if (cut) {
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
    scrubber.setValue(Math.round(scrubber.getValue()) + direction);
    if (plan().filter(each -> done(each.run()) >= each.run().steps().size()).isPresent()) {
      refresh.run();
    }
  }

  @Override
  public void act() {
    step(1);
  }
}
