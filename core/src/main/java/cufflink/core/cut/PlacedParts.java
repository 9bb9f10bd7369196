package cufflink.core.cut;

import cufflink.core.measure.Length;
import cufflink.core.paper.Paper;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Cuts parts from certain places of their sheets, and all others from what is left of those.
 *
 * <p>The parts of a sheet are gathered in their order, as long as none overlaps another and cuts
 * from edge to edge still part them; so the number of sheets is good, and least wherever a part is
 * wanted on each of them.
 */
final class PlacedParts {
  /** What is left of a sheet is offered under this name while the rest is planned. */
  private static final String LEFT = "left-of-";

  private final CutQuestion question;
  private final List<Message> problems = new ArrayList<>();
  private final List<CutSheet> sheets = new ArrayList<>();

  private PlacedParts(CutQuestion question) {
    this.question = question;
  }

  static boolean isIn(CutQuestion question) {
    return question.parts().stream().anyMatch(part -> part.at().isPresent());
  }

  /**
   * Plans.
   *
   * @param question what is to be cut, some of it from certain places
   * @param others plans all that may be cut from anywhere
   * @return the plan
   */
  static CutPlan plan(CutQuestion question, Function<CutQuestion, CutPlan> others) {
    return new PlacedParts(question).plan(others);
  }

  private CutPlan plan(Function<CutQuestion, CutPlan> others) {
    int least = place();
    List<Part> anywhere = question.parts().stream().filter(part -> part.at().isEmpty()).toList();
    List<Stock> stock = new ArrayList<>(question.stock());
    for (int i = 0; i < sheets.size(); i++) {
      List<Layout.Placed> spares = spares(sheets.get(i).layout());
      for (int j = 0; j < spares.size(); j++) {
        Layout spare = spares.get(j).what();
        if (Drawer.isUseful(spare.width(), spare.height())) {
          Paper paper = sheets.get(i).stock().paper();
          int times = sheets.get(i).times();
          stock.add(
              new Stock(LEFT + i + "-" + j, "", spare.width(), spare.height(), times, true, paper));
        }
      }
    }
    CutPlan rest = others.apply(new CutQuestion(anywhere, stock, question.trimmer()));
    List<CutSheet> all = new ArrayList<>();
    for (int i = 0; i < sheets.size(); i++) {
      all.addAll(filled(i, rest));
    }
    rest.sheets().stream().filter(each -> !isLeft(each)).forEach(all::add);
    problems.addAll(rest.problems());
    return new CutPlan(all, least, problems);
  }

  private static boolean isLeft(CutSheet sheet) {
    return sheet.stock().id().startsWith(LEFT);
  }

  private static List<Layout.Placed> spares(Layout layout) {
    return layout.leaves().stream().filter(each -> each.what() instanceof Layout.Spare).toList();
  }

  /** Lays all parts that have a place, and returns how many sheets that takes at the least. */
  private int place() {
    Map<Part, Integer> left = new LinkedHashMap<>();
    for (Part part : question.parts()) {
      if (part.at().isPresent()) {
        if (stock(List.of(part)).isPresent()) {
          left.merge(part, part.count(), Integer::sum);
        } else {
          problems.add(problem(part));
        }
      }
    }
    int least = left.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    while (!left.isEmpty()) {
      List<Part> together = new ArrayList<>();
      for (Part part : left.keySet()) {
        together.add(part);
        if (stock(together).isEmpty()) {
          together.remove(together.size() - 1);
        }
      }
      int times = together.stream().mapToInt(left::get).min().orElseThrow();
      Stock stock = stock(together).orElseThrow();
      Layout layout = layout(stock, together).orElseThrow();
      sheets.add(new CutSheet(stock, layout, times));
      for (Part part : together) {
        left.merge(part, -times, Integer::sum);
        left.remove(part, 0);
      }
    }
    return least;
  }

  private Message problem(Part part) {
    Optional<Stock> sheet = question.stock().stream().filter(each -> !each.offCut()).findFirst();
    return sheet.isEmpty()
        ? Message.of("cut.only-off-cuts", part.label())
        : Message.of(
            "cut.placed-off",
            part.label(),
            part.at().orElseThrow().left(),
            part.at().orElseThrow().top(),
            sheet.get().label());
  }

  /** Returns the first sheet from which all of some parts can be cut together. */
  private Optional<Stock> stock(List<Part> parts) {
    return question.stock().stream()
        .filter(each -> !each.offCut() && layout(each, parts).isPresent())
        .findFirst();
  }

  /** A part on its sheet, in units of length. */
  private record Block(Part part, long left, long top, long right, long bottom) {
    private static Block of(Part part) {
      Part.At at = part.at().orElseThrow();
      Length width = at.across() ? part.height() : part.width();
      Length height = at.across() ? part.width() : part.height();
      long left = at.left().units();
      long top = at.top().units();
      return new Block(part, left, top, left + width.units(), top + height.units());
    }

    private boolean isWithin(long x, long y, long right, long bottom) {
      return left >= x && top >= y && this.right <= right && this.bottom <= bottom;
    }
  }

