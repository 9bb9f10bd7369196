package cufflink.files.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Source of keys, signs and assignments: the FOLD format specification 1.2. */
class FoldFileTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final double NEAR = 1e-6;

  /** Degrees. */
  private static final double ANGLE = 1e-6;

  private static final String SQUARE =
      "{\"file_spec\":1.1,\"frame_unit\":\"cm\","
          + "\"vertices_coords\":[[0,0],[10,0],[10,10],[0,10],[5,0],[5,10]],"
          + "\"edges_vertices\":[[0,4],[4,1],[1,2],[2,5],[5,3],[3,0],[4,5]],"
          + "\"edges_assignment\":[\"B\",\"B\",\"B\",\"B\",\"B\",\"B\",\"M\"]}";

  @TempDir private Path folder;

  /** What is imported can be used; what cannot be used is refused, with the reason. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[[0,1],[1,0],[2,3]]|the edges marked B do not make one ring",
        "[[0,1],[1,3],[3,2],[2,0],[4,5]]|crosses itself"
      })
  void read_borderThatIsNone_isRefused(String edges, String part) {
    String kinds = edges.length() > 25 ? "\"B\",\"B\",\"B\",\"B\",\"M\"" : "\"B\",\"B\",\"M\"";
    String text =
        "{\"vertices_coords\":[[0,0],[10,10],[0,10],[10,0],[5,6],[5,9]],\"edges_vertices\":"
            + edges
            + ",\"edges_assignment\":["
            + kinds
            + "]}";
    String problem = FoldReader.read("bow.fold", text).problem().say(Spoken.ENGLISH);
    assertTrue(problem.contains(part), problem);
  }

  @Test
  void read_nameWithABackslash_isUsable() {
    String pattern = FoldReader.read("a\\b\"c.fold", SQUARE).orElseThrow();
    assertEquals(List.of(), PatternFile.read("x", pattern).mistakes());
  }

  private static Derivation normal(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues()));
  }

  private static String fold(String id) {
    return FoldWriter.write(normal(id).made().orElseThrow().card().whole(), id);
  }

  @Test
  void write_gate_hasTheKeysAndSignsOfTheFormat() throws IOException {
    JsonNode file = MAPPER.readTree(fold("off-centre-gate"));
    assertEquals(1.2, file.path("file_spec").asDouble());
    assertEquals("creasePattern", file.path("frame_classes").get(0).asText());
    assertEquals(3, file.path("faces_vertices").size());
    long valleys = 0;
    for (int i = 0; i < file.path("edges_assignment").size(); i++) {
      if (file.path("edges_assignment").get(i).asText().equals("V")) {
        valleys++;
        assertEquals(180, file.path("edges_foldAngle").get(i).asDouble(), NEAR);
      }
    }
    assertEquals(2, valleys);
    JsonNode closed = file.path("file_frames").get(1);
    assertEquals("foldedForm", closed.path("frame_classes").get(0).asText());
    // Two flaps over a middle, one of them over the other: three orders.
    assertEquals(3, closed.path("faceOrders").size());
  }

  /** What we write we read: the same sheet with the same folds and slits, slits as cuts. */
  @Test
  void ownFiles_areReadBack() throws IOException {
    int slits = 0;
    for (Pattern pattern : PatternLibrary.shipped().patterns()) {
      String text = fold(pattern.id());
      Parsed<String> read = FoldReader.read(pattern.id() + ".fold", text);
      assertEquals("", read.problem().say(Spoken.ENGLISH), pattern.id());
      Design after = design(text);
      FoldModel whole = normal(pattern.id()).made().orElseThrow().card().whole();
      List<Piece> before =
          whole.assembly().members().stream().map(each -> each.flat().piece()).toList();
      assertEquals(before.size(), after.pieces().size(), pattern.id());
      for (int i = 0; i < before.size(); i++) {
        assertSame(before.get(i), after.pieces().get(i));
      }
      List<String> kinds = new ArrayList<>();
      MAPPER.readTree(text).path("edges_assignment").forEach(each -> kinds.add(each.asText()));
      boolean cut =
          before.stream().anyMatch(each -> !each.slits().isEmpty() || hasHole(each.openings()));
      assertEquals(cut, kinds.contains("C"), pattern.id());
      boolean bands =
          before.stream().flatMap(each -> each.scores().stream()).anyMatch(each -> !each.folds());
      assertEquals(bands, kinds.contains("F"), pattern.id());
      slits += kinds.contains("C") ? 1 : 0;
    }
    assertTrue(slits >= 3, "only " + slits);
  }

  private static boolean hasHole(List<Opening> openings) {
    return openings.stream()
        .anyMatch(each -> each.kind() != Opening.Kind.NOTCH || !each.across().isEmpty());
  }

  /** Each fold is as long in all as before, whatever parts it came in. */
  private static void assertSame(Piece before, Piece after) {
    assertEquals(before.width().toMillimetres(), after.width().toMillimetres(), 0.01);
    assertEquals(before.height().toMillimetres(), after.height().toMillimetres(), 0.01);
    double out = before.openings().isEmpty() ? 0.1 : before.width().toMillimetres();
    assertEquals(folded(before), folded(after), out, before.id());
  }

  private static double folded(Piece piece) {
    return piece.scores().stream()
        .filter(Score::folds)
        .mapToDouble(score -> Spot.from(score.line().from()).distance(Spot.from(score.line().to())))
        .sum();
  }

  /** A slit parts the paper: its two sides are different vertices, which fold apart. */
  @Test
  void write_slits_haveVerticesOnBothSides() throws IOException {
    JsonNode file = MAPPER.readTree(fold("centre-step"));
    int vertices = file.path("vertices_coords").size();
    List<String> places = new ArrayList<>();
    file.path("vertices_coords").forEach(each -> places.add(each.toString()));
    assertTrue(vertices > places.stream().distinct().count());
  }

  @Test
  void write_isReadByTheReferenceLibrary() throws Exception {
    assumeTrue(runs("node", "--version"), "Node.js is not installed here");
    Path modules = Path.of("target", "fold-reference").toAbsolutePath();
    Files.createDirectories(modules);
    boolean there = Files.exists(modules.resolve("node_modules/fold/package.json"));
    assumeTrue(
        there
            || runs(
                "npm",
                "install",
                "--no-audit",
                "--no-fund",
                "--prefix",
                modules.toString(),
                "fold@0.12.0"),
        "the reference library cannot be had from the npm registry here");
    List<String> command = new ArrayList<>(List.of("node", script(modules).toString()));
    List<String> ids = PatternLibrary.shipped().patterns().stream().map(Pattern::id).toList();
    for (String id : ids) {
      Path file = folder.resolve(id + ".fold");
      Files.writeString(file, fold(id));
      command.add(file.toString());
    }
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertEquals(0, process.waitFor(), said);
    List<String> lines = said.lines().toList();
    assertEquals(ids.size(), lines.size(), said);
    for (int i = 0; i < ids.size(); i++) {
      String[] numbers = lines.get(i).split(" ");
      FoldModel model = normal(ids.get(i)).made().orElseThrow().card().whole();
      assertTrue(
          model.assembly().facets().size() <= Integer.parseInt(numbers[0]),
          ids.get(i) + numbers[0]);
      assertEquals(model.stages().size(), Integer.parseInt(numbers[2]), ids.get(i));
      // Places rounded to an eighth of a micrometre meet again to a few micrometres when folded.
      assertEquals(0, Double.parseDouble(numbers[3]), 0.01, ids.get(i));
      assertEquals(0, Double.parseDouble(numbers[4]), ANGLE, ids.get(i));
    }
  }

  private static Path script(Path modules) throws IOException {
    Path script = modules.resolve("read.js");
    try (var in = FoldFileTest.class.getResourceAsStream("/cufflink/files/fold/read.js")) {
      Files.write(script, in.readAllBytes());
    }
    return script;
  }

  private static boolean runs(String... command) {
    try {
      Process process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .start();
      return process.waitFor(2, TimeUnit.MINUTES) && process.exitValue() == 0;
    } catch (IOException missing) {
      return false;
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  private static Design design(String fold) {
    String pattern = FoldReader.read("imported.fold", fold).orElseThrow();
    PatternFile file = PatternFile.read("imported.yaml", pattern);
    assertEquals(List.of(), file.mistakes(), pattern);
    Pattern made = file.pattern().orElseThrow();
    return PatternEvaluator.evaluate(made, made.normalValues()).design().orElseThrow();
  }

  @Test
  void read_squareWithOneFold_isAPatternOfItsSize() {
    Design design = design(SQUARE);
    assertEquals(100, design.base().width().toMillimetres(), NEAR);
    assertEquals(1, design.base().scores().size());
    assertEquals(50, design.base().scores().get(0).line().from().x().toMillimetres(), NEAR);
    assertEquals(-1, design.base().scores().get(0).fold().sign());
  }

  @Test
  void read_whatWasWritten_hasTheSameFoldsAndFoldsFlat() {
    for (String id : List.of("off-centre-gate", "stepped-accordion", "squash-card")) {
      Derivation before = normal(id);
      var flat = before.made().orElseThrow().card().flat();
      Design after = design(fold(id));
      assertEquals(flat.creases().size(), after.base().scores().size(), id);
      var again =
          cufflink.core.flat.FlatPattern.of(after.base(), cufflink.core.measure.Tolerances.USUAL);
      assertEquals(flat.facets().size(), again.facets().size(), id);
      assertTrue(cufflink.core.card.FoldModel.of(after, again).closed().isPresent(), id);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "[1, 2]|x.fold is no FOLD file",
        "{\"vertices_coords\": [[0,|x.fold breaks off or is damaged at line 1",
        "{}|x.fold: “vertices_coords” with at least three places is missing",
        "{\"vertices_coords\":[[0,0],[1,0],[\"a\",1]]}|x.fold: vertex 2 has no two finite numbers",
        "{\"vertices_coords\":[[0,0],[1,0],[2,0]]}|x.fold: all vertices lie on one line",
        "{\"vertices_coords\":[[0,0],[1,0],[1,1]]}|x.fold: “edges_vertices” and",
        "{\"vertices_coords\":[[0,0],[1,0],[1,1]],\"edges_vertices\":[[0,9]],"
            + "\"edges_assignment\":[\"B\"]}|x.fold: edge 0 names a vertex that is not there",
        "{\"vertices_coords\":[[0,0],[1,0],[1,1]],\"edges_vertices\":[[0,1]],"
            + "\"edges_assignment\":[\"Q\"]}|x.fold: “Q” of edge 0 is none of",
        "{\"vertices_coords\":[[0,0],[1,0],[1,1]],\"edges_vertices\":[[0,1]],"
            + "\"edges_assignment\":[\"V\"]}|x.fold: the edges marked B do not make one ring"
      })
  void read_badFile_isOneSentence(String text, String sentence) {
    Parsed<String> read = FoldReader.read("x.fold", text);
    assertTrue(read.value().isEmpty());
    assertTrue(
        read.problem().say(Spoken.ENGLISH).startsWith(sentence),
        read.problem().say(Spoken.ENGLISH));
    assertTrue(
        read.problem().say(Spoken.ENGLISH).endsWith("."), read.problem().say(Spoken.ENGLISH));
  }

  @Test
  void read_tenThousandLines_isRefusedAtOnce() {
    StringBuilder ends = new StringBuilder("[0,1]");
    StringBuilder kinds = new StringBuilder("\"M\"");
    for (int i = 0; i < 10_000; i++) {
      ends.append(",[0,1]");
      kinds.append(",\"M\"");
    }
    String text =
        "{\"vertices_coords\":[[0,0],[1,0],[1,1]],\"edges_vertices\":["
            + ends
            + "],\"edges_assignment\":["
            + kinds
            + "]}";
    assertEquals(
        "x.fold: it has 10001 lines, and 4000 is the most; choose a smaller pattern.",
        FoldReader.read("x.fold", text).problem().say(Spoken.ENGLISH));
  }
}
