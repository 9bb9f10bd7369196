package cufflink.core.job;

import cufflink.core.decor.Cutout;
import cufflink.core.decor.Treatment;
import cufflink.core.finding.Finding.Fix;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A cure that is applied to a job: on marks that can be measured, and where the sheet holds it. */
final class Applied {
  private final Derivation derivation;
  private final Job job;

  private Applied(Derivation derivation) {
    this.derivation = derivation;
    this.job = derivation.job();
  }

  static Job of(Derivation derivation, Fix fix) {
    Applied applied = new Applied(derivation);
    return derivation
        .job()
        .withValues(applied.values(fix.values()))
        .withPapers(applied.papers(fix.spots()))
        .withOrder(derivation.job().order().withTreatments(applied.treatments(fix.treatments())));
  }

  private Values values(Values cure) {
    Values values = job.values();
    for (Map.Entry<String, Setting> each : cure.settings().entrySet()) {
      values =
          each.getValue() instanceof Setting.OfLength length
              ? values.and(each.getKey(), onMark(length.length()))
              : values.and(each.getKey(), each.getValue());
    }
    return values;
  }

  private Length onMark(Length length) {
    Marks marks = job.marks();
    return marks.floor(length).max(marks.step());
  }

  private Papers papers(Map<String, Picture.Spot> spots) {
    Map<String, Cutout> parts =
        derivation.made().map(made -> Cutout.all(made.design(), job.papers())).orElse(Map.of());
    Papers papers = job.papers();
    for (Map.Entry<String, Picture.Spot> each : spots.entrySet()) {
      Optional<Picture.Spot> measured =
          Optional.ofNullable(parts.get(each.getKey()))
              .map(part -> part.within(each.getValue(), job.rulers().layers()));
      papers = papers.cutting(each.getKey(), measured);
    }
    return papers;
  }

  private List<Treatment> treatments(Map<Treatment, Optional<Treatment>> instead) {
    List<Treatment> now = new ArrayList<>();
    for (Treatment each : job.order().treatments()) {
      Optional<Treatment> other = instead.getOrDefault(each, Optional.of(each));
      other.filter(it -> !now.contains(it)).ifPresent(now::add);
    }
    return now;
  }
}
