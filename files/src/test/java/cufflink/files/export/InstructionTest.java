package cufflink.files.export;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.make.School;
import cufflink.core.make.Work;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Pattern;
import cufflink.files.Jobs;
import cufflink.files.figure.Pictures;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is given to others is sound, whole, and told on two rulers that do not contradict. */
class InstructionTest {
  private static final java.util.regex.Pattern LINE =
      java.util.regex.Pattern.compile("(.+): ([^:]+); or (.+) (inches|millimetres)");

  private static final Path CHECKER = Path.of("target", "html-checker");

  @TempDir private Path folder;

  static Stream<String> ids() {
    return PatternLibrary.shipped().patterns().stream().map(Pattern::id);
  }

  private static Derivation derive(String id) {
    Pattern pattern = PatternLibrary.shipped().pattern(id).orElseThrow();
    return Jobs.derive(Jobs.job(id, pattern.normalValues()));
  }

  /** Checked by the validator of the HTML standard (Nu Html Checker 20.7.2), run by itself. */
  @Test
  void pages_areSoundHtml_thatNeedNothingBesides() throws Exception {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-Xss8m", "-cp", CHECKER.resolve("*").toString()));
    command.add("nu.validator.client.SimpleCommandLineValidator");
    for (String id : ids().toList()) {
      String page = InstructionHtml.write(derive(id), Pictures.NONE);
      assertFalse(page.contains("src="), "it needs another file");
      assertFalse(page.replace("http://www.w3.org/2000/svg", "").contains("://"));
      assertFalse(page.contains("NaN"));
      command.add(Files.writeString(folder.resolve(id + ".html"), page).toString());
    }
    Path strange = folder.resolve("strange.html");
    Files.writeString(strange, InstructionHtml.write(Jobs.derive(strange()), Pictures.NONE));
    command.add(strange.toString());
    List<String> complaints = complaints(command);
    assertEquals(List.of(), complaints);
    Files.writeString(strange, Files.readString(strange).replace("<h1>", "<h1><p>"));
    assertFalse(complaints(command).isEmpty(), "it finds nothing at all");
  }

  private static List<String> complaints(List<String> command) throws Exception {
    Process checker = new ProcessBuilder(command).redirectErrorStream(true).start();
    String said = new String(checker.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    int code = checker.waitFor();
    List<String> complaints =
        said.lines().filter(line -> !line.contains("Logging initialized")).toList();
    assertEquals(complaints.isEmpty() ? 0 : 1, code, said);
    return complaints;
  }

  private static Job strange() {
    Pattern tent = PatternLibrary.shipped().pattern("slim-tent").orElseThrow();
    return Jobs.job("slim-tent", tent.normalValues())
        .withRulers(Rulers.one(Marks.SIXTEENTHS))
        .withTitle("<script>alert(1)</script> & “so”\u0007");
  }

  /** Every size lies on a mark of its ruler, and is as large on both but for a few marks. */
  @ParameterizedTest
  @MethodSource("ids")
  void sizes_areOnBothRulers(String id) {
    Derivation derivation = derive(id);
    List<String> lines = SizesText.write(derivation).lines().skip(2).toList();
    for (Piece piece : derivation.made().orElseThrow().design().pieces()) {
      String size =
          Words.on(derivation.job().marks(), Fractions.TYPESET).size(piece.width(), piece.height());
      assertTrue(
          lines.stream().anyMatch(it -> it.contains(piece.label() + ": " + size)), piece.id());
    }
    int both = 0;
    for (String line : lines) {
      Matcher size = LINE.matcher(line);
      if (size.matches()) {
        List<Double> own = millimetres(size.group(2), Unit.MILLIMETRE);
        List<Double> other = millimetres(size.group(3), Unit.INCH);
        assertEquals(own.size(), other.size(), line);
        for (int i = 0; i < own.size(); i++) {
          assertEquals(own.get(i), other.get(i), 4 + 0.05 * own.get(i), line);
        }
        both++;
      }
    }
    assertTrue(both > 1, lines.toString());
  }

  private static List<Double> millimetres(String text, Unit unit) {
    return Stream.of(text.split("[×,]"))
        .map(String::strip)
        .map(each -> each.replaceAll("\\(.*\\)", "").strip())
        .map(each -> LengthParser.parse(each, unit).orElseThrow().toMillimetres())
        .toList();
  }

  /** Read back by the PDF library: every step stands there, in its order. */
  @Test
  void printed_saysEveryStep_andEverySize() throws IOException {
    Derivation derivation = Jobs.derive(Jobs.gate().withNotes("Foam only under the label."));
    byte[] bytes = InstructionPdf.write(derivation, JobSheet.Printer.LETTER, Pictures.NONE);
    String text;
    try (PDDocument document = Loader.loadPDF(bytes)) {
      text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
    Job job = derivation.job();
    var design = derivation.made().orElseThrow().design();
    int from = 0;
    for (var task : Work.of(Work.Asked.of(design, job, List.of(), School.BY_PIECE)).tasks()) {
      String words = task.words().say(Words.on(job.marks(), Fractions.TYPESET));
      String plain = words.replaceAll("\\s+", " ");
      int at = text.indexOf(plain.substring(0, Math.min(30, plain.length())), from);
      assertTrue(at >= from, plain);
      from = at;
    }
    assertTrue(text.contains("258 × 150"));
    assertTrue(text.contains("Foam only under the label."));
  }

  @Test
  void aJobInInches_isToldInMillimetresBesides_andStrangeWordsAreNoMarkup() {
    Derivation derivation = Jobs.derive(strange());
    assertTrue(SizesText.write(derivation).contains(" millimetres"));
    String page = InstructionHtml.write(derivation, Pictures.NONE);
    assertFalse(page.contains("<script"));
    assertTrue(page.contains("&lt;script&gt;alert(1)&lt;/script&gt; &amp; “so”"));
  }
}
