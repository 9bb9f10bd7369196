package cufflink.core.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.Spoken;
import cufflink.core.expression.Place;
import cufflink.core.words.Message;
import org.junit.jupiter.api.Test;

class MistakeTest {
  @Test
  void mistake_names_lineAndPath() {
    Mistake mistake = new Mistake(new Place("let.a", 12), Message.plain("it is wrong."));
    assertEquals("line 12, let.a: it is wrong.", mistake.told().say(Spoken.ENGLISH));
    assertEquals(
        "line 1: it is wrong.",
        new Mistake(new Place("", 1), Message.plain("it is wrong.")).told().say(Spoken.ENGLISH));
  }
}
