package cufflink.desktop.work;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.design.Design;
import cufflink.core.finding.Sentence;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Relayer;
import cufflink.core.job.Change;
import cufflink.core.job.Cutting;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Mended;
import cufflink.core.job.Order;
import cufflink.core.job.Tools;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.ScoringHabit;
import cufflink.core.scene.Ref;
import cufflink.core.value.Values;
import cufflink.core.words.Words;
import cufflink.files.pattern.PatternLibrary;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
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
  private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(false);
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.CHOOSE);
  private final ObjectProperty<Set<Ref>> chosen = new SimpleObjectProperty<>(Set.of());
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyStringWrapper id = new ReadOnlyStringWrapper("");
  private boolean touched;
  private final MarksHabit habit;
  private final Sizing sizing = new Sizing(this);
  private final Cutter cutter = new Cutter();
  private final Folding folding = new Folding();
  private final PaperDrawer drawer;

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
    notice.set(drawer.problem());
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
   * Returns the sizes of paper in the drawer, each once: the maker's own sheets and scraps.
   *
   * @return sheets to choose from, largest first
   */
  public List<Sheet> ownSheets() {
    Map<List<Length>, Sheet> sizes = new LinkedHashMap<>();
    for (Stock stock : drawer().stock()) {
      if (stock.count() > 0) {
        String label = stock.offCut() ? Words.say("drawer.scrap", stock.label()) : stock.label();
        sizes.putIfAbsent(
            List.of(stock.width(), stock.height()),
            new Sheet("own", label, stock.width(), stock.height()));
      }
    }
    return sizes.values().stream()
        .sorted(
            Comparator.comparingDouble(
                sheet -> -sheet.width().toMillimetres() * sheet.height().toMillimetres()))
        .toList();
  }

  /**
   * Changes what is in the drawer, and says so.
   *
   * @param change makes the new drawer from the old one
   * @param remark the sentence to say if it worked
   */
  public void changeDrawer(UnaryOperator<Drawer> change, String remark) {
    Parsed<Drawer> changed = drawer.change(change);
    job().ifPresent(job -> show(derived(job), ""));
    notice.set(changed.value().isPresent() ? Words.say(remark) : changed.problem());
  }

  /**
   * Cuts from other sheets or with another trimmer.
   *
   * @param cutting from which sheets, and with what
   */
  public void cut(Cutting cutting) {
    change(job().orElseThrow().withCutting(cutting), "", "");
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

  MarksHabit rulers() {
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
   * Returns whether there are changes that are in no file.
   *
   * @return true while there are
   */
  public ReadOnlyBooleanProperty unsaved() {
    return unsaved.getReadOnlyProperty();
  }

  /**
   * Returns whether a change can be taken back.
   *
   * @return true while one can
   */
  public ReadOnlyBooleanProperty canUndo() {
    return canUndo.getReadOnlyProperty();
  }

  /**
   * Returns whether a change that was taken back can be made again.
   *
   * @return true while one can
   */
  public ReadOnlyBooleanProperty canRedo() {
    return canRedo.getReadOnlyProperty();
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
    return LengthFormat.of(marks(), Fractions.TYPESET);
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
   * Begins a job from a construction.
   *
   * @param pattern the construction
   */
  public void choose(Pattern pattern) {
    Marks marks = marks();
    Values values = Relayer.relay(pattern, pattern.normalValues(), marks, Set.of());
    Job job = Job.begun(pattern.name(), edition(pattern), values, Tools.usual(marks));
    lay(job, Optional.empty());
  }

  /**
   * Begins a job from an offer on the shelf.
   *
   * @param offer the construction and its size
   * @param wish what was looked for
   */
  public void choose(Offer offer, Wish wish) {
    Marks marks = marks();
    Job job =
        Job.begun(
                offer.pattern().name(),
                edition(offer.pattern()),
                offer.values(),
                Tools.usual(marks))
            .withGoal(wish.goal(marks));
    lay(job.withItem(wish.item()).withOrder(Order.ONE.withCopies(wish.copies())), Optional.empty());
  }

  private Edition edition(Pattern pattern) {
    return library.edition(pattern.id()).orElseGet(() -> Edition.atHand(pattern.id()));
  }

  /** Gives a job what it keeps for ever from now on, if it comes from an older file. */
  private Job lasting(Job job) {
    Job known = job.id().isEmpty() ? job.withId(UUID.randomUUID().toString()) : job;
    return known.edition().text().isEmpty()
        ? known.withEdition(library.edition(job.patternId()).orElse(known.edition()))
        : known;
  }

  /**
   * Returns the newer edition of the job's construction.
   *
   * @return the edition at hand, if it is another than the job was begun with
   */
  public Optional<Edition> newerEdition() {
    return job()
        .flatMap(
            job ->
                library
                    .edition(job.patternId())
                    .filter(each -> !each.text().equals(job.edition().text())));
  }

  /**
   * Says what would be different with another edition of the job's construction.
   *
   * @param edition the edition
   * @return a sentence for each change; empty if the card stays as it is
   */
  public List<Sentence> changesWith(Edition edition) {
    Optional<Design> now = derivation.get().flatMap(Derivation::made).map(Derivation.Made::design);
    Optional<Design> then =
        library
            .pattern(job().orElseThrow().withEdition(edition))
            .map(pattern -> Mended.of(pattern, job().orElseThrow().withEdition(edition)).job())
            .flatMap(job -> derived(job).made())
            .map(Derivation.Made::design);
    return now.isPresent() && then.isPresent()
        ? Change.between(now.get(), then.get()).stream().map(Change::sentence).toList()
        : List.of();
  }

  /**
   * Goes over to another edition of the job's construction.
   *
   * @param edition the edition
   */
  public void take(Edition edition) {
    Job changed = job().orElseThrow().withEdition(edition);
    library
        .pattern(changed)
        .ifPresent(pattern -> change(Mended.of(pattern, changed).job(), "", ""));
  }

  /**
   * Takes another size of the same construction.
   *
   * @param offer the size and the envelope it is for
   */
  public void take(Offer offer) {
    Job job = job().orElseThrow();
    Goal goal =
        offer
            .envelope()
            .map(each -> (Goal) new Goal.ForEnvelope(each, Envelope.usualClearance(job.marks())))
            .orElse(job.goal());
    change(job.withValues(offer.values()).withGoal(goal), "", "");
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
    touched |= lies;
    return lies;
  }

  private boolean lay(History.Version given, boolean isUnsaved) {
    History.Version version = new History.Version(given.id(), lasting(given.job()), given.file());
    Optional<Pattern> pattern = library.pattern(version.job());
    if (pattern.isEmpty()) {
      notice.set(Words.say("work.no-pattern", version.job().title(), version.job().patternId()));
      return false;
    }
    Mended mended = Mended.of(pattern.get(), version.job());
    Derivation derived = Derivation.of(pattern.get(), mended.job());
    history.add(new History.Version(version.id(), mended.job(), version.file()), "");
    leave(version.id());
    file.set(version.file());
    unsaved.set(isUnsaved);
    String told =
        mended.told().stream()
            .map(each -> each.say(LengthFormat.of(mended.job().marks(), Fractions.TYPESET)))
            .collect(Collectors.joining(" "));
    show(derived, told);
    station.set(Station.SIZE);
    return true;
  }

  /** Another job comes onto the table. */
  private void leave(String newId) {
    if (!id.get().equals(newId)) {
      id.set(newId);
      touched = false;
    }
  }

  /**
   * Returns the id of the job on the table: each that is laid there has one of its own, which it
   * keeps while it is changed.
   *
   * @return the id, empty while the table is empty
   */
  public ReadOnlyStringProperty id() {
    return id.getReadOnlyProperty();
  }

  /**
   * Says whether the maker has changed the job since it was laid on the table.
   *
   * @return false if it is just as it came
   */
  public boolean isTouched() {
    return touched;
  }

  /**
   * Notes that the job is saved now.
   *
   * @param keptIn the file it is kept in
   */
  public void saved(Path keptIn) {
    history.keptIn(keptIn);
    file.set(Optional.of(keptIn));
    unsaved.set(false);
  }

  /** Makes the job another one than that it is a copy of, which stays in its own file. */
  public void becomeACopy() {
    Job job = job().orElseThrow();
    Job copy = job.withId(UUID.randomUUID().toString());
    history.renamed(job.id(), copy.id());
    show(derived(copy), notice.get());
  }

  /**
   * Returns the file the job is kept in.
   *
   * @return the file, if there is one
   */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return file.getReadOnlyProperty();
  }

  private void show(Derivation derived, String remark) {
    habit.remember(derived.job().marks());
    derivation.set(Optional.of(derived));
    notice.set(remark);
    canUndo.set(history.canGoBack());
    canRedo.set(history.canGoForward());
  }

  private Derivation derived(Job job) {
    return Derivation.of(library.pattern(job).orElseThrow(), job);
  }

  /**
   * Puts a changed job on the table; changes of one subject in a row count as one. All that follows
   * is derived first: if that fails, the table and its history are as they were.
   */
  void change(Job changed, String subject, String remark) {
    Derivation derived = derived(changed);
    if (job().filter(changed::equals).isEmpty()) {
      history.add(new History.Version(id.get(), changed, file.get()), subject);
      touched = true;
      unsaved.set(true);
    }
    show(derived, remark);
  }

  /** Takes back what was changed last under a subject, as if it had never been. */
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
    leave(version.id());
    touched = true;
    unsaved.set(true);
    file.set(version.file());
    show(derived, "");
  }

  /** Ends the typing of one number, so that the next change is taken back on its own. */
  public void pause() {
    sizing.endTyping();
    history.pause();
  }

  /**
   * Takes something for the card to hold.
   *
   * @param item what it is to hold, if anything
   */
  public void hold(Optional<HeldItem> item) {
    change(job().orElseThrow().withItem(item), "", "");
  }

  /**
   * Pins a value, or lets it go: a pinned one stays while others are scaled or moved.
   *
   * @param parameter the parameter's id
   */
  public void pin(String parameter) {
    change(job().orElseThrow().withPinToggled(parameter), "", "");
  }

  /**
   * Returns what the card is made from.
   *
   * @return the job's papers, or the usual ones
   */
  public Papers papers() {
    return job().map(Job::papers).orElse(Papers.USUAL);
  }

  /**
   * Makes the card from other papers.
   *
   * @param papers what it is made from
   */
  public void use(Papers papers) {
    change(job().orElseThrow().withPapers(papers), "", "");
  }

  /**
   * Makes another number of cards, or other things with them.
   *
   * @param order how many, and what goes with each
   */
  public void order(Order order) {
    change(job().orElseThrow().withOrder(order), "", "");
  }

  /**
   * Scores another way.
   *
   * @param scoring how the maker scores
   */
  public void score(ScoringHabit scoring) {
    change(job().orElseThrow().withHabit(scoring), "", "");
  }

  /**
   * Names the job.
   *
   * @param title the maker's name for it
   */
  public void rename(String title) {
    if (!title.isBlank()) {
      change(job().orElseThrow().withTitle(title.strip()), "title", notice.get());
    }
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
