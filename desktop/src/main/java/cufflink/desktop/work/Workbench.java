package cufflink.desktop.work;

import cufflink.core.design.Finding;
import cufflink.core.design.Setting;
import cufflink.core.design.Values;
import cufflink.core.drawing.Ref;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Relayer;
import cufflink.core.fit.Snap;
import cufflink.core.fit.Snapper;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Papers;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.run.ScoringHabit;
import cufflink.core.words.Words;
import cufflink.files.pattern.PatternLibrary;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
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
  private final MarksHabit habit;

  /**
   * Lays out an empty table.
   *
   * @param library the constructions at hand
   * @param marks the ruler the maker used last
   */
  public Workbench(PatternLibrary library, Marks marks) {
    this.library = library;
    this.habit = new MarksHabit(marks);
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
    Job job =
        new Job(
            pattern.name(),
            pattern.id(),
            values,
            new Goal.Free(),
            marks,
            true,
            new ScoringHabit(true, MarksHabit.board(marks)),
            "");
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
        new Job(
            offer.pattern().name(),
            offer.pattern().id(),
            offer.values(),
            wish.goal(marks),
            marks,
            true,
            new ScoringHabit(true, MarksHabit.board(marks)),
            "");
    lay(job.withItem(wish.item()), Optional.empty());
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
    if (library.pattern(job.patternId()).isEmpty()) {
      notice.set(Words.say("work.no-pattern", job.title(), job.patternId()));
      return false;
    }
    history.add(new History.Version(job, keptIn), "");
    file.set(keptIn);
    show(job, "");
    unsaved.set(keptIn.isEmpty());
    station.set(Station.SIZE);
    return true;
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

  /**
   * Returns the file the job is kept in.
   *
   * @return the file, if there is one
   */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return file.getReadOnlyProperty();
  }

  private void show(Job job, String remark) {
    Pattern pattern = library.pattern(job.patternId()).orElseThrow();
    habit.remember(job.marks());
    derivation.set(Optional.of(Derivation.of(pattern, job)));
    notice.set(remark);
    canUndo.set(history.canGoBack());
    canRedo.set(history.canGoForward());
  }

  private void change(Job changed, String subject, String remark) {
    if (job().filter(changed::equals).isEmpty()) {
      history.add(new History.Version(changed, file.get()), subject);
      unsaved.set(true);
    }
    show(changed, remark);
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
    unsaved.set(true);
    file.set(version.file());
    show(version.job(), "");
  }

  /** Ends the typing of one number, so that the next change is taken back on its own. */
  public void pause() {
    history.pause();
  }

  /**
   * Sets a value from what was typed.
   *
   * @param parameter the parameter's id
   * @param text what was typed
   * @return the setting, or one sentence about why it is as it was
   */
  public Parsed<Setting> type(String parameter, String text) {
    Job job = job().orElseThrow();
    Parameter known = pattern().parameter(parameter).orElseThrow();
    if (text.isBlank() && known.allowance().isPresent()) {
      return reckon(known);
    }
    Parsed<Setting> setting =
        known.isLength()
            ? LengthParser.parse(text, job.marks().unit())
                .then(length -> Parsed.good(new Setting.OfLength(length)))
            : count(text);
    return setting.then(
        value -> {
          set(known, value);
          return Parsed.good(value);
        });
  }

  /** Lets a value be reckoned again that the maker had set. */
  private Parsed<Setting> reckon(Parameter parameter) {
    Job job = job().orElseThrow();
    change(job.withValues(job.values().without(Set.of(parameter.id()))), parameter.id(), "");
    return Parsed.good(derivation.get().orElseThrow().settled().get(parameter.id()).orElseThrow());
  }

  private static Parsed<Setting> count(String text) {
    return text.strip().matches("\\d{1,6}")
        ? Parsed.good(new Setting.OfCount(Long.parseLong(text.strip())))
        : Parsed.bad("work.count", text.strip());
  }

  private Pattern pattern() {
    return derivation.get().orElseThrow().pattern();
  }

  /**
   * Sets a value. A new finished width or height scales what belongs to it.
   *
   * @param parameter the parameter
   * @param setting what it is set to
   */
  public void set(Parameter parameter, Setting setting) {
    Job job = job().orElseThrow();
    boolean scales = parameter.role() != Role.OTHER && setting instanceof Setting.OfLength;
    Values values = scales ? scaled(parameter, setting) : job.values().and(parameter.id(), setting);
    change(job.withValues(values), parameter.id(), "");
  }

  private Values scaled(Parameter parameter, Setting setting) {
    Job job = job().orElseThrow();
    Length length = ((Setting.OfLength) setting).length();
    Values plain = job.values().and(parameter.id(), length);
    if (!length.isPositive()) {
      return plain;
    }
    Parameter width = pattern().parameter(Role.FINISHED_WIDTH);
    Parameter height = pattern().parameter(Role.FINISHED_HEIGHT);
    Length oldWidth = job.values().length(width.id()).orElseThrow();
    Length oldHeight = job.values().length(height.id()).orElseThrow();
    if (!oldWidth.isPositive() || !oldHeight.isPositive()) {
      return plain;
    }
    boolean isWidth = parameter.role() == Role.FINISHED_WIDTH;
    Length newWidth = isWidth ? length : follow(oldWidth, length, oldHeight);
    Length newHeight = isWidth ? follow(oldHeight, length, oldWidth) : length;
    return Fitter.scaled(pattern(), job.onBench(), newWidth, newHeight, manner(job));
  }

  private Length follow(Length before, Length now, Length was) {
    Job job = job().orElseThrow();
    return job.keepsProportions() || pattern().isSquare()
        ? job.marks().nearest(before.scaled(now, was)).max(job.marks().step())
        : before;
  }

  private static Fitter.Manner manner(Job job) {
    return new Fitter.Manner(job.marks(), job.keepsProportions(), job.pinned());
  }

  /**
   * Moves a length by whole marks, or a count by ones.
   *
   * @param parameter the parameter's id
   * @param steps how far, any sign
   */
  public void nudge(String parameter, int steps) {
    Parameter known = pattern().parameter(parameter).orElseThrow();
    Setting now = derivation.get().orElseThrow().settled().get(parameter).orElse(known.normal());
    if (now instanceof Setting.OfLength length) {
      Length moved = marks().nearest(length.length()).plus(marks().step().times(steps));
      set(known, new Setting.OfLength(moved.max(marks().step())));
    } else if (now instanceof Setting.OfCount count) {
      set(known, new Setting.OfCount(Math.max(1, count.count() + steps)));
    }
  }

  /**
   * Scales the job.
   *
   * @param goal what to scale to
   */
  public void scaleTo(Goal goal) {
    Job job = job().orElseThrow().withGoal(goal);
    fit(job, "");
  }

  /**
   * Keeps the proportions or lets them go, and scales anew to the same goal.
   *
   * @param keeps whether to keep them
   */
  public void keepProportions(boolean keeps) {
    fit(job().orElseThrow().withProportionsKept(keeps), "");
  }

  private void fit(Job job, String subject) {
    if (job.goal() instanceof Goal.Free) {
      change(job, subject, "");
      return;
    }
    Fit fit = Fitter.fit(pattern(), job.onBench(), job.goal(), manner(job));
    change(fit.values().map(job::withValues).orElse(job), subject, fit.told().say(formatOf(job)));
  }

  /** Moves the sizes by whole marks so that cuts and scores fall on marks as well. */
  public void snap() {
    if (job().isEmpty()) {
      return;
    }
    Job job = job().get();
    Snap snap = Snapper.snap(pattern(), job.onBench(), job.marks(), job.pinned(), () -> false);
    change(snap.values().map(job::withValues).orElse(job), "", snap.told().say(formatOf(job)));
  }

  private static LengthFormat formatOf(Job job) {
    return LengthFormat.of(job.marks(), Fractions.TYPESET);
  }

  /**
   * Takes another ruler: the sizes are laid out again on its marks, not converted.
   *
   * @param marks the ruler's marks
   */
  public void useMarks(Marks marks) {
    if (job().isEmpty()) {
      habit.remember(marks);
      return;
    }
    Job job = job().get();
    Values values = habit.relay(pattern(), job, marks);
    Job moved =
        job.withMarks(marks)
            .withValues(values)
            .withHabit(new ScoringHabit(job.habit().ridgeInside(), MarksHabit.board(marks)));
    change(moved, "", Words.say("work.relaid"));
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
   * Applies the cure of a finding, its lengths taken down to the marks.
   *
   * @param fix the cure
   */
  public void cure(Finding.Fix fix) {
    Job job = job().orElseThrow();
    Values values = job.values();
    for (var entry : fix.values().settings().entrySet()) {
      Setting setting = entry.getValue();
      boolean isLength = setting instanceof Setting.OfLength;
      values =
          isLength
              ? values.and(entry.getKey(), onMark(((Setting.OfLength) setting).length()))
              : values.and(entry.getKey(), setting);
    }
    change(job.withValues(values), "", fix.label().say(format()));
  }

  private Length onMark(Length length) {
    return marks().floor(length).max(marks().step());
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
