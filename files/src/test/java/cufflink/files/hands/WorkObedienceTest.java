package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Move;
import cufflink.core.run.Moves;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whoever works by tool lays every piece aside and takes it up again, and still ends with the
 * pieces of the design, knowing nothing but the sentences of the run: neither how a piece lay
 * before it was laid aside nor which of its edges is which.
 */
class WorkObedienceTest {
  private static final java.util.regex.Pattern STACK =
      java.util.regex.Pattern.compile("^Lay it on the (.+) as both lie, ");

  private static final String SAME = "Each of the others the same: ";

  static Stream<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void workByTool_makesThePieces(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    int tried = 0;
    for (Job job : ObedienceTest.jobs(pattern)) {
      var made = Derivation.of(pattern, job).made();
      if (made.isPresent()) {
        Design design = made.get().design();
        sentences(design, job)
            .forEach(
                (piece, words) ->
                    assertMade(design, design.piece(piece).orElseThrow(), job, words));
        tried++;
      }
    }
    assertTrue(tried > 0);
  }

  private static void assertMade(Design design, Piece piece, Job job, List<String> words) {
    List<Move> moves = Moves.of(design, job.habit(), 1, piece);
    Set<String> outlines =
        moves.stream()
            .filter(move -> move instanceof Move.CutOut)
            .map(move -> move.words().say(ObedienceTest.METRIC))
            .collect(Collectors.toSet());
    List<String> obeyed = words.stream().filter(each -> !outlines.contains(each)).toList();
    boolean inside = obeyed.get(0).contains("inside up");
    var wish = new ObedienceTest.Wish(piece, job.habit(), outlines.isEmpty(), inside);
    assertEquals(
        List.of(),
        ObedienceTest.leastFaults(wish, obeyed),
        () -> piece.id() + " " + job.habit() + " " + obeyed);
  }

  /** What is said of each piece, in the order in which it is said; what is cut in two is both. */
  private static Map<String, List<String>> sentences(Design design, Job job) {
    Map<String, List<String>> all = new LinkedHashMap<>();
    String under = "";
    for (Task task : Work.of(Work.Asked.of(design, job, List.of(), School.BY_TOOL)).tasks()) {
      if (task.phase() == Task.Phase.CUT || task.phase().compareTo(Task.Phase.CREASE) > 0) {
        continue;
      }
      String words = task.words().say(ObedienceTest.METRIC);
      if (words.startsWith(SAME)) {
        // Whoever does the same with the others does all that was done with the first.
        assertTrue(words.endsWith(all.get(task.piece()).get(all.get(task.piece()).size() - 1)));
        under = "";
        continue;
      }
      Matcher stack = STACK.matcher(words);
      if (stack.find()) {
        under =
            design.pieces().stream()
                .filter(piece -> piece.label().equals(stack.group(1)))
                .map(Piece::id)
                .findFirst()
                .orElseThrow();
      } else if (words.startsWith("Take the ")) {
        under = "";
      }
      String own = task.shown().orElseThrow().piece();
      all.computeIfAbsent(own, piece -> new ArrayList<>()).add(words);
      if (!under.isEmpty()) {
        all.computeIfAbsent(under, piece -> new ArrayList<>()).add(words);
      }
    }
    return all;
  }
}
