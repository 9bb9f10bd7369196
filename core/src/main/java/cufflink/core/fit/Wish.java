package cufflink.core.fit;

import cufflink.core.fit.Question.Extent;
import cufflink.core.fit.Question.Priority;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a maker is looking for on the shelf.
 *
 * @param purpose what the card must be
 * @param source what it is to come from, and go into
 * @param span how large it may be
 * @param priority what matters most; the easiest come first if nothing does
 */
public record Wish(Purpose purpose, Source source, Span span, Optional<Priority> priority) {
  /**
   * What a card must be.
   *
   * @param does what it must do, such as "stands"
   * @param occasion what it is to be good for, such as "thanks"
   * @param item what it is to hold
   * @param minutes the most time it may take
   * @param text words of its name or description
   */
  public record Purpose(
      Optional<String> does,
      Optional<String> occasion,
      Optional<HeldItem> item,
      Optional<Integer> minutes,
      String text) {}

  /**
   * What a card is to come from, and go into.
   *
   * @param sheet the sheet
   * @param envelope the envelope
   * @param copies how many cards, from 1 to 10000
   */
  public record Source(Optional<Sheet> sheet, Optional<Envelope> envelope, int copies) {}

  /**
   * How large a closed card may be, turned either way.
   *
   * @param least the smallest that will do
   * @param most the largest that will do
   */
  public record Span(Optional<Extent> least, Optional<Extent> most) {}

