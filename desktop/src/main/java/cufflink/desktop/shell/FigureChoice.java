package cufflink.desktop.shell;

import cufflink.core.measure.Parsed;
import cufflink.desktop.wait.InOrder;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.Figure;
import cufflink.files.words.Words;
import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.stage.FileChooser;

/** A figure from a file, read beside the window's own thread. */
final class FigureChoice {
  private final Workbench bench;
  private final InOrder disk = new InOrder("figures");
  private Function<FileChooser, File> dialog = chooser -> chooser.showOpenDialog(null);

  FigureChoice(Workbench bench) {
    this.bench = bench;
  }

  /** Answers for the system's own dialog, in tests. */
  void askWith(Function<FileChooser, File> other) {
    dialog = other;
  }

  /** Lets the maker choose a file; one that holds no figure is told of. */
  void choose(Consumer<Figure> then) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(Words.say("decorate.figure"));
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(Words.say("decorate.figures"), "*.svg"));
    Optional<Path> file = Optional.ofNullable(dialog.apply(chooser)).map(File::toPath);
    file.ifPresent(path -> disk.run(() -> Figure.read(path), read -> take(read, then)));
  }

  private void take(Parsed<Figure> read, Consumer<Figure> then) {
    read.value().ifPresentOrElse(then, () -> bench.tell(read.problem().say(bench.format())));
  }
}
