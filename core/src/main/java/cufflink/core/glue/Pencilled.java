package cufflink.core.glue;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.words.Message;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What is pencilled on the backs of equal papers before they are glued on, so that none ends on the
 * wrong panel or upside down.
 */
final class Pencilled {
  /** More names than this are told by the first and the last of them. */
  private static final int MANY = 4;

  private Pencilled() {}

  /** Says it for the papers of an act, if there are others that they could be mixed up with. */
  static Optional<Message> of(Act act, Design design) {
    Comparator<Layer> fromTheLeft = Comparator.comparing(layer -> layer.at().x());
    // The outside lies turned over like a page.
    Comparator<Layer> asItLies = act.face() == Face.INSIDE ? fromTheLeft : fromTheLeft.reversed();
    List<Layer> mixed =
        act.layers().stream().filter(layer -> hasTwin(layer, design)).sorted(asItLies).toList();
    if (mixed.isEmpty()) {
      return Optional.empty();
    }
    String host = design.piece(act.host()).map(Piece::label).orElse(act.host());
    Message face = Message.of(act.face() == Face.INSIDE ? "layer.inside" : "layer.outside");
    List<Message> names =
        IntStream.rangeClosed(1, mixed.size())
            .mapToObj(i -> Message.of("act.pencil-name", host, face, Integer.toString(i)))
            .toList();
    int last = names.size();
    Message all =
        last > MANY
            ? Message.of("act.pencil-range", names.get(0), Integer.toString(last))
            : Message.list("list.comma", names);
    return Optional.of(Message.of("act.pencil", all));
  }

  private static boolean hasTwin(Layer layer, Design design) {
    return design.layers().stream()
        .filter(each -> !each.id().equals(layer.id()) || !each.on().equals(layer.on()))
        .anyMatch(
            each ->
                each.width().equals(layer.width())
                    && each.height().equals(layer.height())
                    && each.role().equals(layer.role())
                    && each.shape() == layer.shape());
  }
}
