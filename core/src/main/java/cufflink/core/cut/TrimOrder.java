package cufflink.core.cut;

import cufflink.core.cut.TrimStep.Becomes;
import cufflink.core.cut.TrimStep.Result;
import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Finds an order of cuts in which the fence is moved seldom.
 *
 * <p>A paper can be cut once it lies free. Of the cuts that can be made, those at the present
 * setting come first; then comes the setting that the fewest cuts still to be freed will want as
 * well, of those the widest. This is a good order, not a proven one.
 */
final class TrimOrder {
  private static final int LETTERS = 26;

  private final Trimmer trimmer;
  private final List<Paper> table = new ArrayList<>();
  private final List<TrimStep> steps = new ArrayList<>();
  private final Map<Integer, Integer> strips = new HashMap<>();
  private Optional<Length> fence = Optional.empty();

  /** Which edges of a paper came with the sheet. */
  private record Edges(boolean left, boolean top, boolean right, boolean bottom) {}

  /** A paper that lies free and is still to be cut. */
  private record Paper(
      int sheet,
      String name,
      String sheetName,
      int times,
      Layout.Split layout,
      Length x,
      Length y,
      boolean liesTurned,
      Edges edges,
      Length rough) {
    Length near() {
      return Neat.side(layout.first(), layout.down());
    }

    /** Spare paper is measured only where it is a rough edge, cut off like the one before. */
    Optional<Length> far() {
      Length side = Neat.side(layout.rest(), layout.down());
      boolean measured = !(layout.rest() instanceof Layout.Spare) || side.equals(rough);
      return measured ? Optional.of(side) : Optional.empty();
    }

    boolean suits(Length setting) {
      return near().equals(setting) || far().filter(setting::equals).isPresent();
    }
  }

  TrimOrder(CutPlan plan, Trimmer trimmer) {
    this.trimmer = trimmer;
    int number = 1;
    for (int i = 0; i < plan.sheets().size(); i++) {
      CutSheet sheet = plan.sheets().get(i);
      int last = number + sheet.times() - 1;
      String name = sheet.times() == 1 ? Integer.toString(number) : number + "–" + last;
      number = last + 1;
      if (sheet.layout() instanceof Layout.Split split) {
        Edges all = new Edges(true, true, true, true);
        table.add(
            new Paper(
                i,
                name,
                name,
                sheet.times(),
                split,
                Length.ZERO,
                Length.ZERO,
                false,
                all,
                trimmer.roughEdge()));
      }
    }
  }

  List<TrimStep> steps() {
    while (!table.isEmpty()) {
      Length setting = fence.filter(this::isWanted).orElseGet(this::next);
      fence = Optional.of(setting);
      Paper paper = table.stream().filter(each -> each.suits(setting)).findFirst().orElseThrow();
      table.remove(paper);
      cut(paper, setting);
    }
    return steps;
  }

  private boolean isWanted(Length setting) {
    return table.stream().anyMatch(each -> each.suits(setting));
  }

  /** Chooses the setting that has to be come back to least, then the widest. */
  private Length next() {
    Map<Length, Integer> later = new HashMap<>();
    table.forEach(
        paper -> {
          count(paper.layout().first(), later);
          countRest(paper.layout().rest(), paper.layout().down(), later);
        });
    return table.stream()
        .map(Paper::near)
        .min(
            Comparator.comparingInt((Length each) -> later.getOrDefault(each, 0))
                .thenComparing(Comparator.reverseOrder()))
        .orElseThrow();
  }

  /** The next cut of a row lies free as soon as this one is made, so it is not later. */
  private static void countRest(Layout rest, boolean down, Map<Length, Integer> later) {
    if (rest instanceof Layout.Split split && split.down() == down) {
      boolean spareFollows = split.rest() instanceof Layout.Spare;
      count(split.first(), later);
      if (!spareFollows) {
        countRest(split.rest(), down, later);
      }
    } else {
      count(rest, later);
    }
  }

  private static void count(Layout layout, Map<Length, Integer> later) {
    if (layout instanceof Layout.Split split) {
      later.merge(Neat.side(split.first(), split.down()), 1, Integer::sum);
      count(split.first(), later);
      count(split.rest(), later);
    }
  }

  private void cut(Paper paper, Length setting) {
    Layout.Split split = paper.layout();
    boolean down = split.down();
    boolean far = !paper.near().equals(setting);
    Edges edges = paper.edges();
    Edges near =
        down
            ? new Edges(edges.left(), edges.top(), false, edges.bottom())
            : new Edges(edges.left(), edges.top(), edges.right(), false);
    Edges beyond =
        down
            ? new Edges(false, edges.top(), edges.right(), edges.bottom())
            : new Edges(edges.left(), false, edges.right(), edges.bottom());
    Length right = down ? paper.x().plus(split.first().width()) : paper.x();
    Length below = down ? paper.y() : paper.y().plus(split.first().height());
    String strip = split.first() instanceof Layout.Split ? strip(paper) : "";
    boolean factory =
        down ? (far ? edges.right() : edges.left()) : far ? edges.bottom() : edges.top();
    Length held = paper.near().max(Neat.side(split.rest(), down));
    steps.add(
        new TrimStep(
            paper.sheet(),
            paper.name(),
            paper.times(),
            down,
            paper.x(),
            paper.y(),
            split.width(),
            split.height(),
            paper.liesTurned() == down,
            setting,
            far,
            result(split.first(), strip),
            result(split.rest(), paper.name()),
            factory,
            held.compareTo(trimmer.smallestHeld()) < 0,
            split.parts().stream().anyMatch(part -> part.at().isPresent())));
    lay(paper, split.rest(), paper.name(), right, below, beyond);
    lay(paper, split.first(), strip, paper.x(), paper.y(), near);
  }

  private void lay(Paper from, Layout layout, String name, Length x, Length y, Edges edges) {
    if (layout instanceof Layout.Split split) {
      table.add(
          0,
          new Paper(
              from.sheet(),
              name,
              from.sheetName(),
              from.times(),
              split,
              x,
              y,
              !from.layout().down(),
              edges,
              from.rough()));
    }
  }

  private String strip(Paper paper) {
    int index = strips.merge(paper.sheet(), 1, Integer::sum) - 1;
    StringBuilder letters = new StringBuilder();
    for (int rest = index; rest >= 0; rest = rest / LETTERS - 1) {
      letters.insert(0, (char) ('A' + rest % LETTERS));
    }
    return paper.sheetName() + " " + letters;
  }

  private static Result result(Layout layout, String name) {
    if (layout instanceof Layout.Cut cut) {
      return new Result(
          Becomes.PART,
          cut.part().label(),
          cut.width(),
          cut.height(),
          Optional.of(cut.part()),
          cut.turned());
    }
    Becomes becomes = Becomes.PAPER;
    if (layout instanceof Layout.Spare) {
      boolean useful = Drawer.isUseful(layout.width(), layout.height());
      becomes = useful ? Becomes.OFF_CUT : Becomes.WASTE;
    }
    String known = becomes == Becomes.PAPER ? name : "";
    return new Result(becomes, known, layout.width(), layout.height(), Optional.empty(), false);
  }
}
