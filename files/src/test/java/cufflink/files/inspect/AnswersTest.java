package cufflink.files.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.paper.Paper;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.inspect.Answer.About;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.List;
import java.util.regex.Matcher;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AnswersTest {
  private static final java.util.regex.Pattern WRONG =
      java.util.regex.Pattern.compile("[:,] ([^,:]+) \\((?:upside down|on its side)\\)");

  private static List<String> say(Job job, About about) {
    Derivation asked = Jobs.derive(job);
    FoldReport report =
        FoldReport.of(asked.made().orElseThrow().card(), job.materials(), () -> false);
    LengthFormat format = Words.on(job.marks(), Fractions.TYPESET);
    return Answers.of(asked.folded(report), report, format).stream()
        .filter(each -> each.about() == about)
        .flatMap(each -> each.lines().stream())
        .map(each -> each.say(format))
        .toList();
  }

  /** C6 is 114 by 162 (ISO 269): a card of 110 by 150 leaves 4 and 12 less its thickness. */
  @Test
  void envelope_itIsFor_saysWhatIsToSpare() {
    Goal c6 =
        new Goal.ForEnvelope(StandardSizes.envelope("c6").orElseThrow(), Length.ofMillimetres(2));
    List<String> says = say(Jobs.gate().withGoal(c6), About.ENVELOPE);
    assertEquals(1, says.size());
    assertTrue(says.get(0).startsWith("Goes into the C6 envelope with "), says.toString());
    String[] spare = says.get(0).substring(says.get(0).indexOf("with")).split("[^0-9]+");
    // Six plies of card and paper are between one and two millimetres.
    int across = Integer.parseInt(spare[1]);
    assertTrue(across == 2 || across == 3, says.toString());
    assertEquals(across + 8, Integer.parseInt(spare[2]), says.toString());
  }

  @Test
  void envelope_tooSmall_namesTheSmallestThatTakesIt() {
    Goal small =
        new Goal.ForEnvelope(StandardSizes.envelope("c7").orElseThrow(), Length.ofMillimetres(2));
    List<String> says = say(Jobs.gate().withGoal(small), About.ENVELOPE);
    assertEquals("Does not go into the C7 envelope.", says.get(0));
    assertTrue(says.get(1).startsWith("The smallest that takes it: C6 envelope"), says.toString());
  }

  /** A gift card is 85.6 by 54 (ISO 7810); a pocket must have room for it. */
  @Test
  void mouth_saysWhetherWhatItHoldsGoesIn() {
    Pattern purse = PatternLibrary.shipped().pattern("handled-purse").orElseThrow();
    Job job =
        Jobs.job("handled-purse", purse.normalValues()).withItem(StandardSizes.item("gift-card"));
    List<String> says = say(job, About.MOUTHS);
    assertTrue(says.get(0).contains("goes in with"), says.toString());
  }

  /** What stands deeper than a letter is neither posted nor put into an envelope. */
  @Test
  void box_isNoLetter() {
    Pattern purse = PatternLibrary.shipped().pattern("handled-purse").orElseThrow();
    Job job = Jobs.job("handled-purse", purse.normalValues());
    assertTrue(say(job, About.ENVELOPE).get(0).startsWith("It stands "));
    assertEquals(List.of(), say(job, About.POST));
  }

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id).toList();
  }

  /** Every construction is answered for in whole sentences, on both rulers. */
  @ParameterizedTest
  @MethodSource("ids")
  void all_sayWhatIsSeen_andNothingIsLeftOpen(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues());
    List<String> seen = say(job, About.SHOWS);
    assertTrue(seen.get(0).startsWith("Closed, as it lies: "), seen.toString());
    for (String each : seen) {
      assertTrue(each.endsWith("."), each);
      int all = 0;
      for (String part : each.substring(each.lastIndexOf(": ") + 2).split(", ")) {
        all += Integer.parseInt(part.replaceAll(".* (\\d+) %\\.?", "$1"));
      }
      assertTrue(all > 80 && all <= 101, each);
    }
  }

  /** What is said to be seen upside down or on its side on the closed card is found as well. */
  @ParameterizedTest
  @MethodSource("ids")
  void printsThatAreWrong_areSaidAndFoundAlike(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Papers oneWay = new Papers(Paper.CARD, Paper.PATTERNED.withPrint(Paper.Print.UPRIGHT));
    Job job = Jobs.job(id, pattern.normalValues()).withPapers(oneWay);
    String found =
        Jobs.derive(job).folded(() -> false).findings().stream()
            .filter(each -> each.kind() == FindingKind.PRINT_DIRECTION)
            .map(each -> each.sentence().say(Words.on(job.marks(), Fractions.TYPESET)))
            .reduce("", String::concat);
    String closed = say(job, About.SHOWS).get(0);
    Matcher wrong = WRONG.matcher(closed);
    while (wrong.find()) {
      String label = wrong.group(1);
      assertTrue(found.contains(" the " + label + " "), closed + " " + found);
    }
  }
}
