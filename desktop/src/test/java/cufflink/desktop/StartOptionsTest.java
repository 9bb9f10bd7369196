package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StartOptionsTest {

  @Test
  void check_goodArguments() {
    assertEquals(
        new StartOptions(false, Optional.empty()), StartOptions.check(List.of()).orElseThrow());
    assertEquals(
        new StartOptions(true, Optional.of("a.cufflink")),
        StartOptions.check(List.of("--demo", "a.cufflink")).orElseThrow());
  }

  @Test
  void check_badArguments_areOneSentence() {
    for (List<String> bad :
        List.of(List.of("--dmo"), List.of("a", "--dmo"), List.of("a", "--dmo"))) {
      assertEquals(
          "“--dmo” is not understood; start with --demo, with one project file, or with one of plan,"
              + " ahead, own, check, cut, export, find, import, list, log, run, session.",
          Words.say(StartOptions.check(bad).problem()));
    }
    assertEquals(true, StartOptions.check(List.of("a", "b")).value().isEmpty());
  }
}
