package cufflink.desktop.work;

import cufflink.core.cut.Drawer;
import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.job.Cutting;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.core.run.ScoringHabit;
import cufflink.core.value.Values;
import cufflink.files.size.ChartText;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.ObservableList;

/** The ways to change what is made, and from what. Each goes to the workbench, to be taken back. */
public final class Making {
  /**
   * Something that a press would do for the maker, as long as the sentence that proposes it stands.
   *
   * @param told the sentence
   * @param label what stands on its button
   * @param act what a press does
   */
  public record Suggestion(String told, String label, Runnable act) {
    /** Checks that nothing is missing. */
    public Suggestion {
      Objects.requireNonNull(told);
      Objects.requireNonNull(label);
      Objects.requireNonNull(act);
    }
  }

  private final Maker maker;
  private final ReadOnlyObjectWrapper<Optional<Suggestion>> suggestion =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final Workbench bench;

  Making(Workbench bench, Cutter cutter) {
    this.bench = bench;
    this.maker = new Maker(cutter, Clock.systemUTC());
  }

  /**
   * Returns how far the making of each job has got.
   *
   * @return what was done at the table, of this job and others
   */
  public Maker maker() {
    return maker;
  }

  /**
   * Begins with other sizes than were proposed.
   *
   * @param values the sizes
   * @param remark why, in a sentence
   */
  public void start(Values values, String remark) {
    bench.change(job().withValues(values), "", remark);
  }

  /**
   * Proposes something.
   *
   * @param now what a press would do
   */
  public void suggest(Suggestion now) {
    suggestion.set(Optional.of(now));
  }

  /**
   * Returns what was proposed last; it holds as long as its sentence is the one that is told.
   *
   * @return the proposal, if there was any
   */
  public ReadOnlyObjectProperty<Optional<Suggestion>> suggestion() {
    return suggestion.getReadOnlyProperty();
  }

  private Job job() {
    return bench.job().orElseThrow();
  }

  /**
   * Cuts from other sheets or with another trimmer.
   *
   * @param cutting from which sheets, and with what
   */
  public void cut(Cutting cutting) {
    bench.change(job().withCutting(cutting), "", "");
  }

  /**
   * Takes something for the card to hold.
   *
   * @param item what it is to hold, if anything
   */
  public void hold(Optional<HeldItem> item) {
    bench.change(job().withItem(item), "", "");
  }

  /**
   * Pins a value, or lets it go: a pinned one stays while others are scaled or moved.
   *
   * @param parameter the parameter's id
   */
  public void pin(String parameter) {
    bench.change(job().withPinToggled(parameter), "", "");
  }

  /**
   * Returns what the card is made from.
   *
   * @return the job's papers, or the usual ones
   */
  public Papers papers() {
    return bench.job().map(Job::papers).orElse(Papers.USUAL);
  }

  /**
   * Makes the card from other papers.
   *
   * @param papers what it is made from
   */
  public void use(Papers papers) {
    bench.change(job().withPapers(papers), "", "");
  }

  /**
   * Makes the card from paper that looks otherwise.
   *
   * @param role what the paper is for
   * @param colours what it looks like; in a picture it comes in the sheets that this shows
   */
  public void look(PaperRole role, Papers.Colours colours) {
    Sheet usual = StandardSizes.usualSheet(job().marks());
    bench.change(PaperPlan.looking(job(), role, colours, usual), "", "");
  }

  /**
   * Makes the card from other paper, of which it is known which way it is upright.
   *
   * @param role what the paper is for
   * @param colours what it looks like
   * @param print which way its print runs
   */
  public void look(PaperRole role, Papers.Colours colours, Paper.Print print) {
    Sheet usual = StandardSizes.usualSheet(job().marks());
    Job now = PaperPlan.looking(job(), role, colours, usual);
    Papers papers = now.papers();
    bench.change(now.withPapers(papers.with(role, papers.of(role).withPrint(print))), "", "");
  }

  /**
   * Slides the picture on a part. All that is slid in a row is taken back together.
   *
   * @param part its name in cut plans
   * @param spot where on the sheet it is cut then
   */
  public void slide(String part, Picture.Spot spot) {
    Papers now = papers().cutting(part, Optional.of(spot));
    bench.change(job().withPapers(now), "picture of " + part, "");
  }

