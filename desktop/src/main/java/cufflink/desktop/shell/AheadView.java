package cufflink.desktop.shell;

import cufflink.core.ahead.Ahead;
import cufflink.core.ahead.AheadWords;
import cufflink.core.ahead.Given;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Ready;
import cufflink.core.ahead.Yearly;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Parsed;
import cufflink.core.words.Message;
import cufflink.desktop.work.Making;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.words.Words;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The days to come: who gets a card when, what is planned for it, and what lies ready. */
final class AheadView implements LogStation.View {
  /** How many minutes of a day are spent at the table. */
  private static final int A_DAY = 60;

  private final Workbench bench;
  private final Logbook log;
  private final Together together;
  private Map<String, String> begins = Map.of();
  private final VBox all = new VBox();
  private final VBox months = new VBox();
  private final VBox ready = new VBox();
  private final ScrollPane scroll = new ScrollPane(all);
  private final Asked day = new Asked("ahead.who", "ahead.what", "ahead.on");
  private final Asked plan = new Asked("ahead.due", "ahead.for-whom", "ahead.occasion");
  private final Label planned = new Label();
  private final Button planIt = new Button(Words.say("ahead.plan-it"));

  /** Some fields beside each other. */
  private static final class Asked extends FlowPane {
    Asked(String... prompts) {
      getStyleClass().add("log-asked");
      for (String prompt : prompts) {
        TextField field = new TextField();
        field.setPromptText(Words.say(prompt));
        field.setAccessibleText(Words.say(prompt));
        field.getStyleClass().add("shelf-search");
        getChildren().add(field);
      }
    }

    String text(int nth) {
      return ((TextField) getChildren().get(nth)).getText().strip();
    }

    void on(Button button, Runnable act) {
      button.setOnAction(event -> act.run());
      button.getStyleClass().add("log-act");
      for (Node each : getChildren()) {
        if (each instanceof TextField field) {
          field.setOnAction(event -> act.run());
        }
      }
      getChildren().add(button);
    }

    void clear() {
      for (Node each : getChildren()) {
        if (each instanceof TextField field) {
          field.clear();
        }
      }
    }
  }

  AheadView(Workbench bench, Logbook log, Together together) {
    this.bench = bench;
    this.together = together;
    this.log = log;
    all.getStyleClass().add("shelf-all");
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("shelf-scroll");
    months.getStyleClass().add("log-list");
    ready.getStyleClass().add("log-list");
    planned.getStyleClass().add("log-month");
    planned.setWrapText(true);
    day.on(new Button(Words.say("ahead.note-it")), this::noteDay);
    plan.on(planIt, this::planJob);
    all.getChildren().addAll(months, ready, heading("ahead.add-day"), day, planned, plan);
  }

  @Override
  public String word() {
    return "log.view-ahead";
  }

  @Override
  public String question() {
    return "ahead.question";
  }

  @Override
  public Node node() {
    return scroll;
  }

  @Override
  public boolean focus() {
    return false;
  }

  @Override
  public void look() {
    Optional<Derivation> derivation = bench.derivation().get();
    planned.setText(
        derivation
            .map(each -> each.job().order().copies())
            .map(copies -> Words.say("ahead.plan-job", copies, derivation.get().job().title()))
            .orElse(Words.say("ahead.nothing-to-plan")));
    plan.setVisible(derivation.isPresent());
    plan.setManaged(derivation.isPresent());
    log.change(LogStore::ahead, this::show);
  }

  private void show(Ahead.Known known) {
    Ahead ahead = Ahead.of(known, LocalDate.now());
    begins = begins(known.planned());
    months.getChildren().clear();
    if (ahead.months().isEmpty()) {
      months.getChildren().add(line(Words.say("ahead.none")));
    }
    for (Ahead.Month month : ahead.months()) {
      Label label = new Label(AheadWords.month(month).say(bench.format()));
      label.getStyleClass().add("log-month");
      months.getChildren().add(label);
      month.entries().forEach(entry -> months.getChildren().add(entry(entry)));
    }
    if (known.planned().size() > 1) {
      HBox all = new HBox(act("ahead.together", () -> together.begin(known.planned())));
      months.getChildren().add(all);
    }
    List<Ready> there = Ready.of(known.made(), known.given());
    ready.getChildren().clear();
    if (!there.isEmpty()) {
      ready.getChildren().add(heading("ahead.ready"));
      there.forEach(each -> ready.getChildren().add(ready(each)));
    }
  }

  private Node entry(Ahead.Entry entry) {
    VBox words = new VBox(line(AheadWords.entry(entry).say(bench.format())));
    Message had = AheadWords.had(entry);
    if (!had.isEmpty()) {
      words.getChildren().add(quiet(had.say(bench.format())));
    }
    entry
        .planned()
        .map(it -> begins.get(it.id()))
        .ifPresent(it -> words.getChildren().add(quiet(it)));
    HBox row = row(words);
    entry
        .planned()
        .ifPresent(
            it -> {
              row.getChildren().add(act("ahead.make-it", () -> open(it)));
              row.getChildren()
                  .add(act("ahead.out", () -> forget(it.id(), store -> store.put(it))));
            });
    if (entry.planned().isEmpty()) {
      entry
          .yearly()
          .ifPresent(
              it ->
                  row.getChildren()
                      .add(act("ahead.out", () -> forget(it.id(), store -> store.put(it)))));
    }
    return row;
  }

