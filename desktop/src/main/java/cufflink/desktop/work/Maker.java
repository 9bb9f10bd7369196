package cufflink.desktop.work;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.log.Done;
import cufflink.core.log.Experience;
import cufflink.core.make.AtTable;
import cufflink.core.make.School;
import cufflink.core.make.Times;
import cufflink.core.pattern.Pattern;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/**
 * How far the making of each job has got. What is done stays done: it is outside undo, and each
 * thing that is done is handed on to be written down at once.
 */
public final class Maker {
  private final Cutter cutter;
  private final Clock clock;
  private final Map<String, List<Done>> done = new HashMap<>();
  private Consumer<List<Done>> keeper = what -> {};
  private final BooleanProperty byPiece = new SimpleBooleanProperty();
  private Times times = Times.USUAL;
  private Map<String, Integer> minutes = Map.of();
  private Map<String, Experience.Went> went = Map.of();
  private Optional<Known> known = Optional.empty();

  /** What was cut again lately; its plans are small, and are asked for at every look. */
  private final Map<PaperPlan.Question, List<PaperPlan>> again = new HashMap<>();

  /** A job on the table with what it follows from, so that it is not made anew for every look. */
  private record Known(
      Derivation derivation,
      List<Done> done,
      Times times,
      boolean byPiece,
      List<PaperPlan> plans,
      AtTable at) {}

  Maker(Cutter cutter, Clock clock) {
    this.cutter = cutter;
    this.clock = clock;
  }

  /**
   * Says who writes down what is done.
   *
   * @param newKeeper takes things as they are done or taken back
   */
  public void keptBy(Consumer<List<Done>> newKeeper) {
    keeper = newKeeper;
  }

  /**
   * Returns whether several cards are made piece by piece.
   *
   * @return false if by tool
   */
  public BooleanProperty byPiece() {
    return byPiece;
  }

  /**
   * Returns in which order this maker works.
   *
   * @param order how many cards
   * @return piece by piece for one card; for several as the maker prefers
   */
  public School school(Order order) {
    return order.copies() > 1 && !byPiece.get() ? School.BY_TOOL : School.BY_PIECE;
  }

  /**
   * Takes over how long things take this maker.
   *
   * @param learned what was learned so far
   */
  public void takes(Times learned) {
    times = learned;
  }

  /**
   * Returns how long things take this maker.
   *
   * @return what was learned so far
   */
  public Times times() {
    return times;
  }

  /**
   * Takes over how long one card of each construction took this maker.
   *
   * @param seen minutes by the construction's id
   */
  public void took(Map<String, Integer> seen) {
    minutes = Map.copyOf(seen);
  }

  /**
   * Returns how long one card of each construction took this maker.
   *
   * @return minutes by the construction's id; those that were never made are missing
   */
  public Map<String, Integer> minutes() {
    return minutes;
  }

  /**
   * Takes over how the cards of each construction went.
   *
   * @param seen by the construction's id
   * @return whether that is other than before
   */
  public boolean wentAs(Map<String, Experience.Went> seen) {
    boolean isOther = !seen.equals(went);
    went = Map.copyOf(seen);
    return isOther;
  }

  /**
   * Returns how hard a construction has proved for this maker.
   *
   * @param pattern the construction
   * @return from 1 to 3; empty if it is as the construction says, or not known yet
   */
  public Optional<Integer> level(Pattern pattern) {
    return Optional.ofNullable(went.get(pattern.id()))
        .flatMap(each -> each.level(pattern.effort().level()));
  }

  /**
   * Returns whether it is known what was done of a job before.
   *
   * @param jobId the job's id
   * @return false until it has been read
   */
  public boolean isKnown(String jobId) {
    return done.containsKey(jobId);
  }

  /**
   * Takes over what was done of a job, in this window or another, today or last week.
   *
   * @param jobId the job's id
   * @param before all that was written down of it, in order
   */
  public void learn(String jobId, List<Done> before) {
    List<Done> all = new ArrayList<>(before);
    // What was done while it was read stays done as well.
    done.getOrDefault(jobId, List.of()).stream()
        .filter(each -> !before.contains(each))
        .forEach(all::add);
    done.put(jobId, all);
  }

  /**
   * Returns what was done of a job.
   *
   * @param jobId the job's id
   * @return what counts of it, in order
   */
  public List<Done> done(String jobId) {
    return List.copyOf(Done.counted(done.getOrDefault(jobId, List.of())));
  }

  /**
   * Returns a job as it lies on the table: by tool, or piece by piece for one card.
   *
   * @param derivation what follows from the job
   * @param drawer the maker's sheets and off-cuts
   * @return the run and how far it has got; empty while its cutting is being planned
   */
  public Optional<AtTable> at(Derivation derivation, Drawer drawer) {
    List<Done> now = done(derivation.job().id());
    Optional<AtTable> before =
        known
            .filter(it -> it.derivation() == derivation && it.done().equals(now))
            .filter(it -> it.times().equals(times) && it.byPiece() == byPiece.get())
            .filter(it -> it.plans().equals(cutter.plans().get()))
            .map(Known::at);
    if (before.isPresent()) {
      return before;
    }
    School school = school(derivation.job().order());
    boolean isTaken = cutter.isTaken(derivation);
    Optional<AtTable> at =
        cutter
            .question(derivation, drawer)
            .map(
                cutting ->
                    new AtTable.Asked(derivation.job(), cutting, isTaken, now, school, times))
            .flatMap(asked -> AtTable.of(asked, planner(derivation, drawer)));
    known =
        at.map(it -> new Known(derivation, now, times, byPiece.get(), cutter.plans().get(), it));
    return at;
  }

  private AtTable.Planner planner(Derivation derivation, Drawer drawer) {
    return new AtTable.Planner() {
      @Override
      public Optional<List<PaperPlan>> plans(PaperPlan.Question question) {
        return question.only().isEmpty()
            ? cutter.planned(derivation, drawer)
            : cutter.planned(question);
      }

      @Override
      public List<PaperPlan> again(PaperPlan.Question question) {
        return again.computeIfAbsent(question, it -> PaperPlan.of(it, Watch.NOBODY));
      }
    };
  }

  /**
   * Returns until when the glue has to dry before a job can go on.
   *
   * @param at the job on the table
   * @return the time of day, in hours and minutes; empty if nothing need be waited for
   */
  public Optional<String> dries(AtTable at) {
    return at.dries(clock.instant())
        .map(until -> LocalTime.ofInstant(until.plusSeconds(59), ZoneId.systemDefault()))
        .map(time -> time.truncatedTo(ChronoUnit.MINUTES).toString());
  }

  /**
   * Notes that something happened at the table.
   *
   * @param at the job on the table
   * @param what says it: what is done, taken back or spoilt at a moment
   */
  public void note(AtTable at, Function<Instant, List<Done>> what) {
    List<Done> all = what.apply(clock.instant());
    done.computeIfAbsent(at.jobId(), each -> new ArrayList<>()).addAll(all);
    if (!at.jobId().isEmpty() && !all.isEmpty()) {
      keeper.accept(all);
    }
  }
}
