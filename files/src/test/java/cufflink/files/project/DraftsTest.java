package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Job;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.project.Drafts.Draft;
import cufflink.files.project.Drafts.Left;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DraftsTest {
  private static final AtomicFile WRITER = new AtomicFile(AtomicFile.Disk.REAL);
  private static final Job FIRST = Jobs.gate();
  private static final Job SECOND = Jobs.gate().withTitle("Second");

  @TempDir private Path folder;

  private Draft draft(String id, Job job) {
    return new Draft(id, Optional.of(folder.resolve(id + ".cufflink")), Optional.of("ab12"), job);
  }

  /** As after a crash: the lock is gone, the drafts are there. */
  private void leave(Draft... drafts) {
    try (Drafts gone = new Drafts(folder, WRITER)) {
      for (Draft each : drafts) {
        assertTrue(gone.keep(each).value().isPresent());
      }
    }
  }

  @Test
  void left_allOfAnApplicationThatIsGone_withTheirFiles() {
    leave(draft("a", FIRST), draft("b", SECOND), draft("c", FIRST));
    try (Drafts drafts = new Drafts(folder, WRITER)) {
      List<Left> left = drafts.left();
      assertEquals(
          List.of(draft("a", FIRST), draft("b", SECOND), draft("c", FIRST)),
          left.stream().map(Left::draft).toList());
      left.forEach(each -> assertEquals(each.draft(), drafts.adopt(each).orElseThrow()));
      assertEquals(List.of(), drafts.left());
      assertEquals(3, drafts.own().size());
    }
  }

  @Test
  void left_whatARunningApplicationHolds_isItsOwn() {
    try (Drafts running = new Drafts(folder, WRITER);
        Drafts other = new Drafts(folder, WRITER)) {
      running.keep(draft("a", FIRST));
      assertEquals(List.of(), other.left());
    }
  }

  /** Two that start at once both see a draft; only one gets it, and it is never lost. */
  @Test
  void adopt_twice_onlyTheFirstGetsIt() {
    leave(draft("a", FIRST));
    try (Drafts one = new Drafts(folder, WRITER);
        Drafts other = new Drafts(folder, WRITER)) {
      Left left = other.left().get(0);
      assertTrue(one.adopt(one.left().get(0)).value().isPresent());
      assertTrue(other.adopt(left).value().isEmpty());
      assertEquals(List.of(draft("a", FIRST)), one.own());
    }
  }

  @Test
  void adopt_diskFull_leavesTheDraftWhereItIs() {
    leave(draft("a", FIRST));
    AtomicFile full =
        new AtomicFile(
            (file, bytes) -> {
              throw new IOException("No space left on device");
            });
    try (Drafts drafts = new Drafts(folder, full)) {
      assertTrue(
          drafts.adopt(drafts.left().get(0)).problem().say(Spoken.ENGLISH).contains("make room"));
      assertEquals(1, drafts.left().size());
    }
  }

  @Test
  void left_damagedOnes_stayAndAreCounted() throws IOException {
    leave(draft("a", FIRST), draft("b", SECOND));
    Path bad = drafts("a");
    Files.writeString(bad, "{\"job\": {");
    Files.writeString(folder.resolve("4711.draft"), "mine");
    try (Drafts drafts = new Drafts(folder, WRITER)) {
      assertEquals(List.of(draft("b", SECOND)), drafts.left().stream().map(Left::draft).toList());
      drafts.left().forEach(drafts::adopt);
      assertEquals(2, drafts.unreadable());
      assertTrue(Files.exists(bad));
    }
  }

  /** An earlier edition named a draft by the number of its process. */
  @Test
  void left_draftOfAnEarlierEdition_isFound() throws IOException {
    leave(draft("a", FIRST));
    Files.move(drafts("a"), folder.resolve("4711.draft"));
    try (Drafts drafts = new Drafts(folder, WRITER)) {
      assertEquals(FIRST, drafts.adopt(drafts.left().get(0)).orElseThrow().job());
      assertFalse(Files.exists(folder.resolve("4711.draft")));
    }
  }

  @Test
  void forget_andPutAway_leaveNothingToOffer() {
    try (Drafts drafts = new Drafts(folder, WRITER)) {
      drafts.keep(draft("a", FIRST));
      drafts.keep(draft("b", SECOND));
      drafts.forget("a");
      Path away = drafts.putAway("b").orElseThrow();
      assertTrue(Files.exists(away));
      assertEquals(List.of(), drafts.own());
    }
    try (Drafts next = new Drafts(folder, WRITER)) {
      assertEquals(List.of(), next.left());
    }
  }

  private Path drafts(String id) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      return files.filter(each -> each.endsWith(id + ".draft")).findFirst().orElseThrow();
    }
  }
}
