package cufflink.core.drawing;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ink;
import cufflink.core.scene.Pen;
import cufflink.core.scene.Ref;
import java.util.List;
import java.util.function.Function;

/**
 * What paper is painted onto: a ply, or a band round the card.
 *
 * @param pen what it is painted with
 * @param seen where its places are seen
 * @param light how light it is, 1 for as it is
 * @param pitch the distance from one figure of a print to the next, in millimetres
 */
record Onto(Pen pen, Function<Spot, Spot> seen, double light, double pitch) {
  /** The ink that words are written in. */
  private static final int INK = 0x33302C;

  Spot at(Spot spot) {
    return seen.apply(spot);
  }

  List<Spot> at(List<Spot> spots) {
    return spots.stream().map(seen).toList();
  }

  /** Paints paper: its rim and its holes, and what is printed on it. */
  void cover(List<List<Spot>> rings, Prints.Print print, Ref ref) {
    List<List<Spot>> figures = Motifs.of(print.motif(), rings, pitch);
    pen.printed(
        new Drawing.Printed(
            rings.stream().map(this::at).toList(),
            print.ground(),
            figures.stream().map(this::at).toList(),
            print.ink(),
            light,
            imprints(print),
            ref));
  }

  private List<Drawing.Imprint> imprints(Prints.Print print) {
    return print.cutout().stream()
        .flatMap(
            cutout ->
                cutout.sheets().stream()
                    .map(sheet -> new Drawing.Imprint(cutout.picture().name(), at(sheet), 0)))
        .toList();
  }

  /** Paints what of a ribbon lies over something, with its own edges. */
  void lead(Overhead ribbon, Prints.Print print) {
    cover(List.of(ribbon.ring()), print, ribbon.ref());
    for (List<Spot> rim : ribbon.rims()) {
      for (int i = 0; i + 1 < rim.size(); i++) {
        edge(rim.get(i), rim.get(i + 1), ribbon.ref());
      }
    }
  }

  /** Writes a letter. */
  void write(List<Spot> letter) {
    pen.printed(new Drawing.Printed(List.of(at(letter)), INK, List.of(), INK, light, Ref.NONE));
  }

  /** Draws the edge of some paper as a hair line. */
  void edge(Spot from, Spot to, Ref ref) {
    pen.stroke(Ink.PAPER_EDGE, ref, at(from), at(to));
  }
}
