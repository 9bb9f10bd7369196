package cufflink.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;

/** Waits for a window's first pictures, tells how long they took since the JVM began, and ends. */
final class FirstFrame extends AnimationTimer {
  private static final int SHOWN = 3;
  private int frames;
  private long ready;

  @Override
  public void handle(long now) {
    frames++;
    if (frames == SHOWN) {
      ready = System.currentTimeMillis() - ManagementFactory.getRuntimeMXBean().getStartTime();
    }
    // A second later the memory has settled.
    if (frames == SHOWN + 60) {
      stop();
      System.out.println("ready " + ready + " ms, resident " + residentKilobytes() / 1024 + " MiB");
      Platform.exit();
    }
  }

  private static long residentKilobytes() {
    try {
      return Files.readAllLines(Path.of("/proc/self/status")).stream()
          .filter(line -> line.startsWith("VmRSS:"))
          .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
          .findFirst()
          .orElse(0);
    } catch (IOException noSuchFile) {
      return 0;
    }
  }
}
