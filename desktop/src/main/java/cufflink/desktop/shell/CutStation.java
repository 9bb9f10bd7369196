package cufflink.desktop.shell;

import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.drawing.Surface;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Papers;
import cufflink.core.words.Words;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import javafx.scene.Node;

/** What to cut? */
final class CutStation implements StationView {
  private final Workbench bench;

  CutStation(Workbench bench) {
    this.bench = bench;
  }

  @Override
  public Node sentence(Derivation derivation) {
    int count =
        derivation
            .made()
            .map(made -> made.design().pieces().size() + made.design().layers().size())
            .orElse(0);
    Papers papers = derivation.job().papers();
    PaperChoice card =
        new PaperChoice(bench, papers.card(), now -> new Papers(now, bench.papers().patterned()));
    PaperChoice layers =
        new PaperChoice(bench, papers.patterned(), now -> new Papers(bench.papers().card(), now));
    return new Sentence()
        .say(Words.say("cut.sentence", count))
        .say(Words.say("cut.card"))
        .choice(card.word(), Words.say("cut.card-hint"), card::items)
        .say(Words.say("cut.patterned"))
        .choice(layers.word(), Words.say("cut.patterned-hint"), layers::items);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation.made().map(made -> PiecesDrawing.of(made.design(), surface));
  }
}
