package cufflink.core.cut;

import cufflink.core.words.Message;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How all parts are cut.
 *
 * @param sheets the sheets, off-cuts first
 * @param bound the fewest new sheets that any guillotine plan can do with
 * @param problems what could not be planned and why; the parts concerned are on no sheet
 */
public record CutPlan(List<CutSheet> sheets, int bound, List<Message> problems) {
  /** Copies the lists. */
  public CutPlan {
    sheets = List.copyOf(sheets);
    problems = List.copyOf(problems);
  }

  /**
   * Returns how many new sheets are cut into.
   *
   * @return the number, off-cuts not counted
   */
  public int newSheets() {
    return sheets.stream().filter(sheet -> !sheet.stock().offCut()).mapToInt(CutSheet::times).sum();
  }

  /**
   * Says whether no plan can do with fewer new sheets.
   *
   * @return true if this is proven
   */
  public boolean isLeast() {
    return newSheets() <= bound;
  }

  /**
   * Returns the largest paper that is left in one piece.
   *
   * @return it, if anything is left
   */
  public Optional<Layout> largestSpare() {
    return sheets.stream()
        .flatMap(sheet -> sheet.layout().largestSpare().stream())
        .map(Layout.Placed::what)
        .max(java.util.Comparator.comparingDouble(Layout::area));
  }

  /**
   * Returns the share of the sheets' area that no part needs.
   *
   * @return from 0 to 1; 0 if there are no sheets
   */
  public double waste() {
    double whole = 0;
    double used = 0;
    for (CutSheet sheet : sheets) {
      whole += sheet.times() * Layout.area(sheet.layout());
      for (Layout.Placed placed : sheet.layout().leaves()) {
        if (placed.what() instanceof Layout.Cut) {
          used += sheet.times() * Layout.area(placed.what());
        }
      }
    }
    return whole == 0 ? 0 : 1 - used / whole;
  }

  /**
   * Returns how many of each stock are needed.
   *
   * @return numbers by stock, in the order of the sheets
   */
  public Map<Stock, Integer> takes() {
    Map<Stock, Integer> takes = new LinkedHashMap<>();
    sheets.forEach(sheet -> takes.merge(sheet.stock(), sheet.times(), Integer::sum));
    return takes;
  }
}
