package cufflink.desktop.shell;

import cufflink.core.decor.Fresh;
import cufflink.core.decor.Owned;
import cufflink.core.decor.Topper;
import cufflink.core.decor.Topper.Fixing;
import cufflink.core.decor.Topper.Measure;
import cufflink.core.decor.Topper.Shape;
import cufflink.core.decor.Topper.Stock;
import cufflink.core.design.Face;
import cufflink.core.design.Piece;
import cufflink.core.flat.FlatPattern;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.paper.Adhesive;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.TopperFormat;
import cufflink.files.size.ChartText;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What makers put on their cards beside what the construction has: the words to do it with. */
final class TopperWords {
  private static final List<Adhesive> ADHESIVES =
      List.of(Adhesive.LIQUID, Adhesive.TAPE, Adhesive.DOTS, Adhesive.FOAM);

  private final Workbench bench;
  private final Derivation derivation;
  private final OwnSizes sizes;

  TopperWords(Workbench bench, Derivation derivation, OwnSizes sizes) {
    this.bench = bench;
    this.derivation = derivation;
    this.sizes = sizes;
  }

  private List<Topper> toppers() {
    return derivation.job().order().toppers();
  }

  /** Says what was put on, and offers more for the face of a piece that is looked at. */
  Message words(Piece host, Face face, Sentence sentence) {
    sizes.prepare();
    String more =
        sentence.choice(
            Words.say(toppers().isEmpty() ? "decorate.piece" : "decorate.another"),
            Words.say("decorate.hint"),
            () -> offers(host, face));
    if (toppers().isEmpty()) {
      return Message.of("decorate.none", more);
    }
    List<Message> names =
        toppers().stream()
            .map(
                each -> Message.plain(sentence.choice(each.label(), hint(each), () -> items(each))))
            .toList();
    return Message.of("decorate.sentence", Message.list("list.comma", names), more);
  }

  /** Offers shapes, then what is owned, and last to note more of that. */
  private List<MenuItem> offers(Piece host, Face face) {
    List<MenuItem> items = new ArrayList<>();
    for (Shape each : Shape.values()) {
      items.add(Sentence.item(say(each), () -> put(each, host, face, Optional.empty())));
    }
    items.add(new SeparatorMenuItem());
    for (Owned each : sizes.chart().all()) {
      items.add(
          Sentence.item(
              ChartText.line(each).say(bench.format()),
              () -> put(each.shape(), host, face, Optional.of(each))));
    }
    items.addAll(sizes.items());
    return items;
  }

  private static String hint(Topper topper) {
    return Words.say("decorate.topper-hint");
  }

