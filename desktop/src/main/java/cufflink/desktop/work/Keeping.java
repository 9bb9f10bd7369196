package cufflink.desktop.work;

import cufflink.core.job.Job;
import java.nio.file.Path;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** What the job on the table is known by there, in which file it is kept, and whether it is. */
public final class Keeping {
  private final ReadOnlyStringWrapper id = new ReadOnlyStringWrapper("");
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper(false);
  private boolean touched;

  Keeping() {}

  /**
   * Returns the id of the job on the table: each that is laid there has one of its own, which it
   * keeps while it is changed.
   *
   * @return the id, empty while the table is empty
   */
  public ReadOnlyStringProperty id() {
    return id.getReadOnlyProperty();
  }

  /**
   * Returns the file the job is kept in.
   *
   * @return the file, if there is one
   */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return file.getReadOnlyProperty();
  }

  /**
   * Returns whether there are changes that are in no file.
   *
   * @return true while there are
   */
  public ReadOnlyBooleanProperty unsaved() {
    return unsaved.getReadOnlyProperty();
  }

  /**
   * Says whether the maker has changed the job since it was laid on the table.
   *
   * @return false if it is just as it came
   */
  public boolean isTouched() {
    return touched;
  }

  void laid(String newId, Optional<Path> newFile, boolean isUnsaved) {
    if (!id.get().equals(newId)) {
      id.set(newId);
      touched = false;
    }
    file.set(newFile);
    unsaved.set(isUnsaved);
  }

  void touch() {
    touched = true;
    unsaved.set(true);
  }

  void saved(Path keptIn) {
    file.set(Optional.of(keptIn));
    unsaved.set(false);
  }

  History.Version version(Job job) {
    return new History.Version(id.get(), job, file.get());
  }
}
