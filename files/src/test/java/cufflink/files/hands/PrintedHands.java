package cufflink.files.hands;

import cufflink.files.hands.VirtualSheet.Trace;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Hands that read the printed sentences, in English and in millimetres, by a small grammar of their
 * own, and obey those. They know nothing else: not even how large the piece is until a sentence
 * says which side is on top, of which they then look at the other.
 */
final class PrintedHands {
  private static final String NUMBER =
      "((?:about )?\\d+(?:\\.\\d+)?(?: \\(then (?:a hair|about [\\d.]+|[\\d.]+) (?:more|less)\\))?)";

  private static Pattern sentence(String text) {
    return Pattern.compile(text.replace("#", NUMBER));
  }

  private static final int CORNERS = 96;

  private static final Pattern LAY =
      sentence("^Lay (?:it|the .+) (inside|outside) up with the # side along the top\\.");
  private static final Pattern TAKE =
      sentence(
          "^Take up the .+ again, (inside|outside) up, the # side along the top, (?:(the score"
              + " .*)|its dot in the (top|bottom) (left|right) corner, on the face that is"
              + " (up|down))\\.$");
  private static final Pattern DOT =
      sentence(
          "^Its ends look the same: pencil a dot in the (top|bottom) (left|right) corner now"
              + "(?:, on the face that is (up|down))?\\.$");
  private static final Pattern QUARTER =
      sentence("^Turn it a quarter (clockwise|anticlockwise): the # side is along the top\\.$");
  private static final Pattern OVER =
      sentence("^Turn it over from left to right, like a page: (inside|outside) up\\.$");
  private static final Pattern SCORE = sentence("^Score at # from the (left|right) edge\\. ");
  private static final Pattern SHORT = sentence("; only from # to # below the top edge");
  private static final Pattern RULED =
      sentence(
          "mark two places, # across and # down, and # across and # down, and score from one to"
              + " the other along a rule");
  private static final Pattern SLIT_DOWN =
      sentence(": # from the left edge, from # to # below the top\\. Stop exactly there\\.");
  private static final Pattern SLIT_ACROSS =
      sentence(": # below the top, from # to # from the left edge\\. Stop exactly there\\.");
  private static final Pattern SLIT =
      sentence("from # across and # down to # across and # down\\. Stop exactly there\\.");
  private static final Pattern CUT =
      sentence("[Ff]?r?o?m? ?# across and # down to # across and # down[;.]");
  private static final Pattern ROUND =
      sentence(": (?:half )?a circle # across, its middle # from the left and # below the top\\.");
  private static final Pattern SQUARE =
      sentence(": # wide and # high, # from the left and # below the top\\.");
  private static final Pattern FOLD =
      sentence("^Fold “.*”, the score (.*), (towards|away from) you;");
  private static final Pattern KEPT =
      sentence(
          "^Fold the (left|right|upper|lower) part (?:over|behind) the other along “.*”, the score"
              + " # (from the left|below the top) edge, and leave it folded\\.$");
  private static final Pattern STACK =
      sentence(
          "^Lay it on the .+ as both lie, edges on edges and scores on each other; each cut then"
              + " goes through both\\.$");
  private static final Pattern APART = sentence("^Take the .+ off again\\. (Turn .*)$");
  private static final Pattern OPEN = sentence("^Open it out again; it lies as before\\.$");
  private static final Pattern UPRIGHT =
      sentence("^# from the left edge(?:, from # to # below the top edge)?$");
  private static final Pattern LEVEL =
      sentence("^# below the top edge(?:, from # to # from the left edge)?$");
  private static final Pattern SLANTED =
      sentence("^from # across and # down to # across and # down$");

  private final double width;
  private final double height;
  private VirtualSheet sheet;

  /** Takes up a piece of the given sides; which is which the words will say. */
  PrintedHands(double width, double height) {
    this.width = width;
    this.height = height;
  }

  VirtualSheet sheet() {
    return sheet;
  }

  /** Obeys a sentence, or says that it cannot be obeyed. */
  boolean obey(String words) {
    if (STACK.matcher(words).find()) {
      return true;
    }
    Matcher apart = APART.matcher(words);
    if (apart.find()) {
      return obey(apart.group(1));
    }
    return lay(words)
        || take(words)
        || dot(words)
        || turn(words)
        || score(words)
        || kept(words)
        || fold(words)
        || open(words)
        || cut(words);
  }