  /** By when each plan is to be begun, by its id. */
  private Map<String, String> begins(List<Planned> plans) {
    List<Integer> minutes = plans.stream().map(this::minutes).toList();
    List<LocalDate> days = Ahead.begins(plans, minutes, A_DAY);
    Map<String, String> told = new HashMap<>();
    for (int i = 0; i < plans.size(); i++) {
      String day = days.get(i).toString();
      boolean isLate = days.get(i).isBefore(LocalDate.now());
      told.put(
          plans.get(i).id(),
          Words.say(isLate ? "ahead.begin-late" : "ahead.begin", day, minutes.get(i)));
    }
    return told;
  }

  /** As it took the maker before, or as the construction says. */
  private int minutes(Planned each) {
    String id = each.job().patternId();
    Integer own = bench.making().maker().minutes().get(id);
    int one =
        own != null
            ? own
            : bench.library().pattern(each.job()).map(it -> it.effort().minutes()).orElse(1);
    return Math.max(1, one) * each.copies();
  }

  private Node ready(Ready each) {
    HBox row = row(line(AheadWords.ready(each).say(bench.format())));
    if (each.cards() > 0) {
      Asked whom = new Asked("ahead.to-whom");
      whom.on(
          new Button(Words.say("ahead.give-one")),
          () -> {
            String id = UUID.randomUUID().toString();
            LocalDate today = LocalDate.now();
            Given given = new Given(id, each.card().id(), today, 1, whom.text(0));
            log.change(store -> store.put(given), put -> given(given));
          });
      row.getChildren().add(whom);
    }
    return row;
  }

  private void given(Given given) {
    look();
    offer(
        given.who().isEmpty() ? Words.say("ahead.gone") : Words.say("ahead.given", given.who()),
        store -> store.forget(given.id()));
  }

  /** What is taken out can be put back as long as that is said. */
  private void forget(String id, Function<LogStore, Parsed<?>> back) {
    log.change(
        store -> store.forget(id),
        gone -> {
          look();
          offer(Words.say("ahead.forgotten"), back);
        });
  }

  private void offer(String told, Function<LogStore, Parsed<?>> back) {
    bench.tell(told);
    Runnable undo =
        () ->
            log.change(
                store -> back.apply(store).then(done -> Parsed.good("")),
                done -> {
                  bench.tell("");
                  look();
                });
    bench.making().suggest(new Making.Suggestion(told, Words.say("ahead.back"), undo));
  }

  private void open(Planned each) {
    if (bench.lay(each.job(), Optional.empty())) {
      bench.station().set(Station.SIZE);
      bench.tell(Words.say("ahead.opened", each.due().toString()));
    }
  }

  private void noteDay() {
    if (day.text(0).isEmpty()) {
      bench.tell(Words.say("ahead.no-name"));
      return;
    }
    try {
      MonthDay on = MonthDay.parse("--" + day.text(2));
      Yearly yearly = new Yearly(UUID.randomUUID().toString(), day.text(0), day.text(1), on);
      log.change(
          store -> store.put(yearly),
          put -> {
            day.clear();
            look();
          });
    } catch (DateTimeException noDay) {
      bench.tell(Words.say("ahead.bad-day", day.text(2), "06-09"));
    }
  }

  private void planJob() {
    bench
        .derivation()
        .get()
        .ifPresent(
            each -> {
              try {
                LocalDate due = LocalDate.parse(plan.text(0));
                String id = UUID.randomUUID().toString();
                Planned now =
                    new Planned(
                        id, due, each.job(), each.pattern().name(), plan.text(1), plan.text(2));
                log.change(
                    store -> store.put(now),
                    put -> {
                      plan.clear();
                      look();
                    });
              } catch (DateTimeException noDay) {
                bench.tell(Words.say("ahead.bad-day", plan.text(0), "2027-06-09"));
              }
            });
  }

  static HBox row(Node words) {
    HBox row = new HBox(words);
    row.getStyleClass().add("log-line");
    HBox.setHgrow(words, Priority.ALWAYS);
    return row;
  }

  static Label line(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMaxWidth(Double.MAX_VALUE);
    label.getStyleClass().add("log-told");
    return label;
  }

  static Label quiet(String text) {
    Label label = line(text);
    label.getStyleClass().add("stand-takes");
    return label;
  }

  static Label heading(String key) {
    Label label = new Label(Words.say(key));
    label.getStyleClass().add("log-month");
    return label;
  }

  static Button act(String key, Runnable act) {
    Button button = new Button(Words.say(key));
    button.getStyleClass().add("log-act");
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setOnAction(event -> act.run());
    return button;
  }
}
