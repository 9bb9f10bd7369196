package cufflink.files.fuzz;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

/**
 * One thing that happened to a text: a piece taken out, said twice, or replaced.
 *
 * @param from where, as a share of the text in thousandths
 * @param length how many characters, from 0
 * @param instead what stands there now
 */
record Damage(int from, int length, String instead) {
  private static final List<String> ODDITIES =
      List.of(
          "",
          "\"\"",
          "null",
          "-1",
          "0",
          "1e999",
          "1e-20000000",
          "99999999999999999999999999",
          "[]",
          "{}",
          "[[[[[[[[",
          "true",
          "\u0000",
          "\uFEFF",
          "\uD800",
          "\u202E",
          "\n",
          "\t",
          ": ",
          "- ",
          "*a ",
          "&a ",
          "!!x ",
          "'",
          "\"",
          "\\",
          "½",
          "٣",
          "5 3/8 in",
          "1/0 in",
          "width",
          "(((((((((",
          "mm");

  static Arbitrary<List<Damage>> some() {
    Arbitrary<String> odd =
        Arbitraries.oneOf(
            Arbitraries.of(ODDITIES), Arbitraries.strings().ofMaxLength(6).map(String::valueOf));
    return Combinators.combine(
            Arbitraries.integers().between(0, 1_000), Arbitraries.integers().between(0, 60), odd)
        .as(Damage::new)
        .list()
        .ofMinSize(1)
        .ofMaxSize(3);
  }

  static String done(String text, List<Damage> all) {
    String now = text;
    for (Damage each : all) {
      int at = (int) ((long) now.length() * each.from() / 1_000);
      int to = Math.min(now.length(), at + each.length());
      now = now.substring(0, at) + each.instead() + now.substring(to);
    }
    return now;
  }
}
