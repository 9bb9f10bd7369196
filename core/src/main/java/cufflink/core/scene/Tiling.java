package cufflink.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How a piece at its true size is spread over the pages of a printer.
 *
 * @param across how many pages lie side by side
 * @param down how many pages lie below each other
 * @param tileWidth how much of the piece one page shows across, millimetres
 * @param tileHeight how much of the piece one page shows down, millimetres
 * @param overlap how much of a part the next one shows again, millimetres
 */
public record Tiling(int across, int down, double tileWidth, double tileHeight, double overlap) {

  /**
   * A part of the piece that one page shows.
   *
   * @param row counted from nought
   * @param column counted from nought
   * @param left where the part begins, millimetres from the piece's left edge
   * @param top where the part begins, millimetres from the piece's top edge
   */
  public record Tile(int row, int column, double left, double top) {}

  /**
   * Spreads a piece.
   *
   * @param width the piece's width in millimetres, above zero
   * @param height the piece's height in millimetres, above zero
   * @param tileWidth how much one page can show across, millimetres, above zero
   * @param tileHeight how much one page can show down, millimetres, above zero
   * @param overlap how much of a part the next one shows again, millimetres, less than a part
   * @return the tiling
   */
  public static Tiling of(
      double width, double height, double tileWidth, double tileHeight, double overlap) {
    return new Tiling(
        parts(width, tileWidth, overlap),
        parts(height, tileHeight, overlap),
        tileWidth,
        tileHeight,
        overlap);
  }

  private static int parts(double length, double tile, double overlap) {
    return Math.max(1, (int) Math.ceil((length - overlap) / (tile - overlap)));
  }

  /**
   * Returns the middles of what two neighbours across both show.
   *
   * @return millimetres from the piece's left edge, one fewer than there are pages across
   */
  public List<Double> seamsAcross() {
    return seams(across, tileWidth);
  }

  /**
   * Returns the middles of what two neighbours down both show.
   *
   * @return millimetres from the piece's top edge, one fewer than there are pages down
   */
  public List<Double> seamsDown() {
    return seams(down, tileHeight);
  }

  private List<Double> seams(int parts, double tile) {
    return IntStream.range(1, parts)
        .mapToObj(part -> part * (tile - overlap) + overlap / 2)
        .toList();
  }

  /**
   * Returns the number of pages.
   *
   * @return one or more
   */
  public int count() {
    return across * down;
  }

  /**
   * Returns the parts row by row.
   *
   * @return as many as {@link #count()}
   */
  public List<Tile> tiles() {
    List<Tile> tiles = new ArrayList<>();
    for (int row = 0; row < down; row++) {
      for (int column = 0; column < across; column++) {
        tiles.add(
            new Tile(row, column, column * (tileWidth - overlap), row * (tileHeight - overlap)));
      }
    }
    return tiles;
  }
}
