package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.files.fold.FoldReader;
import cufflink.files.project.AtomicFile;
import cufflink.files.text.TextFile;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a pattern file from a FOLD file. */
@Command(name = "import", mixinStandardHelpOptions = true)
final class ImportCommand implements Callable<Integer> {
  private static final long LARGEST = 20_000_000;

  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "FILE", descriptionKey = "parameter.file")
  private Path input;

  @Option(
      names = {"-o", "--output"},
      required = true,
      paramLabel = "FILE")
  private Path output;

  @Override
  public Integer call() {
    String pattern = orBad(FoldReader.read(input.getFileName().toString(), text()));
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    orBad(writer.replaceKeepingPrevious(output, pattern.getBytes(StandardCharsets.UTF_8)));
    PrintWriter out = spec.commandLine().getOut();
    out.println(Words.say("command.imported", output));
    out.flush();
    return Cufflink.GOOD;
  }

  private String text() {
    try {
      if (Files.size(input) > LARGEST) {
        throw BadInputException.of("fold.huge", input);
      }
      return TextFile.read(input);
    } catch (IOException | SecurityException unreadable) {
      throw BadInputException.of("library.file", input);
    }
  }
}
