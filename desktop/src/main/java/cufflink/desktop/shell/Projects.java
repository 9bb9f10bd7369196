package cufflink.desktop.shell;

import cufflink.core.cut.Drawer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Words;
import cufflink.desktop.work.Cutter;
import cufflink.desktop.work.Workbench;
import cufflink.files.export.CutCsv;
import cufflink.files.export.JobSheet;
import cufflink.files.export.SheetsSvg;
import cufflink.files.export.SvgExport;
import cufflink.files.project.AtomicFile;
import cufflink.files.project.Drafts;
import cufflink.files.project.ProjectStore;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.stage.FileChooser;
import javafx.stage.FileChooser.ExtensionFilter;
import javafx.stage.Window;
import javafx.util.Duration;

/** Opens, saves, exports and remembers: everything that touches the disk, for one window. */
public final class Projects {
  private static final Duration AFTER_A_CHANGE = Duration.millis(700);
  private static final long CLOSING_SECONDS = 5;

  private final Workbench bench;
  private final UserFolders folders;
  private final AtomicFile writer = new AtomicFile(AtomicFile.Disk.REAL);
  private final ProjectStore store = new ProjectStore(writer);
  private final Drafts drafts;
  private final ExecutorService disk =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "disk");
            thread.setDaemon(true);
            return thread;
          });
  private final PauseTransition pause = new PauseTransition(AFTER_A_CHANGE);
  private Settings settings;
  private Optional<FileTime> seen = Optional.empty();

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
    this.drafts = new Drafts(folders.drafts(), writer, ProcessHandle.current().pid());
    pause.setOnFinished(event -> disk.execute(keepDraft()));
    bench.derivation().addListener((property, before, now) -> pause.playFromStart());
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
    Runnable write = () -> now.write(folders.settings(), writer);
    if (disk.isShutdown()) {
      // The window may tell its place only after everything else has ended.
      write.run();
    } else {
      disk.execute(write);
    }
  }

  /** Takes the job as it is now, to be written later on the thread of the disk. */
  private Runnable keepDraft() {
    Optional<Job> job = bench.job();
    Optional<Path> file = bench.file().get();
    boolean unsaved = bench.unsaved().get();
    return () -> {
      if (unsaved && job.isPresent()) {
        Parsed<Path> kept = drafts.keep(job.get(), file);
        if (kept.value().isEmpty()) {
          Platform.runLater(() -> bench.tell(Words.say("draft.failed", kept.problem())));
        }
      } else {
        drafts.forget();
      }
    };
  }

  /**
   * Lays back on the table what an application that is gone had not saved.
   *
   * @return true if there was something
   */
  public boolean recover() {
    List<Drafts.Draft> left = drafts.left();
    for (Drafts.Draft draft : left) {
      if (bench.lay(draft.job(), Optional.empty())) {
        bench.tell(Words.say(left.size() > 1 ? "draft.several" : "draft.back", left.size() - 1));
      }
    }
    // Kept under this application's own name before the old drafts go, so that none is ever
    // missing.
    if (bench.job().isPresent()) {
      keepDraft().run();
      left.stream().map(Drafts.Draft::path).forEach(drafts::forget);
    }
    return !left.isEmpty();
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
    Optional<FileTime> changed = ProjectStore.lastChanged(file);
    Parsed<Job> job = store.open(file);
    if (job.value().isEmpty()) {
      bench.tell(job.problem());
    } else if (bench.lay(job.orElseThrow(), Optional.of(file))) {
      seen = changed;
      remember(before -> before.using(file));
    }
  }

  /**
   * Saves the job in its file, or asks for one.
   *
   * @param window where to ask
   */
  public void save(Window window) {
    Optional<Path> file = bench.file().get();
    if (file.isEmpty()) {
      saveAs(window);
    } else {
      bench.job().ifPresent(job -> note(store.saveAgain(job, file.get(), seen)));
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
    File chosen = chooser.showSaveDialog(window);
    if (chosen != null) {
      note(store.save(job.get(), withExtension(chosen.toPath(), ProjectStore.EXTENSION)));
    }
  }

  private void note(Parsed<Path> saved) {
    saved
        .value()
        .ifPresentOrElse(
            file -> {
              seen = ProjectStore.lastChanged(file);
              bench.saved(file);
              drafts.forget();
              bench.tell(Words.say("file.saved", file.getFileName()));
              remember(before -> before.using(file));
            },
            () -> bench.tell(saved.problem()));
  }

  /**
   * Asks for a file and writes the job sheet in it.
   *
   * @param window where to ask
   */
  public void exportPdf(Window window) {
    Drawer drawer = bench.drawer();
    export(
        window,
        ".pdf",
        derivation -> {
          ByteArrayOutputStream out = new ByteArrayOutputStream();
          boolean inches = derivation.job().marks().inInches();
          JobSheet.Printer printer = inches ? JobSheet.Printer.LETTER : JobSheet.Printer.A4;
          JobSheet.write(derivation, Cutter.plans(derivation, drawer), printer, out);
          return out.toByteArray();
        });
  }

  /**
   * Asks for a file and writes the cut list in it, as CSV.
   *
   * @param window where to ask
   */
  public void exportCsv(Window window) {
    Drawer drawer = bench.drawer();
    LengthFormat format = LengthFormat.of(bench.marks(), LengthFormat.Fractions.PLAIN);
    export(
        window,
        ".csv",
        derivation ->
            CutCsv.write(
                    derivation.made().orElseThrow().design(),
                    Cutter.plans(derivation, drawer),
                    derivation.job().order().copies(),
                    format)
                .getBytes(StandardCharsets.UTF_8));
  }

  /**
   * Asks for a file and writes the sheets with their parts in it, as SVG.
   *
   * @param window where to ask
   */
  public void exportSheets(Window window) {
    Drawer drawer = bench.drawer();
    export(
        window,
        ".svg",
        derivation ->
            SheetsSvg.write(derivation.job().title(), Cutter.plans(derivation, drawer))
                .getBytes(StandardCharsets.UTF_8));
  }

  /**
   * Asks for a file and writes the pieces as SVG in it.
   *
   * @param window where to ask
   */
  public void exportSvg(Window window) {
    export(
        window,
        ".svg",
        derivation ->
            SvgExport.write(derivation.made().orElseThrow().design())
                .getBytes(StandardCharsets.UTF_8));
  }

  /** Makes the bytes of an export. */
  private interface Export {
    byte[] bytes(Derivation derivation) throws IOException;
  }

  private void export(Window window, String extension, Export export) {
    Optional<Derivation> derivation =
        bench.derivation().get().filter(each -> each.made().isPresent());
    if (derivation.isEmpty()) {
      bench.tell(Words.say("file.nothing"));
      return;
    }
    ExtensionFilter filter = new ExtensionFilter(extension, "*" + extension);
    FileChooser chooser = chooser("file.export", filter);
    chooser.setInitialFileName(fileName(derivation.get().job().title()) + extension);
    File chosen = chooser.showSaveDialog(window);
    if (chosen == null) {
      return;
    }
    Path file = withExtension(chosen.toPath(), extension);
    bench.tell(Words.say("file.writing", file.getFileName()));
    disk.execute(
        () -> {
          String told = write(derivation.get(), export, file);
          Platform.runLater(() -> bench.tell(told));
        });
  }

  private String write(Derivation derivation, Export export, Path file) {
    try {
      Parsed<Path> written = writer.replace(file, export.bytes(derivation));
      return written
          .value()
          .map(path -> Words.say("file.saved", path.getFileName()))
          .orElse(written.problem());
    } catch (IOException reason) {
      return Words.say("save.failed", file, reason.getMessage());
    }
  }

  private FileChooser chooser(String title, ExtensionFilter filter) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Words.say(title));
    chooser.getExtensionFilters().add(filter);
    settings.recent().stream()
        .findFirst()
        .map(Path::getParent)
        .map(Path::toFile)
        .filter(File::isDirectory)
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
    return name.endsWith(extension) ? file : file.resolveSibling(name + extension);
  }

  /** Writes what is still to be written and ends. */
  public void close() {
    pause.stop();
    disk.execute(keepDraft());
    disk.shutdown();
    try {
      disk.awaitTermination(CLOSING_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }
}
