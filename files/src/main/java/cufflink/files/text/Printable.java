package cufflink.files.text;

/**
 * Text that came from outside, made fit to be shown in one line: a name with a line break in it
 * would break out of a table, one with control codes would command a terminal or spoil an XML file.
 */
public final class Printable {
  private Printable() {}

  /**
   * Makes one line of a text.
   *
   * @param text any text
   * @return the text with a space for each run of white space, and without control characters and
   *     halves of characters
   */
  public static String line(String text) {
    StringBuilder line = new StringBuilder();
    text.codePoints()
        .forEach(
            each -> {
              boolean space = Character.isWhitespace(each) || Character.isSpaceChar(each);
              if (space && each != '\u2009' && each != '\u00A0') {
                line.append(line.isEmpty() || line.charAt(line.length() - 1) == ' ' ? "" : " ");
              } else if (isShown(each)) {
                line.appendCodePoint(each);
              }
            });
    return line.toString().strip();
  }

  /**
   * Says whether a character can be shown, in a terminal as in an XML file.
   *
   * @param codePoint the character
   * @return false for control codes, halves of characters and what is no character
   */
  public static boolean isShown(int codePoint) {
    int type = Character.getType(codePoint);
    boolean noCharacter = (codePoint & 0xFFFE) == 0xFFFE;
    return type != Character.CONTROL && type != Character.SURROGATE && !noCharacter;
  }
}
