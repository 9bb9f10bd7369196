package cufflink.core.cut;

import cufflink.core.measure.Length;
import cufflink.core.paper.Sheet;
import cufflink.core.words.Message;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Why a part can be cut from no sheet, and what would help. */
final class CutProblem {
  private final Part part;
  private final Kinds kinds;
  private final List<Sheet> usual;

  CutProblem(Part part, Kinds kinds, List<Sheet> usual) {
    this.part = part;
    this.kinds = kinds;
    this.usual = usual;
  }

  Message told() {
    if (kinds.sheets().isEmpty()) {
      return Message.of("cut.only-off-cuts", part.label());
    }
    List<Kinds.Room> lying =
        kinds.sheets().stream()
            .filter(room -> Turning.of(part, room.stock()) != Turning.NEITHER)
            .toList();
    if (lying.isEmpty()) {
      return Message.of("cut.contradiction", part.label());
    }
    Kinds.Room best = lying.stream().min(Comparator.comparingLong(this::over)).orElseThrow();
    Length over = Length.ofUnits(over(best));
    if (!over.isPositive()) {
      return Message.of(
          "cut.too-long",
          part.label(),
          part.width(),
          part.height(),
          Length.ofUnits(kinds.longestCut()));
    }
    String key = helping().isPresent() ? "cut.too-large" : "cut.far-too-large";
    return Message.of(
        key,
        part.label(),
        part.width(),
        part.height(),
        over,
        best.stock().label(),
        helping().map(Sheet::label).orElse(""));
  }

  /** Returns how much too long the part is for a room, turned the better way it may lie. */
  private long over(Kinds.Room room) {
    Turning turning = Turning.of(part, room.stock());
    long least = Long.MAX_VALUE;
    for (boolean turned : new boolean[] {false, true}) {
      if (turning.allows(turned)) {
        long width = (turned ? part.height() : part.width()).units();
        long height = (turned ? part.width() : part.height()).units();
        least = Math.min(least, Math.max(width - room.width(), height - room.height()));
      }
    }
    return least;
  }

  /** Returns the smallest usual sheet from which the part can be cut with this trimmer. */
  private Optional<Sheet> helping() {
    return usual.stream()
        .filter(this::helps)
        .min(
            Comparator.comparingDouble(
                sheet -> sheet.width().toMillimetres() * sheet.height().toMillimetres()));
  }

  private boolean helps(Sheet sheet) {
    return kinds.sheets().stream()
        .map(room -> room.stock().paper())
        .distinct()
        .map(
            paper ->
                new Stock(
                    sheet.id(), sheet.label(), sheet.width(), sheet.height(), 0, false, paper))
        .map(stock -> new Kinds(new CutQuestion(List.of(part), List.of(stock), kinds.trimmer())))
        .anyMatch(one -> one.sheets().stream().anyMatch(room -> one.fits(0, room)));
  }
}
