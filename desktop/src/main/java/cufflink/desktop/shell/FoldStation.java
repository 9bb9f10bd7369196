package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.design.Stage;
import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Surface;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.Viewpoint;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.words.Words;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** How does it fold? */
final class FoldStation implements StationView {
  private static final Viewpoint FRONT = new Viewpoint(-16, 42);
  private static final Viewpoint BACK = new Viewpoint(-16, 150);
  private static final double DEGREES_PER_PIXEL = 0.4;
  private static final double STEP = 0.1;
  private static final double STAGES_PER_SECOND = 0.7;

  private static final double SPREAD = 9;
  private static final double NUDGE = 0.01;
  private static final double LEAST_SPEED = 20;

  private final Workbench bench;
  private final Runnable redraw;
  private final Runnable anew;
  private final FoldScrubber scrubber;
  private final Player player = new Player();
  private Viewpoint viewpoint = FRONT;
  private String piece = "";
  private final Label here = new Label();
  private boolean isSpread;
  private Optional<Surface> surface = Optional.empty();
  private Optional<FoldDrawing.Grip> grip = Optional.empty();
  private Design shown;
  private List<FoldModel> folding = List.of();

  /** Runs the folding from where it is to its end. */
  private final class Player extends AnimationTimer {
    private static final double NANOS = 1e9;
    private long last;

    @Override
    public void start() {
      last = 0;
      super.start();
    }

    @Override
    public void handle(long now) {
      double seconds = last == 0 ? 0 : (now - last) / NANOS;
      last = now;
      double moment = scrubber.moment() + seconds * STAGES_PER_SECOND;
      scrubber.setMoment(moment);
      if (moment >= scrubber.stages()) {
        stop();
      }
    }
  }

  FoldStation(Workbench bench, Runnable redraw, Runnable anew) {
    this.bench = bench;
    this.redraw = redraw;
    this.anew = anew;
    this.scrubber = new FoldScrubber(redraw);
  }

  @Override
  public Node sentence(Derivation derivation) {
    List<FoldModel> models = derivation.made().map(this::models).orElse(List.of());
    Sentence sentence = new Sentence();
    if (models.size() > 1) {
      sentence
          .say(Words.say("fold.piece"))
          .choice(
              model(models).flat().piece().label(),
              Words.say("fold.piece-hint"),
              () ->
                  models.stream()
                      .map(FoldModel::flat)
                      .map(FlatPattern::piece)
                      .map(each -> Sentence.item(each.label(), () -> take(each.id())))
                      .toList());
    }
    if (!models.isEmpty() && model(models).stages().isEmpty()) {
      return sentence.say(Words.say("fold.none"));
    }
    boolean moves = models.isEmpty() || model(models).movesThroughout();
    sentence
        .say(Words.say(moves ? "fold.sentence" : "fold.ends"))
        .say(Words.say("fold.layers"))
        .choice(
            Words.say(isSpread ? "fold.spread" : "fold.together"),
            Words.say("fold.layers-hint"),
            () ->
                List.of(
                    Sentence.item(Words.say("fold.together"), () -> spread(false)),
                    Sentence.item(Words.say("fold.spread"), () -> spread(true))));
    thickness(derivation).ifPresent(each -> sentence.say(each));
    return sentence;
  }

  private void spread(boolean now) {
    isSpread = now;
    anew.run();
  }

  /** Says how thick the closed card is and what it weighs. */
  private Optional<String> thickness(Derivation derivation) {
    return bench
        .folding()
        .of(derivation)
        .flatMap(folded -> folded.report().thickness())
        .flatMap(
            all ->
                all.thickest()
                    .map(
                        thickest ->
                            Words.say(
                                "fold.thick",
                                millimetres(thickest.thick()),
                                Math.round(all.grams()))));
  }

  /** Thickness is measured in tenths of a millimetre, also by those who cut in inches. */
  private static String millimetres(Length length) {
    return String.format(Locale.ROOT, "%.1f mm", length.toMillimetres());
  }

