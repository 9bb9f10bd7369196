package cufflink.desktop.slip;

import cufflink.core.job.Derivation;
import cufflink.desktop.work.Station;
import java.util.List;

/** Whoever knows what stands on the slip of each station. */
public interface Slips {
  /**
   * Returns the stations that have a slip.
   *
   * @return the stations in working order
   */
  List<Station> stations();

  /**
   * Writes a slip.
   *
   * @param station the station
   * @param derivation what follows from the job
   * @return its sections in the order they are used
   */
  List<SlipSection> write(Station station, Derivation derivation);
}