  private boolean lay(String words) {
    Matcher lay = LAY.matcher(words);
    if (!lay.find()) {
      return false;
    }
    double along = number(lay.group(2));
    boolean isWidth = Math.abs(along - width) < Math.abs(along - height);
    sheet =
        new VirtualSheet(
            isWidth ? width : height, isWidth ? height : width, lay.group(1).equals("inside"));
    return true;
  }

  /**
   * Takes the piece up in the last of all ways in which what is said of it is true: if there are
   * several, they must come to the same.
   */
  private boolean take(String words) {
    Matcher take = TAKE.matcher(words);
    if (!take.find()) {
      return false;
    }
    if (sheet.insideUp() != take.group(1).equals("inside")) {
      sheet.turnOver();
    }
    int last = 0;
    for (int quarter = 1; quarter <= 4; quarter++) {
      sheet.turn(true);
      if (near(number(take.group(2)), sheet.wide()) && isSo(take)) {
        last = quarter;
      }
    }
    for (int quarter = 0; quarter < last % 4; quarter++) {
      sheet.turn(true);
    }
    return last > 0;
  }

  private boolean isSo(Matcher take) {
    if (take.group(3) == null) {
      double x = take.group(5).equals("left") ? 0 : sheet.wide();
      double y = take.group(4).equals("top") ? 0 : sheet.deep();
      return sheet.hasDot(new Point2D.Double(x, y));
    }
    return line(take.group(3).substring("the score ".length()))
        .filter(line -> sheet.hasScore(line.get(0), line.get(1)))
        .isPresent();
  }

  private Optional<List<Point2D>> line(String where) {
    Matcher upright = UPRIGHT.matcher(where);
    if (upright.find()) {
      double x = number(upright.group(1));
      double to = part(upright, 3).orElse(sheet.deep());
      return Optional.of(line(x, part(upright, 2).orElse(0.0), x, to));
    }
    Matcher level = LEVEL.matcher(where);
    if (level.find()) {
      double y = number(level.group(1));
      double to = part(level, 3).orElse(sheet.wide());
      return Optional.of(line(part(level, 2).orElse(0.0), y, to, y));
    }
    Matcher slanted = SLANTED.matcher(where);
    return slanted.find()
        ? Optional.of(
            line(
                number(slanted.group(1)),
                number(slanted.group(2)),
                number(slanted.group(3)),
                number(slanted.group(4))))
        : Optional.empty();
  }

  private static List<Point2D> line(double x, double y, double toX, double toY) {
    return List.of(new Point2D.Double(x, y), new Point2D.Double(toX, toY));
  }

  private boolean dot(String words) {
    Matcher dot = DOT.matcher(words);
    if (!dot.find()) {
      return false;
    }
    double x = dot.group(2).equals("left") ? 0 : sheet.wide();
    double y = dot.group(1).equals("top") ? 0 : sheet.deep();
    sheet.dot(new Point2D.Double(x, y), !"down".equals(dot.group(3)));
    return true;
  }

  private boolean turn(String words) {
    Matcher quarter = QUARTER.matcher(words);
    if (quarter.find()) {
      sheet.turn(quarter.group(1).equals("clockwise"));
      return near(number(quarter.group(2)), sheet.wide());
    }
    Matcher over = OVER.matcher(words);
    if (over.find()) {
      sheet.turnOver();
      return sheet.insideUp() == over.group(1).equals("inside");
    }
    return false;
  }

  private boolean score(String words) {
    Matcher ruled = RULED.matcher(words);
    if (ruled.find()) {
      return mark(Trace.SCORE, ruled, 1);
    }
    Matcher score = SCORE.matcher(words);
    if (!score.find()) {
      return false;
    }
    double at = number(score.group(1));
    double x = score.group(2).equals("left") ? at : sheet.wide() - at;
    Matcher only = SHORT.matcher(words);
    boolean isShort = only.find();
    double from = isShort ? number(only.group(1)) : 0;
    double to = isShort ? number(only.group(2)) : sheet.deep();
    mark(Trace.SCORE, x, from, x, to);
    return true;
  }

