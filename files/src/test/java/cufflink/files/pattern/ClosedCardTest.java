package cufflink.files.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.paper.Envelope;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The whole closed card beside the size it says, and beside an envelope. */
class ClosedCardTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  static List<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id).toList();
  }

  private static Job job(String id) {
    return Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
  }

  private static Set<FindingKind> posted(Job job, double width, double height) {
    Envelope envelope =
        new Envelope("own", "own", Length.fromMillimetres(width), Length.fromMillimetres(height));
    Job asked = job.withGoal(new Goal.ForEnvelope(envelope, Length.ofMillimetres(1)));
    return Jobs.derive(asked).folded(() -> false).findings().stream()
        .map(finding -> finding.kind())
        .collect(Collectors.toSet());
  }

  /**
   * What folds flat measures what its file says: two reckonings that know nothing of each other.
   */
  @ParameterizedTest
  @MethodSource("ids")
  void foldedCard_measuresWhatItsFormulaSays(String id) {
    Derivation folded = Jobs.derive(job(id)).folded(() -> false);
    boolean leftOut = !folded.made().orElseThrow().card().leftOut().isEmpty();
    folded
        .thickness()
        .filter(thick -> !leftOut)
        .ifPresent(
            thick -> {
              List<Length> size = thick.size();
              double wide = folded.made().get().design().finishedWidth().toMillimetres();
              double high = folded.made().get().design().finishedHeight().toMillimetres();
              double most = size.get(0).max(size.get(1)).toMillimetres();
              double least =
                  size.get(0).minus(size.get(1)).isPositive()
                      ? size.get(1).toMillimetres()
                      : size.get(0).toMillimetres();
              assertEquals(Math.max(wide, high), most, 0.4, id);
              assertEquals(Math.min(wide, high), least, 0.4, id);
            });
    assertTrue(
        folded.findings().stream().noneMatch(each -> each.kind() == FindingKind.OTHER_SIZE), id);
  }

  /**
   * Two sheets joined at their edges go round a card w wide and t thick if each is w + t wide: the
   * way round, 2w + 2t, halved.
   */
  @ParameterizedTest
  @CsvSource({"2.0, false", "0.2, true"})
  void thickCard_needsALargerEnvelope(double more, boolean found) {
    Job job = job("squash-card");
    Derivation folded = Jobs.derive(job).folded(() -> false);
    double side = folded.made().orElseThrow().design().finishedWidth().toMillimetres();
    double thick =
        folded.thickness().orElseThrow().thickest().orElseThrow().thick().toMillimetres();
    double inside = side + (found ? Math.max(1.01, thick - more) : thick + more);
    assertTrue(thick > 1.3, "thick enough to try: " + thick);
    assertEquals(
        found,
        posted(job, inside, inside).contains(FindingKind.TOO_THICK_FOR_ENVELOPE),
        inside + "");
  }

  @ParameterizedTest
  @CsvSource({"handled-purse, true", "stacked-pocket-folio, false", "slim-tent, false"})
  void box_goesIntoNoLetterEnvelope(String id, boolean found) {
    assertEquals(found, posted(job(id), 400, 400).contains(FindingKind.TOO_THICK_FOR_ENVELOPE));
  }

  @ParameterizedTest
  @CsvSource({"slim-tent, false", "waterfall, false", "stacked-pocket-folio, true"})
  void thickerThanALetter_isSaid(String id, boolean found) {
    assertEquals(found, posted(job(id), 400, 400).contains(FindingKind.THICK_FOR_POST));
  }
}
