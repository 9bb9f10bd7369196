package cufflink.core.inspect;

import cufflink.core.card.FoldModel;
import cufflink.core.design.Design;
import cufflink.core.design.Design.Relation.Seen;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Finding.Place;
import cufflink.core.finding.Finding.Severity;
import cufflink.core.finding.FindingKind;
import cufflink.core.fold.Sight;
import cufflink.core.fold.Sight.Shown;
import cufflink.core.inspect.FoldReport.State;
import cufflink.core.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What a pattern says is seen of its card, and when, is seen then. */
final class SeenInspection {
  /** Less than this is a hair line between two papers, square millimetres. */
  private static final double LEAST = 4;

  private final Design design;
  private final int closing;
  private final List<State> states;

  private SeenInspection(Design design, int closing, List<State> states) {
    this.design = design;
    this.closing = closing;
    this.states = states;
  }

  static List<Finding> inspect(Design design, FoldModel model, List<State> states) {
    SeenInspection inspection = new SeenInspection(design, model.closing(), states);
    boolean isClosed = states.stream().anyMatch(state -> state.done() == model.closing());
    return isClosed
        ? design.relations(Seen.class).stream()
            .flatMap(seen -> inspection.check(seen, model).stream())
            .toList()
        : List.of();
  }

  private Optional<Finding> check(Seen seen, FoldModel model) {
    for (Layer layer : design.layers()) {
      if (layer.id().equals(seen.part()) && isThere(model, layer.on())) {
        return check(
            seen,
            new Part(layer.on(), layer.id(), layer.label()),
            shown -> shown.layer().filter(layer::equals).isPresent());
      }
    }
    for (Joint joint : design.joints()) {
      if (joint.id().equals(seen.part()) && joint.shape().isHalf() && isThere(model, joint.on())) {
        return check(
            seen,
            new Part(joint.on(), joint.id(), joint.label()),
            shown -> shown.layer().filter(each -> each.id().equals(joint.id())).isPresent());
      }
      if (joint.id().equals(seen.part()) && isThere(model, joint.piece())) {
        Face outward = joint.face();
        return check(
            seen,
            new Part(joint.on(), joint.id(), joint.label()),
            shown -> shown.piece().equals(joint.piece()) && shown.face() == outward);
      }
    }
    return Optional.empty();
  }

  private static boolean isThere(FoldModel model, String piece) {
    return model.assembly().members().stream()
        .anyMatch(member -> member.flat().piece().id().equals(piece));
  }

  /** What is looked for, and where it is told. */
  private record Part(String piece, String id, String label) {}

  private Optional<Finding> check(Seen seen, Part part, Predicate<Shown> what) {
    Seen.When found =
        isSeen(what, closing, closing)
            ? Seen.When.CLOSED
            : isSeen(what, closing + 1, Integer.MAX_VALUE) ? Seen.When.OPEN : Seen.When.NEVER;
    boolean isSo =
        switch (seen.when()) {
          case FRONT -> isSeenFrom(what, State::front);
          case BACK -> isSeenFrom(what, State::back);
          default -> found == seen.when();
        };
    if (isSo) {
      return Optional.empty();
    }
    String key =
        switch (seen.when()) {
          case CLOSED -> "inspect.seen-closed";
          case FRONT -> "inspect.seen-front";
          case BACK -> "inspect.seen-back";
          case OPEN -> found == Seen.When.CLOSED ? "inspect.seen-early" : "inspect.seen-open";
          case NEVER -> "inspect.seen-never";
        };
    return Optional.of(
        new Finding(
            FindingKind.NOT_SEEN,
            Severity.ERROR,
            Place.on(part.piece(), part.id()),
            Message.of(key, part.label()),
            Optional.empty()));
  }

  private boolean isSeenFrom(Predicate<Shown> what, Function<State, Sight> side) {
    return states.stream()
        .filter(state -> state.done() == closing)
        .map(side)
        .anyMatch(
            sight -> sight.shown().stream().filter(what).mapToDouble(Shown::area).sum() > LEAST);
  }

  private boolean isSeen(Predicate<Shown> what, int from, int to) {
    return states.stream()
        .filter(state -> state.done() >= from && state.done() <= to)
        .flatMap(state -> Stream.of(state.front(), state.back()))
        .map(Sight::shown)
        .anyMatch(shown -> shown.stream().filter(what).mapToDouble(Shown::area).sum() > LEAST);
  }
}
