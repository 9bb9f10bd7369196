package cufflink.files.export;

import cufflink.core.cut.CutWork;
import cufflink.core.cut.Part;
import cufflink.core.design.Design;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.run.PlanWords;
import cufflink.files.text.Printable;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes the cut list as CSV (RFC 4180), one line for each size of part. */
public final class CutCsv {
  private static final String END = "\r\n";

  private CutCsv() {}

  /**
   * Writes a cut list.
   *
   * @param design the card, for its ribbons
   * @param plans how each paper is cut
   * @param job how many cards, on which marks
   * @param format how lengths are written for reading
   * @return the CSV text; millimetres exact, beside them what the maker reads
   */
  public static String write(Design design, List<PaperPlan> plans, Job job, LengthFormat format) {
    StringBuilder text = new StringBuilder();
    line(
        text,
        Stream.of(
                "csv.paper", "csv.part", "csv.count", "csv.width-mm", "csv.height-mm", "csv.reads")
            .map(Words::say));
    for (PaperPlan plan : plans) {
      for (Part part : plan.question().parts()) {
        line(
            text,
            Stream.of(
                Words.say(plan.isTrial() ? "csv.trial" : "csv.name", PlanWords.paper(plan.paper())),
                part.label(),
                Integer.toString(part.count()),
                number(part.width()),
                number(part.height()),
                plan.format(format, job.rulers()).size(part.width(), part.height())));
      }
    }
    for (Map.Entry<String, Length> ribbon :
        CutWork.ribbons(design, job.order().copies()).entrySet()) {
      line(
          text,
          Stream.of(
              Words.say("paper.ribbon"),
              ribbon.getKey(),
              "1",
              number(ribbon.getValue()),
              "",
              format.format(ribbon.getValue())));
    }
    return text.toString();
  }

  private static String number(Length length) {
    return length.toExactMillimetres().stripTrailingZeros().toPlainString();
  }

  private static void line(StringBuilder text, Stream<String> fields) {
    text.append(fields.map(CutCsv::field).collect(Collectors.joining(","))).append(END);
  }

  /** Quotes what holds a separator; a text that a spreadsheet would reckon is kept a text. */
  static String field(String text) {
    String line = Printable.line(text);
    String safe = line.matches("[=+@\\-].*") && !line.matches("-?[0-9.]+") ? "'" + line : line;
    return safe.matches(".*[\",].*") ? '"' + safe.replace("\"", "\"\"") + '"' : safe;
  }
}
