package cufflink.desktop.wait;

/** What whoever answers a question is told meanwhile, and what they may tell. */
public interface Asking {
  /**
   * Says whether to come to an end: the question is no longer asked, or the best so far will do.
   *
   * @return true once there is no point in going on
   */
  boolean stops();

  /**
   * Tells how far it has got.
   *
   * @param sentence what there is so far
   */
  void tell(String sentence);
}
