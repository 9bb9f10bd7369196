package cufflink.desktop.shell;

import cufflink.core.log.CardMade;
import cufflink.core.log.CardMade.Heading;
import cufflink.core.log.CardMade.Photo;
import cufflink.core.log.Done;
import cufflink.core.make.Times;
import cufflink.core.measure.Parsed;
import cufflink.desktop.wait.InOrder;
import cufflink.files.log.LogStore;
import cufflink.files.log.Photos;
import cufflink.files.log.Workplace;
import cufflink.files.project.AtomicFile;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;

/** The log as the window uses it: opened when it is first needed, beside the window's thread. */
final class Logbook {
  /** How far back it is looked for what was learned. */
  static final int RECENT = 300;

  /** As much of what was done tells how long things take now. */
  private static final int LATELY = 5_000;

  private final Path file;
  private final Workplace place;
  private final Photos photos;
  private final Consumer<String> teller;
  private final InOrder disk = new InOrder("log");
  private Optional<LogStore> store = Optional.empty();

  /**
   * Prepares to read and write.
   *
   * @param file the log's file
   * @param teller is told in one sentence what goes wrong, on the window's thread
   */
  Logbook(Path file, Consumer<String> teller) {
    this.file = file;
    this.place = new Workplace(file.resolveSibling("tables"));
    this.photos = new Photos(file.resolveSibling("photos"), new AtomicFile(AtomicFile.Disk.REAL));
    this.teller = teller;
  }

  /** Writes down what was done. */
  void add(List<Done> done) {
    disk.run(() -> with(store -> store.add(done)));
  }

  /** Works out how long things take the maker, from what was done lately. */
  void times(Consumer<Times> then) {
    disk.run(
        () ->
            with(store -> store.lately(LATELY))
                .map(Times::of)
                .ifPresent(times -> Platform.runLater(() -> then.accept(times))));
  }

  /**
   * Reads what was done of a job and lays it on the table; nothing is taken if the log cannot be
   * read.
   *
   * @param jobId the job
   * @param then takes what was done, and whether another window has the job on its table
   */
  void read(String jobId, BiConsumer<List<Done>, Boolean> then) {
    disk.run(
        () -> {
          boolean elsewhere = !place.take(jobId);
          with(store -> store.done(jobId))
              .ifPresent(all -> Platform.runLater(() -> then.accept(all, elsewhere)));
        });
  }

  /**
   * Finds cards, and works out something of them, both beside the window's thread.
   *
   * @param words all of which must be found
   * @param most how many cards at the most
   * @param work what is worked out of them
   * @param then takes the cards and what came of them, on the window's thread
   */
  <T> void find(
      String words,
      int most,
      Function<List<CardMade>, List<T>> work,
      BiConsumer<List<CardMade>, List<T>> then) {
    disk.run(
        () ->
            with(store -> store.find(words, most))
                .ifPresent(
                    cards -> {
                      List<T> worked = work.apply(cards);
                      Platform.runLater(() -> then.accept(cards, worked));
                    }));
  }

  /**
   * Finds the headings of all cards.
   *
   * @param words all of which must be found
   * @param then takes them, the newest first, on the window's thread
   */
  void headings(String words, Consumer<List<Heading>> then) {
    change(store -> store.headings(words, Integer.MAX_VALUE), then);
  }

  /**
   * Reads or writes something, and then goes on, on the window's thread, if it worked; if not, that
   * has been told.
   */
  <T> void change(Function<LogStore, Parsed<T>> use, Consumer<T> then) {
    disk.run(() -> with(use).ifPresent(result -> Platform.runLater(() -> then.accept(result))));
  }

  /** Reads cards whole and works something out of them, both beside the window's thread. */
  <T> void card(String id, Function<CardMade, T> work, Consumer<T> then) {
    disk.run(
        () ->
            with(store -> store.card(id))
                .flatMap(card -> card)
                .map(work)
                .ifPresent(worked -> Platform.runLater(() -> then.accept(worked))));
  }

  /** Copies a picture in and puts it to cards. */
  void photo(String id, Path picture, Runnable then) {
    change(
        store ->
            photos
                .take(picture)
                .then(
                    photo ->
                        store
                            .card(id)
                            .then(
                                card ->
                                    card.isEmpty()
                                        ? Parsed.good(card)
                                        : store
                                            .put(card.get().withPhoto(Optional.of(photo)))
                                            .then(put -> Parsed.good(Optional.of(put))))),
        put -> then.run());
  }

  /** Finds a picture again. */
  Optional<Path> file(Photo photo) {
    return photos.file(photo);
  }

  private <T> Optional<T> with(Function<LogStore, Parsed<T>> use) {
    if (store.isEmpty()) {
      Parsed<LogStore> opened = LogStore.open(file);
      store = opened.value();
      if (store.isEmpty()) {
        tell(Words.say(opened.problem()));
        return Optional.empty();
      }
    }
    Parsed<T> result = use.apply(store.get());
    if (result.value().isEmpty()) {
      tell(Words.say(result.problem()));
    }
    return result.value();
  }

  private void tell(String problem) {
    Platform.runLater(() -> teller.accept(problem));
  }

  /** Writes what is still to be written, and closes the file. */
  void close() {
    disk.close();
    place.close();
    store.ifPresent(LogStore::close);
    store = Optional.empty();
  }
}
