package cufflink.desktop.shell;

import cufflink.core.cut.Stock;
import cufflink.core.cut.Trimmer;
import cufflink.core.finding.Finding;
import cufflink.core.fit.NearMiss;
import cufflink.core.job.Derivation;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.job.PaperPlan;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthParser;
import cufflink.core.measure.Parsed;
import cufflink.core.paper.Paper;
import cufflink.core.paper.PaperKind;
import cufflink.core.paper.PaperRole;
import cufflink.core.paper.Sheet;
import cufflink.core.run.PlanWords;
import cufflink.core.words.Message;
import cufflink.desktop.work.Companions;
import cufflink.desktop.work.Workbench;
import cufflink.files.pattern.Extras;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

/** What is cut, from which paper, for how many cards: in one sentence. */
final class CutSentence {
  private static final List<Integer> COPIES = List.of(1, 6, 12, 20, 40);

  private final Workbench bench;
  private final Job job;
  private final List<PaperRole> roles;
  private final Runnable refresh;

  CutSentence(Workbench bench, Derivation derivation, Runnable refresh) {
    this.bench = bench;
    this.refresh = refresh;
    this.job = derivation.job();
    this.roles = derivation.made().map(made -> made.design().roles()).orElse(List.of());
  }

  Node sentence(Optional<PaperPlan> plan, Optional<NearMiss> near) {
    PaperChoice card = new PaperChoice(bench, PaperRole.CARDSTOCK);
    PaperChoice layers = new PaperChoice(bench, PaperRole.PATTERNED);
    Sentence sentence = new Sentence();
    sentence.show(
        Message.of(
            "cut.sentence",
            sentence.choice(copies(), Words.say("shelf.copies-hint"), this::orders),
            sentence.choice(extras(job.order()), Words.say("cut.extras-hint"), this::extras),
            sentence.choice(card.word(), Words.say("cut.card-hint"), card::items),
            sheetWord(sentence, PaperRole.CARDSTOCK),
            sentence.choice(layers.word(), Words.say("cut.patterned-hint"), layers::items),
            sheetWord(sentence, PaperRole.PATTERNED)));
    VBox all = new VBox(sentence);
    for (PaperRole role : roles) {
      if (!role.isUsual() && role.kind() != PaperKind.RIBBON) {
        all.getChildren().add(other(role));
      }
    }
    Sentence second = new Sentence();
    plan.ifPresent(
        each ->
            second.show(
                Message.of(
                    "cut.plan",
                    PlanWords.title(each.role(), each.isTrial()),
                    PlanWords.sheets(each.plan()),
                    second.choice(
                        Words.say("cut.trimmer"), Words.say("cut.trimmer-hint"), this::trimmers),
                    second.choice(together(), Words.say("cut.together-hint"), this::companions))));
    near.ifPresent(each -> second.getChildren().add(new Text(" ")));
    near.ifPresent(
        each ->
            second
                .getChildren()
                .add(new WordButton(saved(each), Words.say("fit.near-hint"), () -> take(each))));
    all.getChildren().add(second);
    for (PaperPlan each : bench.cutter().plans().get()) {
      each.plan()
          .problems()
          .forEach(problem -> all.getChildren().add(trouble(problem.say(bench.format()))));
    }
    return all;
  }

  /** A paper that this construction has besides card and patterned paper. */
  private Sentence other(PaperRole role) {
    Sentence sentence = new Sentence();
    PaperChoice paper = new PaperChoice(bench, role);
    sentence.show(
        Message.of(
            "cut.other-paper",
            role.label(),
            sentence.choice(paper.word(), Words.say("cut.patterned-hint"), paper::items),
            sheetWord(sentence, role)));
    return sentence;
  }

  private Object sheetWord(Sentence sentence, PaperRole role) {
    return sentence.choice(sheet(role).label(), Words.say("cut.sheet-hint"), () -> sheets(role));
  }

