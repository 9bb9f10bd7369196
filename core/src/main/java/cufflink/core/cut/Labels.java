package cufflink.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Gives the parts of one kind back their names, sheets that are cut alike staying together. */
final class Labels {
  private final Kinds kinds;
  private final Map<Part, Integer> left = new HashMap<>();
  private Map<Part, Integer> used = new HashMap<>();

  Labels(Kinds kinds) {
    this.kinds = kinds;
    for (int kind = 0; kind < kinds.size(); kind++) {
      kinds.parts(kind).forEach(part -> left.merge(part, part.count(), Integer::sum));
    }
  }

  /** Names the parts on some sheets that are cut alike. */
  List<Filled> name(Filled filled) {
    List<Filled> named = new ArrayList<>();
    int times = filled.times();
    while (times > 0) {
      used = new HashMap<>();
      Layout layout = name(filled.layout());
      int alike = times;
      for (Map.Entry<Part, Integer> each : used.entrySet()) {
        alike = Math.min(alike, left.get(each.getKey()) / each.getValue());
      }
      for (Map.Entry<Part, Integer> each : used.entrySet()) {
        left.merge(each.getKey(), -alike * each.getValue(), Integer::sum);
      }
      named.add(new Filled(filled.room(), layout, alike));
      times -= alike;
    }
    return named;
  }

  private Layout name(Layout layout) {
    if (layout instanceof Layout.Split split) {
      return new Layout.Split(split.down(), name(split.first()), name(split.rest()));
    }
    if (layout instanceof Layout.Cut cut) {
      Part part =
          kinds.parts(Knapsack.kindOf(kinds, cut.part())).stream()
              .max(Comparator.comparingInt(each -> left.get(each) - used.getOrDefault(each, 0)))
              .orElseThrow();
      used.merge(part, 1, Integer::sum);
      return new Layout.Cut(cut.width(), cut.height(), part, cut.turned());
    }
    return layout;
  }
}
