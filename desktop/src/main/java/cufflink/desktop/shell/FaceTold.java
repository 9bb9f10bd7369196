package cufflink.desktop.shell;

import cufflink.core.drawing.FoldFrame;
import cufflink.core.drawing.FoldFrame.Seen;
import cufflink.core.flat.Spot;
import cufflink.core.inspect.FoldReport;
import cufflink.core.inspect.Rehearsal;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Look;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Which face of the card is pointed at, what goes there, and the other face for all of it. */
final class FaceTold {
  private final Workbench bench;
  private final Runnable anew;
  private final PerJob<Optional<Seen>> chosen = new PerJob<>(Optional.empty());
  private Optional<Shown> shown = Optional.empty();

  /** What lies on the table. */
  private record Shown(FoldReport report, Look look, double moment, Surface surface) {
    Optional<Seen> at(Derivation derivation, double x, double y) {
      return derivation
          .made()
          .flatMap(
              made ->
                  FoldFrame.seen(
                      report.model(), made.design(), look, moment, surface, new Spot(x, y)));
    }
  }

  FaceTold(Workbench bench, Runnable anew) {
    this.bench = bench;
    this.anew = anew;
  }

  /** Notes how the card is seen now. */
  void shows(Derivation derivation, FoldReport report, Look look, double moment, Surface surface) {
    chosen.at(derivation);
    shown = Optional.of(new Shown(report, look, moment, surface));
  }

  /** Points at no face any more. */
  void forget() {
    chosen.set(Optional.empty());
  }

  /** Points at what is seen at a place of the drawing. */
  void press(double x, double y) {
    bench.derivation().get().ifPresent(now -> choose(now, shown.flatMap(it -> it.at(now, x, y))));
  }

  /** Points at the next face that is seen, or the one before. */
  void move(int direction) {
    bench
        .derivation()
        .get()
        .ifPresent(
            now -> {
              List<Seen> all = shown.map(it -> all(now, it)).orElse(List.of());
              if (!all.isEmpty()) {
                int at = chosen.at(now).map(all::indexOf).orElse(-1);
                int to = at < 0 && direction < 0 ? all.size() - 1 : at + direction;
                choose(now, Optional.of(all.get(Math.floorMod(to, all.size()))));
              }
            });
  }

  private static List<Seen> all(Derivation derivation, Shown shown) {
    return derivation
        .made()
        .map(
            made ->
                FoldFrame.faces(
                    shown.report().model(),
                    made.design(),
                    shown.look(),
                    shown.moment(),
                    shown.surface()))
        .orElse(List.of());
  }

  private void choose(Derivation derivation, Optional<Seen> now) {
    chosen.at(derivation);
    chosen.set(now);
    told(derivation).ifPresent(told -> bench.chosen().set(refs(derivation, told)));
    anew.run();
  }

  private Set<Ref> refs(Derivation derivation, Rehearsal.Told told) {
    String piece = shown.orElseThrow().report().model().assembly().pieceOf(facet(derivation)).id();
    return told.ids().stream().map(id -> new Ref(piece, id)).collect(Collectors.toSet());
  }

  private int facet(Derivation derivation) {
    return chosen.at(derivation).orElseThrow().facet();
  }

  private Optional<Rehearsal.Told> told(Derivation derivation) {
    return chosen
        .at(derivation)
        .filter(seen -> shown.isPresent())
        .filter(seen -> seen.facet() < shown.get().report().model().assembly().facets().size())
        .map(
            seen ->
                Rehearsal.at(
                    shown.get().report(),
                    derivation.made().orElseThrow().design(),
                    derivation.look(),
                    seen.facet(),
                    seen.face()));
  }

  /** Returns what is said below the card. */
  Node foot(Derivation derivation) {
    VBox foot = new VBox();
    foot.getStyleClass().add("steps-foot");
    Optional<Rehearsal.Told> told = derivation.made().flatMap(made -> told(derivation));
    Label line =
        new Label(
            told.map(it -> it.words().say(bench.format())).orElse(Words.say("rehearse.hint")));
    line.getStyleClass().add("step-line");
    line.setWrapText(true);
    foot.getChildren().add(line);
    told.filter(it -> !it.ids().isEmpty())
        .ifPresent(
            it -> {
              Button other = new Button(Words.say("rehearse.other-face"));
              other.setOnAction(event -> swap(it.ids()));
              foot.getChildren().add(other);
            });
    return foot;
  }

  private void swap(List<String> ids) {
    bench
        .job()
        .ifPresent(
            job -> bench.making().order(job.order().withOwn(job.order().own().swapping(ids))));
  }
}
