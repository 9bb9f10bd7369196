package cufflink.desktop.shell;

import cufflink.desktop.wait.InOrder;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/**
 * What helps whoever has no hand free: the screen stays on, and what is to be done is read aloud.
 * Both are left to small programs of the system, which take what they are given by standard input;
 * where there is none of them nothing happens.
 */
final class Elbow {
  /** Speakers of Linux desktops, and that of macOS. */
  static final List<List<String>> VOICES =
      List.of(
          List.of("spd-say", "--pipe-mode"),
          List.of("espeak-ng", "--stdin"),
          List.of("espeak", "--stdin"),
          List.of("say", "-f", "-"));

  /** Each keeps the screen on until the program that it runs has no more to read. */
  static final List<List<String>> WAKERS =
      List.of(
          List.of("systemd-inhibit", "--what=idle", "--who=Cufflink", "--why=Make", "cat"),
          List.of("caffeinate", "-d", "cat"));

  private final InOrder beside = new InOrder("elbow");
  private final List<List<String>> voices;
  private final List<List<String>> wakers;
  private Optional<Process> voice = Optional.empty();
  private Optional<Process> waker = Optional.empty();

  Elbow(List<List<String>> voices, List<List<String>> wakers) {
    this.voices = voices;
    this.wakers = wakers;
  }

  /** Returns the help of this system: none where there is no screen to be kept on. */
  static Elbow ofThisSystem() {
    boolean hasScreen = !"Monocle".equals(System.getProperty("glass.platform"));
    return hasScreen ? new Elbow(VOICES, WAKERS) : new Elbow(List.of(), List.of());
  }

  /** Reads something aloud, in place of what is being read. */
  void say(String words) {
    beside.run(
        () -> {
          voice.ifPresent(Process::destroy);
          voice = start(voices);
          voice.ifPresent(
              process -> {
                write(process, words);
                close(process);
              });
        });
  }

  /** Keeps the screen on, or lets it go dark again. */
  void keepAwake(boolean awake) {
    beside.run(
        () -> {
          if (!awake) {
            waker.ifPresent(Elbow::close);
            waker = Optional.empty();
          } else if (waker.filter(Process::isAlive).isEmpty()) {
            waker = start(wakers);
          }
        });
  }

  /** Ends what is still running. */
  void close() {
    keepAwake(false);
    beside.close();
    voice.ifPresent(Process::destroy);
  }

  private static Optional<Process> start(List<List<String>> programs) {
    for (List<String> program : programs) {
      try {
        return Optional.of(
            new ProcessBuilder(program)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start());
      } catch (IOException absent) {
        // The next one may be there.
        continue;
      }
    }
    return Optional.empty();
  }

  private static void write(Process process, String words) {
    try {
      OutputStream in = process.getOutputStream();
      in.write((words + "\n").getBytes(StandardCharsets.UTF_8));
      in.flush();
    } catch (IOException ended) {
      // A speaker that does not listen is as good as none.
      return;
    }
  }

  private static void close(Process process) {
    try {
      process.getOutputStream().close();
    } catch (IOException ended) {
      return;
    }
  }
}
