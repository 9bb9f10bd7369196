package cufflink.core.run;

import cufflink.core.cut.TrimStep;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * One thing done with the hands. All places are measured from the top left corner of the paper as
 * it lies at that moment, to the right and down.
 */
public sealed interface Move {
  /**
   * Says what to do.
   *
   * @return a sentence or two that can be obeyed without knowing the design
   */
  Message words();

  /**
   * Paper is laid on the trimmer, pushed to its fence and cut from edge to edge.
   *
   * @param step the cut
   * @param top the edge of the paper, named as its sheet is drawn, that is away from the maker
   * @param line where the blade comes down
   * @param words what to do
   */
  record Trim(TrimStep step, Side top, Segment line, Message words) implements Move {}

  /**
   * A piece is taken up and laid down.
   *
   * @param piece the piece
   * @param lie how it is to lie
   * @param count how many of it, all copies together
   * @param folded how it is folded; what is then cut goes through both plies, until it is laid flat
   * @param words what to do
   */
  record Lay(Piece piece, Lie lie, int count, Optional<Folded> folded, Message words)
      implements Move {}

  /**
   * A piece is laid, as it lies, on another that lies as it did last, so that both are cut at once.
   *
   * @param under the piece that lies below
   * @param over the piece that is laid on it
   * @param lie how the upper one lies; the lower one lies as it is described
   * @param words what to do
   */
  record Stack(Piece under, Piece over, Lie lie, Message words) implements Move {}

  /**
   * The piece is turned where it lies.
   *
   * @param turning how
   * @param words what to do
   */
  record Turn(Turning turning, Message words) implements Move {}

  /**
   * A pencil dot is made in a corner, so that the ends of the piece can be told apart later.
   *
   * @param at the corner
   * @param faceUp whether on the face that is up, and not on the one below
   * @param words what to do
   */
  record Dot(Point at, boolean faceUp, Message words) implements Move {}

  /**
   * A line is scored.
   *
   * @param stroke what is scored
   * @param line where it lies
   * @param stop how far from the fence, if it is scored at a stop and not along a rule
   * @param passes how often, from 1 up
   * @param words what to do
   */
  record Press(Stroke stroke, Segment line, Optional<ScoreRun.Stop> stop, int passes, Message words)
      implements Move {}

  /**
   * A line is cut.
   *
   * @param id the id of the slit or cut; empty for a trimmed edge
   * @param line where it lies
   * @param isSlit whether nothing comes off
   * @param isWide whether a sliver comes out, cut close along both sides of the line
   * @param words what to do
   */
  record Cut(String id, Segment line, boolean isSlit, boolean isWide, Message words)
      implements Move {}

  /**
   * What of a piece stands out beyond the paper that lies on it, glued fast, is cut off along that
   * paper's edge. The piece lies with its back up, that with which it is glued on.
   *
   * @param paper the id of the paper's piece or layer
   * @param line where the edge is cut
   * @param words what to do
   */
  record TrimTo(String paper, Segment line, Message words) implements Move {}

  /**
   * The whole edge of the piece is cut with scissors.
   *
   * @param outline where it lies, corner by corner
   * @param words what to do
   */
  record CutOut(List<Point> outline, Message words) implements Move {
    /** Copies the list. */
    public CutOut {
      outline = List.copyOf(outline);
    }
  }

  /**
   * A hole, slot, notch or window is made.
   *
   * @param opening the opening
   * @param outline where its edge lies, corner by corner
   * @param words what to do
   */
  record Open(Opening opening, List<Point> outline, Message words) implements Move {
    /** Copies the list. */
    public Open {
      outline = List.copyOf(outline);
    }
  }

  /**
   * A line is folded, pressed down and opened again.
   *
   * @param stroke the scores on it, which fold the same way
   * @param line where it lies
   * @param towards whether the paper closes towards the maker
   * @param words what to do
   */
  record Crease(Stroke stroke, Segment line, boolean towards, Message words) implements Move {}
}
