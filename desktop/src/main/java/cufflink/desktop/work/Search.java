package cufflink.desktop.work;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/**
 * Looks for something beside the window's own thread. What is found in less than the eye notices is
 * there at once; what takes longer can be stopped, and then the best so far stands. Only the last
 * question is answered.
 */
public final class Search {
  /** How long the window waits for an answer that may come at once, in milliseconds. */
  private static final long AT_ONCE = 80;

  private static final ExecutorService SEARCHER =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "search");
            thread.setDaemon(true);
            return thread;
          });

  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
  private Asked last = new Asked();

  /** One question, watched from whichever thread. */
  private static final class Asked {
    private volatile boolean stopped;
    private volatile boolean outdated;

    boolean stops() {
      return stopped || outdated;
    }
  }

  Search() {}

  /**
   * Returns whether something is looked for.
   *
   * @return true while it is, and takes longer than a moment
   */
  public ReadOnlyBooleanProperty busy() {
    return busy.getReadOnlyProperty();
  }

  /** Ends the search; the best so far is taken. */
  public void stop() {
    last.stopped = true;
  }

  /**
   * Asks a question.
   *
   * @param question finds the answer; it is asked on another thread, and told when to stop
   * @param answer takes the answer, on the window's thread
   * @param <A> what the answer is
   */
  <A> void ask(Function<BooleanSupplier, A> question, Consumer<A> answer) {
    last.outdated = true;
    Asked now = new Asked();
    last = now;
    busy.set(false);
    CompletableFuture<A> future =
        CompletableFuture.supplyAsync(() -> question.apply(now::stops), SEARCHER);
    try {
      // Where there is no window, nobody minds waiting.
      A found =
          Platform.isFxApplicationThread()
              ? future.get(AT_ONCE, TimeUnit.MILLISECONDS)
              : future.get();
      answer.accept(found);
    } catch (TimeoutException later) {
      busy.set(true);
      future.whenComplete(
          (found, fault) -> Platform.runLater(() -> take(now, found, fault, answer)));
    } catch (ExecutionException fault) {
      throw new IllegalStateException(fault.getCause());
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private <A> void take(Asked asked, A found, Throwable fault, Consumer<A> answer) {
    if (asked.outdated) {
      return;
    }
    busy.set(false);
    if (fault != null) {
      throw new IllegalStateException(fault);
    }
    answer.accept(found);
  }
}
