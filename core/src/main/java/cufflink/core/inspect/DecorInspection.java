package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.card.Upright;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Glued;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Sight;
import cufflink.core.layers.Areas;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Contrast;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Side;
import cufflink.core.stance.Stance;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/** What is put on for its looks: pads that come to lie on pads, and no place left to write. */
public final class DecorInspection {
  /** Parts that share less lie beside each other, in square millimetres. */
  private static final double BESIDE = 4;

  /** A few lines take so much plain paper, in square millimetres: about 60 by 30; our decision. */
  private static final double LINES = 1_800;

  /** So much of a panel is seen if it is to be written on; our decision. */
  private static final double SEEN = 0.9;

  /** The ink that a maker writes with. */
  private static final int INK = 0x202020;

  private static final long HALF = 180;

  private final Design design;
  private final FoldModel model;
  private final Papers papers;

  private DecorInspection(Design design, FoldModel model, Papers papers) {
    this.design = design;
    this.model = model;
    this.papers = papers;
  }

  /**
   * Inspects a card that has been folded in thought.
   *
   * @param design the card
   * @param report what came of folding it
   * @param papers what its papers are
   * @param look the colours of its papers
   * @param toppers what its maker puts on it
   * @return what would go wrong
   */
  public static List<Finding> inspect(
      Design design, FoldReport report, Papers papers, Look look, List<Topper> toppers) {
    DecorInspection inspection = new DecorInspection(design, report.model(), papers);
    List<Finding> findings = new ArrayList<>(inspection.pads(toppers));
    findings.addAll(TuckInspection.of(design, toppers, report.model(), look));
    // What goes into a pocket takes the words.
    boolean writes =
        report.states().isEmpty()
            || !design.pockets().isEmpty()
            || inspection.takesWords(report, look, false)
                && inspection.takesWords(report, look, true);
    if (!writes) {
      findings.add(
          new Finding(
              FindingKind.NOWHERE_TO_WRITE,
              Severity.WARNING,
              Place.on(design.base().id()),
              Message.of("inspect.nowhere-to-write"),
              inspection.panel(report)));
    }
    return findings;
  }

  /**
   * Inspects which way up prints are seen.
   *
   * @param design the card
   * @param report what came of folding it
   * @param papers what its papers are
   * @param look how it is pictured, which says which way is up as it stands
   * @param stances how it stands where it is left open; none of a card that is not to stand
   * @return prints on their side and upside down, each with its cure if there is one
   */
  public static List<Finding> prints(
      Design design, FoldReport report, Papers papers, Look look, List<Stance> stances) {
    List<Integer> standing = new ArrayList<>();
    int closing = report.model().closing();
    if (!report.model().layering().lies(closing)) {
      standing.add(closing);
    }
    stances.stream()
        .filter(each -> each.kind() == Stance.Kind.STANDS)
        .forEach(each -> standing.add(each.done()));
    return PrintInspection.of(design, report, papers, look.pitch(), standing);
  }

  /**
   * Inspects flaps that carry what the maker puts on them.
   *
   * @param design the card
   * @param model the same, put together
   * @param papers what its papers are
   * @param besides the pieces that the maker puts on, by their ids
   * @return flaps of which what they carry besides weighs more than they do
   */
  public static List<Finding> flaps(
      Design design, FoldModel model, Papers papers, Set<String> besides) {
    return FlapInspection.inspect(design, model, papers, besides);
  }

  /**
   * Inspects what is stamped, inked or embossed.
   *
   * @param design the card
   * @param model the same, put together
   * @param papers what its papers are
   * @param look the colours of its papers
   * @param treatments what is done to them
   * @return what shows on the other face, and what is not seen
   */
  public static List<Finding> treatments(
      Design design, FoldModel model, Papers papers, Look look, List<Treatment> treatments) {
    return new TreatmentInspection(design, model, papers, look).of(treatments);
  }

