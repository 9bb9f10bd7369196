package cufflink.core.cut;

import java.util.List;

/**
 * What is to be cut, and from what.
 *
 * @param parts what is to be cut, all from the same paper
 * @param stock what it can be cut from: off-cuts as far as they go, sheets as many as it takes
 * @param trimmer what it is cut with
 */
public record CutQuestion(List<Part> parts, List<Stock> stock, Trimmer trimmer) {
  /** Copies the lists. */
  public CutQuestion {
    parts = List.copyOf(parts);
    stock = List.copyOf(stock);
  }

  /**
   * Returns how many parts there are in all.
   *
   * @return the sum of their counts
   */
  public long pieces() {
    return parts.stream().mapToLong(Part::count).sum();
  }
}
