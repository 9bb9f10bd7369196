package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.log.Done;
import cufflink.core.make.Task;
import cufflink.core.words.Message;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MakerTest {
  private static Done before(String what, Done.Kind kind) {
    return new Done("job", what, "", 1, kind, Instant.EPOCH);
  }

  /** The log may be slow to answer, and the maker goes on meanwhile. */
  @Test
  void whatIsDoneWhileTheLogIsRead_staysDone() {
    Maker maker = new Maker();
    maker.learn("job", List.of());
    Message words = Message.of("make.inspect");
    maker.make(
        "job",
        new Task("cut 3", Task.Phase.CUT, "", 1, words, Optional.empty(), Optional.empty(), 1));
    maker.learn(
        "job",
        List.of(
            before("cut 1", Done.Kind.MADE),
            before("cut 2", Done.Kind.MADE),
            before("cut 2", Done.Kind.TAKEN_BACK)));
    assertEquals(Set.of("cut 1", "cut 3"), maker.done("job"));
  }
}
