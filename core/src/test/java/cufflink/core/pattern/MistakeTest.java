package cufflink.core.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class MistakeTest {
  @Test
  void mistake_names_lineAndPath() {
    Mistake mistake = new Mistake(new Entry.Place("let.a", 12), "it is wrong.");
    assertEquals("line 12, let.a: it is wrong.", mistake.toString());
    assertEquals(
        "line 1: it is wrong.", new Mistake(new Entry.Place("", 1), "it is wrong.").toString());
  }
}
