package cufflink.core.drawing;

import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Unit;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.pattern.PatternEvaluator;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What is pulled along the paper by hand: which values put it where it is, found by moving each of
 * them a little. Of several that move it, the one is pulled that moves least else.
 */
public final class Pull {
  private static final Length LITTLE = Unit.MILLIMETRE.length();

  /** What moves less than this share of what a value is moved by does not follow it. */
  private static final double FOLLOWS = 0.2;

  private final Values values;
  private final Optional<Handle> across;
  private final Optional<Handle> down;

  /**
   * A value that moves something.
   *
   * @param parameter the value
   * @param now how large it is
   * @param share how far the thing goes for each millimetre of the value
   * @param others how much else goes with it
   */
  private record Handle(Parameter parameter, Length now, double share, long others) {}

  private Pull(Values values, Optional<Handle> across, Optional<Handle> down) {
    this.values = values;
    this.across = across;
    this.down = down;
  }

  /**
   * Takes hold of something.
   *
   * @param pattern the construction
   * @param values all its values
   * @param design what it comes to with them
   * @param ref what is taken hold of
   * @return what it is pulled by
   */
  public static Pull of(Pattern pattern, Values values, Design design, Ref ref) {
    Map<Ref, Area> before = places(design);
    Area place = before.get(ref);
    List<Handle> across = new ArrayList<>();
    List<Handle> down = new ArrayList<>();
    for (Parameter parameter : pattern.parameters()) {
      Optional<Length> now = length(values, parameter);
      if (place == null || parameter.role() != Parameter.Role.OTHER || now.isEmpty()) {
        continue;
      }
      Values moved = values.and(parameter.id(), now.get().plus(LITTLE));
      Optional<Map<Ref, Area>> after =
          PatternEvaluator.evaluate(pattern, moved).design().map(Pull::places);
      Optional<Area> there = after.map(all -> all.get(ref)).filter(each -> isAsLarge(each, place));
      if (there.isPresent()) {
        long others =
            before.entrySet().stream()
                .filter(each -> !each.getValue().equals(after.get().get(each.getKey())))
                .count();
        Point at = there.get().at();
        across.add(new Handle(parameter, now.get(), share(place.at().x(), at.x()), others));
        down.add(new Handle(parameter, now.get(), share(place.at().y(), at.y()), others));
      }
    }
    return new Pull(values, best(across, down), best(down, across));
  }

  private static Optional<Length> length(Values values, Parameter parameter) {
    return values
        .get(parameter.id())
        .filter(Setting.OfLength.class::isInstance)
        .map(each -> ((Setting.OfLength) each).length());
  }

  /** What is pulled goes elsewhere, and does not grow. */
  private static boolean isAsLarge(Area one, Area other) {
    return one.width().equals(other.width()) && one.height().equals(other.height());
  }

  private static double share(Length before, Length after) {
    return after.minus(before).toMillimetres() / LITTLE.toMillimetres();
  }

  /** Returns what moves it one way and not the other, and least else. */
  private static Optional<Handle> best(List<Handle> along, List<Handle> aside) {
    Optional<Handle> best = Optional.empty();
    for (int i = 0; i < along.size(); i++) {
      Handle handle = along.get(i);
      boolean follows =
          Math.abs(handle.share()) >= FOLLOWS && Math.abs(aside.get(i).share()) < FOLLOWS;
      if (follows && best.filter(each -> each.others() <= handle.others()).isEmpty()) {
        best = Optional.of(handle);
      }
    }
    return best;
  }

  /**
   * Says whether it can be pulled anywhere.
   *
   * @return false if no value puts it where it is
   */
  public boolean isFree() {
    return across.isPresent() || down.isPresent();
  }

  /**
   * Names what it is pulled by.
   *
   * @return the ids of one or two values
   */
  public List<String> by() {
    List<String> ids = new ArrayList<>();
    across.ifPresent(each -> ids.add(each.parameter().id()));
    down.ifPresent(each -> ids.add(each.parameter().id()));
    return ids;
  }

  /**
   * Pulls it.
   *
   * @param right how far to the right from where it was taken hold of, in millimetres on its piece
   * @param below how far down, in millimetres
   * @param marks the ruler on which each value lies
   * @return the values that have changed, each on a mark; only what a maker has put on goes below
   *     nought
   */
  public Map<String, Length> to(double right, double below, Function<Parameter, Marks> marks) {
    Map<String, Length> changed = new HashMap<>();
    across.ifPresent(each -> pull(changed, each, right, marks));
    down.ifPresent(each -> pull(changed, each, below, marks));
    return changed;
  }

  private void pull(
      Map<String, Length> changed, Handle handle, double far, Function<Parameter, Marks> marks) {
    Marks ruler = marks.apply(handle.parameter());
    Length by = Length.fromMillimetres(far / handle.share());
    Length wanted = ruler.nearest(handle.now().plus(by));
    Length set = wanted.max(Topper.least(handle.parameter().id()));
    if (!values.length(handle.parameter().id()).equals(Optional.of(set))) {
      changed.put(handle.parameter().id(), set);
    }
  }

  /** Returns where everything on the pieces lies. */
  private static Map<Ref, Area> places(Design design) {
    Map<Ref, Area> places = new HashMap<>();
    for (Piece piece : design.pieces()) {
      piece.scores().forEach(it -> places.put(new Ref(piece.id(), it.id()), around(it.line())));
      piece.slits().forEach(it -> places.put(new Ref(piece.id(), it.id()), around(it.line())));
      piece
          .openings()
          .forEach(it -> places.put(new Ref(piece.id(), it.id()), Area.around(it.outline())));
    }
    design
        .layers()
        .forEach(
            it ->
                places.put(new Ref(it.on(), it.id()), new Area(it.at(), it.width(), it.height())));
    design.joints().forEach(it -> places.put(new Ref(it.on(), it.id()), it.area()));
    return places;
  }

  private static Area around(Segment line) {
    return Area.around(List.of(line.from(), line.to()));
  }
}
