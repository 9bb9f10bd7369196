package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.cut.Part;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Hand;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.export.CutJson;
import cufflink.files.hands.TrimmerHands.Paper;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever obeys what is said at the trimmer has all parts in the end, and nothing else. */
class TrimmerObedienceTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat METRIC =
      LengthFormat.of(Marks.HALF_MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);
  private static final double EXACT = 1e-5;

  /** Each of a few cuts of one part is said to the nearest quarter of a millimetre. */
  private static final double SAID = 0.8;

  /** The long side of an A4 sheet; ISO 216. */
  private static final Length A4 = Length.ofMillimetres(297);

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static List<PaperPlan> plans(String id, int copies) {
    Pattern pattern = LIBRARY.pattern(id).orElseThrow();
    Job job = Jobs.job(id, pattern.normalValues());
    return Jobs.plans(Jobs.derive(job.withOrder(job.order().withCopies(copies))));
  }

  @ParameterizedTest
  @MethodSource("ids")
  void movesObeyed_cutAllParts(String id) throws Exception {
    for (int copies : List.of(1, 4)) {
      for (Hand hand : Hand.values()) {
        List<PaperPlan> plans = plans(id, copies);
        JsonNode all =
            new ObjectMapper()
                .readTree(
                    new CutJson(METRIC, Rulers.one(Marks.HALF_MILLIMETRES), hand).write(plans));
        for (int i = 0; i < plans.size(); i++) {
          TrimmerHands hands = new TrimmerHands(all.get(i).get("sheets"));
          for (JsonNode cut : all.get(i).get("cuts")) {
            assertEquals("", hands.obey(cut), id);
          }
          assertAllAside(plans.get(i), hands.aside(), EXACT);
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("ids")
  void wordsObeyed_cutAllParts(String id) throws Exception {
    for (Hand hand : Hand.values()) {
      List<PaperPlan> plans = plans(id, 3);
      JsonNode all =
          new ObjectMapper()
              .readTree(new CutJson(METRIC, Rulers.one(Marks.HALF_MILLIMETRES), hand).write(plans));
      for (int i = 0; i < plans.size(); i++) {
        TrimmerHands hands = new TrimmerHands(all.get(i).get("sheets"));
        for (TrimRun.Setting setting : plans.get(i).run().settings()) {
          double fence = TrimmerHands.number(METRIC.format(setting.fence()));
          for (TrimStep step : setting.steps()) {
            String words = TrimDirections.move(step, hand).words().say(METRIC);
            assertEquals("", hands.obey(fence, words), id);
          }
        }
        assertAllAside(plans.get(i), hands.aside(), SAID);
      }
    }
  }

  /** The printed table says less and must lead as far. */
  @ParameterizedTest
  @MethodSource("ids")
  void printedLinesObeyed_cutAllParts(String id) throws Exception {
    List<PaperPlan> plans = plans(id, 5);
    JsonNode all =
        new ObjectMapper()
            .readTree(
                new CutJson(METRIC, Rulers.one(Marks.HALF_MILLIMETRES), Hand.RIGHT).write(plans));
    for (int i = 0; i < plans.size(); i++) {
      TrimmerHands hands = new TrimmerHands(all.get(i).get("sheets"));
      for (TrimRun.Setting setting : plans.get(i).run().settings()) {
        double fence = TrimmerHands.number(METRIC.format(setting.fence()));
        for (TrimStep step : setting.steps()) {
          String line = TrimDirections.brief(step).say(METRIC);
          assertEquals("", hands.obeyBrief(fence, line), id);
        }
      }
      assertAllAside(plans.get(i), hands.aside(), SAID);
    }
  }

  private static void assertAllAside(PaperPlan plan, List<Paper> aside, double near) {
    List<Paper> left = new ArrayList<>();
    aside.forEach(each -> left.addAll(java.util.Collections.nCopies(each.times(), each)));
    for (Part part : plan.question().parts()) {
      if (part.width().max(part.height()).compareTo(A4) > 0) {
        assertTrue(!plan.plan().problems().isEmpty(), part + " is longer than its sheet");
        continue;
      }
      for (int i = 0; i < part.count(); i++) {
        Paper found =
            left.stream()
                .filter(each -> is(each, part, near))
                .findFirst()
                .orElseThrow(() -> new AssertionError(part + " is not among " + left));
        left.remove(found);
      }
    }
    assertTrue(left.isEmpty(), "too many: " + left);
  }

  private static boolean is(Paper paper, Part part, double near) {
    double width = part.width().toMillimetres();
    double height = part.height().toMillimetres();
    return paper.name().equals(part.label())
        && (Math.abs(paper.width() - width) < near && Math.abs(paper.height() - height) < near
            || Math.abs(paper.width() - height) < near && Math.abs(paper.height() - width) < near);
  }
}
