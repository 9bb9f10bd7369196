package cufflink.core.guide;

import cufflink.core.design.Design;
import cufflink.core.design.Piece;
import cufflink.core.drawing.Patch;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerances;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * What something that is pulled along the paper lines up with: the middle, the thirds and the edges
 * of its panel, and the middle and the edges of what lies beside it.
 */
public final class Guides {
  private final Optional<Patch> pulled;
  private final List<Envelope> others;
  private final List<Envelope> panels;

  /**
   * Where something comes to lie.
   *
   * @param right how far to the right of where it was, in millimetres
   * @param below how far down
   * @param lines the lines it lies on, in the frame of its piece; none if it lines up with nothing
   */
  public record Found(double right, double below, List<List<Spot>> lines) {
    /** Copies the list. */
    public Found {
      lines = List.copyOf(lines);
    }
  }

  /** One way of lining up: how far off it is, and where the line is. */
  private record Way(double off, double at) {}

  private Guides(Optional<Patch> pulled, List<Envelope> others, List<Envelope> panels) {
    this.pulled = pulled;
    this.others = others;
    this.panels = panels;
  }

  /**
   * Looks for what something can be lined up with.
   *
   * @param design the card
   * @param ref what is pulled
   * @param tolerances when places are the same
   * @return its guides; none if it is no paper that lies on a piece
   */
  public static Guides of(Design design, Ref ref, Tolerances tolerances) {
    List<Patch> patches = Patch.of(design);
    Optional<Patch> pulled = patches.stream().filter(each -> each.ref().equals(ref)).findFirst();
    List<Envelope> others = new ArrayList<>();
    patches.stream()
        .filter(each -> !each.ref().equals(ref) && each.ref().piece().equals(ref.piece()))
        .filter(each -> pulled.filter(it -> it.face() == each.face()).isPresent())
        .forEach(each -> others.add(box(each.corners())));
    List<Envelope> panels = new ArrayList<>();
    Optional<Piece> host = design.piece(ref.piece()).filter(each -> pulled.isPresent());
    host.ifPresent(
        piece -> {
          for (Facet facet : FlatPattern.of(piece, tolerances).facets()) {
            panels.add(box(facet.corners()));
          }
        });
    return new Guides(pulled, others, panels);
  }

  private static Envelope box(List<Spot> corners) {
    Envelope box = new Envelope();
    corners.forEach(each -> box.expandToInclude(each.x(), each.y()));
    return box;
  }

  /**
   * Lines something up.
   *
   * @param right how far it is pulled to the right, in millimetres
   * @param below how far down
   * @param near how near it must be to a line to lie on it, in millimetres
   * @return where it comes to lie
   */
  public Found find(double right, double below, double near) {
    if (pulled.isEmpty()) {
      return new Found(right, below, List.of());
    }
    Envelope box = box(pulled.get().corners());
    box.translate(right, below);
    Optional<Envelope> panel =
        panels.stream().filter(each -> each.contains(box.centre())).findFirst();
    List<Double> across = new ArrayList<>();
    List<Double> down = new ArrayList<>();
    panel.ifPresent(
        each -> {
          across.addAll(List.of(each.getMinX(), each.centre().x, each.getMaxX()));
          down.addAll(List.of(each.getMinY(), each.centre().y, each.getMaxY()));
        });
    for (Envelope other : others) {
      across.addAll(List.of(other.getMinX(), other.centre().x, other.getMaxX()));
      down.addAll(List.of(other.getMinY(), other.centre().y, other.getMaxY()));
    }
    Optional<Way> aside =
        best(thirds(panel, true), gaps(box, panel, true), across, along(box, true), near);
    Optional<Way> beneath =
        best(thirds(panel, false), gaps(box, panel, false), down, along(box, false), near);
    List<List<Spot>> lines = new ArrayList<>();
    Envelope reach = new Envelope(box);
    panel.ifPresent(reach::expandToInclude);
    aside.ifPresent(
        way ->
            lines.add(
                List.of(new Spot(way.at(), reach.getMinY()), new Spot(way.at(), reach.getMaxY()))));
    beneath.ifPresent(
        way ->
            lines.add(
                List.of(new Spot(reach.getMinX(), way.at()), new Spot(reach.getMaxX(), way.at()))));
    return new Found(
        right + aside.map(Way::off).orElse(0.0), below + beneath.map(Way::off).orElse(0.0), lines);
  }

