package cufflink.files.fuzz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/**
 * Whatever a maker asks for is answered: nothing falls over, nothing hangs, no sound design is said
 * to be impossible, no plan asks more of a trimmer than it can do. The counts are fixed, in {@code
 * junit-platform.properties} and larger in the long run; a failure is shrunk to its least example.
 */
class JobProperties {
  /** Not a measure of speed: what takes this long will never end. */
  private static final Duration NEVER = Duration.ofMinutes(2);

  @Provide
  Arbitrary<Trial> trials() {
    return Trials.any();
  }

  @Property(seed = "20261125")
  void anyJob_isAnswered(@ForAll("trials") Trial trial) {
    check(trial);
  }

  @Property(seed = "4404")
  void anyJob_isAnsweredAgain(@ForAll("trials") Trial trial) {
    check(trial);
  }

  @Property(seed = "770077")
  void anyJob_isAnsweredOnceMore(@ForAll("trials") Trial trial) {
    check(trial);
  }

  private static void check(Trial trial) {
    List<String> faults = assertTimeoutPreemptively(NEVER, trial::faults, trial::toString);
    assertEquals(List.of(), faults, trial::toString);
  }
}
