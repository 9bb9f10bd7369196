package cufflink.desktop.shell;

import cufflink.core.assembly.Assembly;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.design.Face;
import cufflink.core.drawing.FoldFrame.Aim;
import cufflink.core.drawing.FoldFrame.Grip;
import cufflink.core.flat.Spot;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Ref;
import cufflink.core.value.Values;
import cufflink.desktop.work.Workbench;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The hand that moves a piece of the maker's own on a card that is folded, open or closed: it
 * slides on the panel it lies on. Its outline goes along with the hand; let go, it lies there.
 */
final class FoldHand {
  /** A panel of which no more is seen than this share is seen edge on. */
  private static final double EDGE_ON = 0.05;

  private final Workbench bench;
  private Optional<Held> held = Optional.empty();

  FoldHand(Workbench bench) {
    this.bench = bench;
  }

  /** A piece that is held, and how far the hand has gone with it, in pixels. */
  private record Held(
      Topper topper, Aim aim, double moment, int host, List<Spot> outline, Spot gone) {
    /** How far it has gone on its host, in millimetres; nowhere where that is seen edge on. */
    Spot moved() {
      Spot at = outline.get(0);
      Spot from = aim.seenAt(moment, host, at);
      Spot right = aim.seenAt(moment, host, new Spot(at.x() + 1, at.y()));
      Spot down = aim.seenAt(moment, host, new Spot(at.x(), at.y() + 1));
      double a = right.x() - from.x();
      double b = down.x() - from.x();
      double c = right.y() - from.y();
      double d = down.y() - from.y();
      double area = a * d - b * c;
      double large = Math.max(a * a + c * c, b * b + d * d);
      return Math.abs(area) < EDGE_ON * large
          ? new Spot(0, 0)
          : new Spot((d * gone.x() - b * gone.y()) / area, (a * gone.y() - c * gone.x()) / area);
    }
  }

  /** Takes hold of what lies uppermost, if the maker has put it there. */
  boolean press(Aim aim, double moment, Spot at) {
    held =
        bench
            .job()
            .flatMap(
                job ->
                    aim.grips(moment, at).stream()
                        .findFirst()
                        .flatMap(grip -> hold(job, aim, moment, grip)));
    return held.isPresent();
  }

  private static Optional<Held> hold(Job job, Aim aim, double moment, Grip grip) {
    Assembly assembly = aim.model().assembly();
    Assembly.Member member = assembly.members().get(assembly.memberOf(grip.facet()));
    return job.order().toppers().stream()
        .filter(topper -> topper.id().equals(member.flat().piece().id()))
        .filter(topper -> !member.glue().isEmpty())
        .findFirst()
        .map(
            topper -> {
              Assembly.Glue glue = member.glue().get(0);
              List<Spot> outline =
                  member.flat().piece().outline().stream()
                      .map(Spot::from)
                      .map(glue.placement()::apply)
                      .map(place -> new Spot(place.x(), place.y()))
                      .toList();
              return new Held(topper, aim, moment, glue.host(), outline, new Spot(0, 0));
            });
  }

  boolean isHeld() {
    return held.isPresent();
  }

  void drag(double right, double down) {
    held =
        held.map(
            it ->
                new Held(
                    it.topper(),
                    it.aim(),
                    it.moment(),
                    it.host(),
                    it.outline(),
                    new Spot(it.gone().x() + right, it.gone().y() + down)));
  }

  /** Draws where it would lie. */
  Drawing over(Drawing drawing) {
    if (held.isEmpty()) {
      return drawing;
    }
    Held now = held.get();
    Spot moved = now.moved();
    List<Spot> ring = new ArrayList<>();
    for (Spot each : now.outline()) {
      Spot there = new Spot(each.x() + moved.x(), each.y() + moved.y());
      ring.add(now.aim().seenAt(now.moment(), now.host(), there));
    }
    ring.add(ring.get(0));
    List<Drawing.Mark> marks = new ArrayList<>(drawing.marks());
    marks.add(new Drawing.Stroke(ring, Ink.PLACE, Ref.NONE));
    return new Drawing(drawing.width(), drawing.height(), drawing.scale(), marks);
  }

  /** Lays it down, on the marks of the ruler. */
  void release() {
    Optional<Held> last = held;
    held = Optional.empty();
    last.filter(it -> it.gone().x() != 0 || it.gone().y() != 0).ifPresent(this::lay);
  }

  private void lay(Held last) {
    Job job = bench.job().orElseThrow();
    Topper topper = last.topper();
    Spot moved = last.moved();
    double right = topper.face() == Face.INSIDE ? moved.x() : -moved.x();
    Values values = job.values();
    Length left = values.length(topper.value(Measure.LEFT)).orElse(topper.start().left());
    Length top = values.length(topper.value(Measure.TOP)).orElse(topper.start().top());
    bench
        .sizing()
        .pull(
            job,
            Map.of(
                topper.value(Measure.LEFT), onMark(left, right, job.marks()),
                topper.value(Measure.TOP), onMark(top, moved.y(), job.marks())));
    bench.sizing().finish();
  }

  private static Length onMark(Length before, double by, Marks marks) {
    Length least = Length.ZERO.minus(Topper.PAST);
    Length now = marks.nearest(before.plus(Length.fromMillimetres(by)));
    return now.max(least).min(Topper.LARGEST);
  }
}