  /** Returns the thirds of a panel, on which the middle of something lies and not its edges. */
  private static List<Double> thirds(Optional<Envelope> panel, boolean across) {
    List<Double> thirds = new ArrayList<>();
    panel.ifPresent(
        each -> {
          double from = across ? each.getMinX() : each.getMinY();
          double size = across ? each.getWidth() : each.getHeight();
          thirds.add(from + size / 3);
          thirds.add(from + size * 2 / 3);
        });
    return thirds;
  }

  /** From where to where something reaches, across or down. */
  private record Run(double from, double to) {
    double middle() {
      return (from + to) / 2;
    }
  }

  private static Run along(Envelope box, boolean across) {
    return across ? new Run(box.getMinX(), box.getMaxX()) : new Run(box.getMinY(), box.getMaxY());
  }

  /**
   * Where gaps are equal.
   *
   * @param middle where the middle lies as far from what is before as from what is behind
   * @param from where the gap before is that between the two before
   * @param to where the gap behind is that between the two behind
   */
  private record Gaps(List<Double> middle, List<Double> from, List<Double> to) {}

  /** Of its neighbours those that lie beside it count; what lies under it is none. */
  private Gaps gaps(Envelope box, Optional<Envelope> panel, boolean across) {
    Run own = along(box, across);
    Run beside = along(box, !across);
    List<Run> before = new ArrayList<>();
    List<Run> behind = new ArrayList<>();
    for (Envelope other : others) {
      Run run = along(other, across);
      Run height = along(other, !across);
      if (height.from() < beside.to() && height.to() > beside.from()) {
        if (run.to() < own.middle()) {
          before.add(run);
        } else if (run.from() > own.middle()) {
          behind.add(run);
        }
      }
    }
    before.sort(Comparator.comparingDouble(Run::to).reversed());
    behind.sort(Comparator.comparingDouble(Run::from));
    Gaps gaps = new Gaps(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    Optional<Run> room = panel.map(each -> along(each, across));
    Optional<Double> least = before.stream().findFirst().map(Run::to).or(() -> room.map(Run::from));
    Optional<Double> most = behind.stream().findFirst().map(Run::from).or(() -> room.map(Run::to));
    if (least.isPresent() && most.isPresent()) {
      gaps.middle().add((least.get() + most.get()) / 2);
    }
    if (before.size() > 1 && before.get(0).from() > before.get(1).to()) {
      gaps.from().add(before.get(0).to() + before.get(0).from() - before.get(1).to());
    }
    if (behind.size() > 1 && behind.get(1).from() > behind.get(0).to()) {
      gaps.to().add(behind.get(0).from() - behind.get(1).from() + behind.get(0).to());
    }
    return gaps;
  }

  /** The middle goes before the edges, and these before equal gaps. */
  private static Optional<Way> best(
      List<Double> thirds, Gaps gaps, List<Double> lines, Run run, double near) {
    List<Double> ofTheMiddle = new ArrayList<>(lines);
    ofTheMiddle.addAll(thirds);
    ofTheMiddle.addAll(gaps.middle());
    return nearest(ofTheMiddle, List.of(run.middle()), near)
        .or(() -> nearest(lines, List.of(run.from(), run.to()), near))
        .or(() -> nearest(gaps.from(), List.of(run.from()), near))
        .or(() -> nearest(gaps.to(), List.of(run.to()), near));
  }

  private static Optional<Way> nearest(List<Double> lines, List<Double> places, double near) {
    Optional<Way> best = Optional.empty();
    for (double place : places) {
      for (double line : lines) {
        double off = line - place;
        if (Math.abs(off) <= near
            && best.filter(it -> Math.abs(it.off()) <= Math.abs(off)).isEmpty()) {
          best = Optional.of(new Way(off, line));
        }
      }
    }
    return best;
  }

  /**
   * Draws the lines that something lies on.
   *
   * @param drawing the drawing of the piece
   * @param piece the piece
   * @param found what was lined up
   * @param turnedOver whether the piece lies turned over like a page
   * @return the drawing with the lines over it
   */
  public static Drawing on(Drawing drawing, Piece piece, Found found, boolean turnedOver) {
    return GuideLines.on(drawing, piece, found, turnedOver);
  }
}
