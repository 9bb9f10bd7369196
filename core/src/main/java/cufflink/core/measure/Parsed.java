package cufflink.core.measure;

import cufflink.core.words.Message;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Function;

/**
 * What came of reading something a person wrote: a value, or one plain sentence about what is wrong
 * and what to do.
 *
 * @param <T> the kind of value
 */
public final class Parsed<T> {
  private final Optional<T> value;
  private final Message problem;

  private Parsed(Optional<T> value, Message problem) {
    this.value = value;
    this.problem = problem;
  }

  /**
   * Returns a successful reading.
   *
   * @param value what was read
   * @param <T> the kind of value
   * @return the reading
   */
  public static <T> Parsed<T> good(T value) {
    return new Parsed<>(Optional.of(value), Message.NONE);
  }

  /**
   * Returns a failed reading.
   *
   * @param key the sentence's name in the resource bundle
   * @param details what goes into the sentence's places
   * @param <T> the kind of value there would have been
   * @return the reading
   */
  public static <T> Parsed<T> bad(String key, Object... details) {
    return new Parsed<>(Optional.empty(), Message.of(key, details));
  }

  /**
   * Returns a failed reading.
   *
   * @param problem what is wrong and what to do
   * @param <T> the kind of value there would have been
   * @return the reading
   */
  public static <T> Parsed<T> bad(Message problem) {
    return new Parsed<>(Optional.empty(), problem);
  }

  /**
   * Returns the value, if the reading succeeded.
   *
   * @return the value
   */
  public Optional<T> value() {
    return value;
  }

  /**
   * Returns the sentence about what is wrong.
   *
   * @return the sentence, empty if the reading succeeded
   */
  public Message problem() {
    return problem;
  }

  /**
   * Goes on reading from a value, keeping an earlier problem.
   *
   * @param next what makes the next reading
   * @param <U> the kind of value of the next reading
   * @return the next reading
   */
  public <U> Parsed<U> then(Function<T, Parsed<U>> next) {
    return value.map(next).orElseGet(() -> new Parsed<>(Optional.empty(), problem));
  }

  /**
   * Returns the value of a reading that must have succeeded.
   *
   * @return the value
   * @throws NoSuchElementException if it failed; the message is the name of its sentence
   */
  public T orElseThrow() {
    return value.orElseThrow(() -> new NoSuchElementException(problem.key()));
  }
}
