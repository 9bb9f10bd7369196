package cufflink.desktop.shell;

import cufflink.core.cut.Drawer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sheet;
import cufflink.desktop.wait.InOrder;
import cufflink.desktop.work.Companions.Companion;
import cufflink.desktop.work.Cutter;
import cufflink.desktop.work.Workbench;
import cufflink.files.export.Export;
import cufflink.files.export.ExportSubject;
import cufflink.files.export.Exports;
import cufflink.files.export.JobSheet;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.Drafts;
import cufflink.files.project.Drafts.Draft;
import cufflink.files.project.ProjectStore;
import cufflink.files.project.Settings;
import cufflink.files.project.Shares;
import cufflink.files.project.UserFolders;
import cufflink.files.words.Words;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;

/** Opens, saves, exports and remembers: everything that touches the disk, for one window. */
public final class Projects {
  private BiFunction<FileChooser, Window, File> dialog = FileChooser::showSaveDialog;
  private final Workbench bench;
  private final UserFolders folders;
  private final AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
  private final ProjectStore store = new ProjectStore(writer);
  private final DraftKeeper drafts;
  private final InOrder disk = new InOrder("disk");
  private final Logbook log;
  private final Thread lastMoment;
  private Settings settings;
  private Consumer<Consumer<JobSheet.Printer>> asksPrinter = take -> take.accept(usual());

  /**
   * Prepares to open and save.
   *
   * @param bench the workbench
   * @param folders where the maker's things are kept
   * @param settings what was remembered
   */
  public Projects(Workbench bench, UserFolders folders, Settings settings) {
    this.bench = bench;
    this.folders = folders;
    this.settings = settings;
    this.log = new Logbook(folders.log(), bench::tell);
    bench.making().maker().byPiece().set(settings.own().byPiece());
    bench
        .making()
        .maker()
        .byPiece()
        .addListener((property, before, piece) -> remember(now -> now.workingByPiece(piece)));
    bench.making().typedSheets().setAll(settings.own().sheets());
    bench
        .making()
        .typedSheets()
        .addListener(
            (ListChangeListener<Sheet>)
                change -> remember(now -> now.withSheets(List.copyOf(change.getList()))));
    this.drafts = new DraftKeeper(bench, new Drafts(folders.drafts(), writer), disk);
    this.lastMoment = new Thread(drafts::write, "last moment");
    Runtime.getRuntime().addShutdownHook(lastMoment);
  }

  /** Returns the maker's log. */
  Logbook log() {
    return log;
  }

  /** Returns the projects used last, to be cut together with the one on the table. */
  List<Companion> companions() {
    return settings.recent().stream()
        .map(
            file ->
                new Companion(
                    file.getFileName().toString(), () -> Shares.open(file, bench.library())))
        .toList();
  }

  /**
   * Returns what is remembered.
   *
   * @return the settings
   */
  public Settings settings() {
    return settings;
  }

  /**
   * Changes what is remembered.
   *
   * @param change makes the new settings from the old ones
   */
  public void remember(UnaryOperator<Settings> change) {
    settings = change.apply(settings);
    Settings now = settings;
    // The window may tell its place only after everything else has ended.
    disk.run(() -> now.write(folders.settings(), writer));
  }

  /**
   * Takes over what applications that are gone had not saved.
   *
   * @param lays whether the one kept last comes onto the table; all others wait on the shelf
   * @return true if one was laid there
   */
  public boolean recover(boolean lays) {
    return drafts.recover(lays);
  }

  /** Keeps no draft of what is only looked at, as in the demonstration. */
  public void demonstrate() {
    drafts.forgetWhatIsUntouched();
  }

  /**
   * Returns the jobs that are not saved and do not lie on the table.
   *
   * @return their drafts, which change while the window is open
   */
  ObservableList<Draft> waiting() {
    return drafts.waiting();
  }

  /** Lays a job that waits back on the table. */
  void takeUp(Draft draft) {
    drafts.takeUp(draft);
  }

  /** Takes a job that waits off the shelf. */
  void putAway(Draft draft) {
    drafts.putAway(draft);
  }

  /**
   * Asks for a project and opens it.
   *
   * @param window where to ask
   */
  public void open(Window window) {
    File chosen = chooser("file.open", projectFilter()).showOpenDialog(window);
    if (chosen != null) {
      open(chosen.toPath());
    }
  }

  /**
   * Opens a project.
   *
   * @param file its file
   */
  public void open(Path file) {
    Optional<String> fingerprint = ProjectStore.fingerprint(file);
    Parsed<Job> job = store.open(file);
    if (job.value().isEmpty()) {
      bench.tell(Words.say(job.problem()));
    } else if (bench.lay(job.orElseThrow(), Optional.of(file))) {
      drafts.saw(fingerprint);
      remember(before -> before.using(file));
    }
  }

  /**
   * Saves the job in its file, or asks for one.
   *
   * @param window where to ask
   */
  public void save(Window window) {
    Optional<Path> file = bench.keeping().file().get();
    if (file.isEmpty()) {
      saveAs(window);
    } else {
      bench.job().ifPresent(job -> note(store.saveAgain(job, file.get(), drafts.seen())));
    }
  }

  /**
   * Asks for a file and saves the job in it.
   *
   * @param window where to ask
   */
  public void saveAs(Window window) {
    Optional<Job> job = bench.job();
    if (job.isEmpty()) {
      return;
    }
    FileChooser chooser = chooser("file.save", projectFilter());
    chooser.setInitialFileName(fileName(job.get().title()) + ProjectStore.EXTENSION);
    File chosen = dialog.apply(chooser, window);
    if (chosen != null) {
      Path file = withExtension(chosen.toPath(), ProjectStore.EXTENSION);
      boolean isCopy =
          bench.keeping().file().get().filter(before -> !before.equals(file)).isPresent();
      Job kept = isCopy ? job.get().withId(UUID.randomUUID().toString()) : job.get();
      Parsed<Path> saved = store.save(kept, file);
      // Only what lies in a file of its own is another job.
      saved.value().ifPresent(path -> bench.becomeACopy(kept.id()));
      note(saved);
    }
  }

