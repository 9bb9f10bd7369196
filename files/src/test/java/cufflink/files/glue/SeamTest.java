package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.GluingOrder.Step;
import cufflink.core.glue.GluingOrder.Wish;
import cufflink.core.glue.HalfBuilt;
import cufflink.core.job.Job;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Area;
import cufflink.core.value.Setting;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What is glued to itself takes its glue first, and then the folds that bring its parts onto it.
 */
class SeamTest {
  private static final LengthFormat METRIC = Words.on(Marks.MILLIMETRES, Fractions.TYPESET);

  /** A sentence that stands inside another one, or ends twice. */
  private static final Pattern NESTED = Pattern.compile("\\.\\.|\\b(Put|Glue) the [A-Z][a-z]+ ");

  private static Job job(String id) {
    var pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.job(id, pattern.normalValues());
  }

  private static Design design(String id) {
    return Jobs.derive(job(id)).made().orElseThrow().design();
  }

  static List<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(each -> each.id()).toList();
  }

  /** As a bag is made at any table: flat for its seam, open for its bottom; common practice. */
  @Test
  void bag_isFlatForItsSeamAndABoxForItsBottom() {
    Design card = design("squash-card");
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    assertEquals(List.of("Fold the bag flat along two of its edges"), folds(order, "bag-seam"));
    assertEquals(
        List.of("Open the bag to a box", "Turn the bottom flaps in"), folds(order, "bag-foot"));
    String foot = walk(order, "bag-foot", card);
    assertTrue(foot.contains("shows the bag before it was folded"), foot);
    assertFalse(walk(order, "bag-seam", card).contains("before it was folded"));
  }

  /** Whoever glues before folding is told to glue before folding, at the table and on paper. */
  @Test
  void task_isGluedBeforeItIsFolded() {
    List<String> told = tasks("squash-card").stream().map(SeamTest::said).toList();
    List<String> wanted =
        List.of(
            "Glue the tab of the bag",
            "Fold the bag flat",
            "Glue the bottom flaps",
            "Open the bag to a box",
            "Turn the bottom flaps in",
            "Lead the ribbon round the bag");
    int from = 0;
    for (String each : wanted) {
      int at = from;
      while (at < told.size() && !told.get(at).startsWith(each)) {
        at++;
      }
      assertTrue(at < told.size(), each + " is not told after what comes before it: " + told);
      from = at;
    }
  }

  /**
   * The label is glued to the loose diagonal paper, that is turned over, the label trimmed from
   * behind along the slant, and only then it goes on the card; common practice, no source.
   */
  @Test
  void label_isGluedOnce_ontoItsPaperWhileThatIsLoose() {
    List<String> told = tasks("criss-cross-pocket").stream().map(SeamTest::said).toList();
    List<String> gluing =
        told.stream().filter(each -> each.matches("(?s).*Glue the [a-z ]*label.*")).toList();
    assertEquals(List.of(), gluing, "the label is glued a second time");
    int trimmed = indexOf(told, "Glue the left triangle layer, its back up too, onto it");
    int put = indexOf(told, "Glue the left triangle layer onto the outside of the left piece");
    assertTrue(trimmed < put, told::toString);
  }

  /**
   * What goes round the card goes round it folded and filled, last before it is looked at, as the
   * order of the work has it: fold, assemble, fill and close, inspect; common practice, no source.
   */
  @ParameterizedTest
  @CsvSource({
    "stacked-pocket-folio, Glue the ends of the belly band, Wrap the flap round.",
    "criss-cross-pocket, Lead the ribbon round the card, Fold the left triangle over."
  })
  void whatGoesRound_comesLast(String id, String band, String closed) {
    Job filled = job(id).withItem(StandardSizes.item("gift-card"));
    List<String> told =
        Work.of(Work.Asked.of(design(id), filled, List.of(), School.BY_PIECE)).tasks().stream()
            .map(SeamTest::said)
            .toList();
    int round = indexOf(told, band);
    assertEquals(told.size() - 2, round, "before the card is looked at: " + told);
    assertTrue(indexOf(told, closed) < round, told::toString);
    assertTrue(indexOf(told, "Put the gift card in.") < round, told::toString);
    Design card = design(id);
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    int last = order.steps().size() - 1;
    assertEquals(last, order.beforeClosing(card));
    assertTrue(
        order
            .walk(last, card, false, Optional.empty())
            .get(0)
            .say(METRIC)
            .contains("closed before"));
  }

  /** The ribbon is led over what is seen of the closed card: its picture is no larger than that. */
  @Test
  void ribbonRoundTheCard_isDrawnOnTheClosedCard() {
    Design card = design("criss-cross-pocket");
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    var built = HalfBuilt.of(order, card, order.steps().size() - 1).orElseThrow();
    var pose = built.model().pose(built.model().closing());
    double left = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    for (var facet : built.model().assembly().facets()) {
      for (var corner : pose.corners(facet.index())) {
        left = Math.min(left, corner.x());
        right = Math.max(right, corner.x());
      }
    }
    assertEquals(card.finishedWidth().toMillimetres(), right - left, 0.1);
  }

  private static int indexOf(List<String> told, String words) {
    for (int i = 0; i < told.size(); i++) {
      if (told.get(i).contains(words)) {
        return i;
      }
    }
    throw new AssertionError(words + " is not in " + told);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void sentences_standAlone(String id) {
    for (Task task : tasks(id)) {
      assertFalse(NESTED.matcher(said(task)).find(), said(task));
    }
    Design card = design(id);
    GluingOrder order = GluingOrder.of(card, Wish.NONE);
    for (int i = 0; i < order.steps().size(); i++) {
      for (var line : order.walk(i, card, false, Optional.empty())) {
        assertFalse(NESTED.matcher(line.say(METRIC)).find(), line.say(METRIC));
      }
    }
  }

  /**
   * A dot lies on a pleat that goes forward, at an angle about the tip which the pleat that comes
   * back covers: angles by the arctangent of where the dot is, in the frame of the flat disc.
   */
  @ParameterizedTest
  @MethodSource("pleats")
  void dots_lieUnderTheFlapsOfTheTree(long pleats, long tip) {
    var pattern = PatternLibrary.shipped().pattern("pleated-tree").orElseThrow();
    var values =
        pattern
            .normalValues()
            .and("pleats", new Setting.OfCount(pleats))
            .and("tip", new Setting.OfCount(tip));
    Design card = Jobs.derive(Jobs.job("pleated-tree", values)).made().orElseThrow().design();
    Joint dots =
        card.joints().stream().filter(each -> each.id().equals("dots")).findFirst().orElseThrow();
    Piece disc = card.piece("disc").orElseThrow();
    double middle = disc.width().toMillimetres() / 2;
    double forward = (180.0 + tip) / (2 * pleats);
    double back = (180.0 - tip) / (2 * (pleats - 1));
    List<Integer> flaps = new ArrayList<>();
    for (Area glue : dots.glue()) {
      double x = middle - glue.at().x().toMillimetres() - glue.width().toMillimetres() / 2;
      double y = glue.at().y().toMillimetres() + glue.height().toMillimetres() / 2;
      double angle = Math.toDegrees(Math.atan2(y, x));
      int turn = (int) (angle / (forward + back));
      double within = angle - turn * (forward + back);
      assertTrue(within < forward, "the dot at " + angle + " is not on a forward pleat");
      assertTrue(2 * forward - within < forward + back, "nothing comes back onto " + angle);
      assertTrue(Math.hypot(x, y) < middle, "the dot at " + angle + " is off the disc");
      flaps.add(turn);
    }
    assertEquals(pleats - 1, flaps.stream().distinct().count(), "one dot for each flap");
  }

  static List<Arguments> pleats() {
    return List.of(Arguments.of(4L, 40L), Arguments.of(3L, 30L), Arguments.of(7L, 55L));
  }

  private static List<Task> tasks(String id) {
    return Work.of(Work.Asked.of(design(id), job(id), List.of(), School.BY_TOOL)).tasks();
  }

  private static String said(Task task) {
    return task.words().say(METRIC);
  }

  private static int index(GluingOrder order, String joint) {
    for (int i = 0; i < order.steps().size(); i++) {
      if (order.steps().get(i).act().joint().filter(each -> each.id().equals(joint)).isPresent()) {
        return i;
      }
    }
    throw new AssertionError(joint + " is not glued");
  }

  private static List<String> folds(GluingOrder order, String joint) {
    Step step = order.steps().get(index(order, joint));
    return step.folds().stream().map(stage -> stage.title()).toList();
  }

  private static String walk(GluingOrder order, String joint, Design card) {
    return order.walk(index(order, joint), card, false, Optional.empty()).get(0).say(METRIC);
  }
}
