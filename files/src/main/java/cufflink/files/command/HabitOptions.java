package cufflink.files.command;

import cufflink.core.job.Tools;
import cufflink.core.measure.Rulers;
import cufflink.core.run.Hand;
import cufflink.core.run.ScoringHabit;
import java.util.List;
import picocli.CommandLine.Option;

/** How the maker scores. */
final class HabitOptions {
  private static final List<String> HANDS = List.of("right", "left");
  private static final List<String> SIDES = List.of("outside", "inside");

  @Option(names = "--hand", paramLabel = "HAND")
  private String hand = "right";

  @Option(names = "--press", paramLabel = "SIDE")
  private String press = "outside";

  /** Returns the maker's tools with this habit. */
  Tools tools(Rulers rulers) {
    Tools usual = Tools.usual(rulers.card());
    ScoringHabit habit =
        usual
            .habit()
            .withHand(known("--hand", hand, HANDS).equals("left") ? Hand.LEFT : Hand.RIGHT)
            .withRidgeInside(known("--press", press, SIDES).equals("outside"));
    return new Tools(rulers, habit);
  }

  private static String known(String option, String text, List<String> all) {
    if (!all.contains(text)) {
      throw BadInputException.of("command.one-of", option, text, String.join(", ", all));
    }
    return text;
  }
}
