package cufflink.desktop.wait;

import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.concurrent.Service;
import javafx.concurrent.Task;
import javafx.util.Duration;

/**
 * Questions that are answered beside the window's own thread, one after another. The newest wins:
 * one that is no longer asked is told to stop, and its answer is not taken. What is found in less
 * than the eye notices is there at once; what takes longer than half a second says so, and can be
 * ended with the best so far. A fault goes where all go that nobody catches, and the answer before
 * stands.
 *
 * <p>All is called on the window's thread. Where there is no window, as in a test of the workbench
 * alone, nobody minds waiting and the answer is there on return.
 *
 * @param <Q> what is asked
 * @param <A> what is answered
 */
public final class Latest<Q, A> {
  /** How long the window waits for an answer that may come at once, in milliseconds. */
  private static final long AT_ONCE = 80;

  /** How long nobody needs to be told that they wait. */
  private static final Duration PATIENCE = Duration.millis(500);

  private final Answerer<Q, A> answerer;
  private final Asker asker = new Asker();
  private final PauseTransition patience = new PauseTransition(PATIENCE);
  private final PauseTransition rest;
  private final ReadOnlyObjectWrapper<Optional<Answered<Q, A>>> answered =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyBooleanWrapper slow = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyStringWrapper soFar = new ReadOnlyStringWrapper("");
  private Optional<Work> current = Optional.empty();

  /**
   * Answers questions, on a thread of its own.
   *
   * @param <Q> what is asked
   * @param <A> what is answered
   */
  public interface Answerer<Q, A> {
    /**
     * Answers a question.
     *
     * @param question what is asked
     * @param asking says when to stop, and takes what there is so far
     * @return the answer
     */
    A answer(Q question, Asking asking);
  }

  /**
   * A question with its answer.
   *
   * @param question what was asked
   * @param answer what was found
   * @param <Q> what is asked
   * @param <A> what is answered
   */
  public record Answered<Q, A>(Q question, A answer) {}

  /**
   * Prepares to answer.
   *
   * @param name what is answered, for the log
   * @param answerer answers
   */
  public Latest(String name, Answerer<Q, A> answerer) {
    this(name, Duration.ZERO, answerer);
  }

  /**
   * Prepares to answer what has stood for a while.
   *
   * @param name what is answered, for the log
   * @param rest how long a question must not have changed before it is worth an answer
   * @param answerer answers
   */
  public Latest(String name, Duration rest, Answerer<Q, A> answerer) {
    this.answerer = answerer;
    this.rest = new PauseTransition(rest);
    asker.setExecutor(thread(name));
    patience.setOnFinished(event -> slow.set(true));
  }

  private static Executor thread(String name) {
    return Executors.newSingleThreadExecutor(
        task -> {
          Thread thread = new Thread(task, name);
          thread.setDaemon(true);
          return thread;
        });
  }

  /**
   * Returns the last answer.
   *
   * @return the answer with its question, which may be one before the present one; empty before the
   *     first
   */
  public ReadOnlyObjectProperty<Optional<Answered<Q, A>>> answered() {
    return answered.getReadOnlyProperty();
  }

  /**
   * Returns what is known of just this question.
   *
   * @param question the question
   * @return its answer, if that is the last one found
   */
  public Optional<A> answerTo(Q question) {
    return answered.get().filter(each -> each.question().equals(question)).map(Answered::answer);
  }

  /**
   * Returns whether a question is open.
   *
   * @return true while one is
   */
  public ReadOnlyBooleanProperty busy() {
    return busy.getReadOnlyProperty();
  }

  /**
   * Returns whether a question has been open for so long that whoever asked should be told.
   *
   * @return true from half a second on
   */
  public ReadOnlyBooleanProperty slow() {
    return slow.getReadOnlyProperty();
  }

  /**
   * Returns what there is so far.
   *
   * @return a sentence, empty where nothing is known yet
   */
  public ReadOnlyStringProperty soFar() {
    return soFar.getReadOnlyProperty();
  }

  /** Takes the best so far as the answer. */
  public void enough() {
    current.ifPresent(each -> each.enough = true);
  }

  /**
   * Asks, unless this is just what is being asked or was answered last.
   *
   * @param question the question
   */
  public void ask(Q question) {
    boolean asked = current.filter(each -> each.question.equals(question)).isPresent();
    if (!asked) {
      ask(question, answer -> {});
    }
  }

  /**
   * Asks, whatever was asked before.
   *
   * @param question the question
   * @param then takes the answer, if no other question was asked meanwhile
   */
  public void ask(Q question, Consumer<A> then) {
    current.ifPresent(each -> each.outdated = true);
    Work work = new Work(question, then);
    current = Optional.of(work);
    if (!work.isBeside) {
      work.take(answerer.answer(question, work));
      return;
    }
    soFar.set("");
    busy.set(true);
    slow.set(false);
    patience.playFromStart();
    if (rest.getDuration().equals(Duration.ZERO)) {
      begin(work);
    } else {
      rest.setOnFinished(event -> begin(work));
      rest.playFromStart();
    }
  }

  /** Asks nothing any more. */
  public void forget() {
    current.ifPresent(each -> each.outdated = true);
    current = Optional.empty();
    rest.stop();
    end();
  }

  private void begin(Work work) {
    asker.restart();
    if (!rest.getDuration().equals(Duration.ZERO)) {
      return;
    }
    try {
      work.take(work.get(AT_ONCE, TimeUnit.MILLISECONDS));
    } catch (TimeoutException later) {
      // It comes when it has been found.
      return;
    } catch (ExecutionException fault) {
      work.fail(fault.getCause());
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  private void end() {
    patience.stop();
    slow.set(false);
    busy.set(false);
  }

  /** Starts the work on the present question. */
  private final class Asker extends Service<A> {
    @Override
    protected Task<A> createTask() {
      return current.orElseThrow();
    }
  }

  /** The work on one question, watched from whichever thread. */
  private final class Work extends Task<A> implements Asking {
    private final Q question;
    private final Consumer<A> then;
    private final boolean isBeside = Platform.isFxApplicationThread();
    private volatile boolean outdated;
    private volatile boolean enough;
    private boolean ended;

    Work(Q question, Consumer<A> then) {
      this.question = Objects.requireNonNull(question);
      this.then = then;
    }

    @Override
    protected A call() {
      return answerer.answer(question, this);
    }

    @Override
    public boolean stops() {
      return enough || outdated;
    }

    @Override
    public void tell(String sentence) {
      if (isBeside) {
        Platform.runLater(
            () -> {
              if (!outdated && !ended) {
                soFar.set(sentence);
              }
            });
      }
    }

    /** Work is asked to end and never interrupted in the middle of something. */
    @Override
    public boolean cancel(boolean interrupts) {
      outdated = true;
      return super.cancel(false);
    }

    @Override
    protected void succeeded() {
      take(getValue());
    }

    @Override
    protected void failed() {
      fail(getException());
    }

    private void take(A answer) {
      if (outdated || ended) {
        return;
      }
      ended = true;
      end();
      answered.set(Optional.of(new Answered<>(question, answer)));
      then.accept(answer);
    }

    private void fail(Throwable fault) {
      if (outdated || ended) {
        return;
      }
      ended = true;
      current = Optional.empty();
      end();
      Thread thread = Thread.currentThread();
      thread.getUncaughtExceptionHandler().uncaughtException(thread, fault);
    }
  }
}
