package cufflink.files.pattern;

import cufflink.core.decor.Outline;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.design.Face;
import cufflink.core.expression.Place;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Writes what makers put on their cards into the pattern, as if its author had: from then on it is
 * a piece like any other, with values of its own.
 */
final class Toppers {
  /** Round shapes have so many corners; at 100 mm across that is nowhere off by 0.15 mm. */
  private static final int CORNERS = 60;

  private static final String PAST = "-" + Topper.PAST;

  private static final String LEAST = "3 mm";

  private static final String MOST = Topper.LARGEST.toString();

  private static final String WORDS = "own/topper.yaml";

  private final Map<String, String> words = words();
  private final Place place;
  private final Map<String, Entry> parts;
  private final Map<String, Entry> parameters;
  private final Map<String, Entry> pieces;
  private final Map<String, Entry> joins;

  /** On how many cards what is not on all of them is. */
  private final Map<String, Integer> onSome = new HashMap<>();

  private Toppers(Entry.Group file) {
    place = file.place();
    parts = new LinkedHashMap<>(file.parts());
    parameters = inside("parameters");
    pieces = inside("pieces");
    joins = inside("joins");
  }

  /** Adds toppers; one on a piece that is not there any more is left out, as are too many. */
  static Entry add(Entry root, List<Topper> toppers) {
    if (!(root instanceof Entry.Group file) || toppers.isEmpty()) {
      return root;
    }
    Toppers all = new Toppers(file);
    toppers.stream().limit(Topper.MOST).forEach(all::put);
    return all.file();
  }

  private Entry file() {
    Map<String, Entry> papers = inside("papers");
    papers.put(
        "own",
        new Entry.Group(place, group("label", said("paper", ""), "like", text("cardstock"))));
    parts.put("papers", new Entry.Group(place, papers));
    parts.put("parameters", new Entry.Group(place, parameters));
    parts.put("pieces", new Entry.Group(place, pieces));
    parts.put("joins", new Entry.Group(place, joins));
    return new Entry.Group(place, parts);
  }

  private Map<String, Entry> inside(String key) {
    return parts.get(key) instanceof Entry.Group group
        ? new LinkedHashMap<>(group.parts())
        : new LinkedHashMap<>();
  }

  private void put(Topper topper) {
    if (!isHost(topper.on()) || pieces.containsKey(topper.id())) {
      return;
    }
    measure(topper, Measure.ACROSS, topper.start().across(), LEAST);
    if (topper.shape() != Shape.CIRCLE) {
      measure(topper, Measure.DOWN, topper.start().down(), LEAST);
    }
    measure(topper, Measure.LEFT, topper.start().left(), PAST);
    measure(topper, Measure.TOP, topper.start().top(), PAST);
    parameters.put(
        topper.value(Measure.TILT),
        new Entry.Group(
            place,
            group(
                "label",
                said("tilt", topper.label()),
                "default",
                text("0"),
                "min",
                text("-180"),
                "max",
                text("180"))));
    Map<String, Entry> piece = piece(topper);
    int cards = cards(topper);
    if (cards > 0) {
      piece.put("cards", text(Integer.toString(cards)));
      onSome.put(topper.id(), cards);
    }
    // There is no room for words where a ring has its hole.
    List<String> letters =
        topper.shape() == Shape.RING ? List.of() : LetterOutlines.of(topper.words());
    if (!letters.isEmpty()) {
      piece.put("letters", items(letters.toArray(new String[0])));
      if (topper.shape() == Shape.OUTLINE) {
        piece.put("room", room(topper));
      }
    }
    pieces.put(topper.id(), new Entry.Group(place, piece));
    joins.put(topper.id(), new Entry.Group(place, joint(topper)));
  }

  /** It is on no more cards than what it lies on. */
  private int cards(Topper topper) {
    int host = onSome.getOrDefault(topper.on(), 0);
    return topper.cards() == 0 || host == 0
        ? Math.max(topper.cards(), host)
        : Math.min(topper.cards(), host);
  }

  /** Something can lie on any piece whose entry makes equal ones, of an accessory as well. */
  private boolean isHost(String name) {
    return isHost(pieces.get(name))
        || inside("includes").entrySet().stream()
            .anyMatch(
                each ->
                    Accessories.pieces(each.getKey(), each.getValue()).entrySet().stream()
                        .anyMatch(it -> it.getKey().equals(name) && isHost(it.getValue())));
  }

