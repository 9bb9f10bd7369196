package cufflink.desktop.work;

import cufflink.core.decor.Chart;
import cufflink.core.decor.Spacing;
import cufflink.core.decor.Topper;
import cufflink.core.finding.Finding;
import cufflink.core.fit.Fit;
import cufflink.core.fit.Fitter;
import cufflink.core.fit.Goal;
import cufflink.core.fit.Ruled;
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
import cufflink.core.measure.Rulers;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.desktop.wait.Asking;
import cufflink.desktop.wait.Latest;
import cufflink.files.words.Words;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The ways to change a job's sizes. Each goes to the workbench, so that it can be taken back. */
public final class Sizing {
  /** What is changed by pulling, in the history. */
  private static final String PLACE = "place";

  private final Workbench bench;
  private final Latest<Asked, Found> search = new Latest<>("sizes", Sizing::find);
  private Optional<Typing> typing = Optional.empty();
  private boolean pulling;

  /**
   * What sizes are looked for.
   *
   * @param pattern the construction
   * @param job the job, with the goal that is asked for
   * @param from the job as the maker sized it last, from which scaling begins
   * @param snaps whether only the numbers between the marks are to be moved onto them
   */
  public record Asked(Pattern pattern, Job job, Job from, boolean snaps) {}

  /**
   * What sizes were found.
   *
   * @param values the values, if there are any
   * @param told what the maker is told
   */
  public record Found(Optional<Values> values, Message told) {}

  Sizing(Workbench bench) {
    this.bench = bench;
  }

  /**
   * Sets a value from what was typed. However many keys it takes, it is one change from the job as
   * it was before the first of them; what cannot be read leaves that job as it was.
   *
   * @param parameter the parameter's id
   * @param text what was typed
   * @return the setting, or one sentence about why the job is as it was before typing
   */
  public Parsed<Setting> type(String parameter, String text) {
    Job now = bench.job().orElseThrow();
    Job before = typing.filter(each -> each.goesOn(parameter, now)).map(Typing::before).orElse(now);
    Parameter known = pattern().parameter(parameter).orElseThrow();
    if (text.isBlank() && known.allowance().isPresent()) {
      typed(parameter, before, before.withValues(before.values().without(Set.of(parameter))));
      return Parsed.good(
          bench.derivation().get().orElseThrow().settled().get(parameter).orElseThrow());
    }
    Parsed<Setting> setting =
        known.isLength()
            ? length(known, text).then(length -> Parsed.good(new Setting.OfLength(length)))
            : count(text);
    Job after = setting.value().map(each -> set(before, known, each)).orElse(before);
    Optional<Message> unusable = unusable(before, after);
    typed(parameter, before, unusable.isPresent() ? before : after);
    return unusable.isPresent() ? Parsed.bad(unusable.get()) : setting;
  }

  /** What is no length may be the name of what is owned. Only a place may be below nought. */
  private Parsed<Length> length(Parameter known, String text) {
    Unit unit = bench.shownMarks().unit();
    Parsed<Length> typed =
        Topper.least(known.id()).compareTo(Length.ZERO) < 0
            ? LengthParser.signed(text, unit)
            : LengthParser.parse(text, unit);
    Chart owned = bench.papers().owned().get();
    return typed.value().isPresent()
        ? typed
        : owned.length(text, known.isDown()).map(Parsed::good).orElse(typed);
  }

  /** Says why nothing could be made of a job of which something can be made now. */
  private Optional<Message> unusable(Job before, Job after) {
    if (after.equals(before)) {
      return Optional.empty();
    }
    Derivation derived = bench.derived(after);
    return derived.made().isPresent()
        ? Optional.empty()
        : derived.findings().stream().filter(Finding::isError).map(Finding::sentence).findFirst();
  }

  private void typed(String parameter, Job before, Job after) {
    bench.change(after, parameter, "");
    typing = Optional.of(new Typing(parameter, before, after));
  }

