package cufflink.desktop.slip;

import java.util.List;

/**
 * A part of the slip under one heading.
 *
 * @param title the heading
 * @param remark a sentence below it, or an empty text
 * @param rows its lines
 */
public record SlipSection(String title, String remark, List<SlipRow> rows) {
  /** Copies the rows. */
  public SlipSection {
    rows = List.copyOf(rows);
  }
}