  private boolean kept(String words) {
    Matcher kept = KEPT.matcher(words);
    if (kept.find()) {
      String part = kept.group(1);
      boolean upright = kept.group(3).startsWith("from");
      if (upright != (part.equals("left") || part.equals("right"))) {
        return false;
      }
      sheet.fold(upright, number(kept.group(2)), part.equals("left") || part.equals("upper"));
      return true;
    }
    boolean opened = OPEN.matcher(words).find();
    if (opened) {
      sheet.open();
    }
    return opened;
  }

  private boolean fold(String words) {
    Matcher fold = FOLD.matcher(words);
    if (!fold.find()) {
      return false;
    }
    Trace trace = fold.group(2).equals("towards") ? Trace.TOWARDS : Trace.AWAY;
    Optional<List<Point2D>> line = line(fold.group(1));
    line.ifPresent(places -> sheet.mark(trace, places));
    return line.isPresent();
  }

  /** A punch or knife goes round all of it, even where it hangs over the edge. */
  private boolean open(String words) {
    Matcher round = ROUND.matcher(words);
    if (round.find()) {
      double radius = number(round.group(1)) / 2;
      List<Point2D> rim = new ArrayList<>();
      for (int i = 0; i < CORNERS; i++) {
        double angle = 2 * Math.PI * i / CORNERS;
        rim.add(
            new Point2D.Double(
                number(round.group(2)) + radius * Math.cos(angle),
                number(round.group(3)) + radius * Math.sin(angle)));
      }
      sheet.mark(Trace.CUT, rim);
      return true;
    }
    Matcher square = SQUARE.matcher(words);
    if (!square.find()) {
      return false;
    }
    double left = number(square.group(3));
    double top = number(square.group(4));
    double right = left + number(square.group(1));
    double bottom = top + number(square.group(2));
    sheet.mark(
        Trace.CUT,
        List.of(
            new Point2D.Double(left, top),
            new Point2D.Double(right, top),
            new Point2D.Double(right, bottom),
            new Point2D.Double(left, bottom)));
    return true;
  }

  private boolean cut(String words) {
    Matcher down = SLIT_DOWN.matcher(words);
    if (down.find()) {
      double x = number(down.group(1));
      slit(x, down, true);
      return true;
    }
    Matcher across = SLIT_ACROSS.matcher(words);
    if (across.find()) {
      double y = number(across.group(1));
      slit(y, across, false);
      return true;
    }
    Matcher slit = SLIT.matcher(words);
    if (slit.find()) {
      return mark(Trace.SLIT, slit, 1);
    }
    Matcher cut = CUT.matcher(words);
    return cut.find() && mark(Trace.CUT, cut, 1);
  }

  private void slit(double at, Matcher places, boolean upright) {
    double from = number(places.group(2));
    double to = number(places.group(3));
    sheet.slit(
        upright
            ? List.of(new Point2D.Double(at, to), new Point2D.Double(at, from))
            : List.of(new Point2D.Double(to, at), new Point2D.Double(from, at)));
  }

  private boolean mark(Trace trace, Matcher places, int group) {
    mark(
        trace,
        number(places.group(group)),
        number(places.group(group + 1)),
        number(places.group(group + 2)),
        number(places.group(group + 3)));
    return true;
  }

  private void mark(Trace trace, double x, double y, double toX, double toY) {
    sheet.mark(trace, List.of(new Point2D.Double(x, y), new Point2D.Double(toX, toY)));
  }

  private static Optional<Double> part(Matcher matcher, int group) {
    return Optional.ofNullable(matcher.group(group)).map(PrintedHands::number);
  }

  private static boolean near(double a, double b) {
    return Math.abs(a - b) < 0.5;
  }

  /** A hair is too little to see. */
  private static double number(String text) {
    String[] parts = text.replace("about ", "").split(" \\(then ");
    double number = Double.parseDouble(parts[0]);
    if (parts.length == 1 || parts[1].startsWith("a hair")) {
      return number;
    }
    double rest = Double.parseDouble(parts[1].replaceAll("[^\\d.]", ""));
    return parts[1].endsWith("more)") ? number + rest : number - rest;
  }
}
