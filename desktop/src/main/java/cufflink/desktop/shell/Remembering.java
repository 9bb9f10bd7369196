package cufflink.desktop.shell;

import cufflink.core.job.Job;
import cufflink.core.log.CardMade;
import cufflink.core.log.Experience;
import cufflink.core.pattern.Parameter;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import cufflink.desktop.work.Making;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.words.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the log tells of a construction that is taken up, or that lies on the shelf. */
final class Remembering {
  private final Workbench bench;
  private final Logbook log;

  Remembering(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
  }

  /** Finds out how long each construction took and how hard it proved, and then says so. */
  void minutes(Runnable then) {
    log.change(
        LogStore::went,
        went -> {
          if (bench.making().maker().wentAs(went)) {
            then.run();
          }
        });
    log.find(
        "",
        Logbook.RECENT,
        List::copyOf,
        (cards, same) -> {
          Map<String, Integer> minutes = new HashMap<>();
          for (CardMade card : cards) {
            String id = card.job().patternId();
            List<CardMade> alike =
                cards.stream().filter(each -> each.job().patternId().equals(id)).toList();
            Experience.of(alike, Values.NONE).minutes().ifPresent(it -> minutes.put(id, it));
          }
          if (!minutes.equals(bench.making().maker().minutes())) {
            bench.making().maker().took(minutes);
            then.run();
          }
        });
  }

  /** Says what was learned of the construction that was just taken up. */
  void tell() {
    Optional<Job> begun = bench.job();
    begun.ifPresent(
        job ->
            log.find(
                job.patternId(),
                Logbook.RECENT,
                cards ->
                    cards.stream()
                        .filter(card -> card.job().patternId().equals(job.patternId()))
                        .toList(),
                (cards, alike) -> {
                  if (bench.job().equals(begun)) {
                    tell(job, alike);
                  }
                }));
  }

  /** What was made on another ruler has other values for that alone. */
  private void tell(Job job, List<CardMade> cards) {
    List<CardMade> same =
        cards.stream().filter(card -> card.job().rulers().equals(job.rulers())).toList();
    Experience experience = Experience.of(same, job.values());
    if (!experience.habits().settings().isEmpty()) {
      Values values = job.values().and(experience.habits());
      String names = names(List.copyOf(experience.habits().settings().keySet()));
      bench.making().start(values, Words.say("log.habit", names));
      return;
    }
    experience.last().ifPresent(card -> suggest(job, card));
  }

  private void suggest(Job job, CardMade card) {
    String day = card.on().toString();
    List<String> other = Experience.differences(job.values(), card.job().values());
    String next = card.memory().nextTime();
    String told =
        next.isEmpty()
            ? Words.say("log.otherwise", day, names(other))
            : Words.say("log.learned", day, next);
    bench.tell(told);
    if (!other.isEmpty()) {
      Runnable take = () -> bench.making().start(card.job().values(), Words.say("log.taken", day));
      bench.making().suggest(new Making.Suggestion(told, Words.say("log.start-so"), take));
    }
  }

  private String names(List<String> parameters) {
    return labels(bench.derivation().get().orElseThrow().pattern(), parameters);
  }

  /** Returns what a maker calls some values of a construction. */
  static String labels(Pattern pattern, List<String> parameters) {
    List<String> labels =
        parameters.stream()
            .map(
                name ->
                    pattern.parameters().stream()
                        .filter(each -> each.id().equals(name))
                        .map(Parameter::label)
                        .findFirst()
                        .orElse(name))
            .toList();
    return String.join(", ", labels);
  }
}
