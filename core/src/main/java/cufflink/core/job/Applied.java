package cufflink.core.job;

import cufflink.core.decor.Cutout;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Treatment;
import cufflink.core.finding.Finding.Fix;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Motif;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Papers;
import cufflink.core.paper.Picture;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A cure that is applied to a job: on marks that can be measured, and where the sheet holds it. */
final class Applied {
  private final Derivation derivation;
  private final Job job;

  private Applied(Derivation derivation) {
    this.derivation = derivation;
    this.job = derivation.job();
  }

  static Job of(Derivation derivation, Fix fix, String panel) {
    Applied applied = new Applied(derivation);
    Order before = applied.job.order();
    Order order = fix.lowered() ? before.withRaised(false) : before;
    List<Topper> toppers = applied.toppers(fix.toppers(), panel);
    return applied
        .dotted(fix.dotted(), applied.papers(fix.spots()))
        .withValues(applied.values(fix.values()).and(applied.values(toppers)))
        .withOrder(order.withTreatments(applied.treatments(fix.treatments())).withToppers(toppers));
  }

  private List<Topper> toppers(List<Topper> cure, String panel) {
    List<Topper> now = new ArrayList<>(job.order().toppers());
    for (Topper each : cure) {
      if (!each.isFresh()) {
        now.replaceAll(it -> it.id().equals(each.id()) ? each : it);
      } else if (now.size() < Topper.MOST) {
        now.add(each.put(Topper.next(now), name(panel, now), onMarks(each.start())));
      }
    }
    return now;
  }

  private static String name(String panel, List<Topper> others) {
    String name = panel;
    for (int number = 2; isTaken(name, others); number++) {
      name = panel + " " + number;
    }
    return name;
  }

  private static boolean isTaken(String name, List<Topper> others) {
    return others.stream().anyMatch(each -> each.label().equals(name));
  }

  private Topper.Start onMarks(Topper.Start start) {
    Marks marks = job.rulers().layers();
    return new Topper.Start(
        marks.floor(start.across()).max(marks.step()),
        marks.floor(start.down()).max(marks.step()),
        marks.nearest(start.left()),
        marks.nearest(start.top()));
  }

  /** What is put on has its size and place among the values from the beginning. */
  private Values values(List<Topper> toppers) {
    Values values = Values.NONE;
    for (Topper each : toppers) {
      if (job.order().toppers().stream().noneMatch(it -> it.id().equals(each.id()))) {
        values =
            values
                .and(each.value(Topper.Measure.ACROSS), each.start().across())
                .and(each.value(Topper.Measure.LEFT), each.start().left())
                .and(each.value(Topper.Measure.TOP), each.start().top())
                .and(each.value(Topper.Measure.TILT), new Setting.OfCount(0))
                .and(each.value(Topper.Measure.DOWN), each.start().down());
      }
    }
    return values;
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

  /** Dots in rows look the same every way round. */
  private Job dotted(Set<PaperRole> roles, Papers papers) {
    Job now = job.withPapers(papers);
    for (PaperRole role : roles) {
      Paper paper = now.papers().of(role).withPrint(Paper.Print.NONE);
      now = now.withPapers(now.papers().with(role, paper));
      now = PaperPlan.looking(now, role, derivation.look().colours(role).with(Motif.DOTS));
    }
    return now;
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
