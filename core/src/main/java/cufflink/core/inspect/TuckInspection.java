package cufflink.core.inspect;

import cufflink.core.card.FoldModel;
import cufflink.core.card.Upright;
import cufflink.core.decor.Greeting;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Movement.Led;
import cufflink.core.design.Movement.Leg;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Look;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** What goes behind ribbons or over them: what no ribbon holds, and what lies on a bow. */
final class TuckInspection {
  private static final GeometryFactory GEOMETRY = new GeometryFactory();

  /** What shares less with words is beside them, in square millimetres. */
  private static final double BESIDE = 1;

  private final Design design;
  private final FoldModel model;
  private final Look look;

  private TuckInspection(Design design, FoldModel model, Look look) {
    this.design = design;
    this.model = model;
    this.look = look;
  }

  static List<Finding> of(Design design, List<Topper> toppers, FoldModel model, Look look) {
    TuckInspection inspection = new TuckInspection(design, model, look);
    List<Finding> findings = new ArrayList<>();
    for (Topper topper : toppers) {
      design.joints().stream()
          .filter(joint -> joint.piece().equals(topper.id()))
          .flatMap(joint -> inspection.of(joint, topper).stream())
          .findFirst()
          .ifPresent(findings::add);
    }
    return findings;
  }

  private Optional<Finding> of(Joint joint, Topper topper) {
    Topper.Fixing fixing = topper.fixing();
    if (!fixing.tucked()) {
      return leaving(joint)
          .map(it -> behind(FindingKind.RIBBON_STUCK, "inspect.ribbon-stuck", joint, topper, it))
          .or(
              () ->
                  bow(joint)
                      .map(it -> behind(FindingKind.ON_BOW, "inspect.on-bow", joint, topper, it)));
    }
    if (design.joints().stream().anyMatch(each -> !each.legsOver(joint, design).isEmpty())) {
      return unread(joint, topper);
    }
    boolean isGlued = fixing.with() != Adhesive.NONE;
    String cure = isGlued ? "inspect.let-lie" : "inspect.glue-flat";
    return Optional.of(
        new Finding(
            FindingKind.NOTHING_HOLDS,
            isGlued ? Severity.WARNING : Severity.ERROR,
            Place.on(joint.on(), joint.id()),
            Message.of(isGlued ? "inspect.tucked-nowhere" : "inspect.nothing-holds", joint.label()),
            Optional.of(
                new Finding.Fix(
                    Message.of(cure, joint.label()),
                    List.of(topper.fixed(fixing.tucked(false)))))));
  }

  /** Finds a ribbon that lies over the words on something. */
  private Optional<Finding> unread(Joint joint, Topper topper) {
    Optional<Geometry> words = words(joint);
    return words.flatMap(
        box ->
            design.joints().stream()
                .filter(each -> each.isLedOver(joint))
                .filter(each -> Areas.common(strip(each, joint), box).getArea() > BESIDE)
                .findFirst()
                .map(ribbon -> unread(joint, topper, ribbon)));
  }

  private Finding unread(Joint joint, Topper topper, Joint ribbon) {
    Message words = Message.of("inspect.ribbon-on-words", joint.label(), ribbon.label());
    // Over a bow it would lie no better.
    Optional<Finding.Fix> cure =
        bow(joint).or(() -> leaving(joint)).isPresent()
            ? Optional.empty()
            : Optional.of(
                new Finding.Fix(
                    Message.of("inspect.lay-over", joint.label(), ribbon.label()),
                    List.of(topper.fixed(topper.fixing().tucked(false)))));
    Place place = Place.on(joint.on(), joint.id());
    return new Finding(FindingKind.NOT_SEEN, Severity.WARNING, place, words, cure);
  }

  /** The upright rectangle that words take, as they lie on the host. */
  private Optional<Geometry> words(Joint joint) {
    return design.relations(Design.Relation.Reads.class).stream()
        .filter(reads -> reads.piece().equals(joint.piece()))
        .findFirst()
        .flatMap(reads -> design.piece(joint.piece()).map(piece -> words(joint, reads, piece)));
  }

