package cufflink.desktop.work;

import cufflink.core.cut.Drawer;
import cufflink.core.cut.Stock;
import cufflink.core.decor.Chart;
import cufflink.core.decor.Owned;
import cufflink.core.measure.Length;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sheet;
import cufflink.desktop.paper.PictureBook;
import cufflink.desktop.wait.InOrder;
import cufflink.files.figure.PictureShelf;
import cufflink.files.figure.Pictures;
import cufflink.files.project.DrawerStore;
import cufflink.files.words.Words;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The maker's drawer as it is kept on the disk; several windows may change it. */
public final class PaperDrawer {
  private final Optional<DrawerStore> store;
  private final ObservableList<Sheet> typed = FXCollections.observableArrayList();
  private final ReadOnlyObjectWrapper<Drawer> drawer = new ReadOnlyObjectWrapper<>(Drawer.EMPTY);
  private final ObjectProperty<Chart> owned = new SimpleObjectProperty<>(Chart.NONE);
  private final Optional<PictureShelf> shelf;
  private final PictureBook book;
  private final String problem;

  /**
   * Opens the drawer.
   *
   * @param store where it is kept
   */
  public PaperDrawer(DrawerStore store) {
    this(store, Optional.empty());
  }

  /**
   * Opens the drawer.
   *
   * @param store where it is kept
   * @param shelf where pictures of papers are kept, if anywhere
   */
  public PaperDrawer(DrawerStore store, Optional<PictureShelf> shelf) {
    this.store = Optional.of(store);
    this.shelf = shelf;
    this.book = new PictureBook(pictures(), new InOrder("pictures")::run);
    Parsed<Drawer> kept = store.read();
    kept.value().ifPresent(drawer::set);
    problem = Words.say(kept.problem());
  }

  /** Makes an empty drawer that is forgotten with the window. */
  public PaperDrawer() {
    this.store = Optional.empty();
    this.shelf = Optional.empty();
    this.book = PictureBook.empty();
    problem = "";
  }

  /**
   * Returns where pictures of papers are kept.
   *
   * @return empty if they are kept nowhere
   */
  public Optional<PictureShelf> shelf() {
    return shelf;
  }

  /** Returns where pictures of papers are found. */
  public Pictures pictures() {
    return shelf.<Pictures>map(each -> each).orElse(Pictures.NONE);
  }

  /** Returns pictures of papers as they are shown. */
  public PictureBook book() {
    return book;
  }

  /**
   * Returns why what was kept could not be read.
   *
   * @return one sentence, empty if all is well
   */
  public String problem() {
    return problem;
  }

  /**
   * Returns what is in it.
   *
   * @return the drawer
   */
  public ReadOnlyObjectProperty<Drawer> drawer() {
    return drawer.getReadOnlyProperty();
  }

  /**
   * Changes what is in it.
   *
   * @param change makes the new drawer from the old one
   * @return the new drawer, or one sentence about why it is as it was
   */
  public Parsed<Drawer> change(UnaryOperator<Drawer> change) {
    Parsed<Drawer> changed =
        store
            .map(each -> each.change(change))
            .orElseGet(() -> Parsed.good(change.apply(drawer.get())));
    changed.value().ifPresent(drawer::set);
    return changed;
  }

  /**
   * Returns the sizes of sheets that the maker has typed.
   *
   * @return them, the last one first, to be kept between sessions
   */
  public ObservableList<Sheet> typed() {
    return typed;
  }

  /**
   * Returns what the maker owns, and its sizes.
   *
   * @return it, as far as it has been read; whoever reads it keeps it in the log's file
   */
  public ObjectProperty<Chart> owned() {
    return owned;
  }

  /** Notes something that is owned. */
  public void note(Owned one) {
    owned.set(owned.get().with(one));
  }

  /** Notes something no longer; a sheet is not offered any more either. */
  public void forget(Owned one) {
    typed.removeAll(Chart.NONE.with(one).sheets());
    owned.set(owned.get().without(one));
  }

  /** Remembers a sheet of the maker's own; one of the same size takes its name. */
  void remember(Sheet sheet) {
    typed.removeIf(each -> isAlike(each, sheet));
    typed.add(0, sheet);
  }

  /**
   * Returns what the maker has typed, then what is owned, then the sizes of all that is in it,
   * largest first.
   */
  List<Sheet> sizes() {
    List<Sheet> named =
        Stream.concat(
                typed.stream(),
                owned.get().sheets().stream()
                    .filter(each -> typed.stream().noneMatch(it -> isAlike(each, it))))
            .toList();
    Map<List<Length>, Sheet> sizes = new LinkedHashMap<>();
    for (Stock stock : drawer().get().stock()) {
      if (stock.count() > 0) {
        String label = stock.offCut() ? Words.say("drawer.scrap", stock.label()) : stock.label();
        sizes.putIfAbsent(
            List.of(stock.width(), stock.height()),
            new Sheet("own", label, stock.width(), stock.height()));
      }
    }
    Stream<Sheet> stock =
        sizes.values().stream()
            .filter(sheet -> named.stream().noneMatch(each -> isAlike(each, sheet)))
            .sorted(
                Comparator.comparingDouble(
                    sheet -> -sheet.width().toMillimetres() * sheet.height().toMillimetres()));
    return Stream.concat(named.stream(), stock).toList();
  }

  private static boolean isAlike(Sheet one, Sheet other) {
    return one.width().equals(other.width()) && one.height().equals(other.height());
  }
}
