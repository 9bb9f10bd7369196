package cufflink.core.words;

import java.util.List;
import java.util.stream.Stream;

/**
 * Something to be said, by the name of its sentence and what goes into it. It is put into words
 * only when somebody reads it, in the language and on the marks of whoever that is.
 *
 * @param key the sentence's name; empty for a sentence that was written in a file, whose parts
 *     follow each other as they are
 * @param details what goes into its places: names, counts, lengths and other messages
 */
public record Message(String key, List<Object> details) {
  /** Nothing to say. */
  public static final Message NONE = written(List.of());

  private static final String WRITTEN = "";

  /** Checks the kinds of what goes into it, and copies the list. */
  public Message {
    details = List.copyOf(details);
    for (Object detail : details) {
      if (!isKnown(detail)) {
        throw new IllegalArgumentException(
            "a message is made of names, counts, lengths and messages, not " + detail);
      }
    }
  }

  /**
   * Makes a message.
   *
   * @param key the sentence's name
   * @param details what goes into its places {0}, {1} and so on; what is no count, length or
   *     message is a name
   * @return the message
   */
  public static Message of(String key, Object... details) {
    return new Message(
        key, Stream.of(details).map(each -> isKnown(each) ? each : String.valueOf(each)).toList());
  }

  /**
   * Makes a message that was written in a file.
   *
   * @param parts texts and what stands between them, in order
   * @return the message
   */
  public static Message written(List<Object> parts) {
    return new Message(WRITTEN, parts);
  }

  /**
   * Makes a message of a name or of words that are already in somebody's language.
   *
   * @param text the words
   * @return the message
   */
  public static Message plain(String text) {
    return written(List.of(text));
  }

  /**
   * Says several things one after another.
   *
   * @param key the name of the sentence that puts a thing {1} behind those before it {0}
   * @param items names, lengths or messages, at least one
   * @return one message
   */
  public static Message list(String key, List<?> items) {
    Message all = written(List.of(items.get(0)));
    for (Object item : items.subList(1, items.size())) {
      all = of(key, all, item);
    }
    return all;
  }

  /**
   * Joins another sentence to this one.
   *
   * @param next the sentence that follows after a space
   * @return both
   */
  public Message followedBy(Message next) {
    return isEmpty() ? next : next.isEmpty() ? this : written(List.of(this, " ", next));
  }

  /**
   * Says whether there is nothing to say.
   *
   * @return true for {@link #NONE} and its like
   */
  public boolean isEmpty() {
    return key.equals(WRITTEN)
        && details.stream()
            .allMatch(
                each ->
                    each instanceof String text
                        ? text.isEmpty()
                        : each instanceof Message inner && inner.isEmpty());
  }

  /**
   * Puts the message into words.
   *
   * @param speaker whose language and marks it is said in
   * @return the text
   */
  public String say(Speaker speaker) {
    Object[] said = details.stream().map(detail -> said(detail, speaker)).toArray();
    if (!key.equals(WRITTEN)) {
      return speaker.language().say(key, said);
    }
    StringBuilder text = new StringBuilder();
    Stream.of(said).forEach(text::append);
    return text.toString();
  }

  private static Object said(Object detail, Speaker speaker) {
    if (detail instanceof Message inner) {
      return inner.say(speaker);
    }
    return detail instanceof Detail own ? speaker.write(own) : detail;
  }

  private static boolean isKnown(Object detail) {
    return detail instanceof String
        || detail instanceof Number
        || detail instanceof Detail
        || detail instanceof Message;
  }
}
