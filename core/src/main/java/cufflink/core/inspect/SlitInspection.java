package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.design.Score;
import cufflink.core.design.Slit;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.measure.Length;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A slit from an edge to a score, as at the foot of a bag, goes on where another score ends there:
 * beside it the flaps do not part where the sides meet.
 */
final class SlitInspection {
  /** Farther off than this the slit is meant for something else; our decision. */
  private static final Length BESIDE = Length.ofMillimetres(10);

  private SlitInspection() {}

  static List<Finding> inspect(Design design) {
    List<Finding> findings = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      for (Slit slit : piece.slits()) {
        inner(piece, slit.line()).flatMap(end -> check(piece, slit, end)).ifPresent(findings::add);
      }
    }
    return findings;
  }

  /** Returns the end of a slit that begins at an edge. */
  private static Optional<Point> inner(Piece piece, Segment line) {
    boolean from = isOnEdge(piece, line.from());
    boolean to = isOnEdge(piece, line.to());
    return from == to ? Optional.empty() : Optional.of(from ? line.to() : line.from());
  }

  private static boolean isOnEdge(Piece piece, Point place) {
    return place.x().equals(Length.ZERO)
        || place.y().equals(Length.ZERO)
        || place.x().equals(piece.width())
        || place.y().equals(piece.height());
  }

  private static Optional<Finding> check(Piece piece, Slit slit, Point end) {
    boolean upright = slit.line().isVertical();
    if (!upright && !slit.line().isLevel() || !endsOnScore(piece, upright, end)) {
      return Optional.empty();
    }
    Optional<Score> nearest = Optional.empty();
    Length least = BESIDE;
    for (Score score : piece.scores()) {
      boolean along = upright ? score.line().isVertical() : score.line().isLevel();
      if (!along || !score.folds() || !meets(score.line(), upright, end)) {
        continue;
      }
      Length off =
          upright
              ? score.line().from().x().minus(end.x()).abs()
              : score.line().from().y().minus(end.y()).abs();
      if (off.equals(Length.ZERO)) {
        return Optional.empty();
      }
      if (off.compareTo(least) <= 0) {
        least = off;
        nearest = Optional.of(score);
      }
    }
    Length beside = least;
    return nearest.map(
        score ->
            new Finding(
                FindingKind.SLIT_OFF_SCORE,
                Severity.ERROR,
                Place.on(piece.id(), slit.id(), score.id()),
                Message.of("inspect.slit-off-score", slit.label(), beside, score.label()),
                Optional.empty()));
  }

  private static boolean endsOnScore(Piece piece, boolean upright, Point end) {
    return piece.scores().stream()
        .filter(Score::folds)
        .map(Score::line)
        .anyMatch(
            line ->
                upright
                    ? line.isLevel() && line.from().y().equals(end.y())
                    : line.isVertical() && line.from().x().equals(end.x()));
  }

  /** Says whether a line ends on the score that the slit ends on. */
  private static boolean meets(Segment line, boolean upright, Point end) {
    return upright
        ? line.from().y().equals(end.y()) || line.to().y().equals(end.y())
        : line.from().x().equals(end.x()) || line.to().x().equals(end.x());
  }
}
