package cufflink.desktop.shell;

import cufflink.core.fit.Relaying;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Rulers;
import cufflink.core.pattern.Pattern;
import cufflink.core.value.Values;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
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
  private record Laid(Pattern pattern, Values values, Rulers rulers, Set<String> pinned) {
    static Laid of(Derivation derivation) {
      Job job = derivation.job();
      return new Laid(derivation.pattern(), job.values(), job.rulers(), job.pinned());
    }

    List<Relaying> onEach() {
      return Marks.COMMON.stream()
          .flatMap(marks -> Stream.of(rulers.withCard(marks), new Rulers(rulers.card(), marks)))
          .distinct()
          .map(other -> Relaying.of(pattern, values, other, pinned))
          .toList();
    }
  }

  /** Offers other rulers, and says what each would change before it does. */
  List<MenuItem> items(Derivation derivation) {
    Optional<List<Relaying>> known = rulers.answerTo(Laid.of(derivation));
    Rulers now = derivation.job().rulers();
    List<MenuItem> items = new ArrayList<>();
    Menu layers = new Menu(Words.say("size.layer-marks"));
    for (Marks marks : Marks.COMMON) {
      Rulers card = now.withCard(marks);
      items.add(ruler(card, marks, now, known, () -> bench.sizing().useMarks(marks)));
      Rulers both = new Rulers(now.card(), marks);
      layers
          .getItems()
          .add(ruler(both, marks, now, known, () -> bench.sizing().useLayerMarks(marks)));
    }
    items.add(new SeparatorMenuItem());
    items.add(layers);
    return items;
  }

  private static MenuItem ruler(
      Rulers rulers, Marks marks, Rulers now, Optional<List<Relaying>> known, Runnable take) {
    MenuItem item = Sentence.item(changes(rulers, marks, now, known), take);
    return rulers.equals(now) ? WordButton.chosen(item) : item;
  }

  private static String changes(
      Rulers rulers, Marks marks, Rulers now, Optional<List<Relaying>> known) {
    String word = SizeStation.marksWord(marks);
    if (rulers.equals(now)) {
      return Words.say("size.marks-now", word);
    }
    Optional<Relaying> change =
        known.flatMap(all -> all.stream().filter(each -> each.rulers().equals(rulers)).findFirst());
    if (change.isEmpty()) {
      return word;
    }
    return change.get().moved() == 0
        ? Words.say("size.marks-same", word)
        : Words.say(
            "size.marks-moves",
            word,
            change.get().moved(),
            Words.on(now.card(), Fractions.TYPESET).formatWithUnit(change.get().farthest()));
  }
}
