package cufflink.core.paper;

import java.util.Collections;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;

/**
 * The papers of a job, by what they are for.
 *
 * @param byRole the papers that the maker has chosen, by the id of their role
 * @param colours what they look like, by the id of their role; what is left out is pictured as its
 *     construction says
 */
public record Papers(Map<String, Paper> byRole, Map<String, Colours> colours) {
  /** What a maker has who has said nothing. */
  public static final Papers USUAL = new Papers(Map.of(), Map.of());

  /**
   * What a paper looks like.
   *
   * @param ground its own colour
   * @param ink the colour of what is printed on it, and of a mat under it
   * @param motif what is printed
   */
  public record Colours(Tint ground, Tint ink, Motif motif) {
    /** Checks that nothing is missing. */
    public Colours {
      Objects.requireNonNull(ground);
      Objects.requireNonNull(ink);
      Objects.requireNonNull(motif);
    }

    /** Returns the same print on another ground. */
    public Colours on(Tint now) {
      return new Colours(now, ink, motif);
    }

    /** Returns the same print in another ink. */
    public Colours in(Tint now) {
      return new Colours(ground, now, motif);
    }

    /** Returns another print in the same colours. */
    public Colours with(Motif now) {
      return new Colours(ground, ink, now);
    }
  }

  /** Copies the papers, and leaves out what goes without saying. */
  public Papers {
    colours = Collections.unmodifiableMap(new TreeMap<>(colours));
    Map<String, Paper> chosen = new TreeMap<>(byRole);
    chosen.remove(PaperRole.CARDSTOCK.id(), Paper.CARD);
    chosen.remove(PaperRole.PATTERNED.id(), Paper.PATTERNED);
    byRole = Collections.unmodifiableMap(chosen);
  }

  /**
   * Makes the papers of a card that needs only two.
   *
   * @param card what the folded pieces are cut from
   * @param patterned what the layers are cut from
   */
  public Papers(Paper card, Paper patterned) {
    this(Map.of(PaperRole.CARDSTOCK.id(), card, PaperRole.PATTERNED.id(), patterned), Map.of());
  }

  /**
   * Returns the paper for a role.
   *
   * @param role what it is for; ribbon is taken to be as thick as patterned paper
   * @return what the maker has chosen for it, or else the paper of its kind
   */
  public Paper of(PaperRole role) {
    Paper chosen = byRole.get(role.id());
    if (chosen != null) {
      return chosen;
    }
    if (role.kind() == PaperKind.CARDSTOCK) {
      return byRole.getOrDefault(PaperRole.CARDSTOCK.id(), Paper.CARD);
    }
    return byRole.getOrDefault(PaperRole.PATTERNED.id(), Paper.PATTERNED);
  }

  /**
   * Returns the same with another paper for a role.
   *
   * @param role what it is for
   * @param paper the paper
   * @return the papers
   */
  public Papers with(PaperRole role, Paper paper) {
    Map<String, Paper> now = new TreeMap<>(byRole);
    now.put(role.id(), paper);
    return new Papers(now, colours);
  }

  /**
   * Returns the same with one of them looking otherwise.
   *
   * @param role what it is for
   * @param now what it looks like
   * @return the papers
   */
  public Papers looking(PaperRole role, Colours now) {
    Map<String, Colours> all = new TreeMap<>(colours);
    all.put(role.id(), now);
    return new Papers(byRole, all);
  }

  /**
   * Returns what the folded pieces are cut from.
   *
   * @return the paper of the usual cardstock
   */
  public Paper card() {
    return of(PaperRole.CARDSTOCK);
  }

  /**
   * Returns what the layers are cut from.
   *
   * @return the usual patterned paper
   */
  public Paper patterned() {
    return of(PaperRole.PATTERNED);
  }
}
