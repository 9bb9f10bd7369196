package cufflink.bench;

import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** The least a JavaFX application can be: one window with one label. */
public final class BareWindow extends Application {

  /** Starts beside {@link Main}, which does not extend an application. */
  public static final class Main {
    private Main() {}

    /**
     * Starts.
     *
     * @param arguments none
     */
    public static void main(String[] arguments) {
      Application.launch(BareWindow.class, arguments);
    }
  }

  @Override
  public void start(Stage stage) {
    stage.setScene(new Scene(new StackPane(new Label("Bare")), 1280, 800));
    stage.show();
    new FirstFrame().start();
  }
}
