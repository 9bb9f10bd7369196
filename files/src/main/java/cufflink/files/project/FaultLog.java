package cufflink.files.project;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;

/** Where faults of our own are written down, for whoever mends them. */
public final class FaultLog {
  private static final long LARGEST = 1_000_000;

  private final Path file;

  /**
   * Prepares to write.
   *
   * @param folders where the maker's things are kept
   */
  public FaultLog(UserFolders folders) {
    this.file = folders.root().resolve("faults.log");
  }

  /**
   * Writes a fault down. A log that has grown large is begun anew; one that cannot be written keeps
   * nobody from going on.
   *
   * @param what was being done
   * @param fault what happened
   * @return the log's file
   */
  public Path note(String what, Throwable fault) {
    StringWriter text = new StringWriter();
    PrintWriter writer = new PrintWriter(text);
    writer.println(Instant.now() + " " + what);
    fault.printStackTrace(writer);
    writer.flush();
    try {
      Files.createDirectories(file.getParent());
      if (Files.exists(file) && Files.size(file) > LARGEST) {
        Files.delete(file);
      }
      Files.writeString(
          file,
          text.toString(),
          StandardCharsets.UTF_8,
          StandardOpenOption.CREATE,
          StandardOpenOption.APPEND);
    } catch (IOException | SecurityException unwritable) {
      return file;
    }
    return file;
  }
}
