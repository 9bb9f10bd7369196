package cufflink.files.inspect;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.finding.FindingKind;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.pattern.Pattern;
import cufflink.core.stance.Stance;
import cufflink.core.value.Setting;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whether a tent stands, against elementary statics of two plates that lean on each other. */
class StanceTest {
  /** Our engine finds the places of corners to about a hundredth of a millimetre. */
  private static final double NEAR = 0.1;

  /** A tent of one sheet: a front, a foot behind it, opened by some degrees between them. */
  private record Tent(double wide, double front, double foot, double opened) {
    private double radians() {
      return Math.toRadians(opened);
    }

    /** From the front's lower edge to the foot's, by the law of cosines. */
    double span() {
      return Math.sqrt(front * front + foot * foot - 2 * front * foot * Math.cos(radians()));
    }

    double ridge() {
      return front * foot * Math.sin(radians()) / span();
    }

    /** How far the foot of the ridge lies from the front's lower edge. */
    double under() {
      return (front * front - foot * foot + span() * span()) / (2 * span());
    }

    /** Each plate weighs by its length, in its middle. */
    double centre() {
      double fore = under() / 2;
      double aft = (under() + span()) / 2;
      return (front * fore + foot * aft) / (front + foot);
    }

    /** Falls forwards, backwards or sideways, whichever comes first. */
    double tilt() {
      double high = ridge() / 2;
      double way = Math.min(wide / 2, Math.min(centre(), span() - centre()));
      return Math.toDegrees(Math.atan2(way, high));
    }

    /** How steeply the front leans, from the table. */
    double lean() {
      return Math.toDegrees(Math.asin(ridge() / front));
    }

    /** Lays the sheet's first edge and its last on the table, the ridge up. */
    double pitch() {
      return 180 + lean();
    }

    Derivation derive() {
      String text =
          String.format(
              Locale.ROOT,
              """
              format: cufflink-pattern/1
              id: tent
              name: Tent
              does: [stands]
              look: {pitch: %.3f}
              parameters:
                width: {label: Width, default: %.0f mm, min: 1 mm, role: finished-width}
                height: {label: Height, default: %.0f mm, min: 1 mm, role: finished-height}
              pieces:
                base:
                  label: card base
                  size: [width, height + %.0f mm]
                  scores:
                    fold: {label: Fold, y: height, fold: valley}
              rests-on: [width / 2, height / 2]
              folding:
                - {stage: Fold it, drive: {fold: 180}}
              opening:
                - {stage: Stand it up, drive: {fold: %.3f}}
              """,
              pitch(),
              wide,
              front,
              foot,
              180 - opened);
      Pattern pattern = PatternFile.read("tent", text).pattern().orElseThrow();
      return Derivation.of(pattern, Jobs.job("tent", pattern.normalValues()));
    }

    List<Stance> stances() {
      Derivation derivation = derive();
      return derivation.stances(report(derivation));
    }
  }

  private static FoldReport report(Derivation derivation) {
    return FoldReport.of(
        derivation.made().orElseThrow().card(), derivation.job().materials(), () -> false);
  }

  @Property
  void tent_fallsWhenStaticsSaysSo(
      @ForAll @IntRange(min = 40, max = 120) int wide,
      @ForAll @IntRange(min = 90, max = 200) int front,
      @ForAll @IntRange(min = 50, max = 88) int foot,
      @ForAll @IntRange(min = 12, max = 75) int opened) {
    Tent tent = new Tent(wide, front, foot, opened);
    List<Stance> stances = tent.stances();
    if (stances.isEmpty()) {
      // No deeper than a letter, it counts as closed.
      assertTrue(foot * Math.sin(Math.toRadians(opened)) <= 15 + NEAR, tent.toString());
      return;
    }
    Stance stance = stances.get(0);
    if (tent.centre() < tent.span() && tent.tilt() > 2.5) {
      assertEquals(Stance.Kind.STANDS, stance.kind(), tent.toString());
      assertEquals(tent.tilt(), stance.tilt(), NEAR, tent.toString());
    } else if (tent.centre() > tent.span() + 1 && tent.lean() > 25) {
      // Nearer to the table than that it may as well lie on its front.
      assertEquals(Stance.Kind.TIPS, stance.kind(), tent.toString());
    }
  }

  /** Hardly opened, the front's own weight lies beyond its foot. */
  @Test
  void hardlyOpened_tips_andIsFound() {
    Tent tent = new Tent(60, 100, 60, 20);
    assertTrue(tent.centre() > tent.span());
    Derivation folded = tent.derive().folded(() -> false);
    assertTrue(
        folded.findings().stream().anyMatch(each -> each.kind() == FindingKind.TIPS_OVER),
        tent.stances().toString());
  }

  /** The shipped tent is opened as its maker says; its papers weigh little beside its card. */
  @ParameterizedTest
  @ValueSource(ints = {14, 18, 20, 24, 30, 45, 60, 80, 100, 120})
  void slimTent_standsOrTips_atTheOpeningGiven(int opened) {
    Tent tent = new Tent(58, 132, 72, opened);
    Pattern pattern = PatternLibrary.shipped().pattern("slim-tent").orElseThrow();
    Derivation derivation =
        Jobs.derive(
            Jobs.job(
                "slim-tent", pattern.normalValues().and("opening", new Setting.OfCount(opened))));
    List<Stance> stances = derivation.stances(report(derivation));
    if (Math.abs(tent.centre() - tent.span()) > 3 && !stances.isEmpty()) {
      boolean stands = stances.get(0).kind() == Stance.Kind.STANDS;
      assertEquals(tent.centre() < tent.span(), stands, stances.toString());
    }
  }

  /** Every construction that is said to stand does so as it is shipped. */
  @Test
  void shipped_whatIsToStand_stands() {
    for (Pattern pattern : PatternLibrary.shipped().patterns()) {
      if (pattern.does().contains("stands")) {
        Derivation derivation = Jobs.derive(Jobs.job(pattern.id(), pattern.normalValues()));
        assertTrue(
            derivation.stances(report(derivation)).stream()
                .anyMatch(each -> each.kind() == Stance.Kind.STANDS),
            pattern.id());
      }
    }
  }
}
