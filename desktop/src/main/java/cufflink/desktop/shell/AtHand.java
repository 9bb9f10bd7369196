package cufflink.desktop.shell;

import cufflink.core.measure.LengthFormat;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.Sheet;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.MenuItem;

/**
 * Sheets and envelopes to choose from: the usual sizes, those the maker owns, and others, which are
 * typed and owned from then on.
 *
 * @param bench the table
 * @param marks the ruler on which they are typed
 * @param tell is told what is wrong with what was typed
 */
record AtHand(Workbench bench, Marks marks, Consumer<String> tell) {
  /** On the ruler of the card that lies on the table. */
  static AtHand of(Workbench bench) {
    return new AtHand(bench, bench.shownMarks(), bench::tell);
  }

  /** Returns the usual sheets and those the maker owns, so many of each as are wanted. */
  List<Sheet> endless() {
    return Stream.concat(
            StandardSizes.sheets().stream(), bench.papers().owned().get().sheets().stream())
        .toList();
  }

  /** Returns all sheets of which the size is known, those in the drawer too. */
  List<Sheet> sheets() {
    return Stream.concat(StandardSizes.sheets().stream(), bench.making().ownSheets().stream())
        .toList();
  }

  /** Returns all envelopes of which the size is known, the maker's own first. */
  List<Envelope> envelopes() {
    return Stream.concat(
            bench.papers().owned().get().envelopes().stream(), StandardSizes.envelopes().stream())
        .toList();
  }

  /** Offers the sheets, and a place to type another. */
  List<MenuItem> sheets(Consumer<Sheet> choose) {
    List<MenuItem> items = new ArrayList<>();
    sheets().forEach(each -> items.add(Sentence.item(name(each), () -> choose.accept(each))));
    items.add(
        Sentence.typed(
            Words.say("size.own-sheet"),
            text -> use(bench.making().ownSheet(text, marks), choose)));
    return items;
  }

  /** Offers the envelopes, and a place to type another. */
  List<MenuItem> envelopes(Consumer<Envelope> choose) {
    List<MenuItem> items = new ArrayList<>();
    envelopes().forEach(each -> items.add(Sentence.item(name(each), () -> choose.accept(each))));
    items.add(
        Sentence.typed(
            Words.say("size.own-envelope"),
            text -> use(bench.making().ownEnvelope(text, marks), choose)));
    return items;
  }

  private <T> void use(Parsed<T> typed, Consumer<T> choose) {
    tell.accept(Words.say(typed.problem()));
    typed.value().ifPresent(choose);
  }

  String name(Sheet sheet) {
    return Words.say(
        "size.named", sheet.label(), format().briefSize(sheet.width(), sheet.height()));
  }

  private String name(Envelope envelope) {
    return Words.say(
        "size.named", envelope.label(), format().briefSize(envelope.width(), envelope.height()));
  }

  private LengthFormat format() {
    return Words.on(marks, LengthFormat.Fractions.TYPESET);
  }
}
