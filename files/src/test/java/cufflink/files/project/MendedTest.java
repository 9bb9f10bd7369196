package cufflink.files.project;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.pattern.PatternLibrary;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A project whose values are damaged opens, and says what is not as it was. */
class MendedTest {
  private static final Pattern GATE =
      PatternLibrary.shipped().pattern("off-centre-gate").orElseThrow();
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static Mended opened(String before, String after) {
    String text = ProjectFormat.write(Jobs.gate());
    assertTrue(text.contains(before), text);
    return Mended.of(GATE, ProjectFormat.read("card", text.replace(before, after)).orElseThrow());
  }

  private static List<String> told(Mended mended) {
    return mended.told().stream().map(each -> each.say(FORMAT)).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"height\" : \"150 mm\"|\"height\" : \"\"|What the file says of “Finished height”",
        "\"height\" : \"150 mm\"|\"height\" : 3|What the file says of “Finished height”",
        "\"height\" : \"150 mm\"|\"height\" : \"left\"|What the file says of “Finished height”",
        "\"top\" : \"left\"|\"top\" : \"middle\"|What the file says of “Flap on top”",
        "\"top\" : \"left\"|\"top\" : \"12 mm\"|What the file says of “Flap on top”",
        "\"height\" : \"150 mm\",|   |The file says nothing of “Finished height”"
      })
  void damagedValue_isAsUsualAndTold(String before, String after, String begin) {
    Mended mended = opened(before, after == null ? "" : after);
    assertEquals(1, told(mended).size(), told(mended)::toString);
    assertTrue(told(mended).get(0).startsWith(begin), told(mended)::toString);
    assertTrue(Derivation.of(GATE, mended.job()).made().isPresent());
    assertEquals(Optional.of(Length.ofMillimetres(66)), mended.job().values().length("left"));
  }

  @Test
  void noValues_areAllTold() {
    Job job = Jobs.gate();
    Job empty = job.withValues(cufflink.core.value.Values.NONE);
    assertEquals(GATE.parameters().size(), Mended.of(GATE, empty).told().size());
  }

  @Test
  void wholeJob_isAsItIs() {
    assertEquals(new Mended(Jobs.gate(), List.of()), Mended.of(GATE, Jobs.gate()));
  }

  /** What the sizes were scaled from is kept with them. */
  @Test
  void scaledJob_comesBackWithWhereItBegan() {
    Job job = Jobs.gate();
    Job scaled = job.withScaled(job.values().and("width", Length.ofMillimetres(99)), job.values());
    assertEquals(scaled, ProjectFormat.read("card", ProjectFormat.write(scaled)).orElseThrow());
  }
}