  private Geometry words(Joint joint, Design.Relation.Reads reads, Piece piece) {
    Side top = Upright.top(joint, design, model, look);
    boolean isTurned = top == Side.LEFT || top == Side.RIGHT;
    double scale = Greeting.scale(reads, piece, isTurned);
    double wide = (isTurned ? reads.height() : reads.width()).toMillimetres() * scale / 2;
    double high = (isTurned ? reads.width() : reads.height()).toMillimetres() * scale / 2;
    Area room =
        reads
            .room()
            .orElse(new Area(new Point(Length.ZERO, Length.ZERO), piece.width(), piece.height()));
    double x = (room.at().x().toMillimetres() + room.right().toMillimetres()) / 2;
    double y = (room.at().y().toMillimetres() + room.bottom().toMillimetres()) / 2;
    List<Spot> corners =
        List.of(
            new Spot(x - wide, y - high),
            new Spot(x + wide, y - high),
            new Spot(x + wide, y + high),
            new Spot(x - wide, y + high));
    return Facet.polygon(corners.stream().map(at -> Glued.place(joint, at)).toList()).buffer(0);
  }

  /** What a ribbon covers of the face on which something lies. */
  private Geometry strip(Joint ribbon, Joint on) {
    double wide =
        design
            .piece(ribbon.piece())
            .map(piece -> piece.width().min(piece.height()).toMillimetres())
            .orElse(0.0);
    Geometry strip = GEOMETRY.createPolygon();
    for (Leg leg : ribbon.legsOver(on, design)) {
      Spot from = Spot.from(leg.middle().from());
      Spot to = Spot.from(leg.middle().to());
      Coordinate[] line = {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())};
      Geometry part =
          GEOMETRY.createLineString(line).buffer(wide / 2, 1, BufferParameters.CAP_FLAT);
      strip = Areas.both(strip, part);
    }
    return strip;
  }

  /** Behind it, words may not be read. */
  private Finding behind(FindingKind kind, String key, Joint joint, Topper topper, Joint ribbon) {
    Finding.Fix behind =
        new Finding.Fix(
            Message.of("inspect.tuck-behind", joint.label()),
            List.of(topper.fixed(topper.fixing().tucked(true))));
    return new Finding(
        kind,
        Severity.WARNING,
        Place.on(joint.on(), joint.id()),
        Message.of(key, joint.label(), ribbon.label()),
        Optional.of(behind).filter(each -> unread(joint, topper).isEmpty()));
  }

  /** Finds the ribbon that would be stuck under something, but has to leave its face. */
  private Optional<Joint> leaving(Joint joint) {
    return design.joints().stream()
        .filter(
            each -> each.legsOver(joint, design).stream().anyMatch(leg -> leg.during().isPresent()))
        .findFirst();
  }

  /** Finds the ribbon on whose bow something lies. */
  private Optional<Joint> bow(Joint joint) {
    Optional<Geometry> paper =
        design.piece(joint.piece()).map(it -> Facet.polygon(Glued.outline(joint, it)).buffer(0));
    return paper.flatMap(
        shape ->
            design.joints().stream()
                .filter(ribbon -> knot(ribbon, joint).filter(shape::intersects).isPresent())
                .findFirst());
  }

  /** The knot is as large as the ribbon is wide, where both its ends meet. */
  private Optional<Geometry> knot(Joint ribbon, Joint on) {
    Optional<Led> led = ribbon.movement().led();
    Optional<Piece> piece = design.piece(ribbon.piece());
    if (led.isEmpty() || piece.isEmpty() || !led.get().isTied()) {
      return Optional.empty();
    }
    List<Leg> legs = led.get().taken();
    Leg first = legs.get(0);
    Leg last = legs.get(legs.size() - 1);
    boolean isThere =
        first.on().equals(on.on())
            && last.on().equals(on.on())
            && first.face() == on.face()
            && last.face() == on.face();
    Spot from = Spot.from(first.middle().from());
    Spot to = Spot.from(last.middle().to());
    double wide = piece.get().width().min(piece.get().height()).toMillimetres();
    if (!isThere || !Led.meets(from.distance(to), wide)) {
      return Optional.empty();
    }
    Coordinate middle = new Coordinate((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
    return Optional.of(GEOMETRY.createPoint(middle).buffer(wide / 2));
  }
}
