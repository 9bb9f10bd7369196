package cufflink.files.log;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WorkplaceTest {
  @TempDir private Path folder;

  @Test
  void aJob_liesOnOneTableAtATime() {
    try (Workplace other = new Workplace(folder)) {
      Workplace one = new Workplace(folder);
      assertTrue(one.take("job"));
      assertTrue(one.take("job"));
      assertFalse(other.take("job"));
      assertTrue(other.take("../another"));
      one.close();
      assertTrue(other.take("job"));
    }
  }

  @Test
  void aFolderThatCannotBe_stopsNobody() throws IOException {
    Path file = Files.writeString(folder.resolve("file"), "");
    try (Workplace place = new Workplace(file.resolve("below"))) {
      assertTrue(place.take("job"));
    }
  }
}
