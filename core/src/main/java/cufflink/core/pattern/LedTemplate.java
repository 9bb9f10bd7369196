package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Movement;
import cufflink.core.design.Mover;
import cufflink.core.design.PartName;
import cufflink.core.expression.Formula;
import cufflink.core.expression.Kind;
import cufflink.core.expression.Place;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * How a ribbon is led, before it has numbers.
 *
 * @param legs its straight parts
 * @param tail what hangs free at each end, if anything does
 */
record LedTemplate(List<LegTemplate> legs, Optional<Formula> tail) {
  /** The words for its place in a joint. */
  private static final String PATH = "path";

  private static final String TAIL = "tail";

  private static final java.util.regex.Pattern NUMBERED =
      java.util.regex.Pattern.compile("\\[(.+)\\]$");

  /**
   * One part.
   *
   * @param place where it is said
   * @param on the piece it lies on
   * @param by the joint that puts on the copy that is meant
   * @param number which of these joints, if they are numbered
   * @param face the face it lies on
   * @param line both ends of its middle line
   * @param taped how much of it tape holds, if any
   * @param under what lies over it
   * @param during the name of what is open while it lies there
   */
  record LegTemplate(
      Place place,
      String on,
      Optional<String> by,
      Optional<Formula> number,
      Face face,
      List<Formula> line,
      Optional<Formula> taped,
      List<String> under,
      Optional<String> during) {
    Movement.Leg leg(Scope scope) {
      return new Movement.Leg(
          on,
          by.map(it -> number.map(n -> PartName.of(it, scope.whole(n)).id()).orElse(it)),
          face,
          new Segment(scope.point(line.subList(0, 2)), scope.point(line.subList(2, 4))),
          taped.map(scope::length).orElse(Length.ZERO),
          under,
          during.map(LegTemplate::hinge));
    }

    /** One of several lines is named by the joint and a number behind it, from one. */
    static Mover.Hinge hinge(String name) {
      int dash = name.lastIndexOf('-');
      boolean isNumbered = dash > 0 && name.substring(dash + 1).matches("[0-9]{1,3}");
      return isNumbered
          ? new Mover.Hinge(name.substring(0, dash), Integer.parseInt(name.substring(dash + 1)) - 1)
          : new Mover.Hinge(name, 0);
    }
  }

  /** Copies the list. */
  LedTemplate {
    legs = List.copyOf(legs);
  }

  /** Reads it from a joint; empty if that is no ribbon. */
  static Optional<LedTemplate> of(Section joint, List<Parts.PieceTemplate> pieces) {
    if (!joint.has(PATH)) {
      return Optional.empty();
    }
    List<LegTemplate> legs = new ArrayList<>();
    for (Section leg : joint.sections(PATH)) {
      legs.add(
          new LegTemplate(
              leg.place(),
              AssemblyCompiler.pieceName(leg, "on", pieces),
              leg.entry("by")
                  .map(by -> leg.home().part(NUMBERED.matcher(leg.plain(by)).replaceAll(""))),
              leg.entry("by").flatMap(by -> number(leg, by)),
              leg.oneOf("face", Face.class, Face.INSIDE),
              leg.lengths(leg.entry("line").orElse(new Entry.Items(leg.place(), List.of())), 4),
              leg.formula("taped", Kind.LENGTH),
              leg.items("under").stream().map(it -> leg.home().part(leg.plain(it))).toList(),
              leg.entry("while").map(it -> leg.home().part(leg.plain(it)))));
    }
    if (legs.isEmpty()) {
      joint.note(joint.place(), "pattern.missing", PATH);
      return Optional.empty();
    }
    return Optional.of(new LedTemplate(legs, joint.formula(TAIL, Kind.LENGTH)));
  }

  /** Reads which of several joints is meant by a name with a formula in brackets. */
  private static Optional<Formula> number(Section leg, Entry by) {
    Matcher matcher = NUMBERED.matcher(leg.plain(by));
    return matcher.find()
        ? leg.formula(new Entry.Text(by.place(), matcher.group(1)), Kind.NUMBER)
        : Optional.empty();
  }

  /** Returns how it is led. */
  Movement.Led led(Scope scope) {
    return new Movement.Led(
        legs.stream().map(each -> each.leg(scope)).toList(),
        tail.map(scope::length).orElse(Length.ZERO));
  }

  /** Returns the part of a piece and face over which a ribbon so wide is led. */
  static Area over(Movement.Led led, String piece, Face face, Length wide) {
    List<Movement.Leg> there =
        led.taken().stream()
            .filter(leg -> leg.on().equals(piece) && leg.face() == face && leg.by().isEmpty())
            .toList();
    List<Point> ends = new ArrayList<>();
    for (Movement.Leg leg : there.isEmpty() ? led.legs().subList(0, 1) : there) {
      ends.add(leg.middle().from());
      ends.add(leg.middle().to());
    }
    Area line = Area.around(ends);
    Length half = Length.ofUnits(wide.units() / 2);
    return new Area(
        new Point(line.at().x().minus(half), line.at().y().minus(half)),
        line.width().plus(wide),
        line.height().plus(wide));
  }
}
