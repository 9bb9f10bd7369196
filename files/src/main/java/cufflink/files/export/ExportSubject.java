package cufflink.files.export;

import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.paper.Look;
import cufflink.files.figure.Pictures;
import cufflink.files.words.Words;
import java.util.List;
import java.util.function.Supplier;

/**
 * What is written.
 *
 * @param derivation what follows from the job; it must have a design
 * @param reason why it has its size, empty if nothing was scaled
 * @param plans how each paper is cut, worked out when first asked for
 * @param printer the paper in the printer
 * @param look how the card is pictured
 * @param pictures where the pictures of its papers are found
 */
public record ExportSubject(
    Derivation derivation,
    String reason,
    Supplier<List<PaperPlan>> plans,
    JobSheet.Printer printer,
    Look look,
    Pictures pictures) {

  /** Returns what follows from the job, with what goes wrong when the card is folded. */
  Derivation folded() {
    return derivation.folded(() -> false).cured(() -> false);
  }

  Derivation.Made made() {
    return derivation
        .made()
        .orElseThrow(() -> new IllegalArgumentException("there is no design to write"));
  }

  int copies() {
    return derivation.job().order().copies();
  }

  String title() {
    return derivation.job().title();
  }

  LengthFormat format() {
    return Words.on(derivation.job().marks(), Fractions.PLAIN);
  }
}
