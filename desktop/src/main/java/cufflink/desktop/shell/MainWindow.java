package cufflink.desktop.shell;

import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.desktop.paper.PaperView;
import cufflink.desktop.slip.SlipView;
import cufflink.desktop.work.Companions.Companion;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.project.Shares;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The whole window: the stations above, the paper in the middle, the slip beside it. */
public final class MainWindow extends StackPane {
  private static final PseudoClass LOW = PseudoClass.getPseudoClass("low");
  private static final double LOW_HEIGHT = 760;

  private final Workbench bench;
  private final Projects projects;
  private final PaperView paper;
  private final SlipView slip;
  private final StackPane centre = new StackPane();
  private final BorderPane table = new BorderPane();
  private final BorderPane frame = new BorderPane();
  private final Told told;
  private final HelpSheet help;
  private final FirstTimes firstTimes;
  private final Stations stations;
  private final Wrongs wrongs;
  private Optional<Derivation> lastDrawn = Optional.empty();
  private double dragX;
  private boolean isBehind;
  private double dragY;

  /**
   * Makes the window's contents.
   *
   * @param bench the workbench
   * @param projects what touches the disk
   * @param demonstration the projects of the demonstration, empty outside it
   * @param toggleTheme changes between the light and the dark table
   */
  public MainWindow(
      Workbench bench, Projects projects, List<Job> demonstration, Runnable toggleTheme) {
    this.bench = bench;
    this.paper = new PaperView(bench.papers().book());
    this.wrongs = new Wrongs(bench);
    this.projects = projects;
    this.stations = new Stations(bench, projects, this::redrawOnly, this::refresh);
    this.slip = new SlipView(bench, stations);
    this.help = new HelpSheet(stations.all().size());
    this.firstTimes = new FirstTimes(bench, projects, slip.looked());
    slip.onPress(stations::press);
    slip.onDrop(stations::drop);
    this.told = new Told(bench);
    bench.cutter().companions().offer(() -> companions(demonstration));
    MenuStrip menu = new MenuStrip(bench, projects, demonstration, toggleTheme, help::toggle);
    VBox top = new VBox(menu, new StationStrip(bench, stations, slip.looked()));
    top.getStyleClass().add("top");
    table.getStyleClass().add("table");
    centre.getStyleClass().add("table-centre");
    frame.setTop(top);
    getStyleClass().add("main-window");
    getChildren().addAll(frame, help);
    paper.chosen().bindBidirectional(bench.chosen());
    paper.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
    paper.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
    paper.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> release());
    paper.addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
    bench.derivation().addListener((property, before, now) -> refresh());
    bench
        .station()
        .addListener(
            (property, before, now) -> {
              // What was pulled at the other station is let go there.
              bench.pause();
              refresh();
              focusMain();
            });
    bench.folding().folder().answered().addListener((property, before, now) -> refresh());
    bench.folding().curing().curer().answered().addListener((property, before, now) -> refresh());
    heightProperty()
        .addListener(
            (property, before, now) ->
                pseudoClassStateChanged(LOW, now.doubleValue() < LOW_HEIGHT));
    new Keys(this, bench, projects, stations, toggleTheme).attach();
    refresh();
  }

  FoldStation foldStation() {
    return stations.fold();
  }

  LayerStation decorate() {
    return stations.decorate();
  }

  HelpSheet help() {
    return help;
  }

  /** Returns the station the maker is at; without a job, the one where one is begun. */
  private StationView view() {
    StationView view = stations.at(bench.station().get());
    return view.needsAJob() && bench.job().isEmpty() ? stations.choose() : view;
  }

  private void refresh() {
    StationView view = view();
    Optional<Node> own = view.table();
    if (own.isPresent()) {
      frame.setCenter(own.get());
      frame.setRight(null);
    } else {
      bench.derivation().get().ifPresent(now -> showPaper(view, now));
    }
  }

  private void showPaper(StationView view, Derivation now) {
    // Styling the words anew would take longer than a frame, and no hand is free to press them.
    isBehind = bench.sizing().isPulling();
    if (!isBehind) {
      ask(view.sentence(now));
    }
    // What says that one waits lies over the paper, so that nothing moves when it comes and goes.
    List<Node> over = new ArrayList<>(List.of(paper));
    view.waits().ifPresent(over::add);
    // A hand that pulls something on the paper would lose hold of it if the paper were taken away.
    if (!centre.getChildren().equals(over)) {
      centre.getChildren().setAll(over);
    }
    table.setCenter(centre);
    Node foot = view.foot(now).orElse(null);
    table.setBottom(foot);
    boolean fromShelf = frame.getRight() == null;
    frame.setCenter(table);
    frame.setRight(slip);
    if (fromShelf) {
      focusMain();
    }
    bench.folding().ask(now);
    paper.plant(wrongs.flags(now));
    redrawOnly();
    firstTimes.look(view, now);
  }

  private void ask(Node sentence) {
    int word = WordButton.focused(table.getTop());
    VBox question = new VBox(sentence, told);
    question.getStyleClass().add("question");
    table.setTop(question);
    WordButton.focus(question, word);
  }

  /** Space and the arrows are for what the station is about, and for no menu. */
  public void focusMain() {
    if (!view().focus()) {
      paper.requestFocus();
    }
  }

  /** Goes on from the paper to the first number on the slip, if the keyboard is at the paper. */
  boolean goToNumbers() {
    return isAtPaper() && slip.focusFirst();
  }

  /** Goes back from the paper to the first word above it, if the keyboard is at the paper. */
  boolean goToWords() {
    boolean goes = isAtPaper();
    if (goes) {
      WordButton.focus(table.getTop(), 0);
    }
    return goes;
  }

  private boolean isAtPaper() {
    Node focus = getScene().getFocusOwner();
    return (focus == null || focus == paper) && frame.getRight() == slip;
  }

  private void redrawOnly() {
    bench
        .derivation()
        .get()
        .filter(now -> view().table().isEmpty())
        .ifPresent(now -> draw(view(), now));
  }

  /** Draws what there is; while a number makes no sense the paper stays as it was. */
  private void draw(StationView view, Derivation now) {
    if (now.made().isPresent()) {
      lastDrawn = Optional.of(now);
    } else {
      lastDrawn = lastDrawn.filter(each -> each.pattern().id().equals(now.pattern().id()));
    }
    Derivation shown = lastDrawn.orElse(now);
    paper.show(surface -> view.draw(shown, surface), bench.shownMarks(), bench.format());
  }

  /** Goes to the shelf, to look for a construction by name. */
  void search() {
    bench.station().set(Station.CHOOSE);
    stations.choose().shelf().search();
  }

  void step(int direction) {
    if (bench.job().isPresent()) {
      view().step(direction);
    }
  }

  void move(int direction) {
    if (bench.job().isPresent()) {
      view().move(direction);
    }
  }

  void act() {
    if (bench.job().isPresent()) {
      view().act();
    }
  }

  void toggleUnits() {
    bench.showOtherUnits();
    slip.refresh();
    refresh();
  }

  private void press(MouseEvent event) {
    dragX = event.getX();
    dragY = event.getY();
    paper.requestFocus();
    view().press(event.getX(), event.getY());
  }

  private void release() {
    view().release();
    if (isBehind && !bench.sizing().isPulling()) {
      slip.catchUp();
      refresh();
    }
  }

  private void hover(MouseEvent event) {
    if (bench.job().isPresent()) {
      view().hover(event.getX(), event.getY());
    }
  }

  private void drag(MouseEvent event) {
    view().drag(event.getX() - dragX, event.getY() - dragY);
    dragX = event.getX();
    dragY = event.getY();
  }

  /** Returns what can be cut together with what lies on the table. */
  private List<Companion> companions(List<Job> demonstration) {
    List<Companion> all = new ArrayList<>(projects.companions());
    for (Job job : demonstration) {
      if (bench.job().filter(now -> now.title().equals(job.title())).isEmpty()) {
        all.add(new Companion(job.title(), () -> Shares.of(job, bench.library())));
      }
    }
    return all;
  }
}
