package cufflink.desktop.shell;

import cufflink.core.design.Design;
import cufflink.core.design.Face;
import cufflink.core.design.Layer;
import cufflink.core.drawing.GlueDrawing;
import cufflink.core.glue.Act;
import cufflink.core.glue.GluingOrder;
import cufflink.core.glue.Must;
import cufflink.core.glue.Repair;
import cufflink.core.inspect.Rehearsal;
import cufflink.core.job.Derivation;
import cufflink.core.paper.Adhesive;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.StepSlip;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** In what order is it put together, and with what? */
final class AssembleStation implements StationView {
  private final Workbench bench;
  private final Runnable anew;
  private final WaitingLine waits;
  private final PerJob<Integer> steps = new PerJob<>(0);
  private final PerJob<Optional<Repair.Mistake>> mistakes = new PerJob<>(Optional.empty());

  AssembleStation(Workbench bench, Runnable anew) {
    this.bench = bench;
    this.anew = anew;
    this.waits = new WaitingLine(bench.folding().gluer(), Words.say("assemble.working"));
    bench
        .folding()
        .gluer()
        .answered()
        .addListener(
            (property, before, now) -> {
              if (bench.station().get() == Station.ASSEMBLE) {
                anew.run();
              }
            });
  }

  @Override
  public Station station() {
    return Station.ASSEMBLE;
  }

  private Optional<GluingOrder> order(Derivation derivation) {
    return derivation
        .made()
        .flatMap(made -> bench.folding().glued(made.design(), derivation.job().order().wish()));
  }

  private int step(Derivation derivation, GluingOrder order) {
    return Math.max(0, Math.min(steps.at(derivation), order.steps().size() - 1));
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    List<SlipSection> sections = new ArrayList<>();
    order(derivation)
        .map(order -> new StepSlip(derivation.made().orElseThrow().design(), order, bench.format()))
        .ifPresent(slip -> sections.addAll(slip.write()));
    derivation
        .made()
        .flatMap(made -> bench.folding().of(made.card()))
        .map(report -> Rehearsal.of(report, derivation.look()))
        .filter(lines -> !lines.isEmpty())
        .ifPresent(lines -> sections.addAll(StepSlip.rehearsal(lines, bench.format())));
    return sections;
  }

  @Override
  public Node sentence(Derivation derivation) {
    Sentence sentence = new Sentence();
    Optional<GluingOrder> found = order(derivation);
    if (found.isEmpty()) {
      return sentence.show(Message.of("assemble.working"));
    }
    GluingOrder order = found.get();
    if (order.steps().isEmpty()) {
      return sentence.show(Message.of("assemble.nothing"));
    }
    Design design = derivation.made().orElseThrow().design();
    int now = step(derivation, order);
    mistakes.at(derivation);
    String which =
        sentence.choice(
            Integer.toString(now + 1),
            Words.say("assemble.step-hint"),
            () -> {
              List<MenuItem> items = new ArrayList<>();
              for (int i = 0; i < order.steps().size(); i++) {
                int to = i + 1;
                String name = order.name(i, design).say(bench.format());
                items.add(Sentence.item(Words.say("assemble.item", to, name), () -> goTo(to)));
              }
              return items;
            });
    boolean isOwn = !derivation.job().order().own().order().isEmpty();
    String whose =
        sentence.choice(
            Words.say(isOwn ? "assemble.own" : "assemble.best"),
            Words.say("assemble.whose-hint"),
            () ->
                List.of(
                    Sentence.item(Words.say("assemble.best"), this::takeBest),
                    Sentence.item(Words.say("assemble.earlier"), () -> move(-1)),
                    Sentence.item(Words.say("assemble.later"), () -> move(1))));
    String key = order.ring().isEmpty() ? "assemble.sentence" : "assemble.sentence-ring";
    String name = order.name(now, design).say(bench.format());
    String with = with(sentence, order.steps().get(now));
    return sentence.show(
        Message.of(
                key,
                which,
                Integer.toString(order.steps().size()),
                Message.plain(name),
                with,
                whose,
                wrong(sentence, order, now))
            .followedBy(side(sentence, order.steps().get(now).act()))
            .followedBy(Message.of("assemble.placed", placed(sentence, order))));
  }

  /** The word behind which are both schools of placing. */
  private String placed(Sentence sentence, GluingOrder order) {
    return sentence.choice(
        Words.say(order.wish().own().byEye() ? "assemble.by-eye" : "assemble.by-marks"),
        Words.say("assemble.placed-hint"),
        () ->
            List.of(
                Sentence.item(Words.say("assemble.by-marks"), () -> own(it -> it.placed(false))),
                Sentence.item(Words.say("assemble.by-eye"), () -> own(it -> it.placed(true)))));
  }

  /** The word behind which is the other face; what moves or is glued to itself has only one. */
  private Message side(Sentence sentence, Act act) {
    boolean hasOne =
        act.joint().filter(it -> !it.movement().isFast() || it.piece().equals(it.on())).isPresent();
    if (hasOne) {
      return Message.NONE;
    }
    List<String> ids =
        act.joint()
            .map(joint -> List.of(joint.id()))
            .orElseGet(() -> act.layers().stream().map(Layer::id).toList());
    String word =
        sentence.choice(
            Words.say(word(act.face())),
            Words.say("assemble.face-hint"),
            () ->
                List.of(
                    Sentence.item(
                        Words.say("assemble.face-other", Words.say(word(act.face().other()))),
                        () -> own(now -> now.swapping(ids)))));
    return Message.of("assemble.face", word);
  }

