package cufflink.files.glue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.ProjectFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A face that was chosen wrongly is swapped for the whole job, and back. */
class SwappedTest {
  static Stream<Pattern> patterns() {
    return PatternLibrary.shipped().patterns().stream();
  }

  private static Job swapped(Job job, String id) {
    GluingOrder.Own own = job.order().own().swapping(List.of(id));
    return job.withOrder(job.order().withOwn(own));
  }

  private static Design design(Job job) {
    return Jobs.derive(job).made().orElseThrow().design();
  }

  private static Layer layer(Design design, String id) {
    return design.layers().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  /** Paper by paper on every construction: it lies where it lay, on the other face. */
  @ParameterizedTest
  @MethodSource("patterns")
  void layer_liesInTheSamePlaceOfTheOtherFace(Pattern pattern) {
    Job job = Jobs.job(pattern.id(), pattern.normalValues());
    Design before = design(job);
    for (Layer each : before.layers()) {
      Job other = swapped(job, each.id());
      Layer now = layer(design(other), each.id());
      assertNotEquals(each.face(), now.face());
      assertEquals(each.outline(), now.outline());
      assertEquals(List.of(), GluingOrder.ring(design(other)), each.id());
      assertEquals(before, design(swapped(other, each.id())));
    }
  }

  /** Both papers of a flap on one face: the one beneath is found to be covered. */
  @Test
  void layer_onAnother_isFound() {
    Job job =
        Jobs.job(
            "slotted-pair",
            PatternLibrary.shipped().pattern("slotted-pair").orElseThrow().normalValues());
    List<Finding> findings = Jobs.derive(swapped(job, "cover-1")).findings();
    assertTrue(
        findings.stream().anyMatch(each -> each.kind() == FindingKind.NOT_SEEN),
        findings.toString());
  }

  /** The steps follow: what lies on the outside now is put on with the outside up. */
  @Test
  void steps_followTheFace() {
    Job job = Jobs.gate();
    Derivation plain = Jobs.derive(job);
    String id = plain.made().orElseThrow().design().layers().get(0).id();
    Job other = swapped(job, id);
    GluingOrder order = GluingOrder.of(design(other), other.order().wish());
    Face now = layer(design(other), id).face();
    assertTrue(
        order.steps().stream()
            .filter(step -> step.act().layers().stream().anyMatch(it -> it.id().equals(id)))
            .allMatch(step -> step.act().face() == now));
  }

  @Test
  void file_keepsWhatIsSwapped() {
    Job job = swapped(Jobs.gate(), "left");
    Job again = ProjectFormat.read("gate", ProjectFormat.write(job)).value().orElseThrow();
    assertEquals(job.order(), again.order());
  }
}
