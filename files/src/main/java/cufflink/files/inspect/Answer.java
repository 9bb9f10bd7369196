package cufflink.files.inspect;

import cufflink.core.words.Message;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * What is answered about a card under one heading.
 *
 * @param about what it is about
 * @param lines one sentence each, at least one
 */
public record Answer(About about, List<Message> lines) {
  /** What can be asked about a card. */
  public enum About {
    /** How large, thick and heavy it is closed. */
    CLOSED("answer.closed"),
    /** What takes it. */
    ENVELOPE("answer.envelope"),
    /** As what it goes by post. */
    POST("answer.post"),
    /** Whether it stands when it is opened. */
    STANDS("answer.stands"),
    /** What goes into it. */
    MOUTHS("answer.mouths"),
    /** What is seen of it. */
    SHOWS("answer.shows");

    private final String key;

    About(String key) {
      this.key = key;
    }

    /** Returns its name as it is written in JSON. */
    public String id() {
      return name().toLowerCase(Locale.ROOT);
    }

    /** Says it in a few words. */
    public Message label() {
      return Message.of(key);
    }
  }

  /** Copies the list. */
  public Answer {
    Objects.requireNonNull(about);
    lines = List.copyOf(lines);
  }
}