  private static String word(Face face) {
    return face == Face.INSIDE ? "layer.inside" : "layer.outside";
  }

  /** The word behind which is what it can be glued with. */
  private String with(Sentence sentence, GluingOrder.Step step) {
    String id = step.act().id();
    return sentence.choice(
        step.choice().adhesive().label().say(bench.format()),
        Words.say("assemble.with-hint"),
        () -> {
          List<MenuItem> items = new ArrayList<>();
          items.add(
              Sentence.item(
                  Words.say("assemble.with-best"),
                  () -> own(now -> now.with(id, Optional.empty()))));
          for (Adhesive each : Adhesive.values()) {
            if (each != Adhesive.NONE) {
              String label = each.label().say(bench.format());
              items.add(Sentence.item(label, () -> own(now -> now.with(id, Optional.of(each)))));
            }
          }
          return items;
        });
  }

  /** The word behind which is what can have gone wrong in this step. */
  private String wrong(Sentence sentence, GluingOrder order, int now) {
    List<Repair.Mistake> possible = Repair.possible(order.steps().get(now).act());
    String says =
        mistakes
            .now()
            .filter(possible::contains)
            .map(each -> each.label().say(bench.format()))
            .orElse(Words.say("repair.all-well"));
    return sentence.choice(
        says,
        Words.say("repair.hint"),
        () -> {
          List<MenuItem> items = new ArrayList<>();
          items.add(Sentence.item(Words.say("repair.all-well"), () -> went(Optional.empty())));
          for (Repair.Mistake each : possible) {
            String label = each.label().say(bench.format());
            items.add(Sentence.item(label, () -> went(Optional.of(each))));
          }
          return items;
        });
  }

  private void went(Optional<Repair.Mistake> now) {
    mistakes.set(now);
    anew.run();
  }

  /** What can still be done, the cheapest first. */
  private List<Message> repairs(GluingOrder order, Design design, int now, Derivation derivation) {
    Repair.Mistake wrong = mistakes.now().orElseThrow();
    return Repair.of(order, design, now, wrong, derivation.job().item()).stream()
        .map(each -> Message.of("repair.told", each.told(), each.cost().label()))
        .toList();
  }

  @Override
  public Optional<WaitingLine> waits() {
    return Optional.of(waits);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    return order(derivation)
        .filter(order -> !order.steps().isEmpty())
        .flatMap(
            order ->
                GlueDrawing.of(
                    order,
                    derivation.made().orElseThrow().design(),
                    step(derivation, order),
                    surface,
                    Optional.of(derivation.look())));
  }

  /** What is done, with what, why it comes now, and what to try before going on. */
  @Override
  public Optional<Node> foot(Derivation derivation) {
    return order(derivation)
        .filter(order -> !order.steps().isEmpty())
        .map(
            order -> {
              Design design = derivation.made().orElseThrow().design();
              VBox foot = new VBox();
              foot.getStyleClass().add("steps-foot");
              int now = step(derivation, order);
              boolean isWrong =
                  mistakes
                      .at(derivation)
                      .filter(Repair.possible(order.steps().get(now).act())::contains)
                      .isPresent();
              List<Message> lines =
                  isWrong
                      ? repairs(order, design, now, derivation)
                      : order.walk(
                          now,
                          design,
                          derivation.job().order().raised(),
                          GlueDrawing.place(order, design, now),
                          GlueDrawing.lies(order, design, now));
              lines.forEach(
                  line -> {
                    Label label = new Label(line.say(bench.format()));
                    label.getStyleClass().add("step-line");
                    label.setWrapText(true);
                    foot.getChildren().add(label);
                  });
              return foot;
            });
  }

  /** Goes to a step. */
  void goTo(int number) {
    mistakes.set(Optional.empty());
    steps.set(number - 1);
    anew.run();
    bench
        .derivation()
        .get()
        .flatMap(this::order)
        .filter(order -> number <= order.steps().size())
        .ifPresent(order -> bench.chosen().set(StepSlip.refs(order.steps().get(number - 1))));
  }

  @Override
  public void step(int direction) {
    bench
        .derivation()
        .get()
        .ifPresent(
            now ->
                order(now)
                    .ifPresent(
                        order -> {
                          int to = step(now, order) + direction;
                          if (to >= 0 && to < order.steps().size()) {
                            goTo(to + 1);
                          }
                        }));
  }

  @Override
  public void move(int direction) {
    int now = steps.now() + 1;
    move(now, now + direction);
  }

  /** Puts a step elsewhere, or says what would happen at the table. */
  void move(int number, int to) {
    Optional<Derivation> derivation = bench.derivation().get();
    Optional<GluingOrder> found = derivation.flatMap(this::order);
    int most = found.map(order -> order.steps().size()).orElse(0);
    if (number < 1 || to < 1 || number > most || to > most) {
      return;
    }
    Design design = derivation.orElseThrow().made().orElseThrow().design();
    Optional<Must> forbids = found.get().against(number - 1, to - 1);
    if (forbids.isPresent()) {
      bench.making().tell(forbids.get().told(design).say(bench.format()));
      return;
    }
    own(now -> now.inOrder(found.get().moved(number - 1, to - 1)));
    goTo(to);
  }

  /** Takes the order again that was found. */
  private void takeBest() {
    own(now -> now.inOrder(List.of()));
  }

  private void own(UnaryOperator<GluingOrder.Own> change) {
    bench
        .job()
        .ifPresent(
            job -> bench.making().order(job.order().withOwn(change.apply(job.order().own()))));
  }

  @Override
  public void act() {
    step(1);
  }
}
