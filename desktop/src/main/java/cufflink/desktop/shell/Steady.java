package cufflink.desktop.shell;

import cufflink.desktop.paper.FontBook;
import java.util.stream.Stream;
import javafx.scene.control.Labeled;

/** Keeps what is pressed where it is: as wide as the widest of all it may say. */
final class Steady {
  private static final double LETTERS = 16;
  private static final double PADDING = 36;
  private static final FontBook FONTS = new FontBook();

  private Steady() {}

  /** Makes room for every text, of which one is shown now. */
  static void width(Labeled labeled, String... texts) {
    double widest =
        Stream.of(texts).mapToDouble(text -> FONTS.width(text, LETTERS)).max().orElse(0);
    labeled.setMinWidth(Math.ceil(widest + PADDING));
    labeled.setPrefWidth(labeled.getMinWidth());
  }
}
