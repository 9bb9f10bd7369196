package cufflink.core.card;

import cufflink.core.design.Design;
import cufflink.core.design.Joint;
import cufflink.core.design.Stage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** The order in which a card is folded. */
public final class StageOrder {
  private StageOrder() {}

  /**
   * Puts the stages of a design in the order in which they are folded: what is glued on before what
   * it is glued to. What the closed card can do comes last.
   *
   * @param design the design
   * @return all its stages
   */
  public static List<Stage> of(Design design) {
    List<Stage> stages =
        new ArrayList<>(design.stages().stream().filter(Stage::isFolding).toList());
    stages.sort(Comparator.comparing(stage -> -depth(design, stage.piece())));
    design.stages().stream().filter(stage -> !stage.isFolding()).forEach(stages::add);
    return stages;
  }

  /**
   * Returns the numbers of some stages in the order of all, so that each has one number wherever it
   * is told.
   *
   * @param design the design
   * @param some stages of it
   * @return their numbers, from 1
   * @throws IllegalArgumentException if one is no stage of the design
   */
  public static List<Integer> numbers(Design design, List<Stage> some) {
    List<Stage> all = of(design);
    List<Integer> numbers = new ArrayList<>();
    for (Stage stage : some) {
      // Two stages may be alike, as when a flap is opened twice; each has a number of its own.
      int number =
          IntStream.range(0, all.size())
              .filter(at -> all.get(at).equals(stage) && !numbers.contains(at + 1))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException("no stage of it: " + stage));
      numbers.add(number + 1);
    }
    return numbers;
  }

  /** Returns over how many other pieces a piece is glued to the base; what is loose comes first. */
  private static int depth(Design design, String piece) {
    String on = piece;
    int depth = 0;
    while (!on.equals(design.base().id()) && depth <= design.pieces().size()) {
      String now = on;
      on =
          design.joints().stream()
              .filter(joint -> joint.piece().equals(now) && !joint.on().equals(now))
              .map(Joint::on)
              .findFirst()
              .orElse(now);
      depth++;
    }
    return depth;
  }
}
