package cufflink.core.inspect;

import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.flat.Crease;
import cufflink.core.flat.FlatPattern;
import cufflink.core.words.Message;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Whether a piece is still one piece once all its cuts are made. */
final class PaperInspection {
  private PaperInspection() {}

  /**
   * Looks at a piece.
   *
   * @param flat the piece, divided into facets
   * @return a finding if not every facet hangs together with the first by creases
   */
  static Optional<Finding> inspect(FlatPattern flat) {
    if (flat.facets().isEmpty() || reached(flat).size() == flat.facets().size()) {
      return Optional.empty();
    }
    return Optional.of(
        new Finding(
            FindingKind.FALLS_APART,
            Severity.ERROR,
            Place.on(flat.piece().id()),
            Message.of("inspect.falls-apart", flat.piece().label()),
            Optional.empty()));
  }

  private static Set<Integer> reached(FlatPattern flat) {
    Set<Integer> reached = new HashSet<>(List.of(0));
    Deque<Integer> open = new ArrayDeque<>(List.of(0));
    while (!open.isEmpty()) {
      int facet = open.removeFirst();
      for (Crease crease : flat.creases()) {
        if (crease.joins(facet) && reached.add(crease.across(facet))) {
          open.add(crease.across(facet));
        }
      }
    }
    return reached;
  }
}
