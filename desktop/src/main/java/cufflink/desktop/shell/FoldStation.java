package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.card.StageOrder;
import cufflink.core.design.Design;
import cufflink.core.design.Stage;
import cufflink.core.drawing.FoldFrame;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Catches;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How does it fold? */
final class FoldStation implements StationView {
  private static final Viewpoint FRONT = new Viewpoint(-16, 42);
  private static final Viewpoint BACK = new Viewpoint(-16, 150);
  private static final double DEGREES_PER_PIXEL = 0.4;
  private static final double STEP = 0.1;

  private final Workbench bench;
  private final Runnable redraw;
  private final Runnable anew;
  private final FoldScrubber scrubber;
  private final FoldPlayer player;
  private final WaitingLine waits;
  private final HeldPull held;
  private final FoldHand hand;
  private final FoldLead lead;
  private Viewpoint viewpoint = FRONT;
  private String piece = "";
  private final Label here = new Label();
  private Layers layers = Layers.TOGETHER;
  private final PerJob<View> views =
      new PerJob<>(new View(FRONT, "", Layers.TOGETHER, FoldScrubber.BEGINNING));
  private Optional<Double> left = Optional.empty();

  /** How the folding of a job is looked at. */
  private record View(Viewpoint viewpoint, String piece, Layers layers, double moment) {}

  private Optional<Surface> surface = Optional.empty();
  private Optional<FoldFrame.Grip> grip = Optional.empty();

  FoldStation(Workbench bench, Runnable redraw, Runnable anew) {
    this.bench = bench;
    this.redraw = redraw;
    this.anew = anew;
    this.scrubber = new FoldScrubber(redraw);
    this.waits = new WaitingLine(bench.folding().folder(), Words.say("fold.working"));
    this.player = new FoldPlayer(scrubber);
    this.held = new HeldPull(redraw);
    this.hand = new FoldHand(bench);
    this.lead = new FoldLead(scrubber);
  }

  @Override
  public Station station() {
    return Station.FOLD;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    Derivation whole = report(derivation).map(derivation::folded).orElse(derivation);
    return new SlipWriter(whole, bench.format()).folds();
  }

  @Override
  public Node sentence(Derivation derivation) {
    List<FoldModel> models = derivation.made().map(this::models).orElse(List.of());
    turnTo(derivation);
    Sentence sentence = new Sentence();
    Message all = Message.NONE;
    if (models.size() > 1) {
      String piece =
          sentence.choice(
              model(models).flat().piece().label(),
              Words.say("fold.piece-hint"),
              () ->
                  models.stream()
                      .map(FoldModel::flat)
                      .map(FlatPattern::piece)
                      .map(each -> Sentence.item(each.label(), () -> take(each.id())))
                      .toList());
      all = Message.of("fold.piece", piece);
    }
    if (!models.isEmpty() && model(models).stages().isEmpty()) {
      return sentence.show(all.followedBy(Message.of("fold.none")));
    }
    boolean moves = models.isEmpty() || !model(models).isReady() || model(models).movesThroughout();
    String lying =
        sentence.choice(
            layers.title(),
            Words.say("fold.layers-hint"),
            () ->
                Arrays.stream(Layers.values())
                    .map(each -> Sentence.item(each.title(), () -> show(each)))
                    .toList());
    all =
        all.followedBy(Message.of(moves ? moving(derivation) : "fold.ends"))
            .followedBy(Message.of("fold.layers", lying));
    for (String more :
        Stream.of(
                FoldReading.thickness(report(derivation), bench.format()),
                FoldReading.post(derivation, report(derivation), bench.format()),
                FoldReading.leftOut(derivation))
            .flatMap(Optional::stream)
            .toList()) {
      all = all.followedBy(Message.plain(more));
    }
    return sentence.show(all);
  }

  /** Each job is found as it was left. */
  private void turnTo(Derivation derivation) {
    if (views.isAt(derivation)) {
      return;
    }
    player.stop();
    views.set(new View(viewpoint, piece, layers, scrubber.moment()));
    View view = views.at(derivation);
    viewpoint = view.viewpoint();
    piece = view.piece();
    layers = view.layers();
    left = Optional.of(view.moment());
  }

  private void show(Layers now) {
    layers = now;
    anew.run();
  }

  /** Returns what is folded; the card itself at any moment, once it has been folded in thought. */
  private List<FoldModel> models(Derivation.Made made) {
    FoldModel whole = made.card().whole();
    Optional<FoldModel> folded = bench.folding().of(made.card()).map(FoldReport::model);
    return made.card().foldings().stream()
        .map(each -> each.equals(whole) ? folded.orElse(whole) : each)
        .toList();
  }

  private FoldModel model(List<FoldModel> models) {
    return models.stream()
        .filter(each -> each.flat().piece().id().equals(piece))
        .findFirst()
        .orElse(models.get(0));
  }

  private void take(String id) {
    piece = id;
    player.stop();
    scrubber.setMoment(0);
    anew.run();
  }

  @Override
  public Optional<WaitingLine> waits() {
    return Optional.of(waits);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface newSurface) {
    surface = Optional.of(newSurface);
    return derivation.made().map(made -> draw(derivation, made, newSurface));
  }

  private Drawing draw(Derivation derivation, Derivation.Made made, Surface on) {
    return hand.over(reading(derivation, model(models(made))).drawing(layers, on));
  }

  private FoldReading reading(Derivation derivation, FoldModel model) {
    return new FoldReading(
        derivation,
        report(derivation),
        model,
        scrubber.moment(),
        viewpoint,
        held.look(derivation.look()),
        bench.format());
  }

