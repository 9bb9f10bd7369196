package cufflink.desktop.paper;

import cufflink.core.flat.Spot;
import cufflink.core.scene.Ref;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;

/** Holds the flags over the paper, each on its pole. */
final class FlagLayer extends Pane {
  private static final PseudoClass ERROR = PseudoClass.getPseudoClass("error");
  private static final double WIDTH = 290;
  private static final double POLE = 26;
  private static final double EDGE = 10;

  /** How many flags stand on the paper at once. */
  private static final int MOST = 3;

  private final List<Planted> planted = new ArrayList<>();

  /** A flag with its nodes. */
  private record Planted(Flag flag, VBox cloth, Line pole) {}

  private final Consumer<Set<Ref>> light;
  private List<Flag> all = List.of();
  private boolean showsAll;

  /** Makes an empty layer that lights what a flag stands for while it is pointed at. */
  FlagLayer(Consumer<Set<Ref>> light) {
    this.light = light;
    getStyleClass().add("flag-layer");
  }

  /** Says whether there is no flag. */
  boolean isBare() {
    return all.isEmpty();
  }

  /** Plants the worst flags; the others wait behind one that says how many more there are. */
  void plant(List<Flag> flags) {
    if (!flags.stream()
        .map(FlagLayer::said)
        .toList()
        .equals(all.stream().map(FlagLayer::said).toList())) {
      showsAll = false;
    }
    all = List.copyOf(flags);
    if (showsAll || flags.size() <= MOST) {
      plantAll(flags);
      return;
    }
    List<Flag> worst = new ArrayList<>(flags.subList(0, MOST - 1));
    int more = flags.size() - worst.size();
    Flag.Cure show =
        new Flag.Cure(
            Words.say("flag.show"),
            () -> {
              showsAll = true;
              plantAll(all);
              requestLayout();
            });
    worst.add(new Flag(List.of(), Words.say("flag.more", more), false, Optional.of(show)));
    plantAll(worst);
  }

  /** Flags that say the same as before keep their nodes, under the pointer or not. */
  private void plantAll(List<Flag> flags) {
    List<Planted> before = new ArrayList<>(planted);
    planted.clear();
    for (Flag flag : flags) {
      Optional<Planted> there =
          before.stream().filter(each -> said(each.flag()).equals(said(flag))).findFirst();
      there.ifPresent(before::remove);
      planted.add(
          there
              .map(each -> new Planted(flag, each.cloth(), each.pole()))
              .orElseGet(() -> planted(flag)));
    }
    for (Planted gone : before) {
      getChildren().removeAll(gone.pole(), gone.cloth());
    }
    for (Planted each : planted) {
      if (!getChildren().contains(each.cloth())) {
        getChildren().add(0, each.pole());
        getChildren().add(each.cloth());
      }
    }
  }

  private Planted planted(Flag flag) {
    Line pole = new Line();
    pole.getStyleClass().add("flag-pole");
    pole.pseudoClassStateChanged(ERROR, flag.isError());
    return new Planted(flag, cloth(flag), pole);
  }

  private static List<String> said(Flag flag) {
    return List.of(
        flag.sentence(),
        Boolean.toString(flag.isError()),
        flag.cure().map(Flag.Cure::label).orElse(""));
  }

  private VBox cloth(Flag flag) {
    Label sentence = new Label(flag.sentence());
    sentence.setWrapText(true);
    VBox cloth = new VBox(sentence);
    cloth.getStyleClass().add("flag");
    cloth.pseudoClassStateChanged(ERROR, flag.isError());
    cloth.setPrefWidth(WIDTH);
    flag.cure()
        .ifPresent(
            cure -> {
              Button button = new Button(cure.label());
              button.getStyleClass().add("cure");
              button.setWrapText(true);
              button.setMinHeight(USE_PREF_SIZE);
              button.setOnAction(event -> cure(cloth));
              cloth.getChildren().add(button);
            });
    cloth.setOnMouseEntered(event -> light.accept(Set.copyOf(flag.places())));
    cloth.setOnMouseExited(event -> light.accept(Set.of()));
    return cloth;
  }

  private void cure(VBox cloth) {
    planted.stream()
        .filter(each -> each.cloth() == cloth)
        .findFirst()
        .flatMap(each -> each.flag().cure())
        .ifPresent(cure -> cure.apply().run());
  }

  /**
   * Sets each flag at its place, or as near to it as it covers no other, no number, and is not cut
   * off.
   */
  void place(Function<Ref, Optional<Spot>> where, List<Rectangle2D> numbers) {
    List<Rectangle2D> taken = new ArrayList<>(numbers);
    for (Planted each : planted) {
      Optional<Spot> place =
          each.flag().places().stream().flatMap(ref -> where.apply(ref).stream()).findFirst();
      each.cloth().applyCss();
      double height = each.cloth().prefHeight(WIDTH);
      // What concerns the whole piece lies on the middle of the paper, clear of the numbers around
      // it.
      Spot at = place.orElse(new Spot((getWidth() - WIDTH) / 2, getHeight() / 2));
      double y = place.isPresent() ? at.y() - POLE - height : at.y();
      Rectangle2D cloth = free(within(at.x(), y, height), taken);
      taken.add(cloth);
      each.cloth().resizeRelocate(cloth.getMinX(), cloth.getMinY(), WIDTH, height);
      each.pole().setVisible(place.isPresent());
      each.pole().setStartX(at.x());
      each.pole().setStartY(at.y());
      each.pole().setEndX(Math.max(cloth.getMinX(), Math.min(at.x(), cloth.getMaxX())));
      each.pole().setEndY(cloth.getMinY() < at.y() ? cloth.getMaxY() : cloth.getMinY());
    }
  }

  private Rectangle2D within(double x, double y, double height) {
    double left = Math.max(EDGE, Math.min(x, getWidth() - WIDTH - EDGE));
    double top = Math.max(EDGE, Math.min(y, getHeight() - height - EDGE));
    return new Rectangle2D(left, top, WIDTH, height);
  }

  /** Looks below the wanted place, then above it, then in the columns beside it. */
  private Rectangle2D free(Rectangle2D wanted, List<Rectangle2D> taken) {
    double[] columns = {wanted.getMinX(), wanted.getMinX() - WIDTH, wanted.getMinX() + WIDTH, EDGE};
    for (double column : columns) {
      for (int sign : new int[] {1, -1}) {
        for (double off = 0; off < getHeight(); off += EDGE) {
          Rectangle2D there = within(column, wanted.getMinY() + sign * off, wanted.getHeight());
          if (taken.stream().noneMatch(there::intersects)) {
            return there;
          }
        }
      }
    }
    return wanted;
  }
}
