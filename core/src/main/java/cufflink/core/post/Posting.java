package cufflink.core.post;

import cufflink.core.measure.Length;
import cufflink.core.measure.Written;
import cufflink.core.paper.Envelope;
import cufflink.core.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * As what a card goes by post in one country.
 *
 * @param country the country, two capital letters
 * @param best the first class that it goes in, if there is one
 * @param byHand whether it costs more since no machine takes it
 * @param why what keeps it out of the first class of the country, if anything does
 */
public record Posting(String country, Optional<PostClass> best, boolean byHand, List<Message> why) {
  /** Paper for envelopes weighs about so much, grams a square metre; common practice, no source. */
  private static final double ENVELOPE_PAPER = 100;

  /** An envelope has about so much more paper than its front; common practice, no source. */
  private static final double ENVELOPE_SHARE = 2.3;

  /** Its two sides are about so thick together; common practice, no source. */
  private static final Length ENVELOPE_THICK = Length.fromMillimetres(0.3);

  private static final double SQUARE_METRE = 1_000_000;

  /** Copies the list. */
  public Posting {
    why = List.copyOf(why);
  }

  /**
   * What is posted.
   *
   * @param one one side of the envelope
   * @param other its other side
   * @param thick how thick it is
   * @param grams what it weighs
   */
  public record Parcel(Length one, Length other, Length thick, double grams) {
    /**
     * Puts a card into an envelope.
     *
     * @param envelope the envelope
     * @param thick how thick the closed card is
     * @param grams what it weighs
     * @return the two together
     */
    public static Parcel in(Envelope envelope, Length thick, double grams) {
      double area = envelope.width().toMillimetres() * envelope.height().toMillimetres();
      double paper = area / SQUARE_METRE * ENVELOPE_SHARE * ENVELOPE_PAPER;
      return new Parcel(
          envelope.width(), envelope.height(), thick.plus(ENVELOPE_THICK), grams + paper);
    }

    private Length longest() {
      return one.max(other);
    }

    private Length shortest() {
      return one.min(other);
    }
  }

  /**
   * Finds the smallest envelope that takes a card.
   *
   * @param envelopes those there are
   * @param width one side of the card
   * @param height its other side
   * @param clearance how much smaller the card must be, in each dimension in total
   * @return the one with the least area, if any takes it
   */
  public static Optional<Envelope> smallest(
      List<Envelope> envelopes, Length width, Length height, Length clearance) {
    return envelopes.stream()
        .filter(each -> each.takes(width, height, clearance))
        .min(
            Comparator.comparingDouble(
                each -> each.width().toMillimetres() * each.height().toMillimetres()));
  }

  /**
   * Finds as what something goes in each country.
   *
   * @param parcel what is posted
   * @param classes what the services carry, those of a country in the order of their prices
   * @return an answer for each country, in the order of the classes
   */
  public static List<Posting> of(Parcel parcel, List<PostClass> classes) {
    Map<String, List<PostClass>> countries = new LinkedHashMap<>();
    classes.forEach(
        each -> countries.computeIfAbsent(each.country(), it -> new ArrayList<>()).add(each));
    List<Posting> answers = new ArrayList<>();
    countries.forEach(
        (country, own) -> {
          Optional<PostClass> best =
              own.stream().filter(each -> against(parcel, each).isEmpty()).findFirst();
          boolean byHand = best.filter(each -> isByHand(parcel, each)).isPresent();
          answers.add(new Posting(country, best, byHand, against(parcel, own.get(0))));
        });
    return answers;
  }

  private static boolean isByHand(Parcel parcel, PostClass in) {
    double ratio = parcel.longest().toMillimetres() / parcel.shortest().toMillimetres();
    return in.machine().filter(it -> ratio < it.least() || ratio > it.most()).isPresent();
  }

  private static List<Message> against(Parcel parcel, PostClass in) {
    List<Message> why = new ArrayList<>();
    if (!in.longest().holds(parcel.longest())) {
      why.add(Message.of("post.long", rough(parcel.longest()), said(in.longest())));
    }
    if (!in.shortest().holds(parcel.shortest())) {
      why.add(Message.of("post.short", rough(parcel.shortest()), said(in.shortest())));
    }
    if (!in.thickness().holds(parcel.thick())) {
      why.add(Message.of("post.thick", tenths(parcel.thick()), tenths(in.thickness().most())));
    }
    if (parcel.grams() > in.grams()) {
      why.add(
          Message.of("post.heavy", (int) Math.ceil(parcel.grams()), (int) Math.floor(in.grams())));
    }
    return why;
  }

  private static Message said(PostClass.Span span) {
    return span.least().isPositive()
        ? Message.of("post.from-to", rough(span.least()), rough(span.most()))
        : Message.of("post.to", rough(span.most()));
  }

  private static Written rough(Length length) {
    return Written.rough(length);
  }

  /** Thickness is told in tenths of a millimetre everywhere. */
  private static Message tenths(Length length) {
    long tenths = Math.round(length.toMillimetres() * 10);
    return Message.of("post.tenths", tenths / 10 + "." + tenths % 10);
  }

  /**
   * Says it in a sentence.
   *
   * @param name what the country is called where it is read
   * @param label what the class it goes in is called there
   */
  public Message told(String name, String label) {
    if (best.isEmpty()) {
      return Message.of("post.not", name, Message.list("list.comma", why));
    }
    Message goes = Message.of(byHand ? "post.by-hand" : "post.goes", name, label);
    return why.isEmpty() ? goes : Message.of("post.since", goes, Message.list("list.comma", why));
  }
}
