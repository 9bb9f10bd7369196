package cufflink.files.hands;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Piece;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.plane.Point;
import cufflink.core.run.Gluing;
import cufflink.core.value.Values;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Hands that lead a ribbon by the printed words alone: they lay the named panel with the named face
 * up, turned over like a page if that is its outside, and put the middle of the ribbon where a
 * ruler from the left edge, or from the top, says.
 */
class RibbonWordsTest {
  private static final java.util.regex.Pattern PART =
      java.util.regex.Pattern.compile(
          "over the (inside|outside) of the (.+?), its middle (.+?) from (?:the left edge"
              + "(?: at the top and (.+?) at the foot)?|(the top))(?:, (.+?) of it taped there)?");

  /** What a hand does with a part of a ribbon: the panel, its face, and where the middle goes. */
  private record Laid(
      Face face, String panel, double first, double second, boolean level, double taped) {}

  private static double read(String number, Marks marks) {
    // Half a mark is told in words behind the number.
    String begun = number.replaceFirst(" \\(then .*\\)$", "");
    return LengthParser.parse(begun, marks.unit()).value().orElseThrow().toMillimetres();
  }

  private static List<Laid> obey(String sentence, Marks marks) {
    int end = (sentence + " ").indexOf(". ", sentence.lastIndexOf("middle"));
    String way = sentence.substring(0, end < 0 ? sentence.length() : end);
    List<Laid> laid = new ArrayList<>();
    for (String part : way.split("; then ")) {
      Matcher words = PART.matcher(part.replaceFirst("^Lead the .+? (?=over the )", ""));
      assertTrue(words.matches(), part);
      double first = read(words.group(3), marks);
      laid.add(
          new Laid(
              Face.valueOf(words.group(1).toUpperCase(java.util.Locale.ROOT)),
              words.group(2),
              first,
              words.group(4) == null ? first : read(words.group(4), marks),
              words.group(5) != null,
              words.group(6) == null ? 0 : read(words.group(6), marks)));
    }
    return laid;
  }

  @ParameterizedTest
  @CsvSource({
    "ribbon-hinge-wallet, mm",
    "ridge-pocket-holder, mm",
    "concertina-album, mm",
    "banded-half-fold, mm",
    "criss-cross-pocket, mm",
    "squash-card, mm",
    "ribbon-hinge-wallet, in"
  })
  void ribbon_liesWhereTheWordsPutIt(String id, String unit) {
    Marks marks = unit.equals("in") ? Marks.SIXTEENTHS : Marks.MILLIMETRES;
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    Job job =
        Job.begun(
            "Trial",
            Edition.atHand(id),
            unit.equals("in") ? inches(pattern) : pattern.normalValues(),
            Tools.usual(marks));
    Design design = Jobs.derive(job).made().orElseThrow().design();
    LengthFormat format = Words.on(marks, LengthFormat.Fractions.PLAIN);
    // What is not on a mark is told to half a mark.
    double near = marks.step().toMillimetres() / 2 + 0.01;
    int ribbons = 0;
    for (Joint joint : design.joints()) {
      if (joint.movement().led().isEmpty()) {
        continue;
      }
      ribbons++;
      List<Leg> legs = goingOn(joint.movement().led().get().taken());
      List<Laid> laid = obey(Gluing.of(joint, design).say(format), marks);
      assertEquals(legs.size(), laid.size(), joint.label());
      for (int i = 0; i < legs.size(); i++) {
        check(design, legs.get(i), laid.get(i), near);
      }
    }
    assertTrue(ribbons > 0);
  }

  /** Round a fold it goes on in the same line, which is said once. */
  private static List<Leg> goingOn(List<Leg> legs) {
    List<Leg> lines = new ArrayList<>();
    for (int i = 0; i < legs.size(); i++) {
      Leg leg = legs.get(i);
      Leg last = legs.get(Math.max(0, i - 1));
      boolean goesOn =
          i > 0
              && last.on().equals(leg.on())
              && last.by().equals(leg.by())
              && last.face() == leg.face()
              && last.middle().to().equals(leg.middle().from());
      if (!goesOn) {
        lines.add(leg);
      }
    }
    return lines;
  }

  /** The wallet, laid out in sixteenths. */
  private static Values inches(Pattern pattern) {
    return pattern
        .normalValues()
        .and("width", Length.ofInches(35, 8))
        .and("height", Length.ofInches(27, 8))
        .and("apart", Length.ofInches(3, 2))
        .and("spread", Length.ofInches(5, 2))
        .and("tail", Length.ofInches(7, 8))
        .and("crossed_tail", Length.ofInches(3, 4));
  }

  /** Turned over like a page, what was at the right lies at the left. */
  private static void check(Design design, Leg leg, Laid laid, double near) {
    Piece piece = design.piece(leg.on()).orElseThrow();
    double wide = piece.width().toMillimetres();
    assertEquals(leg.face(), laid.face());
    String panel =
        leg.by()
            .flatMap(by -> design.joints().stream().filter(it -> it.id().equals(by)).findFirst())
            .map(Joint::label)
            .orElse(piece.label());
    assertEquals(panel, laid.panel());
    boolean isDown = leg.middle().from().y().compareTo(leg.middle().to().y()) <= 0;
    Point top = isDown ? leg.middle().from() : leg.middle().to();
    Point foot = isDown ? leg.middle().to() : leg.middle().from();
    if (laid.level()) {
      assertEquals(top.y().toMillimetres(), laid.first(), near);
      assertEquals(foot.y().toMillimetres(), laid.first(), near);
    } else {
      assertEquals(x(top, laid, wide), laid.first(), near, leg.toString());
      assertEquals(x(foot, laid, wide), laid.second(), near, leg.toString());
    }
    assertEquals(leg.taped().toMillimetres(), laid.taped(), near);
  }

  private static double x(Point place, Laid laid, double wide) {
    double x = place.x().toMillimetres();
    return laid.face() == Face.INSIDE ? x : wide - x;
  }
}
