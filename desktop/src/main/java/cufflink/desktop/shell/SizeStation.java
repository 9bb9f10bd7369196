package cufflink.desktop.shell;

import cufflink.core.drawing.FlatDrawing;
import cufflink.core.fit.Finder;
import cufflink.core.fit.Goal;
import cufflink.core.fit.OffMarks;
import cufflink.core.fit.Offer;
import cufflink.core.fit.Question;
import cufflink.core.fit.SheetUse;
import cufflink.core.job.Derivation;
import cufflink.core.job.Edition;
import cufflink.core.job.Job;
import cufflink.core.job.Order;
import cufflink.core.measure.Length;
import cufflink.core.measure.LengthFormat.Fractions;
import cufflink.core.measure.Marks;
import cufflink.core.measure.Parsed;
import cufflink.core.measure.Rulers;
import cufflink.core.paper.Envelope;
import cufflink.core.paper.HeldItem;
import cufflink.core.paper.Sheet;
import cufflink.core.pattern.Pattern;
import cufflink.core.scene.Drawing;
import cufflink.core.scene.Surface;
import cufflink.core.words.Message;
import cufflink.desktop.slip.SlipSection;
import cufflink.desktop.slip.SlipWriter;
import cufflink.desktop.wait.Latest;
import cufflink.desktop.work.Sizing;
import cufflink.desktop.work.Station;
import cufflink.desktop.work.Workbench;
import cufflink.files.size.StandardSizes;
import cufflink.files.words.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.util.Duration;

/** How large? */
final class SizeStation implements PullStation {
  private static final int MOST_OFFERS = 10;

  private final Workbench bench;
  private final WaitingLine waits;
  private final Latest<Others, List<Offer>> others =
      new Latest<>("other sizes", Duration.millis(200), (asked, asking) -> asked.find());

  private final RulerMenu rulers;
  private final Puller puller;

  SizeStation(Workbench bench) {
    this.bench = bench;
    this.rulers = new RulerMenu(bench);
    this.puller = new Puller(bench);
    this.waits =
        new WaitingLine(bench.sizing().search(), Words.say("size.searching"))
            .stoppedBy(bench.sizing().search()::enough);
  }

  @Override
  public Station station() {
    return Station.SIZE;
  }

  @Override
  public List<SlipSection> slip(Derivation derivation) {
    return new SlipWriter(derivation, bench.format()).sizes();
  }

  @Override
  public Node sentence(Derivation derivation) {
    others.ask(Others.of(derivation, AtHand.of(bench)));
    rulers.ask(derivation);
    Job job = derivation.job();
    Sentence sentence = new Sentence();
    List<Message> clauses = new ArrayList<>();
    String goal = sentence.choice(word(job.goal()), Words.say("size.goal-hint"), () -> goals(job));
    clauses.add(Message.of(lead(job.goal()), goal));
    if (job.goal() instanceof Goal.FromSheet from) {
      clauses.add(
          Message.plain(
              sentence.choice(
                  yielding(from), Words.say("size.yield-hint"), () -> yields(from, job.order()))));
    }
    String proportions =
        sentence.choice(
            Words.say(job.keepsProportions() ? "size.keeps" : "size.stretches"),
            Words.say("size.proportions-hint"),
            () -> proportions(derivation));
    clauses.add(Message.plain(proportions));
    String marks =
        sentence.choice(
            rulersWord(job.rulers()), Words.say("size.marks-hint"), () -> rulers.items(derivation));
    clauses.add(Message.of("size.on", marks));
    boolean holds =
        derivation.made().filter(made -> !made.design().pockets().isEmpty()).isPresent();
    if (holds || job.item().isPresent()) {
      String item =
          sentence.choice(
              job.item().map(HeldItem::label).orElse(Words.say("size.holds-nothing")),
              Words.say("size.holds-hint"),
              this::items);
      clauses.add(Message.of("size.holds", item));
    }
    String others =
        sentence.choice(
            Words.say("size.others"), Words.say("size.others-hint"), () -> offers(derivation));
    clauses.add(Message.of("size.or", others));
    newer(sentence).map(Message::plain).ifPresent(clauses::add);
    offMarks(sentence, derivation).map(Message::plain).ifPresent(clauses::add);
    return sentence.show(Message.list("list.comma", clauses));
  }

