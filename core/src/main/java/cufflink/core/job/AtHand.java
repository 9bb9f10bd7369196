package cufflink.core.job;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Layer;
import cufflink.core.design.Opening;
import cufflink.core.design.Piece;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Adhesive;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Material;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.run.Move;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What must lie on the table besides the paper, for all copies together. Amounts of adhesive are
 * estimates: common practice, no source.
 *
 * @param tools the tools that the moves use, in the order they are taken up
 * @param parts what goes into the cards besides paper, such as brads, and that such parts are small
 * @param used what is used up: adhesive to lay in a line, rounded up to whole centimetres or
 *     inches, dots, foam pads, and ribbons by their width
 */
public record AtHand(List<Message> tools, List<Message> parts, Sundries used) {
  /** Glue no longer than this either way is a dot. */
  private static final Length DOT = Length.ofMillimetres(13);

  /** Glue no wider than this is one line of tape; what is wider has tape along its edges. */
  private static final Length LINE = Length.ofMillimetres(15);

  /** Foam stands along the edges about so far apart, but at every corner. */
  private static final double PADS_APART = 45;

  /** A foam pad is about so large; common practice, no source. */
  private static final Length PAD = Length.ofMillimetres(15);

  private static final Length CENTIMETRE = Length.ofMillimetres(10);
  private static final Length INCH = Length.fromMillimetres(25.4);

  /** Copies the lists. */
  public AtHand {
    tools = List.copyOf(tools);
    parts = List.copyOf(parts);
  }

  /**
   * Lists what is needed.
   *
   * @param design the card
   * @param moves what is done with its pieces
   * @param order how many cards, and whether layers stand on foam
   * @param marks the maker's ruler
   * @return tools once, amounts for all copies
   */
  public static AtHand of(Design design, List<Move> moves, Order order, Marks marks) {
    int copies = order.copies();
    double line = 0;
    long dots = 0;
    long pads = 0;
    for (Layer layer : design.layers()) {
      double round = round(layer.outline());
      if (order.raised()) {
        pads +=
            (long) copies
                * design.count(layer)
                * Math.max(layer.outline().size(), (long) Math.ceil(round / PADS_APART));
      } else {
        line += copies * design.count(layer) * round;
      }
    }
    Map<Message, Long> through = new LinkedHashMap<>();
    for (Joint joint : design.joints()) {
      int cards = cards(joint, design, copies);
      Optional<Adhesive> with =
          Optional.ofNullable(order.own().with().get(joint.id())).or(joint::with);
      if (with.filter(Adhesive::goesThrough).isPresent()) {
        long places = Math.max(1, joint.glue().size());
        through.merge(with.get().label(), places * cards, Long::sum);
        continue;
      }
      line += cards * taped(joint);
      if (!joint.movement().isFast() || with.filter(Adhesive.NONE::equals).isPresent()) {
        continue;
      }
      for (Area area : joint.glue()) {
        if (with.filter(Adhesive.FOAM::equals).isPresent()) {
          pads += (long) cards * pads(area);
          continue;
        }
        boolean dot = area.width().max(area.height()).compareTo(DOT) <= 0;
        dots += dot ? cards : 0;
        line += dot ? 0 : cards * line(area);
      }
      line += joint.glue().isEmpty() ? cards * round(joint.outline()) : 0;
    }
    Map<Sundries.Kind, Long> used = new LinkedHashMap<>();
    for (Piece piece : design.pieces()) {
      if (piece.paper() == PaperKind.RIBBON) {
        Length wide = piece.width().min(piece.height());
        long all = piece.width().max(piece.height()).times(piece.total(copies)).units();
        used.merge(Sundries.Kind.ribbon(wide), all, Long::sum);
      }
    }
    Length step = marks.inInches() ? INCH : CENTIMETRE;
    long steps = (long) Math.ceil(line / step.toMillimetres());
    used.put(Sundries.Kind.of(Material.TAPE), steps * step.units());
    used.put(Sundries.Kind.of(Material.DOTS), dots);
    used.put(Sundries.Kind.of(Material.PADS), pads);
    used.values().removeIf(amount -> amount == 0);
    used.replaceAll((kind, amount) -> Math.min(Sundries.MOST, amount));
    return new AtHand(tools(moves), parts(design, copies, through), new Sundries(used));
  }