  private static boolean isHost(Entry entry) {
    return entry instanceof Entry.Group group && !group.parts().containsKey("for");
  }

  private void measure(Topper topper, Measure measure, Length start, String least) {
    // What a file says beyond its limit is as near to it as may be, rather than no piece at all.
    String normal = start.max(Length.parse(least)).min(Length.parse(MOST)).toString();
    String key =
        switch (measure) {
          case ACROSS -> topper.shape().isEven() ? "round" : "across";
          case DOWN -> topper.shape() == Shape.RING ? "hole" : "down";
          case LEFT -> "left";
          case TOP, TILT -> "top";
        };
    Map<String, Entry> parameter =
        group(
            "label",
            said(key, topper.label()),
            "default",
            text(normal),
            "min",
            text(least),
            "max",
            text(MOST));
    if (measure == Measure.LEFT || measure == Measure.TOP) {
      parameter.put("scales", text(measure == Measure.LEFT ? "across" : "along"));
    }
    parameters.put(topper.value(measure), new Entry.Group(place, parameter));
  }

  private static String high(Topper topper) {
    return topper.value(topper.shape().isEven() ? Measure.ACROSS : Measure.DOWN);
  }

  private Map<String, Entry> piece(Topper topper) {
    String wide = topper.value(Measure.ACROSS);
    String high = high(topper);
    String paper =
        switch (topper.stock()) {
          case WHITE -> "own";
          case CARD -> "cardstock";
          case PATTERNED -> "patterned";
        };
    Map<String, Entry> piece =
        group("label", text(topper.label()), "paper", text(paper), "size", items(wide, high));
    if (topper.shape() == Shape.OUTLINE) {
      Outline outline = topper.outline().orElseThrow();
      piece.put("outline", ring(topper, outline.corners()));
      Map<String, Entry> holes = new LinkedHashMap<>();
      for (List<Outline.Corner> hole : outline.holes()) {
        Map<String, Entry> opening =
            group(
                "label", said("hole", topper.label()),
                "kind", text("window"),
                "outline", ring(topper, hole));
        holes.put("hole" + (holes.size() + 1), new Entry.Group(place, opening));
      }
      if (!holes.isEmpty()) {
        piece.put("openings", new Entry.Group(place, holes));
      }
    } else if (topper.shape() != Shape.RECTANGLE) {
      String angle = "k * " + 360 / CORNERS;
      Map<String, Entry> corner =
          group(
              "for",
              text("k in 0.." + (CORNERS - 1)),
              "x",
              text(wide + " / 2 - " + wide + " / 2 * cos(" + angle + ")"),
              "y",
              text(high + " / 2 - " + high + " / 2 * sin(" + angle + ")"));
      piece.put("outline", new Entry.Items(place, List.of(new Entry.Group(place, corner))));
    }
    if (topper.shape() == Shape.RING) {
      String middle = wide + " / 2";
      Map<String, Entry> hole =
          group(
              "label",
              said("hole", topper.label()),
              "kind",
              text("window"),
              "circle",
              items(middle, middle, topper.value(Measure.DOWN)));
      piece.put("openings", new Entry.Group(place, group("hole", new Entry.Group(place, hole))));
    }
    return piece;
  }

  private Entry ring(Topper topper, List<Outline.Corner> corners) {
    List<Entry> ring = new ArrayList<>();
    for (Outline.Corner each : corners) {
      // A piece is told inside up: what is seen on its outside is cut as in a mirror.
      double x = topper.face() == Face.OUTSIDE ? 1 - each.x() : each.x();
      ring.add(items(share(topper.value(Measure.ACROSS), x), share(high(topper), each.y())));
    }
    return new Entry.Items(place, ring);
  }

  /** Words on a figure stand where it is widest. */
  private Entry room(Topper topper) {
    Outline.Room room = topper.outline().orElseThrow().whole();
    double left = topper.face() == Face.OUTSIDE ? 1 - room.left() - room.wide() : room.left();
    String wide = topper.value(Measure.ACROSS);
    String high = high(topper);
    return items(
        share(wide, left),
        share(high, room.top()),
        share(wide, room.wide()),
        share(high, room.high()));
  }

  private static String share(String side, double share) {
    return side + " * " + decimal(share);
  }

