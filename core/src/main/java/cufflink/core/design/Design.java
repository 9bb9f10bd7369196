package cufflink.core.design;

import cufflink.core.measure.Length;
import cufflink.core.paper.PaperRole;
import cufflink.core.plane.Area;
import cufflink.core.plane.Point;
import cufflink.core.plane.Side;
import cufflink.core.words.Message;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A construction with all its numbers: the one thing that drawings, checks, folding and plans are
 * derived from.
 *
 * @param patternId the pattern it was made from
 * @param pieces the pieces to cut, the folded one first
 * @param layers the papers glued onto them
 * @param stages the folding in order, then what the closed card can do
 * @param rest a place on the first piece that stays on the table while the rest is folded
 * @param finishedWidth the width of the closed card that the pattern promises
 * @param finishedHeight the height of the closed card that the pattern promises
 * @param joints the pieces glued onto others
 * @param zones what must stay free of glue
 * @param pockets what can hold something
 * @param notes what is worth knowing about the card, such as how far it leans
 * @param relations what its parts have to do with each other, beside being glued
 */
public record Design(
    String patternId,
    List<Piece> pieces,
    List<Layer> layers,
    List<Stage> stages,
    Point rest,
    Length finishedWidth,
    Length finishedHeight,
    List<Joint> joints,
    List<Zone> zones,
    List<Pocket> pockets,
    List<Message> notes,
    List<Relation> relations) {

  /** What a part has to do with another one; each is checked. */
  public sealed interface Relation {
    /**
     * Something hangs over its host on purpose, such as a pull.
     *
     * @param part the id of a layer or joint
     */
    record Overhangs(String part) implements Relation {}

    /**
     * Only the ends of a piece are glued on, and it stands off between them like a handle.
     *
     * @param joint the id of the joint
     */
    record Arched(String joint) implements Relation {}

    /**
     * A piece is glued to itself, though it is one of several alike.
     *
     * @param joint the id of the joint
     */
    record Closes(String joint) implements Relation {}

    /**
     * A part is offered up before it is stuck down.
     *
     * @param joint the id of the joint
     * @param how how it is offered up
     */
    record Offered(String joint, How how) implements Relation {
      /** How something is offered up. */
      public enum How {
        /** Without glue, to see that it fits. */
        DRY,
        /** Its adhesive up, and the card is closed onto it. */
        CLOSED
      }
    }

    /**
     * One side of a part grips first, along its mark; the rest is laid down after it.
     *
     * @param joint the id of the joint
     * @param side the side, as its host lies inside up
     */
    record Grips(String joint, Side side) implements Relation {}

    /**
     * A piece goes into a pocket.
     *
     * @param piece the piece
     * @param pocket the id of the pocket
     */
    record Into(String piece, String pocket) implements Relation {}

    /**
     * A piece is glued onto a paper before that is glued on itself, and is then trimmed to its
     * edge.
     *
     * @param joint the id of the joint that says where the piece comes to lie
     * @param paper the id of the layer or joint of the paper, on the same piece and face
     */
    record Flush(String joint, String paper) implements Relation {}

    /**
     * The slits of a piece slot into those of another one, each into one of them.
     *
     * @param piece the piece
     * @param other the other one
     */
    record Mates(String piece, String other) implements Relation {}

    /**
     * A piece goes once round the closed card.
     *
     * @param piece the piece, whose width is its length
     * @param around the side of the closed card that it goes along, on the front and on the back
     * @param tied whether its ends are tied in a bow on the front; else they meet at the back
     */
    record Wraps(String piece, Length around, boolean tied) implements Relation {}

    /**
     * Something is to be seen, or not to be seen, of the finished card.
     *
     * @param part the id of a layer or joint
     * @param when when it is first seen
     */
    record Seen(String part, When when) implements Relation {
      /** When something is seen. */
      public enum When {
        /** On the closed card, from the front or from behind. */
        CLOSED,
        /** On the closed card, from the front. */
        FRONT,
        /** On the closed card, from behind. */
        BACK,
        /** Only once the card is opened or worked. */
        OPEN,
        /** At no time: something lies over it. */
        NEVER
      }
    }

    /**
     * A part takes something besides paper, such as a brad or a magnet.
     *
     * @param part the id of a piece, layer or joint
     * @param what its name
     * @param count how many for each, at least one
     */
    record Takes(String part, String what, int count) implements Relation {}

    /**
     * Words stand on a piece.
     *
     * @param piece the id of the piece
     * @param width how wide they are, with letters a metre high
     * @param height how high all their lines are together
     * @param letters the outlines of the letters, without holes, from the upper left corner
     * @param room where on the piece there is room for them, if not all over
     */
    record Reads(
        String piece, Length width, Length height, List<List<Point>> letters, Optional<Area> room)
        implements Relation {
      /** Copies the lists. */
      public Reads {
        letters = letters.stream().map(List::copyOf).toList();
      }
    }

    /**
     * The closed card goes into a piece, such as a bag or an envelope.
     *
     * @param piece the piece
     * @param width the room in it from left to right
     * @param height the room in it from top to bottom
     * @param depth how deep it is; nought if its two sides lie on each other
     */
    record Serves(String piece, Length width, Length height, Length depth) implements Relation {}
  }

  /** Copies the lists. */
  public Design {
    pieces = List.copyOf(pieces);
    layers = List.copyOf(layers);
    stages = List.copyOf(stages);
    joints = List.copyOf(joints);
    zones = List.copyOf(zones);
    pockets = List.copyOf(pockets);
    notes = List.copyOf(notes);
    relations = List.copyOf(relations);
    if (pieces.isEmpty()) {
      throw new IllegalArgumentException("the design " + patternId + " has no piece");
    }
  }

  /**
   * Makes a design of one kind of piece, with nothing glued onto it but layers.
   *
   * @param patternId the pattern it was made from
   * @param pieces the pieces to cut, the folded one first
   * @param layers the papers glued onto them
   * @param stages the folding, in order
   * @param rest a place on the first piece that stays on the table
   * @param finishedWidth the width of the closed card
   * @param finishedHeight the height of the closed card
   */
  public Design(
      String patternId,
      List<Piece> pieces,
      List<Layer> layers,
      List<Stage> stages,
      Point rest,
      Length finishedWidth,
      Length finishedHeight) {
    this(
        patternId,
        pieces,
        layers,
        stages,
        rest,
        finishedWidth,
        finishedHeight,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  /**
   * Says whether something may hang over its host.
   *
   * @param part the id of a layer or joint
   * @return true if its pattern says so
   */
  public boolean overhangs(String part) {
    return relations.contains(new Relation.Overhangs(part));
  }

  /**
   * Says whether a joint glues a piece to itself. One on a piece of its own kind may also put
   * another copy there, or fold one over along a line.
   *
   * @param joint a joint of this design
   * @return true if it is a seam
   */
  public boolean isSeam(Joint joint) {
    boolean isAlone = piece(joint.piece()).filter(each -> each.count() == 1).isPresent();
    return joint.piece().equals(joint.on())
        && joint.movement().isFast()
        && (isAlone || relations.contains(new Relation.Closes(joint.id())));
  }

  /** Returns the same card of other parts, folded and finished as this one is. */
  public Design of(
      List<Piece> nowPieces, List<Layer> nowLayers, List<Joint> nowJoints, List<Relation> now) {
    return new Design(
        patternId,
        nowPieces,
        nowLayers,
        stages,
        rest,
        finishedWidth,
        finishedHeight,
        nowJoints,
        zones,
        pockets,
        notes,
        now);
  }

  /** Says whether a joint puts a piece on another, or on a copy of itself, and closes none. */
  public boolean isJoining(Joint joint) {
    return !joint.piece().equals(joint.on())
        || !isSeam(joint) && piece(joint.piece()).filter(each -> each.count() > 1).isPresent();
  }

  /**
   * Finds which of several equal pieces is meant: what goes on such a piece goes on the one that a
   * joint put there last before it.
   *
   * @param joint a joint of this design
   * @return the joint that puts on the piece that this one goes on; empty if none does
   */
  public Optional<Joint> host(Joint joint) {
    Optional<Joint> last = Optional.empty();
    boolean isBefore = true;
    for (Joint each : joints) {
      isBefore &= !each.equals(joint);
      // What is put on only later has been worked on before that.
      boolean counts = isBefore || last.isEmpty() && !joint.on().equals(base().id());
      if (counts && each.piece().equals(joint.on()) && isJoining(each)) {
        last = Optional.of(each);
      }
    }
    return last;
  }

  /**
   * Returns what is glued onto a paper and trimmed to its edge before that is glued on.
   *
   * @param paper the id of a layer or joint
   * @return the joints that have been made when the paper is put on
   */
  public List<Joint> carried(String paper) {
    return relations(Relation.Flush.class).stream()
        .filter(each -> each.paper().equals(paper))
        .flatMap(each -> joints.stream().filter(joint -> joint.id().equals(each.joint())))
        .toList();
  }

  /**
   * Returns the relations of one kind.
   *
   * @param <T> the kind
   * @param kind the kind
   * @return the relations in the order of the pattern
   */
  public <T extends Relation> List<T> relations(Class<T> kind) {
    return relations.stream().filter(kind::isInstance).map(kind::cast).toList();
  }

  /**
   * Returns the piece that is folded.
   *
   * @return the first piece
   */
  public Piece base() {
    return pieces.get(0);
  }

  /**
   * Finds a piece.
   *
   * @param id its id
   * @return the piece, if the design has it
   */
  public Optional<Piece> piece(String id) {
    return pieces.stream().filter(piece -> piece.id().equals(id)).findFirst();
  }

  /**
   * Says how many papers a layer takes: each copy of its piece has one.
   *
   * @param layer the layer
   * @return at least one
   */
  public int count(Layer layer) {
    return piece(layer.on()).map(Piece::count).orElse(1);
  }

  /**
   * Returns what papers are for in this card.
   *
   * @return the roles of its pieces and layers: the usual ones first, then those of its pattern
   */
  public List<PaperRole> roles() {
    Set<PaperRole> roles = new LinkedHashSet<>();
    pieces.forEach(piece -> roles.add(piece.role()));
    layers.forEach(layer -> roles.add(layer.role()));
    return roles.stream()
        .sorted(Comparator.comparing(PaperRole::isUsual).reversed().thenComparing(PaperRole::kind))
        .toList();
  }

  /**
   * Returns the joints that are glued fast; the others say how pieces move on each other.
   *
   * @return the glued joints in order
   */
  public List<Joint> glued() {
    return joints.stream().filter(joint -> joint.movement().isFast()).toList();
  }

  /**
   * Finds the piece from whose cut-away another is cut.
   *
   * @param piece the other piece
   * @return nothing if it takes paper of its own
   */
  public Optional<Piece> source(Piece piece) {
    return pieces.stream().filter(each -> each.id().equals(piece.from())).findFirst();
  }

  /**
   * Finds the piece that another is the mirror image of.
   *
   * @param piece the other piece
   * @return nothing if it is made by itself
   */
  public Optional<Piece> mirrored(Piece piece) {
    return pieces.stream().filter(each -> each.id().equals(piece.mirrors())).findFirst();
  }
}
