package cufflink.desktop.work;

import cufflink.core.job.PaperPlan.Share;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** Other projects that are cut together with what lies on the table, until the window closes. */
public final class Companions {
  private final Map<String, Share> chosen = new LinkedHashMap<>();
  private Supplier<List<Companion>> offered = List::of;

  /**
   * A project that can be cut together with another.
   *
   * @param title what it is known by
   * @param share derives what it takes part with
   */
  public record Companion(String title, Supplier<Parsed<Share>> share) {}

  Companions() {}

  /**
   * Says where other projects are found.
   *
   * @param projects gives them in the order they are to be offered in
   */
  public void offer(Supplier<List<Companion>> projects) {
    offered = projects;
  }

  /**
   * Returns the projects there are.
   *
   * @return each with whether it is cut together with what lies on the table
   */
  public List<Companion> offered() {
    return offered.get();
  }

  /**
   * Says whether a project is cut together with what lies on the table.
   *
   * @param companion the project
   * @return true once it is chosen
   */
  public boolean isChosen(Companion companion) {
    return chosen.containsKey(companion.title());
  }

  /**
   * Takes a project in, or leaves it out if it was in.
   *
   * @param companion the project
   * @return why it cannot be, if it cannot
   */
  public Optional<Message> toggle(Companion companion) {
    if (chosen.remove(companion.title()) != null) {
      return Optional.empty();
    }
    Parsed<Share> share = companion.share().get();
    share.value().ifPresent(each -> chosen.put(companion.title(), each));
    return share.value().isPresent() ? Optional.empty() : Optional.of(share.problem());
  }

  /**
   * Returns what is cut together with a job.
   *
   * @param title the maker's name for the job, which is not cut together with itself
   * @return the shares in the order they were chosen in
   */
  public List<Share> with(String title) {
    return chosen.values().stream().filter(share -> !share.title().equals(title)).toList();
  }
}
