package cufflink.desktop.shell;

import cufflink.core.measure.Parsed;
import cufflink.core.paper.Picture;
import cufflink.core.paper.Sheet;
import cufflink.desktop.wait.InOrder;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.PictureShelf;
import cufflink.files.words.Words;
import java.io.File;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.stage.FileChooser;

/** Pictures of the maker's own papers: chosen, read beside the window's own thread, and kept. */
final class PictureChoice {
  private final Workbench bench;
  private final InOrder disk = new InOrder("picture");
  private Function<FileChooser, File> dialog = chooser -> chooser.showOpenDialog(null);

  PictureChoice(Workbench bench) {
    this.bench = bench;
  }

  boolean has(Picture picture) {
    return bench.papers().shelf().filter(shelf -> shelf.has(picture.name())).isPresent();
  }

  /** Answers for the system's own dialog, in tests. */
  void askWith(Function<FileChooser, File> other) {
    dialog = other;
  }

  /** Lets the maker choose a file; one that is no picture is told of. */
  void choose(Sheet sheet, Consumer<Picture> then) {
    Optional<PictureShelf> shelf = bench.papers().shelf();
    if (shelf.isEmpty()) {
      return;
    }
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Words.say("look.picture"));
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                Words.say("look.pictures"),
                "*.jpg",
                "*.jpeg",
                "*.png",
                "*.gif",
                "*.bmp",
                "*.tif",
                "*.tiff",
                "*.JPG",
                "*.JPEG",
                "*.PNG"));
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(Words.say("look.any-file"), "*.*"));
    Optional.ofNullable(dialog.apply(chooser))
        .ifPresent(
            file -> {
              bench.tell(Words.say("look.reading", file.getName()));
              disk.run(() -> shelf.get().take(file.toPath(), sheet), read -> take(read, then));
            });
  }

  private void take(Parsed<Picture> read, Consumer<Picture> then) {
    read.value()
        .ifPresentOrElse(
            picture -> {
              bench.papers().book().again(picture.name());
              then.accept(picture);
            },
            () -> bench.tell(read.problem().say(bench.format())));
  }
}
