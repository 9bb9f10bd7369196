package cufflink.desktop.work;

import cufflink.core.job.Job;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/** The versions of what lay on the table, to go back and forth in. */
public final class History {
  private static final int LONGEST = 500;

  /** A job, its id on the table and the file it is kept in, if it is kept in one. */
  record Version(String id, Job job, Optional<Path> file) {}

  private final List<Version> versions = new ArrayList<>();
  private int now = -1;
  private String lastSubject = "";
  private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(false);
  private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(false);

  History() {}

  /**
   * Returns whether a change can be taken back.
   *
   * @return true while one can
   */
  public ReadOnlyBooleanProperty canUndo() {
    return canUndo.getReadOnlyProperty();
  }

  /**
   * Returns whether a change that was taken back can be made again.
   *
   * @return true while one can
   */
  public ReadOnlyBooleanProperty canRedo() {
    return canRedo.getReadOnlyProperty();
  }

  private void moveTo(int version) {
    now = version;
    canUndo.set(canGoBack());
    canRedo.set(canGoForward());
  }

  /**
   * Adds a version. Changes of the same subject in a row count as one, so that typing a number is
   * taken back at once and not key by key.
   */
  void add(Version version, String subject) {
    boolean goesOn = !subject.isEmpty() && subject.equals(lastSubject) && now > 0;
    if (goesOn) {
      now--;
    }
    while (versions.size() > now + 1) {
      versions.remove(versions.size() - 1);
    }
    if (goesOn && versions.get(now).equals(version)) {
      // Typed all the way back: there is nothing to take back.
      moveTo(now);
      pause();
      return;
    }
    versions.add(version);
    if (versions.size() > LONGEST) {
      versions.remove(0);
    }
    moveTo(versions.size() - 1);
    lastSubject = subject;
  }

  /** Notes in which file the present version is kept. */
  void keptIn(Path file) {
    Version version = versions.get(now);
    versions.set(now, new Version(version.id(), version.job(), Optional.of(file)));
    pause();
  }

  /** Gives a job another id, in all its versions. */
  void renamed(String before, String now) {
    versions.replaceAll(
        each ->
            each.job().id().equals(before)
                ? new Version(each.id(), each.job().withId(now), each.file())
                : each);
  }

  /** Takes the present version away as if it had never been, and returns the one before. */
  Optional<Version> dropped(String subject) {
    if (now < 1 || !subject.equals(lastSubject)) {
      return Optional.empty();
    }
    versions.remove(now);
    moveTo(now - 1);
    pause();
    return Optional.of(versions.get(now));
  }

  /** Ends a run of changes of one subject. */
  void pause() {
    lastSubject = "";
  }

  Optional<Version> back() {
    pause();
    if (!canGoBack()) {
      return Optional.empty();
    }
    moveTo(now - 1);
    return Optional.of(versions.get(now));
  }

  Optional<Version> forward() {
    pause();
    if (!canGoForward()) {
      return Optional.empty();
    }
    moveTo(now + 1);
    return Optional.of(versions.get(now));
  }

  private boolean canGoBack() {
    return now > 0;
  }

  private boolean canGoForward() {
    return now < versions.size() - 1;
  }
}
