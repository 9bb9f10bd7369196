package cufflink.desktop.shell;

import cufflink.core.card.FoldModel;
import cufflink.core.drawing.Portrait;
import cufflink.core.drawing.ThicknessDrawing;
import cufflink.core.inspect.FoldReport;
import cufflink.core.job.Derivation;
import cufflink.core.job.Order;
import cufflink.core.paper.Look;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.desktop.slip.InspectSlip;
import cufflink.desktop.slip.SlipRow;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Folding;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.inspect.Answer;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.MenuItem;

/** Is it right, and will it post? */
final class InspectStation implements StationView {
  /** Nearly from above: paper that lies is read, and yet has a shadow. */
  private static final double LOOKS_DOWN = 14;

  private static final double HALF = 180;

  private final Workbench bench;
  private final Wrongs wrongs;
  private final Runnable anew;
  private final WaitingLine waits;
  private final Glide glide;
  private final PerJob<View> views = new PerJob<>(new View(0, Side.FRONT));
  private final FaceTold faces;

  /** From where the card is looked at. */
  private enum Side {
    FRONT("inspect.front"),
    BACK("inspect.back"),
    THROUGH("inspect.through");

    private final String key;

    Side(String key) {
      this.key = key;
    }

    String title() {
      return Words.say(key);
    }
  }

  /**
   * How a card is looked at.
   *
   * @param opened how many stages after it was closed
   * @param side from where
   */
  private record View(int opened, Side side) {}

  InspectStation(Workbench bench, Runnable redraw, Runnable anew) {
    this.bench = bench;
    this.wrongs = new Wrongs(bench);
    this.anew = anew;
    this.glide = new Glide(redraw);
    this.faces = new FaceTold(bench, anew);
    this.waits = new WaitingLine(bench.folding().folder(), Words.say("inspect.working"));
  }

  @Override
  public Station station() {
    return Station.INSPECT;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    List<Answer> answers = report(derivation).map(it -> answers(derivation, it)).orElse(List.of());
    InspectSlip slip =
        new InspectSlip(
            finding -> Wrongs.places(finding, derivation),
            finding -> wrongs.cure(finding).map(it -> new SlipRow.Press(it.label(), it.apply())),
            bench.format());
    return slip.write(wrongs.of(derivation), answers);
  }

  /** While its sizes change, what was last answered of a card stands there for a moment. */
  private List<Answer> answers(Derivation derivation, FoldReport report) {
    var answerer = bench.folding().answerer();
    if (bench.station().get() == Station.INSPECT) {
      answerer.ask(
          new Folding.Answered(
              wrongs.whole(derivation),
              report,
              bench.format(),
              bench.papers().owned().get().envelopes()));
    }
    return answerer
        .answered()
        .get()
        .filter(each -> each.question().whole().job().id().equals(derivation.job().id()))
        .map(Latest.Answered::answer)
        .orElse(List.of());
  }

  @Override
  public Node sentence(Derivation derivation) {
    Sentence sentence = new Sentence();
    View view = views.at(derivation);
    List<String> states = states(derivation);
    String state =
        sentence.choice(
            states.get(opened(derivation)),
            Words.say("inspect.state-hint"),
            () -> {
              List<MenuItem> items = new ArrayList<>();
              for (int i = 0; i < states.size(); i++) {
                int to = i;
                items.add(Sentence.item(states.get(i), () -> open(to)));
              }
              return items;
            });
    String side =
        sentence.choice(
            view.side().title(),
            Words.say("inspect.side-hint"),
            () ->
                Stream.of(Side.values())
                    .map(each -> Sentence.item(each.title(), () -> turn(each)))
                    .toList());
    Order order = derivation.job().order();
    String sent =
        sentence.choice(
            Words.say(order.raised() ? "inspect.handed" : "inspect.posted"),
            Words.say("inspect.sent-hint"),
            () ->
                List.of(
                    Sentence.item(
                        Words.say("inspect.posted"),
                        () -> bench.making().order(order.withRaised(false))),
                    Sentence.item(
                        Words.say("inspect.handed"),
                        () -> bench.making().order(order.withRaised(true)))));
    String key = order.raised() ? "inspect.sentence-raised" : "inspect.sentence-flat";
    return sentence.show(Message.of(key, state, side, sent));
  }

  /** The closed card, and each state in which it rests after that. */
  private static List<String> states(Derivation derivation) {
    List<String> states = new ArrayList<>(List.of(Words.say("inspect.closed")));
    derivation
        .made()
        .map(made -> made.card().whole())
        .ifPresent(
            model ->
                model
                    .stages()
                    .subList(model.closing(), model.stages().size())
                    .forEach(each -> states.add(Words.say("inspect.state", each.title()))));
    return states;
  }

  private int opened(Derivation derivation) {
    return Math.min(views.at(derivation).opened(), states(derivation).size() - 1);
  }

  /** The card is seen to open and close, unless it is looked through. */
  private void open(int to) {
    faces.forget();
    if (views.now().side() != Side.THROUGH) {
      bench.derivation().get().ifPresent(now -> glide.go(opened(now), to));
    }
    views.change(now -> new View(to, now.side()));
    anew.run();
  }

  private void turn(Side to) {
    faces.forget();
    views.change(now -> new View(now.opened(), to));
    anew.run();
  }

  @Override
  public Optional<WaitingLine> waits() {
    return Optional.of(waits);
  }

  private Optional<FoldReport> report(Derivation derivation) {
    return derivation.made().flatMap(made -> bench.folding().of(made.card()));
  }

  @Override
  public void step(int direction) {
    bench
        .derivation()
        .get()
        .ifPresent(
            now -> {
              int states = states(now).size();
              open(Math.floorMod(opened(now) + direction, states));
            });
  }

  /** Turns the card over. */
  @Override
  public void act() {
    turn(views.now().side() == Side.FRONT ? Side.BACK : Side.FRONT);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    View view = views.at(derivation);
    Optional<FoldReport> report = report(derivation);
    if (view.side() == Side.THROUGH) {
      return report
          .flatMap(FoldReport::thickness)
          .map(thickness -> ThicknessDrawing.of(thickness, surface));
    }
    Look look = seen(derivation, report, view.side());
    return derivation
        .made()
        .map(
            made -> {
              FoldModel model = report.map(FoldReport::model).orElse(made.card().whole());
              double moment = model.shown(model.closing() + glide.at(opened(derivation)));
              report.ifPresent(it -> faces.shows(derivation, it, look, moment, surface));
              return Portrait.of(model, made.design(), look, moment, surface);
            });
  }

  @Override
  public void press(double x, double y) {
    faces.press(x, y);
  }

  @Override
  public void move(int direction) {
    faces.move(direction);
  }

  @Override
  public Optional<Node> foot(Derivation derivation) {
    return views.at(derivation).side() == Side.THROUGH
        ? Optional.empty()
        : Optional.of(faces.foot(derivation));
  }

  /** What stands is seen as it is pictured; what lies, from above. */
  private Look seen(Derivation derivation, Optional<FoldReport> report, Side side) {
    Look look = derivation.look();
    int done = opened(derivation);
    boolean stands =
        report.stream()
            .flatMap(
                it ->
                    derivation.stances(it).stream().map(each -> each.done() - it.model().closing()))
            .anyMatch(each -> each == done);
    boolean isBack = side == Side.BACK;
    if (stands) {
      return look.from(isBack ? look.turn() + HALF : look.turn(), look.tilt(), look.pitch());
    }
    return isBack ? look.from(HALF, HALF - LOOKS_DOWN, 0) : look.from(0, LOOKS_DOWN, 0);
  }
}
