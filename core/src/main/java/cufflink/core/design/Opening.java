package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Something cut or punched out of a piece.
 *
 * @param id unique within the piece
 * @param label the maker's name for it
 * @param kind what it is for
 * @param outline its corners in order; a round one has many, see {@link #CORNERS}
 * @param round the circle, if it is round
 * @param across what it crosses on purpose: ids of scores, or the name that several share
 */
public record Opening(
    String id,
    String label,
    Kind kind,
    List<Point> outline,
    Optional<Round> round,
    List<String> across) {
  /** How many corners stand for a circle; the chord is then within 0.1 % of the radius. */
  public static final int CORNERS = 72;

  /** What an opening is for. */
  public enum Kind {
    /** Shows what is behind. */
    WINDOW,
    /** A half circle at an edge, to take hold of what is in a pocket. */
    NOTCH,
    /** A long hole to push something through. */
    SLOT,
    /** A small round hole for a ribbon or a brad. */
    HOLE
  }

  /**
   * A circle.
   *
   * @param centre its centre
   * @param radius its radius, above zero
   */
  public record Round(Point centre, Length radius) {}

  /** Copies the corners. */
  public Opening {
    outline = List.copyOf(outline);
    across = List.copyOf(across);
  }

  /**
   * Makes an opening that is to cross nothing.
   *
   * @param id its id in the pattern
   * @param label its name for the maker
   * @param kind what it is for
   * @param outline its corners in order
   * @param round its circle, if it is one
   */
  public Opening(String id, String label, Kind kind, List<Point> outline, Optional<Round> round) {
    this(id, label, kind, outline, round, List.of());
  }

  /**
   * Says that the opening crosses some scores on purpose.
   *
   * @param names the ids of the scores, or the name that several share
   * @return the opening
   */
  public Opening across(List<String> names) {
    return new Opening(id, label, kind, outline, round, names);
  }

  /**
   * Says whether the opening is meant to cross a score.
   *
   * @param score the name of the score
   * @return true if the pattern says so
   */
  public boolean isAcross(PartName score) {
    return across.contains(score.name()) || across.contains(score.id());
  }

  /**
   * Says whether it is cut by its line rather than by its numbers.
   *
   * @return true if it is neither a circle nor an upright rectangle
   */
  public boolean isFree() {
    return round.isEmpty() && !Piece.isRectangle(outline);
  }

  /**
   * Returns the upright rectangle about it.
   *
   * @return its left, right, top and bottom as an area
   */
  public Area box() {
    Length left = outline.stream().map(Point::x).min(Length::compareTo).orElseThrow();
    Length top = outline.stream().map(Point::y).min(Length::compareTo).orElseThrow();
    Length right = outline.stream().map(Point::x).max(Length::compareTo).orElseThrow();
    Length bottom = outline.stream().map(Point::y).max(Length::compareTo).orElseThrow();
    return new Area(new Point(left, top), right.minus(left), bottom.minus(top));
  }

  /**
   * Makes a round opening.
   *
   * @param id unique within the piece
   * @param label the maker's name for it
   * @param kind what it is for
   * @param round the circle
   * @return the opening
   */
  public static Opening round(String id, String label, Kind kind, Round round) {
    List<Point> corners = new ArrayList<>();
    double radius = round.radius().toMillimetres();
    for (int i = 0; i < CORNERS; i++) {
      double angle = 2 * Math.PI * i / CORNERS;
      Length right = Length.fromMillimetres(radius * Math.cos(angle));
      Length down = Length.fromMillimetres(radius * Math.sin(angle));
      corners.add(new Point(round.centre().x().plus(right), round.centre().y().plus(down)));
    }
    return new Opening(id, label, kind, corners, Optional.of(round));
  }
}
