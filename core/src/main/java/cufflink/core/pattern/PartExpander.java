package cufflink.core.pattern;

import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;

/**
 * Puts the accessories that a pattern includes into it, before anything is compiled.
 *
 * <p>An accessory is a file of its own with parameters, values and pieces. Its names get the name
 * under which it is included before them, so that one pattern may include it twice. What it {@code
 * needs} from the pattern comes from {@code with}: a formula, or the name of a piece.
 */
final class PartExpander {
  private static final List<String> NAMED =
      List.of("parameters", "let", "pieces", "layers", "joins", "pockets", "keep-clear");
  private static final List<String> LISTED = List.of("rules", "notes", "folding", "opening");
  private static final Set<String> SPOKEN = Set.of("label", "else", "notes", "stage");
  private static final Set<String> REFERENCES = Set.of("on", "piece");
  private static final java.util.regex.Pattern BRACES =
      java.util.regex.Pattern.compile("\\{([^}]*)}");
  private static final java.util.regex.Pattern WORD =
      java.util.regex.Pattern.compile("[A-Za-z_]\\w*");

  private final Map<String, Entry> root;
  private final Map<String, Entry> accessories;
  private final List<Mistake> mistakes;

  private PartExpander(
      Map<String, Entry> root, Map<String, Entry> accessories, List<Mistake> mistakes) {
    this.root = new LinkedHashMap<>(root);
    this.accessories = accessories;
    this.mistakes = mistakes;
  }

  static Entry expand(Entry root, Map<String, Entry> accessories, List<Mistake> mistakes) {
    if (!(root instanceof Entry.Group file)
        || !(file.parts().get("includes") instanceof Entry.Group includes)) {
      return root;
    }
    PartExpander expander = new PartExpander(file.parts(), accessories, mistakes);
    includes.parts().forEach(expander::include);
    expander.root.remove("includes");
    return new Entry.Group(root.place(), expander.root);
  }

  private void include(String name, Entry entry) {
    String id = text(part(entry, "part"));
    Entry accessory = accessories.get(id);
    if (accessory == null) {
      String known = String.join(", ", accessories.keySet());
      mistakes.add(Mistake.of(entry.place(), "pattern.accessory", id, known));
      return;
    }
    new Inclusion(name, entry, accessory).merge();
  }

  private static Entry part(Entry entry, String key) {
    return entry instanceof Entry.Group group ? group.parts().get(key) : null;
  }

  private static Map<String, Entry> parts(Entry entry) {
    return entry instanceof Entry.Group group ? group.parts() : Map.of();
  }

  private static String text(Entry entry) {
    return entry instanceof Entry.Text text ? text.text() : "";
  }

  /** One accessory on its way into the pattern. */
  private final class Inclusion {
    private final String name;
    private final Entry.Place place;
    private final Entry accessory;
    private final String when;
    private final Map<String, Entry> given;
    private final Map<String, Entry> needs;
    private final Set<String> names = new LinkedHashSet<>();

    Inclusion(String name, Entry include, Entry accessory) {
      this.name = name;
      this.place = include.place();
      this.accessory = accessory;
      this.when = text(part(include, "when"));
      this.given = parts(part(include, "with"));
      this.needs = parts(part(accessory, "needs"));
      names.addAll(needs.keySet());
      names.addAll(parts(part(accessory, "parameters")).keySet());
      names.addAll(parts(part(accessory, "let")).keySet());
    }

    void merge() {
      for (String need : needs.keySet()) {
        if (!given.containsKey(need)) {
          mistakes.add(new Mistake(place, Message.of("pattern.missing", need)));
        } else if (!text(needs.get(need)).equals("piece")) {
          put("let", renamed(need), new Entry.Text(place, text(given.get(need))));
        }
      }
      for (String section : NAMED) {
        parts(part(accessory, section)).forEach((id, part) -> put(section, id, part, true));
      }
      for (String section : LISTED) {
        if (part(accessory, section) instanceof Entry.Items items) {
          List<Entry> all = new ArrayList<>();
          if (root.get(section) instanceof Entry.Items before) {
            all.addAll(before.parts());
          }
          items.parts().forEach(item -> all.add(conditional(section, moved(section, item))));
          root.put(section, new Entry.Items(place, all));
        }
      }
    }

    private void put(String section, String id, Entry part, boolean isPart) {
      boolean isValue = section.equals("parameters") || section.equals("let");
      Entry moved = moved(section, part);
      put(
          section,
          isValue ? renamed(id) : partName(id),
          isPart ? conditional(section, moved) : moved);
    }

    private void put(String section, String id, Entry part) {
      Map<String, Entry> all = new LinkedHashMap<>(parts(root.get(section)));
      if (all.put(id, part) != null) {
        mistakes.add(Mistake.of(place, "pattern.twice", id));
      }
      root.put(section, new Entry.Group(place, all));
    }

    /** Pieces and the like are there only if the accessory is wanted. */
    private Entry conditional(String section, Entry part) {
      boolean always = when.isEmpty() || section.equals("parameters") || section.equals("let");
      if (always || !(part instanceof Entry.Group group)) {
        return part;
      }
      Map<String, Entry> parts = new LinkedHashMap<>(group.parts());
      if (section.equals("rules")) {
        String that = "!(" + when + ") || (" + text(parts.get("that")) + ")";
        parts.put("that", new Entry.Text(place, that));
      } else {
        String own = text(parts.get("when"));
        String both = own.isEmpty() ? when : "(" + when + ") && (" + own + ")";
        parts.put("when", new Entry.Text(place, both));
      }
      return new Entry.Group(place, parts);
    }

    private String renamed(String value) {
      return name.replace('-', '_') + "_" + value;
    }

    private String partName(String id) {
      return id.equals("piece") ? name : name + "-" + id;
    }

    /** Rewrites the names in an entry; its place becomes that of the inclusion. */
    private Entry moved(String key, Entry entry) {
      if (entry instanceof Entry.Group group) {
        Map<String, Entry> parts = new LinkedHashMap<>();
        group
            .parts()
            .forEach(
                (part, inside) ->
                    parts.put(
                        key.equals("set") ? renamed(part) : indexed(part), moved(part, inside)));
        return new Entry.Group(place, parts);
      }
      if (entry instanceof Entry.Items items) {
        return new Entry.Items(
            place, items.parts().stream().map(item -> moved(key, item)).toList());
      }
      return new Entry.Text(place, moved(key, text(entry)));
    }

    private String moved(String key, String text) {
      if (REFERENCES.contains(key)) {
        return given.containsKey(text) ? text(given.get(text)) : partName(text);
      }
      if (key.equals("values")) {
        return renamed(text);
      }
      return SPOKEN.contains(key)
          ? BRACES
              .matcher(text)
              .replaceAll(found -> Matcher.quoteReplacement("{" + formula(found.group(1)) + "}"))
          : formula(text);
    }

    /** What stands in brackets behind a name is a formula. */
    private String indexed(String part) {
      int bracket = part.indexOf('[');
      return bracket < 0 ? part : part.substring(0, bracket) + formula(part.substring(bracket));
    }

    private String formula(String text) {
      return WORD.matcher(text)
          .replaceAll(
              found -> names.contains(found.group()) ? renamed(found.group()) : found.group());
    }
  }
}
