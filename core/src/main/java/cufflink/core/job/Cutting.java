package cufflink.core.job;

import cufflink.core.cut.Trimmer;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * From which sheets a job is cut, and with what.
 *
 * @param sheets the sheets to buy, by the id of the role of their paper, as far as the maker has
 *     said
 * @param trimmer what the maker cuts with
 */
public record Cutting(Map<String, Sheet> sheets, Trimmer trimmer) {
  /** A maker who has said nothing. */
  public static final Cutting USUAL = new Cutting(Map.of(), Trimmer.USUAL);

  /** Copies the sheets. */
  public Cutting {
    sheets = Collections.unmodifiableMap(new TreeMap<>(sheets));
  }

  /**
   * Returns the sheets of a paper.
   *
   * @param role what the paper is for; ribbon does not come in sheets
   * @return the sheet, if the maker has said; of a role that a pattern has named, else that of the
   *     usual paper of its kind
   */
  public Optional<Sheet> sheet(PaperRole role) {
    if (role.kind() == PaperKind.RIBBON) {
      return Optional.empty();
    }
    Sheet own = sheets.get(role.id());
    return Optional.ofNullable(own == null ? sheets.get(PaperRole.of(role.kind()).id()) : own);
  }

  /** Returns the same with other sheets for a paper. */
  public Cutting withSheet(PaperRole role, Sheet sheet) {
    Map<String, Sheet> now = new TreeMap<>(sheets);
    now.put(role.id(), sheet);
    return new Cutting(now, trimmer);
  }

  /** Returns the same as if nothing had been said of the sheets for a paper. */
  public Cutting withoutSheet(PaperRole role) {
    Map<String, Sheet> now = new TreeMap<>(sheets);
    now.remove(role.id());
    return new Cutting(now, trimmer);
  }

  /** Returns the same with another trimmer. */
  public Cutting withTrimmer(Trimmer now) {
    return new Cutting(sheets, now);
  }
}
