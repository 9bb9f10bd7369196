package cufflink.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The parts of a question sorted into kinds of one size and folding, and the rooms they can be cut
 * from. All sizes are in units of length.
 */
final class Kinds {
  private final List<List<Part>> parts = new ArrayList<>();
  private final List<Room> rooms = new ArrayList<>();
  private final Trimmer trimmer;
  private final long longestCut;

  /**
   * What can be used of a stock.
   *
   * @param stock the stock
   * @param width its width without rough edges
   * @param height its height without rough edges
   * @param turning how each kind may lie on it
   */
  record Room(Stock stock, long width, long height, List<Turning> turning) {
    boolean allows(int kind, boolean turned) {
      return turning.get(kind).allows(turned);
    }
  }

  Kinds(CutQuestion question) {
    trimmer = question.trimmer();
    longestCut = question.trimmer().longestCut().units();
    for (Part part : question.parts()) {
      parts.stream()
          .filter(each -> isSame(each.get(0), part))
          .findFirst()
          .ifPresentOrElse(each -> each.add(part), () -> parts.add(new ArrayList<>(List.of(part))));
    }
    long edges = question.trimmer().roughEdge().times(2).units();
    for (Stock stock : question.stock()) {
      long width = stock.width().units() - edges;
      long height = stock.height().units() - edges;
      boolean exists = !stock.offCut() || stock.count() > 0;
      if (width > 0 && height > 0 && exists) {
        List<Turning> turning = parts.stream().map(each -> turning(each.get(0), stock)).toList();
        rooms.add(new Room(stock, width, height, turning));
      }
    }
  }

  private static boolean isSame(Part part, Part other) {
    return part.width().equals(other.width())
        && part.height().equals(other.height())
        && part.folds() == other.folds();
  }

  int size() {
    return parts.size();
  }

  List<Part> parts(int kind) {
    return parts.get(kind);
  }

  long width(int kind, boolean turned) {
    Part part = parts.get(kind).get(0);
    return (turned ? part.height() : part.width()).units();
  }

  long height(int kind, boolean turned) {
    return width(kind, !turned);
  }

  double area(int kind) {
    return (double) width(kind, false) * width(kind, true);
  }

  int[] counts() {
    return IntStream.range(0, size())
        .map(kind -> parts.get(kind).stream().mapToInt(Part::count).sum())
        .toArray();
  }

  List<Room> rooms() {
    return rooms;
  }

  List<Room> offCuts() {
    return rooms.stream().filter(room -> room.stock().offCut()).toList();
  }

  List<Room> sheets() {
    return rooms.stream().filter(room -> !room.stock().offCut()).toList();
  }

  /** Returns what everything is cut with. */
  Trimmer trimmer() {
    return trimmer;
  }

  /** Returns how long a cut may be. */
  long longestCut() {
    return longestCut;
  }

  /** Says whether a kind can be cut from a room, and lies in it one way or the other. */
  boolean fits(int kind, Room room, boolean turned) {
    long width = width(kind, turned);
    long height = height(kind, turned);
    return room.allows(kind, turned)
        && width <= room.width()
        && height <= room.height()
        && reaches(width, height, room.width(), room.height());
  }

  boolean fits(int kind, Room room) {
    return fits(kind, room, false) || fits(kind, room, true);
  }

  /**
   * Says whether the blade is long enough to cut a part out of a rectangle.
   *
   * @param width the part's width as it lies, in units
   * @param height its height
   * @param roomWidth the rectangle's width
   * @param roomHeight the rectangle's height
   * @return true if one order of the cuts keeps each within the longest cut
   */
  boolean reaches(long width, long height, long roomWidth, long roomHeight) {
    boolean narrower = width < roomWidth;
    boolean lower = height < roomHeight;
    boolean downFirst = !(narrower && roomHeight > longestCut) && !(lower && width > longestCut);
    boolean acrossFirst = !(lower && roomWidth > longestCut) && !(narrower && height > longestCut);
    return downFirst || acrossFirst;
  }

  /** A part lies only so in a sheet that the blade can cut out of it, rough edges and all. */
  private Turning turning(Part part, Stock stock) {
    return Turning.of(part, stock).only(reaches(part, stock, false), reaches(part, stock, true));
  }

  private boolean reaches(Part part, Stock stock, boolean turned) {
    return reaches(
        (turned ? part.height() : part.width()).units(),
        (turned ? part.width() : part.height()).units(),
        stock.width().units(),
        stock.height().units());
  }
}
