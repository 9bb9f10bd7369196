package cufflink.files.hands;

import com.fasterxml.jackson.databind.JsonNode;
import cufflink.files.hands.VirtualSheet.Trace;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Hands that obey the moves of "plan --json" and read nothing else of it but how large pieces are.
 */
final class MoveHands {
  private final Map<String, VirtualSheet> sheets = new LinkedHashMap<>();
  private final Map<String, List<Point2D>> scored = new HashMap<>();
  private VirtualSheet now;

  /** What lies on it and is cut with it. */
  private VirtualSheet also;

  static Map<String, VirtualSheet> obey(JsonNode plan) {
    MoveHands hands = new MoveHands();
    for (JsonNode move : plan.path("moves")) {
      hands.obey(plan, move);
    }
    return hands.sheets;
  }

  private void obey(JsonNode plan, JsonNode move) {
    switch (move.path("act").asText()) {
      case "lay" -> {
        also = null;
        move.path("with").forEach(over -> lay(plan, over));
        also = move.has("with") ? now : null;
        lay(plan, move);
      }
      case "turn" -> now.turn(move.path("quarter").asText().equals("clockwise"));
      case "turn-over" -> now.turnOver();
      case "score" -> {
        List<Point2D> line = path(move.path("line"));
        move.path("ids").forEach(id -> scored.put(id.asText(), now.onPaper(line)));
        now.mark(Trace.SCORE, line);
      }
      case "slit" -> now.slit(path(move.path("line")));
      case "cut" -> {
        List<Point2D> path = path(move.has("line") ? move.path("line") : move.path("outline"));
        now.mark(Trace.CUT, path);
        if (also != null) {
          also.mark(Trace.CUT, path);
        }
      }
      case "mark" ->
          now.dot(
              new Point2D.Double(
                  move.path("at").get(0).asDouble(), move.path("at").get(1).asDouble()),
              move.path("face").asText().equals("up"));
      case "punch" -> now.mark(Trace.CUT, path(move.path("outline")));
      case "fold" -> {
        boolean towards = move.path("towards").asText().equals("maker");
        now.mark(towards ? Trace.TOWARDS : Trace.AWAY, path(move.path("line")));
      }
      default -> throw new IllegalArgumentException("no such act: " + move);
    }
  }

  private void lay(JsonNode plan, JsonNode move) {
    for (JsonNode piece : plan.path("pieces")) {
      if (piece.path("id").asText().equals(move.path("piece").asText())) {
        double wide = piece.path("width").asDouble();
        double high = piece.path("height").asDouble();
        boolean inside = move.path("up").asText().equals("inside");
        String top = move.path("top").asText();
        boolean upright = top.equals("top") || top.equals("bottom");
        if (sheets.containsKey(piece.path("id").asText())) {
          // Taken up again: to be folded or opened, or laid on another or under it.
          now = sheets.get(piece.path("id").asText());
          now.again(upright ? wide : high, upright ? high : wide, inside);
          now.identify(lie(wide, high, inside, top));
          now.fold(move.has("folded") ? scored.get(move.path("folded").get(0).asText()) : null);
          continue;
        }
        now = new VirtualSheet(upright ? wide : high, upright ? high : wide, inside);
        now.identify(lie(wide, high, inside, top));
        sheets.put(piece.path("id").asText(), now);
      }
    }
  }

  /** Turns the piece over like a page, if need be, and then round until the edge is on top. */
  static AffineTransform lie(double wide, double high, boolean inside, String top) {
    // The places of the corners, clockwise from the upper left one, of a piece lying inside up.
    Point2D[] corners = {
      new Point2D.Double(0, 0),
      new Point2D.Double(wide, 0),
      new Point2D.Double(wide, high),
      new Point2D.Double(0, high)
    };
    int edge = List.of("top", "right", "bottom", "left").indexOf(top);
    Point2D left = corners[edge];
    Point2D right = corners[(edge + 1) % 4];
    // The corner that lies at the upper left, and where one comes to going right and going down.
    Point2D origin = inside ? left : right;
    Point2D along = inside ? right : left;
    Point2D below = inside ? corners[(edge + 3) % 4] : corners[(edge + 2) % 4];
    double length = origin.distance(along);
    double depth = origin.distance(below);
    AffineTransform fromTable =
        new AffineTransform(
            (along.getX() - origin.getX()) / length,
            (along.getY() - origin.getY()) / length,
            (below.getX() - origin.getX()) / depth,
            (below.getY() - origin.getY()) / depth,
            origin.getX(),
            origin.getY());
    try {
      return fromTable.createInverse();
    } catch (java.awt.geom.NoninvertibleTransformException never) {
      throw new IllegalArgumentException(never);
    }
  }

  private static List<Point2D> path(JsonNode places) {
    List<Point2D> path = new ArrayList<>();
    places.forEach(
        each -> path.add(new Point2D.Double(each.get(0).asDouble(), each.get(1).asDouble())));
    return path;
  }
}
