package cufflink.desktop.shell;

import cufflink.core.fit.Relaying;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.MenuItem;
import javafx.util.Duration;

/** The rulers to choose from, each with what it would change. */
final class RulerMenu {
  private final Workbench bench;
  private final Latest<Laid, List<Relaying>> rulers =
      new Latest<>("other marks", Duration.millis(200), (asked, asking) -> asked.onEach());

  RulerMenu(Workbench bench) {
    this.bench = bench;
  }

  /** Finds out what other rulers would change, beside the work. */
  void ask(Derivation derivation) {
    rulers.ask(Laid.of(derivation));
  }

  /** What is laid out on marks, and would be on others. */
  private record Laid(Pattern pattern, Values values, Set<String> pinned) {
    static Laid of(Derivation derivation) {
      Job job = derivation.job();
      return new Laid(derivation.pattern(), job.values(), job.pinned());
    }

    List<Relaying> onEach() {
      return Marks.COMMON.stream()
          .map(marks -> Relaying.of(pattern, values, marks, pinned))
          .toList();
    }
  }

  /** Offers other rulers, and says what each would change before it does. */
  List<MenuItem> items(Derivation derivation) {
    Optional<List<Relaying>> known = rulers.answerTo(Laid.of(derivation));
    return Marks.COMMON.stream().map(each -> ruler(each, derivation.job().marks(), known)).toList();
  }

  private MenuItem ruler(Marks marks, Marks now, Optional<List<Relaying>> known) {
    MenuItem item = Sentence.item(changes(marks, now, known), () -> bench.sizing().useMarks(marks));
    return marks.equals(now) ? WordButton.chosen(item) : item;
  }

  private static String changes(Marks marks, Marks now, Optional<List<Relaying>> known) {
    String word = SizeStation.marksWord(marks);
    if (marks.equals(now)) {
      return Words.say("size.marks-now", word);
    }
    Optional<Relaying> change =
        known.flatMap(all -> all.stream().filter(each -> each.marks().equals(marks)).findFirst());
    if (change.isEmpty()) {
      return word;
    }
    return change.get().moved() == 0
        ? Words.say("size.marks-same", word)
        : Words.say(
            "size.marks-moves",
            word,
            change.get().moved(),
            Words.on(now, Fractions.TYPESET).formatWithUnit(change.get().farthest()));
  }
}
