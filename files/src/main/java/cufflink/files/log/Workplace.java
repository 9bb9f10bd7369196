package cufflink.files.log;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/**
 * The jobs that one window has on its table, so that no other window works on them as well. The
 * system lets go of them when the window ends, however it ends.
 */
public final class Workplace implements AutoCloseable {
  private final Path folder;
  private final Map<String, FileChannel> held = new HashMap<>();

  /**
   * Prepares to lay jobs on a table.
   *
   * @param folder where it is noted; it is made when the first job is laid on the table
   */
  public Workplace(Path folder) {
    this.folder = folder;
  }

  /**
   * Lays a job on the table, if it lies on no other.
   *
   * @param jobId the job's id
   * @return false while another window has it; true if it is here, and also if that cannot be found
   *     out: work is not to stop for a folder that cannot be written
   */
  public synchronized boolean take(String jobId) {
    if (held.containsKey(jobId)) {
      return true;
    }
    try {
      Files.createDirectories(folder);
      FileChannel channel =
          FileChannel.open(
              folder.resolve(name(jobId)), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      FileLock lock = tryLock(channel);
      if (lock == null) {
        channel.close();
        return false;
      }
      held.put(jobId, channel);
      return true;
    } catch (IOException | SecurityException unwritable) {
      return true;
    }
  }

  private static FileLock tryLock(FileChannel channel) throws IOException {
    try {
      return channel.tryLock();
    } catch (OverlappingFileLockException here) {
      // Another window of this application has it.
      return null;
    }
  }

  /** An id may come from a file, and must not lead out of the folder. */
  private static String name(String jobId) {
    return UUID.nameUUIDFromBytes(jobId.getBytes(StandardCharsets.UTF_8)) + ".lock";
  }

  /** Lets go of all jobs. */
  @Override
  public synchronized void close() {
    for (FileChannel channel : held.values()) {
      try {
        channel.close();
      } catch (IOException gone) {
        // The system lets go of it with the application.
        continue;
      }
    }
    held.clear();
  }
}
