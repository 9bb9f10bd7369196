package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class ThemeTest {
  private static final Pattern NAMED =
      Pattern.compile("(-cl-[a-z-]+): (#[0-9a-f]{6}|rgba\\([^)]*\\));");
  private static final Pattern USED = Pattern.compile("(?<!-cl-)-cl-[a-z-]+");
  private static final double READABLE = 4.5;

  @Test
  void lightAndDark_defineTheSameNames() throws IOException {
    assertEquals(colours("theme-light.css").keySet(), colours("theme-dark.css").keySet());
  }

  @Test
  void styles_holdNoColourOfTheirOwn() throws IOException {
    assertTrue(!read("cufflink.css").matches("(?s).*(#[0-9a-fA-F]{3,6}|rgb).*"));
  }

  @Test
  void styles_useOnlyNamesThatAreDefined() throws IOException {
    String text = read("cufflink.css");
    Set<String> used = new TreeSet<>();
    Matcher matcher = USED.matcher(text);
    while (matcher.find()) {
      used.add(matcher.group());
    }
    used.removeAll(colours("theme-light.css").keySet());
    // What is left are the drawing colours, which the paper view defines for itself.
    used.removeIf(name -> text.contains("  " + name + ": -cl-"));
    assertEquals(Set.of(), used);
  }

  @Test
  void texts_standOutFromWhatTheyStandOn() throws IOException {
    for (String theme : List.of("theme-light.css", "theme-dark.css")) {
      Map<String, String> colours = colours(theme);
      for (String[] pair :
          new String[][] {
            {"-cl-text", "-cl-table"},
            {"-cl-text", "-cl-top"},
            {"-cl-text", "-cl-flag"},
            {"-cl-text-quiet", "-cl-table"},
            {"-cl-text-quiet", "-cl-top"},
            {"-cl-slip-text", "-cl-slip"},
            {"-cl-slip-quiet", "-cl-slip"},
            {"-cl-slip-text", "-cl-accent-soft"},
            {"-cl-slip-quiet", "-cl-accent-soft"},
            {"-cl-accent", "-cl-table"},
            {"-cl-accent", "-cl-slip"},
            {"-cl-accent-text", "-cl-accent"},
            {"-cl-trouble", "-cl-slip"},
            {"-cl-trouble", "-cl-table"},
            {"-cl-line", "-cl-paper"},
            {"-cl-line-valley", "-cl-paper"},
            {"-cl-line-mountain", "-cl-paper"},
            {"-cl-line-fine", "-cl-paper"},
            {"-cl-line-valley", "-cl-paper-back"},
            {"-cl-line-mountain", "-cl-paper-back"},
            {"-cl-line-fine", "-cl-paper-back"},
            {"-cl-printed", "-cl-paper-layer"},
            {"-cl-faint", "-cl-paper-layer"},
            {"-cl-faint", "-cl-wood"}
          }) {
        double contrast = contrast(colours.get(pair[0]), colours.get(pair[1]));
        assertTrue(
            contrast >= READABLE, theme + " " + pair[0] + " on " + pair[1] + ": " + contrast);
      }
    }
  }

  @Test
  void lightPaper_isTheLightestThingOnTheTable() throws IOException {
    Map<String, String> colours = colours("theme-light.css");
    double paper = luminance(colours.get("-cl-paper"));
    for (String name : List.of("-cl-table", "-cl-top", "-cl-slip", "-cl-paper-back", "-cl-wood")) {
      assertTrue(luminance(colours.get(name)) < paper, name);
    }
  }

  /** Contrast by the formula of the Web Content Accessibility Guidelines 2.1 (from memory). */
  private static double contrast(String first, String second) {
    double light = Math.max(luminance(first), luminance(second));
    double dark = Math.min(luminance(first), luminance(second));
    return (light + 0.05) / (dark + 0.05);
  }

  private static double luminance(String colour) {
    return 0.2126 * channel(colour, 1) + 0.7152 * channel(colour, 3) + 0.0722 * channel(colour, 5);
  }

  private static double channel(String colour, int at) {
    double value = Integer.parseInt(colour.substring(at, at + 2), 16) / 255.0;
    return value <= 0.03928 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
  }

  private static Map<String, String> colours(String file) throws IOException {
    Map<String, String> colours = new TreeMap<>();
    Matcher matcher = NAMED.matcher(read(file));
    while (matcher.find()) {
      colours.put(matcher.group(1), matcher.group(2));
    }
    return colours;
  }

  private static String read(String file) throws IOException {
    try (InputStream in = ThemeTest.class.getResourceAsStream("/cufflink/desktop/" + file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
