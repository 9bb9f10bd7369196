package cufflink.desktop.shell;

import cufflink.core.drawing.Drawing;
import cufflink.core.drawing.PiecesDrawing;
import cufflink.core.drawing.Surface;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.paper.Papers;
import cufflink.core.words.Words;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.Extras;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.MenuItem;

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
        .choice(layers.word(), Words.say("cut.patterned-hint"), layers::items)
        .say(Words.say("cut.with"))
        .choice(
            extras(derivation.job().order()),
            Words.say("cut.extras-hint"),
            () -> extras(derivation.job()));
  }

  private static String extras(Order order) {
    return Extras.ALL.stream()
        .filter(order.extras()::contains)
        .map(each -> Words.say("extra." + each))
        .reduce((first, next) -> Words.say("cut.both", first, next))
        .orElse(Words.say("cut.nothing"));
  }

  private List<MenuItem> extras(Job job) {
    return Extras.ALL.stream()
        .map(
            each ->
                Sentence.tick(
                    Words.say("extra." + each),
                    job.order().extras().contains(each),
                    () -> bench.order(toggled(job.order(), each))))
        .toList();
  }

  private static Order toggled(Order order, String extra) {
    Set<String> extras = new HashSet<>(order.extras());
    if (!extras.remove(extra)) {
      extras.add(extra);
    }
    return order.withExtras(extras);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return derivation.made().map(made -> PiecesDrawing.of(made.design(), surface));
  }
}
