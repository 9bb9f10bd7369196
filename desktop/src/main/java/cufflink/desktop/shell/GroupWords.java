package cufflink.desktop.shell;

import cufflink.core.decor.Spacing;
import cufflink.core.decor.Topper;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;

/** What keeps its distance to what else lies on the same face. */
final class GroupWords {
  private final Workbench bench;
  private final List<Topper> toppers;

  GroupWords(Workbench bench, List<Topper> toppers) {
    this.bench = bench;
    this.toppers = toppers;
  }

  /** Offers all that lies beside a piece; nothing if it lies there alone. */
  Optional<Menu> menu(Topper topper) {
    Menu menu = new Menu(Words.say("decorate.keeps"));
    toppers.stream()
        .filter(topper::isBeside)
        .forEach(
            each -> {
              boolean isKept = !topper.group().isEmpty() && topper.group().equals(each.group());
              menu.getItems().add(Sentence.tick(each.label(), isKept, () -> toggle(topper, each)));
            });
    return menu.getItems().isEmpty() ? Optional.empty() : Optional.of(menu);
  }

  private void toggle(Topper topper, Topper other) {
    bench
        .making()
        .decorate(Spacing.toggled(toppers, topper, other), bench.job().orElseThrow().values());
  }
}
