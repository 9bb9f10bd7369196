package cufflink.desktop.shell;

/** Starts {@link Nudger}; JavaFX on the class path is not started from an application itself. */
public final class NudgerMain {
  private NudgerMain() {}

  /**
   * Starts it.
   *
   * @param arguments the folder for what is kept
   */
  public static void main(String[] arguments) {
    Nudger.main(arguments);
  }
}
