package cufflink.core.decor;

import cufflink.core.decor.Owned.Use;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The sizes a maker owns, and what fits inside each.
 *
 * @param all what is owned, in the order it was noted
 */
public record Chart(List<Owned> all) {
  /** Nothing is noted. */
  public static final Chart NONE = new Chart(List.of());

  /** A mat shows at least so much at each side: common practice, no source. */
  private static final Length SHOWS = Length.ofInches(1, 16);

  /** Copies the list. */
  public Chart {
    all = List.copyOf(all);
  }

  /** Returns what is owned of one use, in the order it was noted. */
  public List<Owned> of(Use use) {
    return all.stream().filter(each -> each.use() == use).toList();
  }

  /**
   * Returns the size of what is owned, where a length is asked for.
   *
   * @param label what it is called, in any case
   * @param isDown whether what is asked for goes down the card
   * @return how high it is if so, else how wide; empty if nothing is called so
   */
  public Optional<Length> length(String label, boolean isDown) {
    return all.stream()
        .filter(each -> each.label().equalsIgnoreCase(label.strip()))
        .findFirst()
        .map(each -> isDown ? each.down() : each.across());
  }

  /** Returns the sheets of paper that are owned. */
  public List<Sheet> sheets() {
    return of(Use.SHEET).stream()
        .map(each -> new Sheet("own", each.label(), each.across(), each.down()))
        .toList();
  }

  /** Returns the envelopes that are owned. */
  public List<Envelope> envelopes() {
    return of(Use.ENVELOPE).stream()
        .map(each -> new Envelope("own", each.label(), each.across(), each.down()))
        .toList();
  }

  /**
   * What answers whether something that is printed or stamped will fit.
   *
   * @param holding what is owned that holds it, the smallest first
   * @param mats for each of these the next larger of its shape, if there is one
   * @param least the smallest rectangle, disc and oval to cut for it
   */
  public record Fits(List<Owned> holding, List<Optional<Owned>> mats, List<Owned> least) {
    /** Copies the lists. */
    public Fits {
      holding = List.copyOf(holding);
      mats = List.copyOf(mats);
      least = List.copyOf(least);
    }
  }

  /**
   * Finds what something fits on.
   *
   * @param wide how wide it is printed, above nought
   * @param high how high it is, above nought
   * @param marks the ruler with which more would be cut
   * @return what holds it
   */
  public Fits fits(Length wide, Length high, Marks marks) {
    Owned printed = new Owned("-", Shape.RECTANGLE, wide, high);
    List<Owned> holding =
        of(Use.PIECE).stream()
            .filter(each -> each.holds(printed))
            .sorted(Comparator.comparingDouble(Chart::size))
            .toList();
    List<Owned> least = new ArrayList<>();
    for (Shape shape : List.of(Shape.RECTANGLE, Shape.CIRCLE, Shape.OVAL)) {
      // The smallest ellipse round a rectangle is larger by the root of two either way.
      double round = Math.sqrt(2);
      double a = wide.toMillimetres();
      double b = high.toMillimetres();
      Length across =
          switch (shape) {
            case RECTANGLE -> up(a, marks);
            case CIRCLE -> up(Math.hypot(a, b), marks);
            default -> up(a * round, marks);
          };
      Length down =
          switch (shape) {
            case RECTANGLE -> up(b, marks);
            case CIRCLE -> across;
            default -> up(b * round, marks);
          };
      least.add(new Owned("-", shape, across, down));
    }
    return new Fits(holding, holding.stream().map(this::mat).toList(), least);
  }

  private static Length up(double millimetres, Marks marks) {
    Length length = Length.fromMillimetres(millimetres);
    Length floor = marks.floor(length);
    return floor.compareTo(length) < 0 ? floor.plus(marks.step()) : floor;
  }

  /**
   * Finds what can be a mat of something.
   *
   * @param label what is to lie on it
   * @return the smallest of the same shape of which a border shows all round; empty if there is
   *     none
   */
  public Optional<Owned> mat(Owned label) {
    Length more = SHOWS.times(2);
    Owned bordered =
        new Owned("-", label.shape(), label.across().plus(more), label.down().plus(more));
    return of(Use.PIECE).stream()
        .filter(each -> each.shape() == label.shape() && each.shape() != Shape.RING)
        .filter(each -> each.holds(bordered))
        .min(Comparator.comparingDouble(Chart::size));
  }

  /**
   * Returns what lies wholly inside something.
   *
   * @param outer what it is to lie in
   * @return the pieces and stamps that are owned and fit on a piece, the largest first; not itself
   */
  public List<Owned> inside(Owned outer) {
    return all.stream()
        .filter(each -> outer.use() == Use.PIECE && !each.equals(outer) && outer.holds(each))
        .filter(each -> each.use() == Use.PIECE || each.use() == Use.STAMP)
        .sorted(Comparator.comparingDouble(Chart::size).reversed())
        .toList();
  }

  private static double size(Owned each) {
    return each.across().toMillimetres() * each.down().toMillimetres();
  }

  /** Returns the chart with one more; what has the same name and use gives way to it. */
  public Chart with(Owned one) {
    List<Owned> now = new ArrayList<>(all);
    now.removeIf(each -> each.use() == one.use() && each.label().equalsIgnoreCase(one.label()));
    now.add(one);
    return new Chart(now);
  }

  /** Returns the chart without something. */
  public Chart without(Owned one) {
    return new Chart(all.stream().filter(each -> !each.equals(one)).toList());
  }

  /** Returns the chart without what has a name, however that is written. */
  public Chart without(String label) {
    return new Chart(all.stream().filter(each -> !each.label().equalsIgnoreCase(label)).toList());
  }
}