  private String saved(NearMiss near) {
    return Words.say(
        "fit.near-take",
        bench.format().format(near.design().finishedWidth()),
        bench.format().format(near.design().finishedHeight()),
        near.then());
  }

  private List<MenuItem> take(NearMiss near) {
    String told = near.told(sheet(PaperRole.CARDSTOCK)).say(bench.format());
    Finding.Fix fix = new Finding.Fix(Message.plain(saved(near)), near.values());
    return List.of(Sentence.item(told, () -> bench.sizing().cure(fix)));
  }

  /** What cannot be cut is told before all else. */
  private static Label trouble(String sentence) {
    Label label = new Label(sentence);
    label.getStyleClass().add("trouble");
    label.setWrapText(true);
    return label;
  }

  private String copies() {
    String count = Words.say("shelf.count", job.order().copies());
    boolean trial = job.order().trialFirst() && job.order().copies() > 1;
    String all =
        job.order().kits() == 0 ? count : Words.say("cut.of-kits", count, job.order().kits());
    return trial ? Words.say("cut.trial-first", all) : all;
  }

  private List<MenuItem> orders() {
    List<MenuItem> items = new ArrayList<>();
    for (int count : COPIES) {
      items.add(
          Sentence.item(
              Words.say("shelf.count", count),
              () -> bench.making().order(job.order().withCopies(count))));
    }
    items.add(
        Sentence.typed(
            Words.say("shelf.own-copies"),
            text ->
                use(
                    Order.parseCopies(text),
                    count -> bench.making().order(job.order().withCopies(count)))));
    items.add(new SeparatorMenuItem());
    items.add(
        Sentence.typed(
            Words.say("cut.kits"),
            text ->
                use(
                    job.order().parseKits(text),
                    kits -> bench.making().order(job.order().withKits(kits)))));
    boolean trial = job.order().trialFirst();
    items.add(
        Sentence.tick(
            Words.say("cut.trial"),
            trial,
            () -> bench.making().order(job.order().withTrialFirst(!trial))));
    return items;
  }

  private <T> void use(Parsed<T> parsed, java.util.function.Consumer<T> action) {
    parsed.value().ifPresentOrElse(action, () -> bench.tell(Words.say(parsed.problem())));
  }

  private String together() {
    List<String> titles =
        bench.cutter().companions().with(job.title()).stream().map(PaperPlan.Share::title).toList();
    return titles.isEmpty()
        ? Words.say("cut.by-itself")
        : Words.say("cut.together", Message.list("list.comma", titles));
  }

  /** Offers other projects to be cut from the same papers. */
  private List<MenuItem> companions() {
    Companions all = bench.cutter().companions();
    List<MenuItem> items = new ArrayList<>();
    for (Companions.Companion each : all.offered()) {
      items.add(Sentence.tick(each.title(), all.isChosen(each), () -> toggle(all, each)));
    }
    if (items.isEmpty()) {
      MenuItem none = new MenuItem(Words.say("cut.together-none"));
      none.setDisable(true);
      items.add(none);
    }
    return items;
  }

  private void toggle(Companions all, Companions.Companion companion) {
    all.toggle(companion).ifPresentOrElse(problem -> bench.tell(Words.say(problem)), refresh);
  }

  private static String extras(Order order) {
    return Extras.ALL.stream()
        .filter(order.extras()::contains)
        .map(each -> Words.say("extra." + each))
        .reduce((first, next) -> Words.say("cut.both", first, next))
        .orElse(Words.say("cut.nothing"));
  }

  private List<MenuItem> extras() {
    return Extras.ALL.stream()
        .map(
            each ->
                Sentence.tick(
                    Words.say("extra." + each),
                    job.order().extras().contains(each),
                    () -> bench.making().order(toggled(job.order(), each))))
        .toList();
  }

