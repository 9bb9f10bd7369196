package cufflink.desktop.shell;

/** A station on whose paper things are pulled to where they are to lie. */
interface PullStation extends StationView {
  /** Returns the hand that pulls. */
  Puller puller();

  @Override
  default void press(double x, double y) {
    puller().press();
  }

  @Override
  default void drag(double right, double down) {
    puller().drag(right, down);
  }

  @Override
  default void release() {
    puller().release();
  }
}
