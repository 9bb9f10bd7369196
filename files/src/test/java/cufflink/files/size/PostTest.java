package cufflink.files.size;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.post.Posting;
import cufflink.core.words.Language;
import cufflink.files.Jobs;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures written from memory and not checked: the service's current rules decide. */
class PostTest {
  private static final LengthFormat FORMAT =
      LengthFormat.of(Marks.MILLIMETRES, LengthFormat.Fractions.PLAIN, Language.ENGLISH);

  private static List<String> told(Posting.Parcel parcel) {
    return Posting.of(parcel, Post.classes()).stream()
        .map(each -> Post.told(each).say(FORMAT).split("[;:,]")[1].strip())
        .toList();
  }

  /** USPS DMM 101.1, Royal Mail, Deutsche Post, Canada Post, Australia Post, all from memory. */
  @ParameterizedTest
  @CsvSource({
    // A C6 with a thin card; one heavier than 20 g; one too thick for all letters.
    "162, 114, 1.2, 14, letter, letter, Standardbrief, Lettermail, small letter",
    "162, 114, 1.2, 30, letter, letter, Kompaktbrief, Lettermail, small letter",
    "162, 114, 8, 30, not as a letter, large letter, Kompaktbrief, not as a letter, not as a letter",
    // A C5 is too large for the small classes of three.
    "229, 162, 1, 20, not as a letter, letter, not as a letter, not as a letter, not as a letter",
    // A square of 160 mm is a letter in one of five, and one of 133 mm in two.
    "160, 160, 1, 20, not as a letter, letter, not as a letter, not as a letter, not as a letter",
    "133, 133, 1, 20, letter, letter, not as a letter, not as a letter, not as a letter",
  })
  void classes_areThoseOfTheFiveServices(
      double one,
      double other,
      double thick,
      double grams,
      String us,
      String gb,
      String de,
      String ca,
      String au) {
    Posting.Parcel parcel =
        new Posting.Parcel(
            Length.fromMillimetres(one),
            Length.fromMillimetres(other),
            Length.fromMillimetres(thick),
            grams);
    assertEquals(List.of(us, gb, de, ca, au), told(parcel));
  }

  /** A square is as long as it is wide, and goes through no machine there. */
  @Test
  void aSquare_costsMoreInTheStates() {
    Envelope square = StandardSizes.envelope("square-5").orElseThrow();
    Posting.Parcel parcel = Posting.Parcel.in(square, Length.ofMillimetres(1), 15);
    assertTrue(Posting.of(parcel, Post.classes()).get(0).byHand());
  }

  @Test
  void of_aCardThatIsFolded_namesItsEnvelope_andAnswersForEveryCountry() {
    Post.Posted posted = Post.of(Jobs.derive(Jobs.gate()).folded(() -> false)).orElseThrow();
    // 110 x 150 with 4 to spare goes into a C6 of 114 x 162.
    assertEquals("c6", posted.envelope().id());
    assertEquals(5, posted.postings().size());
  }
}