  /**
   * Inspects figures that have a top of their own.
   *
   * @param design the card
   * @param model the same, put together
   * @param look how it is pictured
   * @param figures the pieces that are figures, with the value of each that tilts it
   * @return those that stand on their heads where they are seen, each with its cure
   */
  public static List<Finding> figures(
      Design design, FoldModel model, Look look, Map<String, String> figures) {
    List<Finding> findings = new ArrayList<>();
    for (Joint joint : design.joints()) {
      Optional<Piece> piece = design.piece(joint.piece());
      String tilt = figures.get(joint.piece());
      if (tilt == null
          || piece.isEmpty()
          || Upright.top(joint, design, model, look) != Side.BOTTOM) {
        continue;
      }
      long lies = Math.round(joint.askew().map(Joint.Askew::degrees).orElse(0.0));
      long seen = joint.face() == Face.INSIDE ? lies : -lies;
      long turned = seen > 0 ? seen - HALF : seen + HALF;
      findings.add(
          new Finding(
              FindingKind.PRINT_DIRECTION,
              Severity.WARNING,
              new Place(piece.get().id(), List.of(), List.of(tilt)),
              Message.of("inspect.on-its-head", piece.get().label()),
              Optional.of(
                  new Finding.Fix(
                      Message.of("inspect.turn-round", piece.get().label()),
                      Values.NONE.and(tilt, new Setting.OfCount(turned))))));
    }
    return findings;
  }

  /** Where something is on some of the cards only, the others show what lies under it. */
  private boolean takesWords(FoldReport report, Look look, boolean others) {
    return report.states().stream()
        .flatMap(state -> Stream.of(state.front(), state.back()))
        .flatMap(sight -> sight.shown().stream())
        .map(shown -> others ? without(shown) : shown)
        .anyMatch(shown -> takesWords(shown, look));
  }

  private Sight.Shown without(Sight.Shown shown) {
    Optional<Joint> joint =
        design
            .piece(shown.piece())
            .filter(piece -> piece.cards() > 0)
            .flatMap(
                piece ->
                    design.joints().stream()
                        .filter(each -> each.piece().equals(piece.id()))
                        .findFirst());
    return joint
        .map(
            it ->
                without(
                    new Sight.Shown(
                        shown.facet(),
                        it.on(),
                        it.face(),
                        Optional.empty(),
                        shown.top(),
                        shown.area())))
        .orElse(shown);
  }

  /** Plain paper on which dark ink is read, and enough of it. */
  private boolean takesWords(Sight.Shown shown, Look look) {
    Optional<Piece> piece = design.piece(shown.piece());
    PaperRole role =
        shown.layer().map(Layer::role).or(() -> piece.map(Piece::role)).orElse(PaperRole.CARDSTOCK);
    if (shown.area() < LINES || role.kind() == PaperKind.RIBBON) {
      return false;
    }
    boolean isLikeOthers =
        shown.layer().isEmpty() && role.kind() == PaperKind.PATTERNED && !look.isChosen(role);
    Papers.Colours colours = look.colours(isLikeOthers ? PaperRole.PATTERNED : role);
    boolean isCard = role.equals(PaperRole.CARDSTOCK) && shown.face() == Face.INSIDE;
    int ground = isCard ? colours.ground().pale() : colours.ground().rgb();
    boolean isBlank = isCard && !papers.of(role).twoSided();
    boolean isPictured = colours.picture().isPresent();
    boolean isPlain = isBlank || !colours.isPrinted() || (isCovered(shown) && !isPictured);
    return isPlain && Contrast.of(ground, INK) >= Contrast.READABLE;
  }

  /** What lies on a mat of the same paper is shown plain, so that it can be written on. */
  private boolean isCovered(Sight.Shown shown) {
    return shown.layer().stream()
        .anyMatch(
            layer ->
                design.layers().stream()
                    .filter(each -> each.on().equals(layer.on()) && each.face() == layer.face())
                    .filter(each -> !each.id().equals(layer.id()))
                    .map(each -> Facet.polygon(spots(each)).buffer(1))
                    .anyMatch(mat -> mat.covers(Facet.polygon(spots(layer)))));
  }

  private static List<Spot> spots(Layer layer) {
    return layer.outline().stream().map(Spot::from).toList();
  }

  /** What stands on foam, where it lies when the card is closed. */
  private record Raised(Joint joint, Geometry place) {}

  /** A white panel goes onto the largest bare place that is seen. */
  private Optional<Finding.Fix> panel(FoldReport report) {
    return report.states().stream()
        .flatMap(state -> Stream.of(state.front(), state.back()))
        .flatMap(sight -> sight.shown().stream())
        .filter(shown -> shown.layer().isEmpty() && shown.area() > LINES)
        .sorted(Comparator.comparingDouble((Sight.Shown shown) -> -shown.area()))
        .flatMap(shown -> panel(shown).stream())
        .findFirst()
        .map(panel -> new Finding.Fix(Message.of("inspect.put-panel"), List.of(panel)));
  }