  /** Anything. */
  public static final Wish ANYTHING =
      new Wish(
          new Purpose(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), ""),
          new Source(Optional.empty(), Optional.empty(), 1),
          new Span(Optional.empty(), Optional.empty()),
          Optional.empty());

  /** What a card can be asked to do, as pattern files name it. */
  public static final List<String> ABILITIES =
      List.of("holds-card", "stands", "surprises", "room-to-write", "posts-flat", "opens-wide");

  /** What a card can be good for, as pattern files name it; common practice, no source. */
  public static final List<String> OCCASIONS =
      List.of(
          "birthday",
          "thanks",
          "invitation",
          "year-end",
          "farewell",
          "child",
          "table",
          "voucher",
          "photographs");

  /**
   * Finds the best way to make each construction that will do.
   *
   * @param patterns the constructions
   * @param sheets the sheets to try if none is asked for
   * @param marks the ruler
   * @return one offer for each, the best first
   */
  public List<Offer> fulfil(Collection<Pattern> patterns, List<Sheet> sheets, Marks marks) {
    List<Pattern> wanted = patterns.stream().filter(this::suits).toList();
    Question question =
        new Question(
            sheet().map(List::of).orElse(sheets),
            envelope().map(List::of).orElse(List.of()),
            Envelope.usualClearance(marks),
            item(),
            least(),
            most(),
            copies(),
            marks,
            priority.orElse(asUsual()));
    Comparator<Offer> usualFirst =
        isFree() ? Comparator.comparingDouble(Wish::strangeness) : (first, second) -> 0;
    Map<String, Offer> best =
        Finder.offers(question, wanted).stream()
            .sorted(usualFirst)
            .collect(
                Collectors.toMap(
                    offer -> offer.pattern().id(), Function.identity(), (first, later) -> first));
    Comparator<Offer> asOnTheShelf =
        Comparator.comparingInt(offer -> wanted.indexOf(offer.pattern()));
    return best.values().stream().sorted(priority.map(Finder::order).orElse(asOnTheShelf)).toList();
  }

  private Priority asUsual() {
    if (envelope().isPresent()) {
      return Priority.BEST_ENVELOPE;
    }
    return sheet().isPresent() ? Priority.LARGEST : Priority.LEAST_PAPER;
  }

  /** Says whether nothing asks for another size than a construction usually has. */
  private boolean isFree() {
    return envelope().isEmpty()
        && sheet().isEmpty()
        && priority.isEmpty()
        && least().isEmpty()
        && most().isEmpty();
  }

  /** Returns how far an offer is from the usual size of its construction. */
  private static double strangeness(Offer offer) {
    String width = offer.pattern().parameter(Parameter.Role.FINISHED_WIDTH).id();
    Length usual = offer.pattern().normalValues().length(width).orElseThrow();
    Length now = offer.values().length(width).orElseThrow();
    return Math.abs(Math.log(now.toMillimetres() / usual.toMillimetres()));
  }

  /**
   * Says whether a construction is asked for at all, at whatever size.
   *
   * @param pattern the construction
   * @return whether it does what it must, in the time there is, under the words that were typed
   */
  public boolean suits(Pattern pattern) {
    String words =
        (pattern.name() + " " + pattern.about() + " " + pattern.id()).toLowerCase(Locale.ROOT);
    return does().map(pattern.does()::contains).orElse(true)
        && occasion().map(pattern.suits()::contains).orElse(true)
        && minutes().map(most -> pattern.effort().minutes() <= most).orElse(true)
        && Stream.of(text().toLowerCase(Locale.ROOT).strip().split("\\s+"))
            .allMatch(words::contains);
  }

  /**
   * Returns what a job that begins from an offer is sized to.
   *
   * @param marks the ruler
   * @return the sheet or the envelope that was asked for, or nothing in particular
   */
  public Goal goal(Marks marks) {
    if (envelope().isPresent()) {
      return new Goal.ForEnvelope(envelope().get(), Envelope.usualClearance(marks));
    }
    return sheet().isPresent() ? new Goal.FromSheet(sheet().get()) : new Goal.Free();
  }

  /** Returns what the card must do. */
  public Optional<String> does() {
    return purpose.does();
  }

  /** Returns what it is to be good for. */
  public Optional<String> occasion() {
    return purpose.occasion();
  }

  /** Returns what it is to hold. */
  public Optional<HeldItem> item() {
    return purpose.item();
  }

  /** Returns the most time it may take. */
  public Optional<Integer> minutes() {
    return purpose.minutes();
  }

  /** Returns words of its name or description. */
  public String text() {
    return purpose.text();
  }

  /** Returns the sheet it is to come from. */
  public Optional<Sheet> sheet() {
    return source.sheet();
  }

  /** Returns the envelope it is to go into. */
  public Optional<Envelope> envelope() {
    return source.envelope();
  }

  /** Returns how many cards. */
  public int copies() {
    return source.copies();
  }

  /** Returns the smallest closed card that will do. */
  public Optional<Extent> least() {
    return span.least();
  }

  /** Returns the largest closed card that will do. */
  public Optional<Extent> most() {
    return span.most();
  }

  /** Returns the wish with another ability. */
  public Wish withDoes(Optional<String> now) {
    return with(new Purpose(now, occasion(), item(), minutes(), text()));
  }

  /** Returns the wish with another occasion. */
  public Wish withOccasion(Optional<String> now) {
    return with(new Purpose(does(), now, item(), minutes(), text()));
  }

  /** Returns the wish with another thing to hold. */
  public Wish withItem(Optional<HeldItem> now) {
    return with(new Purpose(does(), occasion(), now, minutes(), text()));
  }

  /** Returns the wish with other time. */
  public Wish withMinutes(Optional<Integer> now) {
    return with(new Purpose(does(), occasion(), item(), now, text()));
  }

  /** Returns the wish with other words. */
  public Wish withText(String now) {
    return with(new Purpose(does(), occasion(), item(), minutes(), now));
  }

  /** Returns the wish with another sheet. */
  public Wish withSheet(Optional<Sheet> now) {
    return with(new Source(now, envelope(), copies()));
  }

  /** Returns the wish with another envelope. */
  public Wish withEnvelope(Optional<Envelope> now) {
    return with(new Source(sheet(), now, copies()));
  }

  /** Returns the wish with another number of cards, from 1 to 10000. */
  public Wish withCopies(int now) {
    return with(new Source(sheet(), envelope(), now));
  }

  /** Returns the wish with another smallest card. */
  public Wish withLeast(Optional<Extent> now) {
    return with(new Span(now, most()));
  }

  /** Returns the wish with another largest card. */
  public Wish withMost(Optional<Extent> now) {
    return with(new Span(least(), now));
  }

  /** Returns the wish with another order. */
  public Wish withPriority(Optional<Priority> now) {
    return new Wish(purpose, source, span, now);
  }

  private Wish with(Purpose now) {
    return new Wish(now, source, span, priority);
  }

  private Wish with(Source now) {
    return new Wish(purpose, now, span, priority);
  }

  private Wish with(Span now) {
    return new Wish(purpose, source, now, priority);
  }
}