  private Optional<Layout> layout(Stock stock, List<Part> parts) {
    List<Block> blocks = parts.stream().map(Block::of).toList();
    long wide = stock.width().units();
    long high = stock.height().units();
    return blocks.stream().allMatch(block -> block.isWithin(0, 0, wide, high))
        ? new Region(0, 0, wide, high, blocks).layout()
        : Optional.empty();
  }

  /** Part of a sheet with what is to be cut from it. */
  private final class Region {
    private final long left;
    private final long top;
    private final long right;
    private final long bottom;
    private final List<Block> blocks;

    private Region(long left, long top, long right, long bottom, List<Block> blocks) {
      this.left = left;
      this.top = top;
      this.right = right;
      this.bottom = bottom;
      this.blocks = blocks;
    }

    private Optional<Layout> layout() {
      Length width = Length.ofUnits(right - left);
      Length height = Length.ofUnits(bottom - top);
      if (blocks.isEmpty()) {
        return Optional.of(new Layout.Spare(width, height));
      }
      Block first = blocks.get(0);
      boolean isWhole =
          first.left == left && first.top == top && first.right == right && first.bottom == bottom;
      if (isWhole) {
        return blocks.size() == 1
            ? Optional.of(
                new Layout.Cut(width, height, first.part, first.part.at().orElseThrow().across()))
            : Optional.empty();
      }
      Optional<Cut> best = Optional.empty();
      for (Block block : blocks) {
        for (Cut cut :
            List.of(
                new Cut(true, block.left),
                new Cut(true, block.right),
                new Cut(false, block.top),
                new Cut(false, block.bottom))) {
          if (isPossible(cut) && best.filter(it -> freed(it) >= freed(cut)).isEmpty()) {
            best = Optional.of(cut);
          }
        }
      }
      return best.flatMap(this::split);
    }

    private boolean isPossible(Cut cut) {
      boolean isInside =
          cut.down ? cut.at > left && cut.at < right : cut.at > top && cut.at < bottom;
      long length = cut.down ? bottom - top : right - left;
      return isInside
          && length <= question.trimmer().longestCut().units()
          && blocks.stream().allMatch(each -> cut.isBefore(each) || cut.isAfter(each));
    }

    /** How much paper a cut leaves free in one piece. */
    private double freed(Cut cut) {
      boolean isFirst = blocks.stream().allMatch(cut::isBefore);
      boolean isRest = blocks.stream().allMatch(cut::isAfter);
      if (!isFirst && !isRest) {
        return 0;
      }
      double side = cut.down ? bottom - top : right - left;
      double from = cut.down ? left : top;
      double to = cut.down ? right : bottom;
      return side * (isFirst ? cut.at - from : to - cut.at);
    }

    private Optional<Layout> split(Cut cut) {
      List<Block> before = blocks.stream().filter(cut::isAfter).toList();
      List<Block> after = blocks.stream().filter(cut::isBefore).toList();
      Region first =
          new Region(left, top, cut.down ? cut.at : right, cut.down ? bottom : cut.at, before);
      Region rest =
          new Region(cut.down ? cut.at : left, cut.down ? top : cut.at, right, bottom, after);
      Optional<Layout> one = first.layout();
      Optional<Layout> other = rest.layout();
      return one.isPresent() && other.isPresent()
          ? Optional.of(new Layout.Split(cut.down, one.get(), other.get()))
          : Optional.empty();
    }
  }

  /** A cut from edge to edge. */
  private record Cut(boolean down, long at) {
    private boolean isBefore(Block block) {
      return down ? block.left >= at : block.top >= at;
    }

    private boolean isAfter(Block block) {
      return down ? block.right <= at : block.bottom <= at;
    }
  }

  /** Puts into what is left of a sheet what was planned there. */
  private List<CutSheet> filled(int number, CutPlan rest) {
    CutSheet sheet = sheets.get(number);
    Map<Integer, List<CutSheet>> fillings = new HashMap<>();
    for (CutSheet each : rest.sheets()) {
      if (isLeft(each)) {
        String[] at = each.stock().id().substring(LEFT.length()).split("-");
        if (Integer.parseInt(at[0]) == number) {
          fillings.computeIfAbsent(Integer.parseInt(at[1]), it -> new ArrayList<>()).add(each);
        }
      }
    }
    List<CutSheet> all = new ArrayList<>();
    int done = 0;
    while (done < sheet.times()) {
      Map<Integer, Layout> now = new HashMap<>();
      int alike = sheet.times() - done;
      for (Map.Entry<Integer, List<CutSheet>> each : fillings.entrySet()) {
        int passed = 0;
        for (CutSheet filling : each.getValue()) {
          passed += filling.times();
          if (done < passed) {
            now.put(each.getKey(), filling.layout());
            alike = Math.min(alike, passed - done);
            break;
          }
        }
      }
      all.add(new CutSheet(sheet.stock(), with(sheet.layout(), now, new int[1]), alike));
      done += alike;
    }
    return all;
  }

  private static Layout with(Layout layout, Map<Integer, Layout> fillings, int[] seen) {
    if (layout instanceof Layout.Split split) {
      Layout first = with(split.first(), fillings, seen);
      return new Layout.Split(split.down(), first, with(split.rest(), fillings, seen));
    }
    if (layout instanceof Layout.Spare) {
      return fillings.getOrDefault(seen[0]++, layout);
    }
    return layout;
  }
}
