package cufflink.core.fit;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.CutAway;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How many sheets a card takes, by a quick guillotine layout.
 *
 * <p>Pieces are set one after another, the largest first, into the free rectangle that they leave
 * least of, and each cut runs from edge to edge of its rectangle. This is an estimate from above: a
 * better layout may need fewer sheets, never more.
 *
 * @param sheets how many sheets, above zero
 * @param waste the share of their area that no piece needs, from 0 to 1
 */
public record SheetUse(int sheets, double waste) {
  private static final int MOST_PIECES = 400;
  private static final int MOST_CARDS = 12;
  private static final double ROUNDING = 1e-9;

  /** A rectangle of paper, in units of length. */
  private record Free(long width, long height) {}

  /**
   * Estimates the sheets for some copies of a card.
   *
   * @param design the card
   * @param paper which of its pieces and layers to count
   * @param copies how many cards, above zero
   * @param sheet the sheet
   * @return the estimate; empty if no piece is of this paper, if one does not fit the sheet, or if
   *     there are more than 400 pieces
   */
  public static Optional<SheetUse> of(Design design, PaperKind paper, int copies, Sheet sheet) {
    List<Free> pieces = pieces(design, paper, copies);
    if (pieces.isEmpty() || pieces.size() > MOST_PIECES) {
      return Optional.empty();
    }
    pieces.sort(Comparator.comparingLong((Free each) -> each.width() * each.height()).reversed());
    Free whole = new Free(sheet.width().units(), sheet.height().units());
    double used = 0;
    for (Free piece : pieces) {
      used += (double) piece.width() * piece.height();
    }
    double area = (double) whole.width() * whole.height();
    int least = (int) Math.max(1, Math.ceil(used / area - ROUNDING));
    int fewest = Integer.MAX_VALUE;
    for (Habit habit : Habit.values()) {
      for (Turning turning : Turning.values()) {
        if (fewest > least) {
          fewest = Math.min(fewest, new Table(whole, habit, turning).sheets(pieces));
        }
      }
    }
    return fewest == Integer.MAX_VALUE
        ? Optional.empty()
        : Optional.of(new SheetUse(fewest, Math.max(0, 1 - used / (area * fewest))));
  }

  /**
   * Estimates how many whole cards one sheet yields.
   *
   * @param design the card
   * @param sheet the sheet
   * @return from 0 to 12; a better layout may yield more
   */
  public static int yield(Design design, Sheet sheet) {
    int cards = 0;
    while (cards < MOST_CARDS
        && of(design, PaperKind.CARDSTOCK, cards + 1, sheet)
            .filter(use -> use.sheets() == 1)
            .isPresent()) {
      cards++;
    }
    return cards;
  }

  private static List<Free> pieces(Design design, PaperKind paper, int copies) {
    List<Free> pieces = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      if (piece.paper() == paper && !CutAway.serves(design, piece)) {
        add(pieces, piece.width(), piece.height(), piece.total(copies));
      }
    }
    for (Layer layer : design.layers()) {
      if (layer.paper() == paper) {
        add(pieces, layer.width(), layer.height(), (long) design.count(layer) * copies);
      }
    }
    return pieces;
  }

  private static void add(List<Free> pieces, Length width, Length height, long count) {
    for (long i = 0; i < count && pieces.size() <= MOST_PIECES; i++) {
      pieces.add(new Free(width.units(), height.units()));
    }
  }

  /** Which way the first cut beside a piece runs. */
  private enum Habit {
    /** So that the larger rectangle is left. */
    LARGER_REST,
    /** Always across. */
    ACROSS,
    /** Always down. */
    DOWN
  }

  /** Which pieces may be turned. */
  private enum Turning {
    ANY,
    NONE,
    ALL
  }

  /** Sheets being filled by one habit. */
  private static final class Table {
    private final Free whole;
    private final Habit habit;
    private final Turning turning;
    private final List<Free> free = new ArrayList<>();

    Table(Free whole, Habit habit, Turning turning) {
      this.whole = whole;
      this.habit = habit;
      this.turning = turning;
    }

    /** Returns how many sheets the pieces take, or the largest number if one fits no sheet. */
    int sheets(List<Free> pieces) {
      int sheets = 0;
      for (Free piece : pieces) {
        if (!place(piece)) {
          free.add(whole);
          sheets++;
          if (!place(piece)) {
            return Integer.MAX_VALUE;
          }
        }
      }
      return sheets;
    }

    private boolean place(Free piece) {
      return switch (turning) {
        case NONE -> place(piece, false);
        case ALL -> place(turned(piece), false);
        case ANY -> place(piece, true);
      };
    }

    private static Free turned(Free piece) {
      return new Free(piece.height(), piece.width());
    }

    /** Sets a piece into the free rectangle it fills best, and cuts off what is left of that. */
    private boolean place(Free piece, boolean either) {
      int best = -1;
      Free lying = piece;
      long least = Long.MAX_VALUE;
      for (int i = 0; i < free.size(); i++) {
        for (Free way : either ? List.of(piece, turned(piece)) : List.of(piece)) {
          long right = free.get(i).width() - way.width();
          long below = free.get(i).height() - way.height();
          if (right >= 0 && below >= 0 && Math.min(right, below) < least) {
            least = Math.min(right, below);
            best = i;
            lying = way;
          }
        }
      }
      if (best >= 0) {
        cut(free.remove(best), lying);
      }
      return best >= 0;
    }

    private void cut(Free room, Free piece) {
      long right = room.width() - piece.width();
      long below = room.height() - piece.height();
      boolean across =
          habit == Habit.ACROSS
              || (habit == Habit.LARGER_REST && right * room.height() < below * room.width());
      add(right, across ? piece.height() : room.height());
      add(across ? room.width() : piece.width(), below);
    }

    private void add(long width, long height) {
      if (width > 0 && height > 0) {
        free.add(new Free(width, height));
      }
    }
  }
}