  /** A number being typed, the job before it was begun and what it is so far. */
  private record Typing(String parameter, Job before, Job after) {
    /** Whatever else was done in between has ended the typing. */
    boolean goesOn(String other, Job now) {
      return parameter.equals(other) && after.equals(now);
    }
  }

  /** Ends the typing of a number: the next one begins at the job as it is now. */
  public void finish() {
    bench.pause();
  }

  void endTyping() {
    typing = Optional.empty();
    pulling = false;
  }

  /** Says whether something is being pulled along the paper, and not let go yet. */
  public boolean isPulling() {
    return pulling;
  }

  /** Takes back the number being typed, as if it had never been begun. */
  public void cancel() {
    typing.ifPresent(each -> bench.drop(each.parameter()));
    finish();
  }

  private static Parsed<Setting> count(String text) {
    return text.strip().matches("\\d{1,6}")
        ? Parsed.good(new Setting.OfCount(Long.parseLong(text.strip())))
        : Parsed.bad("work.count", text.strip());
  }

  private Pattern pattern() {
    return bench.derivation().get().orElseThrow().pattern();
  }

  /**
   * Sets a value. A new finished width or height scales what belongs to it.
   *
   * @param parameter the parameter
   * @param setting what it is set to
   */
  public void set(Parameter parameter, Setting setting) {
    bench.change(set(bench.job().orElseThrow(), parameter, setting), parameter.id(), "");
  }

  /**
   * Sets the values by which something is pulled along the paper; until the hand lets go it is one
   * change.
   *
   * @param before the job as it was when it was taken hold of
   * @param to what has changed since then
   */
  public void pull(Job before, Map<String, Length> to) {
    pulling = true;
    Values values = before.values();
    for (Map.Entry<String, Length> each : to.entrySet()) {
      values = values.and(each.getKey(), each.getValue());
    }
    bench.change(before.withValues(kept(before, values)), PLACE, "");
  }

  /** What keeps its distance to what is moved goes with it. */
  private static Values kept(Job before, Values after) {
    return Spacing.kept(before.order().toppers(), before.values(), after);
  }

  private Job set(Job job, Parameter parameter, Setting setting) {
    boolean scales = parameter.role() != Role.OTHER && setting instanceof Setting.OfLength;
    return job.withValues(
        scales
            ? scaled(job, parameter, setting)
            : kept(job, job.values().and(parameter.id(), setting)));
  }

  private Values scaled(Job job, Parameter parameter, Setting setting) {
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
    Length newWidth = isWidth ? length : follow(job, width, oldWidth, length, oldHeight);
    Length newHeight = isWidth ? follow(job, height, oldHeight, length, oldWidth) : length;
    return Fitter.scaled(pattern(), job.onBench(), newWidth, newHeight, manner(job));
  }

  /** The other side follows, unless it is pinned or each is on its own. */
  private Length follow(Job job, Parameter other, Length before, Length now, Length was) {
    boolean pinned = job.pinned().contains(other.id());
    return pattern().isSquare() || job.keepsProportions() && !pinned
        ? job.marks().nearest(before.scaled(now, was)).max(job.marks().step())
        : before;
  }

  private static Fitter.Manner manner(Job job) {
    return new Fitter.Manner(job.rulers(), job.keepsProportions(), job.pinned());
  }

