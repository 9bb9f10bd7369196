package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Surface;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.Viewpoint;
import cufflink.core.job.Derivation;
import cufflink.core.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** How does it fold? */
final class FoldStation implements StationView {
  private static final Viewpoint FRONT = new Viewpoint(-16, 42);
  private static final Viewpoint BACK = new Viewpoint(-16, 150);
  private static final double DEGREES_PER_PIXEL = 0.4;
  private static final double STEP = 0.1;
  private static final double STAGES_PER_SECOND = 0.7;

  private final Runnable redraw;
  private final Runnable anew;
  private final FoldScrubber scrubber;
  private final Player player = new Player();
  private Viewpoint viewpoint = FRONT;
  private String piece = "";
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

  FoldStation(Runnable redraw, Runnable anew) {
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
    return sentence.say(Words.say(moves ? "fold.sentence" : "fold.ends"));
  }

  /**
   * Returns what is folded: the card with all that is glued onto it, then the pieces that are folded
   * by themselves. It is put together once for each design.
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
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation
        .made()
        .map(
            made ->
                FoldDrawing.of(
                    model(models(made)),
                    Patch.of(made.design()),
                    scrubber.moment(),
                    viewpoint,
                    surface));
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
          HBox foot = new HBox(play, scrubber, front, back);
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
    scrubber.setMoment(stage);
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
    double tilt = viewpoint.tilt() - down * DEGREES_PER_PIXEL;
    viewpoint =
        new Viewpoint(
            viewpoint.turn() + right * DEGREES_PER_PIXEL, Math.max(0, Math.min(180, tilt)));
    redraw.run();
  }
}
