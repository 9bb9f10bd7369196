package cufflink.desktop.slip;

import cufflink.core.decor.Owned;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.pattern.Parameter;
import cufflink.core.scene.Ref;
import cufflink.core.value.Setting;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** Shows the slip: its numbers large, to be typed over where they stand. */
public final class SlipView extends ScrollPane {
  private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
  private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
  private static final PseudoClass MOVED = PseudoClass.getPseudoClass("moved");

  /** Nobody reads numbers that change more often, while something is pulled; in nanoseconds. */
  private static final long REST = 100_000_000;

  private final Workbench bench;
  private final Looked looked;
  private final Slips slips;
  private final VBox paper = new VBox();
  private final Map<Subject, RowView> rows = new LinkedHashMap<>();
  private List<String> shape = List.of();
  private long written;
  private Optional<Subject> typed = Optional.empty();
  private Optional<Subject> lookedAt = Optional.empty();
  private Consumer<Subject> presser = subject -> {};
  private BiConsumer<Subject, Subject> dropper = (moved, to) -> {};

  /**
   * Makes the slip of a workbench.
   *
   * @param bench the workbench
   * @param slips what stands on the slip of each station
   */
  public SlipView(Workbench bench, Slips slips) {
    this.bench = bench;
    this.slips = slips;
    this.looked = new Looked(slips);
    paper.getStyleClass().add("slip-paper");
    getStyleClass().add("slip");
    setContent(paper);
    setFitToWidth(true);
    setFocusTraversable(false);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    bench
        .derivation()
        .addListener(
            (property, before, now) -> {
              if (!bench.sizing().isPulling() || System.nanoTime() - written > REST) {
                catchUp();
              }
            });
    bench
        .station()
        .addListener(
            (property, before, now) -> {
              looked.leave(before);
              refresh();
            });
    bench.cutter().plans().addListener((property, before, now) -> refresh());
    bench.folding().folder().answered().addListener((property, before, now) -> refresh());
    bench.folding().gluer().answered().addListener((property, before, now) -> refresh());
    bench.folding().answerer().answered().addListener((property, before, now) -> refresh());
    bench.chosen().addListener((property, before, now) -> light(now));
    bench.derivation().get().ifPresent(each -> looked.changed(each, Optional.empty()));
    refresh();
  }

  /**
   * Visits the first number that can be typed over.
   *
   * @return false if there is none
   */
  public boolean focusFirst() {
    Optional<Node> first =
        paper.lookupAll(".slip-number").stream().filter(Node::isFocusTraversable).findFirst();
    first.ifPresent(Node::requestFocus);
    return first.isPresent();
  }

  /**
   * Tells what to do when a line is pressed on the slip.
   *
   * @param newPresser receives what the line stands for
   */
  public void onPress(Consumer<Subject> newPresser) {
    presser = newPresser;
  }

  /**
   * Tells what to do when a line is dragged to another.
   *
   * @param newDropper receives what the two lines stand for
   */
  public void onDrop(BiConsumer<Subject, Subject> newDropper) {
    dropper = newDropper;
  }

  /**
   * Returns which numbers have moved without having been looked at.
   *
   * @return the memory
   */
  public Looked looked() {
    return looked;
  }

  /** Writes what has changed since the slip was last written, as while something was pulled. */
  public void catchUp() {
    bench.derivation().get().ifPresent(each -> looked.changed(each, typed));
    refresh();
  }

  /** Writes the slip anew, as when its numbers are shown in another unit. */
  public void refresh() {
    written = System.nanoTime();
    Station station = bench.station().get();
    List<SlipSection> sections =
        bench
            .derivation()
            .get()
            .filter(each -> slips.stations().contains(station))
            .map(each -> slips.write(station, each))
            .orElse(List.of());
    List<String> newShape = shape(sections);
    if (!newShape.equals(shape)) {
      shape = newShape;
      build(sections);
    } else {
      sections.forEach(section -> section.rows().forEach(row -> rows.get(row.subject()).show(row)));
    }
    rows.forEach((key, view) -> view.pseudoClassStateChanged(MOVED, looked.isMoved(station, key)));
    light(bench.chosen().get());
  }

  /** What must be built anew when it changes: everything but the numbers. */
  private List<String> shape(List<SlipSection> sections) {
    List<String> parts = new ArrayList<>();
    parts.add(bench.station().get().name());
    for (SlipSection section : sections) {
      parts.add(section.title() + section.remark());
      section.rows().forEach(row -> parts.add(row.subject() + row.label()));
    }
    return parts;
  }

