package cufflink.desktop.shell;

import cufflink.core.measure.Marks;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.PatternLibrary;
import cufflink.files.project.DemoProjects;
import cufflink.files.project.Settings;
import cufflink.files.project.UserFolders;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Application;
import javafx.stage.Stage;

/** An application that changes a job and then waits to be ended. */
public class Nudger extends Application {
  /**
   * Starts it.
   *
   * @param arguments the folder for what is kept
   */
  public static void main(String[] arguments) {
    launch(Nudger.class, arguments);
  }

  @Override
  public void start(Stage stage) {
    Workbench bench = new Workbench(PatternLibrary.shipped(), Marks.MILLIMETRES);
    UserFolders folders = new UserFolders(Path.of(getParameters().getRaw().get(0)));
    new Projects(bench, folders, Settings.NEW);
    bench.lay(DemoProjects.all().get(0), Optional.empty());
    bench.sizing().type("left", "61");
    System.out.println("changed");
  }
}
