package cufflink.desktop.shell;

import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Unit;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperRole;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** Which paper: by weight or by thickness, printed on one face or both, and which way up. */
final class PaperChoice {
  private static final List<Integer> WEIGHTS = List.of(90, 120, 160, 200, 220, 250, 300);

  private final Workbench bench;
  private final Paper paper;
  private final PaperRole role;

  PaperChoice(Workbench bench, PaperRole role) {
    this.bench = bench;
    this.paper = bench.making().papers().of(role);
    this.role = role;
  }

  String word() {
    return Words.say("cut.weight", Integer.toString(paper.grammage()));
  }

  private static String word(Paper paper) {
    // Paper is measured in hundredths of a millimetre, also by those who cut it in inches.
    String caliper = String.format(Locale.ROOT, "%.2f mm", paper.caliper().toMillimetres());
    return Words.say("cut.paper", Integer.toString(paper.grammage()), caliper);
  }

  List<MenuItem> items() {
    List<MenuItem> items = new ArrayList<>();
    for (int weight : WEIGHTS) {
      Paper other = paper.weighing(weight);
      items.add(Sentence.item(word(other), () -> use(other)));
    }
    items.add(own());
    items.add(new SeparatorMenuItem());
    items.add(
        Sentence.tick(
            Words.say("cut.two-sided"),
            paper.twoSided(),
            () -> use(paper.withTwoSided(!paper.twoSided()))));
    for (Paper.Print print : Paper.Print.values()) {
      items.add(
          Sentence.tick(
              Words.say(key(print)), paper.print() == print, () -> use(paper.withPrint(print))));
    }
    items.add(new SeparatorMenuItem());
    for (Paper.Grain grain : Paper.Grain.values()) {
      items.add(
          Sentence.tick(
              Words.say(key(grain)), paper.grain() == grain, () -> use(paper.withGrain(grain))));
    }
    return items;
  }

  private static String key(Paper.Grain grain) {
    return switch (grain) {
      case UNKNOWN -> "cut.grain-unknown";
      case LONG -> "cut.grain-long";
      case SHORT -> "cut.grain-short";
    };
  }

  private static String key(Paper.Print print) {
    return switch (print) {
      case NONE -> "cut.print-none";
      case UPRIGHT -> "cut.print-upright";
      case SIDEWAYS -> "cut.print-sideways";
    };
  }

  private void use(Paper other) {
    bench.making().use(bench.making().papers().with(role, other));
  }

  /** Lets the maker type a weight, or the thickness that was measured. */
  private MenuItem own() {
    return Sentence.typed(
        Words.say("cut.weigh"),
        text ->
            read(text.strip())
                .ifPresentOrElse(
                    this::use, () -> bench.tell(Words.say("paper.shape", text.strip()))));
  }

  private Optional<Paper> read(String typed) {
    if (typed.matches("\\d{1,4}")) {
      return Optional.of(Integer.parseInt(typed))
          .filter(grammage -> grammage >= 1 && grammage <= 2000)
          .map(paper::weighing);
    }
    return LengthParser.parse(typed, Unit.MILLIMETRE)
        .value()
        .filter(Length::isPositive)
        .map(paper::ofCaliper);
  }
}
