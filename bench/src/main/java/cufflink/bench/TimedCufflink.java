package cufflink.bench;

import cufflink.desktop.CufflinkApp;
import cufflink.desktop.Preload;
import java.util.List;
import javafx.application.Application;
import javafx.stage.Stage;

/** The application on its demonstration data, timed like {@link BareWindow}. */
public final class TimedCufflink extends CufflinkApp {

  /** Starts beside the application. */
  public static final class Main {
    private Main() {}

    /**
     * Starts.
     *
     * @param arguments as for the application
     */
    public static void main(String[] arguments) {
      Preload.begin(List.of(arguments));
      Application.launch(TimedCufflink.class, arguments);
    }
  }

  @Override
  public void start(Stage stage) {
    super.start(stage);
    new FirstFrame().start();
  }
}
