package cufflink.core.inspect;

import cufflink.core.card.Card;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Topper;
import cufflink.core.design.Design;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.fit.Goal;
import cufflink.core.fold.Thickness;
import cufflink.core.layers.ClosedState;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Materials;
import cufflink.core.stance.Stance;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Holds the whole closed card, as it was folded, against the size it says and its envelope. */
public final class ClosedInspection {
  /** What a maker would not notice. */
  private static final Length NOTICEABLE = Length.fromMillimetres(0.4);

  /** Thicker letters cost more or go as parcels; 5 mm in several countries, from memory. */
  private static final Length LETTER = Length.ofMillimetres(5);

  private final Design design;
  private final Materials materials;
  private final List<Topper> raised;
  private final List<Finding> findings = new ArrayList<>();

  private ClosedInspection(Design design, Materials materials, List<Topper> toppers) {
    this.design = design;
    this.materials = materials;
    this.raised = toppers.stream().filter(each -> each.fixing().with() == Adhesive.FOAM).toList();
  }

  /**
   * Inspects a card that has been folded in thought.
   *
   * @param card the card with all that is made for it
   * @param report what came of folding it
   * @param goal the sheet or envelope it is for
   * @param materials what goes into it
   * @param toppers what its maker has put on
   * @return what would go wrong
   */
  public static List<Finding> inspect(
      Card card, FoldReport report, Goal goal, Materials materials, List<Topper> toppers) {
    ClosedInspection inspection = new ClosedInspection(card.design(), materials, toppers);
    boolean reported =
        report.findings().stream().anyMatch(each -> each.kind() == FindingKind.STICKS_OUT);
    // What cannot be folded with the card is missing from its size as well.
    if (!reported && card.leftOut().isEmpty()) {
      report.thickness().ifPresent(thick -> inspection.compare(thick.size()));
    }
    inspection.findings.addAll(
        RelationInspection.thick(
            card.design(), report.closedThickness(), card.flat().tolerances().folded()));
    if (goal instanceof Goal.ForEnvelope wanted) {
      report.model().closed().ifPresent(closed -> inspection.post(closed, report, wanted));
    }
    return inspection.findings;
  }

  /**
   * Looks whether a card that is to stand does so in any state in which it is left open.
   *
   * @param design the card
   * @param model the card, put together and prepared
   * @param stances how it stands where it is left open
   * @return what would go wrong
   */
  public static Optional<Finding> standing(Design design, FoldModel model, List<Stance> stances) {
    List<Stance> tips = stances.stream().filter(each -> each.kind() == Stance.Kind.TIPS).toList();
    boolean stands = stances.stream().anyMatch(each -> each.kind() == Stance.Kind.STANDS);
    if (stands || tips.isEmpty()) {
      return Optional.empty();
    }
    String state = model.stages().get(tips.get(0).done() - 1).title();
    return Optional.of(
        new Finding(
            FindingKind.TIPS_OVER,
            Severity.WARNING,
            Place.on(design.base().id()),
            Message.of("inspect.tips", state),
            Optional.empty()));
  }

  /** The pattern's own formula of the closed size and the folded card must come to the same. */
  private void compare(List<Length> size) {
    Length width = design.finishedWidth();
    Length height = design.finishedHeight();
    if (!near(size.get(0), width) || !near(size.get(1), height)) {
      boolean turned = near(size.get(0), height) && near(size.get(1), width);
      if (!turned) {
        add(
            FindingKind.OTHER_SIZE,
            Severity.WARNING,
            Message.of(
                "inspect.closed-size",
                Written.rough(size.get(0)),
                Written.rough(size.get(1)),
                width,
                height),
            Optional.empty());
      }
    }
  }

  private static boolean near(Length one, Length other) {
    return one.minus(other).abs().compareTo(NOTICEABLE) <= 0;
  }

  private void post(ClosedState closed, FoldReport report, Goal.ForEnvelope wanted) {
    Envelope envelope = wanted.envelope();
    Length thick = report.closedThickness();
    if (!closed.isFlat() && thick.compareTo(ClosedState.DEEPEST_LETTER) > 0) {
      add(
          FindingKind.TOO_THICK_FOR_ENVELOPE,
          Severity.ERROR,
          Message.of("inspect.box", Written.rough(thick), envelope.label()),
          flat(report, each -> each.compareTo(ClosedState.DEEPEST_LETTER) <= 0));
      return;
    }
    Length width = design.finishedWidth();
    Length height = design.finishedHeight();
    boolean goesIn = envelope.takes(width, height, wanted.clearance());
    // Two sheets joined along their edges reach round half of what lies between them each.
    if (goesIn && !envelope.takes(width, height, thick)) {
      add(
          FindingKind.TOO_THICK_FOR_ENVELOPE,
          Severity.ERROR,
          Message.of(
              "inspect.thick-envelope",
              Written.rough(thick),
              Written.rough(width.plus(thick)),
              Written.rough(height.plus(thick)),
              envelope.label(),
              envelope.width(),
              envelope.height()),
          flat(report, each -> envelope.takes(width, height, each)));
    } else if (thick.minus(LETTER).compareTo(NOTICEABLE) > 0) {
      add(
          FindingKind.THICK_FOR_POST,
          Severity.WARNING,
          Message.of("inspect.thick-post", Written.rough(thick), Written.rough(LETTER)),
          flat(report, each -> each.minus(LETTER).compareTo(NOTICEABLE) <= 0));
    }
  }

  /** What stands on foam is glued flat, if the card is then thin enough. */
  private Optional<Finding.Fix> flat(FoldReport report, Predicate<Length> isThin) {
    Set<String> ids = raised.stream().map(Topper::id).collect(Collectors.toSet());
    Materials low = new Materials(materials.papers(), false, materials.item(), materials.pasted());
    boolean isRaised = materials.raised() || !ids.isEmpty();
    return Optional.of(report.model())
        .filter(model -> isRaised && report.thickness().isPresent())
        .map(
            model ->
                Thickness.of(model, model.closing(), design, low, at -> ids.contains(at.piece())))
        .flatMap(Thickness::thickest)
        .filter(thickest -> isThin.test(thickest.thick()))
        .map(thickest -> flat());
  }

  private Finding.Fix flat() {
    String layers = raised.isEmpty() ? "inspect.layers-flat" : "inspect.all-flat";
    return materials.raised()
        ? Finding.Fix.lowering(Message.of(layers), DecorInspection.flattened(raised))
        : DecorInspection.flat(raised);
  }

  private void add(
      FindingKind kind, Severity severity, Message sentence, Optional<Finding.Fix> fix) {
    Place place = Place.on(design.base().id());
    findings.add(new Finding(kind, severity, place, sentence, fix));
  }
}
