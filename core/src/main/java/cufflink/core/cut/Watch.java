package cufflink.core.cut;

/** Somebody who waits for a plan. */
public interface Watch {
  /** Nobody: the plan is made to its end. */
  Watch NOBODY =
      new Watch() {
        @Override
        public boolean stops() {
          return false;
        }

        @Override
        public void found(CutPlan best) {
          // Nobody looks.
        }
      };

  /**
   * Says whether the search is to end with the best so far.
   *
   * @return true to end it
   */
  boolean stops();

  /**
   * Takes the best plan so far.
   *
   * @param best a whole plan
   */
  void found(CutPlan best);
}
