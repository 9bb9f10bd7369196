package cufflink.files.size;

import cufflink.core.design.Design;
import cufflink.core.fit.Goal;
import cufflink.core.fold.Thickness;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Envelope;
import cufflink.core.post.PostClass;
import cufflink.core.post.PostClass.Ratio;
import cufflink.core.post.PostClass.Span;
import cufflink.core.post.Posting;
import cufflink.core.words.Message;
import cufflink.files.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/** What postal services carry, and as what a card goes. */
public final class Post {
  private static final List<PostClass> CLASSES = read();

  private Post() {}

  /**
   * A card in its envelope.
   *
   * @param envelope the envelope it is for, or the smallest that takes it
   * @param postings as what it goes, an answer for each country
   */
  public record Posted(Envelope envelope, List<Posting> postings) {
    /** Copies the list. */
    public Posted {
      postings = List.copyOf(postings);
    }
  }

  /**
   * Returns what the services carry.
   *
   * @return the classes, those of a country in the order of their prices
   */
  public static List<PostClass> classes() {
    return CLASSES;
  }

  /**
   * Finds as what a card goes by post.
   *
   * @param folded what follows from its job, folded in thought
   * @return the answer; empty if it is not known how thick it is, or no envelope takes it
   */
  public static Optional<Posted> of(Derivation folded) {
    return folded.thickness().flatMap(all -> of(folded, all));
  }

  /**
   * Finds as what a card goes by post.
   *
   * @param derivation what follows from its job
   * @param all how thick it is closed, and what it weighs
   * @return the answer; empty if no envelope takes it
   */
  public static Optional<Posted> of(Derivation derivation, Thickness all) {
    Length thick = all.thickest().map(Thickness.Region::thick).orElse(Length.ZERO);
    return derivation
        .made()
        .map(Derivation.Made::design)
        .flatMap(design -> envelope(derivation.job(), design, thick))
        .map(
            each ->
                new Posted(each, Posting.of(Posting.Parcel.in(each, thick, all.grams()), CLASSES)));
  }

  /**
   * Says as what something goes in a country.
   *
   * @param posting the answer
   * @return a sentence that names the country
   */
  public static Message told(Posting posting) {
    Locale language = Locale.forLanguageTag(Words.language().name());
    String country = new Locale("", posting.country()).getDisplayCountry(language);
    String label = posting.best().map(PostClass::label).orElse("");
    return posting.told(Words.language().dressed(country), Words.language().dressed(label));
  }

  /**
   * Puts the country first in which the maker lives, if the system says which that is.
   *
   * @param postings an answer for each country
   * @return the same answers
   */
  public static List<Posting> ownFirst(List<Posting> postings) {
    String home = Locale.getDefault().getCountry();
    return postings.stream()
        .sorted(Comparator.comparing(each -> !each.country().equals(home)))
        .toList();
  }

  private static Optional<Envelope> envelope(Job job, Design design, Length thick) {
    Length clearance = Envelope.usualClearance(job.marks()).max(thick);
    return job.goal() instanceof Goal.ForEnvelope wanted
        ? Optional.of(wanted.envelope())
        : Posting.smallest(
            StandardSizes.envelopes(), design.finishedWidth(), design.finishedHeight(), clearance);
  }

  private static List<PostClass> read() {
    try (InputStream in = Post.class.getResourceAsStream("/cufflink/files/sizes/post.yaml")) {
      Map<String, Object> root = new Yaml(new SafeConstructor(new LoaderOptions())).load(in);
      List<PostClass> classes = new ArrayList<>();
      for (Object entry : (List<?>) root.get("classes")) {
        Map<?, ?> fields = (Map<?, ?>) entry;
        classes.add(
            new PostClass(
                String.valueOf(fields.get("country")),
                String.valueOf(fields.get("label")),
                span(fields, "long"),
                span(fields, "short"),
                span(fields, "thick"),
                ((Number) fields.get("grams")).doubleValue(),
                ratio(fields)));
      }
      return List.copyOf(classes);
    } catch (IOException reason) {
      throw new UncheckedIOException(reason);
    }
  }

  private static Span span(Map<?, ?> fields, String key) {
    List<?> ends = (List<?>) fields.get(key);
    return new Span(length(ends.get(0)), length(ends.get(1)));
  }

  private static Length length(Object text) {
    return LengthParser.parse(String.valueOf(text), Unit.MILLIMETRE).orElseThrow();
  }

  private static Optional<Ratio> ratio(Map<?, ?> fields) {
    if (!(fields.get("machine") instanceof List<?> ends)) {
      return Optional.empty();
    }
    double least = ((Number) ends.get(0)).doubleValue();
    return Optional.of(new Ratio(least, ((Number) ends.get(1)).doubleValue()));
  }
}
