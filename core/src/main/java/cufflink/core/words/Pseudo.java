package cufflink.core.words;

/**
 * Dresses sentences up as a language that is none, so that what is not translated shows: brackets
 * round them, marks on the vowels, and two fifths longer, as German is.
 */
final class Pseudo {
  private static final String PLAIN = "aeiouyAEIOUY";
  private static final String MARKED = "áéíóúýÁÉÍÓÚÝ";
  private static final int MORE = 40;

  private Pseudo() {}

  /** Dresses a sentence; places in braces stay, but not the words to choose from inside them. */
  static String dress(String sentence) {
    StringBuilder text = new StringBuilder("⟦");
    int depth = 0;
    int letters = 0;
    for (char c : sentence.toCharArray()) {
      depth += c == '{' ? 1 : c == '}' ? -1 : 0;
      boolean isWord = depth % 2 == 0;
      letters += isWord && Character.isLetter(c) ? 1 : 0;
      int vowel = isWord ? PLAIN.indexOf(c) : -1;
      text.append(vowel < 0 ? c : MARKED.charAt(vowel));
    }
    return text.append("~".repeat(letters * MORE / 100)).append('⟧').toString();
  }
}
