package cufflink.files.project;

import cufflink.core.measure.Parsed;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Writes a file whole or not at all: into a temporary file beside it, forced to the disk, then
 * moved into its place. Whoever dies half way leaves the old file as it was.
 *
 * <p>What a name stands for stays: a link still points to its file, which is what is written; a
 * file keeps its permissions and its other names; one that may not be written is not; into a pipe
 * or a device the bytes are written as they are.
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
            writeAll(channel, bytes);
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
   * @param file the file, or a link to it
   * @return the kept file's name, beside the file itself; it need not exist
   */
  public static Path previous(Path file) {
    Path real = real(file);
    return real.resolveSibling(real.getFileName() + "~");
  }

  /** Returns the file that a name stands for, itself if it stands for none. */
  private static Path real(Path file) {
    try {
      return Files.isSymbolicLink(file) ? file.toRealPath() : file;
    } catch (IOException dangling) {
      return file;
    }
  }

  private Parsed<Path> write(Path file, byte[] bytes, boolean keep) {
    Path target = real(file).toAbsolutePath();
    if (target.getParent() == null || Files.isDirectory(target)) {
      return Parsed.bad("save.is-folder", file);
    }
    try {
      if (Files.exists(target) && !Files.isRegularFile(target)) {
        Files.write(target, bytes, StandardOpenOption.WRITE);
        return Parsed.good(file);
      }
      Files.createDirectories(target.getParent());
      Standing standing = Standing.of(target);
      if (standing.isProtected()) {
        return Parsed.bad("save.protected", file);
      }
      put(target, bytes, standing, keep);
      return Parsed.good(file);
    } catch (IOException | SecurityException reason) {
      return SaveProblem.of(file, target.getParent(), reason);
    }
  }

  private void put(Path target, byte[] bytes, Standing standing, boolean keep) throws IOException {
    Scratch.sweep(target.getParent());
    Path temporary = Scratch.in(target.getParent());
    Path before = Scratch.in(target.getParent());
    try {
      disk.write(temporary, bytes);
      standing.giveTo(temporary);
      boolean exists = Files.exists(target, LinkOption.NOFOLLOW_LINKS);
      if (exists && (keep || standing.hasOtherNames())) {
        keepBefore(target, before, standing.hasOtherNames());
        move(before, previous(target));
      }
      if (standing.hasOtherNames()) {
        overwrite(target, bytes);
      } else {
        move(temporary, target);
      }
    } finally {
      Scratch.discard(temporary);
      Scratch.discard(before);
    }
  }

  /**
   * A second name for the file takes no room on a full disk; where there are none, it is copied.
   */
  private void keepBefore(Path target, Path before, boolean copied) throws IOException {
    if (!copied) {
      try {
        Files.createLink(before, target);
        return;
      } catch (UnsupportedOperationException | IOException noLinks) {
        Files.deleteIfExists(before);
      }
    }
    disk.write(before, Files.readAllBytes(target));
  }

  /** A file with several names is one file only if it is written where it is. */
  private static void overwrite(Path target, byte[] bytes) throws IOException {
    try (FileChannel channel =
        FileChannel.open(target, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
      writeAll(channel, bytes);
    }
  }

  private static void writeAll(FileChannel channel, byte[] bytes) throws IOException {
    ByteBuffer buffer = ByteBuffer.wrap(bytes);
    while (buffer.hasRemaining()) {
      channel.write(buffer);
    }
    channel.force(true);
  }

  private static void move(Path from, Path to) throws IOException {
    try {
      Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } catch (AtomicMoveNotSupportedException unsupported) {
      Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
    }
  }
}
