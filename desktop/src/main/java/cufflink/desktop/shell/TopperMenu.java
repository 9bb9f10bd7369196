package cufflink.desktop.shell;

import cufflink.core.decor.Fresh;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.design.Piece;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.value.Values;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.TopperFormat;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What can be said of a piece that the maker has put on: how it is cut, stuck and called. */
final class TopperMenu {
  private static final List<Adhesive> ADHESIVES =
      List.of(Adhesive.LIQUID, Adhesive.TAPE, Adhesive.DOTS, Adhesive.FOAM);

  private final Workbench bench;
  private final Derivation derivation;
  private final OwnSizes sizes;

  TopperMenu(Workbench bench, Derivation derivation, OwnSizes sizes) {
    this.bench = bench;
    this.derivation = derivation;
    this.sizes = sizes;
  }

  private List<Topper> toppers() {
    return derivation.job().order().toppers();
  }

  /** Returns all that can be changed of one. */
  List<MenuItem> items(Topper topper) {
    List<MenuItem> items = new ArrayList<>();
    items.add(
        Sentence.typed(
            Words.say("decorate.says"), text -> change(topper.saying(TopperFormat.words(text)))));
    items.add(Sentence.typed(Words.say("decorate.name"), text -> rename(topper, text)));
    items.add(
        menu("decorate.shape", shapes(topper), topper.shape(), TopperMenu::say, topper::shaped));
    items.add(
        menu("decorate.from", Stock.values(), topper.stock(), TopperMenu::say, topper::cutFrom));
    Fixing fixing = topper.fixing();
    items.add(
        menu(
            "decorate.with",
            adhesives(fixing),
            fixing.with(),
            each -> Words.say(each.label()),
            each -> topper.fixed(fixing.stuck(each))));
    items.add(
        Sentence.tick(
            Words.say("decorate.by-foot"),
            fixing.byFoot(),
            () -> change(topper.fixed(fixing.byFoot(!fixing.byFoot())))));
    items.add(
        Sentence.tick(
            Words.say("decorate.overhangs"),
            fixing.overhangs(),
            () -> change(topper.fixed(fixing.overhanging(!fixing.overhangs())))));
    if (fixing.tucked() || hasRibbon(topper)) {
      items.add(
          Sentence.tick(
              Words.say("decorate.tucked"),
              fixing.tucked(),
              () -> change(topper.fixed(fixing.tucked(!fixing.tucked())))));
    }
    items.add(
        Sentence.item(
            Words.say("decorate.other-face"), () -> change(topper.facing(topper.face().other()))));
    copies(topper).ifPresent(items::add);
    cards(topper).ifPresent(items::add);
    new GroupWords(bench, toppers()).menu(topper).ifPresent(items::add);
    items.add(Sentence.item(Words.say("decorate.note"), () -> sizes.note(owned(topper))));
    items.add(new SeparatorMenuItem());
    items.add(Sentence.item(Words.say("decorate.remove", topper.label()), () -> remove(topper)));
    return items;
  }

  /** What a ribbon holds need not be glued. */
  private static Adhesive[] adhesives(Fixing fixing) {
    List<Adhesive> all = new ArrayList<>(ADHESIVES);
    if (fixing.tucked()) {
      all.add(Adhesive.NONE);
    }
    return all.toArray(new Adhesive[0]);
  }

  private boolean hasRibbon(Topper topper) {
    return derivation.made().stream()
        .flatMap(made -> made.design().joints().stream())
        .flatMap(joint -> joint.movement().led().stream())
        .flatMap(led -> led.legs().stream())
        .anyMatch(leg -> leg.on().equals(topper.on()) && leg.face() == topper.face());
  }

  /** Where there are several equal pieces it goes onto each, or onto one of them. */
  private Optional<Menu> copies(Topper topper) {
    int many =
        derivation
            .made()
            .flatMap(made -> made.design().piece(topper.on()))
            .map(Piece::count)
            .orElse(1);
    int now = Math.min(topper.copy(), many);
    return many == 1
        ? Optional.empty()
        : Optional.of(
            menu(
                "decorate.copies",
                IntStream.rangeClosed(0, many).boxed().toArray(Integer[]::new),
                now,
                each ->
                    each == Topper.EACH
                        ? Words.say("decorate.each", many)
                        : Words.say("decorate.only", each),
                topper::onCopy));
  }