  /**
   * Puts the lines together. Those that were there stay the same nodes in their places, so that a
   * number being typed keeps the keyboard while other lines come and go.
   */
  private void build(List<SlipSection> sections) {
    Map<Subject, RowView> before = new LinkedHashMap<>(rows);
    rows.clear();
    List<Node> nodes = new ArrayList<>();
    if (sections.isEmpty()) {
      nodes.add(label(Words.say("slip.empty-title"), "slip-title"));
      nodes.add(label(Words.say("slip.empty"), "slip-remark"));
    }
    for (SlipSection section : sections) {
      if (!section.title().isEmpty()) {
        nodes.add(label(section.title(), "slip-title"));
      }
      if (!section.remark().isEmpty()) {
        nodes.add(label(section.remark(), "slip-remark"));
      }
      for (SlipRow row : section.rows()) {
        RowView view = before.get(row.subject());
        if (view == null || !view.row().parameter().equals(row.parameter())) {
          view = new RowView(row, this::typeOver, actions(row));
          letDrag(view, row.subject());
        }
        view.show(row);
        rows.put(row.subject(), view);
        nodes.add(view);
      }
    }
    List<Node> children = paper.getChildren();
    children.retainAll(nodes);
    for (int i = 0; i < nodes.size(); i++) {
      if (i >= children.size() || children.get(i) != nodes.get(i)) {
        children.remove(nodes.get(i));
        children.add(i, nodes.get(i));
      }
    }
  }

  /** Steps can be dragged to another place in their order. */
  private void letDrag(RowView view, Subject subject) {
    if (subject instanceof Subject.Step) {
      view.getStyleClass().add("slip-step");
      view.setOnDragDetected(event -> view.startFullDrag());
      view.setOnMouseDragEntered(event -> view.pseudoClassStateChanged(OVER, true));
      view.setOnMouseDragExited(event -> view.pseudoClassStateChanged(OVER, false));
      view.setOnMouseDragReleased(
          event -> {
            if (event.getGestureSource() instanceof RowView from && from != view) {
              dropper.accept(from.row().subject(), subject);
            }
          });
    }
  }

  private static Label label(String text, String style) {
    Label label = new Label(text);
    label.getStyleClass().add(style);
    label.setWrapText(true);
    return label;
  }

  private RowView.Actions actions(SlipRow row) {
    return new RowView.Actions() {
      @Override
      public void look() {
        looked.look(bench.station().get(), row.subject());
        rows.get(row.subject()).pseudoClassStateChanged(MOVED, false);
        lookedAt = Optional.of(row.subject());
        bench.chosen().set(rows.get(row.subject()).row().refs());
      }

      @Override
      public void lookAway() {
        lookedAt = Optional.empty();
        bench.chosen().set(Set.of());
      }

      @Override
      public void nudge(int steps) {
        typed = Optional.of(row.subject());
        row.parameter().ifPresent(each -> bench.sizing().nudge(each.id(), steps));
        typed = Optional.empty();
      }

      @Override
      public void choose(Parameter.Choice choice) {
        row.parameter()
            .ifPresent(each -> bench.sizing().set(each, new Setting.OfChoice(choice.id())));
      }

      @Override
      public List<MenuItem> offers() {
        return row.parameter().filter(Parameter::isLength).stream()
            .flatMap(SlipView.this::owned)
            .toList();
      }

      @Override
      public void finish() {
        bench.sizing().finish();
      }

      @Override
      public void cancel() {
        bench.sizing().cancel();
      }

      @Override
      public void pin() {
        row.parameter().ifPresent(each -> bench.making().pin(each.id()));
      }

      @Override
      public void trouble(Optional<String> sentence) {
        rows.get(row.subject()).trouble(sentence);
      }

      @Override
      public void press() {
        presser.accept(row.subject());
      }
    };
  }

  /** Only a whole card is as large as a sheet or an envelope. */
  private Stream<MenuItem> owned(Parameter parameter) {
    boolean isCard = parameter.role() != Parameter.Role.OTHER;
    return bench.papers().owned().get().all().stream()
        .filter(each -> isCard || each.use() == Owned.Use.PIECE || each.use() == Owned.Use.STAMP)
        .map(
            each -> {
              Length length = parameter.isDown() ? each.down() : each.across();
              MenuItem item =
                  new MenuItem(
                      Words.say("size.named", each.label(), bench.format().format(length)));
              item.setOnAction(
                  event -> bench.sizing().set(parameter, new Setting.OfLength(length)));
              return item;
            });
  }

  private Optional<String> typeOver(String parameter, String text) {
    typed = Optional.of(new Subject.Value(parameter));
    Parsed<Setting> result = bench.sizing().type(parameter, text);
    typed = Optional.empty();
    return result.value().isPresent() ? Optional.empty() : Optional.of(Words.say(result.problem()));
  }

  /**
   * Lights the line that is looked at, or those of what is pointed at on the paper. What a value
   * moves is found by moving it, which is not done for every line at every key.
   */
  private void light(Set<Ref> refs) {
    rows.forEach(
        (subject, view) -> view.pseudoClassStateChanged(LIT, isLit(subject, view.row(), refs)));
  }

  private boolean isLit(Subject subject, SlipRow row, Set<Ref> refs) {
    return lookedAt
        .map(subject::equals)
        .orElseGet(() -> !refs.isEmpty() && !Collections.disjoint(row.refs(), refs));
  }
}
