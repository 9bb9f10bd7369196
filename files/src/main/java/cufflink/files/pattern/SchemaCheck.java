package cufflink.files.pattern;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import cufflink.core.expression.Place;
import cufflink.core.pattern.Entry;
import cufflink.core.pattern.Mistake;
import cufflink.core.words.Message;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Checks the shape of a pattern file against the JSON Schema that is shipped for editors. */
final class SchemaCheck {
  private static final String SCHEMA = "/cufflink/files/schema/pattern.schema.json";

  private SchemaCheck() {}

  /** Returns what is wrong with the shape, at most one mistake for each place. */
  static List<Mistake> check(Entry root) {
    try (InputStream in = SchemaCheck.class.getResourceAsStream(SCHEMA)) {
      JsonSchema schema =
          JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(in);
      Map<String, Mistake> mistakes = new TreeMap<>();
      for (ValidationMessage message : schema.validate(json(root))) {
        Place place = place(root, message);
        mistakes.putIfAbsent(place.toString(), new Mistake(place, sentence(message)));
      }
      return List.copyOf(mistakes.values());
    } catch (IOException closing) {
      throw new UncheckedIOException(closing);
    }
  }

  private static JsonNode json(Entry entry) {
    JsonNodeFactory nodes = JsonNodeFactory.instance;
    if (entry instanceof Entry.Text text) {
      return nodes.textNode(text.text());
    }
    if (entry instanceof Entry.Items items) {
      ArrayNode array = nodes.arrayNode();
      items.parts().forEach(part -> array.add(json(part)));
      return array;
    }
    ObjectNode object = nodes.objectNode();
    ((Entry.Group) entry).parts().forEach((key, part) -> object.set(key, json(part)));
    return object;
  }

  private static Place place(Entry root, ValidationMessage message) {
    Entry entry = root;
    for (int i = 0; i < message.getInstanceLocation().getNameCount(); i++) {
      String step = message.getInstanceLocation().getName(i);
      if (entry instanceof Entry.Group group && group.parts().containsKey(step)) {
        entry = group.parts().get(step);
      } else if (entry instanceof Entry.Items items) {
        entry = items.parts().get(Integer.parseInt(step));
      }
    }
    String property = message.getProperty();
    boolean inside = property != null && entry instanceof Entry.Group;
    Entry part = inside ? ((Entry.Group) entry).parts().get(property) : null;
    return part == null ? entry.place() : part.place();
  }

  private static Message sentence(ValidationMessage message) {
    String property = String.valueOf(message.getProperty());
    return switch (message.getType()) {
      case "required" -> Message.of("pattern.missing", property);
      case "additionalProperties" -> Message.of("schema.unknown", property);
      case "type" -> Message.of("schema.type", message.getArguments()[1]);
      case "enum", "const" -> Message.of("schema.enum", message.getArguments()[0]);
      case "minItems", "maxItems" -> Message.of("schema.items", message.getArguments()[0]);
      default -> Message.of("schema.other", message.getMessage());
    };
  }
}
