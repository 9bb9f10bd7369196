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
 * Layers of one size and one paper, which are cut alike wherever they go.
 *
 * @param width the side along the top
 * @param height the other side
 * @param role what their paper is for
 * @param labels what they are called, each name once
 * @param count how many one card needs
 */
public record LayerRow(
    Length width, Length height, PaperRole role, List<String> labels, int count) {
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
          List.of(layer.width(), layer.height(), layer.role()),
          new LayerRow(
              layer.width(),
              layer.height(),
              layer.role(),
              List.of(layer.label()),
              design.count(layer)),
          LayerRow::and);
    }
    return List.copyOf(rows.values());
  }

  private LayerRow and(LayerRow other) {
    List<String> both = new ArrayList<>(labels);
    other.labels.stream().filter(each -> !both.contains(each)).forEach(both::add);
    return new LayerRow(width, height, role, both, count + other.count);
  }
}