  /**
   * Moves a length by whole marks, or a count by ones.
   *
   * @param parameter the parameter's id
   * @param steps how far, any sign
   */
  public void nudge(String parameter, int steps) {
    Parameter known = pattern().parameter(parameter).orElseThrow();
    Setting now =
        bench.derivation().get().orElseThrow().settled().get(parameter).orElse(known.normal());
    if (now instanceof Setting.OfLength length) {
      Job job = bench.job().orElseThrow();
      Marks marks = Ruled.of(pattern(), job.onBench(), job.rulers()).of(known);
      Length moved = marks.nearest(length.length()).plus(marks.step().times(steps));
      set(known, new Setting.OfLength(moved.max(marks.step())));
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
    Job job = bench.job().orElseThrow().withGoal(goal);
    fit(job, "");
  }

  /**
   * Keeps the proportions or lets them go, and scales anew to the same goal.
   *
   * @param keeps whether to keep them
   */
  public void keepProportions(boolean keeps) {
    fit(bench.job().orElseThrow().withProportionsKept(keeps), "");
  }

  /** Lays the card across that was upright, or the other way round; its sizes are typed sizes. */
  public void turn() {
    Job job = bench.job().orElseThrow();
    Values values = Fitter.turned(pattern(), job.onBench(), job.rulers());
    bench.change(job.withGoal(new Goal.Free()).withValues(values), "", "");
  }

  /**
   * Returns what looks for sizes.
   *
   * @return the search of this table
   */
  public Latest<Asked, Found> search() {
    return search;
  }

  private static Found find(Asked asked, Asking asking) {
    Job job = asked.job();
    if (asked.snaps()) {
      Snap snap =
          Snapper.snap(asked.pattern(), job.onBench(), job.rulers(), job.pinned(), asking::stops);
      return new Found(snap.values(), snap.told());
    }
    Fit fit =
        Fitter.fit(asked.pattern(), asked.from().onBench(), job.goal(), manner(job), asking::stops);
    return new Found(fit.values(), fit.told());
  }

  private void fit(Job job, String subject) {
    if (job.goal() instanceof Goal.Free) {
      bench.change(job, subject, "");
      return;
    }
    Job from = origin(job);
    Optional<Job> before = bench.job();
    search.ask(
        new Asked(pattern(), job, from, false),
        found -> {
          if (bench.job().equals(before)) {
            Optional<Job> fitted = found.values().map(each -> job.withScaled(each, from.values()));
            bench.change(fitted.orElse(job), subject, found.told().say(formatOf(job)));
          }
        });
  }

  /** Scaling begins where the maker set the sizes last, but what is pinned stays as it is now. */
  private static Job origin(Job job) {
    Values values = job.unscaled().values();
    for (String pinned : job.pinned()) {
      Optional<Setting> now = job.values().get(pinned);
      values = now.isPresent() ? values.and(pinned, now.get()) : values;
    }
    return job.withValues(values);
  }

  /** Moves the sizes by whole marks so that cuts and scores fall on marks as well. */
  public void snap() {
    if (bench.job().isEmpty()) {
      return;
    }
    Job job = bench.job().get();
    search.ask(
        new Asked(pattern(), job, job, true),
        found -> {
          if (bench.job().equals(Optional.of(job))) {
            Job snapped = found.values().map(job::withValues).orElse(job);
            bench.change(snapped, "", found.told().say(formatOf(job)));
          }
        });
  }

  private static LengthFormat formatOf(Job job) {
    return Words.on(job.marks(), Fractions.TYPESET);
  }

  /**
   * Takes another ruler: the sizes are laid out again on its marks, not converted.
   *
   * @param marks the ruler's marks
   */
  public void useMarks(Marks marks) {
    if (bench.job().isEmpty()) {
      bench.rulers().remember(marks);
      return;
    }
    Job job = bench.job().get();
    Job board = job.withHabit(job.habit().withGrooves(MarksHabit.board(marks)));
    use(board, job.rulers().withCard(marks));
  }

  /**
   * Takes another ruler for the layers alone: what only they depend on is laid out on its marks.
   *
   * @param marks the marks of the layers
   */
  public void useLayerMarks(Marks marks) {
    Job job = bench.job().orElseThrow();
    use(job, new Rulers(job.marks(), marks));
  }

  private void use(Job job, Rulers rulers) {
    Values values = bench.rulers().relay(pattern(), job, rulers);
    bench.change(job.withRulers(rulers).withValues(values), "", Words.say("work.relaid"));
  }

  /**
   * Applies the cure of a finding, its lengths taken down to the marks.
   *
   * @param fix the cure
   */
  public void cure(Finding.Fix fix) {
    bench
        .derivation()
        .get()
        .ifPresent(
            now ->
                bench.change(
                    now.cured(fix, Words.say("decorate.called-panel")),
                    "",
                    fix.label().say(bench.format())));
  }
}
