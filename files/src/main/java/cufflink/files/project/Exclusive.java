package cufflink.files.project;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/** Lets one do something at a time, of all windows and all running applications. */
final class Exclusive {
  private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

  private Exclusive() {}

  /**
   * Does something while nobody else does.
   *
   * @param file the file that is locked meanwhile; it is made, and stays
   * @param doing what is done
   * @return what came of it
   * @throws IOException if the file can be neither made nor locked
   */
  static <T> T with(Path file, Supplier<T> doing) throws IOException {
    Path whole = file.toAbsolutePath();
    Files.createDirectories(whole.getParent());
    // A file lock is the application's own as a whole, so its threads need one besides.
    ReentrantLock here = HERE.computeIfAbsent(whole, each -> new ReentrantLock());
    here.lock();
    try (FileChannel channel =
        FileChannel.open(whole, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      // The lock goes with the channel.
      channel.lock();
      return doing.get();
    } finally {
      here.unlock();
    }
  }
}
