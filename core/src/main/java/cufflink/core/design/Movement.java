package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;

/**
 * How a piece that is not glued fast moves on its host.
 *
 * @param about lines on the host about which the piece turns
 * @param either whether it turns about one of the lines or another, and not about all at once
 * @param slide how it slides, if it does
 * @param through areas of the host in which the piece lies behind it, as in a weave
 * @param follows areas of the host that a woven piece goes with when its bands part; empty if it
 *     goes with all
 * @param led how a ribbon is led over and round the card, if it is one
 */
public record Movement(
    List<Segment> about,
    boolean either,
    Optional<Slide> slide,
    List<Area> through,
    List<Area> follows,
    Optional<Led> led) {
  /** What is glued fast does not move. */
  public static final Movement NONE = new Movement(List.of(), false, Optional.empty(), List.of());

  /** Copies the lists. */
  public Movement {
    about = List.copyOf(about);
    through = List.copyOf(through);
    follows = List.copyOf(follows);
  }

  /**
   * Makes a movement of a piece that goes with all of its host.
   *
   * @param about lines on the host about which the piece turns
   * @param either whether it turns about one of the lines or another
   * @param slide how it slides, if it does
   * @param through areas of the host in which the piece lies behind it
   */
  public Movement(List<Segment> about, boolean either, Optional<Slide> slide, List<Area> through) {
    this(about, either, slide, through, List.of(), Optional.empty());
  }

  /**
   * A ribbon that is led over faces and round edges.
   *
   * @param legs its straight parts, from one end to the other
   * @param tail how much hangs free at each end, such as for a bow; nought if none does
   */
  public record Led(List<Leg> legs, Length tail) {
    /** Ends of at least so much are tied in a bow: common practice, no source. */
    private static final Length BOW = Length.fromMillimetres(50);

    /** Ends no farther apart than so many widths of the ribbon meet. */
    private static final double MEET = 2.5;

    /** Copies the list. */
    public Led {
      legs = List.copyOf(legs);
      if (legs.isEmpty()) {
        throw new IllegalArgumentException("a ribbon that is led nowhere");
      }
    }

    /**
     * Returns the same ribbon with its parts ended at the folds that they cross.
     *
     * @param pieces what it is led over
     */
    public Led folded(List<Piece> pieces) {
      List<Leg> parts = new ArrayList<>();
      for (Leg leg : legs) {
        Optional<Piece> host =
            pieces.stream().filter(piece -> piece.id().equals(leg.on())).findFirst();
        parts.addAll(host.map(leg::folded).orElse(List.of(leg)));
      }
      return new Led(parts, tail);
    }

    /** Returns the joint and line about which the card is open while the ribbon is led. */
    public Optional<Mover.Hinge> open() {
      return legs.stream().flatMap(leg -> leg.during().stream()).findFirst();
    }

    /** Returns the legs that it has while it is led, or while the card lies open in that way. */
    public List<Leg> taken() {
      return legs.stream()
          .filter(leg -> leg.during().isEmpty() || leg.during().equals(open()))
          .toList();
    }

    /** Returns which face lies up while it is led. */
    public Face face() {
      return legs.stream()
          .filter(leg -> leg.during().isPresent())
          .findFirst()
          .orElse(legs.get(0))
          .face();
    }

    /**
     * Says whether its ends meet.
     *
     * @param apart how far one is from the other, in millimetres
     * @param wide how wide the ribbon is, in millimetres
     */
    public static boolean meets(double apart, double wide) {
      return apart <= MEET * wide;
    }

    /** Says whether its ends are long enough for a bow, where they meet. */
    public boolean isTied() {
      return tail.compareTo(BOW) >= 0;
    }

    /** Returns how long a ribbon it takes, in millimetres. */
    public double needs() {
      double run = taken().stream().mapToDouble(leg -> leg.middle().millimetres()).sum();
      return run + 2 * tail.toMillimetres();
    }
  }

  /**
   * A straight part of a ribbon.
   *
   * @param on the piece it lies on
   * @param by the joint that puts on the copy of that piece that is meant; empty for the first one
   * @param face the face it lies on
   * @param middle its middle line
   * @param taped how much of it, in its middle, is held by tape; nought if none is
   * @param under the ids of layers and joints that lie over it
   * @param during the joint and line about which the card is open while the ribbon lies here; empty
   *     if it always does
   */
  public record Leg(
      String on,
      Optional<String> by,
      Face face,
      Segment middle,
      Length taped,
      List<String> under,
      Optional<Mover.Hinge> during) {
    /** Copies the list. */
    public Leg {
      under = List.copyOf(under);
    }

    /**
     * Says whether its middle line crosses an area of its face.
     *
     * @param area the area, on the piece it lies on
     */
    public boolean crosses(Area area) {
      return middle.crosses(area);
    }

    /**
     * Says whether it lies over what lies in a place of its piece, or under that.
     *
     * @param other what lies on a piece, on whichever copy
     */
    public boolean crosses(Joint other) {
      return on.equals(other.on()) && face == other.face() && crosses(other.area());
    }

    /** Returns the same part with something else that lies over it. */
    public Leg under(String id) {
      List<String> over = new ArrayList<>(under);
      over.add(id);
      return new Leg(on, by, face, middle, taped, over, during);
    }

    /** What tape holds, or lies askew over a fold, is left as it is. */
    private List<Leg> folded(Piece host) {
      TreeSet<Double> shares = new TreeSet<>(Set.of(0.0, 1.0));
      boolean isAlong = middle.isLevel() || middle.isVertical();
      host.scores().stream()
          .filter(score -> isAlong && score.folds() && !taped.isPositive())
          .flatMap(score -> middle.crossed(score.line()).stream())
          .forEach(shares::add);
      List<Leg> parts = new ArrayList<>();
      for (double share : shares.headSet(1.0)) {
        Segment part = new Segment(between(share), between(shares.higher(share)));
        parts.add(new Leg(on, by, face, part, taped, under, during));
      }
      return parts;
    }

    /** Returns the part of it that is held by tape; empty if none is. */
    public Optional<Leg> taping() {
      if (!taped.isPositive()) {
        return Optional.empty();
      }
      double share = Math.min(1, taped.toMillimetres() / Math.max(1, middle.millimetres()));
      Segment held = new Segment(between((1 - share) / 2), between((1 + share) / 2));
      return Optional.of(new Leg(on, by, face, held, taped, under, during));
    }

    private Point between(double share) {
      return new Point(
          between(middle.from().x(), middle.to().x(), share),
          between(middle.from().y(), middle.to().y(), share));
    }

    private static Length between(Length from, Length to, double share) {
      return from.plus(Length.ofUnits(Math.round(to.minus(from).units() * share)));
    }
  }

  /**
   * A piece that keeps to its host and slides along it.
   *
   * @param towards the side of the host to which distances above nought slide it
   * @param at a place on the piece, as it lies by itself, that keeps to the host; empty if it is
   *     what covers the joint's area
   * @param under pieces that hold it down, such as a band it slides under
   */
  public record Slide(Side towards, Optional<Point> at, List<String> under) {
    /** Copies the list. */
    public Slide {
      under = List.copyOf(under);
    }
  }

  /**
   * Makes a piece that turns about lines.
   *
   * @param about lines on the host
   * @param either whether it turns about one of them or another
   * @return the movement
   */
  public static Movement turning(List<Segment> about, boolean either) {
    return new Movement(about, either, Optional.empty(), List.of());
  }

  /**
   * Makes a piece that slides as it lies.
   *
   * @param towards the side of the host to which it slides
   * @return the movement
   */
  public static Movement sliding(Side towards) {
    Slide slide = new Slide(towards, Optional.empty(), List.of());
    return new Movement(List.of(), false, Optional.of(slide), List.of());
  }

  /**
   * Makes a piece woven through its host.
   *
   * @param through areas of the host in which it lies behind it
   * @return the movement
   */
  public static Movement woven(List<Area> through) {
    return new Movement(List.of(), false, Optional.empty(), through);
  }

  /**
   * Returns the same movement, a ribbon's parts ended at the folds that they cross.
   *
   * @param pieces the pieces of the card
   * @return the movement
   */
  public Movement folded(List<Piece> pieces) {
    return new Movement(
        about, either, slide, through, follows, led.map(each -> each.folded(pieces)));
  }

  /** Returns the same movement with each part of a ribbon changed. */
  Movement leading(UnaryOperator<Leg> change) {
    return new Movement(
        about,
        either,
        slide,
        through,
        follows,
        led.map(each -> new Led(each.legs().stream().map(change).toList(), each.tail())));
  }

  /**
   * Says whether the piece is glued fast.
   *
   * @return true if it neither turns nor slides nor is woven or led
   */
  public boolean isFast() {
    return about.isEmpty() && slide.isEmpty() && through.isEmpty() && led.isEmpty();
  }

  /**
   * Says whether anything of the piece takes glue.
   *
   * @return true if it is glued fast, or is a ribbon taped at places
   */
  public boolean isGlued() {
    return isFast()
        || led.stream()
            .flatMap(each -> each.legs().stream())
            .anyMatch(leg -> leg.taped().isPositive());
  }
}