  /** Of several cards all have it, or only some. */
  private Optional<Menu> cards(Topper topper) {
    int many = derivation.job().order().copies();
    if (many == 1 && topper.cards() == 0) {
      return Optional.empty();
    }
    Set<Integer> offered = new TreeSet<>(Set.of(0, 1));
    offered.add(topper.cards());
    Menu menu = new Menu(Words.say("decorate.cards", many));
    for (int each : offered) {
      String words =
          each == 0 ? Words.say("decorate.cards-all") : Words.say("decorate.cards-some", each);
      menu.getItems()
          .add(Sentence.tick(words, each == topper.cards(), () -> change(topper.onCards(each))));
    }
    menu.getItems()
        .add(Sentence.typed(Words.say("decorate.cards-typed"), text -> cards(topper, text)));
    return Optional.of(menu);
  }

  private void cards(Topper topper, String typed) {
    int most = Math.min(Topper.MOST_CARDS, derivation.job().order().copies());
    int cards = typed.strip().matches("\\d{1,4}") ? Integer.parseInt(typed.strip()) : 0;
    if (cards < 1 || cards > most) {
      bench.tell(Words.say("decorate.cards-bad", typed, most));
      return;
    }
    change(topper.onCards(cards == derivation.job().order().copies() ? 0 : cards));
  }

  private static Shape[] shapes(Topper topper) {
    return Stream.of(Shape.values())
        .filter(each -> each != Shape.OUTLINE || topper.outline().isPresent())
        .toArray(Shape[]::new);
  }

  /** Returns the size it has now, as something that is owned. */
  private Owned owned(Topper topper) {
    Length across =
        derivation.settled().length(topper.value(Measure.ACROSS)).orElse(topper.start().across());
    Length down = derivation.settled().length(topper.value(Measure.DOWN)).orElse(across);
    boolean isFigure = topper.shape() == Shape.OUTLINE;
    Shape shape = isFigure ? Shape.RECTANGLE : topper.shape();
    return new Owned(topper.label(), shape, across, down);
  }

  private <T> Menu menu(
      String key, T[] all, T now, Function<T, String> says, Function<T, Topper> changed) {
    Menu menu = new Menu(Words.say(key));
    for (T each : all) {
      menu.getItems()
          .add(
              Sentence.tick(says.apply(each), each.equals(now), () -> change(changed.apply(each))));
    }
    return menu;
  }

  private void rename(Topper topper, String typed) {
    String name = TopperFormat.label(typed);
    if (!name.isBlank()) {
      change(topper.named(name));
    }
  }

  /** Another shape may have a height of its own, which it then begins with. */
  private void change(Topper now) {
    List<Topper> all =
        toppers().stream().map(each -> each.id().equals(now.id()) ? now : each).toList();
    Values values = derivation.job().values();
    Length across = values.length(now.value(Measure.ACROSS)).orElse(now.start().across());
    Optional<Length> down = values.length(now.value(Measure.DOWN));
    if (now.shape() == Shape.RING && down.filter(it -> it.compareTo(across) < 0).isEmpty()) {
      Length hole = Fresh.hole(across, derivation.job().marks());
      values = values.and(now.value(Measure.DOWN), hole);
    } else if (now.shape() != Shape.CIRCLE && down.isEmpty()) {
      values = values.and(now.value(Measure.DOWN), across);
    }
    bench.making().decorate(all, values);
  }

  private void remove(Topper topper) {
    Set<String> gone = new HashSet<>(Set.of(topper.id()));
    List<Topper> left = new ArrayList<>();
    for (Topper each : toppers()) {
      if (gone.contains(each.on())) {
        gone.add(each.id());
      }
      if (!gone.contains(each.id())) {
        left.add(each);
      }
    }
    Set<String> values = new HashSet<>();
    toppers().stream()
        .filter(each -> gone.contains(each.id()))
        .forEach(each -> Stream.of(Measure.values()).map(each::value).forEach(values::add));
    bench.making().decorate(left, derivation.job().values().without(values));
  }

  static String say(Shape shape) {
    return Words.say(
        switch (shape) {
          case RECTANGLE -> "decorate.rectangle";
          case CIRCLE -> "decorate.circle";
          case OVAL -> "decorate.oval";
          case RING -> "decorate.ring";
          case OUTLINE -> "decorate.outline";
        });
  }

  private static String say(Stock stock) {
    return Words.say(
        switch (stock) {
          case WHITE -> "decorate.white";
          case CARD -> "decorate.card";
          case PATTERNED -> "decorate.patterned";
        });
  }
}