  private List<MenuItem> proportions(Derivation derivation) {
    Sizing sizing = bench.sizing();
    List<MenuItem> items = new ArrayList<>();
    items.add(Sentence.item(Words.say("size.keeps"), () -> sizing.keepProportions(true)));
    items.add(Sentence.item(Words.say("size.stretches"), () -> sizing.keepProportions(false)));
    if (derivation.pattern().isTurned()) {
      items.add(new SeparatorMenuItem());
      items.add(Sentence.item(Words.say("size.turn"), sizing::turn));
    }
    return items;
  }

  private Optional<String> newer(Sentence sentence) {
    return bench
        .editions()
        .newer()
        .map(
            each ->
                sentence.choice(
                    Words.say("size.edition"),
                    Words.say("size.edition-hint"),
                    () -> edition(each)));
  }

  private Optional<String> offMarks(Sentence sentence, Derivation derivation) {
    Rulers rulers = derivation.job().rulers();
    int off = derivation.made().map(made -> OffMarks.of(made.design(), rulers).size()).orElse(0);
    return off == 0
        ? Optional.empty()
        : Optional.of(
            sentence.choice(
                Words.say("size.off", off),
                Words.say("size.off-hint"),
                () -> List.of(Sentence.item(Words.say("size.snap"), () -> bench.sizing().snap()))));
  }

  /** Offers the newer edition of the construction, and says what would change with it. */
  private List<MenuItem> edition(Edition newer) {
    List<MenuItem> items = new ArrayList<>();
    items.add(Sentence.item(Words.say("size.edition-take"), () -> bench.editions().take(newer)));
    for (cufflink.core.words.Message change : bench.editions().changesWith(newer)) {
      MenuItem item = new MenuItem(change.say(bench.format()));
      item.setDisable(true);
      items.add(item);
    }
    return items;
  }

  /** What other sizes are looked for; they do not depend on the present one. */
  private record Others(Pattern pattern, Question question) {
    static Others of(Derivation derivation, AtHand all) {
      Job job = derivation.job();
      Question question =
          new Question(
              all.endless(),
              all.envelopes(),
              Envelope.usualClearance(job.marks()),
              job.item(),
              Optional.empty(),
              Optional.empty(),
              1,
              job.marks(),
              Question.Priority.BEST_ENVELOPE);
      return new Others(derivation.pattern(), question);
    }

    List<Offer> find() {
      return Finder.offers(question, pattern);
    }
  }

  /** Offers other sizes of the same construction from the usual sheets, for the usual envelopes. */
  List<MenuItem> offers(Derivation derivation) {
    Optional<List<Offer>> found = others.answerTo(Others.of(derivation, AtHand.of(bench)));
    if (found.isEmpty()) {
      MenuItem looking = new MenuItem(Words.say("size.looking"));
      looking.setDisable(true);
      return List.of(looking);
    }
    List<MenuItem> items = new ArrayList<>();
    Set<String> shown = new HashSet<>();
    for (Offer offer : found.get()) {
      String size =
          bench.format().briefSize(offer.design().finishedWidth(), offer.design().finishedHeight());
      if (items.size() < MOST_OFFERS && shown.add(size)) {
        String envelope = offer.envelope().map(Envelope::label).orElse("");
        int cards = SheetUse.yield(offer.design(), offer.sheet());
        String text =
            Words.say("size.offer", size, envelope, Math.max(1, cards), offer.sheet().label());
        items.add(Sentence.item(text, () -> bench.choosing().take(offer)));
      }
    }
    if (items.isEmpty()) {
      items.add(new MenuItem(Words.say("size.no-offer")));
    }
    return items;
  }

  private List<MenuItem> items() {
    List<MenuItem> items = new ArrayList<>();
    items.add(
        Sentence.item(
            Words.say("size.holds-nothing"), () -> bench.making().hold(Optional.empty())));
    for (HeldItem item : StandardSizes.items()) {
      String name =
          Words.say(
              "size.named", item.label(), bench.format().briefSize(item.width(), item.height()));
      items.add(Sentence.item(name, () -> bench.making().hold(Optional.of(item))));
    }
    items.add(
        Sentence.typed(
            Words.say("size.own-item"),
            text ->
                size(text)
                    .map(each -> HeldItem.own(Words.say("item.own"), each.width(), each.height()))
                    .ifPresent(each -> bench.making().hold(Optional.of(each)))));
    return items;
  }

  private static String lead(Goal goal) {
    if (goal instanceof Goal.FromSheet) {
      return "size.lead-sheet";
    }
    return goal instanceof Goal.ForEnvelope ? "size.lead-envelope" : "size.lead-free";
  }

