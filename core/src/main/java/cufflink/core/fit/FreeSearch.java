package cufflink.core.fit;

import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.BooleanSupplier;

/**
 * The largest size whose width and height are each on their own.
 *
 * <p>Pieces only grow with the card, so for each width there is a tallest height that passes the
 * limit, which never grows with the width: all of them are found by going along that border once.
 * Under it sizes are tried from the largest area down, so that the first that serves is the
 * largest. The number of trials is bounded; where that does not do, the largest of a coarse grid is
 * taken, and the answer says that it was not proved.
 */
final class FreeSearch {
  /** How many sizes are judged before the best of a coarse grid is taken. */
  static final int MOST_JUDGED = 20_000;

  private static final int GRID = 14;

  private final Ground ground;
  private final Marks marks;
  private final Trial now;
  private final double proportion;
  private final BooleanSupplier stops;

  /** What is known of a size. */
  interface Ground {
    /** Whether what comes of a size is not too large. */
    boolean passes(Length width, Length height);

    /** Whether the construction's rules allow a size. */
    boolean allows(Length width, Length height);

    /** All that is known of a size. */
    Trial trial(Length width, Length height);
  }

  /**
   * What was found.
   *
   * @param best the largest size that serves, if any was found
   * @param proved whether no larger one serves, or none at all if there is no best
   * @param tried some sizes from small to large that were tried on the way
   */
  record Found(Optional<Trial> best, boolean proved, List<Trial> tried) {}

  /** A width with the tallest height not yet judged. */
  private record Column(long width, long height) {
    double area() {
      return (double) width * height;
    }
  }

  /**
   * Prepares to search.
   *
   * @param ground what is known of a size
   * @param marks the marks on which sizes must fall
   * @param now the size as it is; of sizes of one area the one nearest to its proportions is taken
   * @param stops asked now and then; true ends the search with the best so far
   */
  FreeSearch(Ground ground, Marks marks, Trial now, BooleanSupplier stops) {
    this.ground = ground;
    this.marks = marks;
    this.now = now;
    this.proportion = Math.max(1, now.width().units()) / (double) Math.max(1, now.height().units());
    this.stops = stops;
  }

  /**
   * Searches.
   *
   * @param widths the narrowest and the widest width to try, in marks
   * @param heights the lowest and the tallest height to try, in marks
   */
  Found search(long[] widths, long[] heights) {
    List<Column> border = border(widths, heights);
    List<Trial> coarse = coarse(border, heights[0]);
    if (Trial.everywhere(coarse).isPresent()) {
      return new Found(Optional.empty(), true, coarse);
    }
    PriorityQueue<Column> largestFirst =
        new PriorityQueue<>(
            Comparator.comparingDouble(Column::area)
                .reversed()
                .thenComparingDouble(this::distortion));
    largestFirst.addAll(border);
    int judged = 0;
    while (!largestFirst.isEmpty() && judged < MOST_JUDGED && !stops.getAsBoolean()) {
      Column size = largestFirst.poll();
      judged++;
      if (ground.allows(length(size.width()), length(size.height()))) {
        Trial trial = ground.trial(length(size.width()), length(size.height()));
        if (trial.serves()) {
          return new Found(Optional.of(trial), true, coarse);
        }
      }
      if (size.height() > heights[0]) {
        largestFirst.add(new Column(size.width(), size.height() - 1));
      }
    }
    Optional<Trial> best =
        coarse.stream()
            .skip(1)
            .filter(Trial::serves)
            .max(
                Comparator.comparingDouble(
                    each -> each.width().toMillimetres() * each.height().toMillimetres()));
    return new Found(best, largestFirst.isEmpty() && best.isEmpty(), coarse);
  }

  private List<Column> border(long[] widths, long[] heights) {
    List<Column> border = new ArrayList<>();
    long height = heights[1];
    for (long width = widths[0]; width <= widths[1] && !stops.getAsBoolean(); width++) {
      while (height >= heights[0] && !ground.passes(length(width), length(height))) {
        height--;
      }
      if (height < heights[0]) {
        break;
      }
      border.add(new Column(width, height));
    }
    return border;
  }

  private List<Trial> coarse(List<Column> border, long lowest) {
    List<Trial> tried = new ArrayList<>(List.of(now));
    int stride = Math.max(1, border.size() / GRID);
    for (int i = 0; i < border.size() && !stops.getAsBoolean(); i += stride) {
      Column column = border.get(i);
      long step = Math.max(1, (column.height() - lowest) / GRID);
      for (long height = column.height(); height >= lowest; height -= step) {
        tried.add(ground.trial(length(column.width()), length(height)));
      }
    }
    return tried;
  }

  private double distortion(Column size) {
    return Math.abs(Math.log(size.width() / (double) size.height() / proportion));
  }

  private Length length(long steps) {
    return marks.step().times(steps);
  }
}
