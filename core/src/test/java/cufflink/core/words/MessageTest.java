package cufflink.core.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Written;
import java.util.List;
import org.junit.jupiter.api.Test;

class MessageTest {
  private static final Speaker METRIC =
      LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN, Language.ENGLISH);
  private static final Speaker INCHES =
      LengthFormat.of(Marks.EIGHTHS, Fractions.PLAIN, Language.ENGLISH);

  /** One message, two readers: nothing is worded before it is read. */
  @Test
  void say_lengths_areWrittenOnTheReadersMarks() {
    Length inch = Length.ofInches(2, 1);
    Message message = Message.of("length.size", inch, Written.brief(inch));
    assertEquals("2 × 2", message.say(INCHES));
    assertEquals("51 (then a hair less) × ≈ 51", message.say(METRIC));
  }

  @Test
  void say_innerMessages_areWordedByTheSameSpeaker() {
    Message inner = Message.of("length.about", Length.ofMillimetres(5));
    assertEquals("about 5 × x", Message.of("length.size", inner, "x").say(METRIC));
    assertEquals(
        "⟦⟦ábóút 5~~⟧ × x⟧",
        Message.of("length.size", inner, "x")
            .say(LengthFormat.of(Marks.MILLIMETRES, Fractions.PLAIN, Language.PSEUDO)));
  }

  @Test
  void of_whatIsNoDetail_isItsName() {
    assertEquals("[1] × 2", Message.of("length.size", List.of(1), 2).say(METRIC));
    assertThrows(IllegalArgumentException.class, () -> new Message("x", List.of(List.of(1))));
  }

  @Test
  void list_putsOneBehindTheOther() {
    assertEquals("a, b, c", Message.list("list.comma", List.of("a", "b", "c")).say(METRIC));
    assertEquals("a", Message.list("list.comma", List.of("a")).say(METRIC));
  }

  @Test
  void followedBy_nothing_isTheSame() {
    Message words = Message.plain("Cut.");
    assertEquals("Cut.", words.followedBy(Message.NONE).say(METRIC));
    assertEquals("Cut.", Message.NONE.followedBy(words).say(METRIC));
    assertEquals("Cut. Cut.", words.followedBy(words).say(METRIC));
    assertTrue(Message.written(List.of("", Message.NONE)).isEmpty());
    assertFalse(words.isEmpty());
  }
}
