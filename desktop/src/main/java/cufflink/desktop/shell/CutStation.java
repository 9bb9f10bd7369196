package cufflink.desktop.shell;

import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.drawing.Surface;
import cufflink.core.job.Derivation;
import cufflink.core.words.Words;
import java.util.Optional;
import javafx.scene.Node;

/** What to cut? */
final class CutStation implements StationView {
  @Override
  public Node sentence(Derivation derivation) {
    int count =
        derivation
            .made()
            .map(made -> made.design().pieces().size() + made.design().layers().size())
            .orElse(0);
    return new Sentence().say(Words.say("cut.sentence", count));
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation.made().map(made -> PiecesDrawing.of(made.design(), surface));
  }
}
