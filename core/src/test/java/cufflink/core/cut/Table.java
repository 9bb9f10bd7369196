package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Cuts paper by a printed run and nothing else: it knows the sheets that are taken and what each
 * step says, not the plan's layouts.
 */
final class Table {
  private final Map<String, List<Rectangle>> papers = new HashMap<>();
  private final Map<Part, Integer> parts = new HashMap<>();
  private double spare;

  /** Paper on the table as it lies. */
  record Rectangle(Length width, Length height) {}

  /** Lays out the sheets of a plan, numbered as they are taken. */
  static Table of(CutPlan plan) {
    Table table = new Table();
    int number = 1;
    for (CutSheet sheet : plan.sheets()) {
      int last = number + sheet.times() - 1;
      String name = sheet.times() == 1 ? "" + number : number + "–" + last;
      Rectangle whole = new Rectangle(sheet.stock().width(), sheet.stock().height());
      if (sheet.layout() instanceof Layout.Cut cut) {
        table.parts.merge(cut.part(), sheet.times(), Integer::sum);
      } else {
        table.papers.put(
            name, new ArrayList<>(java.util.Collections.nCopies(sheet.times(), whole)));
      }
      number = last + 1;
    }
    return table;
  }

  void follow(TrimRun run) {
    for (TrimRun.Setting setting : run.settings()) {
      for (TrimStep step : setting.steps()) {
        if (!step.fence().equals(setting.fence())) {
          throw new AssertionError("the fence stands at " + setting.fence() + " for " + step);
        }
        cut(step);
      }
    }
  }

  private void cut(TrimStep step) {
    List<Rectangle> lying = papers.remove(step.paper());
    if (lying == null || lying.size() != step.times()) {
      throw new AssertionError("there is no paper " + step.paper() + " to cut for " + step);
    }
    for (Rectangle paper : lying) {
      Length along = step.down() ? paper.width() : paper.height();
      Length fromNear = step.farEdge() ? along.minus(step.fence()) : step.fence();
      Length other = along.minus(fromNear);
      if (!fromNear.isPositive() || !other.isPositive()) {
        throw new AssertionError("a cut beside the paper: " + step);
      }
      put(step.first(), step.down(), fromNear, paper);
      put(step.rest(), step.down(), other, paper);
    }
  }

  private void put(TrimStep.Result result, boolean down, Length side, Rectangle paper) {
    Rectangle now = down ? new Rectangle(side, paper.height()) : new Rectangle(paper.width(), side);
    if (!now.equals(new Rectangle(result.width(), result.height()))) {
      throw new AssertionError(now + " is not what the run promises: " + result);
    }
    switch (result.becomes()) {
      case PAPER -> papers.computeIfAbsent(result.name(), each -> new ArrayList<>()).add(now);
      case PART -> {
        Part part = result.part().orElseThrow();
        Rectangle wanted =
            result.partTurned()
                ? new Rectangle(part.height(), part.width())
                : new Rectangle(part.width(), part.height());
        if (!now.equals(wanted)) {
          throw new AssertionError(now + " is laid aside as " + part);
        }
        parts.merge(part, 1, Integer::sum);
      }
      default -> spare += now.width().toMillimetres() * now.height().toMillimetres();
    }
  }

  /** Returns what was laid aside; there must be nothing left to cut. */
  Map<Part, Integer> parts() {
    if (!papers.isEmpty()) {
      throw new AssertionError("still to be cut: " + papers);
    }
    return parts;
  }

  double spare() {
    return spare;
  }
}
