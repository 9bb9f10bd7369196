package cufflink.desktop.work;

import cufflink.core.cut.Drawer;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Ref;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * What lies on the table: one job, everything derived from it, and the ways to change it. Every
 * change goes through here, so that each can be taken back.
 */
public final class Workbench {
  private final PatternLibrary library;
  private final History history = new History();
  private final ReadOnlyObjectWrapper<Optional<Derivation>> derivation =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.CHOOSE);
  private final ObjectProperty<Set<Ref>> chosen = new SimpleObjectProperty<>(Set.of());
  private final Keeping keeping = new Keeping();
  private final MarksHabit habit;
  private final Sizing sizing = new Sizing(this);
  private final Cutter cutter = new Cutter();
  private final Folding folding = new Folding();
  private final PaperDrawer drawer;
  private final Making making = new Making(this, cutter);
  private final Choosing choosing = new Choosing(this);
  private final Editions editions;
  private boolean inOtherUnits;

  /**
   * Lays out an empty table.
   *
   * @param library the constructions at hand
   * @param marks the ruler the maker used last
   */
  public Workbench(PatternLibrary library, Marks marks) {
    this(library, marks, new PaperDrawer());
  }

  /**
   * Lays out an empty table beside the maker's drawer.
   *
   * @param library the constructions at hand
   * @param marks the ruler the maker used last
   * @param drawer the maker's sheets and off-cuts
   */
  public Workbench(PatternLibrary library, Marks marks, PaperDrawer drawer) {
    this.library = library;
    this.habit = new MarksHabit(marks);
    this.drawer = drawer;
    this.editions = new Editions(this, library);
    notice.set(drawer.problem());
    station.addListener((property, before, now) -> notice.set(""));
    folding.folder().answered().addListener((property, before, now) -> folding.complete(this));
  }

  /**
   * Returns what plans the cutting.
   *
   * @return the planner of this table
   */
  public Cutter cutter() {
    return cutter;
  }

  /**
   * Returns what folds the card in thought.
   *
   * @return the folder of this table
   */
  public Folding folding() {
    return folding;
  }

  /**
   * Returns the maker's sheets and off-cuts.
   *
   * @return what is in the drawer
   */
  public Drawer drawer() {
    return drawer.drawer().get();
  }

  /**
   * Returns the constructions at hand.
   *
   * @return the library
   */
  public PatternLibrary library() {
    return library;
  }

  /**
   * Returns the ways to change the sizes.
   *
   * @return what changes them
   */
  public Sizing sizing() {
    return sizing;
  }

  /**
   * Returns the ways to change what is made, and from what.
   *
   * @return what changes it
   */
  public Making making() {
    return making;
  }

  /**
   * Returns the ways to begin a job.
   *
   * @return what begins one
   */
  public Choosing choosing() {
    return choosing;
  }

  /**
   * Returns which edition of its construction the job is made with.
   *
   * @return the editions
   */
  public Editions editions() {
    return editions;
  }

  /** Returns the maker's papers, and their pictures. */
  public PaperDrawer papers() {
    return drawer;
  }

  void refresh(String remark) {
    job().ifPresent(job -> show(derived(job), ""));
    notice.set(remark);
  }

  /**
   * Returns what the job is known by, and where it is kept.
   *
   * @return how it is kept
   */
  public Keeping keeping() {
    return keeping;
  }

  /**
   * Returns the rulers: on the one used last something new is begun.
   *
   * @return the habit
   */
  public MarksHabit rulers() {
    return habit;
  }

  /**
   * Returns everything that follows from the job.
   *
   * @return the derivation, empty while no construction is chosen
   */
  public ReadOnlyObjectProperty<Optional<Derivation>> derivation() {
    return derivation.getReadOnlyProperty();
  }

  /**
   * Returns the last remark about a change, such as why a size is the largest.
   *
   * @return a sentence, or an empty text
   */
  public ReadOnlyStringProperty notice() {
    return notice.getReadOnlyProperty();
  }

  /**
   * Returns what lay on the table before.
   *
   * @return the versions, to go back and forth in
   */
  public History history() {
    return history;
  }

  /**
   * Returns the station the maker is at.
   *
   * @return the station
   */
  public ObjectProperty<Station> station() {
    return station;
  }

  /**
   * Returns what is lit on the paper and on the slip.
   *
   * @return what it stands for, empty if nothing is lit
   */
  public ObjectProperty<Set<Ref>> chosen() {
    return chosen;
  }

  /**
   * Returns the job.
   *
   * @return the job, if a construction is chosen
   */
  public Optional<Job> job() {
    return derivation.get().map(Derivation::job);
  }

  /**
   * Returns how lengths are written.
   *
   * @return the format of the job's marks
   */
  public LengthFormat format() {
    return Words.on(shownMarks(), Fractions.TYPESET);
  }

  /**
   * Returns the marks on which everything is shown and typed.
   *
   * @return those of the job, or some of the other unit for as long as that is looked at
   */
  public Marks shownMarks() {
    Marks own = marks();
    if (!inOtherUnits) {
      return own;
    }
    return own.inInches() ? Marks.HALF_MILLIMETRES : Marks.SIXTEENTHS;
  }

  /** Shows everything in the other unit, or in the job's own again; the job stays as it is. */
  public void showOtherUnits() {
    inOtherUnits = !inOtherUnits;
    notice.set(Words.say(shownMarks().inInches() ? "work.shown-inches" : "work.shown-millimetres"));
  }

  /**
   * Returns the marks in use.
   *
   * @return the job's marks, or those used last
   */
  public Marks marks() {
    return job().map(Job::marks).orElse(habit.last());
  }

  /**
   * Lays a job on the table. The one that was there comes back by undo.
   *
   * @param job the job
   * @param keptIn the file it was read from, if it was; the job is unsaved if it is in none
   * @return true, or false if its construction is not at hand; the table is then as it was
   */
  public boolean lay(Job job, Optional<Path> keptIn) {
    return lay(new History.Version(UUID.randomUUID().toString(), job, keptIn), keptIn.isEmpty());
  }

  /**
   * Lays a job back on the table that is not saved yet.
   *
   * @param id its id, which it had on the table before
   * @param job the job
   * @param keptIn the file an earlier state of it is kept in, if there is one
   * @return true, or false if its construction is not at hand; the table is then as it was
   */
  public boolean layBack(String id, Job job, Optional<Path> keptIn) {
    boolean lies = lay(new History.Version(id, job, keptIn), true);
    if (lies) {
      keeping.touch();
    }
    return lies;
  }

  private boolean lay(History.Version given, boolean isUnsaved) {
    History.Version version =
        new History.Version(given.id(), editions.lasting(given.job()), given.file());
    Optional<Pattern> pattern = library.pattern(version.job());
    if (pattern.isEmpty()) {
      notice.set(Words.say("work.no-pattern", version.job().title(), version.job().patternId()));
      return false;
    }
    Mended mended = Mended.of(pattern.get(), version.job());
    Derivation derived = Derivation.of(pattern.get(), mended.job());
    history.add(new History.Version(version.id(), mended.job(), version.file()), "");
    keeping.laid(version.id(), version.file(), isUnsaved);
    String told =
        mended.told().stream()
            .map(each -> each.say(Words.on(mended.job().marks(), Fractions.TYPESET)))
            .collect(Collectors.joining(" "));
    inOtherUnits = false;
    show(derived, "");
    station.set(Station.SIZE);
    notice.set(told);
    return true;
  }

  /**
   * Notes that the job is saved now.
   *
   * @param keptIn the file it is kept in
   */
  public void saved(Path keptIn) {
    history.keptIn(keptIn);
    keeping.saved(keptIn);
  }

  /**
   * Makes the job another one than that it is a copy of, which stays in its own file.
   *
   * @param id the id of the copy
   */
  public void becomeACopy(String id) {
    Job job = job().orElseThrow();
    if (!job.id().equals(id)) {
      history.renamed(job.id(), id);
      show(derived(job.withId(id)), notice.get());
    }
  }

  void show(Derivation derived, String remark) {
    habit.remember(derived.job().marks());
    derivation.set(Optional.of(derived));
    notice.set(remark);
  }

  Derivation derived(Job job) {
    Length thick = derivation.get().map(Derivation::thick).orElse(Length.ZERO);
    return Derivation.of(library.pattern(job).orElseThrow(), job, thick);
  }

  /**
   * Puts a changed job on the table; changes of one subject in a row count as one. All that follows
   * is derived first: if that fails, the table and its history are as they were.
   */
  void change(Job changed, String subject, String remark) {
    Derivation derived = derived(changed);
    if (job().filter(changed::equals).isEmpty()) {
      history.add(keeping.version(changed), subject);
      keeping.touch();
    }
    show(derived, remark);
  }

  void drop(String subject) {
    history.dropped(subject).ifPresent(this::showOther);
  }

  /** Takes the last change back. */
  public void undo() {
    history.back().ifPresent(this::showOther);
  }

  /** Makes the change again that was taken back last. */
  public void redo() {
    history.forward().ifPresent(this::showOther);
  }

  private void showOther(History.Version version) {
    Derivation derived = derived(version.job());
    keeping.laid(version.id(), version.file(), true);
    keeping.touch();
    show(derived, "");
  }

  /** Ends the typing of one number, so that the next change is taken back on its own. */
  public void pause() {
    sizing.endTyping();
    history.pause();
  }

  /**
   * Says something to the maker.
   *
   * @param sentence the remark
   */
  public void tell(String sentence) {
    notice.set(sentence);
  }
}
