package cufflink.files.project;

import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Writes a file whole or not at all: into a temporary file beside it, forced to the disk, then
 * moved into its place. Whoever dies half way leaves the old file as it was.
 */
public final class AtomicFile {
  private final Disk disk;

  /** How bytes get to the disk; replaced in tests by a disk that is full. */
  @FunctionalInterface
  public interface Disk {
    /** The real disk. */
    Disk REAL =
        (file, bytes) -> {
          try (FileChannel channel =
              FileChannel.open(file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
              channel.write(buffer);
            }
            channel.force(true);
          }
        };

    /**
     * Writes a new file and forces it to the disk.
     *
     * @param file a file that does not exist
     * @param bytes what goes into it
     * @throws IOException if not every byte got there
     */
    void write(Path file, byte[] bytes) throws IOException;
  }

  /**
   * Prepares to write.
   *
   * @param disk how bytes get to the disk
   */
  public AtomicFile(Disk disk) {
    this.disk = disk;
  }

  /**
   * Writes a file and keeps the one that was there beside it, under the name with "~" behind it.
   *
   * @param file the file
   * @param bytes what goes into it
   * @return the file, or one sentence about why it is still as it was
   */
  public Parsed<Path> replaceKeepingPrevious(Path file, byte[] bytes) {
    return write(file, bytes, true);
  }

  /**
   * Writes a file in place of the one that was there.
   *
   * @param file the file
   * @param bytes what goes into it
   * @return the file, or one sentence about why it is still as it was
   */
  public Parsed<Path> replace(Path file, byte[] bytes) {
    return write(file, bytes, false);
  }

  /**
   * Returns where the previous version of a file is kept.
   *
   * @param file the file
   * @return the kept file's name; it need not exist
   */
  public static Path previous(Path file) {
    return file.resolveSibling(file.getFileName() + "~");
  }

  private Parsed<Path> write(Path file, byte[] bytes, boolean keep) {
    Path target = file.toAbsolutePath();
    Path folder = target.getParent();
    if (folder == null || Files.isDirectory(target)) {
      return Parsed.bad("save.is-folder", file);
    }
    Path temporary =
        folder.resolve("." + target.getFileName() + "." + ProcessHandle.current().pid() + ".tmp");
    try {
      Files.createDirectories(folder);
      Files.deleteIfExists(temporary);
      disk.write(temporary, bytes);
      if (keep && Files.exists(target)) {
        Files.copy(target, previous(target), StandardCopyOption.REPLACE_EXISTING);
      }
      move(temporary, target);
      return Parsed.good(file);
    } catch (IOException | SecurityException reason) {
      discard(temporary);
      return Parsed.bad(
          Files.isDirectory(folder) && !Files.isWritable(folder) ? "save.read-only" : "save.failed",
          file,
          String.valueOf(reason.getMessage()));
    }
  }

  private static void move(Path from, Path to) throws IOException {
    try {
      Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException unsupported) {
      Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
    }
  }

  private static void discard(Path temporary) {
    try {
      Files.deleteIfExists(temporary);
    } catch (IOException ignored) {
      // The half-written temporary file is only litter; the sentence about the failure matters
      // more.
    }
  }
}
