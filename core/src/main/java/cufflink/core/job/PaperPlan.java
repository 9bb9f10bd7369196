package cufflink.core.job;

import cufflink.core.cut.CutPlan;
import cufflink.core.cut.CutQuestion;
import cufflink.core.cut.CutWork;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Part;
import cufflink.core.cut.TrimRun;
import cufflink.core.cut.Watch;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.fit.Goal;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How one paper is cut for a job.
 *
 * @param roles all that the paper is for, at least one
 * @param paper the paper
 * @param isTrial whether this is the one card made first
 * @param question what is cut, and from what
 * @param plan the plan
 * @param run its cuts in order
 * @param picture what its sheets look like, if the maker has a picture of them
 */
public record PaperPlan(
    List<PaperRole> roles,
    Paper paper,
    boolean isTrial,
    CutQuestion question,
    CutPlan plan,
    TrimRun run,
    Optional<Picture> picture) {

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
   * @param only how many of which parts are still to be cut, by the parts' ids; all if that is
   *     empty
   */
  public record Question(
      Design design,
      String title,
      Order order,
      Papers papers,
      Cutting cutting,
      Goal goal,
      Supplies supplies,
      List<Share> others,
      Optional<Map<String, Integer>> only) {
    /** Copies the list and the map. */
    public Question {
      others = List.copyOf(others);
      only = only.map(Map::copyOf);
    }

    /**
     * Asks how several jobs are cut together.
     *
     * @param jobs other jobs, whose pieces come from the same sheets where they are of the same
     *     paper
     * @return the question about all of them
     */
    public Question with(List<Share> jobs) {
      return new Question(design, title, order, papers, cutting, goal, supplies, jobs, only);
    }

    /**
     * Asks how some parts of a job are cut, and nothing of other jobs.
     *
     * @param parts how many of which, by their ids
     * @return the question about them
     */
    public Question only(Map<String, Integer> parts) {
      return new Question(
          design,
          title,
          order.withTrialFirst(false),
          papers,
          cutting,
          goal,
          supplies,
          List.of(),
          Optional.of(parts));
    }

    /**
     * Asks the same with other paper in the drawer.
     *
     * @param drawer the maker's sheets and off-cuts
     * @return the question about them
     */
    public Question from(Drawer drawer) {
      Supplies now = new Supplies(drawer, supplies.fallback(), supplies.usual());
      return new Question(design, title, order, papers, cutting, goal, now, others, only);
    }

    /**
     * Returns all that is cut for the job itself.
     *
     * @return its parts, with how many of each, whatever was asked about only
     */
    public List<Part> needed() {
      Map<String, Part.At> placed = PaperGroup.placed(design, papers);
      return PaperGroup.of(this).stream()
          .filter(group -> !group.own().isEmpty())
          .flatMap(
              group ->
                  CutWork.parts(
                      design,
                      group.own(),
                      group.paper(),
                      Piece.Lot.all(order.copies()),
                      Set.of(),
                      placed)
                      .stream())
          .toList();
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
          design,
          job.title(),
          job.order(),
          job.papers(),
          cutting,
          job.goal(),
          supplies,
          List.of(),
          Optional.empty());
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
    List<Part> parts(PaperGroup group, int number) {
      Paper paper = group.paper();
      List<PaperRole> roles =
          cut(design).stream()
              .filter(role -> papers.of(role).equals(paper))
              .filter(role -> group.isOf(paper, papers, role))
              .toList();
      Map<String, Part.At> placed = PaperGroup.placed(design, papers);
      return CutWork.parts(design, roles, paper, Piece.Lot.all(copies), Set.of(), placed).stream()
          .map(
              part ->
                  new Part(
                      number + ":" + part.id(),
                      title + ": " + part.label(),
                      part.width(),
                      part.height(),
                      part.count(),
                      part.folds(),
                      part.at()))
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
    int aside = trial ? 1 : 0;
    for (PaperGroup group : PaperGroup.of(question)) {
      PaperGroup.Maker maker = new PaperGroup.Maker(question, watch, group);
      Drawer left = question.supplies().drawer();
      if (trial) {
        Optional<PaperPlan> first = maker.plan(left, Piece.Lot.all(1), true);
        first.ifPresent(plans::add);
        if (first.isPresent()) {
          left = left.take(question.title(), first.get().plan(), first.get().run());
        }
      }
      maker.plan(left, new Piece.Lot(aside, copies - aside), false).ifPresent(plans::add);
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

  static List<PaperRole> cut(Design design) {
    return design.roles().stream().filter(role -> role.kind() != PaperKind.RIBBON).toList();
  }

  /**
   * Returns a job one of whose papers looks otherwise. Paper in a picture goes by its name, so that
   * it is cut from no other sheets or off-cuts.
   *
   * @param job the job
   * @param role what the paper is for
   * @param colours what it looks like; if it is in a picture it comes in the sheets that this shows
   * @param fallback the sheet it comes in if the job does not say
   * @return the job
   */
  public static Job looking(Job job, PaperRole role, Papers.Colours colours, Sheet fallback) {
    Job now = looking(job, role, colours);
    if (colours.picture().isEmpty()) {
      return now;
    }
    Picture picture = colours.picture().get();
    Sheet shown = new Sheet("own", picture.label(), picture.wide(), picture.high());
    return sheet(job, role, fallback).equals(shown)
        ? now
        : now.withCutting(now.cutting().withSheet(role, shown));
  }

  /** What is in no picture any more has its own name again, and comes in the usual sheets. */
  static Job looking(Job job, PaperRole role, Papers.Colours colours) {
    Paper paper = job.papers().of(role);
    boolean wasPictured =
        Optional.ofNullable(job.papers().colours().get(role.id()))
            .flatMap(Papers.Colours::picture)
            .filter(it -> it.label().equals(paper.name()))
            .isPresent();
    Paper usual = role.kind() == PaperKind.CARDSTOCK ? Paper.CARD : Paper.PATTERNED;
    String plain = wasPictured ? usual.name() : paper.name();
    String name = colours.picture().map(Picture::label).orElse(plain);
    Papers named =
        name.equals(paper.name()) ? job.papers() : job.papers().with(role, paper.named(name));
    Job now = job.withPapers(named.looking(role, colours));
    return wasPictured && colours.picture().isEmpty()
        ? now.withCutting(now.cutting().withoutSheet(role))
        : now;
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
}
