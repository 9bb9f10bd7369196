package cufflink.files.export;

import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.files.fold.FoldWriter;
import cufflink.files.inspect.Answers;
import cufflink.files.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** All kinds of files that a card is written as. */
public final class Exports {
  /** The job sheet, which has a key and a button of its own. */
  public static final Export JOB_SHEET = new Bytes("pdf", ".pdf", Exports::jobSheet);

  /** All of them, in the order in which they are offered. */
  public static final List<Export> ALL =
      List.of(
          text(
              "svg", ".svg", subject -> SvgExport.write(subject.made().design(), subject.copies())),
          JOB_SHEET,
          text(
              "json",
              ".json",
              subject -> new PlanJson(subject.format()).plan(subject.folded(), subject.reason())),
          text("csv", ".csv", Exports::cutList),
          text(
              "sheets", ".svg", subject -> SheetsSvg.write(subject.title(), subject.plans().get())),
          text(
              "fold",
              ".fold",
              subject -> FoldWriter.write(subject.made().card().whole(), subject.title())),
          text(
              "steps",
              ".svg",
              subject -> StepsSvg.write(subject.made(), subject.title(), subject.format())),
          text(
              "html",
              ".html",
              subject -> InstructionHtml.write(subject.folded(), subject.pictures())),
          new Bytes(
              "instruction",
              ".pdf",
              subject ->
                  InstructionPdf.write(subject.folded(), subject.printer(), subject.pictures())),
          text("sizes", ".txt", subject -> SizesText.write(subject.derivation())),
          new Bytes("picture", ".png", CardPictures::png),
          text("picture-svg", ".svg", CardPictures::svg));

  private Exports() {}

  /**
   * Finds a kind of file.
   *
   * @param id its short name
   * @return the export, if there is one of that name
   */
  public static Optional<Export> named(String id) {
    return ALL.stream().filter(each -> each.id().equals(id)).findFirst();
  }

  /** Writes the bytes of a file. */
  private interface Writer {
    byte[] write(ExportSubject subject) throws IOException;
  }

  private record Bytes(String id, String extension, Writer writer) implements Export {
    @Override
    public byte[] write(ExportSubject subject) throws IOException {
      return writer.write(subject);
    }
  }

  private static Export text(String id, String extension, Function<ExportSubject, String> content) {
    return new Bytes(
        id, extension, subject -> content.apply(subject).getBytes(StandardCharsets.UTF_8));
  }

  private static byte[] jobSheet(ExportSubject subject) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    Derivation asked = subject.derivation();
    FoldReport report = FoldReport.of(subject.made().card(), asked.job().materials(), () -> false);
    Derivation whole = asked.folded(report).cured(() -> false);
    LengthFormat format = Words.on(asked.job().marks(), Fractions.TYPESET);
    JobSheet.write(
        whole, Answers.of(whole, report, format), subject.plans().get(), subject.printer(), bytes);
    return bytes.toByteArray();
  }

  private static String cutList(ExportSubject subject) {
    return CutCsv.write(
        subject.made().design(),
        subject.plans().get(),
        subject.derivation().job(),
        subject.format());
  }
}
