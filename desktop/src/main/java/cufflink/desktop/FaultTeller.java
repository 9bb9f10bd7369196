package cufflink.desktop;

import cufflink.desktop.work.Workbench;
import cufflink.files.project.FaultLog;
import cufflink.files.words.Words;
import java.nio.file.Path;
import javafx.application.Platform;

/**
 * What is done about a fault of our own that nobody else has caught: it is written down, and the
 * maker is told in one sentence. The job is as it was, since a change is only taken once everything
 * has followed from it.
 */
final class FaultTeller implements Thread.UncaughtExceptionHandler {
  private final FaultLog log;
  private final Workbench bench;

  FaultTeller(FaultLog log, Workbench bench) {
    this.log = log;
    this.bench = bench;
  }

  /** Listens to the window's thread and to all others. */
  void listen() {
    Thread.setDefaultUncaughtExceptionHandler(this);
    Thread.currentThread().setUncaughtExceptionHandler(this);
  }

  @Override
  public void uncaughtException(Thread thread, Throwable fault) {
    Path written = log.note("in the window, on the thread “" + thread.getName() + "”", fault);
    Platform.runLater(() -> bench.tell(Words.say("fault.told", written)));
  }
}
