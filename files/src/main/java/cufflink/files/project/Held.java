package cufflink.files.project;

import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * A folder that one application holds by a lock on a file in it. The system lets go of the lock
 * when the application ends, however it ends, also in a container or on another computer.
 */
final class Held {
  private static final String LOCK = "held";

  private final Path folder;
  private Optional<FileChannel> channel = Optional.empty();

  Held(Path folder) {
    this.folder = folder;
  }

  /** Makes the folder and holds it, if that is not done yet. */
  Parsed<Path> hold() {
    if (channel.isPresent()) {
      return Parsed.good(folder);
    }
    try {
      Files.createDirectories(folder);
      FileChannel opened = open(folder);
      opened.lock();
      channel = Optional.of(opened);
      return Parsed.good(folder);
    } catch (IOException | SecurityException reason) {
      return SaveProblem.of(folder, folder.getParent(), reason);
    }
  }

  void letGo() {
    channel.ifPresent(Held::close);
    channel = Optional.empty();
  }

  private static FileChannel open(Path folder) throws IOException {
    return FileChannel.open(
        folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
  }

  private static void close(FileChannel channel) {
    try {
      channel.close();
    } catch (IOException ignored) {
      // The system lets go of it with the application.
      return;
    }
  }

  static boolean isFree(Path folder) {
    return whileFree(folder, () -> true).orElse(false);
  }

  /** Does something while this application holds a folder that nobody held. */
  static <T> Optional<T> whileFree(Path folder, Supplier<T> doing) {
    if (!Files.isDirectory(folder)) {
      return Optional.empty();
    }
    try (FileChannel channel = open(folder);
        FileLock lock = channel.tryLock()) {
      return lock == null ? Optional.empty() : Optional.of(doing.get());
    } catch (IOException | OverlappingFileLockException held) {
      return Optional.empty();
    }
  }

  /** Removes a folder in which only the lock is left. */
  static void removeIfEmpty(Path folder, Path root) {
    if (folder.equals(root) || !Files.isDirectory(folder)) {
      return;
    }
    try (DirectoryStream<Path> files = Files.newDirectoryStream(folder)) {
      for (Path file : files) {
        if (!file.getFileName().toString().equals(LOCK)) {
          return;
        }
      }
    } catch (IOException unreadable) {
      return;
    }
    Scratch.discard(folder.resolve(LOCK));
    Scratch.discard(folder);
  }
}
