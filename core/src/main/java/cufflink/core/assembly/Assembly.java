package cufflink.core.assembly;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Mover;
import cufflink.core.design.Piece;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerances;
import cufflink.core.space.Motion;
import cufflink.core.space.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The paper of a card that hangs together: its base and all that is glued onto it, its facets and
 * creases numbered through. The corners of a facet are in the frame of its own piece.
 *
 * @param members the pieces, the base first
 * @param facets the facets of all pieces
 * @param creases the creases of all pieces
 * @param hinges the lines about which pieces turn on their hosts
 * @param slides the ways along which pieces slide on their hosts
 */
public record Assembly(
    List<Member> members,
    List<Facet> facets,
    List<Crease> creases,
    List<Hinge> hinges,
    List<Slide> slides) {
  /**
   * A piece in the card.
   *
   * @param flat the piece, divided into facets
   * @param firstFacet the number of its first facet
   * @param firstCrease the number of its first crease
   * @param joint how it is glued on; empty for the base
   * @param glue where it is glued, empty for the base
   */
  public record Member(
      FlatPattern flat, int firstFacet, int firstCrease, Optional<Joint> joint, List<Glue> glue) {
    /** Copies the list. */
    public Member {
      glue = List.copyOf(glue);
    }
  }

  /**
   * Two facets that keep to each other face to face.
   *
   * @param host the facet that was there before
   * @param facet the facet that is glued on
   * @param inside whether it lies on the inside of the host
   * @param placement how the glued piece lies in the host piece's frame
   * @param hold what keeps them to each other
   */
  public record Glue(int host, int facet, boolean inside, Motion placement, Hold hold) {
    /**
     * Says whether no glue is between them.
     *
     * @return true for what is woven
     */
    public boolean dry() {
      return hold != Hold.GLUED;
    }
  }

  /** What keeps two facets to each other. */
  public enum Hold {
    /** Adhesive. */
    GLUED,
    /** A weave. */
    WOVEN,
    /** Nothing: they lie on each other for as long as what they hang on lets them. */
    LOOSE
  }

  /**
   * A facet that slides on its host. Its distance comes after the angles of creases and hinges.
   *
   * @param mover its distance in stages
   * @param host the facet of the host
   * @param facet the facet of the piece
   * @param towards where it slides, in the host piece's frame
   * @param placement how the piece lies in the host's frame at first
   * @param inside whether it lies on the inside of its host
   * @param alone whether nothing else joins the piece to the card
   * @param under the pieces that hold it down
   */
  public record Slide(
      Mover.Slide mover,
      int host,
      int facet,
      Vec towards,
      Motion placement,
      boolean inside,
      boolean alone,
      List<String> under) {
    /** Copies the list. */
    public Slide {
      under = List.copyOf(under);
    }
  }

  /**
   * A line about which a piece turns on its host. Its angle comes after those of the creases.
   *
   * @param mover its angle in stages
   * @param host the facet of the host
   * @param facet the facet of the piece
   * @param from one end, on the piece
   * @param to the other end
   * @param inner a place of the piece beside the line; angles above zero lift it to the inside
   * @param placement how the piece lies in the host's frame at first
   * @param inside whether it lies on the inside of its host
   * @param either whether other hinges of the same joint turn for themselves
   */
  public record Hinge(
      Mover.Hinge mover,
      int host,
      int facet,
      Spot from,
      Spot to,
      Spot inner,
      Motion placement,
      boolean inside,
      boolean either) {}

  /** Copies the lists. */
  public Assembly {
    hinges = List.copyOf(hinges);
    slides = List.copyOf(slides);
    members = List.copyOf(members);
    facets = List.copyOf(facets);
    creases = List.copyOf(creases);
  }

  /**
   * Takes one piece for itself.
   *
   * @param flat the piece, divided into facets
   * @return an assembly of one member
   */
  public static Assembly of(FlatPattern flat) {
    Member only = new Member(flat, 0, 0, Optional.empty(), List.of());
    return new Assembly(List.of(only), flat.facets(), flat.creases(), List.of(), List.of());
  }

  /**
   * Returns the member a facet belongs to.
   *
   * @param facet the facet's number
   * @return its index
   */
  public int memberOf(int facet) {
    int member = members.size() - 1;
    while (members.get(member).firstFacet() > facet) {
      member--;
    }
    return member;
  }

  /**
   * Finds a copy of a piece.
   *
   * @param piece the piece, by its id
   * @param by the joint that puts on the copy that is meant; empty for the first one
   * @return nothing if the piece is not put together with the card
   */
  public Optional<Member> copy(String piece, Optional<String> by) {
    return members.stream()
        .filter(each -> each.flat().piece().id().equals(piece))
        .filter(each -> by.isEmpty() || each.joint().map(Joint::id).equals(by))
        .findFirst();
  }

  /**
   * Finds the copy of a piece that something is put on.
   *
   * @param joint a joint
   * @param design the card it belongs to
   * @return the copy that was put on last before it; nothing if the piece is not put together with
   *     the card
   */
  public Optional<Member> host(Joint joint, Design design) {
    return design
        .host(joint)
        .flatMap(by -> copy(joint.on(), Optional.of(by.id())))
        .or(() -> copy(joint.on(), Optional.empty()));
  }

  /**
   * Returns the piece a facet is part of.
   *
   * @param facet the facet's number
   * @return the piece
   */
  public Piece pieceOf(int facet) {
    return members.get(memberOf(facet)).flat().piece();
  }

  /**
   * Returns how near is equal.
   *
   * @return the tolerances of its first piece
   */
  public Tolerances tolerances() {
    return members.get(0).flat().tolerances();
  }

  /** Returns what joins the facets: creases, each with the angle of its number, and glue. */
  public List<Link> links() {
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < creases.size(); i++) {
      Crease crease = creases.get(i);
      Spot inside = facets.get(crease.second()).beside(crease.from(), crease.to());
      links.add(
          Link.turning(
              crease.first(),
              crease.second(),
              i,
              new Link.Axle(crease.from(), crease.to(), inside),
              Motion.REST));
    }
    for (Member member : members) {
      List<Glue> held = member.glue().stream().filter(each -> each.hold() != Hold.LOOSE).toList();
      for (Glue glue : held) {
        Link link = link(glue.host(), glue.facet(), Link.GLUED, glue.placement(), Vec.ZERO);
        links.add(glue.equals(held.get(0)) ? link : link.later());
      }
    }
    addHinges(links);
    for (int i = 0; i < slides.size(); i++) {
      Slide slide = slides.get(i);
      int angle = creases.size() + hinges.size() + i;
      Link link = link(slide.host(), slide.facet(), angle, slide.placement(), slide.towards());
      links.add(slide.alone() ? link : link.later());
    }
    return links;
  }

  /** A link that does not turn is measured by the first side of its facet. */
  private Link link(int host, int facet, int angle, Motion placement, Vec slide) {
    Spot from = facets.get(facet).corners().get(0);
    Spot to = facets.get(facet).corners().get(1);
    Spot beside = facets.get(facet).beside(from, to);
    return new Link(host, facet, angle, new Link.Axle(from, to, beside), placement, slide, false);
  }

  /**
   * A piece that turns about one line or another hangs on them one after the other: between two
   * lines there is a place that is no paper.
   */
  private void addHinges(List<Link> links) {
    int between = facets.size();
    for (int i = 0; i < hinges.size(); i++) {
      Hinge hinge = hinges.get(i);
      boolean again = i > 0 && hinge.either() && hinges.get(i - 1).facet() == hinge.facet();
      boolean more =
          i + 1 < hinges.size() && hinge.either() && hinges.get(i + 1).facet() == hinge.facet();
      int first = again ? between - 1 : hinge.host();
      int second = more ? between++ : hinge.facet();
      Link link =
          Link.turning(
              first,
              second,
              creases.size() + i,
              new Link.Axle(hinge.from(), hinge.to(), hinge.inner()),
              again ? Motion.REST : hinge.placement());
      boolean closes =
          !hinge.either()
              && hinges.subList(0, i).stream()
                  .anyMatch(before -> memberOf(before.facet()) == memberOf(hinge.facet()));
      links.add(closes ? link.later() : link);
    }
  }

  /** Returns how many places there are that move: facets, and what is between two hinges. */
  public int bodies() {
    int joined =
        links().stream()
            .mapToInt(link -> Math.max(link.first(), link.second()) + 1)
            .max()
            .orElse(0);
    return Math.max(facets.size(), joined);
  }

  /** Returns how many amounts there are: angles of creases and hinges, distances of slides. */
  public int angles() {
    return creases.size() + hinges.size() + slides.size();
  }
}
