package cufflink.desktop.slip;

import cufflink.core.finding.Cost;
import cufflink.core.finding.Finding;
import cufflink.core.finding.Trouble;
import cufflink.core.measure.LengthFormat;
import cufflink.core.scene.Ref;
import cufflink.files.inspect.Answer;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Writes what goes wrong, by what it would cost at the table, and what else is asked about a card.
 *
 * @param places where each finding is on the paper
 * @param cure what a press does about it, if anything
 * @param format how lengths are written
 */
public record InspectSlip(
    Function<Finding, List<Ref>> places,
    Function<Finding, Optional<SlipRow.Press>> cure,
    LengthFormat format) {

  /**
   * Writes it.
   *
   * @param troubles what goes wrong, the dearest first
   * @param answers what else is asked
   * @return the sections
   */
  public List<SlipSection> write(List<Trouble> troubles, List<Answer> answers) {
    List<SlipSection> sections = new ArrayList<>();
    int number = 0;
    for (Cost cost : Cost.values()) {
      List<SlipRow> rows = new ArrayList<>();
      for (Trouble trouble : troubles) {
        if (trouble.cost() == cost) {
          number++;
          rows.add(row(trouble, number));
        }
      }
      if (!rows.isEmpty()) {
        String title = Words.say("inspect.would-cost", cost.label().say(format));
        sections.add(new SlipSection(title, "", rows));
      }
    }
    if (troubles.isEmpty()) {
      sections.add(
          new SlipSection(Words.say("inspect.good-title"), Words.say("inspect.good"), List.of()));
    }
    for (Answer answer : answers) {
      String lines =
          answer.lines().stream().map(it -> it.say(format)).collect(Collectors.joining("\n"));
      sections.add(new SlipSection(answer.about().label().say(format), lines, List.of()));
    }
    return sections;
  }

  private SlipRow row(Trouble trouble, int number) {
    List<String> said = new ArrayList<>();
    Set<Ref> refs = new HashSet<>(places.apply(trouble.first()));
    said.add(trouble.first().sentence().say(format));
    for (Finding other : trouble.others()) {
      said.add(other.sentence().say(format));
      refs.addAll(places.apply(other));
    }
    trouble.mend().ifPresent(mend -> said.add(mend.say(format)));
    return new SlipRow(
        new Subject.Wrong(number),
        List.of(trouble.first().kind(), trouble.first().place()),
        Integer.toString(number),
        String.join(" ", said),
        Lights.found(() -> refs),
        Optional.empty(),
        cure.apply(trouble.first()));
  }
}
