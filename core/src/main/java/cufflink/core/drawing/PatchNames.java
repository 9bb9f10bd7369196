package cufflink.core.drawing;

import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Length;
import cufflink.core.scene.Drawing.Anchor;
import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import java.util.List;

/** Writes on papers that lie on a piece what they are, as far as it fits between their edges. */
final class PatchNames {
  private static final double SMALLEST = 13;
  private static final double GAP = 10;
  private static final double LEADING = 4;

  private final Surface surface;
  private final Lying lie;
  private final double smallest;

  PatchNames(Surface surface, Lying lie) {
    this.surface = surface;
    this.lie = lie;
    // On paper letters may be smaller than on the screen.
    this.smallest = Math.min(SMALLEST, surface.textSize() * 0.8);
  }

  /**
   * The room that a line of writing has.
   *
   * @param left where it begins
   * @param right where it ends; not beyond where it begins if there is none
   */
  record Room(double left, double right) {
    double middle() {
      return (left + right) / 2;
    }

    boolean holds(double width) {
      return width < right - left - GAP;
    }
  }

  /**
   * Finds the room between the edges of an outline.
   *
   * @param outline its corners, on the screen
   * @param y the middle of the line of writing
   * @param letters how high it is
   * @return from the last edge at the left to the first one at the right
   */
  static Room room(List<Spot> outline, double y, double letters) {
    Room above = room(outline, y - letters / 2);
    Room below = room(outline, y + letters / 2);
    return new Room(Math.max(above.left(), below.left()), Math.min(above.right(), below.right()));
  }

  private static Room room(List<Spot> outline, double y) {
    double left = Double.POSITIVE_INFINITY;
    double right = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < outline.size(); i++) {
      Spot from = outline.get(i);
      Spot to = outline.get((i + 1) % outline.size());
      if (Math.min(from.y(), to.y()) <= y && y <= Math.max(from.y(), to.y())) {
        double share = from.y() == to.y() ? 0 : (y - from.y()) / (to.y() - from.y());
        double x = from.x() + share * (to.x() - from.x());
        left = Math.min(left, from.y() == to.y() ? Math.min(from.x(), to.x()) : x);
        right = Math.max(right, from.y() == to.y() ? Math.max(from.x(), to.x()) : x);
      }
    }
    return new Room(left, right);
  }

  /** Writes a paper's size, its name and where it lies, unless its middle lies under another. */
  void write(Pen pen, Patch patch, List<Spot> corners, List<Patch> all) {
    if (all.subList(all.indexOf(patch) + 1, all.size()).stream().anyMatch(it -> hides(it, patch))) {
      return;
    }
    double centre = corners.stream().mapToDouble(Spot::y).average().orElse(0);
    String size = surface.format().briefSize(patch.width(), patch.height());
    for (double letters = surface.textSize(); letters >= smallest; letters -= 1) {
      Room room = room(corners, centre, letters);
      if (room.holds(surface.measure().width(size, letters) + GAP)) {
        write(pen, patch.ref(), new Spot(room.middle(), centre), size, letters);
        break;
      }
    }
    double below = centre + surface.textSize();
    if (small(pen, patch, corners, below, patch.label())) {
      small(pen, patch, corners, below + smallest + LEADING, placed(patch));
    }
  }

  private static boolean hides(Patch over, Patch under) {
    double x = under.corners().stream().mapToDouble(Spot::x).average().orElse(0);
    double y = under.corners().stream().mapToDouble(Spot::y).average().orElse(0);
    return over.ref().piece().equals(under.ref().piece())
        && over.face() == under.face()
        && Facet.holds(Facet.polygon(over.corners()), new Spot(x, y));
  }

  private static void write(Pen pen, Ref ref, Spot at, String text, double letters) {
    pen.caption(at, text, letters, Anchor.MIDDLE, Tone.PRINTED, ref);
  }

  private boolean small(Pen pen, Patch patch, List<Spot> corners, double y, String text) {
    double bottom = corners.stream().mapToDouble(Spot::y).max().orElse(0);
    Room room = room(corners, y, smallest);
    boolean fits = y + smallest < bottom && room.holds(surface.measure().width(text, smallest));
    if (fits) {
      pen.caption(
          new Spot(room.middle(), y), text, smallest, Anchor.MIDDLE, Tone.FAINT, patch.ref());
    }
    return fits;
  }

  /** Says how far a paper lies from the edges of its piece as it lies. */
  private String placed(Patch patch) {
    List<Spot> corners = patch.corners().stream().map(lie::apply).toList();
    double left = corners.stream().mapToDouble(Spot::x).min().orElse(0);
    double top = corners.stream().mapToDouble(Spot::y).min().orElse(0);
    return surface.say(
        Message.of("drawing.placed", Length.fromMillimetres(left), Length.fromMillimetres(top)));
  }
}
