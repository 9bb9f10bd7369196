package cufflink.core.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.flat.FlatPattern;
import cufflink.core.inspect.FoldReport;
import cufflink.core.linkage.Stuck;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Tolerances;
import cufflink.core.paper.Materials;
import cufflink.core.words.Language;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Random vertices, judged by crimping and by the law of their angles and not by folding them. */
class VertexTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);
  private static final int VERTICES = 200;
  private static final double NARROWEST = 0.15;

  /** Straight lines within half a degree are left out: paper cannot tell them from a cross. */
  private static final double LEAST_BEND = Math.toRadians(0.5);

  private static FoldModel model(Design design) {
    FoldModel model = FoldModel.of(design, FlatPattern.of(design.base(), Tolerances.USUAL));
    model.prepare(() -> false);
    return model;
  }

  private static Vertices next(Random random, int creases) {
    Vertices vertex = Vertices.flatFoldable(random, creases, NARROWEST);
    double[] sectors = vertex.sectors();
    for (int i = 0; creases == 4 && i < 2; i++) {
      if (Math.abs(sectors[i] + sectors[i + 1] - Math.PI) < LEAST_BEND) {
        return next(random, creases);
      }
    }
    return vertex;
  }

  /** Signs that count right (Maekawa; Justin): two more of one kind than of the other. */
  private static int[] counted(Random random, int creases) {
    int[] signs = new int[creases];
    int minority = creases / 2 - 1;
    int kind = random.nextBoolean() ? 1 : -1;
    Arrays.fill(signs, kind);
    while (minority > 0) {
      int at = random.nextInt(creases);
      if (signs[at] == kind) {
        signs[at] = -kind;
        minority--;
      }
    }
    return signs;
  }

  private static boolean[] all(int creases) {
    boolean[] all = new boolean[creases];
    Arrays.fill(all, true);
    return all;
  }

  private static String told(Vertices vertex) {
    return Arrays.toString(Arrays.stream(vertex.sectors()).map(Math::toDegrees).toArray())
        + Arrays.toString(vertex.signs());
  }

  private static List<FlatFoldability.Fault> faults(Vertices vertex) {
    FlatPattern flat =
        FlatPattern.of(vertex.design(all(vertex.signs().length)).base(), Tolerances.USUAL);
    double[] closed =
        flat.creases().stream()
            .mapToDouble(crease -> Math.PI * crease.score().fold().sign())
            .toArray();
    return FlatFoldability.faults(flat, closed);
  }

  /** Whichever crease is led, or all at once: a sound vertex closes, each pose by the law. */
  @Test
  void fourCreases_assignedAsTheyCrimp_closeFromEveryCrease() {
    Random random = new Random(4_004);
    int sound = 0;
    for (int i = 0; i < VERTICES; i++) {
      Vertices vertex = next(random, 4).with(counted(random, 4));
      if (!vertex.crimps()) {
        continue;
      }
      sound++;
      assertEquals(List.of(), faults(vertex), told(vertex));
      for (int lead = -1; lead < 4; lead++) {
        boolean[] driven = lead < 0 ? all(4) : new boolean[4];
        if (lead >= 0) {
          driven[lead] = true;
        }
        FoldModel model = model(vertex.design(driven));
        String what = told(vertex) + " led by " + lead;
        assertTrue(model.stuck().isEmpty(), () -> what + model.stuck());
        assertTrue(model.closed().isPresent() && model.layering().lies(1), what);
        assertTrue(model.layering().stack(1).isPresent(), what);
        assertLaw(model, what);
      }
    }
    assertTrue(sound > VERTICES / 4, "only " + sound);
  }

  /**
   * Opposite creases turn alike, and the tangents of the half angles of neighbours keep their ratio
   * (D. Huffman 1976; T. Tachi 2009, from memory).
   */
  private static void assertLaw(FoldModel model, String what) {
    double ratio = Double.NaN;
    for (double moment : new double[] {0.3, 0.5, 0.7}) {
      double[] turns = turns(model, moment);
      assertEquals(Math.abs(turns[0]), Math.abs(turns[2]), 1e-4, what);
      assertEquals(Math.abs(turns[1]), Math.abs(turns[3]), 1e-4, what);
      double now = Math.tan(Math.abs(turns[0]) / 2) / Math.tan(Math.abs(turns[1]) / 2);
      assertEquals(Double.isNaN(ratio) ? now : ratio, now, 1e-2 * now, what + " at " + moment);
      ratio = now;
    }
  }

  /** Returns the angles in the order in which the creases go round. */
  private static double[] turns(FoldModel model, double moment) {
    double[] turns = new double[model.flat().creases().size()];
    for (int i = 0; i < turns.length; i++) {
      String id = model.flat().creases().get(i).score().id();
      turns[Integer.parseInt(id.substring(1))] = model.turns(moment)[i];
    }
    return turns;
  }

  /** What does not crimp is told by its vertex, and the cure that is told does crimp. */
  @ParameterizedTest
  @ValueSource(ints = {4, 6})
  void creasesAssignedWrongly_areToldWithACureThatWorks(int creases) {
    Random random = new Random(9_100 + creases);
    int wrong = 0;
    for (int i = 0; i < VERTICES; i++) {
      Vertices vertex = next(random, creases).with(counted(random, creases));
      List<FlatFoldability.Fault> faults = faults(vertex);
      assertEquals(vertex.crimps(), faults.isEmpty(), told(vertex));
      if (!faults.isEmpty()) {
        wrong++;
        assertEquals(FlatFoldability.Kind.WAY, faults.get(0).kind());
        assertFalse(faults.get(0).turned().isEmpty(), told(vertex));
        assertTrue(turned(vertex, faults.get(0).turned()).crimps(), told(vertex));
      }
    }
    assertTrue(wrong > VERTICES / 10, "only " + wrong);
  }

  private static Vertices turned(Vertices vertex, List<Integer> creases) {
    FlatPattern flat =
        FlatPattern.of(vertex.design(all(vertex.signs().length)).base(), Tolerances.USUAL);
    int[] signs = vertex.signs().clone();
    for (int crease : creases) {
      signs[Integer.parseInt(flat.creases().get(crease).score().id().substring(1))] *= -1;
    }
    return vertex.with(signs);
  }

  /**
   * What is wrong at a vertex is told once, by its place and its cure, and not as a stiff stage.
   */
  @Test
  void creasesAssignedWrongly_areOneFinding() {
    double turn = Math.PI / 180;
    double[] directions = {0, 40 * turn, 140 * turn, 280 * turn};
    Design wrong = new Vertices(directions, new int[] {1, 1, 1, -1}).design(all(4));
    List<String> said =
        FoldReport.of(wrong, model(wrong), Materials.USUAL, () -> false).findings().stream()
            .map(each -> each.sentence().say(FORMAT))
            .toList();
    assertEquals(1, said.size(), said::toString);
    assertTrue(
        said.get(0)
            .startsWith(
                "The folds that meet at 60 across and 60 down cannot all be closed so: the paper"
                    + " would have to pass through itself there. Fold “crease"),
        said::toString);
  }

  /** A count that is wrong is told, and so is a sum of angles, each with a cure that crimps. */
  @Test
  void creasesOfTheWrongCount_areToldWithACureThatWorks() {
    Random random = new Random(77);
    for (int i = 0; i < VERTICES / 4; i++) {
      Vertices vertex = next(random, 4).with(1, 1, -1, -1);
      FlatFoldability.Fault fault = faults(vertex).get(0);
      assertEquals(FlatFoldability.Kind.COUNT, fault.kind());
      assertTrue(turned(vertex, fault.turned()).crimps(), told(vertex));
    }
  }

  /** Six creases have ways round each other; of a few none is found, which is said as it is. */
  @Test
  void sixCreases_assignedAsTheyCrimp_close() {
    Random random = new Random(6_006);
    int sound = 0;
    int found = 0;
    for (int i = 0; i < VERTICES; i++) {
      Vertices vertex = next(random, 6).with(counted(random, 6));
      if (vertex.crimps()) {
        sound++;
        FoldModel model = model(vertex.design(all(6)));
        assertTrue(model.stuck().filter(Stuck::proved).isEmpty(), told(vertex));
        found += model.stuck().isEmpty() ? 1 : 0;
      }
    }
    assertTrue(sound > VERTICES / 10, "only " + sound);
    assertTrue(found > sound * 9 / 10, found + " of " + sound);
  }
}
