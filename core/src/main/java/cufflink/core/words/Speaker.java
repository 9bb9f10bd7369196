package cufflink.core.words;

/** Puts messages into words for one reader. This one knows a language and no marks of a ruler. */
public class Speaker {
  private final Language language;

  /**
   * Prepares to speak.
   *
   * @param language the language
   */
  public Speaker(Language language) {
    this.language = language;
  }

  /**
   * Returns what is spoken.
   *
   * @return the language
   */
  public final Language language() {
    return language;
  }

  /**
   * Writes something in a message that is neither a name nor a count.
   *
   * @param detail such as a length
   * @return as it describes itself, unless the speaker knows better
   */
  public String write(Detail detail) {
    return detail.toString();
  }
}
