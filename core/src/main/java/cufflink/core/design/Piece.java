package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A piece of paper to cut, lying inside face up with its top left corner at nought.
 *
 * @param name unique within the design
 * @param label the maker's name for it
 * @param role what its paper is for
 * @param count how many of it one copy needs, above zero
 * @param width the side along the top
 * @param height the other side
 * @param outline its corners in order, inside the rectangle of width and height
 * @param scores the lines pressed into it
 * @param slits the cuts inside it, which start and stop between its edges
 * @param cuts the cuts that divide it after scoring, all parts of which are used
 * @param openings what is cut or punched out of it
 * @param mirrors the id of the piece whose mirror image it is, left for right; empty if it is none
 * @param from the id of the piece from whose cut-away it is cut; empty if it takes paper of its own
 * @param cards on how many cards of a batch it is, the first ones; 0 for all
 */
public record Piece(
    PartName name,
    String label,
    PaperRole role,
    int count,
    Length width,
    Length height,
    List<Point> outline,
    List<Score> scores,
    List<Slit> slits,
    List<Slit> cuts,
    List<Opening> openings,
    String mirrors,
    String from,
    int cards) {

  /**
   * Some of the cards of a batch, in the order in which they are made.
   *
   * @param before how many were made before them, from 0
   * @param cards how many they are, from 0
   */
  public record Lot(int before, int cards) {
    /** Returns all cards of a batch. */
    public static Lot all(int cards) {
      return new Lot(0, cards);
    }

    /**
     * Returns how many of them have what only the first of the batch have.
     *
     * @param first how many those are; 0 if all have it
     */
    public int with(int first) {
      return first == 0 ? cards : Math.min(Math.max(0, first - before), cards);
    }
  }

  /** Copies the lists. */
  public Piece {
    outline = List.copyOf(outline);
    scores = List.copyOf(scores);
    slits = List.copyOf(slits);
    cuts = List.copyOf(cuts);
    openings = List.copyOf(openings);
  }

  /**
   * Makes a piece without second cuts.
   *
   * @param id unique within the design
   * @param label the maker's name for it
   * @param paper what it is cut from
   * @param count how many of it one copy needs, above zero
   * @param width the side along the top
   * @param height the other side
   * @param outline its corners in order
   * @param scores the lines pressed into it
   * @param slits the cuts inside it
   */
  public Piece(
      String id,
      String label,
      PaperKind paper,
      int count,
      Length width,
      Length height,
      List<Point> outline,
      List<Score> scores,
      List<Slit> slits) {
    this(
        PartName.of(id),
        label,
        PaperRole.of(paper),
        count,
        width,
        height,
        outline,
        scores,
        slits,
        List.of(),
        List.of(),
        "",
        "",
        0);
  }

  /**
   * Makes a piece that is the only one of its entry.
   *
   * @param id unique within the design
   * @param label the maker's name for it
   * @param paper what it is cut from
   * @param count how many of it one copy needs, above zero
   * @param width the side along the top
   * @param height the other side
   * @param outline its corners in order
   * @param scores the lines pressed into it
   * @param slits the cuts inside it
   * @param cuts the cuts that divide it
   * @param openings what is cut or punched out of it
   */
  public Piece(
      String id,
      String label,
      PaperKind paper,
      int count,
      Length width,
      Length height,
      List<Point> outline,
      List<Score> scores,
      List<Slit> slits,
      List<Slit> cuts,
      List<Opening> openings) {
    this(
        PartName.of(id),
        label,
        PaperRole.of(paper),
        count,
        width,
        height,
        outline,
        scores,
        slits,
        cuts,
        openings,
        "",
        "",
        0);
  }

  /**
   * Returns the piece cut to other edges.
   *
   * @param corners its corners in order
   * @return the changed piece
   */
  public Piece withOutline(List<Point> corners) {
    return new Piece(
        name, label, role, count, width, height, corners, scores, slits, cuts, openings, mirrors,
        from, cards);
  }

  /**
   * Returns the piece in another number.
   *
   * @param now how many of it one copy needs, above zero
   * @return the changed piece
   */
  public Piece inNumber(int now) {
    return new Piece(
        name, label, role, now, width, height, outline, scores, slits, cuts, openings, mirrors,
        from, cards);
  }

  /**
   * Returns how many of it some cards need.
   *
   * @param lot the cards
   * @return the number, from 0: none if it is on earlier ones only
   */
  public int of(Lot lot) {
    return Math.multiplyExact(count, lot.with(cards));
  }

  /**
   * Returns how many of it a batch needs.
   *
   * @param copies how many cards
   * @return the number
   */
  public int total(int copies) {
    return of(Lot.all(copies));
  }

  /**
   * Returns what kind of paper it is cut from.
   *
   * @return the kind of its role
   */
  public PaperKind paper() {
    return role.kind();
  }

  /**
   * Returns the piece's name as one word.
   *
   * @return its id, unique within the design
   */
  public String id() {
    return name.id();
  }

  /**
   * Returns the corners of a rectangle.
   *
   * @param width the side along the top
   * @param height the other side
   * @return the corners, clockwise from the top left
   */
  public static List<Point> rectangle(Length width, Length height) {
    return List.of(
        new Point(Length.ZERO, Length.ZERO),
        new Point(width, Length.ZERO),
        new Point(width, height),
        new Point(Length.ZERO, height));
  }

  /** Says whether corners are those of an upright rectangle, from its top left clockwise. */
  static boolean isRectangle(List<Point> corners) {
    return corners.size() == 4
        && corners.get(0).y().equals(corners.get(1).y())
        && corners.get(1).x().equals(corners.get(2).x())
        && corners.get(2).y().equals(corners.get(3).y())
        && corners.get(3).x().equals(corners.get(0).x());
  }

  /**
   * Says whether anything is cut off the rectangle that the piece is cut as.
   *
   * @return true if the outline is not that rectangle
   */
  public boolean isTrimmed() {
    return !outline.equals(rectangle(width, height));
  }

  /**
   * Returns the cuts that make the outline from the rectangle: its edges that do not lie on the
   * rectangle's own.
   *
   * @return the cuts in the order of the outline
   */
  public List<Segment> trims() {
    List<Segment> trims = new ArrayList<>();
    for (int i = 0; i < outline.size(); i++) {
      Segment edge = new Segment(outline.get(i), outline.get((i + 1) % outline.size()));
      if (!onEdge(edge)) {
        trims.add(edge);
      }
    }
    return trims;
  }

  private boolean onEdge(Segment edge) {
    Length x = edge.from().x();
    Length y = edge.from().y();
    boolean upright = edge.isVertical() && (x.equals(Length.ZERO) || x.equals(width));
    boolean level = edge.isLevel() && (y.equals(Length.ZERO) || y.equals(height));
    return upright || level;
  }

  /**
   * Says whether this piece is another's mirror image, left for right, before any opening is made.
   *
   * @param other the other piece
   * @return true if, turned over like a page, each covers the other
   */
  public boolean isMirrorOf(Piece other) {
    if (!width.equals(other.width) || !height.equals(other.height)) {
      return false;
    }
    List<Point> mirrored = new ArrayList<>();
    outline.forEach(corner -> mirrored.add(0, new Point(width.minus(corner.x()), corner.y())));
    int first = mirrored.indexOf(other.outline.get(0));
    if (first < 0) {
      return false;
    }
    Collections.rotate(mirrored, -first);
    return mirrored.equals(other.outline);
  }

  /**
   * Finds a score.
   *
   * @param scoreId its id
   * @return the score, if the piece has it
   */
  public Optional<Score> score(String scoreId) {
    return scores.stream().filter(score -> score.id().equals(scoreId)).findFirst();
  }
}
