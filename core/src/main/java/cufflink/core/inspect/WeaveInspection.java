package cufflink.core.inspect;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.measure.Length;
import cufflink.core.plane.Area;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** Strips that lie beside each other in a weave go over and under by turns. */
final class WeaveInspection {
  private WeaveInspection() {}

  static List<Finding> inspect(Design design) {
    List<Joint> strips =
        design.joints().stream().filter(each -> !each.movement().through().isEmpty()).toList();
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < strips.size(); i++) {
      for (Joint other : strips.subList(i + 1, strips.size())) {
        Joint strip = strips.get(i);
        if (areBeside(strip, other) && areAlike(strip, other)) {
          findings.add(
              new Finding(
                  FindingKind.WOVEN_ALIKE,
                  Severity.ERROR,
                  Place.on(other.on(), other.id()),
                  Message.of("inspect.woven-alike", other.label(), strip.label()),
                  Optional.empty()));
        }
      }
    }
    return findings;
  }

  /** Both run the same way over the same bands. */
  private static boolean areBeside(Joint one, Joint other) {
    Area a = one.area();
    Area b = other.area();
    boolean rows = a.at().y().equals(b.at().y()) && a.height().equals(b.height());
    boolean columns = a.at().x().equals(b.at().x()) && a.width().equals(b.width());
    return one.on().equals(other.on()) && rows != columns;
  }

  /** Halfway between any two edges of bands both lie on the same side of the paper. */
  private static boolean areAlike(Joint one, Joint other) {
    boolean down = one.area().at().y().equals(other.area().at().y());
    Set<Length> edges = new TreeSet<>();
    for (Joint each : List.of(one, other)) {
      edges.addAll(ends(each.area(), down));
      each.movement().through().forEach(area -> edges.addAll(ends(area, down)));
    }
    List<Length> sorted = List.copyOf(edges);
    for (int i = 1; i < sorted.size(); i++) {
      double middle = (sorted.get(i - 1).toMillimetres() + sorted.get(i).toMillimetres()) / 2;
      if (isInside(one, middle, down) != isInside(other, middle, down)) {
        return false;
      }
    }
    return true;
  }

  private static List<Length> ends(Area area, boolean down) {
    return down ? List.of(area.at().y(), area.bottom()) : List.of(area.at().x(), area.right());
  }

  private static boolean isInside(Joint strip, double place, boolean down) {
    boolean behind =
        strip.movement().through().stream()
            .map(area -> ends(area, down))
            .anyMatch(
                ends -> ends.get(0).toMillimetres() < place && place < ends.get(1).toMillimetres());
    return (strip.face() == cufflink.core.design.Face.INSIDE) != behind;
  }
}