  private static String say(Shape shape) {
    return Words.say(
        switch (shape) {
          case RECTANGLE -> "decorate.rectangle";
          case CIRCLE -> "decorate.circle";
          case OVAL -> "decorate.oval";
          case RING -> "decorate.ring";
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

  private void put(Shape shape, Piece host, Face face, Optional<Owned> owned) {
    if (toppers().size() >= Topper.MOST) {
      bench.tell(Words.say("decorate.most", Topper.MOST));
      return;
    }
    Derivation.Made made = derivation.made().orElseThrow();
    Topper.Start start =
        Fresh.of(
            shape,
            made.design(),
            host,
            face,
            FlatPattern.of(host, made.card().flat().tolerances()).facets(),
            derivation.job().marks());
    if (owned.isPresent()) {
      Length across = owned.get().across();
      Length down = owned.get().down();
      Length left = start.left().plus(half(start.across().minus(across)));
      boolean isEven = shape.isEven();
      Length more = isEven ? start.across().minus(across) : start.down().minus(down);
      start = new Topper.Start(across, down, left, start.top().plus(half(more)));
    }
    Topper topper =
        new Topper(
            Topper.next(toppers()),
            owned.map(each -> TopperFormat.label(each.label())).orElseGet(() -> name(shape)),
            "",
            shape,
            Stock.WHITE,
            host.name().name(),
            face,
            Fixing.FLAT,
            start);
    List<Topper> now = new ArrayList<>(toppers());
    now.add(topper);
    Order order = derivation.job().order().withToppers(now);
    boolean isPut =
        bench
            .library()
            .pattern(derivation.job().withOrder(order))
            .flatMap(pattern -> pattern.parameter(topper.value(Measure.ACROSS)))
            .isPresent();
    if (!isPut) {
      bench.tell(Words.say("decorate.not-on", host.label()));
      return;
    }
    Values values =
        derivation
            .job()
            .values()
            .and(topper.value(Measure.ACROSS), start.across())
            .and(topper.value(Measure.LEFT), start.left())
            .and(topper.value(Measure.TOP), start.top())
            .and(topper.value(Measure.TILT), new Setting.OfCount(0));
    if (shape != Shape.CIRCLE) {
      values = values.and(topper.value(Measure.DOWN), start.down());
    }
    bench.making().decorate(now, values);
    bench.chosen().set(Set.of(new Ref(host.id(), topper.id())));
  }

  private Length half(Length length) {
    return derivation.job().marks().nearest(Length.ofUnits(length.units() / 2));
  }

  /** A new piece is named after its shape, with a number if there is one like it. */
  private String name(Shape shape) {
    String plain =
        Words.say(
            switch (shape) {
              case RECTANGLE -> "decorate.called-rectangle";
              case CIRCLE -> "decorate.called-circle";
              case OVAL -> "decorate.called-oval";
              case RING -> "decorate.called-ring";
            });
    String name = plain;
    for (int number = 2; isTaken(name); number++) {
      name = plain + " " + number;
    }
    return name;
  }

  private boolean isTaken(String name) {
    return toppers().stream().anyMatch(each -> each.label().equals(name));
  }

  private List<MenuItem> items(Topper topper) {
    List<MenuItem> items = new ArrayList<>();
    items.add(
        Sentence.typed(
            Words.say("decorate.says"), text -> change(topper.saying(TopperFormat.words(text)))));
    items.add(Sentence.typed(Words.say("decorate.name"), text -> rename(topper, text)));
    items.add(
        menu("decorate.shape", Shape.values(), topper.shape(), TopperWords::say, topper::shaped));
    items.add(
        menu("decorate.from", Stock.values(), topper.stock(), TopperWords::say, topper::cutFrom));
    Fixing fixing = topper.fixing();
    items.add(
        menu(
            "decorate.with",
            ADHESIVES.toArray(new Adhesive[0]),
            fixing.with(),
            each -> Words.say(each.label()),
            each -> topper.fixed(new Fixing(each, fixing.byFoot(), fixing.overhangs()))));
    items.add(
        Sentence.tick(
            Words.say("decorate.by-foot"),
            fixing.byFoot(),
            () ->
                change(
                    topper.fixed(
                        new Fixing(fixing.with(), !fixing.byFoot(), fixing.overhangs())))));
    items.add(
        Sentence.tick(
            Words.say("decorate.overhangs"),
            fixing.overhangs(),
            () ->
                change(
                    topper.fixed(
                        new Fixing(fixing.with(), fixing.byFoot(), !fixing.overhangs())))));
    items.add(
        Sentence.item(
            Words.say("decorate.other-face"), () -> change(topper.facing(topper.face().other()))));
    items.add(Sentence.item(Words.say("decorate.note"), () -> sizes.note(owned(topper))));
    items.add(new SeparatorMenuItem());
    items.add(Sentence.item(Words.say("decorate.remove", topper.label()), () -> remove(topper)));
    return items;
  }

  /** Returns the size it has now, as something that is owned. */
  private Owned owned(Topper topper) {
    Length across =
        derivation.settled().length(topper.value(Measure.ACROSS)).orElse(topper.start().across());
    Length down = derivation.settled().length(topper.value(Measure.DOWN)).orElse(across);
    return new Owned(topper.label(), topper.shape(), across, down);
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
}