  private Optional<FoldReport> report(Derivation derivation) {
    return derivation.made().flatMap(made -> bench.folding().of(made.card()));
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    Optional<FoldModel> fold =
        derivation
            .made()
            .map(made -> model(models(made)))
            .filter(model -> !model.stages().isEmpty());
    return fold.map(
        model -> {
          Design design = derivation.made().orElseThrow().design();
          scrubber.show(model.stages(), StageOrder.numbers(design, model.stages()));
          left.ifPresent(scrubber::setMoment);
          left = Optional.empty();
          scrubber.mark(
              reading(derivation, model).catches().stream().map(Catches.Catch::moment).toList());
          Button play = new Button(Words.say("fold.play"));
          play.setOnAction(event -> act());
          Button front = new Button(Words.say("fold.front"));
          front.setOnAction(event -> look(FRONT));
          Button back = new Button(Words.say("fold.back"));
          back.setOnAction(event -> look(BACK));
          HBox.setHgrow(scrubber, Priority.ALWAYS);
          here.setText("");
          here.getStyleClass().setAll("label", "here");
          here.setMinWidth(HBox.USE_PREF_SIZE);
          HBox foot = new HBox(play, scrubber, front, back);
          held.button(derivation).ifPresent(foot.getChildren()::add);
          foot.getChildren().stream()
              .filter(Button.class::isInstance)
              .forEach(each -> ((Button) each).setMinWidth(HBox.USE_PREF_SIZE));
          foot.getStyleClass().add("foot");
          // In a line of its own, so that the slider keeps its length whatever is pointed at.
          HBox above = new HBox(here);
          above.getStyleClass().add("words-above");
          return new VBox(above, foot);
        });
  }

  private void look(Viewpoint from) {
    viewpoint = from;
    redraw.run();
  }

  /** Goes to the end of a stage. */
  void goTo(int stage) {
    player.stop();
    Optional<Derivation.Made> made = bench.derivation().get().flatMap(Derivation::made);
    if (made.isEmpty()) {
      return;
    }
    Stage wanted = StageOrder.of(made.get().design()).get(stage - 1);
    for (FoldModel model : models(made.get())) {
      int index = model.stages().indexOf(wanted);
      if (index >= 0) {
        piece = model.flat().piece().id();
        anew.run();
        scrubber.setMoment(index + 1);
        return;
      }
    }
  }

  private Optional<FoldModel> current() {
    return bench.derivation().get().flatMap(Derivation::made).map(made -> model(models(made)));
  }

  /** Takes hold of the facet under the pointer, if it moves in the present stage. */
  @Override
  public void press(double x, double y) {
    grip = Optional.empty();
    Optional<Derivation> now = bench.derivation().get();
    if (now.isPresent() && surface.isPresent() && current().isPresent() && lies()) {
      FoldModel model = current().get();
      double moment = model.shown(scrubber.moment());
      FoldFrame.Aim aim = aim(now.get(), model);
      player.stop();
      if (!hand.press(aim, moment, new Spot(x, y))) {
        grip =
            // Where what lies on top stays, what lies under it is led.
            aim.grips(moment, new Spot(x, y)).stream()
                .filter(each -> lead.moves(aim, each))
                .findFirst();
      }
    }
  }

  @Override
  public void release() {
    if (hand.isHeld()) {
      hand.release();
      redraw.run();
    }
  }

  private boolean lies() {
    return layers == Layers.TOGETHER || layers == Layers.LINES;
  }

  /** Says whether something is held that moves. */
  boolean isHeld() {
    return grip.isPresent() || hand.isHeld();
  }

  private static String moving(Derivation derivation) {
    return derivation.job().order().toppers().isEmpty() ? "fold.sentence" : "fold.sentence-own";
  }

  private FoldFrame.Aim aim(Derivation derivation, FoldModel model) {
    return reading(derivation, model).aim(layers, surface.orElseThrow());
  }

  /** Says what shows under the pointer; where the card is closed also how thick it is there. */
  @Override
  public void hover(double x, double y) {
    Optional<Derivation> derivation = bench.derivation().get();
    here.setText("");
    if (derivation.isEmpty() || surface.isEmpty() || current().isEmpty()) {
      return;
    }
    FoldModel model = current().get();
    Spot at = new Spot(x, y);
    List<String> says = new ArrayList<>();
    if (lies()) {
      FoldReading reading = reading(derivation.get(), model);
      reading.thick(aim(derivation.get(), model), at).ifPresent(says::add);
      reading.shows(aim(derivation.get(), model), at).ifPresent(says::add);
    }
    here.setText(String.join("  ·  ", says));
  }

  @Override
  public void step(int direction) {
    player.stop();
    scrubber.setMoment(scrubber.moment() + direction * STEP);
  }

  @Override
  public void act() {
    if (scrubber.moment() >= scrubber.stages()) {
      scrubber.setMoment(0);
    }
    player.start();
  }

  @Override
  public void drag(double right, double down) {
    if (hand.isHeld()) {
      hand.drag(right, down);
      redraw.run();
      return;
    }
    Optional<Derivation> now = bench.derivation().get();
    if (grip.isPresent() && now.isPresent() && current().isPresent()) {
      lead.lead(aim(now.get(), current().get()), grip.get(), right, down);
      return;
    }
    double tilt = viewpoint.tilt() - down * DEGREES_PER_PIXEL;
    viewpoint =
        new Viewpoint(
            viewpoint.turn() + right * DEGREES_PER_PIXEL, Math.max(0, Math.min(180, tilt)));
    redraw.run();
  }
}
