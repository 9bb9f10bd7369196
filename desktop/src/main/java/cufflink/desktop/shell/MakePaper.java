package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.TaskDrawing;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.make.AtTable;
import cufflink.core.make.Task;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.work.Workbench;
import java.util.Optional;
import java.util.Set;

/**
 * The one paper while something is made: as it lies, as it is folded, or the card as it will be.
 */
final class MakePaper {
  private static final Viewpoint FROM_THE_FRONT = new Viewpoint(-18, 48);

  private final Workbench bench;
  private final PaperView paper;

  MakePaper(Workbench bench, PaperView paper) {
    this.bench = bench;
    this.paper = paper;
  }

  /** Shows what a task is done to. */
  void show(Derivation derivation, AtTable at, Task task) {
    if (task.phase().compareTo(Task.Phase.FILL) >= 0) {
      showCard(derivation);
      return;
    }
    bench.folding().ask(derivation);
    Optional<FoldModel> folded =
        derivation.made().flatMap(it -> bench.folding().of(it.card())).map(FoldReport::model);
    TaskDrawing drawing = drawing(derivation, at, task);
    paper.chosen().set(drawing.refs());
    paper.show(
        surface -> drawing.draw(surface).or(() -> fold(drawing, folded, surface)),
        bench.shownMarks(),
        bench.format());
  }

  /** Says what to do, as all lies on the paper. */
  String words(Derivation derivation, AtTable at, Task task) {
    return drawing(derivation, at, task).words().say(bench.format());
  }

  private TaskDrawing drawing(Derivation derivation, AtTable at, Task task) {
    var wish = derivation.job().order().wish();
    return new TaskDrawing(
        at.design(),
        derivation.job(),
        task,
        bench.folding().glued(at.design(), wish),
        Optional.of(derivation.look()));
  }

  private static Optional<Drawing> fold(
      TaskDrawing drawing, Optional<FoldModel> folded, Surface surface) {
    return folded.flatMap(model -> drawing.fold(model, FROM_THE_FRONT, surface));
  }

  /** Shows the card as it will be, or is. */
  void showCard(Derivation derivation) {
    paper.chosen().set(Set.of());
    paper.show(
        surface -> CardPicture.of(derivation).map(picture -> picture.draw(surface)),
        bench.shownMarks(),
        bench.format());
  }
}
