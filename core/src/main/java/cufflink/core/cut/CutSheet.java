package cufflink.core.cut;

/**
 * A sheet and how it is cut.
 *
 * @param stock what it is
 * @param layout how it is cut, as the sheet lies with its width along the top
 * @param times how many sheets are cut like this, above zero
 */
public record CutSheet(Stock stock, Layout layout, int times) {
  /** Checks that the layout is of the sheet. */
  public CutSheet {
    if (!layout.width().equals(stock.width())
        || !layout.height().equals(stock.height())
        || times < 1) {
      throw new IllegalArgumentException(
          times + " of " + layout.width() + " by " + layout.height() + " from " + stock);
    }
  }
}
