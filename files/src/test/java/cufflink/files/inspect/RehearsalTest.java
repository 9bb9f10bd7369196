package cufflink.files.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.inspect.FoldReport;
import cufflink.core.inspect.Rehearsal;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is found with a bare sheet in the hands, written down by hand: U is upright as the sheet
 * lies flat, D upside down; the panels are numbered from the upper left, i is the inside and o the
 * outside.
 */
class RehearsalTest {
  private static final Map<String, Map<String, String>> TABLES =
      Map.of(
          // Folded down from the top: what is read on the front was upside down on the flat sheet.
          "banded-half-fold", Map.of("1o", "D", "2o", "U", "1i", "U", "2i", "U"),
          // Folds at the sides turn nothing over end for end.
          "off-centre-gate", Map.of("1o", "U", "3o", "U", "2o", "U", "2i", "U"),
          "stepped-accordion", Map.of("1o", "U", "2i", "U", "4i", "U", "4o", "U"),
          // It stands on both its ends with the fold on top.
          "slim-tent", Map.of("1o", "D", "1i", "D", "2o", "U"));

  static List<String> ids() {
    return List.copyOf(new TreeMap<>(TABLES).keySet());
  }

  @ParameterizedTest
  @MethodSource("ids")
  void everyFace_isUprightOrNot_asInTheHand(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Derivation derivation = Jobs.derive(Jobs.job(id, pattern.normalValues()));
    FoldReport report =
        FoldReport.of(
            derivation.made().orElseThrow().card(), derivation.job().materials(), () -> false);
    Map<String, String> found = new TreeMap<>();
    Rehearsal.of(report, pattern.look())
        .forEach(
            line -> {
              String[] words = line.say(Spoken.ENGLISH).split("[ ,:]+");
              String way = line.say(Spoken.ENGLISH).contains("upside down") ? "D" : "U";
              found.put(words[1] + words[2].charAt(0), way);
            });
    TABLES.get(id).forEach((face, way) -> assertEquals(way, found.get(face), id + " " + face));
  }
}
