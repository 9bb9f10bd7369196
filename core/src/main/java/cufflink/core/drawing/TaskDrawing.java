package cufflink.core.drawing;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.job.Job;
import cufflink.core.job.PaperPlan;
import cufflink.core.make.Task;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Ref;
import cufflink.core.scene.Surface;
import cufflink.core.space.Viewpoint;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The paper as it lies while something is done with it.
 *
 * @param design the card
 * @param job how the maker works
 * @param task what is done
 * @param order how the card is put together, if that is known: then what is glued is drawn as far
 *     as it is built
 * @param look how the papers look, if that is to be seen
 */
public record TaskDrawing(
    Design design, Job job, Task task, Optional<GluingOrder> order, Optional<Look> look) {
  /**
   * Returns what on the paper is worked on.
   *
   * @return its scores, cuts, layers or joints
   */
  public Set<Ref> refs() {
    return task.shown().stream()
        .flatMap(shown -> shown.lines().stream().map(line -> new Ref(shown.piece(), line)))
        .collect(Collectors.toSet());
  }

  /**
   * Draws the paper, if any lies on the table.
   *
   * @param surface what it is drawn on
   * @return the drawing
   */
  public Optional<Drawing> draw(Surface surface) {
    if (task.trim().isPresent()) {
      return cut(task.trim().get(), surface);
    }
    if (task.shown().isEmpty()) {
      return Optional.empty();
    }
    Task.Shown shown = task.shown().get();
    boolean glues = task.phase().compareTo(Task.Phase.LAYER) >= 0;
    Optional<Drawing> built = glues ? halfBuilt(shown, surface) : Optional.empty();
    if (built.isPresent()) {
      return built;
    }
    List<Patch> patches = glues ? Patch.of(design) : List.of();
    return design
        .piece(shown.piece())
        .map(
            piece -> {
              Lying lying = new Lying(piece, shown.lie());
              Drawing drawing =
                  FlatDrawing.of(
                      lying,
                      surface,
                      new FlatDrawing.Options(
                          patches,
                          Optional.empty(),
                          score -> shown.lines().contains(score.id()),
                          false,
                          glues,
                          glues ? Optional.empty() : Optional.of(job.habit())));
              return look.map(it -> Dressing.dress(drawing, design, it, Optional.of(lying)))
                  .orElse(drawing);
            });
  }

  /**
   * Says what to do as all lies in the drawing: a host that is folded does not lie as it was cut.
   *
   * @return the sentence for a part that is glued on, else that of the task
   */
  public Message words() {
    OptionalInt step = task.shown().isPresent() ? step(task.shown().get()) : OptionalInt.empty();
    if (step.isEmpty()) {
      return task.words();
    }
    return GlueDrawing.place(order.orElseThrow(), design, step.getAsInt())
        .map(place -> place.followedBy(order.get().steps().get(step.getAsInt()).choice().told()))
        .orElse(task.words());
  }

  private Optional<Drawing> halfBuilt(Task.Shown shown, Surface surface) {
    OptionalInt step = step(shown);
    return step.isEmpty()
        ? Optional.empty()
        : GlueDrawing.of(order.orElseThrow(), design, step.getAsInt(), surface, look);
  }

  /** Returns which step of the gluing the task is, if it is one. */
  private OptionalInt step(Task.Shown shown) {
    if (order.isEmpty() || task.phase().compareTo(Task.Phase.LAYER) < 0) {
      return OptionalInt.empty();
    }
    List<GluingOrder.Step> steps = order.get().steps();
    for (int i = 0; i < steps.size(); i++) {
      Act act = steps.get(i).act();
      boolean isIt =
          act.host().equals(shown.piece())
              && (act.joint().filter(joint -> shown.lines().contains(joint.id())).isPresent()
                  || act.layers().stream().anyMatch(each -> shown.lines().contains(each.id())));
      if (isIt) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  /**
   * Draws the card before it is folded, with arrows for what moves, if the task is to fold it.
   *
   * @param model the card, folded in thought
   * @param viewpoint from where it is seen
   * @param surface what it is drawn on
   * @return the drawing
   */
  public Optional<Drawing> fold(FoldModel model, Viewpoint viewpoint, Surface surface) {
    if (task.shown().isPresent() || !model.isReady()) {
      return Optional.empty();
    }
    for (int i = 0; i < model.stages().size(); i++) {
      if (task.words().equals(Message.of("make.stage", model.stages().get(i).title()))) {
        return Optional.of(FoldDrawing.step(model, Patch.of(design), i, viewpoint, surface));
      }
    }
    return Optional.empty();
  }

  private Optional<Drawing> cut(Task.Trim trim, Surface surface) {
    PaperPlan plan = trim.plan();
    if (trim.step() < 0) {
      // While sheets are laid ready nothing is cut yet.
      return Optional.empty();
    }
    Surface own = surface.speaking(plan.format(surface.format(), job.rulers()));
    return Optional.of(TrimDrawing.of(plan, trim.step(), job.habit().hand(), own));
  }
}
