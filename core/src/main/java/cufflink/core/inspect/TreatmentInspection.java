package cufflink.core.inspect;

import cufflink.core.assembly.Assembly;
import cufflink.core.card.FoldModel;
import cufflink.core.decor.Treated;
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
import cufflink.core.paper.Contrast;
import cufflink.core.paper.Look;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;

/** What is stamped, inked or embossed: what shows on the other face, and what is not seen. */
final class TreatmentInspection {
  /** So much of a panel must be covered on its other face for it to hide what comes through. */
  private static final double HIDDEN = 0.75;

  /** The ink that most stamps are inked with. */
  private static final int INK = 0x202020;

  /** What is drawn is told from its ground from here on (WCAG 2.2, 1.4.11). */
  private static final double TOLD = 3;

  private final Design design;
  private final FoldModel model;
  private final Papers papers;
  private final Look look;

  TreatmentInspection(Design design, FoldModel model, Papers papers, Look look) {
    this.design = design;
    this.model = model;
    this.papers = papers;
    this.look = look;
  }

  List<Finding> of(List<Treatment> treatments) {
    List<Finding> findings = new ArrayList<>();
    for (Treatment each : treatments) {
      Optional<Treated> treated = Treated.of(each, design);
      if (treated.isEmpty()) {
        findings.add(
            finding(
                FindingKind.TREATMENT_LEFT_OUT,
                design.base().id(),
                Message.of("treat.left-out", each.part()),
                new Finding.Fix(Message.of("treat.take-off"), each, Optional.empty())));
        continue;
      }
      each.piece(design).flatMap(piece -> through(treated.get(), piece)).ifPresent(findings::add);
      unseen(treated.get()).ifPresent(findings::add);
    }
    return findings;
  }

  /** A layer is glued down on its back; of a piece the other face is seen where nothing lies. */
  private Optional<Finding> through(Treated treated, Piece piece) {
    Treatment.Kind kind = treated.treatment().kind();
    boolean isGluedDown =
        design.joints().stream()
            .anyMatch(joint -> joint.piece().equals(piece.id()) && piece.scores().isEmpty());
    if (isGluedDown || !kind.showsThrough(papers.of(piece.role()).grammage())) {
      return Optional.empty();
    }
    Face back = treated.treatment().face().other();
    List<Facet> panels =
        model.assembly().copy(piece.id(), Optional.empty()).map(Assembly.Member::flat).stream()
            .flatMap(flat -> flat.facets().stream())
            .toList();
    List<Facet> bare = panels.stream().filter(panel -> !isHidden(panel, piece, back)).toList();
    if (bare.isEmpty()) {
      return Optional.empty();
    }
    boolean isFree = bare.stream().allMatch(panel -> Hiding.isFree(panel, piece, back, design));
    Optional<Finding.Fix> covers =
        Optional.of(bare)
            .filter(each -> isFree)
            .flatMap(each -> Hiding.panels(each, piece, back, HIDDEN))
            .map(each -> new Finding.Fix(Message.of(covering(each.size(), back)), each));
    return Optional.of(
        finding(
            FindingKind.SHOWS_THROUGH,
            piece.id(),
            Message.of(
                bare.size() == panels.size() ? nowhere(back) : elsewhere(back),
                kind.label(),
                piece.label()),
            covers.orElseGet(
                () ->
                    kind == Treatment.Kind.EMBOSS
                        ? new Finding.Fix(
                            Message.of("treat.take-off"), treated.treatment(), Optional.empty())
                        : instead(treated.treatment(), Treatment.Kind.STAMP, "treat.take-stamp"))));
  }

  private static String covering(int panels, Face back) {
    return panels == 1
        ? back == Face.INSIDE ? "treat.cover-inside" : "treat.cover-outside"
        : back == Face.INSIDE ? "treat.cover-all-inside" : "treat.cover-all-outside";
  }

  private static String nowhere(Face back) {
    return back == Face.INSIDE ? "treat.through-inside" : "treat.through-outside";
  }

  private static String elsewhere(Face back) {
    return back == Face.INSIDE ? "treat.through-some-inside" : "treat.through-some-outside";
  }

  private boolean isHidden(Facet panel, Piece piece, Face back) {
    Geometry left = panel.polygon();
    double whole = left.getArea();
    for (Layer layer : design.layers()) {
      if (layer.on().equals(piece.id()) && layer.face() == back) {
        left = left.difference(Facet.polygon(spots(layer)));
      }
    }
    for (Joint joint : design.joints()) {
      Optional<Piece> on = design.piece(joint.piece());
      boolean isEver = on.filter(each -> each.cards() == 0).isPresent();
      if (joint.on().equals(piece.id()) && joint.face() == back && isEver) {
        left = left.difference(Facet.polygon(Glued.outline(joint, on.get())).buffer(0));
      }
    }
    return left.getArea() <= whole * (1 - HIDDEN);
  }

  private static List<Spot> spots(Layer layer) {
    return layer.outline().stream().map(Spot::from).toList();
  }

  /** Dark ink on dark paper is not seen. */
  private Optional<Finding> unseen(Treated treated) {
    Treatment treatment = treated.treatment();
    Optional<Piece> piece = treatment.piece(design);
    PaperRole role =
        piece
            .map(Piece::role)
            .or(() -> treatment.layer(design).map(Layer::role))
            .orElse(PaperRole.CARDSTOCK);
    Papers.Colours colours = look.colours(role);
    boolean isPale =
        piece.isPresent() && role.equals(PaperRole.CARDSTOCK) && treatment.face() == Face.INSIDE;
    int ground = isPale ? colours.ground().pale() : colours.mean();
    if (!treatment.kind().isInk() || Contrast.of(ground, INK) >= TOLD) {
      return Optional.empty();
    }
    String host = piece.map(Piece::id).or(() -> treatment.layer(design).map(Layer::on)).orElse("");
    return Optional.of(
        finding(
            FindingKind.INK_UNSEEN,
            host,
            Message.of("treat.unseen", treated.label()),
            instead(treatment, Treatment.Kind.POWDER, "treat.take-powder")));
  }

  private static Finding.Fix instead(Treatment treatment, Treatment.Kind kind, String key) {
    Treatment now = new Treatment(kind, treatment.part(), treatment.face());
    return new Finding.Fix(Message.of(key), treatment, Optional.of(now));
  }

  private static Finding finding(
      FindingKind kind, String piece, Message sentence, Finding.Fix fix) {
    return new Finding(kind, Severity.WARNING, Place.on(piece), sentence, Optional.of(fix));
  }
}
