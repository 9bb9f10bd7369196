package cufflink.desktop.paper;

import cufflink.core.scene.TextMeasure;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** The shipped typeface on the screen. */
public final class FontBook implements TextMeasure {
  private static final String FOLDER = "/cufflink/files/fonts/";
  private static final String PLAIN = load("SourceSans3_400Regular.ttf");
  private static final String BOLD = load("SourceSans3_600SemiBold.ttf");

  private final Map<String, Double> widths = new HashMap<>();
  private final Text text = new Text();

  private static String load(String name) {
    try (InputStream in = FontBook.class.getResourceAsStream(FOLDER + name)) {
      return Font.loadFont(in, 16).getName();
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }

  /** Makes sure that the typeface is known to style sheets. */
  public static void prepare() {
    plain(1);
  }

  static Font plain(double size) {
    return new Font(PLAIN, size);
  }

  static Font bold(double size) {
    return new Font(BOLD, size);
  }

  /** Returns the width of a text in the heavier weight, which is the wider one. */
  @Override
  public double width(String content, double size) {
    return widths.computeIfAbsent(
        size + content,
        key -> {
          text.setFont(bold(size));
          text.setText(content);
          return text.getLayoutBounds().getWidth();
        });
  }
}
