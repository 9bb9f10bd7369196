package cufflink.files.text;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;

/** Passes text on to a terminal without the control codes that a name or a file may hold. */
public final class TerminalWriter extends FilterWriter {
  private static final char REPLACEMENT = '\uFFFD';

  /**
   * Writes to another writer.
   *
   * @param out where the text goes
   */
  public TerminalWriter(Writer out) {
    super(out);
  }

  @Override
  public void write(int character) throws IOException {
    boolean layout = character == '\n' || character == '\r' || character == '\t';
    boolean control = Character.getType(character) == Character.CONTROL;
    out.write(control && !layout ? REPLACEMENT : character);
  }

  @Override
  public void write(char[] characters, int from, int count) throws IOException {
    for (int i = from; i < from + count; i++) {
      write(characters[i]);
    }
  }

  @Override
  public void write(String text, int from, int count) throws IOException {
    write(text.toCharArray(), from, count);
  }
}
