package cufflink.core.stance;

import cufflink.core.assembly.Pose;
import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.flat.Facet;
import cufflink.core.flat.Spot;
import cufflink.core.layers.Areas;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Papers;
import cufflink.core.plane.Point;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * What the papers of a card weigh where: grammage times area (ISO 536), each part in its middle.
 * Glue, ribbon and what the card holds are left out.
 */
final class Masses {
  private static final double SQUARE_METRE = 1e6;

  /** A part of a facet. */
  private record Part(int facet, Spot middle, double grams) {}

  private final List<Part> parts = new ArrayList<>();

  Masses(FoldModel model, Design design, Papers papers) {
    for (Facet facet : model.assembly().facets()) {
      Piece piece = model.assembly().pieceOf(facet.index());
      if (piece.paper() == PaperKind.RIBBON) {
        continue;
      }
      Geometry paper = facet.polygon();
      for (Opening opening : piece.openings()) {
        paper = Areas.without(paper, Facet.polygon(spots(opening.outline())));
      }
      add(facet.index(), paper, papers.of(piece.role()).grammage());
      for (Layer layer : design.layers()) {
        if (layer.on().equals(piece.id())) {
          Polygon whole = Facet.polygon(spots(layer.outline()));
          Geometry there = facet.polygon().intersection(whole);
          add(facet.index(), there, papers.of(layer.role()).grammage());
        }
      }
    }
  }

  private static List<Spot> spots(List<Point> outline) {
    return outline.stream().map(Spot::from).toList();
  }

  private void add(int facet, Geometry paper, double grammage) {
    if (paper.getArea() > 0) {
      Coordinate middle = paper.getCentroid().getCoordinate();
      double grams = paper.getArea() / SQUARE_METRE * grammage;
      parts.add(new Part(facet, new Spot(middle.x, middle.y), grams));
    }
  }

  /** Returns the centre of gravity in a pose. */
  Vec centre(Pose pose) {
    Vec sum = Vec.ZERO;
    double grams = 0;
    for (Part part : parts) {
      sum = sum.plus(pose.place(part.facet(), part.middle()).times(part.grams()));
      grams += part.grams();
    }
    return sum.times(1 / grams);
  }
}
