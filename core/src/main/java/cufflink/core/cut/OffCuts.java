package cufflink.core.cut;

import cufflink.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is left of the sheets once all is cut, and what it would still make. */
public final class OffCuts {
  private OffCuts() {}

  /**
   * An off-cut.
   *
   * @param width its width as it lies after the cut
   * @param height its height
   * @param makes the part that covers most of it, cut from it as often as it goes in one way round;
   *     empty if none goes in
   */
  public record OffCut(Length width, Length height, Optional<Makes> makes) {}

  /**
   * A part cut from an off-cut.
   *
   * @param part the part
   * @param count how often it goes in, above zero
   */
  public record Makes(Part part, int count) {}

  /**
   * Lists the off-cuts of a run.
   *
   * @param run the cuts
   * @param parts what the card is made of, any of which may be wanted again
   * @return the off-cuts in the order in which they are made
   */
  public static List<OffCut> of(TrimRun run, List<Part> parts) {
    List<OffCut> all = new ArrayList<>();
    for (TrimStep step : run.steps()) {
      for (TrimStep.Result result : List.of(step.first(), step.rest())) {
        if (result.becomes() == TrimStep.Becomes.OFF_CUT) {
          all.add(
              new OffCut(
                  result.width(), result.height(), makes(result.width(), result.height(), parts)));
        }
      }
    }
    return all;
  }

  private static Optional<Makes> makes(Length width, Length height, List<Part> parts) {
    Optional<Makes> best = Optional.empty();
    double most = 0;
    for (Part part : parts) {
      long count =
          Math.max(
              count(width, height, part.width(), part.height()),
              count(width, height, part.height(), part.width()));
      double covered = count * part.width().toMillimetres() * part.height().toMillimetres();
      if (covered > most) {
        most = covered;
        best = Optional.of(new Makes(part, Math.toIntExact(count)));
      }
    }
    return best;
  }

  private static long count(Length width, Length height, Length across, Length down) {
    return (width.units() / across.units()) * (height.units() / down.units());
  }
}
