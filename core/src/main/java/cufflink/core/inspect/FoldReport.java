package cufflink.core.inspect;

import cufflink.core.card.Card;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.finding.Finding;
import cufflink.core.flat.FlatPattern;
import cufflink.core.fold.Catches;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Thickness;
import cufflink.core.layers.LayerOrder;
import cufflink.core.measure.Length;
import cufflink.core.paper.Materials;
import cufflink.core.stance.Stance;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * What is known of a card once it has been folded in thought: what goes wrong on the way, how thick
 * it is closed, and what shows of it after each stage.
 *
 * @param model the card, folded: it can be shown at any moment
 * @param findings what goes wrong
 * @param thickness how thick the closed card is where, if it lies
 * @param states what shows after each stage, in order
 * @param catches where paper meets paper on the way
 * @param ways how it can be put down where it is left open
 */
public record FoldReport(
    FoldModel model,
    List<Finding> findings,
    Optional<Thickness> thickness,
    List<State> states,
    List<Catches.Catch> catches,
    List<Stance.Ways> ways) {
  /**
   * What shows of a card after a stage.
   *
   * @param done how many stages are done
   * @param front what shows from above
   * @param back what shows of the card turned over like a page
   */
  public record State(int done, Sight front, Sight back) {}

  /** Copies the lists. */
  public FoldReport {
    findings = List.copyOf(findings);
    states = List.copyOf(states);
    catches = List.copyOf(catches);
    ways = List.copyOf(ways);
  }

  /** Nothing more can be said of a card. */
  private static FoldReport none(FoldModel model, List<Finding> findings) {
    return new FoldReport(model, findings, Optional.empty(), List.of(), List.of(), List.of());
  }

  /**
   * Folds a card in thought.
   *
   * @param card the card
   * @param materials what goes into it
   * @param stops asked now and then; true ends it
   * @return all that came of it; of no use if it was ended
   */
  public static FoldReport of(Card card, Materials materials, BooleanSupplier stops) {
    return of(card.folds(), card.whole().unprepared(), materials, stops);
  }

  /**
   * Folds a card in thought, with a model at hand.
   *
   * @param design the card
   * @param model the card, put together
   * @param materials what goes into it
   * @param stops asked now and then; true ends it
   * @return all that came of it; of no use if it was ended
   */
  public static FoldReport of(
      Design design, FoldModel model, Materials materials, BooleanSupplier stops) {
    if (model.isTooLarge()) {
      Finding tooLarge = FoldFindings.tooLarge(model);
      return none(model, List.of(tooLarge));
    }
    model.prepare(stops);
    if (stops.getAsBoolean()) {
      return none(model, List.of());
    }
    int done = model.closing();
    List<Finding> findings = new ArrayList<>(FoldFindings.vertices(model));
    boolean sound = findings.isEmpty();
    if (sound) {
      // Where a vertex is wrong, that is what keeps the stage from moving.
      FoldFindings.stuck(model).ifPresent(findings::add);
    }
    boolean flat = model.closed().isPresent() && model.layering().lies(done);
    Optional<LayerOrder.Stack> stack = flat ? model.layering().stack(done) : Optional.empty();
    if (flat && sound && stack.isEmpty()) {
      findings.add(
          model.layering().isOrderUnknown(done)
              ? FoldFindings.orderUnknown(model)
              : FoldFindings.clash(model));
    }
    design.pieces().stream()
        .skip(1)
        .filter(piece -> !piece.slits().isEmpty() || !piece.openings().isEmpty())
        .map(piece -> FlatPattern.of(piece, model.assembly().tolerances()))
        .map(PaperInspection::inspect)
        .flatMap(Optional::stream)
        .forEach(findings::add);
    findings.addAll(GlueInspection.order(design));
    findings.addAll(PlaceInspection.inspect(design, model));
    findings.addAll(WeaveInspection.inspect(design));
    findings.addAll(RibbonInspection.ways(design, model));
    stack.ifPresent(order -> findings.addAll(MeetInspection.inspect(design, model, order)));
    findings.addAll(MeetInspection.loose(design, model, stops));
    findings.addAll(FoldFindings.mirrored(model));
    List<Catches.Catch> catches = Catches.of(model, stops);
    findings.addAll(FoldFindings.catches(model, catches));
    findings.addAll(FoldFindings.outside(model, design));
    List<State> states = new ArrayList<>();
    for (int stage = 0; stage <= model.stages().size() && !stops.getAsBoolean(); stage++) {
      if (model.holds(stage)) {
        states.add(
            new State(
                stage,
                Sight.of(model, stage, design, true),
                Sight.of(model, stage, design, false)));
      }
    }
    findings.addAll(SeenInspection.inspect(design, model, states));
    Optional<Thickness> thickness =
        flat ? Optional.of(Thickness.of(model, done, design, materials)) : Optional.empty();
    List<Stance.Ways> ways =
        stops.getAsBoolean() ? List.of() : Stance.ways(model, design, materials.papers());
    return new FoldReport(model, findings, thickness, states, catches, ways);
  }

  /**
   * Returns how thick the closed card is where it is thickest.
   *
   * @return the thickness, of a box the shortest of its sides; nought if that is not known
   */
  public Length closedThickness() {
    return thickness
        .flatMap(Thickness::thickest)
        .map(Thickness.Region::thick)
        .or(() -> model.closed().map(closed -> closed.box().get(2)))
        .orElse(Length.ZERO);
  }

  /**
   * Returns what shows after so many stages.
   *
   * @param done how many stages are done
   * @return the state, if the paper holds then
   */
  public Optional<State> after(int done) {
    return states.stream().filter(state -> state.done() == done).findFirst();
  }
}
