package cufflink.desktop.paper;

import cufflink.core.scene.Drawing.Tone;
import cufflink.core.scene.Fill;
import cufflink.core.scene.Ink;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.beans.InvalidationListener;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/**
 * A region whose drawing colours come from the style sheet: {@code -cl-ink-…} for lines, {@code
 * -cl-fill-…} for surfaces, {@code -cl-tone-…} for texts.
 */
public class Palette extends Region {
  private static final StyleablePropertyFactory<Palette> FACTORY =
      new StyleablePropertyFactory<>(Region.getClassCssMetaData());

  private final Map<Ink, StyleableProperty<Color>> inks = new EnumMap<>(Ink.class);
  private final Map<Fill, StyleableProperty<Color>> fills = new EnumMap<>(Fill.class);
  private final Map<Tone, StyleableProperty<Color>> tones = new EnumMap<>(Tone.class);
  private final StyleableProperty<Color> chosen;

  /** Makes the properties. */
  protected Palette() {
    for (Ink ink : Ink.values()) {
      String name = name("ink", ink);
      inks.put(
          ink, FACTORY.createStyleableColorProperty(this, name, name, view -> view.inks.get(ink)));
    }
    for (Fill fill : Fill.values()) {
      String name = name("fill", fill);
      fills.put(
          fill,
          FACTORY.createStyleableColorProperty(this, name, name, view -> view.fills.get(fill)));
    }
    for (Tone tone : Tone.values()) {
      String name = name("tone", tone);
      tones.put(
          tone,
          FACTORY.createStyleableColorProperty(this, name, name, view -> view.tones.get(tone)));
    }
    chosen =
        FACTORY.createStyleableColorProperty(this, "-cl-chosen", "-cl-chosen", view -> view.chosen);
    // Colours come with the style sheets, and what is painted must follow in the same frame.
    Stream.of(inks.values(), fills.values(), tones.values(), List.of(chosen))
        .flatMap(Collection::stream)
        .map(ObservableValue.class::cast)
        .forEach(each -> each.addListener((InvalidationListener) changed -> requestLayout()));
  }

  private static String name(String group, Enum<?> value) {
    return "-cl-" + group + "-" + value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  Color ink(Ink ink) {
    return inks.get(ink).getValue();
  }

  Color fill(Fill fill) {
    return fills.get(fill).getValue();
  }

  Color tone(Tone tone) {
    return tones.get(tone).getValue();
  }

  Color chosenColour() {
    return chosen.getValue();
  }

  @Override
  public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
    return FACTORY.getCssMetaData();
  }
}
