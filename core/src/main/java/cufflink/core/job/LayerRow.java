package cufflink.core.job;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.measure.Length;
import cufflink.core.paper.PaperRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Layers of one size and one paper, which are cut alike wherever they go. Halves of a rectangle
 * that is cut corner to corner are counted by the rectangles: two come from each.
 *
 * @param width the side along the top
 * @param height the other side
 * @param role what their paper is for
 * @param labels what they are called, each name once
 * @param halved whether each rectangle gives two of them
 * @param used how many of them one card has
 */
public record LayerRow(
    Length width, Length height, PaperRole role, List<String> labels, boolean halved, int used) {
  /** Copies the list. */
  public LayerRow {
    labels = List.copyOf(labels);
  }

  /**
   * Groups the layers of a card.
   *
   * @param design the card
   * @return the groups, in the order of their first layers
   */
  public static List<LayerRow> of(Design design) {
    Map<List<Object>, LayerRow> rows = new LinkedHashMap<>();
    for (Layer layer : design.layers()) {
      rows.merge(
          List.of(layer.width(), layer.height(), layer.role(), cut(layer)),
          new LayerRow(
              layer.width(),
              layer.height(),
              layer.role(),
              List.of(layer.label()),
              layer.shape().isHalf(),
              design.count(layer)),
          LayerRow::and);
    }
    return List.copyOf(rows.values());
  }

  /** Along which of its two diagonals a rectangle is cut. */
  private static int cut(Layer layer) {
    return switch (layer.shape().straight()) {
      case TOP_LEFT, BOTTOM_RIGHT -> 1;
      case TOP_RIGHT, BOTTOM_LEFT -> 2;
      default -> 0;
    };
  }

  /**
   * Counts the rectangles to cut. A print that must not stand on its head may take more, which the
   * plan of the sheets knows.
   *
   * @param copies how many cards, from 1
   * @return how many
   */
  public int count(int copies) {
    int all = Math.multiplyExact(used, copies);
    return halved ? (all + 1) / 2 : all;
  }

  private LayerRow and(LayerRow other) {
    List<String> both = new ArrayList<>(labels);
    other.labels.stream().filter(each -> !both.contains(each)).forEach(both::add);
    return new LayerRow(width, height, role, both, halved, used + other.used);
  }
}
