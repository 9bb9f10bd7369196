package cufflink.core.job;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutPlanner;
import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.CutWork;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Part;
import cufflink.core.cut.Stock;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.fit.Goal;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one paper is cut for a job.
 *
 * @param roles all that the paper is for, at least one
 * @param paper the paper
 * @param isTrial whether this is the one card made first
 * @param question what is cut, and from what
 * @param plan the plan
 * @param run its cuts in order
 */
public record PaperPlan(
    List<PaperRole> roles,
    Paper paper,
    boolean isTrial,
    CutQuestion question,
    CutPlan plan,
    TrimRun run) {

  /** Copies the list. */
  public PaperPlan {
    roles = List.copyOf(roles);
  }

  /**
   * What the cutting of a job starts from.
   *
   * @param drawer the maker's sheets and off-cuts
   * @param fallback the sheet to buy if neither the job nor its goal names one
   * @param usual sheets to name when a part is larger than all there is
   */
  public record Supplies(Drawer drawer, Sheet fallback, List<Sheet> usual) {
    /** Copies the list. */
    public Supplies {
      usual = List.copyOf(usual);
    }
  }

  /**
   * All that the cutting of a job depends on: two jobs that are alike in it are cut alike.
   *
   * @param design the card
   * @param title the maker's name for the job, under which paper is set aside
   * @param order how many of it
   * @param papers from which papers
   * @param cutting from which sheets, each of them settled, and with what
   * @param goal what it is scaled to, for the sheets that are there besides
   * @param supplies what there is to cut from
   */
  public record Question(
      Design design,
      String title,
      Order order,
      Papers papers,
      Cutting cutting,
      Goal goal,
      Supplies supplies) {
    /**
     * Asks how a job is cut.
     *
     * @param design the card
     * @param job the job
     * @param supplies what there is to cut from
     * @return the question
     */
    public static Question of(Design design, Job job, Supplies supplies) {
      Cutting cutting = job.cutting();
      for (PaperRole role : cut(design)) {
        cutting = cutting.withSheet(role, sheet(job, role, supplies.fallback()));
      }
      return new Question(
          design, job.title(), job.order(), job.papers(), cutting, job.goal(), supplies);
    }
  }

  /**
   * Plans the cutting of a job: cardstock, then patterned paper, then any other; with a trial card
   * that one first, whose off-cuts serve the rest.
   *
   * @param question the job, as far as its cutting depends on it
   * @param watch who waits
   * @return a plan for each paper the card has, twice with a trial card
   */
  public static List<PaperPlan> of(Question question, Watch watch) {
    List<PaperPlan> plans = new ArrayList<>();
    int copies = question.order().copies();
    boolean trial = question.order().trialFirst() && copies > 1;
    for (List<PaperRole> roles : alike(question)) {
      Maker maker = new Maker(question, watch, roles);
      Drawer left = question.supplies().drawer();
      if (trial) {
        Optional<PaperPlan> first = maker.plan(left, 1, true);
        first.ifPresent(plans::add);
        if (first.isPresent()) {
          left = left.take(question.title(), first.get().plan(), first.get().run());
        }
      }
      maker.plan(left, trial ? copies - 1 : copies, false).ifPresent(plans::add);
    }
    return plans;
  }

  /**
   * Returns what the plan is called after.
   *
   * @return the first role of its paper
   */
  public PaperRole role() {
    return roles.get(0);
  }

  /** Roles of one paper that comes in the same sheets are cut together. */
  private static Collection<List<PaperRole>> alike(Question question) {
    Map<List<Object>, List<PaperRole>> alike = new LinkedHashMap<>();
    for (PaperRole role : cut(question.design())) {
      List<Object> key =
          List.of(question.papers().of(role), question.cutting().sheet(role).orElseThrow());
      alike.computeIfAbsent(key, each -> new ArrayList<>()).add(role);
    }
    return alike.values();
  }

  private static List<PaperRole> cut(Design design) {
    return design.roles().stream().filter(role -> role.kind() != PaperKind.RIBBON).toList();
  }

  /**
   * Returns the sheet that a paper is bought as.
   *
   * @param job the job
   * @param roles all that the paper is for, at least one
   * @param fallback what to take if neither the job nor its goal says
   * @return the sheet
   */
  public static Sheet sheet(Job job, PaperRole role, Sheet fallback) {
    return job.cutting()
        .sheet(role)
        .orElseGet(
            () ->
                job.goal() instanceof Goal.FromSheet from && role.kind() == PaperKind.CARDSTOCK
                    ? from.sheet()
                    : fallback);
  }

  /** Plans one paper. */
  private record Maker(Question asked, Watch watch, List<PaperRole> roles) {
    Optional<PaperPlan> plan(Drawer drawer, int copies, boolean isTrial) {
      Paper paper = asked.papers().of(roles.get(0));
      List<Part> parts = CutWork.parts(asked.design(), roles, paper, copies);
      if (parts.isEmpty()) {
        return Optional.empty();
      }
      CutQuestion question =
          new CutQuestion(parts, stock(drawer, paper), asked.cutting().trimmer());
      CutPlan plan = CutPlanner.plan(question, asked.supplies().usual(), watch);
      TrimRun run = TrimRun.of(plan, question.trimmer());
      return Optional.of(new PaperPlan(roles, paper, isTrial, question, plan, run));
    }

    private List<Stock> stock(Drawer drawer, Paper paper) {
      Sheet sheet = asked.cutting().sheet(roles.get(0)).orElseThrow();
      List<Stock> stock = new ArrayList<>(drawer.free(paper, asked.title()));
      if (asked.goal() instanceof Goal.FromSheet from && roles.contains(PaperRole.CARDSTOCK)) {
        stock.addAll(from.besides(paper));
      }
      boolean isThere =
          stock.stream()
              .anyMatch(
                  each ->
                      !each.offCut()
                          && each.width().equals(sheet.width())
                          && each.height().equals(sheet.height()));
      if (!isThere) {
        stock.add(
            new Stock(sheet.id(), sheet.label(), sheet.width(), sheet.height(), 0, false, paper));
      }
      return stock;
    }
  }
}
