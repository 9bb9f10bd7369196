package cufflink.files.fuzz;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Pattern;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import cufflink.files.Spoken;
import cufflink.files.fold.FoldReader;
import cufflink.files.fold.FoldWriter;
import cufflink.files.pattern.PatternFile;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.Drafts;
import cufflink.files.project.DrawerStore;
import cufflink.files.project.ProjectFormat;
import cufflink.files.project.Settings;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Whatever stands in a file, it is read or refused in one sentence. */
class FileProperties {
  private static final Duration NEVER = Duration.ofMinutes(1);
  private static final PatternLibrary LIBRARY = PatternLibrary.shipped();

  @Provide
  Arbitrary<List<Damage>> damages() {
    return Damage.some();
  }

  @Provide
  Arbitrary<Job> projects() {
    return Arbitraries.of(DemoProjects.all());
  }

  @Provide
  Arbitrary<Pattern> patterns() {
    return Arbitraries.of(LIBRARY.patterns());
  }

  @Property(seed = "31")
  void project(@ForAll("projects") Job job, @ForAll("damages") List<Damage> damages) {
    String text = Damage.done(ProjectFormat.write(job), damages);
    assertTimeoutPreemptively(NEVER, () -> open(ProjectFormat.read("card.cufflink", text)));
  }

  private static void open(Parsed<Job> read) {
    read.value()
        .flatMap(job -> LIBRARY.pattern(job).map(pattern -> Mended.of(pattern, job)))
        .ifPresent(
            mended -> {
              Pattern pattern = LIBRARY.pattern(mended.job()).orElseThrow();
              LengthFormat format =
                  LengthFormat.of(mended.job().marks(), Fractions.TYPESET, Language.ENGLISH);
              mended.told().forEach(each -> each.say(format));
              Derivation.of(pattern, mended.job())
                  .findings()
                  .forEach(each -> each.sentence().say(format));
            });
    assertFalse(read.value().isEmpty() && read.problem().say(Spoken.ENGLISH).isBlank());
  }

  @Property(seed = "32")
  void pattern(@ForAll("patterns") Pattern pattern, @ForAll("damages") List<Damage> damages) {
    String text = Damage.done(shipped(pattern.id()), damages);
    assertTimeoutPreemptively(NEVER, () -> use(PatternFile.read("trial.yaml", text)));
  }

  private static void use(PatternFile file) {
    assertFalse(file.pattern().isEmpty() && file.problem().say(Spoken.ENGLISH).isBlank());
    file.pattern().ifPresent(FileProperties::derive);
  }

  private static void derive(Pattern pattern) {
    Job job = Jobs.job(pattern.id(), pattern.normalValues());
    LengthFormat format = LengthFormat.of(Marks.SIXTEENTHS, Fractions.PLAIN, Language.ENGLISH);
    Derivation.of(pattern, job).findings().forEach(each -> each.sentence().say(format));
  }

  private static String shipped(String id) {
    String name = "/cufflink/files/patterns/" + id + ".yaml";
    try (InputStream in = FileProperties.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }

  @Property(seed = "33")
  void foldFile(@ForAll("patterns") Pattern pattern, @ForAll("damages") List<Damage> damages) {
    Derivation derivation = Derivation.of(pattern, Jobs.job(pattern.id(), pattern.normalValues()));
    String whole = FoldWriter.write(derivation.made().orElseThrow().card().whole(), pattern.name());
    String text = Damage.done(whole, damages);
    assertTimeoutPreemptively(
        NEVER,
        () ->
            FoldReader.read("trial.fold", text)
                .value()
                .map(read -> PatternFile.read("trial.yaml", read))
                .ifPresent(file -> derive(file.pattern().orElseThrow())));
  }

  @Property(seed = "34")
  void whatWeKeepOurselves(@ForAll("projects") Job job, @ForAll("damages") List<Damage> damages)
      throws IOException {
    Path folder = Files.createTempDirectory("cufflink-fuzz");
    AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
    Path settings = folder.resolve("settings.properties");
    Settings.NEW.using(folder.resolve("card.cufflink")).write(settings, writer);
    damage(settings, damages);
    Settings.read(settings);
    Path drawer = folder.resolve("drawer.json");
    new DrawerStore(drawer, writer).change(each -> each);
    damage(drawer, damages);
    new DrawerStore(drawer, writer).read();
    Path draft;
    try (Drafts drafts = new Drafts(folder, writer)) {
      draft =
          drafts
              .keep(new Drafts.Draft("a", Optional.of(drawer), Optional.empty(), job))
              .orElseThrow();
    }
    damage(draft, damages);
    try (Drafts drafts = new Drafts(folder, writer)) {
      drafts.left().forEach(drafts::adopt);
    }
    remove(folder);
  }

  private static void damage(Path file, List<Damage> damages) throws IOException {
    Files.writeString(file, lone(Damage.done(Files.readString(file), damages)));
  }

  /** Halves of characters cannot be written as UTF-8 and are not what is tried here. */
  private static String lone(String text) {
    return new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8);
  }

  private static void remove(Path folder) throws IOException {
    try (var files = Files.walk(folder)) {
      files
          .sorted(java.util.Comparator.reverseOrder())
          .forEach(
              each -> {
                try {
                  Files.deleteIfExists(each);
                } catch (IOException left) {
                  throw new UncheckedIOException(left);
                }
              });
    }
  }
}
