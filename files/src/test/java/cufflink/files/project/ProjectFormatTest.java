package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Face;
import cufflink.core.fit.Goal;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Tint;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.files.Spoken;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.size.StandardSizes;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProjectFormatTest {

  @Test
  void read_givesBackWhatWasWritten() {
    for (Job job : List.of(job(new Goal.Free()), sheet(), envelope(), finished(), supplied())) {
      assertEquals(job, ProjectFormat.read("x", ProjectFormat.write(job)).orElseThrow());
    }
  }

  /** Every format there has been still opens, and is written again as the present one. */
  @Test
  void read_eachOlderFormat_opensWithAllThatIsInIt() throws IOException {
    Job job = kept("version-1.cufflink");
    assertEquals("", job.id());
    assertEquals(Edition.atHand("off-centre-gate"), job.edition());
    assertEquals(Optional.of(Length.ofUnits(123_457)), job.values().length("left"));
    assertEquals(Set.of("left"), job.pinned());
    assertEquals(24, job.order().copies());
    assertEquals("gift-card", job.item().orElseThrow().id());
    assertEquals(
        Optional.of(Length.ofMillimetres(110)), job.scaledFrom().orElseThrow().length("width"));
    assertEquals(Length.ofInches(3, 16), ((Goal.ForEnvelope) job.goal()).clearance());
    assertEquals(job, ProjectFormat.read("again", ProjectFormat.write(job)).orElseThrow());
  }

  /** The second format had two papers and their sheets, and called cardstock “card”. */
  @Test
  void read_theSecondFormat_keepsItsPapersAndSheets() throws IOException {
    Job job = kept("version-2.cufflink");
    assertEquals("tide blue", job.papers().of(PaperRole.CARDSTOCK).name());
    assertEquals(Paper.Print.UPRIGHT, job.papers().of(PaperRole.PATTERNED).print());
    assertEquals("a4", job.cutting().sheet(PaperRole.CARDSTOCK).orElseThrow().id());
    assertEquals(Optional.empty(), job.cutting().sheet(PaperRole.PATTERNED));
    assertEquals(Length.ofMillimetres(310), job.cutting().trimmer().longestCut());
    assertEquals(job, ProjectFormat.read("again", ProjectFormat.write(job)).orElseThrow());
  }

  private static Job kept(String name) throws IOException {
    try (InputStream in = ProjectFormatTest.class.getResourceAsStream(name)) {
      return ProjectFormat.read(name, new String(in.readAllBytes(), StandardCharsets.UTF_8))
          .orElseThrow();
    }
  }

  @Test
  void demonstration_showsEveryConstructionAndWorks() {
    PatternLibrary library = PatternLibrary.shipped();
    Set<String> shown = DemoProjects.all().stream().map(Job::patternId).collect(Collectors.toSet());
    Set<String> all = library.patterns().stream().map(Pattern::id).collect(Collectors.toSet());
    assertEquals(all, shown);
    assertEquals(all.size(), DemoProjects.all().size());
    for (Job job : DemoProjects.all()) {
      Pattern pattern = library.pattern(job.patternId()).orElseThrow();
      assertTrue(PatternEvaluator.evaluate(pattern, job.values()).works(), job.title());
    }
  }

  @Test
  void write_andTheDemonstration_haveTheShapeOfTheShippedSchema() throws IOException {
    JsonSchema schema;
    try (InputStream in =
        ProjectFormatTest.class.getResourceAsStream("/cufflink/files/schema/project.schema.json")) {
      schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(in);
    }
    List<Job> jobs = new ArrayList<>(DemoProjects.all());
    jobs.addAll(List.of(job(new Goal.Free()), sheet(), envelope(), finished(), supplied()));
    for (Job job : jobs) {
      JsonNode node = new ObjectMapper().readTree(ProjectFormat.write(job));
      assertEquals(Set.of(), schema.validate(node), job.title());
    }
  }

  @Test
  void read_truncatedAnywhere_isOneSentenceAndNeverAnException() {
    String text = ProjectFormat.write(sheet());
    for (int end = 0; end < text.length() - 2; end++) {
      Parsed<Job> job = ProjectFormat.read("card.cufflink", text.substring(0, end));
      assertTrue(job.value().isEmpty());
      assertTrue(
          job.problem().say(Spoken.ENGLISH).startsWith("card.cufflink"),
          job.problem().say(Spoken.ENGLISH));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "cufflink-project/3|cufflink-project/4|x: the file has version 4, and this Cufflink reads up"
            + " to version 3; get a newer Cufflink to open it.",
        "cufflink-project/3|other/1|x: the file does not begin with “format: cufflink-project/3”;"
            + " choose a Cufflink project.",
        "\"title\"|\"titel\"|x: “title” is missing; open the previous version of the file.",
        "\"sheet\"|\"tray\"|x: “tray” is not a way of sizing; open the previous version of the file.",
        "297 mm|0 mm|x: the height is nought; open the previous version of the file.",
        "105 mm|105 km|x: “105 km” is in “km”, which is not in, cm or mm; use one of these.",
        "\"105 mm\"|null|x: the value “width” is neither a length, a count nor a choice; open the"
            + " previous version of the file.",
        "\"1mm\"|\"3mm\"|x: “3mm” are not the marks of a ruler here; choose 1/32in, 1/16in, 1/8in,"
            + " 0.5mm, 1mm, 2.5mm or 5mm."
      })
  void read_badContents_areOneSentence(String part, String bad, String sentence) {
    String text = ProjectFormat.write(sheet());
    assertTrue(text.contains(part), part);
    assertEquals(
        sentence, ProjectFormat.read("x", text.replace(part, bad)).problem().say(Spoken.ENGLISH));
  }

  @Test
  void read_otherJson_isRefused() {
    assertTrue(
        ProjectFormat.read("x", "[1, 2]")
            .problem()
            .say(Spoken.ENGLISH)
            .contains("damaged at line 1"));
    assertTrue(ProjectFormat.read("x", "[".repeat(100_000)).value().isEmpty());
    assertTrue(
        ProjectFormat.read("x", "{}")
            .problem()
            .say(Spoken.ENGLISH)
            .contains("choose a Cufflink project"));
  }

  private static Job supplied() {
    Papers papers =
        new Papers(
                new Paper("fossil card", 300, 1.31, true, Paper.Print.SIDEWAYS, Paper.Grain.SHORT),
                Paper.PATTERNED.ofCaliper(Length.ofUnits(1_300)))
            .looking(
                PaperRole.PATTERNED,
                new Papers.Colours(Tint.REED, Tint.NIGHT, Motif.WAVES)
                    .as(
                        new Picture(
                            "0123456789abcdef.jpg",
                            "sprigs.jpg",
                            Length.ofInches(12, 1),
                            Length.ofMillimetres(297),
                            0x8899AA)))
            .cutting(
                "base.front",
                Optional.of(new Picture.Spot(Length.ofMillimetres(40), Length.ofUnits(25_401), 3)));
    return job(new Goal.Free())
        .withPapers(papers)
        .withItem(StandardSizes.item("gift-card"))
        .withPinToggled("left")
        .withOrder(
            new Order(24, true, Set.of("belly-band", "envelope"), true, 18)
                .withOwn(
                    GluingOrder.Own.NONE
                        .inOrder(List.of("base inside", "pocket"))
                        .with("pocket", Optional.of(Adhesive.DOTS))
                        .placed(true))
                .withTreatments(
                    List.of(
                        new Treatment(Treatment.Kind.STAMP, "base", Face.INSIDE),
                        new Treatment(Treatment.Kind.PASTE, "base.front", Face.OUTSIDE))));
  }

  private static Job sheet() {
    return job(new Goal.FromSheet(StandardSizes.sheet("a4").orElseThrow(), 2, 6));
  }

  private static Job envelope() {
    return job(
        new Goal.ForEnvelope(StandardSizes.envelope("dl").orElseThrow(), Length.ofInches(3, 16)));
  }

  private static Job finished() {
    return job(new Goal.Finished(Length.ofInches(7, 3 + 1), Length.ofMillimetres(90)));
  }

  private static Job job(Goal goal) {
    return Job.begun(
            "Tidal “¾” 🚲 card",
            new Edition("off-centre-gate", "format: cufflink-pattern/1"),
            Values.NONE
                .and("width", Length.ofMillimetres(105))
                .and("left", Length.ofUnits(123_457))
                .and("count", new Setting.OfCount(4))
                .and("top", new Setting.OfChoice("left")),
            new Tools(Marks.MILLIMETRES, new ScoringHabit(false, Marks.EIGHTHS, Hand.RIGHT)))
        .withId("lasting")
        .withNotes("two\nlines")
        .withGoal(goal)
        .withProportionsKept(false);
  }
}
