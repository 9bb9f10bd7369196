package cufflink.core.paper;

/**
 * The papers of a job.
 *
 * @param card what the folded pieces are cut from
 * @param patterned what the layers are cut from
 */
public record Papers(Paper card, Paper patterned) {
  /** What a maker has who has said nothing. */
  public static final Papers USUAL = new Papers(Paper.CARD, Paper.PATTERNED);
}
