package cufflink.core.post;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.post.PostClass.Ratio;
import cufflink.core.post.PostClass.Span;
import cufflink.core.words.Language;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PostingTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static final PostClass SMALL =
      new PostClass("XX", "small", span(140, 235), span(90, 125), span(0, 5), 20, Optional.empty());
  private static final PostClass LARGE =
      new PostClass(
          "XX",
          "large",
          span(100, 353),
          span(70, 250),
          span(0, 20),
          500,
          Optional.of(new Ratio(1.3, 2.5)));

  private static Length mm(double millimetres) {
    return Length.fromMillimetres(millimetres);
  }

  private static Span span(double least, double most) {
    return new Span(mm(least), mm(most));
  }

  private static String told(double one, double other, double thick, double grams) {
    Posting.Parcel parcel = new Posting.Parcel(mm(one), mm(other), mm(thick), grams);
    List<Posting> all = Posting.of(parcel, List.of(SMALL, LARGE));
    assertEquals(1, all.size());
    return all.get(0).told("XX", all.get(0).best().map(PostClass::label).orElse("")).say(FORMAT);
  }

  @Test
  void of_theFirstClassThatTakesIt_eitherWayRound_itsEndsIncluded() {
    assertEquals("XX: small", told(125, 235, 5, 20));
    assertEquals("XX: small", told(140, 90, 0.1, 1));
    assertEquals("XX: large; for less it is 21 g, over 20 g", told(140, 100, 5, 20.4));
    assertEquals("XX: large; for less it is 5.1 mm thick, over 5.0 mm", told(140, 100, 5.1, 5));
    assertEquals(
        "XX: large, but by hand, which costs more; for less its shorter side is 140, and may be from"
            + " 90 to 125",
        told(140, 140, 1, 5));
    assertEquals(
        "XX: not as a letter: its longer side is 360, and may be from 140 to 235, it is 501 g,"
            + " over 20 g",
        told(360, 100, 1, 501));
  }

  @Test
  void smallest_isTheOneOfLeastArea_andTheEnvelopeIsPostedWithTheCard() {
    Envelope c6 = new Envelope("c6", "C6", mm(162), mm(114));
    Envelope square = new Envelope("s", "square", mm(133), mm(133));
    List<Envelope> both = List.of(c6, square);
    assertEquals(Optional.of(square), Posting.smallest(both, mm(120), mm(129), mm(4)));
    assertEquals(Optional.of(square), Posting.smallest(both, mm(100), mm(100), mm(4)));
    assertEquals(Optional.empty(), Posting.smallest(both, mm(160), mm(114), mm(4)));
    // 162 x 114 mm are 0.018 m2; 2.3 times that at 100 g weighs 4.2 g.
    Posting.Parcel parcel = Posting.Parcel.in(c6, mm(1), 10);
    assertEquals(14.25, parcel.grams(), 0.01);
    assertEquals(mm(1.3), parcel.thick());
  }
}
