package cufflink.core.run;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.design.Slit;
import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Segment;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A cut made after the pieces are cut out: a slit, a trimmed edge, a cut from corner to corner, a
 * hole.
 *
 * @param piece the piece
 * @param mark what is cut where
 * @param direction what to do, measured with the piece inside up from its top left corner
 * @param manner how to do it with which tool, and what must stay whole
 * @param before the label of the layer or piece that is glued over it and must wait; empty if none
 *     is
 * @param folded how the piece is folded for it, if it is not cut flat
 * @param with the piece that lies on it turned over and is cut with it, if one does
 * @param flush the paper to whose edge it is trimmed, if it is; then the direction is measured with
 *     the piece lying as it does for that
 */
public record SecondCut(
    Piece piece,
    Mark mark,
    Message direction,
    Message manner,
    String before,
    Optional<Folded> folded,
    Optional<Piece> with,
    Optional<Flushed> flush) {
  /** What is cut. */
  public enum Kind {
    /** A cut from which nothing comes off. */
    SLIT,
    /** A cut that makes two parts, both of which are used. */
    THROUGH,
    /** A straight edge. */
    TRIM,
    /** The whole edge, with scissors. */
    OUTLINE,
    /** A hole, slot, notch or window. */
    OPENING
  }

  /**
   * A cut's place.
   *
   * @param id the id of the slit, cut or opening; empty for a trimmed edge
   * @param kind what is cut
   * @param path both ends of a line or all corners of an edge, as the piece is described
   */
  public record Mark(String id, Kind kind, List<Point> path) {
    /** Copies the list. */
    public Mark {
      path = List.copyOf(path);
    }

    private static Mark of(String id, Kind kind, Segment line) {
      return new Mark(id, kind, List.of(line.from(), line.to()));
    }
  }

  /**
   * Returns the id of what is cut.
   *
   * @return the id of the slit, cut or opening; empty for a trimmed edge
   */
  public String id() {
    return mark.id();
  }

  /** A round edge has many corners, which nobody marks one by one. */
  private static final int MOST_TRIMS = 16;

  /**
   * Lists the second cuts of a design.
   *
   * @param design the design
   * @return the cuts, piece by piece
   */
  public static List<SecondCut> of(Design design) {
    List<SecondCut> cuts = new ArrayList<>();
    for (Piece piece : design.pieces()) {
      // What is cut out of a figure is cut while there is paper all round it to hold.
      piece.openings().stream()
          .filter(Opening::isFree)
          .forEach(each -> cuts.add(opening(design, piece, each)));
      addTrims(design, cuts, piece);
      for (Slit slit : piece.slits()) {
        Mark mark = Mark.of(slit.id(), Kind.SLIT, slit.line());
        Optional<Folded> folded = Folded.of(piece, slit);
        Segment line = folded.map(each -> each.kept(slit.line())).orElse(slit.line());
        Message manner = Manner.of(piece, slit, folded.isPresent());
        cuts.add(cut(design, piece, mark, slit(slit, line), manner).madeFolded(folded));
      }
      for (Slit cut : piece.cuts()) {
        Mark mark = Mark.of(cut.id(), Kind.THROUGH, cut.line());
        Message direction = line("cut.through", cut.line(), cut.label());
        cuts.add(cut(design, piece, mark, direction, Manner.edgeToEdge(piece, cut.line())));
      }
      piece.openings().stream()
          .filter(each -> !each.isFree())
          .forEach(each -> cuts.add(opening(design, piece, each)));
    }
    return cuts;
  }

  private static SecondCut opening(Design design, Piece piece, Opening opening) {
    Mark mark = new Mark(opening.id(), Kind.OPENING, opening.outline());
    return cut(design, piece, mark, opening(opening), Manner.of(piece, opening));
  }

  private static void addTrims(Design design, List<SecondCut> cuts, Piece piece) {
    if (design.mirrored(piece).filter(piece::isMirrorOf).isPresent()) {
      // It is cut with the piece it mirrors.
      return;
    }
    Optional<Piece> with =
        design.pieces().stream()
            .filter(each -> each.mirrors().equals(piece.id()) && each.isMirrorOf(piece))
            .findFirst();
    List<Segment> trims = piece.trims();
    Optional<Flushed> flush = Flushed.of(design, piece);
    if (flush.isPresent()) {
      trims.forEach(trim -> cuts.add(flush(piece, trim, flush.get())));
      return;
    }
    if (trims.size() > MOST_TRIMS) {
      Mark mark = new Mark("", Kind.OUTLINE, piece.outline());
      Message direction = Message.of("cut.outline");
      cuts.add(
          new SecondCut(
              piece,
              mark,
              direction,
              Message.of("cut.manner-outline"),
              "",
              Optional.empty(),
              Optional.empty(),
              Optional.empty()));
      return;
    }
    for (Segment trim : trims) {
      Message direction = line("cut.trim", trim, "");
      Mark mark = Mark.of("", Kind.TRIM, trim);
      Message manner = Manner.edgeToEdge(piece, trim);
      cuts.add(cut(design, piece, mark, direction, manner).madeWith(with));
    }
  }

  private static SecondCut flush(Piece piece, Segment trim, Flushed paper) {
    Segment turned = paper.lie().apply(piece, trim);
    return new SecondCut(
        piece,
        Mark.of("", Kind.TRIM, trim),
        line("cut.flush", turned, paper.label()),
        Message.of("cut.manner-flush"),
        "",
        Optional.empty(),
        Optional.empty(),
        Optional.of(paper));
  }

  private static SecondCut cut(
      Design design, Piece piece, Mark mark, Message direction, Message manner) {
    List<Point> path = mark.path();
    Segment line = new Segment(path.get(0), path.get(path.size() / 2));
    String before =
        design.layers().stream()
            .filter(layer -> layer.on().equals(piece.id()))
            .filter(layer -> lies(new Area(layer.at(), layer.width(), layer.height()), line))
            .map(Layer::label)
            .findFirst()
            .or(
                () ->
                    design.glued().stream()
                        .filter(joint -> joint.on().equals(piece.id()))
                        .filter(joint -> lies(joint.area(), line))
                        .map(Joint::label)
                        .findFirst())
            .orElse("");
    return new SecondCut(
        piece,
        mark,
        direction,
        manner,
        before,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private SecondCut madeFolded(Optional<Folded> lies) {
    return new SecondCut(piece, mark, direction, manner, before, lies, with, flush);
  }

  private SecondCut madeWith(Optional<Piece> other) {
    return new SecondCut(piece, mark, direction, manner, before, folded, other, flush);
  }

  /** Says whether the middle of a line lies in an area. */
  private static boolean lies(Area area, Segment line) {
    Length x = Length.ofUnits((line.from().x().units() + line.to().x().units()) / 2);
    Length y = Length.ofUnits((line.from().y().units() + line.to().y().units()) / 2);
    return area.at().x().compareTo(x) < 0
        && x.compareTo(area.right()) < 0
        && area.at().y().compareTo(y) < 0
        && y.compareTo(area.bottom()) < 0;
  }

  private static Message slit(Slit slit, Segment line) {
    if (line.isVertical()) {
      return Message.of(
          "cut.slit-down",
          slit.label(),
          line.from().x(),
          line.from().y().min(line.to().y()),
          line.from().y().max(line.to().y()));
    }
    if (line.isLevel()) {
      return Message.of(
          "cut.slit-across",
          slit.label(),
          line.from().y(),
          line.from().x().min(line.to().x()),
          line.from().x().max(line.to().x()));
    }
    return line("cut.slit", line, slit.label());
  }

  private static Message line(String key, Segment line, String label) {
    Point from = line.from();
    Point to = line.to();
    return Message.of(key, label, from.x(), from.y(), to.x(), to.y());
  }

  private static Message opening(Opening opening) {
    if (opening.round().isPresent()) {
      Opening.Round round = opening.round().get();
      String key = opening.kind() == Opening.Kind.NOTCH ? "cut.notch" : "cut.circle";
      return Message.of(
          key, opening.label(), round.radius().times(2), round.centre().x(), round.centre().y());
    }
    Area box = opening.box();
    if (opening.isFree()) {
      return Message.of("cut.shape", opening.label(), Written.briefSize(box.width(), box.height()));
    }
    return Message.of(
        "cut.slot", opening.label(), box.width(), box.height(), box.at().x(), box.at().y());
  }

  /**
   * Says the whole cut by itself: how the piece is folded for it, where, how, and what has to wait.
   *
   * @return a few sentences
   */
  public Message told() {
    Message first =
        folded
            .map(Folded::words)
            .or(() -> with.map(other -> Message.of("cut.with", other.label())))
            .or(() -> flush.map(paper -> paper.turned(piece)))
            .orElse(Message.NONE);
    return first.followedBy(done());
  }

  /**
   * Says the cut to one before whom the piece already lies as it must: where, how, and what has to
   * wait for it.
   *
   * @return a few sentences
   */
  Message done() {
    Message words = direction.followedBy(manner);
    return before.isEmpty() ? words : Message.of("cut.before", words, before);
  }
}
