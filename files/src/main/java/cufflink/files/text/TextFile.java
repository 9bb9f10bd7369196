package cufflink.files.text;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads text that must be UTF-8: what is not is refused and never garbled. */
public final class TextFile {
  private static final String MARK = "\uFEFF";

  private TextFile() {}

  /**
   * Reads a file.
   *
   * @param file the file
   * @return its text, without the mark that some editors put before it
   * @throws CharacterCodingException if it is not UTF-8
   * @throws IOException if it cannot be read
   */
  public static String read(Path file) throws IOException {
    return decode(Files.readAllBytes(file));
  }

  /**
   * Decodes text.
   *
   * @param bytes what was read
   * @return the text, without the mark that some editors put before it
   * @throws CharacterCodingException if it is not UTF-8
   */
  public static String decode(byte[] bytes) throws CharacterCodingException {
    // A new decoder reports what is malformed, where a new String would replace it.
    String text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    return text.startsWith(MARK) ? text.substring(1) : text;
  }
}
