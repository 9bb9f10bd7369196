package cufflink.desktop.wait;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class InOrderTest {
  private final List<Integer> done = Collections.synchronizedList(new ArrayList<>());

  @Test
  void run_allInTheOrderGiven_alsoWhatWaitsWhenItCloses() {
    InOrder order = new InOrder("test");
    IntStream.range(0, 500).forEach(each -> order.run(() -> done.add(each)));
    order.close();
    assertEquals(IntStream.range(0, 500).boxed().toList(), done);
  }

  @Test
  void run_afterAFault_doesTheNextAllTheSame() throws InterruptedException {
    InOrder order = new InOrder("test");
    List<Throwable> told = Collections.synchronizedList(new ArrayList<>());
    Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
    CountDownLatch isTold = new CountDownLatch(1);
    Thread.setDefaultUncaughtExceptionHandler(
        (thread, fault) -> {
          told.add(fault);
          isTold.countDown();
        });
    try {
      order.run(
          () -> {
            throw new IllegalStateException("full");
          });
      order.run(() -> done.add(1));
      order.close();
      // The thread that fell is still telling so when another has done the rest.
      assertTrue(isTold.await(10, TimeUnit.SECONDS));
    } finally {
      Thread.setDefaultUncaughtExceptionHandler(before);
    }
    assertEquals(List.of(1), done);
    assertEquals(1, told.size());
  }

  @Test
  void run_onceClosed_isDoneAtOnce() {
    InOrder order = new InOrder("test");
    order.close();
    order.run(() -> done.add(1));
    assertEquals(List.of(1), done);
  }
}
