package cufflink.files.decor;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.decor.Topper;
import cufflink.core.design.Face;
import cufflink.core.finding.Finding;
import cufflink.core.finding.FindingKind;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.project.ProjectFormat;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a file says of toppers is kept, or the file is not opened; nothing goes missing quietly. */
class TopperFileTest {
  private static Length mm(long millimetres) {
    return Length.ofMillimetres(millimetres);
  }

  private static Topper topper(int number) {
    return new Topper(
        "own" + number,
        "badge " + number,
        "",
        Topper.Shape.CIRCLE,
        Topper.Stock.WHITE,
        "base",
        Face.OUTSIDE,
        Topper.Fixing.FLAT,
        new Topper.Start(mm(8), mm(8), mm(20 + number % 20), mm(20 + number / 20)));
  }

  private static Job job(int many) {
    List<Topper> toppers = IntStream.rangeClosed(1, many).mapToObj(TopperFileTest::topper).toList();
    Job job = Jobs.gate();
    return job.withOrder(job.order().withToppers(toppers));
  }

  private static Job read(String text) {
    return ProjectFormat.read("card", text).orElseThrow();
  }

  /** Five hundred are kept; forty are on the card, and one sentence says where the rest are. */
  @Test
  void moreThanACardTakes_areKept_andSaid() {
    Job job = job(500);
    Job back = read(ProjectFormat.write(job));
    assertEquals(job.order().toppers(), back.order().toppers());
    List<String> said =
        Jobs.derive(back).findings().stream()
            .filter(each -> each.kind() == FindingKind.TOPPER_LEFT_OUT)
            .map(Finding::sentence)
            .map(each -> each.say(Spoken.ENGLISH))
            .toList();
    assertEquals(1, said.size(), said::toString);
    assertTrue(said.get(0).startsWith("500 pieces of your own"), said::toString);
    assertTrue(said.get(0).contains("the last 460"), said::toString);
    assertEquals(
        40,
        Jobs.derive(back).made().orElseThrow().design().pieces().stream()
            .filter(each -> Topper.isId(each.id()))
            .count());
  }

  @Test
  void twoOfOneName_areBothKept() {
    String text = ProjectFormat.write(job(2)).replace("\"own2\"", "\"own1\"");
    List<Topper> toppers = read(text).order().toppers();
    assertEquals(
        List.of("own1 badge 1", "own2 badge 2"),
        toppers.stream().map(each -> each.id() + " " + each.label()).toList());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"shape\" : \"circle\"|\"shape\" : \"star\"|shape “star”",
        "\"stock\" : \"white\"|\"stock\" : 3|stock “3”",
        "\"face\" : \"outside\"|\"face\" : \"both\"|face “both”",
        "\"with\" : \"liquid\"|\"with\" : \"hope\"|with “hope”",
        "\"across\" : \"8 mm\"|\"across\" : \"wide\"|across “wide”",
        "\"across\" : \"8 mm\"|\"across\" : \"1201 mm\"|across “1201 mm”",
        "\"down\" : \"8 mm\"|\"down\" : \"9e9 mm\"|down “9e9 mm”",
        "\"down\" : \"8 mm\"|\"down\" : \"0 mm\"|down “0 mm”",
        "\"left\" : \"21 mm\"|\"left\" : \"-301 mm\"|left “-301 mm”",
        "\"top\" : \"20 mm\"|\"top\" : null|top “”",
      })
  void whatMakesNoSense_isNamedWithItsPlace(String before, String after, String named) {
    String text = ProjectFormat.write(job(1));
    assertTrue(text.contains(before), text);
    String said =
        ProjectFormat.read("card", text.replace(before, after)).problem().say(Spoken.ENGLISH);
    assertTrue(said.startsWith("card: piece 1 of your own has the " + named), said);
  }

  @Test
  void limits_areTheLastThatIsTaken() {
    String text =
        ProjectFormat.write(job(1))
            .replace("\"left\" : \"21 mm\"", "\"left\" : \"-300 mm\"")
            .replace("\"across\" : \"8 mm\"", "\"across\" : \"1200 mm\"");
    assertEquals(mm(1_200), read(text).order().toppers().get(0).start().across());
    assertThrows(
        IllegalArgumentException.class, () -> new Topper.Start(mm(0), mm(1), mm(1), mm(1)));
  }
}
