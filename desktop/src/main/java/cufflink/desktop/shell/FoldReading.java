package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.drawing.CatchMarks;
import cufflink.core.drawing.FoldDrawing;
import cufflink.core.drawing.FoldFrame;
import cufflink.core.drawing.Patch;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.fold.Catches;
import cufflink.core.fold.PrintWay;
import cufflink.core.fold.Sight;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.paper.Look;
import cufflink.core.plane.Side;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Motion;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import cufflink.files.size.Post;
import cufflink.files.words.Amounts;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What can be said of a place of a folded card.
 *
 * @param derivation what follows from the job
 * @param report what came of folding the card, if that is known yet
 * @param model what is folded
 * @param asked the moment that is shown
 * @param viewpoint from where it is seen
 * @param look what it looks like as a card
 * @param format how lengths are written
 */
record FoldReading(
    Derivation derivation,
    Optional<FoldReport> report,
    FoldModel model,
    double asked,
    Viewpoint viewpoint,
    Look look,
    LengthFormat format) {

  /** Draws it at work, and once it is finished as its receiver sees it. */
  Drawing drawing(Layers layers, Surface on) {
    Design design = derivation.made().orElseThrow().design();
    List<Patch> patches = Patch.of(design);
    double apart = layers.apart(derivation.job().papers());
    if (apart > 0) {
      return FoldDrawing.spread(model, patches, asked, viewpoint, on, apart);
    }
    boolean isCard = layers == Layers.TOGETHER && asked >= model.closing();
    Drawing drawing =
        isCard && isWhole(derivation, model)
            ? Portrait.moving(model, design, look, asked, viewpoint, on)
            : FoldDrawing.of(model, patches, asked, viewpoint, on);
    return CatchMarks.on(drawing, catches(), asked, aim(layers, on));
  }

  /** Returns how places of its drawing are found. */
  FoldFrame.Aim aim(Layers layers, Surface on) {
    boolean isCard = layers == Layers.TOGETHER && asked >= model.closing();
    return isCard && isWhole(derivation, model)
        ? new FoldFrame.Aim(
            model,
            Portrait.room(model, derivation.made().orElseThrow().design(), viewpoint),
            viewpoint,
            on)
        : FoldFrame.Aim.at(model, viewpoint, on);
  }

  /** Returns what catches, if it has been found out and the whole card is shown. */
  List<Catches.Catch> catches() {
    return isWhole(derivation, model)
        ? report.map(FoldReport::catches).orElse(List.of())
        : List.of();
  }

  /** Says whether all that is glued together is folded, and not one of the other pieces. */
  static boolean isWhole(Derivation derivation, FoldModel model) {
    String base = model.flat().piece().id();
    return derivation.made().filter(made -> made.design().base().id().equals(base)).isPresent();
  }

  /**
   * Says what is glued on and yet not shown as it folds, rather than let it vanish without a word.
   * What has no folds is shown where it lies.
   */
  static Optional<String> leftOut(Derivation derivation) {
    List<String> labels =
        derivation.made().stream()
            .flatMap(
                made ->
                    made.card().leftOut().stream()
                        .filter(
                            joint ->
                                joint.askew().isPresent()
                                    || made.design()
                                        .piece(joint.piece())
                                        .filter(piece -> piece.scores().isEmpty())
                                        .isEmpty()))
            .map(Joint::label)
            .distinct()
            .toList();
    return labels.isEmpty()
        ? Optional.empty()
        : Optional.of(Words.say("fold.left-out", Message.list("list.comma", labels)));
  }

  /** Says how thick the closed card is and what it weighs. */
  static Optional<String> thickness(Optional<FoldReport> report, LengthFormat format) {
    return report
        .flatMap(FoldReport::thickness)
        .flatMap(
            all ->
                all.thickest()
                    .map(
                        thickest ->
                            Words.say(
                                "fold.thick",
                                Amounts.thickness(thickest.thick(), format),
                                Amounts.weight(all.grams(), format),
                                thickest.plies())));
  }

  /** Says as what the card goes by post where the maker lives, if that country is known. */
  static Optional<String> post(
      Derivation derivation, Optional<FoldReport> report, LengthFormat format) {
    String home = Locale.getDefault().getCountry();
    return report
        .flatMap(FoldReport::thickness)
        .flatMap(all -> derivation.thickness().or(() -> Optional.of(all)))
        .flatMap(all -> Post.of(derivation, all))
        .flatMap(
            posted ->
                posted.postings().stream()
                    .filter(each -> each.country().equals(home))
                    .findFirst()
                    .map(
                        each ->
                            Words.say(
                                "post.here",
                                posted.envelope().label(),
                                Post.told(each).say(format))));
  }

  /** Says how many plies lie at a place and how thick they are, where the card is closed. */
  Optional<String> thick(FoldFrame.Aim aim, Spot at) {
    boolean closed = asked == model.closing() || asked >= model.stages().size();
    if (!closed || !isWhole(derivation, model)) {
      return Optional.empty();
    }
    Spot place = aim.onTable(at);
    return report
        .flatMap(FoldReport::thickness)
        .flatMap(all -> all.at(place))
        .map(
            there ->
                Words.say("fold.here", there.plies(), Amounts.thickness(there.thick(), format)));
  }

  /** Says which paper shows at a place, and which face of it. */
  Optional<String> shows(FoldFrame.Aim aim, Spot at) {
    return aim.grips(model.shown(asked), at).stream().findFirst().map(this::shows);
  }

  private String shows(FoldFrame.Grip held) {
    Motion motion = model.pose(model.shown(asked)).motions().get(held.facet());
    Face face = viewpoint.apply(motion.up()).z() >= 0 ? Face.INSIDE : Face.OUTSIDE;
    Piece paper = model.assembly().pieceOf(held.facet());
    String side = Words.say(face == Face.INSIDE ? "layer.inside" : "layer.outside");
    Design design = derivation.made().orElseThrow().design();
    Optional<Layer> layer = Sight.layerAt(design, paper.id(), face, held.place());
    String says =
        layer
            .map(each -> Words.say("fold.shows-layer", each.label(), paper.label(), side))
            .orElseGet(() -> Words.say("fold.shows", paper.label(), side));
    Sight.Shown shown = new Sight.Shown(held.facet(), paper.id(), face, layer, motion.top(), 0);
    return new PrintWay(model, design, derivation.job().papers())
        .lying(shown, model.shown(asked))
        .map(seen -> Words.say("fold.shows-print", says, Words.say(way(seen.top()))))
        .orElse(says);
  }

  /** Says which way up a print is, to whoever sees the card as it lies. */
  private static String way(Side top) {
    return switch (top) {
      case TOP, NONE -> "fold.way-up";
      case BOTTOM -> "fold.way-down";
      case LEFT, RIGHT -> "fold.way-side";
    };
  }
}
