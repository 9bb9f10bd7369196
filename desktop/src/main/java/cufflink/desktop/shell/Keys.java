package cufflink.desktop.shell;

import cufflink.desktop.slip.NumberField;
import cufflink.desktop.work.Workbench;
import cufflink.files.export.Exports;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Slider;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;

/** What the keys do anywhere in the window. */
final class Keys {
  private final MainWindow window;
  private final Workbench bench;
  private final Projects projects;
  private final Stations stations;
  private final Runnable toggleTheme;

  Keys(
      MainWindow window,
      Workbench bench,
      Projects projects,
      Stations stations,
      Runnable toggleTheme) {
    this.window = window;
    this.bench = bench;
    this.projects = projects;
    this.stations = stations;
    this.toggleTheme = toggleTheme;
  }

  void attach() {
    window.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
  }

  private void press(KeyEvent event) {
    boolean done = event.isShortcutDown() ? shortcut(event) : plain(event);
    if (done) {
      event.consume();
    }
  }

  private boolean shortcut(KeyEvent event) {
    switch (event.getCode()) {
      case Z -> {
        if (event.isShiftDown()) {
          bench.redo();
        } else {
          takeBack();
        }
      }
      case Y -> bench.redo();
      case O -> projects.open(scene().getWindow());
      case S -> {
        if (event.isShiftDown()) {
          projects.saveAs(scene().getWindow());
        } else {
          projects.save(scene().getWindow());
        }
      }
      case P -> projects.export(scene().getWindow(), Exports.JOB_SHEET);
      case F -> window.search();
      case M -> bench.sizing().snap();
      case U -> window.toggleUnits();
      case T -> toggleTheme.run();
      default -> {
        return false;
      }
    }
    return true;
  }

  /** What is being typed is taken back before anything else is. */
  private void takeBack() {
    if (scene().getFocusOwner() instanceof NumberField field && field.isTyping()) {
      field.takeBack();
    } else {
      bench.undo();
    }
  }

  /** A list that is open has the keys to itself: in some, something can be typed. */
  private static boolean isAListOpen() {
    return Window.getWindows().stream()
        .anyMatch(window -> window instanceof ContextMenu && window.isShowing());
  }

  private boolean plain(KeyEvent event) {
    if (isAListOpen()) {
      return false;
    }
    Node focus = scene().getFocusOwner();
    if (event.getCode() == KeyCode.F1) {
      window.help().toggle();
      return true;
    }
    if (event.getCode() == KeyCode.ESCAPE && window.help().isVisible()) {
      window.help().hide();
      return true;
    }
    if (event.getCode() == KeyCode.ESCAPE) {
      return isLeft(focus);
    }
    if (focus instanceof TextInputControl) {
      return false;
    }
    if (event.getCode() == KeyCode.TAB) {
      return event.isShiftDown() ? window.goToWords() : window.goToNumbers();
    }
    if (event.getCode().isDigitKey()) {
      return station(event.getText());
    }
    if (focus instanceof Slider) {
      return false;
    }
    boolean goesOn = event.getCode() == KeyCode.RIGHT || event.getCode() == KeyCode.PAGE_DOWN;
    boolean goesBack = event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.PAGE_UP;
    if (event.isAltDown() && (goesOn || goesBack)) {
      window.move(goesOn ? 1 : -1);
      return isAtPaper();
    }
    if (goesOn || goesBack) {
      window.step(goesOn ? 1 : -1);
      return isAtPaper();
    }
    boolean acts = event.getCode() == KeyCode.SPACE && !(focus instanceof ButtonBase);
    if (acts && isAtPaper()) {
      window.act();
      return true;
    }
    return false;
  }

  /**
   * Escape gives back what is being typed; where nothing is, it goes to what the station is about.
   */
  private boolean isLeft(Node focus) {
    boolean leaves = !(focus instanceof NumberField field && field.isTyping());
    if (leaves) {
      window.focusMain();
    }
    return leaves;
  }

  private boolean isAtPaper() {
    return stations.at(bench.station().get()).needsAJob();
  }

  private boolean station(String digit) {
    Optional<StationView> view =
        digit.isEmpty() ? Optional.empty() : stations.byDigit(digit.charAt(0) - '0');
    view.filter(each -> bench.job().isPresent() || !each.needsAJob())
        .ifPresent(each -> bench.station().set(each.station()));
    return view.isPresent();
  }

  private Scene scene() {
    return window.getScene();
  }
}
