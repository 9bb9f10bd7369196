package cufflink.desktop.shell;

import cufflink.core.job.Job;
import cufflink.desktop.work.Workbench;
import cufflink.files.export.Export;
import cufflink.files.export.Exports;
import cufflink.files.export.JobSheet;
import cufflink.files.words.Words;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The line at the top: the job's name, its file, and what is done to the whole. */
final class MenuStrip extends HBox {
  private final Workbench bench;
  private final Projects projects;
  private final List<Job> demonstration;
  private final Label title = new Label();

  MenuStrip(
      Workbench bench,
      Projects projects,
      List<Job> demonstration,
      Runnable toggleTheme,
      Runnable toggleHelp) {
    this.bench = bench;
    this.projects = projects;
    this.demonstration = demonstration;
    getStyleClass().add("menu-strip");
    title.getStyleClass().add("job-title");
    title.setMinWidth(0);
    HBox.setHgrow(title, Priority.SOMETIMES);
    WordButton file =
        new WordButton(Words.say("menu.project"), Words.say("menu.project"), this::items);
    file.setMinWidth(USE_PREF_SIZE);
    Region space = new Region();
    HBox.setHgrow(space, Priority.ALWAYS);
    Button undo = icon(Feather.CORNER_UP_LEFT, "menu.undo", bench::undo);
    disableUnless(undo, bench.history().canUndo());
    Button redo = icon(Feather.CORNER_UP_RIGHT, "menu.redo", bench::redo);
    disableUnless(redo, bench.history().canRedo());
    Button print = new Button(Words.say("menu.job-sheet"));
    print.getStyleClass().add("main-action");
    print.setMinWidth(USE_PREF_SIZE);
    print.setOnAction(event -> projects.export(window(), Exports.JOB_SHEET));
    projects.askPrinterWith(take -> askPrinter(print, take));
    Button theme = icon(Feather.MOON, "menu.theme", toggleTheme);
    Button help = icon(Feather.HELP_CIRCLE, "menu.help", toggleHelp);
    getChildren().addAll(file, title, space, undo, redo, theme, help, print);
    bench.derivation().addListener((property, before, now) -> name());
    bench.keeping().unsaved().addListener((property, before, now) -> name());
    bench.derivation().addListener((property, before, now) -> print.setDisable(now.isEmpty()));
    print.setDisable(bench.derivation().get().isEmpty());
    name();
  }

  private static void disableUnless(Button button, ObservableValue<Boolean> possible) {
    button.setDisable(!possible.getValue());
    possible.addListener((property, before, now) -> button.setDisable(!now));
  }

  private static Button icon(Feather picture, String key, Runnable action) {
    Button button = new Button();
    // The icon typeface is read after the window stands, since it is not needed to begin to work.
    Platform.runLater(
        () -> {
          button.setGraphic(new FontIcon(picture));
          button.setTooltip(new Tooltip(Words.say(key)));
        });
    button.getStyleClass().add("icon-button");
    button.setAccessibleText(Words.say(key));
    button.setOnAction(event -> action.run());
    return button;
  }

  private void name() {
    String name = bench.job().map(Job::title).orElse(Words.say("menu.no-job"));
    boolean shows = bench.keeping().unsaved().get() && bench.job().isPresent();
    title.setText(shows ? Words.say("menu.unsaved", name) : name);
  }

  /** Asks once which paper is in the printer; the answer can be changed in the project's menu. */
  private static void askPrinter(Button print, Consumer<JobSheet.Printer> take) {
    ContextMenu menu = new ContextMenu();
    MenuItem question = new MenuItem(Words.say("menu.printer-ask"));
    question.setDisable(true);
    menu.getItems().add(question);
    for (JobSheet.Printer paper : JobSheet.Printer.values()) {
      menu.getItems().add(Sentence.item(name(paper), () -> take.accept(paper)));
    }
    menu.show(print, Side.BOTTOM, 0, 0);
  }

  private static String name(JobSheet.Printer paper) {
    return Words.say(paper == JobSheet.Printer.A4 ? "menu.printer-iso" : "menu.printer-letter");
  }

  private List<MenuItem> items() {
    List<MenuItem> items = new ArrayList<>();
    items.add(Sentence.item(Words.say("menu.open"), () -> projects.open(window())));
    Menu recent = new Menu(Words.say("menu.recent"));
    for (Path path : projects.settings().recent()) {
      recent
          .getItems()
          .add(Sentence.item(path.getFileName().toString(), () -> projects.open(path)));
    }
    recent.setDisable(recent.getItems().isEmpty());
    items.add(recent);
    if (!demonstration.isEmpty()) {
      Menu demo = new Menu(Words.say("menu.demo"));
      for (Job job : demonstration) {
        demo.getItems().add(Sentence.item(job.title(), () -> bench.lay(job, Optional.empty())));
      }
      items.add(demo);
    }
    items.add(new SeparatorMenuItem());
    items.add(Sentence.item(Words.say("menu.save"), () -> projects.save(window())));
    items.add(Sentence.item(Words.say("menu.save-as"), () -> projects.saveAs(window())));
    items.add(new SeparatorMenuItem());
    Menu write = new Menu(Words.say("menu.write"));
    for (Export export : Exports.ALL) {
      write.getItems().add(Sentence.item(export.title(), () -> projects.export(window(), export)));
    }
    items.add(write);
    Menu printer = new Menu(Words.say("menu.printer"));
    for (JobSheet.Printer paper : JobSheet.Printer.values()) {
      boolean now = projects.printer().filter(paper::equals).isPresent();
      printer.getItems().add(Sentence.tick(name(paper), now, () -> projects.printOn(paper)));
    }
    items.add(printer);
    return items;
  }

  private javafx.stage.Window window() {
    return getScene().getWindow();
  }
}
