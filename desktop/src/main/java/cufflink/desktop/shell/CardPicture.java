package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.drawing.Portrait;
import cufflink.core.flat.Spot;
import cufflink.core.job.Derivation;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.paper.PictureBook;
import cufflink.files.words.Words;
import java.util.Optional;
import javafx.geometry.Dimension2D;

/**
 * A card as its receiver will hold it.
 *
 * @param look its colours, and from where it is seen
 * @param design the card
 * @param model the card, put together
 */
record CardPicture(Look look, Design design, FoldModel model) {
  /** Returns the picture of a job, unless its card takes long to be folded in thought. */
  static Optional<CardPicture> of(Derivation derivation) {
    Look look = derivation.look();
    return derivation
        .made()
        .filter(made -> made.card().whole().isReady())
        .map(made -> new CardPicture(look, made.design(), made.card().whole()));
  }

  /** Draws it as large as there is room. */
  Drawing draw(Surface surface) {
    return Portrait.of(model, design, look, moment(), surface);
  }

  private double moment() {
    return Portrait.moment(model, look);
  }

  /** Returns how large it is seen, in millimetres. */
  Dimension2D extent() {
    Spot extent = Portrait.extent(model, design, look);
    return new Dimension2D(extent.x(), extent.y());
  }

  /** Hangs it up, in pixels; whatever lies below takes the pointer. */
  PaperView hung(double wide, double tall, Marks marks, PictureBook pictures) {
    PaperView paper = new PaperView(pictures);
    paper.setMouseTransparent(true);
    paper.setPrefSize(wide, tall);
    paper.setMinSize(wide, tall);
    paper.setMaxSize(wide, tall);
    paper.show(
        surface -> Optional.of(draw(surface)),
        marks,
        Words.on(marks, LengthFormat.Fractions.TYPESET));
    return paper;
  }
}