  private static String word(Goal goal) {
    if (goal instanceof Goal.FromSheet from) {
      return from.label();
    }
    return goal instanceof Goal.ForEnvelope wanted
        ? wanted.envelope().label()
        : Words.say("size.as-typed");
  }

  private List<MenuItem> goals(Job job) {
    AtHand all = AtHand.of(bench);
    Menu sheets = new Menu(Words.say("size.from-sheet"));
    sheets.getItems().addAll(all.sheets(each -> scaleTo(new Goal.FromSheet(each))));
    Menu envelopes = new Menu(Words.say("size.for-envelope"));
    Length clearance = Envelope.usualClearance(job.marks());
    envelopes
        .getItems()
        .addAll(all.envelopes(each -> scaleTo(new Goal.ForEnvelope(each, clearance))));
    MenuItem free = Sentence.item(Words.say("size.type-them"), () -> scaleTo(new Goal.Free()));
    return List.of(sheets, envelopes, free);
  }

  private static String yielding(Goal.FromSheet from) {
    return from.isJob()
        ? Words.say("size.yield", from.cards(), from.sheets())
        : Words.say("size.yield-piece");
  }

  /** Offers to take each piece by itself, or all that some cards need of the sheet. */
  private List<MenuItem> yields(Goal.FromSheet from, Order order) {
    List<MenuItem> items = new ArrayList<>();
    Sheet sheet = from.sheet();
    items.add(
        Sentence.item(Words.say("size.yield-piece"), () -> scaleTo(new Goal.FromSheet(sheet))));
    Set<Integer> counts = new LinkedHashSet<>(List.of(1, 2, 4, order.copies()));
    for (int cards : counts) {
      Goal.FromSheet goal = new Goal.FromSheet(sheet, 1, cards, from.more());
      items.add(Sentence.item(yielding(goal), () -> scaleTo(goal)));
    }
    items.add(
        Sentence.typed(
            Words.say("size.yield-own"),
            text ->
                Order.parseCopies(text)
                    .value()
                    .ifPresentOrElse(
                        cards -> scaleTo(new Goal.FromSheet(sheet, 1, cards, from.more())),
                        () -> bench.tell(Words.say(Order.parseCopies(text).problem())))));
    items.add(besides(from));
    return items;
  }

  /** Offers one more sheet of any size, for all pieces together. */
  private Menu besides(Goal.FromSheet from) {
    Menu menu = new Menu(Words.say("size.besides"));
    AtHand all = AtHand.of(bench);
    for (Sheet sheet : all.sheets()) {
      List<Sheet> more = new ArrayList<>(from.more());
      more.add(sheet);
      Goal goal = new Goal.FromSheet(from.sheet(), Math.max(1, from.sheets()), from.cards(), more);
      menu.getItems().add(Sentence.item(all.name(sheet), () -> scaleTo(goal)));
    }
    return menu;
  }

  private void scaleTo(Goal goal) {
    bench.sizing().scaleTo(goal);
  }

  private Optional<StandardSizes.Size> size(String text) {
    Parsed<StandardSizes.Size> size = StandardSizes.parse(text, bench.shownMarks().unit());
    if (size.value().isEmpty()) {
      bench.tell(Words.say(size.problem()));
    }
    return size.value();
  }

  private static String rulersWord(Rulers rulers) {
    return rulers.isOne()
        ? marksWord(rulers.card())
        : Words.say("size.two-marks", marksWord(rulers.card()), marksWord(rulers.layers()));
  }

  static String marksWord(Marks marks) {
    String step = Words.on(marks, Fractions.TYPESET).formatWithUnit(marks.step());
    return Words.say("size.marks", step);
  }

  @Override
  public Optional<WaitingLine> waits() {
    return Optional.of(waits);
  }

  @Override
  public Optional<Drawing> draw(Derivation derivation, Surface surface) {
    Optional<Sheet> sheet =
        Stream.of(derivation.job().goal())
            .filter(Goal.FromSheet.class::isInstance)
            .map(goal -> ((Goal.FromSheet) goal).sheet())
            .findFirst();
    return derivation
        .made()
        .map(
            made ->
                puller.over(
                    FlatDrawing.of(
                        FlatDrawing.asDescribed(made.design().base()),
                        surface,
                        new FlatDrawing.Options(List.of(), sheet, score -> true, true, false)),
                    false));
  }

  @Override
  public Puller puller() {
    return puller;
  }
}
