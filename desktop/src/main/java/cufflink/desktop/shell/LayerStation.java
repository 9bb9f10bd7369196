package cufflink.desktop.shell;

import cufflink.core.design.Face;
import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.FlatDrawing;
import cufflink.core.drawing.Lie;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Surface;
import cufflink.core.job.Derivation;
import cufflink.core.run.ScoreRun.Side;
import cufflink.core.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** What is glued where? */
final class LayerStation implements StationView {
  private final Runnable redraw;
  private Face face = Face.OUTSIDE;

  LayerStation(Runnable redraw) {
    this.redraw = redraw;
  }

  @Override
  public Node sentence(Derivation derivation) {
    return new Sentence()
        .say(Words.say("layer.sentence"))
        .choice(
            Words.say(word(face)),
            Words.say("layer.face-hint"),
            List.of(
                Sentence.item(Words.say(word(Face.OUTSIDE)), () -> turn(Face.OUTSIDE)),
                Sentence.item(Words.say(word(Face.INSIDE)), () -> turn(Face.INSIDE))))
        .say(Words.say("layer.flip"));
  }

  private static String word(Face face) {
    return face == Face.INSIDE ? "layer.inside" : "layer.outside";
  }

  private void turn(Face newFace) {
    face = newFace;
    redraw.run();
  }

  @Override
  public void act() {
    turn(face.other());
  }

  @Override
  public void step(int direction) {
    turn(face.other());
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation
        .made()
        .map(
            made ->
                FlatDrawing.of(
                    new Lie(made.design().base(), Side.WIDTH, face),
                    surface,
                    new FlatDrawing.Options(
                        Patch.of(made.design()), Optional.empty(), score -> false, true, true)));
  }
}
