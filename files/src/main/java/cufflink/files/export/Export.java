package cufflink.files.export;

import cufflink.files.words.Words;
import java.io.IOException;

/** One kind of file that a card is written as. */
public interface Export {
  /**
   * Returns its short name, on the command line and in the names of its sentences.
   *
   * @return such as “svg”
   */
  String id();

  /**
   * Returns how its files end.
   *
   * @return such as “.svg”
   */
  String extension();

  /**
   * Writes a card.
   *
   * @param subject the card; it must have a design
   * @return the file's content
   * @throws IOException if writing fails
   */
  byte[] write(ExportSubject subject) throws IOException;

  /**
   * Returns what it is called in a menu.
   *
   * @return a few words
   */
  default String title() {
    return Words.say("export." + id());
  }
}
