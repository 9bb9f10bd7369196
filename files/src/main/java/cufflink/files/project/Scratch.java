package cufflink.files.project;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;

/** Temporary files beside those that are written, with short names of their own. */
final class Scratch {
  private static final String BEGIN = ".cufflink-";
  private static final String END = ".tmp";

  /** No writing takes so long: what is older was left by somebody who was ended. */
  private static final Duration STALE = Duration.ofMinutes(10);

  private Scratch() {}

  /** Returns a name that nobody has. */
  static Path in(Path folder) {
    return folder.resolve(BEGIN + UUID.randomUUID() + END);
  }

  /** Removes what was left behind in a folder. */
  static void sweep(Path folder) {
    Instant ago = Instant.now().minus(STALE);
    try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, BEGIN + "*" + END)) {
      for (Path file : files) {
        if (Files.getLastModifiedTime(file).toInstant().isBefore(ago)) {
          discard(file);
        }
      }
    } catch (IOException unreadable) {
      // Litter that cannot be looked at keeps nobody from saving.
      return;
    }
  }

  static void discard(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException ignored) {
      // The half-written file is only litter; the sentence about the failure matters more.
      return;
    }
  }
}
