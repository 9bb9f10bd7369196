package cufflink.core.design;

import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import java.util.List;
import java.util.Optional;

/**
 * How a piece that is not glued fast moves on its host.
 *
 * @param about lines on the host about which the piece turns
 * @param either whether it turns about one of the lines or another, and not about all at once
 * @param slide how it slides, if it does
 * @param through areas of the host in which the piece lies behind it, as in a weave
 * @param follows areas of the host that a woven piece goes with when its bands part; empty if it
 *     goes with all
 */
public record Movement(
    List<Segment> about,
    boolean either,
    Optional<Slide> slide,
    List<Area> through,
    List<Area> follows) {
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
    this(about, either, slide, through, List.of());
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
   * Says whether the piece is glued fast.
   *
   * @return true if it neither turns nor slides nor is woven
   */
  public boolean isFast() {
    return about.isEmpty() && slide.isEmpty() && through.isEmpty();
  }
}
