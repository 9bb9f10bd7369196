package cufflink.core.run;

import cufflink.core.design.Face;
import cufflink.core.design.Fold;
import cufflink.core.measure.Marks;

/**
 * How a maker scores.
 *
 * @param ridgeInside true to fold so that the raised ridge ends up inside the fold, the print
 *     trade's rule; false to fold into the dent
 * @param grooves where the scoring board has its grooves
 * @param hand the hand that holds the tool
 */
public record ScoringHabit(boolean ridgeInside, Marks grooves, Hand hand) {

  /**
   * Returns the face that lies up while a score is pressed.
   *
   * <p>The tool presses a dent into the face that is up and raises a ridge on the other. A valley
   * closes over the inside, so a ridge inside the fold needs the outside up. A decorative score is
   * pressed from the inside, so that its ridge shows outside.
   *
   * @param fold what the score is for
   * @return the face
   */
  public Face faceUp(Fold fold) {
    return switch (fold) {
      case VALLEY -> ridgeInside ? Face.OUTSIDE : Face.INSIDE;
      case MOUNTAIN -> ridgeInside ? Face.INSIDE : Face.OUTSIDE;
      case DECORATIVE -> Face.INSIDE;
    };
  }

  /**
   * Returns the habit with the ridge at the other side of the fold, or the same.
   *
   * @param inside whether the ridge ends up inside the fold
   * @return the habit
   */
  public ScoringHabit withRidgeInside(boolean inside) {
    return new ScoringHabit(inside, grooves, hand);
  }

  /**
   * Returns the habit on another board.
   *
   * @param others where the board has its grooves
   * @return the habit
   */
  public ScoringHabit withGrooves(Marks others) {
    return new ScoringHabit(ridgeInside, others, hand);
  }

  /**
   * Returns the habit with the tool in another hand.
   *
   * @param other the hand
   * @return the habit
   */
  public ScoringHabit withHand(Hand other) {
    return new ScoringHabit(ridgeInside, grooves, other);
  }
}
