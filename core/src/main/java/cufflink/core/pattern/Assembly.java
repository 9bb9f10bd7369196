package cufflink.core.pattern;

import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Movement;
import cufflink.core.design.Piece;
import cufflink.core.design.Pocket;
import cufflink.core.design.Zone;
import cufflink.core.expression.Formula;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Parts.PlaceTemplate;
import cufflink.core.pattern.Parts.Presence;
import cufflink.core.plane.Area;
import cufflink.core.plane.Segment;
import cufflink.core.plane.Side;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiConsumer;

/**
 * How the pieces of a pattern go together, still in formulas.
 *
 * @param joints the pieces glued onto others
 * @param zones what must stay free of glue
 * @param pockets what can hold something
 */
record Assembly(
    List<JointTemplate> joints, List<ZoneTemplate> zones, List<PocketTemplate> pockets) {

  record JointTemplate(
      Presence presence,
      String piece,
      String on,
      Face face,
      List<Formula> area,
      Layer.Shape shape,
      List<PlaceTemplate> glue,
      Side mouth,
      Optional<String> holds,
      MovementTemplate movement,
      Optional<Joint.Turned> turned,
      Optional<AskewTemplate> askew,
      boolean over,
      Optional<Adhesive> with,
      String unit,
      Optional<With> companion) {}

  /**
   * With what a joint goes.
   *
   * @param copy with which copy of its host, from 1; 0 with each
   * @param tucked whether it lies behind the ribbons there
   */
  record With(int copy, boolean tucked) {}

  record AskewTemplate(List<Formula> places, Formula degrees, boolean withGlue) {
    Joint.Askew askew(Scope scope) {
      return new Joint.Askew(
          scope.point(places), scope.point(places.subList(2, 4)), scope.number(degrees), withGlue);
    }
  }

  record MovementTemplate(
      List<List<Formula>> about,
      boolean either,
      Optional<Side> towards,
      Optional<List<Formula>> at,
      List<String> under,
      List<List<Formula>> through,
      List<List<Formula>> follows,
      Optional<LedTemplate> led) {
    Movement movement(Scope scope) {
      return new Movement(
          about.stream().map(line -> segment(scope, line)).toList(),
          either,
          towards.map(side -> new Movement.Slide(side, at.map(scope::point), under)),
          through.stream().map(each -> area(scope, each)).toList(),
          follows.stream().map(each -> area(scope, each)).toList(),
          led.map(each -> each.led(scope)));
    }
  }

  record ZoneTemplate(Presence presence, String on, Face face, List<Formula> area) {}

  record PocketTemplate(
      Presence presence,
      String on,
      Formula width,
      Formula depth,
      Formula room,
      Optional<List<Formula>> area,
      List<InsideTemplate> places) {}

  /**
   * Where something in a pocket lies, before it has numbers.
   *
   * @param by the joint that puts on the copy that is meant
   * @param face the face it lies on
   * @param area the room there; that of the pocket if nothing is said
   * @param mouth where it is pulled out
   * @param during the name of what is open while it lies there
   */
  record InsideTemplate(
      Optional<String> by,
      Face face,
      Optional<List<Formula>> area,
      Side mouth,
      Optional<String> during) {
    Pocket.Inside place(Scope scope, PocketTemplate pocket) {
      List<Formula> room = area.or(pocket::area).orElseThrow();
      return new Pocket.Inside(
          by, face, Assembly.area(scope, room), mouth, during.map(LedTemplate.LegTemplate::hinge));
    }
  }

  /** Returns the joints; those of a unit come together, one unit after another. */
  List<Joint> joints(Scope scope, List<Piece> pieces) {
    List<Joint> result = new ArrayList<>();
    Map<String, Map<Long, List<Joint>>> units = new LinkedHashMap<>();
    for (JointTemplate each : joints) {
      if (each.companion().isPresent()) {
        continue;
      }
      if (each.unit().isEmpty()) {
        forEach(each, scope, pieces, (turn, joint) -> result.add(joint));
        continue;
      }
      boolean last = joints.indexOf(each) == lastOf(each.unit());
      Map<Long, List<Joint>> unit = units.computeIfAbsent(each.unit(), name -> new TreeMap<>());
      forEach(
          each,
          scope,
          pieces,
          (turn, joint) ->
              unit.computeIfAbsent(turn.index(), index -> new ArrayList<>()).add(joint));
      if (last) {
        unit.values().forEach(result::addAll);
      }
    }
    return result;
  }

  /** Returns what goes with the pieces it is put on, as often as those are there. */
  List<Companions.Companion> companions(Scope scope, List<Piece> pieces) {
    List<Companions.Companion> result = new ArrayList<>();
    for (JointTemplate each : joints) {
      if (each.companion().isPresent()) {
        With with = each.companion().get();
        forEach(
            each,
            scope,
            pieces,
            (turn, joint) ->
                result.add(new Companions.Companion(joint, with.copy(), with.tucked())));
      }
    }
    return result;
  }

  private int lastOf(String unit) {
    int last = -1;
    for (int i = 0; i < joints.size(); i++) {
      last = joints.get(i).unit().equals(unit) ? i : last;
    }
    return last;
  }

  private static void forEach(
      JointTemplate each, Scope scope, List<Piece> pieces, BiConsumer<Repeats.Turn, Joint> use) {
    Repeats.forEach(
        each.presence(),
        scope,
        turn -> {
          Movement movement = each.movement().movement(scope).folded(pieces);
          Face face = movement.led().map(Movement.Led::face).orElse(each.face());
          use.accept(
              turn,
              new Joint(
                  turn.id(),
                  each.presence().label(),
                  each.piece(),
                  each.on(),
                  face,
                  movement
                      .led()
                      .map(
                          led ->
                              LedTemplate.over(led, each.on(), face, width(each.piece(), pieces)))
                      .orElseGet(() -> area(scope, each.area())),
                  each.shape(),
                  glue(each, scope),
                  each.mouth(),
                  movement,
                  each.turned(),
                  each.askew().map(askew -> askew.askew(scope)),
                  each.over(),
                  each.with()));
        });
  }

  private static List<Area> glue(JointTemplate joint, Scope scope) {
    List<Area> areas = new ArrayList<>();
    for (PlaceTemplate each : joint.glue()) {
      Repeats.forEach(each.presence(), scope, turn -> areas.add(area(scope, each.at())));
    }
    return areas;
  }

  /** Returns how wide a ribbon is. */
  private static Length width(String ribbon, List<Piece> pieces) {
    return pieces.stream()
        .filter(piece -> piece.id().equals(ribbon) || piece.name().name().equals(ribbon))
        .findFirst()
        .map(piece -> piece.width().min(piece.height()))
        .orElse(Length.ZERO);
  }

  List<Zone> zones(Scope scope) {
    List<Zone> result = new ArrayList<>();
    for (ZoneTemplate each : zones) {
      Repeats.forEach(
          each.presence(),
          scope,
          turn ->
              result.add(
                  new Zone(
                      turn.id(),
                      each.presence().label(),
                      each.on(),
                      each.face(),
                      area(scope, each.area()))));
    }
    return result;
  }

  /** Returns the pockets that are told, and those that joints make. */
  List<Pocket> pockets(Scope scope, List<Piece> pieces) {
    List<Pocket> result = new ArrayList<>();
    for (PocketTemplate each : pockets) {
      Repeats.forEach(
          each.presence(),
          scope,
          turn ->
              result.add(
                  new Pocket(
                      turn.id(),
                      each.presence().label(),
                      each.on(),
                      scope.length(each.width()),
                      scope.length(each.depth()),
                      scope.length(each.room()),
                      each.area().map(area -> area(scope, area)),
                      each.places().stream().map(place -> place.place(scope, each)).toList())));
    }
    for (JointTemplate each : joints) {
      each.holds()
          .ifPresent(
              label ->
                  forEach(
                      each,
                      scope,
                      pieces,
                      (turn, joint) ->
                          host(joint, pieces)
                              .map(host -> Pocket.of(joint, label, host))
                              .ifPresent(result::add)));
    }
    return result;
  }

  private static Optional<Piece> host(Joint joint, List<Piece> pieces) {
    return pieces.stream().filter(piece -> piece.id().equals(joint.on())).findFirst();
  }

  private static Segment segment(Scope scope, List<Formula> formulas) {
    return new Segment(scope.point(formulas.subList(0, 2)), scope.point(formulas.subList(2, 4)));
  }

  static Area area(Scope scope, List<Formula> formulas) {
    return new Area(
        scope.point(formulas), scope.length(formulas.get(2)), scope.length(formulas.get(3)));
  }
}
