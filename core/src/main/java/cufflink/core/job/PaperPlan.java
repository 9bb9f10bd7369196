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
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
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
   * @param others other jobs that are cut together with it
   */
  public record Question(
      Design design,
      String title,
      Order order,
      Papers papers,
      Cutting cutting,
      Goal goal,
      Supplies supplies,
      List<Share> others) {
    /** Copies the list. */
    public Question {
      others = List.copyOf(others);
    }

    /**
     * Asks how several jobs are cut together.
     *
     * @param jobs other jobs, whose pieces come from the same sheets where they are of the same
     *     paper
     * @return the question about all of them
     */
    public Question with(List<Share> jobs) {
      return new Question(design, title, order, papers, cutting, goal, supplies, jobs);
    }

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
          design, job.title(), job.order(), job.papers(), cutting, job.goal(), supplies, List.of());
    }
  }

  /**
   * A job that is cut together with another.
   *
   * @param title the maker's name for it, by which its pieces are told apart
   * @param design the card
   * @param copies how many cards, above zero
   * @param papers from which papers
   * @param cutting from which sheets, each of them settled
   */
  public record Share(String title, Design design, int copies, Papers papers, Cutting cutting) {
    /**
     * Takes what a job takes part with.
     *
     * @param design the card
     * @param job the job
     * @param fallback the sheet to buy if neither the job nor its goal names one
     * @return its share
     */
    public static Share of(Design design, Job job, Sheet fallback) {
      Cutting cutting = job.cutting();
      for (PaperRole role : cut(design)) {
        cutting = cutting.withSheet(role, sheet(job, role, fallback));
      }
      return new Share(job.title(), design, job.order().copies(), job.papers(), cutting);
    }

    /** What is cut from a paper, named after its job. */
    private List<Part> parts(Paper paper, int number) {
      List<PaperRole> roles =
          cut(design).stream().filter(role -> papers.of(role).equals(paper)).toList();
      return CutWork.parts(design, roles, paper, copies).stream()
          .map(
              part ->
                  new Part(
                      number + ":" + part.id(),
                      title + ": " + part.label(),
                      part.width(),
                      part.height(),
                      part.count(),
                      part.folds()))
          .toList();
    }
  }

  /**
   * Plans the cutting of a job: cardstock, then patterned paper, then any other; with a trial card
   * that one first, whose off-cuts serve the rest. Other jobs that are cut with it come from the
   * same sheets where they are of the same paper, and from sheets of their own where they are not.
   *
   * @param question the job, as far as its cutting depends on it
   * @param watch who waits
   * @return a plan for each paper the card has, twice with a trial card
   */
  public static List<PaperPlan> of(Question question, Watch watch) {
    List<PaperPlan> plans = new ArrayList<>();
    int copies = question.order().copies();
    boolean trial = question.order().trialFirst() && copies > 1;
    for (Group group : groups(question)) {
      Maker maker = new Maker(question, watch, group);
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
   * Says whether a part belongs to another job that is cut together with this one.
   *
   * @param part a part of one of the plans
   * @return true if it does
   */
  public static boolean isOfAnother(Part part) {
    return part.id().contains(":");
  }

  /**
   * Says whether the paper is cut on the marks of the layers.
   *
   * @return true for patterned paper, and for any other that only layers are cut from
   */
  public boolean isOfLayers() {
    return role().kind() == PaperKind.PATTERNED
        || question.parts().stream().allMatch(part -> part.id().contains("."));
  }

  /**
   * Returns how its lengths are written.
   *
   * @param format how those of the card are
   * @param rulers the marks of the card and of the layers
   * @return the format on the marks that it is cut on
   */
  public LengthFormat format(LengthFormat format, Rulers rulers) {
    return isOfLayers() ? format.onLayers(rulers) : format;
  }

  /**
   * Returns what the plan is called after.
   *
   * @return the first role of its paper
   */
  public PaperRole role() {
    return roles.get(0);
  }

  /** What is cut from one paper that comes in the same sheets, or also in those of other jobs. */
  private record Group(Paper paper, List<Sheet> sheets, List<PaperRole> own, List<PaperRole> all) {}

  private static List<Group> groups(Question question) {
    Map<List<Object>, Group> groups = new LinkedHashMap<>();
    for (PaperRole role : cut(question.design())) {
      Paper paper = question.papers().of(role);
      Sheet sheet = question.cutting().sheet(role).orElseThrow();
      Group group =
          groups.computeIfAbsent(
              List.of(paper, sheet),
              key ->
                  new Group(
                      paper,
                      new ArrayList<>(List.of(sheet)),
                      new ArrayList<>(),
                      new ArrayList<>()));
      group.own().add(role);
      group.all().add(role);
    }
    for (Share share : question.others()) {
      for (PaperRole role : cut(share.design())) {
        Paper paper = share.papers().of(role);
        Sheet sheet = share.cutting().sheet(role).orElseThrow();
        Optional<Group> same =
            groups.values().stream().filter(group -> group.paper().equals(paper)).findFirst();
        if (same.isEmpty()) {
          groups.put(
              List.of(paper, sheet),
              new Group(
                  paper,
                  new ArrayList<>(List.of(sheet)),
                  List.of(),
                  new ArrayList<>(List.of(role))));
        } else if (!same.get().sheets().contains(sheet)) {
          same.get().sheets().add(sheet);
        }
      }
    }
    return List.copyOf(groups.values());
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
  private record Maker(Question asked, Watch watch, Group group) {
    Optional<PaperPlan> plan(Drawer drawer, int copies, boolean isTrial) {
      List<Part> parts = new ArrayList<>();
      if (!group.own().isEmpty()) {
        parts.addAll(CutWork.parts(asked.design(), group.own(), group.paper(), copies));
      }
      if (!isTrial && isFirstOfPaper()) {
        for (Share share : asked.others()) {
          parts.addAll(share.parts(group.paper(), asked.others().indexOf(share) + 2));
        }
      }
      if (parts.isEmpty()) {
        return Optional.empty();
      }
      CutQuestion question =
          new CutQuestion(parts, stock(drawer, isTrial), asked.cutting().trimmer());
      CutPlan plan = CutPlanner.plan(question, asked.supplies().usual(), watch);
      TrimRun run = TrimRun.of(plan, question.trimmer());
      return Optional.of(new PaperPlan(group.all(), group.paper(), isTrial, question, plan, run));
    }

    /** What another job takes of a paper that comes in several sheets is cut with the first. */
    private boolean isFirstOfPaper() {
      return groups(asked).stream()
          .filter(each -> each.paper().equals(group.paper()))
          .findFirst()
          .filter(group::equals)
          .isPresent();
    }

    /** A trial card comes from the job's own sheets. */
    private List<Stock> stock(Drawer drawer, boolean isTrial) {
      Paper paper = group.paper();
      List<Stock> stock = new ArrayList<>(drawer.free(paper, asked.title()));
      if (asked.goal() instanceof Goal.FromSheet from
          && group.own().contains(PaperRole.CARDSTOCK)) {
        stock.addAll(from.besides(paper));
      }
      for (Sheet sheet : isTrial ? group.sheets().subList(0, 1) : group.sheets()) {
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
      }
      return stock;
    }
  }
}
