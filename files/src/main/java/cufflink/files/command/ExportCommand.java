package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.files.export.Export;
import cufflink.files.export.ExportSubject;
import cufflink.files.export.Exports;
import cufflink.files.export.JobSheet;
import cufflink.files.figure.PictureShelf;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.UserFolders;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** Writes a construction to a file. */
@Command(name = "export", mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {
  private static final int MOST_DEGREES = 360;
  private static final int MOST_STAGES = 1_000;

  @ParentCommand private Cufflink parent;
  @Mixin private Request request;
  @Mixin private CutOptions cutting;

  @Option(names = "--format", required = true, completionCandidates = Formats.class)
  private String format = "";

  @Option(names = "--printer")
  private JobSheet.Printer printer = JobSheet.Printer.A4;

  @Option(
      names = {"-o", "--output"},
      required = true,
      paramLabel = "FILE")
  private Path output;

  @Option(names = "--done", paramLabel = "N")
  private Optional<Double> done = Optional.empty();

  @Option(names = "--turn", paramLabel = "DEGREES")
  private Optional<Double> turn = Optional.empty();

  @Option(names = "--tilt", paramLabel = "DEGREES")
  private Optional<Double> tilt = Optional.empty();

  @Option(names = "--drawn", paramLabel = "SHARE")
  private Optional<Double> drawn = Optional.empty();

  /** What can be written. */
  static final class Formats implements Iterable<String> {
    @Override
    public Iterator<String> iterator() {
      return Exports.ALL.stream().map(Export::id).iterator();
    }
  }

  /** Returns the card as it is to be pictured: from where, and how far it is folded. */
  private Look look(Look usual) {
    Look seen =
        usual
            .from(
                within("--turn", turn, MOST_DEGREES).orElse(usual.turn()),
                within("--tilt", tilt, MOST_DEGREES).orElse(usual.tilt()),
                usual.pitch())
            .drawnOut(within("--drawn", drawn, 1).orElse(usual.drawn()));
    return within("--done", done, MOST_STAGES).map(seen::after).orElse(seen);
  }

  private static Optional<Double> within(String option, Optional<Double> number, int most) {
    if (number.filter(each -> !(Math.abs(each) <= most)).isPresent()) {
      throw BadInputException.of("command.within", option, number.get().toString(), most);
    }
    return number;
  }

  /** A picture is written as what its file is called. */
  private String kind() {
    boolean isVector = output.toString().toLowerCase(Locale.ROOT).endsWith(".svg");
    return format.equals("picture") && isVector ? "picture-svg" : format;
  }

  @Override
  public Integer call() throws IOException {
    Export export =
        Exports.named(kind())
            .orElseThrow(
                () ->
                    BadInputException.of(
                        "command.format", format, String.join(", ", new Formats())));
    Request.Answer answer = request.answer(parent.library());
    Derivation derivation = answer.derivation();
    if (derivation.made().isEmpty()) {
      String sentence = derivation.findings().get(0).sentence().say(answer.format());
      throw BadInputException.of("command.nothing-to-export", sentence);
    }
    byte[] bytes =
        export.write(
            new ExportSubject(
                derivation,
                answer.reason(),
                () -> cutting.plans(answer, parent.library()),
                printer,
                look(derivation.look()),
                new PictureShelf(UserFolders.current(), new AtomicFile(AtomicFile.Disk.REAL))));
    if (output.toString().equals("-")) {
      parent.write(bytes);
    } else {
      orBad(new AtomicFile(AtomicFile.Disk.REAL).replaceKeepingPrevious(output, bytes));
    }
    return PlanCommand.exitCode(derivation);
  }
}