  private Optional<Topper> panel(Sight.Shown shown) {
    Assembly assembly = model.assembly();
    Facet facet = assembly.facets().get(shown.facet());
    return design
        .piece(shown.piece())
        .filter(piece -> piece.role().kind() != PaperKind.RIBBON)
        .filter(piece -> !hangsOver(piece))
        .filter(piece -> Hiding.isFree(facet, piece, shown.face(), design))
        .filter(piece -> shown.area() > SEEN * facet.polygon().getArea())
        .flatMap(
            piece ->
                Hiding.panels(
                    List.of(facet), piece, shown.face(), LINES / facet.polygon().getArea()))
        .map(panels -> panels.get(0));
  }

  private boolean hangsOver(Piece piece) {
    return design.joints().stream()
        .anyMatch(joint -> joint.piece().equals(piece.id()) && design.overhangs(joint.id()));
  }

  private List<Finding> pads(List<Topper> toppers) {
    List<Raised> raised = new ArrayList<>();
    Pose closed = model.pose(model.closing());
    for (Joint joint : design.joints()) {
      if (joint.with().filter(Adhesive.FOAM::equals).isPresent()) {
        design
            .piece(joint.piece())
            .flatMap(piece -> place(joint, piece, closed))
            .ifPresent(place -> raised.add(new Raised(joint, place)));
      }
    }
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < raised.size(); i++) {
      for (int j = i + 1; j < raised.size(); j++) {
        Geometry shared = Areas.common(raised.get(i).place(), raised.get(j).place());
        if (shared.getArea() > BESIDE) {
          Finding finding = finding(raised.get(i).joint(), raised.get(j).joint(), toppers);
          // Of several copies it is told once.
          if (findings.stream().noneMatch(it -> it.sentence().equals(finding.sentence()))) {
            findings.add(finding);
          }
        }
      }
    }
    return findings;
  }

  private Finding finding(Joint one, Joint other, List<Topper> toppers) {
    boolean sameFace =
        one.on().equals(other.on())
            && one.face() == other.face()
            && design.host(one).equals(design.host(other));
    boolean stacked = sameFace || design.host(other).equals(Optional.of(one));
    String meets = other.label().equals(one.label()) ? "inspect.pads-alike" : "inspect.pads-meet";
    return new Finding(
        FindingKind.PADS_ON_PADS,
        Severity.WARNING,
        Place.on(other.on(), other.id()),
        Message.of(stacked ? "inspect.pads-stacked" : meets, other.label(), one.label()),
        flat(other, toppers).or(() -> flat(one, toppers)));
  }

  /** What its maker has put on is glued flat. */
  static Finding.Fix flat(List<Topper> toppers) {
    List<String> names = toppers.stream().map(Topper::label).toList();
    return new Finding.Fix(
        Message.of("inspect.lay-flat", Message.list("list.comma", names)), flattened(toppers));
  }

  /** Returns the same, glued flat. */
  static List<Topper> flattened(List<Topper> toppers) {
    return toppers.stream().map(each -> each.fixed(each.fixing().stuck(Adhesive.LIQUID))).toList();
  }

  /** What the maker has put on foam can be glued flat instead. */
  private static Optional<Finding.Fix> flat(Joint joint, List<Topper> toppers) {
    return toppers.stream()
        .filter(topper -> topper.id().equals(joint.piece()))
        .findFirst()
        .map(topper -> flat(List.of(topper)));
  }

  /** Returns where something comes to lie on the closed card, as seen from above. */
  private Optional<Geometry> place(Joint joint, Piece piece, Pose closed) {
    List<Spot> corners = Glued.outline(joint, piece);
    Spot middle = Facet.inside(Facet.polygon(corners));
    return model
        .assembly()
        .host(joint, design)
        .flatMap(
            host ->
                host.flat().facets().stream()
                    .filter(facet -> Facet.holds(facet.polygon(), middle))
                    .map(facet -> host.firstFacet() + facet.index())
                    .findFirst())
        .map(
            facet ->
                Facet.polygon(
                    corners.stream()
                        .map(each -> closed.place(facet, each))
                        .map(at -> new Spot(at.x(), at.y()))
                        .toList()));
  }
}
