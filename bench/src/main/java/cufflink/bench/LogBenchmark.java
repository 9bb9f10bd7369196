package cufflink.bench;

import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Memory;
import cufflink.files.log.LogStore;
import cufflink.files.log.WholeLog;
import cufflink.files.project.DemoProjects;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;

/** A log of ten thousand cards: opened, and asked with every letter that is typed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class LogBenchmark {
  private static final int CARDS = 10_000;
  private static final int PEOPLE = 300;

  private Path file;
  private LogStore store;
  private int letter;

  /** Writes the log. */
  @Setup
  public void write() throws IOException {
    file = Files.createTempDirectory("cufflink-log").resolve("cards.sqlite");
    List<Job> jobs = DemoProjects.all();
    List<CardMade> cards = new ArrayList<>();
    for (int i = 0; i < CARDS; i++) {
      Memory memory = new Memory(1, "person " + i % PEOPLE, "thanks", 0, 0, "", "");
      LocalDate day = LocalDate.of(2020, 1, 1).plusDays(i % 2_000);
      cards.add(new CardMade("card-" + i, day, jobs.get(i % jobs.size()), "card", memory));
    }
    store = LogStore.open(file).orElseThrow();
    store.putAll(WholeLog.of(cards)).orElseThrow();
  }

  /** Closes it. */
  @TearDown
  public void close() {
    store.close();
  }

  /** Opens it and reads the headings of all cards, as the table of the log does. */
  @Benchmark
  public int open() {
    try (LogStore opened = LogStore.open(file).orElseThrow()) {
      return opened.headings("", CARDS).orElseThrow().size();
    }
  }

  /** Finds while one types. */
  @Benchmark
  public int find() {
    letter++;
    return store.headings("person " + letter % PEOPLE, CARDS).orElseThrow().size();
  }
}