  /**
   * Returns what is folded: the card with all that is glued onto it, then the pieces that are
   * folded by themselves. It is put together once for each design.
   */
  private List<FoldModel> models(Derivation.Made made) {
    if (made.design() != shown) {
      shown = made.design();
      FoldModel whole = FoldModel.assembled(made.design(), made.flat());
      Set<String> glued =
          whole.assembly().members().stream()
              .map(member -> member.flat().piece().id())
              .collect(Collectors.toSet());
      List<FoldModel> models = new ArrayList<>(List.of(whole));
      made.others().stream()
          .filter(each -> !glued.contains(each.flat().piece().id()))
          .forEach(models::add);
      models.removeIf(model -> model.stages().isEmpty());
      folding = models.isEmpty() ? List.of(whole) : models;
    }
    return folding;
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
  public Optional<Drawing> draw(Derivation derivation, Surface newSurface) {
    surface = Optional.of(newSurface);
    return derivation.made().map(made -> draw(made, newSurface));
  }

  private Drawing draw(Derivation.Made made, Surface on) {
    FoldModel model = model(models(made));
    List<Patch> patches = Patch.of(made.design());
    double moment = scrubber.moment();
    return isSpread
        ? FoldDrawing.spread(model, patches, moment, viewpoint, on, SPREAD)
        : FoldDrawing.of(model, patches, moment, viewpoint, on);
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
          scrubber.show(model.stages());
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
          HBox foot = new HBox(play, scrubber, here, front, back);
          foot.getChildren().stream()
              .filter(Button.class::isInstance)
              .forEach(each -> ((Button) each).setMinWidth(HBox.USE_PREF_SIZE));
          foot.getStyleClass().add("foot");
          return foot;
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
    Stage wanted = FoldModel.inOrder(made.get().design()).get(stage - 1);
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
    if (surface.isPresent() && current().isPresent() && !isSpread) {
      FoldModel model = current().get();
      double moment = model.shown(scrubber.moment());
      grip =
          FoldDrawing.grip(model, moment, viewpoint, surface.get(), new Spot(x, y))
              .filter(each -> speed(model, each).isPresent());
      player.stop();
    }
  }

  /**
   * Returns how a held place moves on the drawing as the stage goes on, nothing if it hardly does.
   */
  private Optional<Spot> speed(FoldModel model, FoldDrawing.Grip held) {
    double moment = scrubber.moment();
    double before = Math.max(0, moment - NUDGE);
    double after = Math.min(model.stages().size(), moment + NUDGE);
    Spot from = seen(model, before, held);
    Spot to = seen(model, after, held);
    double time = Math.max(after - before, NUDGE);
    Spot speed = new Spot((to.x() - from.x()) / time, (to.y() - from.y()) / time);
    return Optional.of(speed).filter(each -> Math.hypot(each.x(), each.y()) >= LEAST_SPEED);
  }

  private Spot seen(FoldModel model, double moment, FoldDrawing.Grip held) {
    return FoldDrawing.seenAt(
        model, moment, viewpoint, surface.orElseThrow(), held.facet(), held.place());
  }

  /** Says how many plies lie under the pointer and how thick they are, where the card is closed. */
  @Override
  public void hover(double x, double y) {
    Optional<Derivation> derivation = bench.derivation().get();
    here.setText("");
    if (derivation.isEmpty() || surface.isEmpty() || current().isEmpty()) {
      return;
    }
    FoldModel model = current().get();
    boolean closed = scrubber.moment() >= model.stages().size();
    if (closed
        && model
            .assembly()
            .members()
            .get(0)
            .flat()
            .piece()
            .id()
            .equals(derivation.get().made().orElseThrow().design().base().id())) {
      Spot place = FoldDrawing.onTable(model, viewpoint, surface.get(), new Spot(x, y));
      bench
          .folding()
          .of(derivation.get())
          .flatMap(folded -> folded.report().thickness())
          .flatMap(all -> all.at(place))
          .ifPresent(
              at -> here.setText(Words.say("fold.here", at.plies(), millimetres(at.thick()))));
    }
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
    if (grip.isPresent() && current().isPresent()) {
      speed(current().get(), grip.get())
          .ifPresent(
              speed -> {
                double square = speed.x() * speed.x() + speed.y() * speed.y();
                double on = (right * speed.x() + down * speed.y()) / square;
                scrubber.setMoment(scrubber.moment() + on);
              });
      return;
    }
    double tilt = viewpoint.tilt() - down * DEGREES_PER_PIXEL;
    viewpoint =
        new Viewpoint(
            viewpoint.turn() + right * DEGREES_PER_PIXEL, Math.max(0, Math.min(180, tilt)));
    redraw.run();
  }
}
