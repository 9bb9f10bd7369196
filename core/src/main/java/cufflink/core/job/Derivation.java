package cufflink.core.job;

import cufflink.core.card.Card;
import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.fold.Thickness;
import cufflink.core.inspect.ClosedInspection;
import cufflink.core.inspect.DecorInspection;
import cufflink.core.inspect.FoldReport;
import cufflink.core.inspect.Inspection;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.paper.Look;
import cufflink.core.pattern.Bench;
import cufflink.core.pattern.Evaluation;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.run.ScoreRun;
import cufflink.core.stance.Stance;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Everything that follows from a job. It is made anew at every change.
 *
 * @param job the job
 * @param pattern its construction
 * @param made what the design comes to, unless a number in it makes no sense
 * @param findings what would go wrong at the table
 * @param settled every value, allowances reckoned among them
 * @param thickness how thick the closed card is and what it weighs, once it has been folded
 */
public record Derivation(
    Job job,
    Pattern pattern,
    Optional<Made> made,
    List<Finding> findings,
    Values settled,
    Optional<Thickness> thickness) {
  /** What a pattern says of a card that is to stand. */
  private static final String STANDS = "stands";

  /**
   * What follows from a design.
   *
   * @param card the card, put together
   * @param closed the closed card, if it closes
   * @param scoring how each piece is scored, pieces without scores left out
   */
  public record Made(Card card, Optional<ClosedState> closed, List<ScoreRun> scoring) {
    /** Copies the list. */
    public Made {
      scoring = List.copyOf(scoring);
    }

    /**
     * Returns the design.
     *
     * @return what the card is made from
     */
    public Design design() {
      return card.design();
    }
  }

  /** Copies the list. */
  public Derivation {
    findings = List.copyOf(findings);
  }

  /**
   * Derives everything from a job.
   *
   * @param pattern the job's construction
   * @param job the job
   * @return all that follows
   */
  public static Derivation of(Pattern pattern, Job job) {
    return of(pattern, job, Length.ZERO);
  }

  /**
   * Derives everything from a job whose closed card is taken to be so thick: what waits for it is
   * there as well.
   *
   * @param pattern the job's construction
   * @param job the job
   * @param thick how thick the closed card is; nought as long as that is not known
   * @return all that follows
   */
  public static Derivation of(Pattern pattern, Job job, Length thick) {
    Evaluation evaluation = PatternEvaluator.evaluate(pattern, job.onBench());
    Set<String> faces = job.order().own().faces();
    Optional<Made> made =
        evaluation.design().flatMap(design -> made(Swapped.of(design, faces), job));
    if (pattern.waits() && thick.isPositive() && made.isPresent()) {
      Card card = made.get().card();
      evaluation = PatternEvaluator.evaluate(pattern, job.onBench().and(Bench.folded(thick)));
      made = evaluation.design().map(all -> made(card.completed(Swapped.of(all, faces)), job));
    }
    List<Finding> findings = new ArrayList<>(evaluation.findings());
    if (made.isEmpty()) {
      evaluation.design().map(Derivation::noPaper).ifPresent(findings::add);
    }
    made.map(each -> each.card().flat()).flatMap(Inspection::inspect).ifPresent(findings::add);
    made.ifPresent(
        each ->
            findings.addAll(
                Inspection.inspect(
                    each.design(),
                    each.closed(),
                    job.goal(),
                    job.item(),
                    job.order().raised(),
                    each.card().flat().tolerances().folded())));
    made.ifPresent(each -> findings.addAll(leftOut(job, each.design())));
    return new Derivation(job, pattern, made, findings, evaluation.settled(), Optional.empty());
  }

  /**
   * Applies a cure.
   *
   * @param fix a cure of one of the findings
   * @param panel what a panel is called that is put on for it
   * @return the job with it, on marks that can be measured
   */
  public Job cured(Finding.Fix fix, String panel) {
    return Applied.of(this, fix, panel);
  }

  /** What lay on a piece that the card does not have is not lost: it waits for another place. */
  private static List<Finding> leftOut(Job job, Design design) {
    List<Topper> toppers = job.order().toppers();
    Stream<Message> lost =
        toppers.stream()
            .limit(Topper.MOST)
            .filter(topper -> design.piece(topper.id()).isEmpty())
            .map(each -> Message.of("inspect.topper-left-out", each.label(), each.on()));
    Stream<Message> tooMany =
        Stream.of(toppers.size())
            .filter(many -> many > Topper.MOST)
            .map(
                many ->
                    Message.of("inspect.toppers-too-many", many, Topper.MOST, many - Topper.MOST));
    return Stream.concat(lost, tooMany).map(told -> leftOut(design, told)).toList();
  }

  private static Finding leftOut(Design design, Message told) {
    return new Finding(
        FindingKind.TOPPER_LEFT_OUT,
        Severity.WARNING,
        Place.on(design.base().id()),
        told,
        Optional.empty());
  }

  /**
   * Folds the card in thought, which may take seconds, and adds what goes wrong on the way.
   *
   * @param stops asked now and then; true ends it
   * @return the same with all findings; of no use if it was ended
   */
  public Derivation folded(BooleanSupplier stops) {
    return made.isEmpty() ? this : folded(FoldReport.of(made.get().card(), job.materials(), stops));
  }

  private static Map<String, String> figures(Order order) {
    return order.toppers().stream()
        .filter(each -> each.shape() == Topper.Shape.OUTLINE)
        .filter(each -> each.outline().filter(Outline::isPanel).isEmpty())
        .collect(Collectors.toMap(Topper::id, each -> each.value(Topper.Measure.TILT)));
  }

  /**
   * Adds what goes wrong when the card is folded.
   *
   * @param report what came of folding it
   * @return the same with all findings
   */
  public Derivation folded(FoldReport report) {
    Derivation whole = completed(report);
    List<Finding> all = new ArrayList<>(whole.findings);
    all.addAll(report.findings());
    boolean stands = pattern.does().contains(STANDS);
    List<Stance> stances = stands ? whole.stances(report) : List.of();
    whole.made.ifPresent(
        made ->
            all.addAll(
                DecorInspection.prints(
                    made.design(), report, job.papers(), whole.look(), stances)));
    whole.made.ifPresent(
        made ->
            all.addAll(
                ClosedInspection.inspect(
                    made.card(), report, job.goal(), job.materials(), job.order().toppers())));
    whole.made.ifPresent(
        made ->
            all.addAll(
                DecorInspection.inspect(
                    made.design(), report, job.papers(), whole.look(), job.order().toppers())));
    whole.made.ifPresent(
        made ->
            all.addAll(
                DecorInspection.figures(
                    made.design(), report.model(), whole.look(), figures(job.order()))));
    whole.made.ifPresent(
        made ->
            all.addAll(
                DecorInspection.treatments(
                    made.design(),
                    report.model(),
                    job.papers(),
                    whole.look(),
                    job.order().treatments())));
    Set<String> besides =
        job.order().toppers().stream().map(Topper::id).collect(Collectors.toSet());
    whole.made.ifPresent(
        made ->
            all.addAll(
                DecorInspection.flaps(made.design(), report.model(), job.papers(), besides)));
    if (stands) {
      whole
          .made
          .flatMap(made -> ClosedInspection.standing(made.design(), report.model(), stances))
          .ifPresent(all::add);
    }
    if (pattern.waits() && !report.closedThickness().isPositive()) {
      all.add(waiting());
    }
    Optional<Thickness> thick =
        report
            .thickness()
            .flatMap(each -> whole.made.map(made -> each.weighing(made.design(), job.papers())));
    all.replaceAll(each -> isRoom(each) ? each : each.uncured());
    return new Derivation(job, pattern, whole.made, all, whole.settled, thick);
  }

  /** Where the most pieces are on the card already, no cure puts another one on. */
  private boolean isRoom(Finding finding) {
    List<Topper> more = finding.fix().map(Finding.Fix::toppers).orElse(List.of());
    long fresh = more.stream().filter(Topper::isFresh).count();
    return fresh == 0 || job.order().toppers().size() + fresh <= Topper.MOST;
  }

  /**
   * Folds the card in thought if something depends on how thick it is closed, and adds that.
   *
   * @param stops asked now and then; true ends it
   * @return the same with bands and the like; itself if it has none
   */
  public Derivation completed(BooleanSupplier stops) {
    return pattern.waits() && made.isPresent()
        ? completed(FoldReport.of(made.get().card(), job.materials(), stops))
        : this;
  }

  /**
   * Adds what depends on how thick the closed card is.
   *
   * @param report what came of folding it
   * @return the same with bands and the like; itself if it has none, or has them already
   */
  public Derivation completed(FoldReport report) {
    Length thick = report.closedThickness();
    return pattern.waits() && made.isPresent() && !thick.equals(thick())
        ? of(pattern, job, thick)
        : this;
  }

  /**
   * Returns how thick the closed card was taken to be.
   *
   * @return its thickness where it is thickest; nought while it has not been folded
   */
  public Length thick() {
    return settled.length(Bench.CLOSED).orElse(Length.ZERO);
  }

  /**
   * Finds how the card stands where it is left open.
   *
   * @param report what came of folding it
   * @return an answer for each stage that leaves it open
   */
  public List<Stance> stances(FoldReport report) {
    return Stance.of(report.ways(), pattern.look());
  }

  private Finding waiting() {
    return new Finding(
        FindingKind.STAGE_UNKNOWN,
        Severity.WARNING,
        Place.on(made.map(each -> each.design().base().id()).orElse("")),
        Message.of("fold.waits"),
        Optional.empty());
  }

  /**
   * Returns how the card is pictured.
   *
   * @return the look of its construction, with what it is to hold
   */
  public Look look() {
    return pattern.look().madeOf(job.papers()).holding(job.item());
  }

  /**
   * Looks for cures of what goes wrong, which may take seconds.
   *
   * @param stops asked now and then; true ends it
   * @return the same, as many of its findings as possible with a cure
   */
  public Derivation cured(BooleanSupplier stops) {
    return new Derivation(job, pattern, made, Cures.of(this, stops), settled, thickness);
  }

  private static Finding noPaper(Design design) {
    return new Finding(
        FindingKind.NO_DESIGN,
        Severity.ERROR,
        Place.on(design.base().id()),
        Message.of("design.no-paper", design.base().label()),
        Optional.empty());
  }

  /** Derives what follows from a design, unless nothing is left of its first piece. */
  private static Optional<Made> made(Design design, Job job) {
    return Card.of(design).map(card -> made(card, job));
  }

  private static Made made(Card card, Job job) {
    return new Made(
        card,
        card.closed(),
        card.design().pieces().stream()
            .filter(piece -> !piece.scores().isEmpty())
            .map(piece -> ScoreRun.of(piece, job.habit()))
            .toList());
  }
}
