package cufflink.desktop.shell;

import cufflink.core.card.Upright;
import cufflink.core.decor.Fresh;
import cufflink.core.decor.Outline;
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
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.Marks;
import cufflink.core.plane.Side;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.core.value.Values;
import cufflink.core.words.Message;
import cufflink.desktop.work.Workbench;
import cufflink.files.figure.Figure;
import cufflink.files.project.TopperFormat;
import cufflink.files.size.ChartText;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What makers put on their cards beside what the construction has: the words to do it with. */
final class TopperWords {
  private static final long QUARTER = 90;

  private final Workbench bench;
  private final Derivation derivation;
  private final OwnSizes sizes;
  private final FigureChoice figures;
  private final TopperMenu menu;

  TopperWords(Workbench bench, Derivation derivation, OwnSizes sizes, FigureChoice figures) {
    this.bench = bench;
    this.derivation = derivation;
    this.sizes = sizes;
    this.figures = figures;
    this.menu = new TopperMenu(bench, derivation, sizes);
  }

  private List<Topper> toppers() {
    return derivation.job().order().toppers();
  }

  /** Says what was put on, and offers more for the face of a piece that is looked at. */
  Message words(Piece host, Face face, Sentence sentence) {
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
                each ->
                    Message.plain(
                        sentence.choice(each.label(), hint(each), () -> menu.items(each))))
            .toList();
    return Message.of("decorate.sentence", Message.list("list.comma", names), more);
  }

  /** Offers shapes, then what is owned, and last to note more of that. */
  private List<MenuItem> offers(Piece host, Face face) {
    List<MenuItem> items = new ArrayList<>();
    for (Shape each : Shape.values()) {
      if (each != Shape.OUTLINE) {
        items.add(
            Sentence.item(TopperMenu.say(each), () -> put(each, host, face, Optional.empty())));
      }
    }
    items.add(
        Sentence.item(
            Words.say("decorate.figure"), () -> figures.choose(it -> put(it, host, face))));
    items.add(new SeparatorMenuItem());
    for (Owned each : sizes.chart().of(Owned.Use.PIECE)) {
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

  /** A figure is as large as there is room for, in its own proportions. */
  private void put(Figure figure, Piece host, Face face) {
    Topper.Start room = start(Shape.OUTLINE, host, face);
    Marks marks = derivation.job().marks();
    Length across = room.across();
    if (figure.downAt(across).compareTo(room.down()) > 0) {
      double share = room.down().toMillimetres() / figure.downAt(across).toMillimetres();
      across = marks.nearest(Length.fromMillimetres(across.toMillimetres() * share));
    }
    across = across.max(marks.step());
    String label = TopperFormat.label(figure.label());
    Owned owned =
        new Owned(
            label.isBlank() ? name(Shape.OUTLINE) : name(label),
            Shape.RECTANGLE,
            across,
            marks.nearest(figure.downAt(across)).max(marks.step()));
    put(Shape.OUTLINE, host, face, Optional.of(owned), Optional.of(figure.outline()));
  }

  private void put(Shape shape, Piece host, Face face, Optional<Owned> owned) {
    put(shape, host, face, owned, Optional.empty());
  }

  private Topper.Start start(Shape shape, Piece host, Face face) {
    Derivation.Made made = derivation.made().orElseThrow();
    return Fresh.of(
        shape,
        made.design(),
        host,
        face,
        FlatPattern.of(host, made.card().flat().tolerances()).facets(),
        derivation.job().marks());
  }

  private void put(
      Shape shape, Piece host, Face face, Optional<Owned> owned, Optional<Outline> outline) {
    if (toppers().size() >= Topper.MOST) {
      bench.tell(Words.say("decorate.most", Topper.MOST));
      return;
    }
    Topper.Start start = start(shape, host, face);
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
            start,
            outline,
            "",
            Topper.Which.ALL);
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
    if (outline.isPresent()) {
      long turned = uprightAt(topper, derivation.job().withOrder(order).withValues(values));
      values = values.and(topper.value(Measure.TILT), new Setting.OfCount(turned));
    }
    bench.making().decorate(now, values);
    bench.chosen().set(Set.of(new Ref(host.id(), topper.id())));
  }

  /** How far a figure is turned so that its top is on top where it is seen, degrees. */
  private long uprightAt(Topper topper, Job job) {
    Optional<Derivation.Made> made =
        bench.library().pattern(job).flatMap(pattern -> Derivation.of(pattern, job).made());
    Side top =
        made.flatMap(
                it ->
                    it.design().joints().stream()
                        .filter(joint -> joint.piece().equals(topper.id()))
                        .findFirst()
                        .map(
                            joint ->
                                Upright.top(
                                    joint, it.design(), it.card().whole(), derivation.look())))
            .orElse(Side.TOP);
    // Seen from the outside, left is right.
    long quarter = topper.face() == Face.INSIDE ? QUARTER : -QUARTER;
    return switch (top) {
      case TOP, NONE -> 0;
      case BOTTOM -> 2 * QUARTER;
      case LEFT -> -quarter;
      case RIGHT -> quarter;
    };
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
              case OUTLINE -> "decorate.called-outline";
            });
    return name(plain);
  }

  private String name(String plain) {
    String name = plain;
    for (int number = 2; isTaken(name); number++) {
      name = plain + " " + number;
    }
    return name;
  }

  private boolean isTaken(String name) {
    return toppers().stream().anyMatch(each -> each.label().equals(name));
  }
}
