package cufflink.files.pattern;

import cufflink.core.expression.Place;
import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Parameter.Role;
import cufflink.core.pattern.Pattern;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The accessories that a maker can add to any construction, whatever its file includes. */
public final class Extras {
  /** A strip round the closed card. */
  public static final String BAND = "belly-band";

  /** An envelope of the card's own size. */
  public static final String ENVELOPE = "envelope";

  /** A ribbon round the closed card, to tie. */
  public static final String TIE = "ribbon-tie";

  /** All of them, as files and commands name them. */
  public static final List<String> ALL = List.of(BAND, ENVELOPE, TIE);

  /** What goes round the closed card is made once that has been folded. */
  private static final String THICKNESS = "closed_thickness";

  private static final String FOLDED = THICKNESS + " > 0 mm";

  private Extras() {}

  /** Writes accessories into a pattern file as if its author had included them. */
  static Entry add(Entry root, Pattern pattern, Set<String> extras) {
    if (!(root instanceof Entry.Group file)) {
      return root;
    }
    String width = pattern.closedSide(Role.FINISHED_WIDTH);
    String height = pattern.closedSide(Role.FINISHED_HEIGHT);
    Map<String, Entry> parts = new LinkedHashMap<>(file.parts());
    Map<String, Entry> includes = new LinkedHashMap<>();
    if (parts.get("includes") instanceof Entry.Group before) {
      includes.putAll(before.parts());
    }
    for (String extra : ALL) {
      if (extras.contains(extra)) {
        Map<String, String> given =
            extra.equals(ENVELOPE)
                ? Map.of("card_width", width, "card_height", height, "thick", THICKNESS)
                : Map.of("around", height, "thick", THICKNESS);
        includes.put("extra-" + extra, include(file.place(), extra, given));
      }
    }
    parts.put("includes", new Entry.Group(file.place(), includes));
    return new Entry.Group(file.place(), parts);
  }

  private static Entry include(Place place, String accessory, Map<String, String> given) {
    Map<String, Entry> with = new LinkedHashMap<>();
    given.forEach((name, formula) -> with.put(name, new Entry.Text(place, formula)));
    return new Entry.Group(
        place,
        Map.of(
            "part",
            new Entry.Text(place, accessory),
            "when",
            new Entry.Text(place, FOLDED),
            "with",
            new Entry.Group(place, with)));
  }
}
