package cufflink.core.inspect;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight;
import cufflink.core.paper.Look;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.locationtech.jts.geom.Polygon;

/**
 * The bare card, folded to find out which panel is the front, which face is seen when, and whether
 * what is glued on as the sheet lies flat stands upright then.
 */
public final class Rehearsal {
  /** Panels that begin within so many millimetres of each other stand in one row. */
  private static final double ROW = 3;

  /** A panel that rises by less than this, for each of its millimetres, lies. */
  private static final double RISES = 0.2;

  /** What lies on a panel covers more of it than this, in square millimetres. */
  private static final double TOUCHES = 1;

  private final FoldReport report;
  private final Look look;
  private final Map<Integer, Integer> numbers = new TreeMap<>();

  private Rehearsal(FoldReport report, Look look) {
    this.report = report;
    this.look = look;
    FoldModel model = report.model();
    List<Facet> panels = new ArrayList<>(model.flat().facets());
    Comparator<Facet> byRow =
        Comparator.comparingLong(facet -> Math.round(least(facet, false) / ROW));
    panels.sort(byRow.thenComparing(facet -> least(facet, true)));
    panels.forEach(facet -> numbers.put(facet.index(), numbers.size() + 1));
  }

  private static double least(Facet facet, boolean across) {
    return facet.corners().stream().mapToDouble(across ? Spot::x : Spot::y).min().orElse(0);
  }

  /**
   * Says of each face of each panel when it is seen first.
   *
   * @param report the card, folded in thought
   * @param look how it is pictured: what is pictured standing is read as it stands
   * @return a sentence for each face that is seen at all, the panels numbered row by row from the
   *     upper left of the sheet lying inside up
   */
  public static List<Message> of(FoldReport report, Look look) {
    return new Rehearsal(report, look).all();
  }

  /**
   * What is to be known of a face.
   *
   * @param words which face it is, when it is seen and which way up, and what lies on it
   * @param ids the layers and glued pieces that lie on it, by their ids
   */
  public record Told(Message words, List<String> ids) {
    /** Copies the list. */
    public Told {
      ids = List.copyOf(ids);
    }
  }

  /**
   * Says what a face is for.
   *
   * @param report the card, folded in thought
   * @param design the same card
   * @param look how it is pictured
   * @param facet which part of the card
   * @param face which face of it
   * @return what is to be known of it
   */
  public static Told at(FoldReport report, Design design, Look look, int facet, Face face) {
    Rehearsal rehearsal = new Rehearsal(report, look);
    Piece piece = report.model().assembly().pieceOf(facet);
    Message side = Message.of(face == Face.INSIDE ? "layer.inside" : "layer.outside");
    Optional<Seen> seen = rehearsal.first(facet, face);
    Optional<Integer> number = Optional.ofNullable(rehearsal.numbers.get(facet));
    Message words =
        number.isPresent() && seen.isPresent()
            ? told(number.get(), face, seen.get())
            : seen.map(it -> Message.of("rehearse.part", piece.label(), side, it.when()))
                .orElse(Message.of("rehearse.unseen", piece.label(), side));
    Polygon panel = report.model().assembly().facets().get(facet).polygon();
    List<String> ids = new ArrayList<>();
    List<Message> names = new ArrayList<>();
    for (Layer layer : design.layers()) {
      if (layer.on().equals(piece.id()) && layer.face() == face && lies(layer.outline(), panel)) {
        ids.add(layer.id());
        names.add(Message.plain(layer.label()));
      }
    }
    for (Joint joint : design.glued()) {
      boolean isHere = joint.on().equals(piece.id()) && joint.face() == face;
      if (isHere && !design.isSeam(joint) && lies(joint.outline(), panel)) {
        ids.add(joint.id());
        names.add(Message.plain(joint.label()));
      }
    }
    Message here =
        names.isEmpty()
            ? Message.of("rehearse.bare")
            : Message.of("rehearse.here", Message.list("list.comma", names));
    return new Told(words.followedBy(here), ids);
  }

  private static boolean lies(List<Point> outline, Polygon panel) {
    Polygon place = Facet.polygon(outline.stream().map(Spot::from).toList());
    return place.isValid() && place.intersection(panel).getArea() > TOUCHES;
  }

  private List<Message> all() {
    List<Message> lines = new ArrayList<>();
    numbers.forEach(
        (facet, number) -> {
          for (Face face : Face.values()) {
            first(facet, face).ifPresent(when -> lines.add(told(number, face, when)));
          }
        });
    return lines;
  }

  /** When a face is seen, and which side of the sheet is on top then. */
  private record Seen(Message when, Side top) {}

  private Optional<Seen> first(int facet, Face face) {
    int closing = report.model().closing();
    for (FoldReport.State state : report.states()) {
      if (state.done() < closing) {
        continue;
      }
      boolean closed = state.done() == closing;
      Optional<Sight.Shown> front = shown(state.front(), facet, face);
      if (front.isPresent()) {
        Message when =
            closed
                ? Message.of("rehearse.front")
                : Message.of(
                    "rehearse.opened", report.model().stages().get(state.done() - 1).title());
        return Optional.of(new Seen(when, top(facet, front.get(), state.done())));
      }
      Optional<Sight.Shown> back = closed ? shown(state.back(), facet, face) : Optional.empty();
      if (back.isPresent()) {
        return Optional.of(new Seen(Message.of("rehearse.back"), top(facet, back.get(), closing)));
      }
    }
    return Optional.empty();
  }

  /** Which side is on top for whoever looks; of a card that stands, as it stands or is put away. */
  private Side top(int facet, Sight.Shown shown, int done) {
    boolean isOpenedFlat =
        done > report.model().closing() && report.model().layering().isFlat(done);
    if (look.pitch() == 0 || isOpenedFlat) {
      return shown.top();
    }
    FoldModel model = report.model();
    double at = look.at().orElse(model.closing());
    Motion motion =
        model.pose(model.shown(Math.min(at, model.stages().size()))).motions().get(facet);
    Vec up = new Viewpoint(0, 0, -look.pitch()).stood(new Vec(0, 0, 1));
    double rises = motion.turn(new Vec(0, -1, 0)).dot(up);
    return Math.abs(rises) < RISES ? shown.top() : rises > 0 ? Side.TOP : Side.BOTTOM;
  }

  private static Optional<Sight.Shown> shown(Sight sight, int facet, Face face) {
    return sight.shown().stream()
        .filter(each -> each.facet() == facet && each.face() == face)
        .max(Comparator.comparingDouble(Sight.Shown::area));
  }

  private static Message told(int number, Face face, Seen seen) {
    String way =
        switch (seen.top()) {
          case TOP, NONE -> "rehearse.upright";
          case BOTTOM -> "rehearse.upside-down";
          case LEFT, RIGHT -> "rehearse.sideways";
        };
    Message side = Message.of(face == Face.INSIDE ? "layer.inside" : "layer.outside");
    return Message.of(
        "rehearse.panel", Integer.toString(number), side, seen.when(), Message.of(way));
  }
}
