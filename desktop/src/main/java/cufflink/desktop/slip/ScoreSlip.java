package cufflink.desktop.slip;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.run.Directions;
import cufflink.core.run.ScoreJob;
import cufflink.core.run.ScoreRun;
import cufflink.core.run.SecondCut;
import cufflink.core.run.Stroke;
import cufflink.core.scene.Ref;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Writes the slip of the scoring: where the stop stands, and what is ruled and cut by hand. */
final class ScoreSlip {
  private final Derivation derivation;
  private final LengthFormat format;

  ScoreSlip(Derivation derivation, LengthFormat format) {
    this.derivation = derivation;
    this.format = format;
  }

  List<SlipSection> write() {
    List<SlipSection> sections = new ArrayList<>();
    Directions directions = new Directions(derivation.job().habit());
    ScoreJob job = job();
    for (ScoreJob.Batch batch : job.batches()) {
      for (ScoreJob.Item item : batch.items()) {
        Piece piece = item.run().piece();
        List<SlipRow> rows = new ArrayList<>();
        for (ScoreRun.Stop stop : item.setup().stops()) {
          rows.add(
              SlipRow.read(
                  new Subject.Stop(piece.id(), stop.stroke().main().id()),
                  stop.at(),
                  format.format(stop.at()),
                  directions.often(directions.stop(stop), passes(piece, stop.stroke())).say(format),
                  lights(piece, stop.stroke())));
        }
        for (Stroke stroke : item.setup().ruled()) {
          Message ruled = directions.ruled(piece, item.setup().lie(), stroke);
          rows.add(
              SlipRow.read(
                  new Subject.Stop(piece.id(), stroke.main().id()),
                  stroke.line(),
                  "",
                  directions.often(ruled, passes(piece, stroke)).say(format),
                  lights(piece, stroke)));
        }
        sections.add(new SlipSection(piece.label(), directions.lay(item).say(format), rows));
      }
    }
    derivation.made().ifPresent(made -> addSecondCuts(sections, made.design(), directions));
    return sections;
  }

  private static Lights lights(Piece piece, Stroke stroke) {
    return Lights.of(
        stroke.parts().stream()
            .map(part -> new Ref(piece.id(), part.id()))
            .collect(Collectors.toSet()));
  }

  private void addSecondCuts(List<SlipSection> sections, Design design, Directions directions) {
    List<SecondCut> all = SecondCut.of(design);
    int number = 0;
    for (Piece piece : design.pieces()) {
      List<SlipRow> cuts = new ArrayList<>();
      for (SecondCut cut : all) {
        if (!cut.piece().equals(piece)) {
          continue;
        }
        cuts.add(
            SlipRow.read(
                new Subject.LaterCut(piece.id(), number++),
                cut.mark(),
                "",
                cut.told().say(format),
                Lights.of(new Ref(piece.id(), cut.id()))));
      }
      if (!cuts.isEmpty()) {
        ScoreRun run = ScoreRun.of(piece, derivation.job().habit());
        String title = Words.say("slip.second", piece.label());
        String lay = directions.layForCutting(run).say(format);
        sections.add(new SlipSection(title, lay, cuts));
      }
    }
  }

  private ScoreJob job() {
    List<ScoreRun> runs = derivation.made().map(Derivation.Made::scoring).orElse(List.of());
    return ScoreJob.of(runs, derivation.job().order().copies());
  }

  private int passes(Piece piece, Stroke stroke) {
    return derivation.made().map(made -> ScoreJob.passes(made.design(), piece, stroke)).orElse(1);
  }
}
