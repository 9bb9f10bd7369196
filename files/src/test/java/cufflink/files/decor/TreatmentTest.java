package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Treatment;
import cufflink.core.decor.Treatment.Kind;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.make.School;
import cufflink.core.make.Task;
import cufflink.core.make.Task.Phase;
import cufflink.core.make.Work;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is stamped and inked, held against a clock and a hand that must not touch wet paper. */
class TreatmentTest {
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  static Stream<String> ids() {
    return LIBRARY.patterns().stream().map(Pattern::id);
  }

  private static List<Treatment> all(Design design, Random random, double share) {
    List<Treatment> all = new ArrayList<>();
    Kind[] kinds = Kind.values();
    design.pieces().stream()
        .filter(piece -> piece.paper() != PaperKind.RIBBON && random.nextDouble() < share)
        .forEach(
            piece ->
                all.add(
                    new Treatment(
                        kinds[random.nextInt(kinds.length)],
                        piece.id(),
                        Face.values()[random.nextInt(2)])));
    design.layers().stream()
        .filter(layer -> random.nextDouble() < share)
        .forEach(
            layer ->
                all.add(
                    new Treatment(
                        kinds[random.nextInt(kinds.length)],
                        layer.on() + "." + layer.id(),
                        layer.face())));
    return all.subList(0, Math.min(Treatment.MOST, all.size()));
  }

  private static Job job(String id) {
    return Jobs.job(id, LIBRARY.pattern(id).orElseThrow().normalValues());
  }

  /** What a hand takes hold of in a task, by the names of parts. */
  private static Set<String> touched(Task task, Design design) {
    Set<String> touched = new HashSet<>(Set.of(task.piece()));
    task.shown()
        .filter(shown -> task.phase() == Phase.LAYER)
        .ifPresent(shown -> shown.lines().forEach(line -> touched.add(shown.piece() + "." + line)));
    for (Joint joint : design.joints()) {
      boolean isThis =
          task.phase() == Phase.ASSEMBLE
              && task.shown().filter(it -> it.lines().contains(joint.id())).isPresent();
      if (isThis) {
        touched.addAll(List.of(joint.piece(), joint.on()));
      }
    }
    return touched;
  }

  /**
   * A hand goes through the run by the clock. It waits where the run says so, and elsewhere takes
   * hold of what it is told to: never of anything wet, nor of anything that has not been cut.
   */
  @ParameterizedTest
  @MethodSource("ids")
  void run_neverTouchesWetPaper_andStampsBeforeItGlues(String id) {
    Random random = new Random(id.hashCode());
    for (School school : School.values()) {
      for (double share : new double[] {0.3, 1}) {
        Job plain = job(id);
        Design design = Jobs.derive(plain).made().orElseThrow().design();
        List<Treatment> treatments = all(design, random, share);
        Job job = plain.withOrder(plain.order().withTreatments(treatments).withCopies(2));
        Derivation derivation = Jobs.derive(job);
        Work work =
            Work.of(
                Work.Asked.of(
                    derivation.made().orElseThrow().design(), job, Jobs.plans(derivation), school));
        obey(work, design, treatments, id);
      }
    }
  }

  private static void obey(Work work, Design design, List<Treatment> treatments, String id) {
    Map<String, Double> dryAt = new HashMap<>();
    Set<String> handled = new HashSet<>();
    double clock = 0;
    double allDry = 0;
    int treated = 0;
    boolean isGlued = false;
    for (Task task : work.tasks()) {
      if (task.handles()) {
        clock = Math.max(clock, allDry);
      }
      assertFalse(isGlued && task.tooling().waits(), id + ": glue is waited for because of ink");
      for (String part : touched(task, design)) {
        assertTrue(
            dryAt.getOrDefault(part, 0.0) <= clock, id + ": wet " + part + " in " + task.id());
        if (task.phase() == Phase.TREAT) {
          assertFalse(handled.contains(part), id + ": " + part + " is stamped too late");
        } else if (task.phase() != Phase.CUT) {
          handled.add(part);
        }
      }
      clock += task.all();
      allDry = Math.max(allDry, clock + task.tooling().drying());
      if (task.phase() == Phase.TREAT) {
        treated++;
        dryAt.put(task.piece(), clock + task.tooling().drying());
      }
      isGlued |=
          (task.phase() == Phase.LAYER || task.phase() == Phase.ASSEMBLE)
              && task.tooling().drying() > 0;
      assertTrue(
          task.tooling().drying() == 0
              || task.phase() == Phase.TREAT
              || task.tooling().drying() == Adhesive.LIQUID.drying());
    }
    assertEquals(treatments.size(), treated, id);
  }

