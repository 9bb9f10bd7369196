package cufflink.core.job;

import cufflink.core.design.Design;
import cufflink.core.design.Layer;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Something that is different between two designs of one card.
 *
 * @param kind what kind of difference it is
 * @param piece the piece, or the piece that a layer lies on
 * @param part the score, cut or layer; empty if it is the piece itself
 * @param sentence what is different
 */
public record Change(Kind kind, String piece, String part, Message sentence) {
  /** What can be different. */
  public enum Kind {
    /** The size of the closed card. */
    FINISHED,
    /** A piece or layer is there that was not. */
    ADDED,
    /** A piece or layer is there no more. */
    GONE,
    /** A piece or layer has another size. */
    SIZE,
    /** A piece is cut another number of times. */
    COUNT,
    /** Scores, slits, cuts or openings of a piece lie elsewhere. */
    LINES,
    /** A layer lies elsewhere. */
    PLACE,
    /** The card is folded or put together otherwise. */
    MAKING
  }

  /** Something that is cut, as far as its size goes. */
  private record Cut(String label, Length width, Length height) {}

  /**
   * Compares two designs of one card.
   *
   * @param before the one
   * @param after the other
   * @return what is different in the other, the closed card first and then piece by piece; empty if
   *     nothing is
   */
  public static List<Change> between(Design before, Design after) {
    List<Change> changes = new ArrayList<>();
    boolean sameSize =
        before.finishedWidth().equals(after.finishedWidth())
            && before.finishedHeight().equals(after.finishedHeight());
    if (!sameSize) {
      changes.add(
          new Change(
              Kind.FINISHED,
              "",
              "",
              Message.of(
                  "change.finished",
                  before.finishedWidth(),
                  before.finishedHeight(),
                  after.finishedWidth(),
                  after.finishedHeight())));
    }
    Map<String, Piece> pieces = new LinkedHashMap<>();
    before.pieces().forEach(piece -> pieces.put(piece.id(), piece));
    for (Piece piece : after.pieces()) {
      Optional<Piece> was = Optional.ofNullable(pieces.remove(piece.id()));
      was.ifPresentOrElse(
          each -> compare(each, piece, changes),
          () -> changes.add(added(piece.id(), "", piece.label())));
    }
    pieces.values().forEach(piece -> changes.add(gone(piece.id(), "", piece.label())));
    compareLayers(before, after, changes);
    boolean sameMaking =
        before.joints().equals(after.joints()) && before.stages().equals(after.stages());
    if (!sameMaking) {
      changes.add(new Change(Kind.MAKING, "", "", Message.of("change.making")));
    }
    return changes;
  }

  private static void compare(Piece before, Piece after, List<Change> changes) {
    size(
            after.id(),
            "",
            new Cut(before.label(), before.width(), before.height()),
            new Cut(after.label(), after.width(), after.height()))
        .ifPresent(changes::add);
    if (before.count() != after.count()) {
      changes.add(
          new Change(
              Kind.COUNT,
              after.id(),
              "",
              Message.of(
                  "change.count",
                  after.label(),
                  Integer.toString(before.count()),
                  Integer.toString(after.count()))));
    }
    boolean sameLines =
        before.scores().equals(after.scores())
            && before.slits().equals(after.slits())
            && before.cuts().equals(after.cuts())
            && before.openings().equals(after.openings())
            && before.outline().equals(after.outline());
    boolean sameSize =
        before.width().equals(after.width()) && before.height().equals(after.height());
    if (!sameLines && sameSize) {
      changes.add(
          new Change(Kind.LINES, after.id(), "", Message.of("change.lines", after.label())));
    }
  }

  private static void compareLayers(Design before, Design after, List<Change> changes) {
    Map<String, Layer> layers = new LinkedHashMap<>();
    before.layers().forEach(layer -> layers.put(layer.on() + "." + layer.id(), layer));
    for (Layer layer : after.layers()) {
      Layer was = layers.remove(layer.on() + "." + layer.id());
      if (was == null) {
        changes.add(added(layer.on(), layer.id(), layer.label()));
        continue;
      }
      Optional<Change> size =
          size(
              layer.on(),
              layer.id(),
              new Cut(was.label(), was.width(), was.height()),
              new Cut(layer.label(), layer.width(), layer.height()));
      size.ifPresent(changes::add);
      if (size.isEmpty() && !was.equals(layer)) {
        changes.add(
            new Change(
                Kind.PLACE, layer.on(), layer.id(), Message.of("change.place", layer.label())));
      }
    }
    layers.values().forEach(layer -> changes.add(gone(layer.on(), layer.id(), layer.label())));
  }

  private static Optional<Change> size(String piece, String part, Cut before, Cut after) {
    boolean same = before.width().equals(after.width()) && before.height().equals(after.height());
    return same
        ? Optional.empty()
        : Optional.of(
            new Change(
                Kind.SIZE,
                piece,
                part,
                Message.of(
                    "change.size",
                    after.label(),
                    before.width(),
                    before.height(),
                    after.width(),
                    after.height())));
  }

  private static Change added(String piece, String part, String label) {
    return new Change(Kind.ADDED, piece, part, Message.of("change.added", label));
  }

  private static Change gone(String piece, String part, String label) {
    return new Change(Kind.GONE, piece, part, Message.of("change.gone", label));
  }
}
