package cufflink.desktop.shell;

import cufflink.core.ahead.AheadWords;
import cufflink.core.ahead.Planned;
import cufflink.core.ahead.Shopping;
import cufflink.core.cut.Drawer;
import cufflink.core.cut.Watch;
import cufflink.core.job.Derivation;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Sundries;
import cufflink.core.paper.Sundries.Kind;
import cufflink.desktop.work.Workbench;
import cufflink.files.log.LogStore;
import cufflink.files.size.StandardSizes;
import cufflink.files.size.SundryText;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One shopping list over all that is planned, less what lies in the drawer. */
final class BuyView implements LogStation.View {
  private final Workbench bench;
  private final Logbook log;
  private final VBox all = new VBox();
  private final VBox lines = new VBox();
  private final VBox there = new VBox();
  private final ScrollPane scroll = new ScrollPane(all);
  private final TextField material = field("ahead.material-field");
  private final TextField amount = field("ahead.amount-field");
  private final Button copy = AheadView.act("ahead.copy", this::copy);
  private List<String> list = List.of();

  /** What is read of the log at once. */
  private record Read(List<Planned> planned, Sundries sundries, Shopping shopping) {}

  BuyView(Workbench bench, Logbook log) {
    this.bench = bench;
    this.log = log;
    all.getStyleClass().add("shelf-all");
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("shelf-scroll");
    lines.getStyleClass().add("log-list");
    there.getStyleClass().add("log-list");
    amount.setOnAction(event -> note());
    FlowPane asked = new FlowPane(material, amount, AheadView.act("ahead.note-it", this::note));
    asked.getStyleClass().add("log-asked");
    HBox copied = new HBox(copy);
    all.getChildren().addAll(lines, copied, AheadView.heading("ahead.in-drawer"), there, asked);
  }

  private static TextField field(String prompt) {
    TextField field = new TextField();
    field.setPromptText(Words.say(prompt));
    field.setAccessibleText(Words.say(prompt));
    field.getStyleClass().addAll("shelf-search", "log-wide");
    return field;
  }

  @Override
  public String word() {
    return "log.view-buy";
  }

  @Override
  public String question() {
    return "ahead.buy-question";
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
    Drawer drawer = bench.drawer();
    Marks marks = bench.shownMarks();
    lines.getChildren().setAll(AheadView.line(Words.say("ahead.reckons")));
    log.change(
        store -> store.ahead().then(known -> read(store, known.planned(), drawer, marks)),
        read -> show(read, marks));
  }

  private Parsed<Read> read(LogStore store, List<Planned> plans, Drawer drawer, Marks marks) {
    List<Derivation> jobs = new ArrayList<>();
    for (Planned each : plans) {
      bench
          .library()
          .pattern(each.job())
          .ifPresent(pattern -> jobs.add(Derivation.of(pattern, each.job())));
    }
    return store
        .sundries()
        .then(
            sundries -> {
              Shopping.There in =
                  new Shopping.There(
                      drawer, StandardSizes.usualSheet(marks), StandardSizes.sheets(), sundries);
              return Parsed.good(new Read(plans, sundries, Shopping.of(jobs, in, Watch.NOBODY)));
            });
  }

  private void show(Read read, Marks marks) {
    list =
        AheadWords.shopping(read.shopping(), marks.inInches()).stream()
            .map(each -> each.say(bench.format()))
            .toList();
    lines.getChildren().clear();
    if (read.planned().isEmpty()) {
      lines.getChildren().add(AheadView.line(Words.say("ahead.buy-none")));
    } else if (list.isEmpty()) {
      lines.getChildren().add(AheadView.line(Words.say("ahead.all-there")));
    } else {
      String titles =
          read.planned().stream().map(each -> each.job().title()).collect(Collectors.joining(", "));
      lines.getChildren().add(AheadView.quiet(Words.say("ahead.buy-for", titles)));
      list.forEach(each -> lines.getChildren().add(AheadView.line(each)));
    }
    copy.setVisible(!list.isEmpty());
    there.getChildren().clear();
    read.sundries()
        .amounts()
        .forEach(
            (kind, has) -> {
              String told = AheadWords.sundry(kind, has, marks.inInches()).say(bench.format());
              HBox row = AheadView.row(AheadView.line(told));
              row.getChildren().add(AheadView.act("ahead.out", () -> out(kind)));
              there.getChildren().add(row);
            });
  }

  private void copy() {
    ClipboardContent content = new ClipboardContent();
    content.putString(String.join("\n", list) + "\n");
    Clipboard.getSystemClipboard().setContent(content);
    bench.tell(Words.say("ahead.copied"));
  }

  private void note() {
    Parsed<Kind> kind = SundryText.kind(material.getText());
    Parsed<Long> has = kind.then(each -> SundryText.amount(each, amount.getText()));
    if (has.value().isEmpty()) {
      bench.tell(Words.say(has.problem()));
      return;
    }
    log.change(
        store ->
            store
                .sundries()
                .then(now -> store.put(now.with(kind.orElseThrow(), has.orElseThrow()))),
        put -> {
          material.clear();
          amount.clear();
          bench.tell("");
          look();
        });
  }

  private void out(Kind kind) {
    log.change(store -> store.sundries().then(now -> store.put(now.without(kind))), put -> look());
  }
}
