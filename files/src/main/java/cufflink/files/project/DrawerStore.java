package cufflink.files.project;

import cufflink.core.cut.Drawer;
import cufflink.core.measure.Parsed;
import cufflink.files.text.TextFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.UnaryOperator;

/** Keeps the drawer in one file, which several windows may change. */
public final class DrawerStore {
  private final Path file;
  private final AtomicFile writer;

  /**
   * Prepares to read and write.
   *
   * @param file the drawer's file, which need not exist
   * @param writer how files are written
   */
  public DrawerStore(Path file, AtomicFile writer) {
    this.file = file;
    this.writer = writer;
  }

  /**
   * Reads the drawer.
   *
   * @return the drawer, empty if there is no file yet, or one sentence about what is wrong
   */
  public Parsed<Drawer> read() {
    if (!Files.exists(file)) {
      return Parsed.good(Drawer.EMPTY);
    }
    try {
      String text = TextFile.read(file);
      return DrawerFormat.read(file.getFileName().toString(), text);
    } catch (IOException | SecurityException unreadable) {
      return Parsed.bad("drawer.unreadable", file);
    }
  }

  /**
   * Changes the drawer as it is in the file now, so that what another window did stays.
   *
   * @param change makes the new drawer from the old one
   * @return the drawer as it is kept now, or one sentence about why the file is as it was; a file
   *     that cannot be read is never overwritten
   */
  public Parsed<Drawer> change(UnaryOperator<Drawer> change) {
    try {
      return Exclusive.with(
          file.resolveSibling(file.getFileName() + ".lock"), () -> changed(change));
    } catch (IOException | SecurityException reason) {
      return SaveProblem.of(file, file.toAbsolutePath().getParent(), reason);
    }
  }

  private Parsed<Drawer> changed(UnaryOperator<Drawer> change) {
    return read()
        .then(
            before -> {
              Drawer after = change.apply(before);
              byte[] bytes = DrawerFormat.write(after).getBytes(StandardCharsets.UTF_8);
              return writer.replaceKeepingPrevious(file, bytes).then(kept -> Parsed.good(after));
            });
  }
}
