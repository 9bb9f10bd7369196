package cufflink.core.fold;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Joint;
import cufflink.core.design.Piece;
import cufflink.core.design.Stage;
import cufflink.core.flat.Crease;
import cufflink.core.flat.Facet;
import cufflink.core.flat.FlatPattern;
import cufflink.core.flat.Spot;
import cufflink.core.measure.Tolerance;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The paper of a card that hangs together: its base and all that is glued onto it, its facets and
 * creases numbered through. The corners of a facet are in the frame of its own piece.
 *
 * @param members the pieces, the base first
 * @param facets the facets of all pieces
 * @param creases the creases of all pieces
 * @param hinges the lines about which pieces turn on their hosts
 */
public record Assembly(
    List<Member> members, List<Facet> facets, List<Crease> creases, List<Hinge> hinges) {
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
   * Two facets that are glued face to face.
   *
   * @param host the facet that was there before
   * @param facet the facet that is glued on
   * @param inside whether it is glued to the inside of the host
   * @param placement how the glued piece lies in the host piece's frame
   */
  public record Glue(int host, int facet, boolean inside, Motion placement) {}

  /**
   * A line about which a piece turns on its host. Its angle comes after those of the creases.
   *
   * @param name the name of its angle in stages
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
      String name,
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
    Builder builder = new Builder(List.of());
    builder.add(flat, Optional.empty(), List.of());
    return builder.assembly();
  }

  /**
   * Puts a card together. A joint is left out if its piece is glued to itself, is only half used,
   * or fits its place neither whole nor with one of its facets.
   *
   * @param design the card
   * @param base its first piece, divided into facets
   * @return the base with all that is glued onto it, directly or over other pieces
   */
  public static Assembly of(Design design, FlatPattern base) {
    Builder builder = new Builder(design.stages());
    builder.add(base, Optional.empty(), List.of());
    for (Joint joint : design.joints()) {
      Optional<Piece> piece =
          design
              .piece(joint.piece())
              .filter(each -> !joint.piece().equals(joint.on()) || !joint.about().isEmpty());
      piece.ifPresent(each -> builder.join(joint, each));
    }
    return builder.assembly();
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
   * Returns the piece a facet is part of.
   *
   * @param facet the facet's number
   * @return the piece
   */
  public Piece pieceOf(int facet) {
    return members.get(memberOf(facet)).flat().piece();
  }

  /** Returns what joins the facets: creases, each with the angle of its number, and glue. */
  List<Link> links() {
    List<Link> links = new ArrayList<>();
    for (int i = 0; i < creases.size(); i++) {
      Crease crease = creases.get(i);
      Spot inside = facets.get(crease.second()).beside(crease.from(), crease.to());
      links.add(
          new Link(
              crease.first(), crease.second(), i, crease.from(), crease.to(), inside, Motion.REST));
    }
    for (Member member : members) {
      for (Glue glue : member.glue()) {
        List<Spot> corners = facets.get(glue.facet()).corners();
        links.add(
            new Link(
                glue.host(),
                glue.facet(),
                Link.GLUED,
                corners.get(0),
                corners.get(1),
                facets.get(glue.facet()).beside(corners.get(0), corners.get(1)),
                glue.placement()));
      }
    }
    addHinges(links);
    return links;
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
      links.add(
          new Link(
              first,
              second,
              creases.size() + i,
              hinge.from(),
              hinge.to(),
              hinge.inner(),
              again ? Motion.REST : hinge.placement()));
    }
  }

  /** Returns how many places there are that move: facets, and what is between two hinges. */
  int bodies() {
    return links().stream().mapToInt(link -> Math.max(link.first(), link.second())).max().orElse(0)
        + 1;
  }

  /** Returns how many angles there are: of creases and of hinges. */
  int angles() {
    return creases.size() + hinges.size();
  }

  /**
   * Says which of two facets that never move against each other lies on the inside of the other, by
   * the order in which their pieces were glued on.
   *
   * @param facet one facet
   * @param other the other facet
   * @return 1 if the first does, −1 if the second does, 0 if they are of one piece
   */
  int glued(int facet, int other) {
    return Integer.signum(rank(memberOf(facet)) - rank(memberOf(other)));
  }

  private int rank(int member) {
    List<Glue> glue = members.get(member).glue();
    if (!glue.isEmpty()) {
      return rank(member, glue.get(0).host(), glue.get(0).inside());
    }
    return hinges.stream()
        .filter(hinge -> memberOf(hinge.facet()) == member)
        .map(hinge -> rank(member, hinge.host(), hinge.inside()))
        .findFirst()
        .orElse(0);
  }

  private int rank(int member, int hostFacet, boolean inside) {
    return rank(memberOf(hostFacet)) * (members.size() + 1) + (inside ? member : -member);
  }

  /** Puts pieces together one after another. */
  private static final class Builder {
    /** How far beside a line a place is taken to say which side is meant, in millimetres. */
    private static final double BESIDE = 0.5;

    private final List<Member> members = new ArrayList<>();
    private final List<Facet> facets = new ArrayList<>();
    private final List<Crease> creases = new ArrayList<>();
    private final List<Hinge> hinges = new ArrayList<>();
    private final Map<String, FlatPattern> flats = new HashMap<>();
    private final List<Stage> stages;

    Builder(List<Stage> stages) {
      this.stages = stages;
    }

    void add(FlatPattern flat, Optional<Joint> joint, List<Glue> glue) {
      int first = facets.size();
      members.add(new Member(flat, first, creases.size(), joint, glue));
      flat.facets().forEach(each -> facets.add(new Facet(first + each.index(), each.corners())));
      flat.creases()
          .forEach(
              each ->
                  creases.add(
                      new Crease(
                          each.score(),
                          first + each.first(),
                          first + each.second(),
                          each.from(),
                          each.to())));
    }

    void join(Joint joint, Piece piece) {
      Optional<Member> host = host(joint.on());
      FlatPattern flat =
          flats.computeIfAbsent(piece.id(), each -> FlatPattern.of(piece, Tolerance.PAPER));
      Optional<Placement.Placed> placed = Placement.of(joint, flat);
      if (host.isEmpty() || placed.isEmpty()) {
        return;
      }
      if (!joint.about().isEmpty()) {
        hang(joint, host.get(), flat, placed.get().motion());
        return;
      }
      List<Glue> glue = glue(joint, host.get(), flat, placed.get());
      if (!glue.isEmpty()) {
        add(flat, Optional.of(joint), glue);
      }
    }

    /** Hangs a piece on its host by the lines about which it turns. */
    private void hang(Joint joint, Member host, FlatPattern flat, Motion placement) {
      int first = facets.size();
      List<Hinge> lines = new ArrayList<>();
      for (int i = 0; i < joint.about().size(); i++) {
        Spot from = Spot.from(joint.about().get(i).from());
        Spot to = Spot.from(joint.about().get(i).to());
        Spot middle = new Spot((from.x() + to.x()) / 2, (from.y() + to.y()) / 2);
        Spot inner = towards(middle, placement.apply(centre(flat)));
        Optional<Facet> hostFacet = at(host.flat(), inner).or(() -> at(host.flat(), middle));
        Optional<Facet> facet = at(flat, onPiece(placement, inner));
        if (hostFacet.isPresent() && facet.isPresent()) {
          lines.add(
              new Hinge(
                  joint.hinge(i),
                  host.firstFacet() + hostFacet.get().index(),
                  first + facet.get().index(),
                  onPiece(placement, from),
                  onPiece(placement, to),
                  onPiece(placement, inner),
                  placement,
                  joint.face() == Face.INSIDE,
                  joint.either()));
        }
      }
      if (lines.size() == joint.about().size()) {
        add(flat, Optional.of(joint), List.of());
        hinges.addAll(lines);
      }
    }

    private static Spot centre(FlatPattern flat) {
      double width = flat.piece().width().toMillimetres();
      return new Spot(width / 2, flat.piece().height().toMillimetres() / 2);
    }

    /** Returns a place a little way from a line's middle towards the middle of the piece. */
    private static Spot towards(Spot middle, Vec centre) {
      double x = centre.x() - middle.x();
      double y = centre.y() - middle.y();
      double share = BESIDE / Math.max(BESIDE, Math.hypot(x, y));
      return new Spot(middle.x() + x * share, middle.y() + y * share);
    }

    private static Spot onPiece(Motion placement, Spot place) {
      Vec on = placement.inverse().apply(place);
      return new Spot(on.x(), on.y());
    }

    private Optional<Member> host(String piece) {
      return members.stream()
          .filter(each -> each.flat().piece().id().equals(piece))
          .reduce((first, last) -> last);
    }

    /** Finds which facets meet in the glue once the piece has been folded by itself. */
    private List<Glue> glue(Joint joint, Member host, FlatPattern flat, Placement.Placed placed) {
      boolean inside = joint.face() == Face.INSIDE;
      FoldedPiece folded = new FoldedPiece(flat, stages, placed.facet());
      Set<Glue> glue = new LinkedHashSet<>();
      for (Spot place : Placement.glued(joint)) {
        Vec on = placed.motion().inverse().apply(place);
        OptionalInt facet = folded.facetAt(new Spot(on.x(), on.y()), inside);
        Optional<Facet> hostFacet = at(host.flat(), place);
        if (hostFacet.isPresent() && facet.isPresent()) {
          glue.add(
              new Glue(
                  host.firstFacet() + hostFacet.get().index(),
                  facets.size() + facet.getAsInt(),
                  inside,
                  placed.motion().after(folded.motion(facet.getAsInt()))));
        }
      }
      return List.copyOf(glue);
    }

    private static Optional<Facet> at(FlatPattern flat, Spot place) {
      return flat.facets().stream()
          .filter(facet -> Facet.holds(facet.polygon(), place))
          .findFirst();
    }

    Assembly assembly() {
      return new Assembly(members, facets, creases, hinges);
    }
  }
}
