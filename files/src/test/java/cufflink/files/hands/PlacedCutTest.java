package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.cut.Part;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.TrimStep;
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.Hand;
import cufflink.core.run.TrimDirections;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Hands that look at the picture on their sheet and obey the sentences at the trimmer: what they
 * lay aside comes from where it was wanted. They know nothing of plans.
 */
class PlacedCutTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();
  private static final LengthFormat METRIC =
      LengthFormat.of(Marks.HALF_MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);
  private static final Length SIDE = Length.ofMillimetres(300);
  private static final double SAID = 0.8;
  private static final java.util.regex.Pattern LAID =
      java.util.regex.Pattern.compile(
          "^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?): .*?"
              + "(?:At the fence is what is (left|right|on top|at the foot) as the picture stands\\."
              + ".*?)?At the fence: (.*?)\\. Beyond the blade: (.*?)\\.$");
  private static final java.util.regex.Pattern AGAIN =
      java.util.regex.Pattern.compile("^(?:Sheets?|Strips?) (\\S+(?: [A-Z]+)?), to be cut again$");
  private static final java.util.regex.Pattern ASIDE =
      java.util.regex.Pattern.compile("^lay aside the (.*?)(?:, which lies.*)?$");

  /** Some paper, where it was on its sheet. */
  private record Spot(String what, double x, double y, double wide, double high) {}

  private final Map<String, Spot> table = new HashMap<>();
  private final List<Spot> aside = new ArrayList<>();

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static Job placed(String id, Random random) {
    Job job = Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
    Derivation plain = Jobs.derive(job);
    Design design = plain.made().orElseThrow().design();
    Picture picture = new Picture("0123456789abcdef.jpg", "sheet", SIDE, SIDE, 0);
    for (PaperRole role : design.roles()) {
      if (role.kind() == PaperKind.PATTERNED) {
        Sheet sheet = new Sheet("a", "a", SIDE, SIDE);
        job = PaperPlan.looking(job, role, plain.look().colours(role).as(picture), sheet);
      }
    }
    Papers papers = job.papers();
    for (Cutout each : Cutout.all(design, papers).values()) {
      Picture.Spot asked =
          new Picture.Spot(
              Length.ofMillimetres(random.nextInt(300)),
              Length.ofMillimetres(random.nextInt(300)),
              random.nextInt(4));
      if (random.nextInt(3) > 0) {
        papers = papers.cutting(each.part(), Optional.of(each.within(asked)));
      }
    }
    return job.withPapers(papers);
  }

  @ParameterizedTest
  @MethodSource("ids")
  void wordsObeyed_cutPartsFromWhereTheyAreWanted(String id) {
    Random random = new Random(id.hashCode());
    for (Hand hand : Hand.values()) {
      Job job = placed(id, random);
      for (PaperPlan plan : Jobs.plans(Jobs.derive(job))) {
        if (plan.picture().isPresent()) {
          obey(plan, hand, id);
        }
      }
    }
  }

  private void obey(PaperPlan plan, Hand hand, String id) {
    table.clear();
    aside.clear();
    int number = 1;
    for (var sheet : plan.plan().sheets()) {
      int last = number + sheet.times() - 1;
      String name = sheet.times() == 1 ? "" + number : number + "–" + last;
      number = last + 1;
      table.put(
          name,
          new Spot(
              name,
              0,
              0,
              sheet.stock().width().toMillimetres(),
              sheet.stock().height().toMillimetres()));
    }
    for (TrimRun.Setting setting : plan.run().settings()) {
      double fence = TrimmerHands.number(METRIC.format(setting.fence()));
      for (TrimStep step : setting.steps()) {
        cut(fence, TrimDirections.move(step, hand).words().say(METRIC));
      }
    }
    for (Part part : plan.question().parts()) {
      Optional<Part.At> at = part.at();
      boolean isCut =
          plan.plan().sheets().stream().anyMatch(it -> it.layout().parts().contains(part));
      if (at.isPresent() && isCut) {
        double left = at.get().left().toMillimetres();
        double top = at.get().top().toMillimetres();
        assertTrue(
            aside.stream()
                .anyMatch(
                    each ->
                        each.what().equals(part.label())
                            && Math.abs(each.x() - left) < SAID
                            && Math.abs(each.y() - top) < SAID),
            id + ": " + part + " is not among " + aside);
      }
    }
  }

  private void cut(double fence, String words) {
    Matcher laid = LAID.matcher(words);
    assertTrue(laid.find(), words);
    Spot paper = table.remove(laid.group(1));
    String edge = laid.group(2);
    if (paper == null || edge == null) {
      // Nothing on it has a place, so it may lie as it likes.
      return;
    }
    boolean down = edge.equals("left") || edge.equals("right");
    boolean far = edge.equals("right") || edge.equals("at the foot");
    double length = down ? paper.wide() : paper.high();
    double rest = length - fence;
    makes(laid.group(3), paper, down, far ? rest : 0, fence);
    makes(laid.group(4), paper, down, far ? 0 : fence, rest);
  }

  private void makes(String what, Spot from, boolean down, double begins, double side) {
    Matcher again = AGAIN.matcher(what);
    Matcher part = ASIDE.matcher(what);
    boolean goesOn = again.matches();
    String name = goesOn ? again.group(1) : part.matches() ? part.group(1) : "";
    Spot made =
        new Spot(
            name,
            from.x() + (down ? begins : 0),
            from.y() + (down ? 0 : begins),
            down ? side : from.wide(),
            down ? from.high() : side);
    if (goesOn) {
      assertEquals(null, table.put(name, made), "two papers called " + name);
    } else if (!name.isEmpty()) {
      aside.add(made);
    }
  }
}