  private static Order toggled(Order order, String extra) {
    Set<String> extras = new HashSet<>(order.extras());
    if (!extras.remove(extra)) {
      extras.add(extra);
    }
    return order.withExtras(extras);
  }

  private Sheet sheet(PaperRole role) {
    return PaperPlan.sheet(job, role, StandardSizes.usualSheet(job.marks()));
  }

  /** Offers sheets to buy, and below them what is in the drawer. */
  private List<MenuItem> sheets(PaperRole role) {
    List<MenuItem> items = AtHand.of(bench).sheets(sheet -> use(role, sheet));
    items.add(new SeparatorMenuItem());
    items.add(drawer(role));
    return items;
  }

  private String named(Sheet sheet) {
    return Words.say(
        "size.named", sheet.label(), bench.format().briefSize(sheet.width(), sheet.height()));
  }

  private void use(PaperRole role, Sheet sheet) {
    bench.making().cut(job.cutting().withSheet(role, sheet));
  }

  /** What is in the drawer of this paper, and ways to put more in or take it out. */
  private Menu drawer(PaperRole role) {
    Menu menu = new Menu(Words.say("drawer.title"));
    Paper paper = job.papers().of(role);
    for (Stock stock : bench.drawer().stock()) {
      if (stock.paper().equals(paper)) {
        String size = bench.format().briefSize(stock.width(), stock.height());
        String key = stock.offCut() ? "drawer.off-cut" : "drawer.sheets";
        Menu one = new Menu(Words.say(key, stock.count(), stock.label(), size));
        one.getItems()
            .addAll(
                Sentence.item(
                    Words.say("drawer.more"),
                    () -> change(each -> each.withCount(stock.id(), stock.count() + 1))),
                Sentence.item(
                    Words.say("drawer.less"),
                    () ->
                        change(each -> each.withCount(stock.id(), Math.max(0, stock.count() - 1)))),
                Sentence.item(
                    Words.say("drawer.out"), () -> change(each -> each.without(stock.id()))));
        menu.getItems().add(one);
      }
    }
    Sheet sheet = sheet(role);
    for (int count : List.of(1, 5, 20)) {
      menu.getItems()
          .add(
              Sentence.item(
                  Words.say("drawer.put", count, named(sheet)), () -> put(sheet, paper, count)));
    }
    menu.getItems()
        .add(
            Sentence.typed(
                Words.say("drawer.put-off-cut"),
                text ->
                    use(
                        StandardSizes.parse(text, bench.shownMarks().unit()),
                        size ->
                            change(
                                each -> each.putOffCut(paper, size.width(), size.height(), 1)))));
    return menu;
  }

  private void put(Sheet sheet, Paper paper, int count) {
    change(
        each ->
            each.put(
                new Stock(
                    each.freshId(),
                    sheet.label(),
                    sheet.width(),
                    sheet.height(),
                    count,
                    false,
                    paper)));
  }

  private void change(java.util.function.UnaryOperator<cufflink.core.cut.Drawer> change) {
    bench.making().changeDrawer(change, "drawer.changed");
  }

  private List<MenuItem> trimmers() {
    Trimmer now = job.cutting().trimmer();
    return List.of(
        typed("cut.longest", each -> new Trimmer(each, now.smallestHeld(), now.roughEdge())),
        typed("cut.held", each -> new Trimmer(now.longestCut(), each, now.roughEdge())),
        typed("cut.rough", each -> new Trimmer(now.longestCut(), now.smallestHeld(), each)));
  }

  private MenuItem typed(String key, Function<Length, Trimmer> with) {
    return Sentence.typed(
        Words.say(key),
        text ->
            use(
                LengthParser.parse(text, bench.shownMarks().unit()),
                length -> {
                  boolean isNone = key.equals("cut.longest") && !length.isPositive();
                  if (isNone) {
                    bench.tell(Words.say("size.zero", text));
                  } else {
                    bench.making().cut(job.cutting().withTrimmer(with.apply(length)));
                  }
                }));
  }
}
