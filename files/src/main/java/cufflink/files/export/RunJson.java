package cufflink.files.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.core.make.Task;
import cufflink.core.make.Work;
import cufflink.core.measure.LengthFormat;
import cufflink.core.pattern.Pattern;
import java.util.Locale;

/** Writes a run as JSON. */
public final class RunJson {
  private static final ObjectMapper MAPPER =
      JsonMapper.builder()
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
          .build();

  private RunJson() {}

  /**
   * Writes a run.
   *
   * @param pattern the construction
   * @param work the run
   * @param format how lengths are written for reading
   * @return its tasks in their order, with seconds, and the minutes of all of it
   */
  public static String write(Pattern pattern, Work work, LengthFormat format) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("id", pattern.id()).put("minutes", work.minutes());
    JsonNumbers numbers = new JsonNumbers(format);
    for (Task task : work.tasks()) {
      ObjectNode node = root.withArray("tasks").addObject();
      node.put("id", task.id());
      node.put("phase", task.phase().name().toLowerCase(Locale.ROOT).replace('_', '-'));
      if (!task.piece().isEmpty()) {
        node.put("piece", task.piece());
      }
      node.put("count", task.count()).put("seconds", task.seconds());
      task.number().ifPresent(number -> numbers.length(node, "number", number));
      node.put("words", task.words().say(format));
      task.reasons().forEach(why -> node.withArray("before").add(why.say(format)));
    }
    try {
      return MAPPER.writeValueAsString(root);
    } catch (JsonProcessingException reason) {
      throw new IllegalStateException("writing JSON to memory cannot fail", reason);
    }
  }
}
