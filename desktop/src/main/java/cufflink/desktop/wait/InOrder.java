package cufflink.desktop.wait;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Work for the disk, done beside the window's own thread in the order in which it was given. None
 * of it is dropped, ended early or interrupted; a fault in one is told and the next is done all the
 * same.
 */
public final class InOrder {
  private static final long CLOSING_SECONDS = 5;

  private final ExecutorService disk;

  /**
   * Prepares to work.
   *
   * @param name what is done, for the log
   */
  public InOrder(String name) {
    disk =
        Executors.newSingleThreadExecutor(
            task -> {
              Thread thread = new Thread(task, name);
              thread.setDaemon(true);
              return thread;
            });
  }

  /**
   * Does some work when its turn comes; once this is closed, at once.
   *
   * @param work the work
   */
  public void run(Runnable work) {
    if (disk.isShutdown()) {
      work.run();
    } else {
      disk.execute(work);
    }
  }

  /**
   * Does some work when its turn comes, and then something with what came of it.
   *
   * @param work the work
   * @param then takes what came of it, on the window's thread
   * @param <A> what comes of it
   */
  public <A> void run(Supplier<A> work, Consumer<A> then) {
    run(
        () -> {
          A done = work.get();
          Platform.runLater(() -> then.accept(done));
        });
  }

  /** Does what is still to be done and takes nothing more. */
  public void close() {
    disk.shutdown();
    try {
      disk.awaitTermination(CLOSING_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }
}
