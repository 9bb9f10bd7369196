package cufflink.core.job;

import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Parameter;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * Where else something that its maker has put on could lie: wholly on one panel of its piece, as
 * near as that can be, or on the middle of one.
 */
final class Elsewhere {
  /** So many places are worth trying. */
  private static final int MOST = 6;

  private final Topper topper;
  private final Piece host;
  private final Length across;
  private final Length down;
  private final Length left;
  private final Length top;
  private final Marks marks;

  private Elsewhere(Topper topper, Piece host, Piece itself, Values settled, Marks marks) {
    this.topper = topper;
    this.host = host;
    this.across = itself.width();
    this.down = itself.height();
    this.left = settled.length(topper.value(Measure.LEFT)).orElseThrow();
    this.top = settled.length(topper.value(Measure.TOP)).orElseThrow();
    this.marks = marks;
  }

  /** A place, and how far it is from where it lies. */
  private record Place(Length left, Length top, double far) {}

  /**
   * Finds places.
   *
   * @param derivation what follows from a job
   * @param id the id of something that was put on
   * @return values for its place, the nearest place first; none if nothing is known of it
   */
  static List<Values> of(Derivation derivation, String id) {
    Optional<Derivation.Made> made = derivation.made();
    Optional<Topper> topper =
        derivation.job().order().toppers().stream()
            .filter(each -> each.id().equals(id))
            .findFirst();
    if (made.isEmpty() || topper.isEmpty()) {
      return List.of();
    }
    Design design = made.get().design();
    Optional<Piece> host = design.piece(topper.get().on());
    Optional<Piece> itself = design.piece(id);
    if (host.isEmpty() || itself.isEmpty()) {
      return List.of();
    }
    Elsewhere elsewhere =
        new Elsewhere(
            topper.get(), host.get(), itself.get(), derivation.settled(), derivation.job().marks());
    return elsewhere.on(FlatPattern.of(host.get(), made.get().card().flat().tolerances()).facets());
  }

  /** Says where it is to be moved to. */
  static Message told(Derivation derivation, Values place) {
    List<Object> said = new ArrayList<>();
    for (Parameter each : derivation.pattern().parameters()) {
      place
          .length(each.id())
          .ifPresent(
              length -> {
                said.add(each.label());
                said.add(length);
              });
    }
    return Message.of(said.size() == 2 ? "value.set" : "value.set-both", said.toArray());
  }

  private List<Values> on(List<Facet> panels) {
    List<Place> places = new ArrayList<>();
    for (Facet panel : panels) {
      Envelope box = panel.polygon().getEnvelopeInternal();
      boolean isMirrored = topper.face() == Face.OUTSIDE;
      double wide = host.width().toMillimetres();
      double from = isMirrored ? wide - box.getMaxX() : box.getMinX();
      double to = isMirrored ? wide - box.getMinX() : box.getMaxX();
      within(left, from, to, across)
          .ifPresent(
              x ->
                  within(top, box.getMinY(), box.getMaxY(), down)
                      .ifPresent(y -> places.add(place(x, y))));
      Coordinate middle = panel.polygon().getCentroid().getCoordinate();
      places.add(
          place(
              onMark((isMirrored ? wide - middle.x : middle.x) - across.toMillimetres() / 2),
              onMark(middle.y - down.toMillimetres() / 2)));
    }
    return places.stream()
        .filter(each -> each.far() > 0)
        .sorted(Comparator.comparingDouble(Place::far))
        .limit(MOST)
        .map(this::values)
        .toList();
  }

  private Values values(Place place) {
    Values values = Values.NONE;
    if (!place.left().equals(left)) {
      values = values.and(topper.value(Measure.LEFT), place.left());
    }
    return place.top().equals(top) ? values : values.and(topper.value(Measure.TOP), place.top());
  }

  private Place place(Length x, Length y) {
    double right = x.minus(left).toMillimetres();
    return new Place(x, y, Math.hypot(right, y.minus(top).toMillimetres()));
  }

  /** Moves one side onto a panel, by whole marks; empty if the panel is too small. */
  private Optional<Length> within(Length now, double from, double to, Length size) {
    Length least = onMark(from);
    least = least.toMillimetres() < from ? least.plus(marks.step()) : least;
    Length most = marks.floor(Length.fromMillimetres(to).minus(size));
    return most.compareTo(least) < 0 ? Optional.empty() : Optional.of(now.max(least).min(most));
  }

  private Length onMark(double millimetres) {
    return marks.nearest(Length.fromMillimetres(millimetres));
  }
}
