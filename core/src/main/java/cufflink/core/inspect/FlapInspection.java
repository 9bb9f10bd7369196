package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;

/**
 * Flaps that carry more than their fold holds: of what hangs on one fold only, what the maker puts
 * on it besides weighs more than all that it is made of. Weights are grammage times area (ISO 536);
 * from which ratio on it falls open or sags is our decision.
 */
final class FlapInspection {
  /** Less than this, in grams, no fold gives way to. */
  private static final double LIGHT = 4;

  private static final double SQUARE_METRE = 1e6;

  private final Design design;
  private final FoldModel model;
  private final Papers papers;
  private final Set<String> besides;

  private FlapInspection(Design design, FoldModel model, Papers papers, Set<String> besides) {
    this.design = design;
    this.model = model;
    this.papers = papers;
    this.besides = besides;
  }

  static List<Finding> inspect(Design design, FoldModel model, Papers papers, Set<String> besides) {
    if (besides.isEmpty()) {
      return List.of();
    }
    FlapInspection inspection = new FlapInspection(design, model, papers, besides);
    List<Finding> findings = new ArrayList<>();
    for (Facet facet : model.flat().facets()) {
      inspection
          .hinge(facet)
          .flatMap(fold -> inspection.check(facet, fold))
          .ifPresent(findings::add);
    }
    return findings;
  }

  /**
   * Returns the only fold by which a panel hangs; empty if it hangs by more, or carries the rest.
   */
  private Optional<Crease> hinge(Facet facet) {
    List<Crease> folds =
        model.flat().creases().stream()
            .filter(each -> each.first() == facet.index() || each.second() == facet.index())
            .toList();
    boolean rests = Facet.holds(facet.polygon(), Spot.from(design.rest()));
    return folds.size() == 1 && !rests ? Optional.of(folds.get(0)) : Optional.empty();
  }

  private Optional<Finding> check(Facet facet, Crease fold) {
    Piece base = design.base();
    double own = grams(facet.polygon(), base.role()) + layers(facet, base);
    double load = 0;
    for (Assembly.Member member : model.assembly().members()) {
      if (hangsOn(member, facet.index())) {
        double grams = weight(member);
        boolean isBesides = besides.contains(member.flat().piece().id());
        own += isBesides ? 0 : grams;
        load += isBesides ? grams : 0;
      }
    }
    if (load < LIGHT || load <= own) {
      return Optional.empty();
    }
    return Optional.of(
        new Finding(
            FindingKind.FLAP_HEAVY,
            Severity.WARNING,
            Place.on(base.id(), fold.score().id()),
            Message.of(
                "inspect.flap-heavy", fold.score().label(), Math.round(own), Math.round(load)),
            Optional.empty()));
  }

  private double weight(Assembly.Member member) {
    Piece piece = member.flat().piece();
    double grams = 0;
    for (Facet facet : member.flat().facets()) {
      grams += grams(facet.polygon(), piece.role()) + layers(facet, piece);
    }
    return grams;
  }

  private double layers(Facet facet, Piece piece) {
    double grams = 0;
    for (Layer layer : design.layers()) {
      if (layer.on().equals(piece.id())) {
        Geometry whole = Facet.polygon(layer.outline().stream().map(Spot::from).toList());
        grams += grams(facet.polygon().intersection(whole), layer.role());
      }
    }
    return grams;
  }

  private double grams(Geometry paper, PaperRole role) {
    return role.kind() == PaperKind.RIBBON
        ? 0
        : paper.getArea() / SQUARE_METRE * papers.of(role).grammage();
  }

  /** Says whether a piece is glued to a panel of the base, over other pieces or directly. */
  private boolean hangsOn(Assembly.Member member, int panel) {
    Assembly.Member now = member;
    for (int step = 0; step < model.assembly().members().size(); step++) {
      if (now.glue().isEmpty()) {
        return false;
      }
      int host = now.glue().get(0).host();
      now = model.assembly().members().get(model.assembly().memberOf(host));
      if (now.firstFacet() == 0) {
        return host == panel && now != member;
      }
    }
    return false;
  }
}
