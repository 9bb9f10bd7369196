package cufflink.files.project;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/**
 * Where a maker's own things are kept.
 *
 * @param root the application's folder in the user's data folder
 */
public record UserFolders(Path root) {
  /** The environment variable that puts the folder elsewhere. */
  public static final String OVERRIDE = "CUFFLINK_HOME";

  /**
   * Finds the folder by the customs of the system.
   *
   * @param environment the environment variables
   * @param home the user's home folder
   * @param system the system's name, as Java tells it
   * @return the folders; none is made yet
   */
  public static UserFolders of(Map<String, String> environment, Path home, String system) {
    String override = environment.getOrDefault(OVERRIDE, "");
    if (!override.isBlank()) {
      return new UserFolders(Path.of(override));
    }
    String name = system.toLowerCase(Locale.ROOT);
    if (name.contains("win")) {
      String data = environment.getOrDefault("APPDATA", "");
      return new UserFolders((data.isBlank() ? home : Path.of(data)).resolve("Cufflink"));
    }
    if (name.contains("mac")) {
      return new UserFolders(home.resolve("Library/Application Support/Cufflink"));
    }
    String data = environment.getOrDefault("XDG_DATA_HOME", "");
    Path base = data.isBlank() ? home.resolve(".local/share") : Path.of(data);
    return new UserFolders(base.resolve("cufflink"));
  }

  /**
   * Returns the folder in which this application, run by this user, keeps its things.
   *
   * @return the folders
   */
  public static UserFolders current() {
    return of(
        System.getenv(), Path.of(System.getProperty("user.home")), System.getProperty("os.name"));
  }

  /**
   * Returns the folder for a maker's own patterns.
   *
   * @return the folder
   */
  public Path patterns() {
    return root.resolve("patterns");
  }

  /**
   * Returns the folder for drafts.
   *
   * @return the folder
   */
  public Path drafts() {
    return root.resolve("drafts");
  }

  /**
   * Returns the folder for pictures of the maker's papers.
   *
   * @return the folder
   */
  public Path pictures() {
    return root.resolve("pictures");
  }

  /**
   * Returns the file of the paper drawer.
   *
   * @return the file
   */
  public Path drawer() {
    return root.resolve("drawer.json");
  }

  /**
   * Returns the file of the log.
   *
   * @return the file
   */
  public Path log() {
    return root.resolve("cards.sqlite");
  }

  /**
   * Returns the file of remembered settings.
   *
   * @return the file
   */
  public Path settings() {
    return root.resolve("settings.properties");
  }
}
