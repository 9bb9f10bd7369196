package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Finding;
import cufflink.core.fold.FoldModel;
import cufflink.core.fold.LayerOrder;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Thickness;
import cufflink.core.paper.Materials;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * What is known of a card once it has been folded in thought: what goes wrong on the way, how thick
 * it is closed, and what shows of it then.
 *
 * @param findings what goes wrong
 * @param thickness how thick the closed card is where, if it lies flat
 * @param front what shows from the front, if its layer order is known
 * @param back what shows from the back, if its layer order is known
 */
public record FoldReport(
    List<Finding> findings,
    Optional<Thickness> thickness,
    Optional<Sight> front,
    Optional<Sight> back) {
  /** Copies the list. */
  public FoldReport {
    findings = List.copyOf(findings);
  }

  /**
   * Folds a card in thought.
   *
   * @param design the card
   * @param model the card, put together
   * @param materials what goes into it
   * @param stops asked now and then; true ends the search for catches
   * @return all that came of it
   */
  public static FoldReport of(
      Design design, FoldModel model, Materials materials, BooleanSupplier stops) {
    int done = model.closing();
    List<Finding> findings = new ArrayList<>(FoldFindings.vertices(model));
    FoldFindings.stuck(model).ifPresent(findings::add);
    boolean flat = model.closed().isPresent() && model.lies(done);
    Optional<LayerOrder.Stack> stack = flat ? model.stack(done) : Optional.empty();
    if (flat && stack.isEmpty()) {
      findings.add(FoldFindings.clash(model));
    }
    findings.addAll(FoldFindings.mirrored(model));
    findings.addAll(FoldFindings.catches(model, stops));
    findings.addAll(FoldFindings.outside(model));
    Optional<Sight> front = stack.map(each -> Sight.of(model, done, each, design, true));
    Optional<Sight> back = stack.map(each -> Sight.of(model, done, each, design, false));
    front.ifPresent(each -> findings.addAll(FoldFindings.prints(each, materials.papers())));
    back.ifPresent(each -> findings.addAll(FoldFindings.prints(each, materials.papers())));
    Optional<Thickness> thickness =
        flat ? Optional.of(Thickness.of(model, done, design, materials)) : Optional.empty();
    return new FoldReport(findings, thickness, front, back);
  }
}
