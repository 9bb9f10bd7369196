package cufflink.files.project;

import cufflink.core.job.Job;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** The demonstration: a bicycle workshop on an estuary thanks its volunteers. */
public final class DemoProjects {
  private static final String FOLDER = "/cufflink/files/demo/";
  private static final List<String> FILES =
      List.of(
          "thank-you-voucher.cufflink",
          "workshop-invitation.cufflink",
          "tide-calendar.cufflink",
          "tool-token-pocket.cufflink",
          "slipway-sign.cufflink",
          "season-folio.cufflink",
          "first-season-album.cufflink",
          "spare-key-card.cufflink",
          "coffee-fund-purse.cufflink",
          "launch-day-steps.cufflink",
          "high-and-low-water.cufflink",
          "lighthouse-window.cufflink",
          "six-patches.cufflink",
          "route-map-pocket.cufflink",
          "sail-fold-out.cufflink",
          "two-tickets.cufflink",
          "lantern-square.cufflink",
          "year-end-tree.cufflink",
          "both-ways-thanks.cufflink",
          "wheel-by-wheel.cufflink",
          "ferry-card-wallet.cufflink");

  private DemoProjects() {}

  /**
   * Reads the demonstration.
   *
   * @return projects, each of another construction
   */
  public static List<Job> all() {
    List<Job> jobs = new ArrayList<>();
    for (String name : FILES) {
      try (InputStream in = DemoProjects.class.getResourceAsStream(FOLDER + name)) {
        String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        jobs.add(ProjectFormat.read(name, text).orElseThrow());
      } catch (IOException reason) {
        throw new UncheckedIOException(reason);
      }
    }
    return jobs;
  }
}
