package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.Parsed;
import cufflink.desktop.wait.InOrder;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.Drafts;
import cufflink.files.project.Drafts.Draft;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.util.Duration;

/**
 * Keeps a draft of every job on the table until it is saved or put away. A change is on the disk
 * less than a second after it was made, however many follow it, and at once when the application
 * ends.
 */
final class DraftKeeper {
  private static final Duration AFTER_A_CHANGE = Duration.millis(700);

  private final Workbench bench;
  private final Drafts drafts;
  private final InOrder disk;
  private final PauseTransition pause = new PauseTransition(AFTER_A_CHANGE);
  private final ObservableList<Draft> waiting = FXCollections.observableArrayList();

  /** What the content of each job's project file was known by when it was last read or written. */
  private final Map<String, String> seen = new HashMap<>();

  /** What is still to be written: by job the draft, or nothing if it is to be forgotten. */
  private final Map<String, Optional<Draft>> unwritten = new LinkedHashMap<>();

  private final ChangeListener<Optional<Derivation>> changed = (property, before, now) -> note();
  private final ChangeListener<String> left = (property, before, now) -> leave(before);
  private Optional<Draft> onTable = Optional.empty();
  private boolean forgetsUntouched;

  DraftKeeper(Workbench bench, Drafts drafts, InOrder disk) {
    this.bench = bench;
    this.drafts = drafts;
    this.disk = disk;
    pause.setOnFinished(event -> disk.run(this::write));
    bench.derivation().addListener(changed);
    bench.keeping().id().addListener(left);
  }

  /** Returns the jobs that are not saved and do not lie on the table just now. */
  ObservableList<Draft> waiting() {
    return waiting;
  }

  Optional<String> seen() {
    return Optional.ofNullable(seen.get(bench.keeping().id().get()));
  }

  void saw(Optional<String> fingerprint) {
    fingerprint.ifPresentOrElse(
        each -> seen.put(bench.keeping().id().get(), each),
        () -> seen.remove(bench.keeping().id().get()));
  }

  private void note() {
    Optional<Job> job = bench.job();
    if (job.isEmpty() || !bench.keeping().unsaved().get()) {
      onTable = Optional.empty();
      return;
    }
    String id = bench.keeping().id().get();
    Draft draft = new Draft(id, bench.keeping().file().get(), seen(), job.get());
    onTable = Optional.of(draft);
    waiting.removeIf(each -> each.id().equals(id));
    plan(id, onTable);
  }

  /** What was changed and not saved waits on the shelf; what was only looked at does not. */
  private void leave(String id) {
    onTable
        .filter(each -> each.id().equals(id))
        .ifPresent(
            each -> {
              if (bench.keeping().isTouched()) {
                waiting.add(each);
              } else {
                plan(id, Optional.empty());
              }
            });
    onTable = Optional.empty();
  }

  private void plan(String id, Optional<Draft> draft) {
    synchronized (unwritten) {
      unwritten.put(id, draft);
    }
    if (pause.getStatus() != javafx.animation.Animation.Status.RUNNING) {
      pause.playFromStart();
    }
  }

  /** Writes what is still to be written, from whichever thread. */
  void write() {
    Map<String, Optional<Draft>> now;
    synchronized (unwritten) {
      now = new LinkedHashMap<>(unwritten);
      unwritten.clear();
    }
    now.forEach(
        (id, draft) -> {
          if (draft.isEmpty()) {
            drafts.forget(id);
            return;
          }
          Parsed<Path> kept = drafts.keep(draft.get());
          if (kept.value().isEmpty()) {
            tell(Words.say("draft.failed", Words.say(kept.problem())));
          }
        });
  }

  private void tell(String sentence) {
    Platform.runLater(() -> bench.tell(sentence));
  }

  /** The job on the table is in its file now, and was read back from there. */
  void saved() {
    onTable = Optional.empty();
    plan(bench.keeping().id().get(), Optional.empty());
  }

  /**
   * Takes over what applications left behind that have ended.
   *
   * @param lays whether the one kept last comes onto the table at once
   * @return true if one was laid there
   */
  boolean recover(boolean lays) {
    List<Draft> back = new ArrayList<>();
    for (Drafts.Left left : drafts.left()) {
      drafts.adopt(left).value().ifPresent(back::add);
    }
    waiting.addAll(back);
    int bad = drafts.unreadable();
    if (lays && !back.isEmpty() && takeUp(back.get(back.size() - 1))) {
      String key = back.size() > 1 ? "draft.several" : "draft.back";
      bench.tell(Words.say(key, back.size() - 1));
      return true;
    }
    if (bad > 0) {
      bench.tell(Words.say("draft.bad", bad, drafts.folder()));
    }
    return false;
  }

  /** Lays a job that waits back on the table. */
  boolean takeUp(Draft draft) {
    draft.seen().ifPresent(each -> seen.put(draft.id(), each));
    return bench.layBack(draft.id(), draft.job(), draft.file());
  }

  /** Takes a job off the shelf; its draft stays on the disk, out of the way. */
  void putAway(Draft draft) {
    waiting.remove(draft);
    disk.run(
        () -> {
          write();
          Parsed<Path> away = drafts.putAway(draft.id());
          return away.value()
              .map(path -> Words.say("draft.away", draft.job().title(), path))
              .orElse(Words.say(away.problem()));
        },
        bench::tell);
  }

  /** Jobs of the demonstration are no work of the maker's until they are changed. */
  void forgetWhatIsUntouched() {
    forgetsUntouched = true;
  }

  void close() {
    bench.derivation().removeListener(changed);
    bench.keeping().id().removeListener(left);
    pause.stop();
    if (forgetsUntouched && !bench.keeping().isTouched()) {
      onTable.ifPresent(each -> plan(each.id(), Optional.empty()));
      pause.stop();
    }
    write();
    drafts.close();
  }
}
