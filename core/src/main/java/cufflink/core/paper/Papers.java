package cufflink.core.paper;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * The papers of a job, by what they are for.
 *
 * @param byRole the papers that the maker has chosen, by the id of their role
 */
public record Papers(Map<String, Paper> byRole) {
  /** What a maker has who has said nothing. */
  public static final Papers USUAL = new Papers(Map.of());

  /** Copies the papers, and leaves out what goes without saying. */
  public Papers {
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
    this(Map.of(PaperRole.CARDSTOCK.id(), card, PaperRole.PATTERNED.id(), patterned));
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
    return new Papers(now);
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
