package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.design.Joint;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/** What is glued on and not folded with the card is known by name, and does not grow unnoticed. */
class LeftOutTest {
  @Test
  void leftOut_isKnownForEveryConstruction() {
    Map<String, List<String>> leftOut = new TreeMap<>();
    PatternLibrary library = PatternLibrary.shipped();
    for (Pattern pattern : library.patterns()) {
      Derivation derivation = Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues()));
      List<String> joints =
          derivation.made().orElseThrow().card().leftOut().stream().map(Joint::id).toList();
      if (!joints.isEmpty()) {
        leftOut.put(pattern.id(), joints);
      }
    }
    assertEquals(
        Map.of(
            "concertina-album", List.of("corner-1", "corner-2", "corner-3", "corner-4"),
            "criss-cross-pocket", List.of("triangle", "right-triangle"),
            "handled-purse", List.of("handle-0", "handle-1"),
            "squash-card", List.of("bag-handle")),
        leftOut);
  }
}
