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
import cufflink.core.decor.Cutout;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.fit.Goal;
import cufflink.core.job.PaperPlan.Question;
import cufflink.core.job.PaperPlan.Share;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is cut from one paper that comes in the same sheets, or also in those of other jobs. Papers
 * of one weight that look otherwise are cut from sheets of their own.
 */
record PaperGroup(
    Paper paper,
    Optional<Papers.Colours> colours,
    List<Sheet> sheets,
    List<PaperRole> own,
    List<PaperRole> all) {
  /** Divides what is asked by its papers and their sheets. */
  static List<PaperGroup> of(Question question) {
    Map<List<Object>, PaperGroup> groups = new LinkedHashMap<>();
    for (PaperRole role : PaperPlan.cut(question.design())) {
      Paper paper = question.papers().of(role);
      Sheet sheet = question.cutting().sheet(role).orElseThrow();
      Optional<Papers.Colours> colours = colours(question.papers(), role);
      PaperGroup group =
          groups.computeIfAbsent(
              List.of(paper, sheet, colours),
              key ->
                  new PaperGroup(
                      paper,
                      colours,
                      new ArrayList<>(List.of(sheet)),
                      new ArrayList<>(),
                      new ArrayList<>()));
      group.own().add(role);
      group.all().add(role);
    }
    for (Share share : question.others()) {
      for (PaperRole role : PaperPlan.cut(share.design())) {
        Paper paper = share.papers().of(role);
        Sheet sheet = share.cutting().sheet(role).orElseThrow();
        Optional<Papers.Colours> colours = colours(share.papers(), role);
        Optional<PaperGroup> same =
            groups.values().stream().filter(group -> group.isOf(paper, colours)).findFirst();
        if (same.isEmpty()) {
          groups.put(
              List.of(paper, sheet, colours),
              new PaperGroup(
                  paper,
                  colours,
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

  private static Optional<Papers.Colours> colours(Papers papers, PaperRole role) {
    return Optional.ofNullable(papers.colours().get(role.id()));
  }

  private boolean isOf(Paper other, Optional<Papers.Colours> seen) {
    return paper.equals(other) && colours.equals(seen);
  }

  boolean isOf(Paper other, Papers papers, PaperRole role) {
    return isOf(other, colours(papers, role));
  }

  /** Returns where on their sheets parts of a job are cut, by the names of the parts. */
  static Map<String, Part.At> placed(Design design, Papers papers) {
    Map<String, Part.At> placed = new HashMap<>();
    Cutout.all(design, papers)
        .forEach(
            (part, cutout) -> {
              if (cutout.isPlaced()) {
                Picture.Spot spot = cutout.spot();
                placed.put(part, new Part.At(spot.left(), spot.top(), spot.isAcross()));
              }
            });
    return placed;
  }

  /** Plans one paper. */
  record Maker(Question asked, Watch watch, PaperGroup group) {
    Optional<PaperPlan> plan(Drawer drawer, Piece.Lot lot, boolean isTrial) {
      List<Part> parts = new ArrayList<>();
      if (!group.own().isEmpty()) {
        Set<String> besides = asked.only().map(Map::keySet).orElse(Set.of());
        Map<String, Part.At> placed = placed(asked.design(), asked.papers());
        CutWork.parts(asked.design(), group.own(), group.paper(), lot, besides, placed).stream()
            .flatMap(part -> asked(part).stream())
            .forEach(parts::add);
      }
      if (!isTrial && isFirstOfPaper()) {
        for (Share share : asked.others()) {
          parts.addAll(share.parts(group, asked.others().indexOf(share) + 2));
        }
      }
      if (parts.isEmpty()) {
        return Optional.empty();
      }
      CutQuestion question =
          new CutQuestion(parts, stock(drawer, isTrial), asked.cutting().trimmer());
      CutPlan plan = CutPlanner.plan(question, asked.supplies().usual(), watch);
      TrimRun run = TrimRun.of(plan, question.trimmer());
      Optional<Picture> picture = group.colours().flatMap(Papers.Colours::picture);
      return Optional.of(
          new PaperPlan(group.all(), group.paper(), isTrial, question, plan, run, picture));
    }

    private Optional<Part> asked(Part part) {
      int count = asked.only().map(only -> only.getOrDefault(part.id(), 0)).orElse(part.count());
      return count == 0 ? Optional.empty() : Optional.of(part.withCount(count));
    }

    /** What another job takes of a paper that comes in several sheets is cut with the first. */
    private boolean isFirstOfPaper() {
      return of(asked).stream()
          .filter(each -> each.isOf(group.paper(), group.colours()))
          .findFirst()
          .filter(group::equals)
          .isPresent();
    }

    private boolean isFirstOfWeight() {
      return of(asked).stream()
          .filter(each -> each.paper().equals(group.paper()))
          .findFirst()
          .filter(group::equals)
          .isPresent();
    }

    /** A trial card comes from the job's own sheets. */
    private List<Stock> stock(Drawer drawer, boolean isTrial) {
      Paper paper = group.paper();
      List<Stock> stock = new ArrayList<>(drawer.free(paper, asked.title()));
      if (!isFirstOfWeight()) {
        // Off-cuts are used once, for what is asked first.
        List<Stock> there = asked.supplies().drawer().stock();
        stock.removeIf(
            each -> each.offCut() && there.stream().anyMatch(one -> one.id().equals(each.id())));
      }
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
