package cufflink.files.export;

import cufflink.core.decor.Treated;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.files.words.Words;
import java.io.IOException;
import java.util.List;

/** Writes what is stamped, inked and embossed before the pieces are scored. */
final class TreatPages {
  private static final int MINUTE = 60;

  private TreatPages() {}

  static void write(PdfPages pages, Derivation derivation, Design design) throws IOException {
    Order order = derivation.job().order();
    List<Treated> all = Treated.all(order.treatments(), order.toppers(), design);
    if (all.isEmpty()) {
      return;
    }
    pages.heading(Words.say("make.phase-treat"));
    pages.line(Words.say("treat.reason"));
    for (Treated each : all) {
      int count = each.times(Piece.Lot.all(order.copies()));
      int minutes = each.treatment().kind().drying() / MINUTE;
      String words = Words.say(each.words());
      pages.row(
          Words.say("treat.times", count),
          minutes == 0 ? words : words + " " + Words.say("treat.dries", minutes));
    }
  }
}