  /** One pad holds what is hardly larger than it is. */
  private static long pads(Area area) {
    List<Point> corners = area.corners();
    return area.width().max(area.height()).compareTo(PAD) <= 0
        ? 1
        : Math.max(corners.size(), (long) Math.ceil(round(corners) / PADS_APART));
  }

  private static int cards(Joint joint, Design design, int copies) {
    int first = design.piece(joint.piece()).map(Piece::cards).orElse(0);
    return Piece.Lot.all(copies).with(first);
  }

  /** Counts what is not paper, each kind once for all copies. */
  private static List<Message> parts(Design design, int copies, Map<Message, Long> through) {
    Map<String, Long> counts = new LinkedHashMap<>();
    for (Design.Relation.Takes takes : design.relations(Design.Relation.Takes.class)) {
      counts.merge(takes.what(), times(design, takes.part()) * takes.count() * copies, Long::sum);
    }
    List<Message> parts = new ArrayList<>();
    through.forEach((what, count) -> parts.add(Message.of("hand.parts", count, what)));
    if (through.containsKey(Adhesive.STAPLE.label())) {
      parts.add(Message.of("hand.points"));
    }
    boolean isSmall = !counts.isEmpty() || through.containsKey(Adhesive.BRAD.label());
    counts.forEach((what, count) -> parts.add(Message.of("hand.parts", count, what)));
    if (isSmall) {
      parts.add(Message.of("hand.small-parts"));
    }
    return parts;
  }

  /**
   * Returns how often a part is there in one card: a piece, a layer on each of several, a joint.
   */
  private static long times(Design design, String part) {
    return design
        .piece(part)
        .map(Piece::count)
        .or(
            () ->
                design.layers().stream()
                    .filter(layer -> layer.id().equals(part))
                    .map(design::count)
                    .findFirst())
        .orElse(1);
  }

  /** Returns how much tape holds a ribbon, in millimetres. */
  private static double taped(Joint joint) {
    return joint.movement().led().stream()
        .flatMap(led -> led.taken().stream())
        .mapToDouble(leg -> leg.taped().toMillimetres())
        .sum();
  }

  private static double line(Area area) {
    Length narrow = area.width().min(area.height());
    return narrow.compareTo(LINE) <= 0
        ? area.width().max(area.height()).toMillimetres()
        : round(area.corners());
  }

  /** Returns the way round an outline, in millimetres. */
  private static double round(List<Point> outline) {
    double round = 0;
    for (int i = 0; i < outline.size(); i++) {
      Point from = outline.get(i);
      Point to = outline.get((i + 1) % outline.size());
      round +=
          Math.hypot(
              to.x().minus(from.x()).toMillimetres(), to.y().minus(from.y()).toMillimetres());
    }
    return round;
  }

  private static List<Message> tools(List<Move> moves) {
    List<Message> tools = new ArrayList<>();
    tools.add(Message.of("hand.trimmer"));
    for (Move move : moves) {
      Message tool = tool(move);
      if (!tool.equals(Message.NONE) && !tools.contains(tool)) {
        tools.add(tool);
      }
    }
    return tools;
  }

  private static Message tool(Move move) {
    if (move instanceof Move.Press press) {
      return Message.of(press.stop().isPresent() ? "hand.board" : "hand.ruled");
    } else if (move instanceof Move.Cut || move instanceof Move.TrimTo) {
      return Message.of("hand.knife");
    } else if (move instanceof Move.CutOut) {
      return Message.of("hand.scissors");
    } else if (move instanceof Move.Open open) {
      return punch(open.opening());
    }
    return move instanceof Move.Crease ? Message.of("hand.folder") : Message.NONE;
  }

  private static Message punch(Opening opening) {
    if (opening.kind() == Opening.Kind.WINDOW) {
      return Message.of("hand.knife");
    }
    return opening
        .round()
        .map(round -> Message.of("hand.punch", round.radius().times(2)))
        .orElseGet(() -> Message.of("hand.slot-punch"));
  }

  /**
   * Says all that is needed.
   *
   * @return a line for each tool, adhesive and ribbon
   */
  public List<Message> told() {
    List<Message> told = new ArrayList<>(tools);
    told.addAll(parts);
    told.addAll(used.told());
    return told;
  }
}
