package cufflink.files.command;

import cufflink.core.card.StageOrder;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.flat.CutAway;
import cufflink.core.fold.Thickness;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.AtHand;
import cufflink.core.job.Derivation;
import cufflink.core.job.LayerRow;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.PaperKind;
import cufflink.core.run.Gluing;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.core.words.Message;
import cufflink.files.words.Amounts;
import cufflink.files.words.Words;
import java.io.PrintWriter;
import java.util.List;

/** Prints all that a maker needs: what is cut, scored, cut again, folded and glued. */
final class PlanText {
  private final Derivation derivation;
  private final LengthFormat format;
  private final PrintWriter out;
  private final int copies;

  PlanText(Derivation derivation, LengthFormat format, PrintWriter out) {
    this.derivation = derivation;
    this.format = format;
    this.out = out;
    this.copies = derivation.job().order().copies();
  }

  void print() {
    derivation.made().ifPresent(this::print);
    derivation.thickness().ifPresent(all -> out.println(Amounts.of(all, format)));
  }

  private void print(Derivation.Made made) {
    Design design = made.design();
    made.closed().ifPresent(this::closed);
    for (Piece piece : design.pieces()) {
      String size = on(piece.paper()).size(piece.width(), piece.height());
      int count = piece.total(copies);
      design
          .source(piece)
          .filter(host -> CutAway.serves(design, piece))
          .ifPresentOrElse(
              host -> say("command.cut-away", count, piece.label(), size, host.label()),
              () -> say("command.cut", count, piece.label(), size));
    }
    for (LayerRow row : LayerRow.of(design)) {
      String all = Message.list("list.comma", row.labels()).say(format);
      String labels = row.halved() ? Words.say("sheet.halved", all) : all;
      say("command.cut", row.count(copies), labels, onLayers().size(row.width(), row.height()));
    }
    List<Move> moves = Moves.of(design, derivation.job().habit(), copies);
    list(
        "sheet.at-hand",
        AtHand.of(design, moves, derivation.job().order(), derivation.job().marks()).told());
    moves.forEach(move -> out.println(line(move)));
    stages(StageOrder.of(design));
    glue(design);
    list("sheet.worth", design.notes());
  }

  /** Says how large the whole card is closed, as it was folded. */
  private void closed(ClosedState closed) {
    if (closed.isFlat()) {
      List<Length> size =
          derivation
              .thickness()
              .map(Thickness::size)
              .orElse(List.of(closed.width(), closed.height()));
      say("command.closed", format.size(size.get(0), size.get(1)), closed.mostPlies());
    } else {
      List<Length> box = closed.box();
      say(
          "command.closed-box",
          format.size(box.get(0), box.get(1)),
          format.formatWithUnit(box.get(2)));
    }
  }

  private void say(String key, Object... details) {
    out.println(Words.say(key, details));
  }

  private LengthFormat on(PaperKind kind) {
    return kind == PaperKind.PATTERNED ? onLayers() : format;
  }

  private LengthFormat onLayers() {
    return format.onLayers(derivation.job().rulers());
  }

  private String line(Move move) {
    String words = move.words().say(format);
    return move instanceof Move.Lay lay
        ? Words.say("command.lay", lay.piece().label(), words)
        : "  " + words;
  }

  private void stages(List<Stage> stages) {
    list("slip.in-this-order", stages.stream().map(each -> Message.plain(each.title())).toList());
  }

  private void glue(Design design) {
    boolean raised = derivation.job().order().raised();
    list(
        "sheet.layers",
        design.layers().stream().map(layer -> Gluing.of(layer, design, raised)).toList());
    list(
        "sheet.glue",
        GluingOrder.of(design, derivation.job().order().wish()).steps().stream()
            .filter(step -> step.act().joint().isPresent())
            .map(step -> step.told(design))
            .toList());
    design.zones().forEach(zone -> say("sheet.zone", zone.label()));
  }

  /** Prints lines that belong together under their heading. */
  private void list(String heading, List<Message> lines) {
    if (!lines.isEmpty()) {
      say(heading);
      lines.forEach(line -> out.println("  " + line.say(format)));
    }
  }
}