  private void note(Parsed<Path> saved) {
    saved
        .value()
        .ifPresentOrElse(
            file -> {
              drafts.saw(ProjectStore.fingerprint(file));
              bench.saved(file);
              // The draft goes only once the file has been read back.
              if (store.open(file).value().equals(bench.job())) {
                drafts.saved();
              }
              bench.tell(Words.say("file.saved", file.getFileName()));
              remember(before -> before.using(file));
            },
            () -> bench.tell(Words.say(saved.problem())));
  }

  /**
   * Asks for a file and writes the card in it.
   *
   * @param window where to ask
   * @param export what is written
   */
  public void export(Window window, Export export) {
    Optional<Derivation> derivation =
        bench.derivation().get().filter(each -> each.made().isPresent());
    if (derivation.isEmpty()) {
      bench.tell(Words.say("file.nothing"));
      return;
    }
    if (export.equals(Exports.JOB_SHEET) && printer().isEmpty()) {
      asksPrinter.accept(
          paper -> {
            printOn(paper);
            export(window, derivation.get(), export);
          });
    } else {
      export(window, derivation.get(), export);
    }
  }

  /**
   * Returns the paper in the maker's printer.
   *
   * @return nothing as long as that has not been asked
   */
  public Optional<JobSheet.Printer> printer() {
    return settings
        .own()
        .printer()
        .flatMap(
            name ->
                Stream.of(JobSheet.Printer.values())
                    .filter(each -> each.name().equals(name))
                    .findFirst());
  }

  /**
   * Remembers the paper in the maker's printer.
   *
   * @param paper the paper
   */
  public void printOn(JobSheet.Printer paper) {
    remember(now -> now.printingOn(paper.name()));
  }

  /**
   * Says who asks for the paper in the printer, once; without anybody the ruler decides.
   *
   * @param other is given what takes the answer
   */
  public void askPrinterWith(Consumer<Consumer<JobSheet.Printer>> other) {
    asksPrinter = other;
  }

  private JobSheet.Printer usual() {
    return bench.marks().inInches() ? JobSheet.Printer.LETTER : JobSheet.Printer.A4;
  }

  private void export(Window window, Derivation derivation, Export export) {
    String extension = export.extension();
    FileChooser chooser = chooser("file.export", new ExtensionFilter(extension, "*" + extension));
    chooser.setInitialFileName(fileName(derivation.job().title()) + extension);
    File chosen = dialog.apply(chooser, window);
    if (chosen == null) {
      return;
    }
    Path file = withExtension(chosen.toPath(), extension);
    CutFrom from =
        new CutFrom(bench.drawer(), bench.cutter().companions().with(derivation.job().title()));
    bench.tell(Words.say("file.writing", file.getFileName()));
    disk.run(() -> write(derivation, from, export, file), bench::tell);
  }

  /** What a job is cut from, and with what, at the moment it is written. */
  private record CutFrom(Drawer drawer, List<PaperPlan.Share> others) {}

  private String write(Derivation derivation, CutFrom from, Export export, Path file) {
    ExportSubject subject =
        new ExportSubject(
            derivation,
            "",
            () -> Cutter.plans(derivation, from.drawer(), from.others()),
            printer().orElseGet(this::usual),
            derivation.look(),
            bench.papers().pictures());
    try {
      Parsed<Path> written = writer.replace(file, export.write(subject));
      return written
          .value()
          .map(path -> Words.say("file.saved", path.getFileName()))
          .orElse(Words.say(written.problem()));
    } catch (IOException reason) {
      return Words.say("save.failed", file, reason.getMessage());
    }
  }

  /** Puts another dialog in place of the system's, which no test can press keys in. */
  void askWith(BiFunction<FileChooser, Window, File> other) {
    dialog = other;
  }

  private FileChooser chooser(String title, ExtensionFilter filter) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Words.say(title));
    chooser.getExtensionFilters().add(filter);
    // Where the last one lies; else with the maker's documents, not where the program was started.
    Path home = Path.of(System.getProperty("user.home"));
    Stream.concat(
            settings.recent().stream().limit(1).map(Path::getParent),
            Stream.of(home.resolve("Documents"), home))
        .filter(Objects::nonNull)
        .map(Path::toFile)
        .filter(File::isDirectory)
        .findFirst()
        .ifPresent(chooser::setInitialDirectory);
    return chooser;
  }

  private static ExtensionFilter projectFilter() {
    return new ExtensionFilter(Words.say("file.projects"), "*" + ProjectStore.EXTENSION);
  }

  private static String fileName(String title) {
    String name = title.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", " ").strip();
    return name.isEmpty() ? "card" : name;
  }

  private static Path withExtension(Path file, String extension) {
    String name = file.getFileName().toString();
    if (!name.endsWith(extension)) {
      return file.resolveSibling(name + extension);
    }
    // A dialog that keeps the ending apart gives it twice to those who type it.
    String once = name.substring(0, name.length() - extension.length());
    Path plain = file.resolveSibling(once);
    return once.endsWith(extension) && !plain.toFile().exists() ? plain : file;
  }

  /** Writes what is still to be written and ends. */
  public void close() {
    disk.close();
    log.close();
    drafts.close();
    try {
      Runtime.getRuntime().removeShutdownHook(lastMoment);
    } catch (IllegalStateException alreadyEnding) {
      // The hook runs by itself then and finds nothing left to write.
      return;
    }
  }
}