  private static String decimal(double share) {
    return String.format(Locale.ROOT, "%.5f", share);
  }

  /** It goes with what it lies on, and its places are told as one looks at that face. */
  private Map<String, Entry> joint(Topper topper) {
    String wide = topper.value(Measure.ACROSS);
    String high = high(topper);
    String left = topper.value(Measure.LEFT);
    String top = topper.value(Measure.TOP);
    double inset = topper.shape() == Shape.RECTANGLE ? 0.05 : 0.16;
    Map<String, Entry> joint =
        group(
            "label", text(topper.label()),
            "piece", text(topper.id()),
            "on", text(topper.on()),
            "goes-with", text(topper.copy() == 0 ? "each" : Integer.toString(topper.copy())),
            "face", text(topper.face().name().toLowerCase(Locale.ROOT)),
            "with", text(topper.fixing().with().name().toLowerCase(Locale.ROOT)),
            "area", items(left, top, wide, high),
            "askew",
                items(
                    wide + " / 2",
                    high + " / 2",
                    left + " + " + wide + " / 2",
                    top + " + " + high + " / 2"),
            "degrees", text(topper.value(Measure.TILT)));
    if (topper.fixing().with() != Adhesive.NONE) {
      joint.put(
          "glue",
          new Entry.Items(place, glue(topper, new String[] {left, top, wide, high}, inset)));
    }
    if (topper.fixing().tucked()) {
      joint.put("tucked", text("true"));
    }
    if (topper.fixing().overhangs()) {
      joint.put("overhangs", text("true"));
    }
    return joint;
  }

  /** A ring takes its glue at its foot and, unless it stands free, at its top. */
  private List<Entry> glue(Topper topper, String[] area, double inset) {
    String left = area[0] + " + " + area[2] + " * ";
    String top = area[1] + " + " + area[3] + " * ";
    boolean byFoot = topper.fixing().byFoot();
    if (topper.shape() == Shape.RING) {
      String width = "(" + area[2] + " - " + topper.value(Measure.DOWN) + ") / 2";
      String high = "max(" + width + " - " + area[2] + " * 0.06, " + width + " / 4)";
      String wide = area[2] + " * 0.3";
      Entry foot = items(left + "0.35", top + "0.97 - (" + high + ")", wide, high);
      Entry head = items(left + "0.35", top + "0.03", wide, high);
      return byFoot ? List.of(foot) : List.of(head, foot);
    }
    if (topper.shape() == Shape.OUTLINE) {
      Outline outline = topper.outline().orElseThrow();
      Outline.Room room = byFoot ? outline.foot() : outline.whole();
      return List.of(
          items(
              left + decimal(room.left()),
              top + decimal(room.top()),
              share(area[2], room.wide()),
              share(area[3], room.high())));
    }
    double from = byFoot ? 0.66 : inset;
    return List.of(
        items(
            left + inset,
            top + from,
            area[2] + " * " + (1 - 2 * inset),
            area[3] + " * " + (1 - inset - from)));
  }

  /** Names a value of a piece, in the language that is spoken. */
  private Entry said(String key, String label) {
    return text(words.get(key).replace("{0}", label));
  }

  private static Map<String, String> words() {
    List<Mistake> mistakes = new ArrayList<>();
    Entry written = YamlReader.read(PatternLibrary.resource(WORDS), mistakes);
    Entry read = Translation.read(PatternLibrary.beside(WORDS), mistakes).of(written);
    Map<String, String> words = new LinkedHashMap<>();
    if (mistakes.isEmpty() && read instanceof Entry.Group group) {
      group
          .parts()
          .forEach(
              (key, each) -> {
                Entry label = ((Entry.Group) each).parts().get("label");
                words.put(key, ((Entry.Text) label).text());
              });
    }
    return words;
  }

  private Entry text(String text) {
    return new Entry.Text(place, text);
  }

  private Entry items(String... formulas) {
    return new Entry.Items(place, java.util.Arrays.stream(formulas).map(this::text).toList());
  }

  /** Makes a group of names and entries in turn. */
  private static Map<String, Entry> group(Object... namesAndEntries) {
    Map<String, Entry> group = new LinkedHashMap<>();
    for (int i = 0; i < namesAndEntries.length; i += 2) {
      group.put((String) namesAndEntries[i], (Entry) namesAndEntries[i + 1]);
    }
    return group;
  }
}
