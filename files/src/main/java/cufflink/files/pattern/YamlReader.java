package cufflink.files.pattern;

import cufflink.core.expression.Place;
import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.words.Message;
import cufflink.files.text.Printable;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.Mark;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.error.YAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;

/**
 * Reads YAML into entries that know their lines. Tags are not followed, and a part may not stand
 * for another (an alias): a few bytes of these can stand for more parts than a computer holds.
 */
final class YamlReader {
  private static final int DEEPEST = 20;
  private static final int MOST_CHARACTERS = 1_000_000;
  private static final int MOST_PARTS = 50_000;

  private final List<Mistake> mistakes;
  private final Set<Node> read = Collections.newSetFromMap(new IdentityHashMap<>());

  private YamlReader(List<Mistake> mistakes) {
    this.mistakes = mistakes;
  }

  /** Reads a text; mistakes go into the list, and the entry is then not to be used. */
  static Entry read(String text, List<Mistake> mistakes) {
    Place top = new Place("", 1);
    Entry nothing = new Entry.Group(top, Map.of());
    if (text.length() > MOST_CHARACTERS) {
      mistakes.add(new Mistake(top, Message.of("yaml.large", MOST_CHARACTERS)));
      return nothing;
    }
    LoaderOptions options = new LoaderOptions();
    options.setNestingDepthLimit(DEEPEST);
    options.setCodePointLimit(MOST_CHARACTERS);
    try {
      Node root = new Yaml(options).compose(new StringReader(text));
      if (root instanceof MappingNode) {
        return new YamlReader(mistakes).entry(root, top);
      }
      mistakes.add(new Mistake(top, Message.of("yaml.nothing")));
    } catch (MarkedYAMLException mistake) {
      Mark mark = mistake.getProblemMark();
      int line = mark == null ? 1 : mark.getLine() + 1;
      mistakes.add(
          new Mistake(new Place("", line), Message.of("yaml.syntax", mistake.getProblem())));
    } catch (YAMLException | StackOverflowError mistake) {
      mistakes.add(new Mistake(top, Message.of("yaml.unreadable")));
    }
    return nothing;
  }

  private Entry entry(Node node, Place place) {
    if (!read.add(node)) {
      mistakes.add(new Mistake(place, Message.of("yaml.alias")));
      return new Entry.Text(place, "");
    }
    if (read.size() == MOST_PARTS) {
      mistakes.add(new Mistake(place, Message.of("yaml.parts", MOST_PARTS)));
    }
    if (read.size() >= MOST_PARTS) {
      return new Entry.Text(place, "");
    }
    if (node instanceof ScalarNode scalar) {
      return new Entry.Text(place, text(scalar.getValue(), place));
    }
    if (node instanceof SequenceNode sequence) {
      List<Entry> items = new ArrayList<>();
      for (Node item : sequence.getValue()) {
        items.add(entry(item, place.at(Integer.toString(items.size() + 1), line(item))));
      }
      return new Entry.Items(place, items);
    }
    Map<String, Entry> parts = new LinkedHashMap<>();
    for (NodeTuple tuple : ((MappingNode) node).getValue()) {
      String key =
          tuple.getKeyNode() instanceof ScalarNode scalar ? text(scalar.getValue(), place) : "?";
      Place inside = place.at(key, line(tuple.getKeyNode()));
      if (parts.containsKey(key)) {
        mistakes.add(new Mistake(inside, Message.of("yaml.twice", key)));
      }
      parts.put(key, entry(tuple.getValueNode(), inside));
    }
    return new Entry.Group(place, parts);
  }

  /** Texts are one line each, whatever breaks the file has for the sake of its own lines. */
  private String text(String value, Place place) {
    boolean shown =
        value
            .codePoints()
            .allMatch(each -> Character.isWhitespace(each) || Printable.isShown(each));
    if (!shown) {
      mistakes.add(new Mistake(place, Message.of("yaml.control")));
    }
    return Printable.line(value);
  }

  private static int line(Node node) {
    return node.getStartMark().getLine() + 1;
  }
}