  /**
   * Makes another number of cards, or other things with them.
   *
   * @param order how many, and what goes with each
   */
  public void order(Order order) {
    bench.change(job().withOrder(order), "", "");
  }

  /**
   * Puts pieces of the maker's own on the card, or takes them off.
   *
   * @param toppers all of them from now on
   * @param values all values, theirs among them
   */
  public void decorate(List<Topper> toppers, Values values) {
    bench.change(job().withOrder(job().order().withToppers(toppers)).withValues(values), "", "");
  }

  /**
   * Tells the maker something about what was asked for.
   *
   * @param remark a sentence
   */
  public void tell(String remark) {
    bench.refresh(remark);
  }

  /**
   * Scores another way.
   *
   * @param scoring how the maker scores
   */
  public void score(ScoringHabit scoring) {
    bench.change(job().withHabit(scoring), "", "");
  }

  /**
   * Names the job.
   *
   * @param title the maker's name for it
   */
  public void rename(String title) {
    if (!title.isBlank()) {
      bench.change(job().withTitle(title.strip()), "title", bench.notice().get());
    }
  }

  /**
   * Writes what is to be remembered of the job.
   *
   * @param notes the maker's words
   */
  public void note(String notes) {
    bench.change(job().withNotes(notes), "notes", bench.notice().get());
  }

  /**
   * Returns the sizes of paper in the drawer, each once: the maker's own sheets and scraps.
   *
   * @return sheets to choose from, largest first
   */
  public List<Sheet> ownSheets() {
    return bench.papers().sizes();
  }

  /**
   * Returns the sheets whose sizes the maker has typed.
   *
   * @return them, the last one first, to be kept between sessions
   */
  public ObservableList<Sheet> typedSheets() {
    return bench.papers().typed();
  }

  /**
   * Reads the size of a sheet of the maker's own, and remembers it.
   *
   * @param text two sides, and before them a name and an equals sign if it has one
   * @param marks the ruler, for numbers without a unit
   * @return the sheet, or one sentence about what is wrong
   */
  public Parsed<Sheet> ownSheet(String text, Marks marks) {
    Parsed<Owned> typed = owned(text, marks, Owned.Use.SHEET);
    Parsed<Sheet> sheet = typed.then(each -> Parsed.good(Chart.NONE.with(each).sheets().get(0)));
    sheet.value().ifPresent(bench.papers()::remember);
    return sheet;
  }

  /**
   * Reads the size of an envelope of the maker's own, and remembers it.
   *
   * @param text two sides, and before them a name and an equals sign if it has one
   * @param marks the ruler, for numbers without a unit
   * @return the envelope, or one sentence about what is wrong
   */
  public Parsed<Envelope> ownEnvelope(String text, Marks marks) {
    Parsed<Owned> typed = owned(text, marks, Owned.Use.ENVELOPE);
    return typed.then(each -> Parsed.good(Chart.NONE.with(each).envelopes().get(0)));
  }

  /** What has a name is owned from now on. */
  private Parsed<Owned> owned(String text, Marks marks, Owned.Use use) {
    int equals = text.indexOf('=');
    String name = equals < 0 ? "" : ChartText.label(text.substring(0, equals));
    String unnamed = use == Owned.Use.SHEET ? "size.own-sheet-name" : "size.own-envelope-name";
    String label = name.isEmpty() ? Words.say(unnamed) : name;
    Parsed<Owned> owned =
        StandardSizes.parse(text.substring(equals + 1).strip(), marks.unit())
            .then(
                each ->
                    Parsed.good(
                        new Owned(label, use, Shape.RECTANGLE, each.width(), each.height())));
    if (!name.isEmpty()) {
      owned.value().ifPresent(bench.papers()::note);
    }
    return owned;
  }

  /**
   * Changes what is in the drawer, and says so.
   *
   * @param change makes the new drawer from the old one
   * @param remark the sentence to say if it worked
   */
  public void changeDrawer(UnaryOperator<Drawer> change, String remark) {
    Parsed<Drawer> changed = bench.papers().change(change);
    bench.refresh(changed.value().isPresent() ? Words.say(remark) : Words.say(changed.problem()));
  }
}