  private static List<Finding> found(Job job, Treatment treatment) {
    Job treated = job.withOrder(job.order().withTreatments(List.of(treatment)));
    return Jobs.derive(treated).folded(() -> false).findings().stream()
        .filter(
            each ->
                each.kind() == FindingKind.SHOWS_THROUGH
                    || each.kind() == FindingKind.INK_UNSEEN
                    || each.kind() == FindingKind.TREATMENT_LEFT_OUT)
        .toList();
  }

  /** Which ink goes through which paper is common practice, no source. */
  @Test
  void whatComesThrough_isFound_unlessALayerHidesIt() {
    Job gate = Jobs.gate();
    assertEquals(List.of(), found(gate, new Treatment(Kind.STAMP, "base", Face.OUTSIDE)));
    assertEquals(List.of(), found(gate, new Treatment(Kind.MARKER, "base", Face.OUTSIDE)));
    Paper thin = Paper.CARD.weighing(120);
    Job thinGate = gate.withPapers(Papers.USUAL.with(PaperRole.CARDSTOCK, thin));
    for (Kind kind : List.of(Kind.MARKER, Kind.WASH)) {
      List<Finding> found = found(thinGate, new Treatment(kind, "base", Face.OUTSIDE));
      assertEquals(FindingKind.SHOWS_THROUGH, found.get(0).kind());
      assertTrue(found.get(0).sentence().key().startsWith("treat.through-some-inside"));
    }
    // The gate has a layer behind its middle; a tent without layers has none anywhere.
    Job tent = job("slim-tent");
    Finding nowhere = found(tent, new Treatment(Kind.EMBOSS, "base", Face.INSIDE)).get(0);
    assertTrue(nowhere.sentence().key().startsWith("treat.through-"));
    assertEquals(
        List.of(),
        found(gate, new Treatment(Kind.EMBOSS, "base.right-front", Face.OUTSIDE)),
        "the back of a layer is glued down");
  }

  @Test
  void inkOnDarkPaper_andWhatIsNotThere_areFound() {
    Job gate = Jobs.gate();
    Papers dark =
        Papers.USUAL.looking(
            PaperRole.PATTERNED, new Papers.Colours(Tint.NIGHT, Tint.CREAM, Motif.PLAIN));
    Treatment stamp = new Treatment(Kind.STAMP, "base.right-front", Face.OUTSIDE);
    assertEquals(FindingKind.INK_UNSEEN, found(gate.withPapers(dark), stamp).get(0).kind());
    Treatment powder = new Treatment(Kind.POWDER, "base.right-front", Face.OUTSIDE);
    assertEquals(List.of(), found(gate.withPapers(dark), powder), "white powder is seen");
    assertEquals(List.of(), found(gate, stamp));
    Treatment gone = new Treatment(Kind.STAMP, "base.other", Face.OUTSIDE);
    assertEquals(FindingKind.TREATMENT_LEFT_OUT, found(gate, gone).get(0).kind());
  }

  /** A press mends it: what was found is not found again, and nothing else is changed. */
  @Test
  void cures_mendWhatWasFound() {
    Papers dark =
        Papers.USUAL
            .looking(PaperRole.PATTERNED, new Papers.Colours(Tint.NIGHT, Tint.CREAM, Motif.PLAIN))
            .with(PaperRole.CARDSTOCK, Paper.CARD.weighing(120));
    Treatment other = new Treatment(Kind.PASTE, "base.middle", Face.INSIDE);
    for (Treatment each :
        List.of(
            new Treatment(Kind.STAMP, "base.right-front", Face.OUTSIDE),
            new Treatment(Kind.MARKER, "base", Face.OUTSIDE),
            new Treatment(Kind.EMBOSS, "base", Face.OUTSIDE),
            new Treatment(Kind.STAMP, "lid", Face.OUTSIDE))) {
      Job job = Jobs.gate().withPapers(dark);
      Job treated = job.withOrder(job.order().withTreatments(List.of(each, other)));
      Finding found = found(job, each).get(0);
      Job cured = Jobs.derive(treated).cured(found.fix().orElseThrow(), "panel");
      assertTrue(cured.order().treatments().contains(other));
      Set<String> own = new HashSet<>(cured.values().settings().keySet());
      own.removeIf(key -> !key.startsWith("own"));
      assertEquals(treated.values(), cured.values().without(own));
      cured.order().treatments().forEach(now -> assertEquals(List.of(), found(cured, now)));
    }
  }
}
