package cufflink.files.command;

import static cufflink.files.command.BadInputException.orBad;

import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.files.figure.PictureShelf;
import cufflink.files.figure.PrintedSheet;
import cufflink.files.figure.ShippedSheet;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.UserFolders;
import cufflink.files.size.StandardSizes;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Option;

/** What the papers look like, and from where on their sheets parts are cut. */
final class PictureOptions {
  private static final String PICTURE = "--picture";
  private static final String FROM = "--cut-from";
  private static final Pattern SHOWN =
      Pattern.compile("(?<paper>[^=]+)=(?<file>.+?)(?: wide (?<wide>[^/\\\\]+))?");
  private static final Pattern PLACED =
      Pattern.compile(
          "(?<part>[^=]+)=(?<left>[^x×]+)[x×](?<top>.+?)(?: turned(?: by)? (?<turned>[0-3])(?: quarters?)?)?");

  @Option(names = PICTURE, paramLabel = "PAPER=FILE")
  private List<String> pictures = new ArrayList<>();

  @Option(names = FROM, paramLabel = "PART=LEFTxTOP")
  private List<String> placed = new ArrayList<>();

  /** Returns the job of a card with its papers as they look. */
  Job apply(Job job, Design design, Look look) {
    if (pictures.isEmpty() && placed.isEmpty()) {
      return job;
    }
    Marks ruler = job.marks();
    Job pictured = job;
    for (String each : pictures) {
      pictured = pictured(pictured, design, look, each.strip());
    }
    Papers papers = pictured.papers();
    Map<String, Cutout> parts = Cutout.all(design, papers);
    for (String each : placed) {
      papers = placed(papers, parts, each.strip(), ruler);
    }
    return pictured.withPapers(papers);
  }

  private static Job pictured(Job job, Design design, Look look, String written) {
    Matcher found = matching(SHOWN, written, "command.picture", PICTURE);
    PaperRole role = CutOptions.role(design.roles(), written, found.group("paper").strip());
    PictureShelf shelf =
        new PictureShelf(UserFolders.current(), new AtomicFile(AtomicFile.Disk.REAL));
    Sheet usual = StandardSizes.usualSheet(job.marks());
    Path file = Path.of(found.group("file").strip());
    Optional<ShippedSheet> shipped = ShippedSheet.labelled(file.toString());
    Optional<PrintedSheet> printed =
        PrintedSheet.labelled(file.toString())
            .map(
                motif ->
                    new PrintedSheet(motif, look.colours(role).ground(), look.colours(role).ink()));
    Picture picture =
        shipped
            .map(sheet -> sheet.picture(job.marks()))
            .or(() -> printed.map(sheet -> sheet.picture(job.marks())))
            .orElseGet(() -> orBad(PICTURE, shelf.take(file, PaperPlan.sheet(job, role, usual))));
    String wide = found.group("wide");
    if (wide != null) {
      Length asked = orBad(PICTURE, LengthParser.parse(wide, job.marks().unit()));
      picture = picture.wide(asked);
      if (!picture.wide().equals(asked)) {
        throw BadInputException.of(
            "command.picture-wide", PICTURE, wide, Picture.SMALLEST, Picture.LARGEST);
      }
    }
    Job pictured = PaperPlan.looking(job, role, look.colours(role).as(picture), usual);
    Papers papers = pictured.papers();
    return shipped
        .map(ShippedSheet::print)
        .or(() -> printed.map(PrintedSheet::print))
        .map(print -> papers.with(role, papers.of(role).withPrint(print)))
        .map(pictured::withPapers)
        .orElse(pictured);
  }

  private static Papers placed(
      Papers papers, Map<String, Cutout> parts, String written, Marks ruler) {
    Matcher found = matching(PLACED, written, "command.cut-from", FROM);
    Optional<Cutout> part = Optional.ofNullable(parts.get(found.group("part").strip()));
    if (part.isEmpty()) {
      throw BadInputException.of(
          "command.cut-from-part", FROM, written, String.join(", ", parts.keySet()));
    }
    String turned = found.group("turned");
    Picture.Spot asked =
        new Picture.Spot(
            orBad(FROM, LengthParser.parse(found.group("left").strip(), ruler.unit())),
            orBad(FROM, LengthParser.parse(found.group("top").strip(), ruler.unit())),
            turned == null ? 0 : Integer.parseInt(turned));
    if (!part.get().within(asked).equals(asked)) {
      Picture.Spot most = part.get().within(asked.at(Picture.LARGEST, Picture.LARGEST));
      throw BadInputException.of("command.cut-from-past", FROM, written, most.left(), most.top());
    }
    return papers.cutting(part.get().part(), Optional.of(asked));
  }

  private static Matcher matching(Pattern pattern, String written, String key, String option) {
    Matcher found = pattern.matcher(written);
    if (!found.matches()) {
      throw BadInputException.of(key, option, written);
    }
    return found;
  }
}
