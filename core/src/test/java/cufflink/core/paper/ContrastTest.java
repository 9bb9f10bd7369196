package cufflink.core.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** W3C, Web Content Accessibility Guidelines 2.2 and its worked examples; from memory. */
class ContrastTest {
  @ParameterizedTest
  @CsvSource({
    "000000, FFFFFF, 21.00",
    "FFFFFF, FFFFFF, 1.00",
    "767676, FFFFFF, 4.54",
    "777777, FFFFFF, 4.48",
    "FF0000, FFFFFF, 4.00",
    "0000FF, FFFFFF, 8.59"
  })
  void contrast_isThatOfTheGuideline(String one, String other, double ratio) {
    int first = Integer.parseInt(one, 16);
    int second = Integer.parseInt(other, 16);
    assertEquals(ratio, Contrast.of(first, second), 0.005);
    assertEquals(Contrast.of(first, second), Contrast.of(second, first));
  }
}
