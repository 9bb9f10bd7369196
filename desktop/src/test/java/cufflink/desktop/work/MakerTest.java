package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.log.Done;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class MakerTest {
  private static Done done(String task, Done.Kind kind, int at) {
    Done.Act act = new Done.Act(task, "", "", 1, List.of());
    return new Done("job", act, 1, kind, Instant.EPOCH.plusSeconds(at));
  }

  /** The log may be slow to answer, and the maker goes on meanwhile. */
  @Test
  void whatIsDoneWhileTheLogIsRead_staysDone_andWhatWasBeforeTheLastBeginningIsLeftOut() {
    Maker maker = new Maker(null, Clock.systemUTC());
    Done meanwhile = done("cut 3", Done.Kind.MADE, 9);
    maker.learn("job", List.of(meanwhile));
    Done first = done("cut 1", Done.Kind.MADE, 1);
    Done second = done("cut 2", Done.Kind.MADE, 2);
    Done anew = done("", Done.Kind.ANEW, 2);
    maker.learn("job", List.of(first, anew, second));
    assertEquals(List.of(second, meanwhile), maker.done("job"));
    // Read once more, it is not there twice.
    maker.learn("job", List.of(first, anew, second, meanwhile));
    assertEquals(List.of(second, meanwhile), maker.done("job"));
  }
}
