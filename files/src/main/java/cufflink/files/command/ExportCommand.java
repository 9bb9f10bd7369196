package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.job.Derivation;
import cufflink.core.job.PaperPlan;
import cufflink.files.export.CutCsv;
import cufflink.files.export.JobSheet;
import cufflink.files.export.PlanJson;
import cufflink.files.export.SheetsSvg;
import cufflink.files.export.StepsSvg;
import cufflink.files.export.SvgExport;
import cufflink.files.fold.FoldWriter;
import cufflink.files.project.AtomicFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** Writes a construction to a file. */
@Command(
    name = "export",
    description =
        "Writes a construction as SVG, PDF job sheet, JSON plan, CSV cut list, nested sheets, FOLD file or steps of folding.",
    mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {
  @ParentCommand private Cufflink parent;
  @Mixin private Request request;
  @Mixin private CutOptions cutting;

  @Option(names = "--format", required = true, description = "One of: ${COMPLETION-CANDIDATES}.")
  private Format format;

  @Option(names = "--printer", description = "The paper in the printer: ${COMPLETION-CANDIDATES}.")
  private JobSheet.Printer printer = JobSheet.Printer.A4;

  @Option(
      names = {"-o", "--output"},
      required = true,
      paramLabel = "FILE",
      description = "The file to write, or - for standard output.")
  private Path output;

  /** What can be written. */
  enum Format {
    svg,
    pdf,
    json,
    csv,
    sheets,
    fold,
    steps
  }

  @Override
  public Integer call() throws IOException {
    Request.Answer answer = request.answer(parent.library());
    Derivation derivation = answer.derivation();
    if (derivation.made().isEmpty()) {
      String sentence = derivation.findings().get(0).sentence().say(answer.format());
      throw BadInputException.of("command.nothing-to-export", sentence);
    }
    byte[] bytes =
        switch (format) {
          case svg ->
              SvgExport.write(derivation.made().get().design()).getBytes(StandardCharsets.UTF_8);
          case json ->
              new PlanJson(answer.format())
                  .plan(derivation, answer.reason())
                  .getBytes(StandardCharsets.UTF_8);
          case pdf -> pdf(derivation, cutting.plans(answer));
          case csv ->
              CutCsv.write(
                      derivation.made().get().design(),
                      cutting.plans(answer),
                      derivation.job().order().copies(),
                      answer.format())
                  .getBytes(StandardCharsets.UTF_8);
          case sheets ->
              SheetsSvg.write(derivation.job().title(), cutting.plans(answer))
                  .getBytes(StandardCharsets.UTF_8);
          case fold ->
              FoldWriter.write(derivation.made().get().card().base(), derivation.job().title())
                  .getBytes(StandardCharsets.UTF_8);
          case steps ->
              StepsSvg.write(derivation.made().get(), derivation.job().title(), answer.format())
                  .getBytes(StandardCharsets.UTF_8);
        };
    if (output.toString().equals("-")) {
      parent.write(bytes);
    } else {
      orBad(new AtomicFile(AtomicFile.Disk.REAL).replaceKeepingPrevious(output, bytes));
    }
    return PlanCommand.exitCode(derivation);
  }

  private byte[] pdf(Derivation derivation, List<PaperPlan> plans) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    JobSheet.write(derivation, plans, printer, bytes);
    return bytes.toByteArray();
  }
}
