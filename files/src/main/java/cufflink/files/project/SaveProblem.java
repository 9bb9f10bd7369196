package cufflink.files.project;

import cufflink.core.measure.Parsed;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/** Why a file could not be written, and what helps. */
final class SaveProblem {
  private SaveProblem() {}

  /** Says it in one sentence. */
  static <T> Parsed<T> of(Path file, Path folder, Exception reason) {
    String told =
        reason instanceof FileSystemException system
            ? Optional.ofNullable(system.getReason()).orElse(system.getClass().getSimpleName())
            : String.valueOf(reason.getMessage());
    String plain = told.toLowerCase(Locale.ROOT);
    if (plain.contains("too long")) {
      return Parsed.bad("save.long-name", file.getFileName());
    }
    if (plain.contains("no space") || plain.contains("quota")) {
      return Parsed.bad("save.failed", file, told);
    }
    if (Files.isDirectory(folder) && !Files.isWritable(folder)) {
      return Parsed.bad("save.read-only", file);
    }
    boolean denied =
        reason instanceof AccessDeniedException
            || plain.contains("not permitted")
            || plain.contains("denied");
    return denied ? Parsed.bad("save.protected", file) : Parsed.bad("save.refused", file, told);
  }
}
